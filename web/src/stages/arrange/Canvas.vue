<script setup lang="ts">
// The page under the hand: select, move, resize, edit words in place. A drag is drawn here; letting go makes one change.
import { computed, nextTick, onBeforeUnmount, onMounted, ref, watch } from "vue";
import { freshId, usePiece } from "../../piece/store";
import type { Box, PageSkeleton } from "../../api/types";
import PageView from "../../piece/PageView.vue";
import { linesOf, resized, snapMove, tidy } from "./snap";
import { editorFor, type Edit } from "./editing";
import { groupIn, nameWithin, shapeNamed } from "./parts";
import { nameOf } from "./names";
import ValueGrip from "./ValueGrip.vue";

const props = defineProps<{ page: PageSkeleton; zoom: number; svg?: Record<string, string> }>();
const emit = defineEmits<{ leave: [] }>();
const piece = usePiece();
const root = ref<HTMLElement>();
const frame = ref<HTMLElement>();
const live = ref<Box | null>(null);
const guides = ref<{ x: number | null; y: number | null }>({ x: null, y: null });
const edit = ref<Edit | null>(null);
const field = ref<HTMLTextAreaElement>();
const HANDLES = ["nw", "n", "ne", "e", "se", "s", "sw", "w"];
const SNAP_PX = 6;
const DRAG_PX = 3;
const NUDGE_MS = 220;

const size = computed(() => piece.state!.piece.size);
const object = computed(() => (piece.selected && props.page.objects.includes(piece.selected) ? piece.object : null));
const box = computed<Box | null>(() => live.value ?? object.value?.box ?? null);
const handles = computed(() => (object.value?.type === "connector" || piece.part ? [] : object.value?.type === "text" ? ["e", "w"] : object.value?.type === "shape" && object.value.shape === "line" ? ["nw", "se"] : HANDLES));
const px = (n: number) => `${n * props.zoom}px`;
const place = (b: Box) => ({ left: px(Math.min(b[0], b[0] + b[2])), top: px(Math.min(b[1], b[1] + b[3])), width: px(Math.abs(b[2])), height: px(Math.abs(b[3])) });
const itemBox = ref<Box | null>(null);

const groupOf = (id: string) => groupIn(root.value, id);
const shapeOf = (id: string, name: string) => shapeNamed(groupOf(id), name);
const called = (id: string) => nameOf(piece.state?.objects[id]) ?? id;
let drag: null | { id: string; handle: string | null; x: number; y: number; from: Box; moved: boolean; group: SVGGElement | null; item: string | null; was: boolean; part: string | null; shape: SVGElement | null } = null;

function lines(id: string) {
  const others = props.page.objects.filter((o) => o !== id).map((o) => piece.state!.objects[o].box);
  return linesOf(others, size.value, piece.state!.margin);
}

/** Between the lines of a figure or chart one means the figure: the topmost one whose box is under the pointer. */
function within(event: PointerEvent): string | null {
  const sheet = frame.value!.getBoundingClientRect();
  const [x, y] = [(event.clientX - sheet.left) / props.zoom, (event.clientY - sheet.top) / props.zoom];
  return [...props.page.objects].reverse().find((id) => {
    const o = piece.state!.objects[id];
    return (o.type === "figure" || o.type === "chart" || o.type === "text") && x >= o.box[0] && x <= o.box[0] + o.box[2] && y >= o.box[1] && y <= o.box[1] + o.box[3];
  }) ?? null;
}

