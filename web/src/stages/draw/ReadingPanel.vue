<script setup lang="ts">
// What Peony read in a passage, to be put right where it stands.
import { computed, nextTick, ref } from "vue";
import { PhArrowDown, PhArrowUp, PhArrowsMerge, PhArrowsSplit, PhTrash } from "@phosphor-icons/vue";
import { usePiece } from "../../piece/store";
import { FAMILY } from "../../ui/words";
import type { Marked, PassageFound } from "../../api/types";

const props = defineProps<{ passage: PassageFound; marked: Marked }>();
const emit = defineEmits<{ changed: [] }>();
const piece = usePiece();
const busy = ref(false);
const list = ref<HTMLElement>();
const family = computed(() => props.passage.families[0]?.family ?? "");
const others = computed(() => Object.keys(FAMILY).filter((name) => name !== family.value).sort((a, b) => Number(known(b)) - Number(known(a)) || FAMILY[a].localeCompare(FAMILY[b])));
const known = (name: string) => props.passage.families.some((f) => f.family === name) || props.passage.others?.includes(name);
const open = computed(() => props.passage.queries.filter((q) => !q.answer));
const answered = computed(() => props.passage.queries.filter((q) => q.answer));
const inside = computed(() => props.marked.filter((m) => props.passage.blocks.includes(m.block)));

async function put(body: object) {
  if (busy.value) return;
  busy.value = true;
  const answer = await piece.send("correct", () => ({ passage: props.passage.id, ...body }));
  busy.value = false;
  if (answer) emit("changed");
}
const edit = (kind: string, index: number, more: object = {}) => put({ edit: { kind, index, ...more } });
function rename(index: number, event: Event) {
  const title = (event.target as HTMLInputElement).value.trim();
  if (title && title !== props.passage.items[index].title) void edit("rename", index, { title });
  else (event.target as HTMLInputElement).value = props.passage.items[index].title;
}
async function move(index: number, step: number) {
  await edit("move", index, { to: index + step });
  await nextTick();
  list.value?.querySelectorAll<HTMLInputElement>("input")[index + step]?.focus();
}
const answer = (q: PassageFound["queries"][number]) => piece.apply({ op: "remark.accept", check: "numbers", object: `notes:${q.refs[0]?.block ?? props.passage.id}`, state: q.working, reason: "The text is right: rounded or meant so" }).then(() => emit("changed"));
</script>

<template>
  <aside class="reading scroll" aria-label="What was read">
    <h3>What was read</h3>
    <label class="label" for="family">This is</label>
    <select id="family" class="field" :value="family" :disabled="busy" @change="put({ family: ($event.target as HTMLSelectElement).value })">
      <option :value="family">{{ FAMILY[family] ?? "nothing to draw" }}</option>
      <option v-for="name in others" :key="name" :value="name">{{ FAMILY[name] }}{{ known(name) ? "" : " (not seen here)" }}</option>
    </select>
    <template v-for="q in open" :key="q.message">
      <div class="query-box"><strong>{{ q.message }}</strong><span class="small">{{ q.working }}</span><button class="act" @click="answer(q)">The text is right</button></div>
    </template>
    <span class="label">Items</span>
    <ol ref="list">
      <li v-for="(it, index) in passage.items" :key="index + it.title">
        <div class="line"><span class="n">{{ index + 1 }}</span><input :value="it.title" :aria-label="`Item ${index + 1}`" :disabled="busy" @change="rename(index, $event)" @keydown.enter="($event.target as HTMLElement).blur()" @keydown.alt.up.prevent="index > 0 && move(index, -1)" @keydown.alt.down.prevent="move(index, 1)" /></div>
        <p v-if="it.detail" class="tiny quiet detail">{{ it.detail }}</p>
        <div class="acts">
          <button :disabled="busy || index === 0" aria-label="Earlier" title="Earlier (Alt ↑)" @click="move(index, -1)"><PhArrowUp :size="15" /></button>
          <button :disabled="busy || index === passage.items.length - 1" aria-label="Later" title="Later (Alt ↓)" @click="move(index, 1)"><PhArrowDown :size="15" /></button>
          <button :disabled="busy || index === passage.items.length - 1" aria-label="Merge with the next" title="Merge with the next" @click="edit('merge', index)"><PhArrowsMerge :size="15" /></button>
          <button :disabled="busy" aria-label="Split" title="Split" @click="edit('split', index)"><PhArrowsSplit :size="15" /></button>
          <button :disabled="busy || passage.items.length < 2" aria-label="Drop" title="Drop" class="end" @click="edit('drop', index)"><PhTrash :size="15" /></button>
        </div>
      </li>
    </ol>
    <button class="act" :disabled="busy || !inside.length" @mousedown.prevent @click="edit('add', 0, { refs: inside })">{{ inside.length ? "Add the marked words" : "Mark words on the left to add an item" }}</button>
    <button v-if="passage.corrected" class="act again" :disabled="busy" @click="put({ reset: true })">Read it anew</button>
    <template v-if="passage.derived.length">
      <span class="label">What follows from the numbers</span>
      <p v-for="d in passage.derived" :key="d.working + d.unit" class="small derived"><strong>{{ d.value.toLocaleString("en-GB") }}{{ d.unit ? ` ${d.unit}` : "" }}</strong> <span class="quiet">{{ d.working }}</span></p>
    </template>
    <template v-if="answered.length"><span class="label">Answered</span><p v-for="q in answered" :key="q.message" class="small quiet">{{ q.message }} {{ q.answer }}</p></template>
  </aside>
</template>

<style scoped>
.reading { border-left: 1px solid var(--line); background: var(--panel); padding: 14px 18px 40px; min-height: 0; } h3 { font-size: 18px; }
ol { list-style: none; margin: 0 0 10px; padding: 0; border-top: 1px solid var(--line); } li { border-bottom: 1px solid var(--line); padding: 4px 0 6px; }
.line { display: flex; align-items: center; gap: 8px; } .n { color: var(--quiet); width: 16px; text-align: right; } .line input { flex: 1; min-width: 0; height: 28px; border: 1px solid transparent; background: transparent; font-weight: 600; padding: 0 5px; border-radius: 4px; } .line input:hover { border-color: var(--line); background: var(--paper); }
.detail { margin: 0 0 2px 30px; overflow-wrap: anywhere; display: -webkit-box; -webkit-line-clamp: 2; -webkit-box-orient: vertical; overflow: hidden; } .acts { display: flex; gap: 13px; margin: 2px 0 0 29px; color: var(--quiet); } .acts button:hover:not(:disabled) { color: var(--ink); } .end { margin-left: auto; }
.query-box { background: var(--straw-2); border-radius: 5px; padding: 9px 12px; margin-top: 12px; display: grid; gap: 2px; justify-items: start; } .query-box strong { color: var(--straw-ink); font-size: 13px; }
.again { display: block; margin-top: 8px; } .derived { margin: 0 0 4px; }
</style>
