<script setup lang="ts">
import { computed, nextTick, onBeforeUnmount, onMounted, ref, shallowRef, watch } from "vue";
import { useRoute, useRouter } from "vue-router";
import { get } from "../../api/client";
import { freshId, usePiece } from "../../piece/store";
import type { ChartObject, ClockObject, FigureObject, PageObject, PassageFound, Ref } from "../../api/types";
import { pieces } from "../draw/marks";
import { numbering } from "../draw/numbering";
import Canvas from "./Canvas.vue";
import ChartMargin from "./ChartMargin.vue";
import ClockMargin from "./ClockMargin.vue";
import FigureMargin from "./FigureMargin.vue";
import FormSheet from "./FormSheet.vue";
import PartMargin from "./PartMargin.vue";
import OtherMargin from "./OtherMargin.vue";

const piece = usePiece();
const route = useRoute();
const router = useRouter();
const desk = ref<HTMLElement>();
const canvas = ref<InstanceType<typeof Canvas>>();
const fit = ref(1);
const own = ref<number | null>(null);
const folded = ref(localStorage.getItem("peony.folded") === "1");
const forms = ref(false);
const looks = shallowRef<Record<string, string>>();
const passages = shallowRef<PassageFound[]>([]);
const zoom = computed(() => own.value ?? fit.value);
const pages = computed(() => piece.state?.pages ?? []);
const index = computed(() => Math.max(0, pages.value.findIndex((p) => p.id === piece.page?.id)));
/** Tables that no chart on a page shows yet. */
const undrawn = computed(() => (piece.state?.piece.tables ?? []).filter((t) => !Object.values(piece.state!.objects).some((o) => o.type === "chart" && o.table === t.id)));
const toPlace = computed(() => passages.value.filter((p) => p.families.length && !p.drawn.length));
const lit = computed<{ refs: Ref[] }[]>(() => {
  const o = piece.object;
  return o?.type === "figure" ? o.items.map((i) => ({ refs: i.refs ?? [] })) : [];
});
const signs = computed(() => numbering(piece.state?.piece.notes ?? []));
const strong = computed(() => (piece.object?.type === "figure" ? piece.object.items.findIndex((i) => i.id === piece.item) : -1));

function measure() {
  const size = piece.state?.piece.size;
  if (!desk.value || !size) return;
  fit.value = Math.min((desk.value.clientWidth - 48) / size.width, (desk.value.clientHeight - 48) / size.height);
}
const setZoom = (next: number | null) => { own.value = next === null ? null : Math.min(4, Math.max(0.1, Math.round(next * 100) / 100)); };
const fold = () => { folded.value = !folded.value; localStorage.setItem("peony.folded", folded.value ? "1" : "0"); void nextTick(measure); };

async function load() {
  if (piece.state) passages.value = (await get<{ passages: PassageFound[] }>(`/api/pieces/${piece.state.id}/passages`)).passages;
}
let watcher: ResizeObserver | null = null;
onMounted(() => {
  watcher = new ResizeObserver(measure);
  if (desk.value) watcher.observe(desk.value);
  window.addEventListener("keydown", keys);
  void load();
});
onBeforeUnmount(() => { watcher?.disconnect(); window.removeEventListener("keydown", keys); });
watch(() => piece.state?.piece.size, measure);
watch(() => [piece.state?.piece.notes, Object.keys(piece.state?.objects ?? {}).length], () => void load());
watch(() => piece.selected, (id) => {
  forms.value = false;
  looks.value = undefined;
  const page = pages.value.find((p) => id && p.objects.includes(id));
  if (page) piece.pageId = page.id;
});

/** A free place near the middle of what is seen; the page's width gives the measure. */
function middle(w: number, h: number): number[] {
  const { width, height } = piece.state!.piece.size;
  return [(width - w) / 2, (height - h) / 2, w, h].map((v) => Math.round(v));
}
async function put(object: Record<string, unknown>) {
  const id = freshId("o");
  if (await piece.apply({ op: "object.add", page: piece.page!.id, object: { id, ...object } as unknown as PageObject })) piece.select(id);
}
const elements = computed(() => {
  const w = piece.state!.piece.size.width;
  return [
    { name: "Text", run: () => put({ type: "text", text: "Write here", role: "body", box: middle(w * 0.5, 40) }) },
    { name: "Title", run: () => put({ type: "text", text: "A title", role: "title", box: middle(w * 0.8, 80) }) },
    { name: "Rectangle", run: () => put({ type: "shape", shape: "rectangle", fill: "accent-3", box: middle(w * 0.4, w * 0.2) }) },
    { name: "Ellipse", run: () => put({ type: "shape", shape: "ellipse", fill: "accent-3", box: middle(w * 0.25, w * 0.25) }) },
    { name: "Line", run: () => put({ type: "shape", shape: "line", stroke: "ink", line: 2.5, box: middle(w * 0.5, 0) }) },
    { name: "Clock", run: () => put({ type: "clock", shows: "now", face: "round", box: middle(w * 0.28, w * 0.28) }) },
    { name: "Countdown", run: () => put({ type: "clock", shows: "countdown", seconds: 300, face: "digits", box: middle(w * 0.4, w * 0.16) }) },
    { name: "Band", run: () => put({ type: "shape", shape: "rectangle", fill: "accent-4", box: [0, 0, w, Math.round(piece.state!.piece.size.height * 0.2)] }) },
  ];
});

