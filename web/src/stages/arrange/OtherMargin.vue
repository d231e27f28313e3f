<script setup lang="ts">
// The margin for a text, a shape, or, with nothing selected, the page itself.
import { computed } from "vue";
import { freshId, usePiece } from "../../piece/store";
import type { ConnectorObject, Role, ShapeObject, TextObject } from "../../api/types";
import { ROLE } from "../../ui/words";

const piece = usePiece();
const text = computed(() => (piece.object?.type === "text" ? (piece.object as TextObject) : null));
const shape = computed(() => (piece.object?.type === "shape" ? (piece.object as ShapeObject) : null));
const connector = computed(() => (piece.object?.type === "connector" ? (piece.object as ConnectorObject) : null));
const index = computed(() => piece.state?.pages.findIndex((p) => p.id === piece.page?.id) ?? 0);
const INKS: Role[] = ["ink", "ink-2", "accent-1", "accent-2", "signal", "surface"];
const GROUNDS: Role[] = ["surface", "surface-2", "accent-1", "accent-2", "accent-3", "accent-4", "signal"];
const TEXTS = ["title", "heading", "lead", "body", "label", "source"] as const;
const set = (fields: Record<string, unknown>) => piece.object && void piece.change(piece.object.id, fields);
const words = (event: Event) => (event.target as HTMLInputElement).value;
function number(event: Event) {
  const n = Number(words(event));
  set({ size: n >= 4 && n <= 600 ? n : null });
}
async function addPage() {
  const id = freshId("p");
  await piece.apply({ op: "page.add", page: { id, ground: "surface", objects: [] }, at: index.value + 1 });
  piece.pageId = id;
}
async function removePage() {
  const gone = piece.page!.id;
  const next = piece.state!.pages[index.value ? index.value - 1 : 1]?.id ?? null;
  piece.select(null);
  if (await piece.apply({ op: "page.remove", id: gone })) piece.pageId = next;
}
</script>

