<script setup lang="ts">
import { computed, nextTick, ref, watch } from "vue";
import { useRoute, useRouter } from "vue-router";
import { usePiece } from "../../piece/store";
import { many } from "../../ui/words";
import type { Remark } from "../../api/types";
import PageView from "../../piece/PageView.vue";

const piece = usePiece();
const route = useRoute();
const router = useRouter();
const group = ref<string | null>(null);
const current = ref<string | null>(null);
const accepting = ref<Remark | null>(null);
const reason = ref("");
const reasonField = ref<HTMLInputElement[]>();
const grey = ref(false);
const turned = ref<string | null>(null);
const remarks = computed(() => piece.state?.remarks ?? []);
const groups = computed(() => [...new Set(remarks.value.map((r) => r.group))]);
const shown = computed(() => remarks.value.filter((r) => !group.value || r.group === group.value));
const now = computed(() => remarks.value.find((r) => r.id === current.value) ?? null);
const page = computed(() => piece.state?.pages.find((p) => p.id === (turned.value ?? now.value?.page ?? piece.pageId)) ?? piece.state?.pages[0] ?? null);
const size = computed(() => piece.state!.piece.size);
const marks = computed(() => remarks.value.map((r, i) => ({ r, n: i + 1 })).filter(({ r }) => r.page === page.value?.id && r.place));
/** Several remarks on one place: their numbers stand below one another. */
const stack = (n: number) => marks.value.filter(({ r, n: other }) => other < n && r.object === marks.value.find((m) => m.n === n)?.r.object).length;
const accepted = computed(() => piece.state?.piece.accepted ?? []);
const place = ([x, y, w, h]: number[]) => ({ left: `${(x / size.value.width) * 100}%`, top: `${(y / size.value.height) * 100}%`, width: `${(w / size.value.width) * 100}%`, height: `${(h / size.value.height) * 100}%` });

watch(remarks, (list) => { if (!list.some((r) => r.id === current.value)) current.value = list[0]?.id ?? null; }, { immediate: true });
watch(current, () => { turned.value = null; });
watch(groups, (list) => { if (group.value && !list.includes(group.value)) group.value = null; });

const mend = (r: Remark, which: number) => piece.send("mend", () => ({ remark: r.id, which }));
function openPlace(r: Remark) {
  if (r.page) { piece.select(r.object); void router.push({ name: "arrange", params: route.params }); }
  else void router.push({ name: "gather", params: route.params });
}
function accept(r: Remark) {
  accepting.value = r;
  reason.value = r.accept;
  void nextTick(() => reasonField.value?.[0]?.select());
}
async function keep() {
  const r = accepting.value;
  accepting.value = null;
  if (r) await piece.apply({ op: "remark.accept", check: r.check, object: r.object, state: r.state, reason: reason.value });
}
const number = (r: Remark) => remarks.value.indexOf(r) + 1;
</script>

