<script setup lang="ts">
import { computed, ref, shallowRef, watch } from "vue";
import { call, get, post } from "../../api/client";
import { tell, tellTrouble } from "../../ui/notices";
import { usePiece } from "../../piece/store";
import { clock, many } from "../../ui/words";
import type { Edition } from "../../api/types";
import PageView from "../../piece/PageView.vue";

const piece = usePiece();
const busy = ref(false);
const scale = ref(2);
const ground = ref(true);
const pageNumber = ref(1);
const width = ref<"wide" | "phone">("wide");
const phone = shallowRef<string[] | null>(null);
watch([width, () => piece.state!.seq], async () => {
  if (width.value !== "phone") return;
  try {
    phone.value = (await get<{ pages: string[] }>(`/api/pieces/${piece.state!.id}/narrow`)).pages;
  } catch (error) {
    tellTrouble(error);
  }
});
const editions = computed(() => piece.state!.editions);
const live = computed(() => editions.value.find((e) => e.takenBackAt === null) ?? null);
const changed = computed(() => (live.value ? piece.state!.seq - live.value.seq : 0));
const size = computed(() => piece.state!.piece.size);
const pages = computed(() => piece.state!.pages);
const address = (e: Edition) => `${window.location.origin}${e.path}`;

async function work(act: () => Promise<{ editions: Edition[] }>, said: string) {
  busy.value = true;
  try {
    await piece.idle();
    const answer = await act();
    if (piece.state) piece.state = { ...piece.state, editions: answer.editions };
    tell(said);
  } catch (error) {
    tellTrouble(error);
  } finally {
    busy.value = false;
  }
}
const make = () => work(() => post(`/api/pieces/${piece.state!.id}/editions`), "The edition is made. Anyone with its address can read it.");
const renew = (e: Edition) => work(() => post(`/api/editions/${e.id}/renew`), `Edition ${e.number} shows the piece as it is now.`);
const takeBack = (e: Edition) => work(() => call("DELETE", `/api/editions/${e.id}`), `Edition ${e.number} was taken back; its address shows nothing any more.`);
async function copy(e: Edition) {
  try {
    await navigator.clipboard.writeText(address(e));
    tell("The address is on the clipboard.");
  } catch {
    tell("The browser did not allow copying. Mark the address and copy it by hand.");
  }
}
const link = (format: string, more = "") => `/api/pieces/${piece.state!.id}/export.${format}?${more}`;
const files = computed(() => [
  { name: "Picture", facts: `PNG · ${Math.round(size.value.width * scale.value)} × ${Math.round(size.value.height * scale.value)}${ground.value ? "" : " · no ground"}`, href: link("png", `page=${pageNumber.value}&scale=${scale.value}&ground=${ground.value ? "on" : "off"}`) },
  { name: "Vector", facts: "SVG · text as text, letters embedded", href: link("svg", `page=${pageNumber.value}&ground=${ground.value ? "on" : "off"}`) },
  { name: "Print", facts: `PDF · ${many(pages.value.length, "page")} · text as text`, href: link("pdf") },
  { name: "Web page", facts: "HTML · one file with its letters", href: link("html") },
  { name: "Piece", facts: "Peony's own open format, JSON", href: link("peony") },
]);
const missing = computed(() => piece.state!.remarks.length);
</script>