function down(event: PointerEvent) {
  if (event.button !== 0 || edit.value) return;
  void endNudge();
  const target = event.target as Element;
  const handle = (target as HTMLElement).dataset?.handle ?? null;
  const group = target.closest<SVGGElement>("g[data-object]");
  const id = handle ? piece.selected : group?.dataset.object ?? within(event);
  root.value?.focus({ preventScroll: true });
  if (!id) { piece.select(null); itemBox.value = null; return; }
  const item = target.closest<SVGGElement>('g[data-kind="item"]')?.dataset.item ?? null;
  if (piece.linking && !handle) { void link(id, item); return; }
  const was = piece.selected === id;
  if (!was) piece.select(id);
  const name = handle ? null : nameWithin(groupOf(id), target);
  const held = name && name === piece.part && was ? shapeOf(id, name) : null;
  drag = { part: was && piece.item && piece.item === item ? name : null, shape: held, id, handle, x: event.clientX, y: event.clientY, from: [...piece.state!.objects[id].box], moved: false, item, was, group: groupOf(id) };
  root.value?.setPointerCapture(event.pointerId);
}

function move(event: PointerEvent) {
  if (!drag) return;
  const dx = (event.clientX - drag.x) / props.zoom;
  const dy = (event.clientY - drag.y) / props.zoom;
  if (!drag.moved && Math.hypot(dx, dy) * props.zoom < DRAG_PX) return;
  drag.moved = true;
  Object.assign(shifted, { dx, dy });
  itemBox.value = null;
  const within = event.altKey ? 0 : SNAP_PX / props.zoom;
  if (drag.shape) {
    drag.shape.setAttribute("transform", `translate(${dx} ${dy})`);
    return;
  }
  if (drag.handle) {
    if (piece.state!.objects[drag.id].type === "shape" && handles.value.length === 2) {
      const [x, y, w, h] = drag.from;
      live.value = drag.handle === "se" ? [x, y, w + dx, h + dy] : [x + dx, y + dy, w - dx, h - dy];
      return;
    }
    const next = resized(drag.from, drag.handle, dx, dy, lines(drag.id), within, 24);
    live.value = next.box;
    guides.value = { x: next.x, y: next.y };
  } else {
    const moved: Box = [drag.from[0] + dx, drag.from[1] + dy, drag.from[2], drag.from[3]];
    const snap = snapMove(moved, lines(drag.id), within);
    live.value = [moved[0] + snap.dx, moved[1] + snap.dy, moved[2], moved[3]];
    guides.value = { x: snap.x, y: snap.y };
    drag.group?.setAttribute("transform", `translate(${live.value[0] - drag.from[0]} ${live.value[1] - drag.from[1]})`);
  }
}

async function up() {
  const done = drag;
  drag = null;
  guides.value = { x: null, y: null };
  if (!done) return;
  if (!done.moved) {
    // The first click takes the object, the next one the item under it, the next one the shape or words in it.
    piece.select(done.id, done.was ? done.item : null, done.part);
    void nextTick(markItem);
    return;
  }
  if (done.shape && done.part) { await shift(done.id, done.part, shifted.dx, shifted.dy); done.shape.removeAttribute("transform"); return; }
  if (live.value) await piece.change(done.id, { box: tidy(live.value) });
  done.group?.removeAttribute("transform");
  live.value = null;
}

const shifted = { dx: 0, dy: 0 };
async function shift(id: string, name: string, dx: number, dy: number) {
  await piece.changePart(id, name, (now) => ({ move: [(now.move?.[0] ?? 0) + dx, (now.move?.[1] ?? 0) + dy].map((v) => Math.round(v * 10) / 10) }));
  void nextTick(markItem);
}

async function link(id: string, item: string | null) {
  const from = piece.linking!;
  const page = props.page.id;
  if (from.object === id && (from.item ?? null) === item) return;
  piece.linking = null;
  const made = freshId("k");
  const to = { object: id, ...(item && piece.state!.objects[id].type !== "text" ? { item } : {}) };
  if (await piece.apply({ op: "object.add", page, object: { id: made, type: "connector", box: [0, 0, 1, 1], from, to } })) piece.select(made);
}

