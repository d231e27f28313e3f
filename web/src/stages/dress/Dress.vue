<script setup lang="ts">
import { computed, ref, shallowRef } from "vue";
import { post } from "../../api/client";
import { tellTrouble } from "../../ui/notices";
import { usePiece } from "../../piece/store";
import { ROLE } from "../../ui/words";
import type { PageSkeleton, PieceStyle, Role, StyleFacts } from "../../api/types";
import PageView from "../../piece/PageView.vue";

const piece = usePiece();
const look = shallowRef<{ svg: Record<string, string>; pages: PageSkeleton[] } | null>(null);
const shown = ref<string | null>(null);
let asked = 0;
const style = computed(() => piece.state!.piece.style);
const finish = computed(() => style.value.finish ?? piece.style?.finish);
const pages = computed(() => look.value?.pages ?? piece.state?.pages ?? []);
const BAND: Role[] = ["accent-4", "accent-1", "signal", "accent-3", "surface"];
const NOTED: Role[] = ["surface", "surface-2", "ink", "ink-2", "line", "accent-1", "accent-2", "accent-3", "accent-4", "signal"];

async function point(next: PieceStyle | null, name: string | null = null) {
  asked += 1;
  const turn = asked;
  shown.value = name;
  if (!next) { look.value = null; return; }
  try {
    const answer = await post<{ svg: Record<string, string>; pages: PageSkeleton[] }>(`/api/pieces/${piece.state!.id}/look`, { operation: { op: "style.change", style: next } });
    if (turn === asked) look.value = answer;
  } catch (error) {
    tellTrouble(error);
  }
}
async function take(next: PieceStyle) {
  asked += 1;
  await piece.apply({ op: "style.change", style: next });
  // What the pointer asked for meanwhile is not shown over what was chosen.
  asked += 1;
  look.value = null;
  shown.value = null;
}
const plain = (s: StyleFacts): PieceStyle => ({ name: s.style });
function recolour(role: Role, value: string) {
  if (/^#[0-9a-f]{6}$/i.test(value)) void take({ ...style.value, roles: { ...(style.value.roles ?? {}), [role]: value.toLowerCase() } });
}
function restore(role: Role) {
  const roles = { ...(style.value.roles ?? {}) };
  delete roles[role];
  void take({ ...style.value, roles });
}
/** WCAG contrast, only to be read; what is drawn is made legible by the core. */
function contrast(hex: string) {
  const lum = (h: string) => [1, 3, 5].map((i) => parseInt(h.slice(i, i + 2), 16) / 255).map((v) => (v <= 0.04045 ? v / 12.92 : ((v + 0.055) / 1.055) ** 2.4)).reduce((sum, v, i) => sum + v * [0.2126, 0.7152, 0.0722][i], 0);
  const [a, b] = [lum(hex), lum(piece.roles.surface)].sort((x, y) => y - x);
  return ((a + 0.05) / (b + 0.05)).toFixed(1);
}
const hard = computed(() => piece.state?.remarks.filter((r) => r.check === "contrast").length ?? 0);
</script>

<template>
  <main class="dress">
    <aside class="styles scroll">
      <h2>House style</h2>
      <p class="small quiet">Shown on the pages while you point; kept when you choose.</p>
      <div class="cards" @mouseleave="point(null)">
        <button v-for="s in piece.catalogue?.styles" :key="s.style" class="card" :class="{ now: s.style === style.name }" :aria-pressed="s.style === style.name" @mouseenter="s.style !== style.name && point(plain(s), s.style)" @focus="s.style !== style.name && point(plain(s), s.style)" @blur="point(null)" @click="take(plain(s))">
          <span class="band"><i v-for="role in BAND" :key="role" :style="{ background: s.roles[role] }" /></span>
          <strong :style="{ fontFamily: `'${s.type.title.family}'`, fontWeight: s.type.title.weight }">{{ s.style }}</strong><span class="tiny quiet">{{ s.note }}</span>
        </button>
      </div>
      <span class="label">Finish</span>
      <div class="switch" role="group" aria-label="Finish" @mouseleave="point(null)"><button v-for="f in piece.catalogue?.finishes" :key="f.finish" :aria-pressed="finish === f.finish" :title="f.sees" @mouseenter="point({ ...style, finish: f.finish }, f.finish)" @click="take({ ...style, finish: f.finish })">{{ f.finish }}</button></div>
      <label class="label" for="icon-set">Icons</label>
      <select id="icon-set" class="field" :value="style.icons ?? piece.style?.icons" @change="take({ ...style, icons: ($event.target as HTMLSelectElement).value })"><option v-for="s in piece.catalogue?.icons" :key="s.set" :value="s.set">{{ s.sees }}</option></select>
      <label class="label" for="icon-tone">Second tone of icons</label>
      <input id="icon-tone" type="range" min="0" max="0.6" step="0.05" :value="style.tone ?? 0" @change="take({ ...style, tone: Number(($event.target as HTMLInputElement).value) })" />
      <div class="head"><span class="label">Colours by what they do</span><span class="tiny quiet">on surface</span></div>
      <div v-for="role in NOTED" :key="role" class="role">
        <input type="color" :aria-label="ROLE[role]" :value="piece.roles[role]" @change="recolour(role, ($event.target as HTMLInputElement).value)" />
        <span>{{ ROLE[role] }}</span>
        <input class="hex" :aria-label="`${ROLE[role]} as a number`" :value="piece.roles[role]" maxlength="7" @change="recolour(role, ($event.target as HTMLInputElement).value)" />
        <button v-if="style.roles?.[role]" class="act" :title="`Back to ${style.name}`" @click="restore(role)">back</button><span v-else class="tiny quiet">{{ role === "surface" ? "" : contrast(piece.roles[role]) }}</span>
      </div>
      <span class="label">Letters</span>
      <div class="type"><strong :style="{ fontFamily: `'${piece.style?.type.title.family}'`, fontWeight: piece.style?.type.title.weight }">{{ piece.style?.type.title.family }}</strong><span class="tiny quiet">titles, numbers</span></div>
      <div class="type"><span class="body" :style="{ fontFamily: `'${piece.style?.type.body.family}'` }">{{ piece.style?.type.body.family }}</span><span class="tiny quiet">everything else</span></div>
    </aside>
    <section class="pages scroll">
      <div class="sheet"><div v-for="p in pages" :key="p.id" class="one" :style="{ aspectRatio: `${piece.state!.piece.size.width} / ${piece.state!.piece.size.height}`, maxWidth: `calc((100vh - 170px) * ${piece.state!.piece.size.width / piece.state!.piece.size.height})` }" :class="{ wide: piece.state!.piece.size.width > piece.state!.piece.size.height }"><PageView :page="p" :svg="look?.svg" :fill="p.fill" /></div></div>
      <p class="say" role="status"><template v-if="shown">{{ shown }}, as it would look.</template><template v-else-if="hard">{{ hard }} {{ hard === 1 ? "text is" : "texts are" }} hard to see; Proof says which.</template><template v-else><strong>Every text keeps its contrast.</strong> Where a colour would not carry words, they are set in another ink.</template></p>
    </section>
  </main>
</template>

<style scoped>
.dress { display: grid; grid-template-columns: 400px minmax(0, 1fr); grid-template-rows: minmax(0, 1fr); min-height: 0; }
.styles { background: var(--paper); border-right: 1px solid var(--line); padding: 20px 24px 32px; } h2 { font-size: 24px; } .styles p { margin: 0 0 12px; }
.cards { display: grid; grid-template-columns: repeat(3, 1fr); gap: 10px; } .card { border: 1px solid var(--line); border-radius: 5px; padding: 8px; display: grid; align-content: start; gap: 2px; } .card:hover { border-color: var(--quiet); } .card.now { border-color: var(--peony); box-shadow: inset 0 0 0 1px var(--peony); }
.card strong { font-size: 17px; } .card .tiny { line-height: 1.25; } .band { display: flex; border: 1px solid var(--line); height: 26px; } .band i { flex: 1; }
.head { display: flex; justify-content: space-between; align-items: baseline; }
.role { display: grid; grid-template-columns: 30px 1fr 90px 44px; gap: 10px; align-items: center; border-bottom: 1px solid var(--line); height: 33px; } .role > :last-child { text-align: right; }
input[type="color"] { width: 28px; height: 22px; padding: 0; border: 1px solid var(--line); border-radius: 4px; background: none; cursor: pointer; } input[type="color"]::-webkit-color-swatch-wrapper { padding: 0; } input[type="color"]::-webkit-color-swatch { border: 0; border-radius: 3px; }
.hex { border: 0; background: transparent; color: var(--quiet); width: 80px; }
.type { display: flex; justify-content: space-between; align-items: baseline; border-bottom: 1px solid var(--line); padding: 5px 0; } .type strong { font-size: 21px; } .body { font-size: 17px; }
.pages { padding: 30px 34px; } .sheet { display: flex; flex-wrap: wrap; gap: 24px; align-items: flex-start; } .one { width: min(100%, 370px); box-shadow: 0 0 0 1px var(--page-edge); } .one.wide { width: min(100%, 520px); } .one:only-child { width: min(100%, 470px); } .one.wide:only-child { width: min(100%, 740px); }
.say { margin: 20px 0 0; color: var(--leaf-2); }
input[type="range"] { width: 100%; accent-color: var(--peony); }
</style>