<template>
  <main class="publish">
    <section class="seen">
      <div class="switch narrow" role="group" aria-label="Seen on"><button :aria-pressed="width === 'wide'" @click="width = 'wide'">wide</button><button :aria-pressed="width === 'phone'" @click="width = 'phone'">phone</button></div>
      <div class="stage scroll" tabindex="0" role="region" aria-label="As readers see it"><div class="column" :class="width"><template v-if="width === 'phone'"><div v-for="(svg, i) in phone ?? []" :key="i" class="one small-page" v-html="svg" /></template><template v-else><div v-for="p in pages" :key="p.id" class="one" :style="{ aspectRatio: `${size.width} / ${size.height}` }"><PageView :page="p" /></div></template></div></div>
    </section>
    <section class="work scroll">
      <template v-if="live">
        <h2>Edition {{ live.number }}</h2>
        <p class="quiet">What readers see was fixed at {{ clock(live.madeAt) }}. {{ changed > 0 ? `There are ${many(changed, "change")} since.` : "It is up to date." }}</p>
        <div class="address"><a :href="live.path" target="_blank" rel="noopener">{{ address(live) }}</a><button class="act" @click="copy(live)">Copy</button></div>
        <p class="small quiet">Anyone with the address can read it, without signing in. Nobody can guess it.</p>
        <div class="acts"><v-btn color="primary" :disabled="busy || changed === 0" @click="renew(live)">Bring edition {{ live.number }} up to date</v-btn><v-btn variant="outlined" :disabled="busy" @click="takeBack(live)">Take it back</v-btn><v-btn variant="outlined" :disabled="busy" @click="make">Make another edition</v-btn></div>
      </template>
      <template v-else>
        <h2>No edition yet</h2>
        <p class="quiet">An edition is the piece fixed as it is now, at an address of its own that opens without signing in. You go on working; readers see the edition.</p>
        <p v-if="missing" class="warn">{{ many(missing, "remark") }} {{ missing === 1 ? "stands" : "stand" }} in Proof. You can publish all the same.</p>
        <v-btn color="primary" :disabled="busy" @click="make">Make an edition</v-btn>
      </template>
      <ul v-if="editions.length > (live ? 1 : 0)" class="older"><li v-for="e in editions.filter((x) => x !== live)" :key="e.id"><span>Edition {{ e.number }}</span><a v-if="e.takenBackAt === null" :href="e.path" target="_blank" rel="noopener">{{ e.path }}</a><span v-else class="quiet">taken back at {{ clock(e.takenBackAt) }}</span><button v-if="e.takenBackAt === null" class="act" @click="takeBack(e)">Take it back</button></li></ul>
      <hr />
      <h2>Present</h2>
      <p class="quiet">Page by page over the whole window, as the piece is now; clocks and countdowns run.</p>
      <v-btn variant="outlined" :href="`/present/${piece.state!.id}`" target="_blank">Present {{ pages.length === 1 ? "the page" : many(pages.length, "page") }}</v-btn>
      <hr />
      <h2>Files</h2>
      <div class="options">
        <div class="switch" role="group" aria-label="Enlarged"><button v-for="n in [1, 2, 3]" :key="n" :aria-pressed="scale === n" @click="scale = n">{{ n }} ×</button></div>
        <div class="switch" role="group" aria-label="Ground"><button :aria-pressed="ground" @click="ground = true">with ground</button><button :aria-pressed="!ground" @click="ground = false">without</button></div>
        <label v-if="pages.length > 1" class="small">Page <select v-model.number="pageNumber" class="field"><option v-for="n in pages.length" :key="n" :value="n">{{ n }}</option></select></label>
      </div>
      <a v-for="f in files" :key="f.name" class="file" :href="f.href" download><strong>{{ f.name }}</strong><span class="quiet">{{ f.facts }}</span><span class="act">Get</span></a>
    </section>
  </main>
</template>

<style scoped>
.publish { display: grid; grid-template-columns: minmax(0, 1fr) minmax(0, 1fr); grid-template-rows: minmax(0, 1fr); min-height: 0; }
.seen { display: grid; grid-template-rows: auto minmax(0, 1fr); min-height: 0; justify-items: center; padding-top: 18px; gap: 14px; } .narrow { width: 160px; } .stage { width: 100%; padding: 0 40px 30px; } .column { margin: 0 auto; max-width: 470px; display: grid; gap: 16px; } .column.phone { max-width: 330px; } .small-page :deep(svg) { display: block; width: 100%; height: auto; } .one { box-shadow: 0 0 0 1px var(--page-edge); }
.work { background: var(--paper); border-left: 1px solid var(--line); padding: 24px 32px 40px; } h2 { font-size: 23px; } p { margin: 2px 0 12px; }
.address { display: flex; justify-content: space-between; gap: 16px; background: var(--panel); border: 1px solid var(--line); border-radius: 5px; padding: 9px 13px; margin-bottom: 6px; } .address a { color: var(--ink); text-decoration: none; overflow: hidden; text-overflow: ellipsis; white-space: nowrap; } .acts { display: flex; gap: 9px; flex-wrap: wrap; }
.warn { background: var(--straw-2); border-radius: 5px; padding: 8px 12px; } .older { list-style: none; padding: 0; margin: 14px 0 0; font-size: 13px; } .older li { display: flex; gap: 14px; padding: 4px 0; } .older a { overflow: hidden; text-overflow: ellipsis; white-space: nowrap; }
hr { border: 0; border-top: 1px solid var(--line); margin: 24px 0; } .options { display: flex; gap: 12px; align-items: center; margin: 10px 0 6px; flex-wrap: wrap; } select.field { width: 64px; display: inline-block; }
.file { display: grid; grid-template-columns: 100px 1fr auto; padding: 10px 0; border-bottom: 1px solid var(--line); text-decoration: none; color: var(--ink); } .file:hover .act { text-decoration: underline; }
</style>
