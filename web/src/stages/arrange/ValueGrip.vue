<script setup lang="ts">
// The number of a figure under the hand: drag it up or down and the drawing follows; letting go makes one change.
import { computed, onBeforeUnmount, ref } from "vue";
import { usePiece } from "../../piece/store";
import type { Box, FigureObject } from "../../api/types";
import { held, shown, step } from "./values";

const props = defineProps<{ figure: FigureObject; item: string | null; box: Box; zoom: number }>();
const piece = usePiece();
const SEND_MS = 40;
const valued = computed(() => props.figure.items.filter((i) => typeof i.value === "number"));
/** The item chosen; a figure with one number needs no choosing. */
const item = computed(() => valued.value.find((i) => i.id === props.item) ?? (props.figure.items.length === 1 ? valued.value[0] ?? null : null));
const now = ref<number | null>(null);
const value = computed(() => now.value ?? (item.value?.value as number));
const one = computed(() => step(valued.value.map((i) => i.value as number)));
let from: { y: number; value: number; id: string } | null = null;
let timer = 0;

const limit = (n: number) => held(n, one.value, item.value?.unit ?? "", (from?.value ?? (item.value?.value as number)));

function attempt() {
  clearTimeout(timer);
  timer = window.setTimeout(() => { if (from && now.value !== null) void piece.attempt({ op: "item.change", id: props.figure.id, item: from.id, set: { value: now.value } }); }, SEND_MS);
}

function down(event: PointerEvent) {
  if (event.button !== 0 || !item.value) return;
  from = { y: event.clientY, value: item.value.value as number, id: item.value.id };
  (event.currentTarget as HTMLElement).focus({ preventScroll: true });
  (event.currentTarget as HTMLElement).setPointerCapture(event.pointerId);
}

function move(event: PointerEvent) {
  if (!from) return;
  const fine = event.shiftKey ? 0.2 : 1;
  now.value = limit(from.value + Math.round(((from.y - event.clientY) / 3) * fine) * one.value);
  attempt();
}

async function up() {
  const done = from;
  const to = now.value;
  from = null;
  clearTimeout(timer);
  if (done && to !== null && to !== done.value) await piece.changeItem(props.figure.id, done.id, { value: to });
  piece.letGo();
  now.value = null;
}

function cancel() {
  from = null;
  clearTimeout(timer);
  piece.letGo();
  now.value = null;
}

function keys(event: KeyboardEvent) {
  const by: Record<string, number> = { ArrowUp: 1, ArrowRight: 1, ArrowDown: -1, ArrowLeft: -1, PageUp: 10, PageDown: -10 };
  if (event.key === "Escape" && from) cancel();
  else if (by[event.key] && item.value) void piece.changeItem(props.figure.id, item.value.id, { value: limit((item.value.value as number) + by[event.key] * one.value) });
  else return;
  event.preventDefault();
  event.stopPropagation();
}

onBeforeUnmount(cancel);
</script>

<template>
  <div v-if="item" class="grip" :class="{ on: now !== null }" role="slider" tabindex="0" :aria-label="`Number of “${item.title}”`" :aria-valuenow="value" :aria-valuetext="shown(value, item.unit ?? '')" title="Drag up or down to change the number (Shift: finer), or press the arrows"
       :style="{ left: `${(box[0] + box[2]) * zoom}px`, top: `${(box[1] + box[3]) * zoom}px` }" @pointerdown.stop.prevent="down" @pointermove.stop="move" @pointerup.stop="up" @pointercancel.stop="cancel" @keydown="keys" @dblclick.stop>
    <span aria-hidden="true" class="arrows">▴<br />▾</span>{{ shown(value, item.unit ?? "") }}
  </div>
</template>

<style scoped>
.grip { position: absolute; transform: translate(-100%, 9px); display: flex; align-items: center; gap: 5px; height: 26px; padding: 0 9px 0 6px; border-radius: 13px; background: #fff; border: 1.5px solid var(--peony); color: var(--ink); font: 600 12.5px/1 var(--sans); font-variant-numeric: tabular-nums; white-space: nowrap; cursor: ns-resize; touch-action: none; user-select: none; z-index: 3; }
.grip.on { background: var(--peony); color: #fff; } .arrows { font-size: 8px; line-height: 8px; color: inherit; opacity: 0.7; }
.grip:focus-visible { outline: 2px solid var(--peony); outline-offset: 2px; }
</style>
