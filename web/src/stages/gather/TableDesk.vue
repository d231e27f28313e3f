<script setup lang="ts">
// A table of the piece: its cells, what Peony understands of them, and what it finds.
import { computed, nextTick, onBeforeUnmount, onMounted, ref, shallowRef, watch } from "vue";
import { useRoute, useRouter } from "vue-router";
import { get } from "../../api/client";
import { tell, tellTrouble } from "../../ui/notices";
import { KIND, many } from "../../ui/words";
import { usePiece } from "../../piece/store";
import type { FindingFound, TableWhole } from "../../api/types";
import { Grid, type Range } from "./grid";
import LiveStrip from "./LiveStrip.vue";
import StepsStrip from "./StepsStrip.vue";

const props = defineProps<{ id: string }>();
const emit = defineEmits<{ close: []; look: [id: string] }>();
const piece = usePiece();
const route = useRoute();
const router = useRouter();
const table = shallowRef<TableWhole | null>(null);
const home = ref<HTMLElement>();
const filter = ref("");
const selected = ref<{ top: number; bottom: number; left: number; right: number } | null>(null);
const came = ref(0);
let grid: Grid | null = null;
let asked = 0;

const head = computed(() => piece.state?.piece.tables?.find((t) => t.id === props.id) ?? null);
/** Cells that come from elsewhere are not typed over. */
const fixed = computed(() => !!(head.value?.source || head.value?.of));
const rows = computed(() => (selected.value ? selected.value.bottom - selected.value.top + 1 : 0));
const wide = computed(() => (selected.value ? selected.value.right - selected.value.left + 1 : 0));
const leftOut = computed(() => Object.values(table.value?.left ?? {}).filter((why) => why !== "header" && why !== "blank").length);

async function load() {
  asked += 1;
  const turn = asked;
  try {
    const got = await get<TableWhole>(`/api/pieces/${piece.state!.id}/tables/${props.id}`);
    if (turn !== asked) return;
    table.value = got;
    await nextTick();
    if (!grid && home.value) grid = new Grid(home.value, got, edit, () => { selected.value = grid?.range() ?? null; }, () => fixed.value);
    else await grid?.show(got);
    // A long table comes in parts; the first is there to work with while the others follow.
    const rest: string[][] = [];
    for (let from = got.rows.length; from < got.size; from += got.rows.length) {
      const part = await get<TableWhole>(`/api/pieces/${piece.state!.id}/tables/${props.id}?from=${from}`);
      if (turn !== asked) return;
      came.value = from + part.rows.length;
      rest.push(...part.rows);
      Object.entries(part.shown ?? {}).forEach(([column, cells]) => Object.assign((got.shown ??= {})[column] ??= {}, cells));
    }
    came.value = 0;
    if (rest.length) await grid?.show({ ...got, rows: [...got.rows, ...rest] });
    if (filter.value) grid?.filter(filter.value);
    if (follow) grid?.select(follow);
    follow = null;
  } catch (error) {
    tellTrouble(error);
    emit("close");
  }
}

const apply = (operation: Record<string, unknown>) => piece.apply({ id: props.id, ...operation } as never);
const edit = (row: number, column: number, text: string) => void apply({ op: "table.cells", cells: [[row, column, text]] });
const empty = (n: number) => Array.from({ length: n }, () => [""]);

function pasted(event: ClipboardEvent) {
  const text = event.clipboardData?.getData("text/plain");
  const at = grid?.range();
  if (!text || !at || fixed.value || (event.target as HTMLElement).closest("input, textarea")) return;
  event.preventDefault();
  const cells = text.replace(/\r\n?/g, "\n").replace(/\n$/, "").split("\n").flatMap((line, r) => line.split("\t").map((cell, c) => [at.top + r, at.left + c, cell.slice(0, 5000)]));
  if (cells.length > 20000) return tell("That is more than 20,000 cells at once. Bring it as a file, or as a table of its own.");
  void apply({ op: "table.cells", cells });
}

/** The selection goes with what was moved. */
async function shift(what: "rows" | "columns", by: number) {
  const at = grid?.range();
  if (!at) return;
  const [from, to, size] = what === "rows" ? [at.top, at.bottom, table.value?.size ?? 0] : [at.left, at.right, table.value?.wide ?? 0];
  if (from + by < 0 || to + by >= size) return;
  follow = what === "rows" ? { ...at, top: at.top + by, bottom: at.bottom + by } : { ...at, left: at.left + by, right: at.right + by };
  await apply({ op: "table.move", what, at: from, count: to - from + 1, to: from + by });
}
let follow: Range | null = null;