function markItem() {
  itemBox.value = null;
  if (!piece.item || !piece.selected || !frame.value) return;
  const group = piece.part ? shapeOf(piece.selected, piece.part) : frame.value.querySelector<SVGGElement>(`g[data-object="${piece.selected}"] g[data-item="${piece.item}"]`);
  if (!group) return;
  const inner = group.getBoundingClientRect();
  const outer = frame.value.getBoundingClientRect();
  itemBox.value = [(inner.left - outer.left) / props.zoom - 4, (inner.top - outer.top) / props.zoom - 4, inner.width / props.zoom + 8, inner.height / props.zoom + 8];
}
watch(() => [piece.item, piece.part, piece.selected, piece.state?.seq, props.zoom, props.page.id], () => void nextTick(markItem));

function begin(event: MouseEvent) {
  // The captured pointer makes the canvas the target, so the words are looked up by place.
  const words = document.elementsFromPoint(event.clientX, event.clientY).map((el) => el.closest<SVGTextElement>("text[data-part]")).find(Boolean);
  if (words) openEdit(words);
}

function openEdit(words: SVGTextElement) {
  const made = editorFor(words, frame.value!, props.zoom, piece.state!.objects);
  if (!made) return;
  if (made.item) piece.select(made.object, made.item);
  edit.value = made;
  void nextTick(() => { field.value?.focus(); field.value?.select(); });
}

async function commit() {
  const now = edit.value;
  if (!now) return;
  edit.value = null;
  root.value?.focus({ preventScroll: true });
  const value = now.value.trim();
  if (value === now.before || (!value && now.needed)) return;
  await piece.apply(now.change(value));
}

let nudging: { id: string; timer: number } | null = null;

/** Presses of one run are shown at once and sent as one change. */
function nudge(dx: number, dy: number) {
  const o = object.value;
  if (!o) return;
  const [x, y, w, h] = live.value ?? o.box;
  live.value = [x + dx, y + dy, w, h];
  groupOf(o.id)?.setAttribute("transform", `translate(${live.value[0] - o.box[0]} ${live.value[1] - o.box[1]})`);
  if (nudging) clearTimeout(nudging.timer);
  nudging = { id: o.id, timer: window.setTimeout(endNudge, NUDGE_MS) };
}

async function endNudge() {
  const done = nudging;
  nudging = null;
  if (!done) return;
  clearTimeout(done.timer);
  const to = live.value;
  if (to) await piece.change(done.id, { box: tidy(to) });
  if (nudging) return;
  groupOf(done.id)?.removeAttribute("transform");
  live.value = null;
}

function keys(event: KeyboardEvent) {
  if (edit.value) return;
  const far = event.shiftKey ? 10 : 1;
  const arrows: Record<string, [number, number]> = { ArrowLeft: [-far, 0], ArrowRight: [far, 0], ArrowUp: [0, -far], ArrowDown: [0, far] };
  if (event.key === "Escape") {
    if (piece.linking) piece.linking = null; else if (piece.part) piece.select(piece.selected, piece.item); else if (piece.item) piece.select(piece.selected); else if (piece.selected) piece.select(null); else emit("leave");
    itemBox.value = null;
  } else if (arrows[event.key] && piece.part && object.value) void shift(object.value.id, piece.part, ...arrows[event.key]);
  else if (arrows[event.key] && object.value && !event.altKey) nudge(...arrows[event.key]);
  else if ((event.key === "Enter" || event.key === "F2") && object.value) {
    const scope = piece.item ? ` g[data-item="${piece.item}"]` : "";
    const words = frame.value?.querySelector<SVGTextElement>(`g[data-object="${object.value.id}"]${scope} text[data-part="title"], g[data-object="${object.value.id}"]${scope} text[data-part="text"]`);
    if (words) openEdit(words);
  } else return;
  event.preventDefault();
}

onMounted(() => markItem());
onBeforeUnmount(() => { drag = null; void endNudge(); });
defineExpose({ focus: () => root.value?.focus() });
</script>