<template>
  <main class="proof">
    <aside class="list scroll">
      <h2>{{ remarks.length ? many(remarks.length, "remark") : "Nothing to remark" }}</h2>
      <p class="order">{{ many(piece.state!.orderly.length, "check") }} {{ piece.state!.orderly.length === 1 ? "is" : "are" }} in order on {{ many(piece.state!.pages.length, "page") }}.</p>
      <div v-if="groups.length > 1" class="tabs" role="tablist"><button role="tab" :aria-selected="!group" @click="group = null">All {{ remarks.length }}</button><button v-for="g in groups" :key="g" role="tab" :aria-selected="group === g" @click="group = g">{{ g }} {{ remarks.filter((r) => r.group === g).length }}</button></div>
      <ol>
        <li v-for="r in shown" :key="r.id" :class="{ now: r.id === current }" @click="current = r.id" @focusin="current = r.id">
          <span class="n" aria-hidden="true">{{ number(r) }}</span>
          <div>
            <h3><button @click="current = r.id">{{ r.title }}</button></h3>
            <p>{{ r.detail }}</p>
            <div v-if="accepting?.id === r.id" class="why"><input ref="reasonField" v-model="reason" class="field" aria-label="Reason" maxlength="300" @keydown.enter="keep" @keydown.esc="accepting = null" /><button class="act" @click="keep">Accept it</button></div>
            <div v-else class="acts"><button v-for="(m, i) in r.mends" :key="m.label" class="act" @click.stop="mend(r, i)">{{ m.label }}</button><button class="act" :class="{ quiet: r.mends.length }" @click.stop="openPlace(r)">{{ r.page ? "Open the place" : "Open the notes" }}</button><button class="act quiet" @click.stop="accept(r)">{{ r.accept }}</button></div>
          </div>
        </li>
      </ol>
      <h4>In order</h4>
      <p class="small quiet">{{ piece.state!.orderly.join(" · ") || "nothing yet" }}</p>
      <template v-if="accepted.length"><h4>Accepted</h4><div v-for="a in accepted" :key="a.check + a.object + a.state" class="accepted small"><span class="quiet">{{ a.check }}: {{ a.reason }}</span><button class="act" @click="piece.apply({ op: 'remark.accept', check: a.check, object: a.object, state: a.state ?? '', withdraw: true })">Ask again</button></div></template>
    </aside>
    <section class="desk">
      <div class="stage"><div v-if="page" class="sheet" :style="{ aspectRatio: `${size.width} / ${size.height}`, maxWidth: `calc((100vh - 190px) * ${size.width / size.height})` }">
        <PageView :page="page" :class="{ grey }" />
        <button v-for="{ r, n } in marks" :key="r.id" class="place" :class="{ now: r.id === current }" :style="place(r.place!)" :aria-label="`Remark ${n}: ${r.title}`" @click="current = r.id"><span class="n" :style="{ top: `${stack(n) * 26 - 12}px` }">{{ n }}</span></button>
      </div></div>
      <footer>
        <div v-if="piece.state!.pages.length > 1" class="switch" role="group" aria-label="Page"><button v-for="(p, i) in piece.state!.pages" :key="p.id" :aria-pressed="p.id === page?.id" @click="turned = p.id">page {{ i + 1 }}</button></div>
        <span class="small quiet">See it</span><div class="switch" role="group" aria-label="See it"><button :aria-pressed="!grey" @click="grey = false">as it is</button><button :aria-pressed="grey" @click="grey = true">in grey</button></div>
      </footer>
    </section>
  </main>
</template>

<style scoped>
.proof { display: grid; grid-template-columns: 430px minmax(0, 1fr); grid-template-rows: minmax(0, 1fr); min-height: 0; }
.list { background: var(--paper); border-right: 1px solid var(--line); padding: 20px 24px 40px; } h2 { font-size: 25px; } .order { color: var(--leaf-2); margin: 0 0 10px; }
.tabs { display: flex; gap: 14px; border-bottom: 1px solid var(--line); font-size: 13px; } .tabs button { padding: 5px 0 7px; color: var(--quiet); border-bottom: 2px solid transparent; margin-bottom: -1px; } .tabs [aria-selected="true"] { color: var(--ink); font-weight: 600; border-color: var(--peony); }
ol { list-style: none; margin: 0 -12px; padding: 0; } li { display: grid; grid-template-columns: 24px 1fr; gap: 12px; padding: 13px 12px 14px; border-bottom: 1px solid var(--line); cursor: pointer; } li.now { background: var(--straw-2); border-radius: 4px; } h3 { font-size: 17px; } h3 button { font: inherit; } li p { margin: 2px 0 6px; font-size: 13.5px; color: var(--quiet); overflow-wrap: anywhere; } li.now p { color: var(--ink); }
.n { width: 23px; height: 23px; border-radius: 50%; background: #a56a08; color: #fff; font-weight: 700; font-size: 12px; display: grid; place-items: center; }
.acts { display: flex; gap: 8px 18px; flex-wrap: wrap; } .why { display: flex; gap: 12px; align-items: center; white-space: nowrap; } h4 { margin: 22px 0 2px; color: var(--leaf-2); font-size: 13px; } h4 + p { margin: 0; } .accepted { display: flex; justify-content: space-between; padding: 3px 0; }
.desk { display: grid; grid-template-rows: minmax(0, 1fr) auto; min-width: 0; } .stage { padding: 24px 56px 12px 24px; min-height: 0; display: grid; place-items: center; overflow: auto; } .sheet { position: relative; width: 100%; box-shadow: 0 0 0 1px var(--page-edge); } .grey { filter: grayscale(1); }
.place { position: absolute; border: 2px dashed #b97a0f; border-radius: 3px; margin: -5px; padding: 5px; box-sizing: content-box; } .place.now { border-style: solid; border-width: 3px; margin: -6px; z-index: 1; } .place .n { position: absolute; right: -13px; }
footer { display: flex; justify-content: center; align-items: center; gap: 12px; padding: 8px 16px 16px; }
</style>