<template>
  <div v-if="text">
    <h2>Text</h2>
    <p v-if="text.tie" class="small quiet">A label: it moves with its item. <button class="act" @click="set({ tie: null })">Set it free</button></p>
    <span class="label">Says</span>
    <textarea class="field" rows="4" aria-label="Words" :value="text.text" @change="words($event).trim() && set({ text: words($event) })" />
    <span class="label">Set as</span>
    <div class="switch wrap" role="group" aria-label="Set as"><button v-for="role in TEXTS" :key="role" :aria-pressed="(text.role ?? 'body') === role" @click="set({ role, size: null })">{{ role }}</button></div>
    <label class="label" for="text-size">Size in px</label>
    <input id="text-size" class="field" type="number" min="4" max="600" placeholder="by its role" :value="text.size ?? ''" @change="number" />
    <span class="label">Lines</span>
    <div class="switch" role="group" aria-label="Alignment"><button v-for="(name, a) in { start: 'left', middle: 'centred', end: 'right' }" :key="a" :aria-pressed="(text.align ?? 'start') === a" @click="set({ align: a })">{{ name }}</button></div>
    <span class="label">Colour</span>
    <div class="row"><button v-for="role in INKS" :key="role" class="swatch" :style="{ background: piece.roles[role] }" :aria-label="ROLE[role]" :title="ROLE[role]" :aria-pressed="text.colour === role" @click="set({ colour: role })" /></div>
    <p class="tiny quiet">Moved lighter or darker by itself where it would not read on what lies behind.</p>
    <label class="check"><input type="checkbox" :checked="!!text.plate" @change="set({ plate: text.plate ? null : 'surface' })" /> A plate behind it</label>
  </div>
  <div v-else-if="shape">
    <h2>{{ { rectangle: "Rectangle", ellipse: "Ellipse", line: "Line", path: "Drawing" }[shape.shape] }}</h2>
    <template v-if="shape.shape !== 'line'">
      <span class="label">Area</span>
      <div class="row"><button v-for="role in GROUNDS" :key="role" class="swatch" :style="{ background: piece.roles[role] }" :aria-label="ROLE[role]" :title="ROLE[role]" :aria-pressed="shape.fill === role" @click="set({ fill: role })" /><button class="act quiet" @click="set({ fill: null, stroke: shape.stroke ?? 'line' })">none</button></div>
      <label class="label" for="shape-share">Strength</label>
      <input id="shape-share" type="range" min="0.05" max="1" step="0.05" :value="shape.share ?? 1" @change="set({ share: Number(words($event)) })" />
    </template>
    <span class="label">Line</span>
    <div class="row"><button v-for="role in INKS" :key="role" class="swatch" :style="{ background: piece.roles[role] }" :aria-label="ROLE[role]" :title="ROLE[role]" :aria-pressed="shape.stroke === role" @click="set({ stroke: role })" /><button class="act quiet" :disabled="!shape.fill" @click="set({ stroke: null })">none</button></div>
    <label class="label" for="shape-line">Weight in px</label>
    <input id="shape-line" class="field" type="number" min="0.5" max="80" step="0.5" :value="shape.line ?? 2.5" @change="set({ line: Number(words($event)) || 2.5 })" />
  </div>
  <div v-else-if="connector">
    <h2>Connector</h2>
    <p class="small quiet">It finds its way round words by itself, and goes with what it joins.</p>
    <span class="label">Heads</span>
    <div class="switch" role="group" aria-label="Heads"><button v-for="(name, h) in { to: 'end', from: 'start', both: 'both', none: 'none' }" :key="h" :aria-pressed="(connector.heads ?? 'to') === h" @click="set({ heads: h })">{{ name }}</button></div>
    <span class="label">Colour</span>
    <div class="row"><button v-for="role in INKS" :key="role" class="swatch" :style="{ background: piece.roles[role] }" :aria-label="ROLE[role]" :title="ROLE[role]" :aria-pressed="(connector.stroke ?? 'ink-2') === role" @click="set({ stroke: role })" /></div>
    <label class="check"><input type="checkbox" :checked="!!connector.dashed" @change="set({ dashed: connector.dashed ? null : true })" /> Dashed</label>
    <label class="label" for="connector-line">Weight in px</label>
    <input id="connector-line" class="field" type="number" min="0.5" max="40" step="0.5" :value="connector.line ?? ''" placeholder="by the page" @change="set({ line: Number(words($event)) || null })" />
  </div>
  <div v-else-if="piece.page">
    <h2>Page {{ index + 1 }}</h2>
    <p class="small quiet">Nothing is selected. Choose something on the page, or put something there from the tray.</p>
    <span class="label">Ground</span>
    <div class="row"><button v-for="role in GROUNDS" :key="role" class="swatch" :style="{ background: piece.roles[role] }" :aria-label="ROLE[role]" :title="ROLE[role]" :aria-pressed="piece.page.ground === role" @click="piece.apply({ op: 'page.change', id: piece.page.id, ground: role })" /></div>
    <span class="label">Pages</span>
    <div class="stack">
      <v-btn variant="outlined" @click="addPage">Add a page after this</v-btn>
      <v-btn variant="outlined" :disabled="index === 0" @click="piece.apply({ op: 'page.change', id: piece.page.id, to: index - 1 })">Move it earlier</v-btn>
      <v-btn variant="outlined" :disabled="piece.state!.pages.length === 1" @click="removePage">Remove this page</v-btn>
    </div>
    <span class="label">Keys</span>
    <p class="tiny quiet">Tab from thing to thing · arrows move, with Shift by ten · Enter edits words · Ctrl D doubles · Del removes · Page up and Page down bring forward and back · + and − zoom, 0 fits</p>
  </div>
</template>

<style scoped>
h2 { font-size: 19px; margin-bottom: 2px; } .row { display: flex; gap: 8px; align-items: center; flex-wrap: wrap; } .wrap { flex-wrap: wrap; } .wrap button { flex: 1 0 33%; border-bottom: 1px solid var(--line); }
.check { display: flex; gap: 8px; margin-top: 12px; align-items: center; } input[type="range"] { width: 100%; accent-color: var(--peony); } .stack { display: grid; gap: 8px; } p { margin: 4px 0; }
</style>