<template>
  <div ref="root" class="canvas" :class="{ linking: piece.linking }" tabindex="0" role="application" aria-label="The page. Tab goes from thing to thing, arrow keys move, Enter edits, Escape leaves." @pointerdown="down" @pointermove="move" @pointerup="up" @pointercancel="up" @dblclick="begin" @keydown="keys">
    <div ref="frame" class="frame" :style="{ width: px(size.width), height: px(size.height) }">
      <PageView :page="page" :svg="svg" />
      <button v-for="id in page.objects" :key="id" class="reach" :style="place(piece.state!.objects[id].box)" :aria-label="called(id)" :aria-pressed="piece.selected === id" @focus="piece.selected !== id && piece.select(id)" />
      <template v-if="box && object">
        <div class="chosen" :class="{ line: object.type === 'shape' && object.shape === 'line' }" :style="place(box)">
          <span v-if="object.type === 'figure'" class="tag">{{ piece.catalogue?.forms.find((f) => f.form === (object as { form?: string }).form)?.title }}</span>
          <i v-for="h in handles" :key="h" :class="['handle', h]" :data-handle="h" />
        </div>
        <div v-if="itemBox && !live" class="item" :style="place(itemBox)" />
        <ValueGrip v-if="object.type === 'figure' && !live && !edit && !piece.part" :figure="object" :item="itemBox ? piece.item : null" :box="(itemBox && piece.item ? itemBox : object.box)" :zoom="zoom" />
      </template>
      <i v-if="guides.x !== null" class="guide v" :style="{ left: px(guides.x) }" /><i v-if="guides.y !== null" class="guide h" :style="{ top: px(guides.y) }" />
      <textarea v-if="edit" ref="field" v-model="edit.value" class="editing" :style="edit.style" :aria-label="`Words: ${edit.name}`" @blur="commit" @keydown.esc.stop="edit = null" @keydown.enter.exact.prevent.stop="commit" @pointerdown.stop @dblclick.stop />
    </div>
  </div>
</template>

<style scoped>
.canvas { outline: none; touch-action: none; padding: 24px; width: max-content; min-width: 100%; min-height: 100%; display: grid; place-items: center; }
.frame { position: relative; background: #fff; box-shadow: 0 0 0 1px var(--page-edge); }
.frame :deep(g[data-object]) { cursor: move; } .linking .frame :deep(g[data-object]) { cursor: crosshair; }
.frame :deep(text) { user-select: none; }
.reach { position: absolute; pointer-events: none; opacity: 0; }
.chosen { position: absolute; outline: 1.5px solid var(--peony); pointer-events: none; } .chosen.line { outline-style: dotted; }
.tag { position: absolute; right: -1.5px; bottom: 100%; background: #b0265a; color: #fff; font: 600 12px/20px var(--sans); padding: 0 8px; white-space: nowrap; }
.handle { position: absolute; width: 10px; height: 10px; margin: -5px; border-radius: 50%; background: #fff; border: 1.5px solid #b0265a; pointer-events: auto; }
.handle::after { content: ""; position: absolute; inset: -6px; }
.n, .ne, .nw { top: 0; } .s, .se, .sw { top: 100%; } .e, .w { top: 50%; } .w, .nw, .sw { left: 0; } .e, .ne, .se { left: 100%; } .n, .s { left: 50%; }
.n, .s { cursor: ns-resize; } .e, .w { cursor: ew-resize; } .nw, .se { cursor: nwse-resize; } .ne, .sw { cursor: nesw-resize; }
.item { position: absolute; outline: 1.5px dashed var(--peony); pointer-events: none; border-radius: 2px; }
.guide { position: absolute; background: var(--peony); pointer-events: none; } .guide.v { top: 0; bottom: 0; width: 1px; } .guide.h { left: 0; right: 0; height: 1px; }
.editing { position: absolute; border: 0; outline: 2px solid #b0265a; outline-offset: 3px; padding: 0; margin: 0; resize: none; overflow: hidden; background: #fff; field-sizing: content; }
</style>
