<script setup lang="ts">
// The steps that a table is worked out by, and one more. A step on a plain table begins a table of its own.
import { computed, onMounted, reactive, ref } from "vue";
import { get } from "../../api/client";
import { tellTrouble } from "../../ui/notices";
import { usePiece } from "../../piece/store";
import type { ColumnFound, StepFacts, TableHead } from "../../api/types";

const props = defineProps<{ table: TableHead; columns: ColumnFound[] }>();
const emit = defineEmits<{ made: [id: string] }>();
const piece = usePiece();
const facts = ref<StepFacts[]>([]);
const open = ref(false);
const chosen = ref("group");
const fields = reactive<Record<string, string>>({});
const NAMES: Record<string, string> = { column: "Column", how: "How", value: "Value", by: "Time by", count: "How many", table: "Table", on: "Its column" };

const fact = computed(() => facts.value.find((f) => f.step === chosen.value));
const parent = computed(() => piece.state?.piece.tables?.find((t) => t.id === props.table.of));
const others = computed(() => (piece.state?.piece.tables ?? []).filter((t) => t.id !== props.table.id));
const timed = computed(() => ["date", "month", "quarter", "year"].includes(props.columns.find((c) => c.name === fields.column)?.kind ?? ""));
const numeric = (c: ColumnFound) => ["number", "money", "percent"].includes(c.kind);

function options(kind: string | Record<string, string>): { value: string; title: string }[] {
  if (typeof kind === "object") return Object.entries(kind).map(([value, title]) => ({ value, title }));
  if (kind === "table") return others.value.map((t) => ({ value: t.id, title: t.name }));
  return props.columns.filter((c) => kind !== "number" || numeric(c)).map((c) => ({ value: c.name, title: c.name }));
}
const shown = computed(() => Object.entries(fact.value?.fields ?? {}).filter(([name]) => name !== "by" || timed.value));
/** The fields of a step, each with something in it that goes. */
function begin(step: string) {
  chosen.value = step;
  Object.keys(fields).forEach((k) => delete fields[k]);
  for (const [name, kind] of Object.entries(fact.value?.fields ?? {})) fields[name] = kind === "word" ? "" : options(kind)[name === "by" && timed.value ? 3 : 0]?.value ?? "";
}
function show() { open.value = true; begin(chosen.value); }

async function add() {
  const step: Record<string, string> = { do: chosen.value };
  shown.value.forEach(([name]) => { if (fields[name]) step[name] = fields[name]; });
  const before = new Set(piece.state?.piece.tables?.map((t) => t.id));
  if (!(await piece.send(`tables/${props.table.id}/steps`, () => ({ step })))) return;
  open.value = false;
  const made = piece.state?.piece.tables?.find((t) => !before.has(t.id));
  if (made) emit("made", made.id);
}
const drop = (index: number) => piece.apply({ op: "table.change", id: props.table.id, set: { steps: (props.table.steps ?? []).filter((_, i) => i !== index) } } as never);

onMounted(async () => {
  try { facts.value = (await get<{ steps: StepFacts[] }>("/api/steps")).steps; } catch (error) { tellTrouble(error); }
});
</script>

<template>
  <div class="steps">
    <template v-if="table.of"><span class="quiet">From</span><button v-if="parent" class="act" @click="emit('made', parent.id)">{{ parent.name }}</button><span v-else class="quiet">a table that is gone</span></template>
    <span v-for="(said, i) in table.said ?? []" :key="i" class="chip">{{ said }}<button :aria-label="`Take out: ${said}`" title="Take this step out" @click="drop(i)">×</button></span>
    <button class="act" aria-haspopup="dialog" @click="show">{{ table.of ? "One step more" : "Work something out" }}</button>
  </div>
  <v-dialog v-model="open" max-width="560" aria-label="A step">
    <v-card class="sheet">
      <h2>{{ table.of ? "One step more" : "Work something out" }}</h2>
      <p v-if="!table.of" class="small quiet">“{{ table.name }}” stays as it is; what is worked out is a table of its own and follows it.</p>
      <div class="kinds" role="radiogroup" aria-label="Step"><button v-for="f in facts" :key="f.step" role="radio" :aria-checked="f.step === chosen" :disabled="f.step === 'join' && !others.length" @click="begin(f.step)">{{ f.title }}</button></div>
      <p v-if="fact" class="small">{{ fact.sees[0].toUpperCase() + fact.sees.slice(1) }}.</p>
      <div v-for="[name, kind] in shown" :key="name" class="row">
        <label :for="`step-${name}`">{{ NAMES[name] ?? name }}</label>
        <input v-if="kind === 'word'" :id="`step-${name}`" v-model="fields[name]" class="field" maxlength="200" :placeholder="name === 'on' ? 'the same, or the one that agrees best' : ''" @keydown.enter="add" />
        <select v-else :id="`step-${name}`" v-model="fields[name]" class="field"><option v-for="o in options(kind)" :key="o.value" :value="o.value">{{ o.title }}</option></select>
      </div>
      <div class="acts"><v-btn color="primary" @click="add">Do it</v-btn><v-btn variant="outlined" @click="open = false">Leave it</v-btn></div>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.steps { display: flex; align-items: center; gap: 8px 12px; flex-wrap: wrap; padding: 6px 16px; border-bottom: 1px solid var(--line); font-size: 13px; } .steps .act { font-size: 13px; }
.chip { background: var(--desk); border-radius: 5px; padding: 2px 4px 2px 9px; } .chip button { padding: 0 6px; color: var(--quiet); font-weight: 600; } .chip button:hover { color: var(--peony-ink); }
.sheet { padding: 24px 28px; } h2 { font-size: 22px; } .kinds { display: flex; flex-wrap: wrap; gap: 6px; margin: 12px 0; } .kinds button { border: 1px solid var(--line); border-radius: 5px; padding: 5px 10px; font-size: 13px; } .kinds button[aria-checked="true"] { border-color: var(--peony); background: var(--blush); font-weight: 600; } .kinds button:disabled { color: var(--quiet); }
.row { display: grid; grid-template-columns: 110px 1fr; align-items: center; gap: 10px; margin-top: 8px; font-size: 14px; } .acts { display: flex; gap: 10px; margin-top: 18px; }
</style>