function keys(event: KeyboardEvent) {
  const at = grid?.range();
  if (!at || fixed.value || (event.target as HTMLElement).closest("input, textarea")) return;
  const arrows: Record<string, ["rows" | "columns", number]> = { ArrowUp: ["rows", -1], ArrowDown: ["rows", 1], ArrowLeft: ["columns", -1], ArrowRight: ["columns", 1] };
  if (event.altKey && arrows[event.key]) { event.preventDefault(); event.stopPropagation(); return void shift(...arrows[event.key]); }
  if (event.key !== "Delete" && event.key !== "Backspace") return;
  event.preventDefault();
  const cells = [];
  for (let r = at.top; r <= at.bottom; r += 1) for (let c = at.left; c <= at.right; c += 1) cells.push([r, c, ""]);
  if (cells.length <= 20000) void apply({ op: "table.cells", cells });
}

const correct = (set: Record<string, unknown>) => {
  const now = { ...(table.value?.correct ?? {}), ...set };
  void apply({ op: "table.change", set: { correct: Object.keys(now).length ? now : null } });
};
const kindOf = (name: string, kind: string) => correct({ kinds: { ...(table.value?.correct.kinds ?? {}), [name]: kind } });
const decimalsOf = (name: string, said: string) => {
  const { [name]: _, ...rest } = table.value?.correct.decimals ?? {};
  const decimals: Record<string, number> = said === "" ? rest : { ...rest, [name]: Number(said) };
  const { decimals: before, ...others } = table.value?.correct ?? {};
  const now = { ...others, ...(Object.keys(decimals).length ? { decimals } : {}) };
  void apply({ op: "table.change", set: { correct: Object.keys(now).length ? now : null } });
};
const unitOf = (name: string, unit: string) => correct({ units: { ...(table.value?.correct.units ?? {}), [name]: unit } });
function leave() {
  const list = new Set(table.value?.correct.ignore ?? []);
  const chosen = Array.from({ length: rows.value }, (_, i) => selected.value!.top + i);
  const all = chosen.every((r) => list.has(r));
  chosen.forEach((r) => (all ? list.delete(r) : list.add(r)));
  correct({ ignore: [...list].sort((a, b) => a - b).slice(0, 1000) });
}
const rename = (event: Event) => {
  const name = (event.target as HTMLInputElement).value.trim();
  if (name && name !== head.value?.name) void apply({ op: "table.change", set: { name } });
};
async function remove() {
  const name = head.value?.name;
  emit("close");
  if (await apply({ op: "table.remove" })) tell(`“${name}” was taken out. Charts made of it keep their numbers.`, { label: "Undo", run: () => void piece.undo() });
}
const sort = (descending: boolean) => selected.value && void piece.send(`tables/${props.id}/sort`, () => ({ column: selected.value!.left, descending }));
function show(finding: FindingFound) {
  const first = finding.cells[0]?.[1][0];
  if (first !== undefined) void grid?.go(first);
}
const draw = () => router.push({ name: "draw", params: route.params, query: { table: props.id } });

onMounted(load);
onBeforeUnmount(() => grid?.destroy());
watch(() => head.value?.stamp, (now, before) => { if (now !== before && now !== undefined) void load(); });
watch(() => JSON.stringify(head.value?.correct), () => void load());
watch(filter, (words) => grid?.filter(words));
</script>