async function duplicate() {
  const o = piece.object;
  if (!o) return;
  const id = freshId("o");
  const [x, y, w, h] = o.box;
  if (await piece.apply({ op: "object.add", page: piece.page!.id, object: { ...JSON.parse(JSON.stringify(o)), id, box: [x + 24, y + 24, w, h] } })) piece.select(id);
}
const remove = () => (piece.part && piece.object ? void piece.changePart(piece.object.id, piece.part, { hide: true }).then(() => piece.select(piece.selected, piece.item)) : piece.object && void piece.apply({ op: "object.remove", id: piece.object.id }));
function order(step: number) {
  if (!piece.object || !piece.page) return;
  const to = piece.page.objects.indexOf(piece.object.id) + step;
  if (to >= 0 && to < piece.page.objects.length) void piece.apply({ op: "object.order", id: piece.object.id, to });
}
function turn(step: number) {
  const to = pages.value[index.value + step];
  if (to) { piece.select(null); piece.pageId = to.id; }
}

function keys(event: KeyboardEvent) {
  if (event.defaultPrevented || (event.target as HTMLElement).closest("input, textarea, select, [contenteditable=true]")) return;
  const command = event.ctrlKey || event.metaKey;
  const acts: Record<string, () => void> = { Escape: () => piece.select(null), Delete: remove, Backspace: remove, PageUp: () => (piece.object ? order(1) : turn(-1)), PageDown: () => (piece.object ? order(-1) : turn(1)), "+": () => setZoom(zoom.value * 1.2), "=": () => setZoom(zoom.value * 1.2), "-": () => setZoom(zoom.value / 1.2), "0": () => setZoom(null) };
  if (command && event.key.toLowerCase() === "d") void duplicate();
  else if (!command && acts[event.key]) acts[event.key]();
  else return;
  event.preventDefault();
}
function wheel(event: WheelEvent) {
  if (!event.ctrlKey && !event.metaKey) return;
  event.preventDefault();
  setZoom(zoom.value * (event.deltaY < 0 ? 1.1 : 1 / 1.1));
}
/** Words light up their item: a click on a marked word chooses it on the page. */
function fromWords(entry: number | null) {
  const o = piece.object;
  if (entry !== null && o?.type === "figure") piece.select(o.id, o.items[entry]?.id ?? null);
}
function figureOf(block: string) {
  const found = Object.values(piece.state?.objects ?? {}).find((o) => o.type === "figure" && o.passage?.blocks.includes(block));
  if (found) piece.select(found.id);
}
</script>

