<script setup lang="ts">
// Where a live table comes from, how old its cells are, and what went wrong when they were fetched last.
import { computed, onBeforeUnmount, onMounted, ref } from "vue";
import { tell } from "../../ui/notices";
import { EVERY, ago } from "../../ui/words";
import { usePiece } from "../../piece/store";
import type { TableHead } from "../../api/types";

const props = defineProps<{ table: TableHead }>();
const piece = usePiece();
const now = ref(Date.now() / 1000);
const busy = ref(false);
let timer = 0;
const source = computed(() => props.table.source!);
const age = computed(() => (source.value.fetched ? ago(now.value - source.value.fetched) : "never"));
const options = computed(() => [...new Set([...Object.keys(EVERY).map(Number), ...(source.value.every ? [source.value.every] : [])])].sort((a, b) => a - b));

const change = (set: Record<string, unknown>) => piece.apply({ op: "table.change", id: props.table.id, set } as never);
async function fetchNow() {
  busy.value = true;
  await piece.send(`tables/${props.table.id}/fetch`, () => ({}));
  busy.value = false;
  now.value = Date.now() / 1000;
}
function every(value: string) {
  const { every: _, ...rest } = source.value;
  void change({ source: value ? { ...rest, every: Number(value) } : rest });
}
async function stop() {
  if (await change({ source: null })) tell("The cells stay as they are, and can be typed over now.", { label: "Undo", run: () => void piece.undo() });
}
onMounted(() => { timer = window.setInterval(() => { now.value = Date.now() / 1000; }, 10_000); });
onBeforeUnmount(() => clearInterval(timer));
</script>

<template>
  <div class="live" :class="{ bad: source.trouble }" role="status">
    <span class="from" :title="source.at">Follows <strong>{{ source.at.replace(/^https?:\/\//, "") }}</strong>, fetched {{ age }}</span>
    <span v-if="source.trouble" class="why" :title="source.trouble">{{ source.trouble }}</span>
    <select class="field" aria-label="How often it is fetched" :value="source.every ?? ''" @change="every(($event.target as HTMLSelectElement).value)"><option value="">only when asked</option><option v-for="n in options" :key="n" :value="n">{{ EVERY[n] ?? `every ${n} minutes` }}</option></select>
    <button class="act" :disabled="busy" @click="fetchNow">{{ busy ? "Fetching …" : "Fetch now" }}</button>
    <button class="act" @click="stop">Stop following</button>
  </div>
</template>

<style scoped>
.live { display: flex; align-items: center; gap: 16px; padding: 6px 16px; border-bottom: 1px solid var(--line); font-size: 13px; background: var(--panel); } .live.bad { background: var(--straw-2); }
.from { overflow: hidden; text-overflow: ellipsis; white-space: nowrap; flex: 1 1 auto; min-width: 120px; } .why { flex: 3 1 auto; overflow: hidden; text-overflow: ellipsis; white-space: nowrap; font-weight: 600; } .field { width: 150px; height: 28px; padding: 0 6px; font-size: 13px; flex: none; } .act { flex: none; font-size: 13px; }
</style>