<template>
  <section class="desk" @paste="pasted" @keydown.capture="keys">
    <div class="tools">
      <input v-if="head" class="name" aria-label="Name of the table" :value="head.name" maxlength="190" @change="rename" @keydown.enter="($event.target as HTMLElement).blur()" />
      <input v-model="filter" class="field" type="search" placeholder="Show only rows with …" aria-label="Show only rows with" />
      <a class="act" :href="`/api/pieces/${piece.state?.id}/tables/${id}.csv`" download>Save as CSV</a>
      <button class="act" @click="remove">Take it out</button>
    </div>
    <div v-if="fixed" class="second"><span class="quiet">{{ head?.of ? "These cells are worked out; change the steps, or the table they come from." : "These cells come from elsewhere; stop following to change them here." }}</span></div>
    <div v-else class="second" role="toolbar" aria-label="Table">
      <span class="group"><span class="quiet">Row</span><button :disabled="!selected" aria-label="Row above" @click="apply({ op: 'table.rows', at: selected!.top, remove: 0, insert: [[]] })">above</button><button :disabled="!selected" aria-label="Row below" @click="apply({ op: 'table.rows', at: selected!.bottom + 1, remove: 0, insert: [[]] })">below</button><button :disabled="!selected" :aria-label="rows > 1 ? `Remove ${rows} rows` : 'Remove row'" @click="apply({ op: 'table.rows', at: selected!.top, remove: rows, insert: [] })">{{ rows > 1 ? `remove ${rows}` : "remove" }}</button><button :disabled="!selected || selected.top === 0" aria-label="Move rows up" title="Move up (Alt ↑)" @click="shift('rows', -1)">↑</button><button :disabled="!selected || selected.bottom >= (table?.size ?? 1) - 1" aria-label="Move rows down" title="Move down (Alt ↓)" @click="shift('rows', 1)">↓</button></span>
      <span class="group"><span class="quiet">Column</span><button :disabled="!selected" aria-label="Column before" @click="apply({ op: 'table.columns', at: selected!.left, remove: 0, insert: empty(1) })">before</button><button :disabled="!selected" aria-label="Column after" @click="apply({ op: 'table.columns', at: selected!.right + 1, remove: 0, insert: empty(1) })">after</button><button :disabled="!selected || wide >= (table?.wide ?? 1)" :aria-label="wide > 1 ? `Remove ${wide} columns` : 'Remove column'" @click="apply({ op: 'table.columns', at: selected!.left, remove: wide, insert: [] })">{{ wide > 1 ? `remove ${wide}` : "remove" }}</button><button :disabled="!selected || selected.left === 0" aria-label="Move columns left" title="Move left (Alt ←)" @click="shift('columns', -1)">←</button><button :disabled="!selected || selected.right >= (table?.wide ?? 1) - 1" aria-label="Move columns right" title="Move right (Alt →)" @click="shift('columns', 1)">→</button></span>
      <span class="group"><span class="quiet">Sort</span><button :disabled="!selected" aria-label="Sort up" title="The rows of data by this column" @click="sort(false)">up</button><button :disabled="!selected" aria-label="Sort down" title="The rows of data by this column" @click="sort(true)">down</button></span>
      <span class="group"><span class="quiet">It is</span><button :disabled="!selected" aria-label="names stand in this row" title="The names of the columns stand in this row" @click="correct({ header: selected!.top })">the names</button><button :disabled="!selected" aria-label="leave out or take in" title="No data: leave it out, or take it in again" @click="leave">no data</button></span>
    </div>
    <div class="strips"><LiveStrip v-if="head?.source" :table="head" /><StepsStrip v-if="head" :key="head.id" :table="head" :columns="table?.columns ?? []" @made="emit('look', $event)" /></div>
    <div ref="home" class="home" />
  </section>
  <aside class="beside scroll">
    <h2>What Peony reads</h2>
    <p v-if="table?.trouble" class="trouble">{{ table.trouble }}</p>
    <template v-else-if="table">
      <p v-if="came" class="small" role="status">{{ came.toLocaleString("en-GB") }} of {{ table.size.toLocaleString("en-GB") }} rows are here.</p>
      <p class="small quiet">{{ many(table.data ?? 0, "row") }} of data, {{ many(table.columns.length, "column") }}<template v-if="leftOut">; {{ many(leftOut, "row") }} left out</template><template v-if="table.gaps.length">; not in it: {{ table.gaps.slice(0, 3).join(", ") }}<template v-if="table.gaps.length > 3"> and more</template></template></p>
      <div class="go"><v-btn color="primary" @click="draw">Draw this table</v-btn></div>
      <span class="label">Columns</span>
      <div v-for="c in table.columns" :key="c.index" class="column">
        <strong :title="c.name">{{ c.name }}</strong>
        <select class="field" :aria-label="`Kind of ${c.name}`" :value="c.kind" @change="kindOf(c.name, ($event.target as HTMLSelectElement).value)"><option v-for="(name, kind) in KIND" :key="kind" :value="kind">{{ name }}</option></select>
        <input v-if="['number', 'money', 'percent'].includes(c.kind)" class="field" :aria-label="`Unit of ${c.name}`" placeholder="unit" :value="c.unit ?? ''" @change="unitOf(c.name, ($event.target as HTMLInputElement).value.trim())" />
        <select v-if="['number', 'money', 'percent'].includes(c.kind)" class="field" :aria-label="`Decimals of ${c.name}`" title="Decimals shown; the cells stay as they are" :value="table.correct.decimals?.[c.name] ?? ''" @change="decimalsOf(c.name, ($event.target as HTMLSelectElement).value)"><option value="">as it is</option><option v-for="n in 5" :key="n" :value="n - 1">{{ (0).toFixed(n - 1) }}</option></select>
        <span v-else-if="c.missing" class="tiny quiet">{{ c.missing }} empty</span>
      </div>
      <span class="label">Found in it</span>
      <p v-if="!table.findings.length" class="small quiet">Nothing that stands clear of chance.</p>
      <button v-for="(f, i) in table.findings" :key="i" class="found" :title="f.sure ?? ''" @click="show(f)">{{ f.sentence }}</button>
    </template>
  </aside>