<template>
  <main class="arrange" :class="{ folded }">
    <aside class="notes scroll">
      <header><h2 v-if="!folded">Notes</h2><button class="act quiet" :aria-expanded="!folded" @click="fold">{{ folded ? "Notes" : "fold" }}</button></header>
      <template v-if="!folded">
        <p v-if="!piece.state?.piece.notes.length" class="small quiet">No words yet. <router-link :to="{ name: 'gather', params: route.params }">Gather</router-link> some.</p>
        <component :is="block.type === 'heading' ? 'h3' : 'p'" v-for="block in piece.state?.piece.notes" :key="block.id" :data-sign="signs.get(block.id)" :class="[block.type, { thread: lit.some((l) => l.refs.some((r) => r.block === block.id)) }]" @dblclick="figureOf(block.id)"><template v-for="(part, i) in pieces(block, lit)" :key="i"><span v-if="part.item !== null" class="lit" role="button" tabindex="0" :class="{ strong: part.item === strong }" @click="fromWords(part.item)" @keydown.enter="fromWords(part.item)">{{ part.text }}</span><template v-else>{{ part.text }}</template></template></component>
      </template>
    </aside>
    <section class="middle">
      <div ref="desk" class="desk scroll" @wheel="wheel"><Canvas v-if="piece.page" ref="canvas" :page="piece.page" :zoom="zoom" :svg="looks" @leave="desk?.focus()" /></div>
      <div class="status">
        <button class="act quiet" :disabled="index === 0" aria-label="Page before" @click="turn(-1)">‹</button><span>Page {{ index + 1 }} of {{ pages.length }}</span><button class="act quiet" :disabled="index === pages.length - 1" aria-label="Next page" @click="turn(1)">›</button>
        <span class="sep" /><button aria-label="Zoom out" @click="setZoom(zoom / 1.2)">−</button><span>{{ Math.round(zoom * 100) }} %</span><button aria-label="Zoom in" @click="setZoom(zoom * 1.2)">+</button><button class="act" :disabled="own === null" @click="setZoom(null)">Fit</button>
        <template v-if="piece.linking"><span class="sep" /><strong>Choose what it leads to. Escape ends.</strong></template>
        <template v-else-if="piece.object"><span class="sep" /><button class="act" @click="duplicate">Double</button><button class="act" @click="order(1)">Forward</button><button class="act" @click="order(-1)">Back</button><button class="act" @click="remove">Remove</button></template>
      </div>
    </section>
    <aside class="margin scroll" aria-label="What is selected">
      <PartMargin v-if="piece.part && (piece.object?.type === 'figure' || piece.object?.type === 'chart')" :key="piece.part" :object="piece.object" :part="piece.part" />
      <FormSheet v-else-if="forms && piece.object?.type === 'figure'" :key="piece.object.id" :figure="piece.object.id" :now="piece.object.form" @look="looks = $event" @close="forms = false; canvas?.focus()" />
      <FigureMargin v-else-if="piece.object?.type === 'figure'" :key="piece.object.id" :figure="piece.object as FigureObject" @forms="forms = true" />
      <ChartMargin v-else-if="piece.object?.type === 'chart'" :key="piece.object.id" :chart="piece.object as ChartObject" />
      <ClockMargin v-else-if="piece.object?.type === 'clock'" :key="piece.object.id" :clock="piece.object as ClockObject" />
      <OtherMargin v-else />
    </aside>
    <footer class="tray">
      <h2>To place</h2>
      <div class="waiting">
        <button v-for="p in toPlace" :key="p.id" class="passage" @click="router.push({ name: 'draw', params: route.params, query: { passage: p.id } })"><strong>{{ p.heading ?? "Passage" }}</strong><span class="tiny quiet">{{ p.families[0].reason }}</span></button>
        <button v-for="t in undrawn" :key="t.id" class="passage" @click="router.push({ name: 'draw', params: route.params, query: { table: t.id } })"><strong>{{ t.name }}</strong><span class="tiny quiet">a table</span></button>
        <span v-if="!toPlace.length && !undrawn.length" class="small quiet">{{ passages.length ? "Everything that was read is on a page." : "Nothing was read yet." }}</span>
      </div>
      <div class="elements"><button v-for="e in elements" :key="e.name" @click="e.run">{{ e.name }}</button></div>
    </footer>
  </main>
</template>

<style scoped>
.arrange { display: grid; grid-template: minmax(0, 1fr) 78px / 232px minmax(0, 1fr) 276px; min-height: 0; } .arrange.folded { grid-template-columns: 58px minmax(0, 1fr) 276px; }
.notes { background: var(--paper); border-right: 1px solid var(--line); padding: 16px; font-size: 14px; } .folded .notes { padding: 16px 8px; } .notes header { display: flex; justify-content: space-between; align-items: baseline; margin-bottom: 8px; } .notes h2 { font-size: 17px; } .notes h3 { font-size: 15px; margin: 14px 0 3px; }
.notes p { margin: 0 0 8px; } .notes .item { padding-left: 14px; text-indent: -10px; } .notes .item::before { content: attr(data-sign) " "; color: var(--quiet); } .thread { border-left: 3px solid var(--peony); margin-left: -16px !important; padding-left: 13px; }
.lit { cursor: pointer; text-decoration: underline; text-decoration-color: var(--thread); text-decoration-thickness: 3px; text-underline-offset: 3px; text-align: left; } .lit.strong { background: var(--blush); }
.middle { position: relative; min-width: 0; min-height: 0; display: grid; grid-template-rows: minmax(0, 1fr) 32px; } .desk { min-height: 0; outline: none; }
.status { display: flex; align-items: center; gap: 10px; padding: 0 16px; font-size: 13px; color: var(--quiet); border-top: 1px solid var(--line); white-space: nowrap; overflow: hidden; } .status button { min-width: 18px; text-align: center; } .sep { width: 1px; height: 16px; background: var(--line); }
.margin { background: var(--panel); border-left: 1px solid var(--line); padding: 16px; }
.tray { grid-column: 1 / -1; background: var(--panel); border-top: 1px solid var(--line); display: grid; grid-template-columns: auto minmax(0, 1fr) auto; gap: 18px; align-items: center; padding: 0 18px; } .tray h2 { font-size: 16px; }
.waiting { display: flex; gap: 10px; overflow-x: auto; align-items: center; padding: 3px; } .passage { background: var(--paper); border: 1px solid var(--line); border-radius: 5px; padding: 7px 12px; min-width: 120px; max-width: 190px; flex: none; } .passage:hover { border-color: var(--peony); } .passage strong { display: block; white-space: nowrap; overflow: hidden; text-overflow: ellipsis; font-size: 13px; } .passage span { display: block; white-space: nowrap; overflow: hidden; text-overflow: ellipsis; }
.elements { display: grid; grid-template-columns: repeat(4, 88px); gap: 5px 7px; border-left: 1px solid var(--line); padding-left: 18px; } .elements button { background: var(--paper); border: 1px solid var(--line); border-radius: 4px; height: 28px; padding: 0 9px; font-size: 13px; } .elements button:hover { border-color: var(--peony); }
</style>