</template>

<style scoped>
.desk { background: var(--paper); display: grid; grid-template-rows: 50px 34px auto minmax(0, 1fr); min-width: 0; border-right: 1px solid var(--line); }
.tools { display: flex; align-items: center; gap: 16px; padding: 0 16px; white-space: nowrap; min-width: 0; } .tools .field { width: 190px; height: 30px; font-size: 13px; flex: none; } .tools a { text-decoration: none; }
.name { border: 0; background: transparent; font: 600 19px var(--serif); min-width: 0; flex: 1; text-overflow: ellipsis; }
.second { display: flex; align-items: center; gap: 18px; padding: 0 16px; border-bottom: 1px solid var(--line); white-space: nowrap; overflow: hidden; font-size: 13px; } .group { display: flex; gap: 10px; } .second button { color: var(--peony-ink); font-weight: 600; } .second button:hover:not(:disabled) { text-decoration: underline; }
.home { min-height: 0; } .beside { background: var(--panel); padding: 22px 20px; } h2 { font-size: 20px; } p { margin: 4px 0; } .go { margin: 12px 0 4px; } .trouble { background: var(--straw-2); padding: 10px 12px; border-radius: 5px; }
.column { display: grid; grid-template-columns: minmax(0, 1fr) 54px 80px; gap: 2px 6px; align-items: center; margin-bottom: 9px; font-size: 13px; } .column strong { grid-column: 1 / -1; overflow: hidden; text-overflow: ellipsis; white-space: nowrap; font-weight: 600; } .column .field { height: 28px; padding: 0 6px; font-size: 13px; }
.found { display: block; width: 100%; background: var(--paper); border: 1px solid var(--line); border-radius: 5px; padding: 7px 11px; margin-bottom: 6px; font-size: 13px; line-height: 1.35; } .found:hover { border-color: var(--quiet); }
.home :deep(.tabulator) { border: 0; background: var(--paper); font: 13px/1.4 var(--sans); color: var(--ink); }
.home :deep(.tabulator-header), .home :deep(.tabulator-col) { background: var(--panel) !important; color: var(--ink) !important; border-color: var(--line) !important; font-weight: 600; } .home :deep(.tabulator-col small) { display: block; font-weight: 400; color: var(--quiet); font-size: 12px; }
.home :deep(.tabulator-row) { background: var(--paper); border-bottom: 1px solid var(--line); min-height: 28px; } .home :deep(.tabulator-cell) { border-right: 1px solid var(--line) !important; padding: 4px 8px; height: auto; background: inherit; color: inherit; }
.home :deep(.tabulator-row-header), .home :deep(.number) { background: var(--panel) !important; color: var(--quiet); font-size: 12px; } .home :deep(.names) { font-weight: 600; background: var(--desk); } .home :deep(.left) { color: var(--quiet); background: var(--panel); font-style: italic; }
.home :deep(.tabulator-range) { border: 2px solid var(--peony) !important; } .home :deep(.tabulator-range-cell-active) { border: 2px solid var(--peony) !important; } .home :deep(.tabulator-range-highlight), .home :deep(.tabulator-range-selected:not(.tabulator-range-only-cell-selected)) { background: var(--blush) !important; color: var(--ink) !important; }
.home :deep(.tabulator-editing) { border: 2px solid var(--peony) !important; } .home :deep(.tabulator-editing input) { font: inherit; color: var(--ink); background: var(--paper); }
</style>
