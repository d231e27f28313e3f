<script setup lang="ts">
// What the selected chart says, the table it is drawn from, what is marked in it, how it is drawn.
import { computed, onMounted, ref, shallowRef, watch } from "vue";
import { useRoute, useRouter } from "vue-router";
import { PhTrash } from "@phosphor-icons/vue";
import { get } from "../../api/client";
import { tell } from "../../ui/notices";
import { ROLE } from "../../ui/words";
import { usePiece } from "../../piece/store";
import type { ChartObject, ChartProposal, Mark, Role } from "../../api/types";
import TakeAlong from "./TakeAlong.vue";

const props = defineProps<{ chart: ChartObject }>();
const piece = usePiece();
const route = useRoute();
const router = useRouter();
const others = shallowRef<{ charts: ChartProposal[]; findings: string[]; measures: string[]; table?: { id: string; name: string } }>({ charts: [], findings: [], measures: [] });
const events = ref("");
const goal = ref("");
const COLOURS: Role[] = ["accent-1", "accent-2", "signal", "ink"];
const MARKABLE = ["line", "area", "column", "scatter"];
const remarks = computed(() => piece.state?.remarks.filter((r) => r.object === props.chart.id) ?? []);
const finish = computed(() => props.chart.finish ?? piece.state?.piece.style.finish ?? piece.style?.finish);
const marks = computed(() => props.chart.marks ?? []);
const keys = computed(() => (props.chart.data.x.keys.length <= 40 && !["line", "area", "scatter"].includes(props.chart.chart) ? props.chart.data.x.keys : props.chart.data.series.length > 4 ? props.chart.data.series.map((s) => s.name) : []));
/** The numbers of a small chart, to be typed over; each goes into its cell. */
const numbers = computed(() => (props.chart.table && props.chart.data.x.keys.length * props.chart.data.series.length <= 24 ? props.chart.data.series.flatMap((s, i) => props.chart.data.x.keys.map((key, k) => ({ series: i, key, name: props.chart.data.series.length > 1 ? `${s.name}, ${key}` : key, value: s.values[k] }))) : []));
const axis = computed(() => props.chart.axis ?? {});
const kind = computed(() => piece.catalogue?.charts.find((c) => c.chart === props.chart.chart));
function setAxis(fields: Record<string, unknown>) {
  const now = Object.fromEntries(Object.entries({ ...axis.value, ...fields }).filter(([, v]) => v !== null && v !== "" && v !== undefined));
  set({ axis: Object.keys(now).length ? now : null });
}
const limit = (which: string, event: Event) => setAxis({ [which]: value(event) === "" || Number.isNaN(Number(value(event))) ? null : Number(value(event)) });
const stamp = computed(() => piece.state?.piece.tables?.find((t) => t.id === props.chart.table)?.stamp);

const set = (fields: Record<string, unknown>) => void piece.change(props.chart.id, fields);
const value = (event: Event) => (event.target as HTMLInputElement).value.trim();
const say = (mark: Mark) => ({ point: mark.at, span: `${mark.from} to ${mark.to}`, weekends: "weekends", level: mark.value, fit: "line of best fit" })[mark.kind];
const change = (index: number, fields: Partial<Mark> | null) => set({ marks: marks.value.flatMap((m, i) => (i !== index ? [m] : fields ? [{ ...m, ...fields, own: true }] : [])) });

async function load() {
  if (!props.chart.table || !piece.state) return;
  try { others.value = await get(`/api/pieces/${piece.state.id}/charts/${props.chart.id}`); } catch { /* its table may be gone: the remark says so */ }
}
const draw = (fields: Record<string, unknown>) => piece.send(`charts/${props.chart.id}`, () => fields);
/** Lines become marks on the server; those that found no place come back. */
async function mark(lines: string): Promise<string> {
  const answer = await piece.send(`charts/${props.chart.id}/events`, () => ({ text: lines })) as { left?: string[] } | null;
  const left = answer?.left ?? [];
  if (left.length) tell(`No place was found for “${left[0]}”. Write the date as the table has it, then a colon, then the words; a goal as “120 goal”.`);
  return answer ? left.join("\n") : lines;
}
const markEvents = async () => { events.value = await mark(events.value); };
const addGoal = async () => { goal.value = await mark(goal.value); };
onMounted(load);
watch(stamp, load);
</script>

<template>
  <div>
    <h2>{{ kind?.title ?? "Chart" }}</h2>
    <p class="small quiet from"><template v-if="others.table">from “{{ others.table.name }}” <button class="act" @click="router.push({ name: 'gather', params: route.params, query: { table: others.table!.id } })">Change the numbers</button></template><template v-else>stands by itself, with no table</template></p>
    <div v-for="r in remarks" :key="r.id" class="remark"><strong>{{ r.title }}</strong><span>{{ r.detail }}</span><button v-for="(m, i) in r.mends" :key="m.label" class="act" @click="piece.send('mend', () => ({ remark: r.id, which: i }))">{{ m.label }}</button></div>

    <span class="label">Says</span>
    <textarea class="field heading" rows="2" aria-label="Heading" placeholder="Heading" :value="chart.heading ?? ''" @change="set({ heading: value($event) || null })" />
    <input class="field sub" aria-label="What is measured" placeholder="What is measured" :value="chart.subtitle ?? ''" @change="set({ subtitle: value($event) || null })" />
    <select v-if="others.findings.length" class="field sub" aria-label="Take a finding as heading" :value="''" @change="set({ heading: ($event.target as HTMLSelectElement).value })"><option value="" disabled>Take a finding as heading …</option><option v-for="f in others.findings" :key="f" :value="f.replace(/\.$/, '')">{{ f }}</option></select>
    <template v-if="others.measures.length > 1">
      <span class="label">About</span>
      <select class="field" aria-label="About" :value="chart.column ?? chart.data.series[0].name" @change="draw({ column: ($event.target as HTMLSelectElement).value })"><option v-for="m in others.measures" :key="m">{{ m }}</option></select>
    </template>

    <template v-if="others.charts.length">
      <span class="label">Drawn as</span>
      <div class="kinds"><button v-for="c in others.charts" :key="c.chart" :aria-pressed="c.chart === chart.chart" :title="c.reason" @click="c.chart !== chart.chart && draw({ chart: c.chart })"><span :style="{ background: piece.roles.surface }" v-html="c.svg" /><strong>{{ c.title }}</strong></button></div>
    </template>

    <template v-if="MARKABLE.includes(chart.chart)">
      <span class="label">Marked in it</span>
      <div v-for="(m, i) in marks" :key="i" class="mark"><span class="tiny quiet">{{ say(m) }}</span><input v-if="m.kind !== 'fit'" class="field" :aria-label="`Words of mark ${i + 1}`" :value="m.text ?? ''" @change="change(i, { text: value($event) })" /><span v-else /><button :aria-label="`Remove mark ${i + 1}`" title="Remove" @click="change(i, null)"><PhTrash :size="15" /></button></div>
      <textarea v-model="events" class="field" rows="2" aria-label="Events" placeholder="13 August: meteor shower" />
      <div class="acts"><button class="act" :disabled="!events.trim()" @click="markEvents">Mark these events</button></div>
      <div class="acts goal"><input v-model="goal" class="field" aria-label="Goal" placeholder="120 goal" @keydown.enter="addGoal" /><button class="act" :disabled="!goal.trim()" @click="addGoal">Goal line</button><button class="act" @click="mark('average')">Average</button></div>
    </template>
    <details v-if="numbers.length">
      <summary class="label">Its numbers</summary>
      <div v-for="n in numbers" :key="`${n.series}/${n.key}`" class="number"><label :for="`n-${n.series}-${n.key}`" :title="n.name">{{ n.name }}</label><input :id="`n-${n.series}-${n.key}`" class="field" inputmode="decimal" :value="n.value ?? ''" @change="piece.send(`charts/${chart.id}/number`, () => ({ series: n.series, key: n.key, text: value($event) }))" /></div>
    </details>
    <details v-if="kind?.scale || kind?.areas">
      <summary class="label">Scale</summary>
      <template v-if="kind?.scale">
        <div class="two"><label>from<input v-if="kind?.scale === 'points'" class="field" inputmode="decimal" aria-label="Scale from" placeholder="as it is" :value="axis.min ?? ''" @change="limit('min', $event)" /><input v-else class="field" disabled aria-label="Scale from" value="0" title="Lengths begin at nothing" /></label><label>to at least<input class="field" inputmode="decimal" aria-label="Scale to" placeholder="as it is" :value="axis.max ?? ''" @change="limit('max', $event)" /></label></div>
        <input class="field sub" aria-label="Title of the scale" maxlength="120" placeholder="Title of the scale" :value="axis.title ?? ''" @change="setAxis({ title: value($event) })" />
        <label class="check"><input type="checkbox" :checked="axis.grid !== false" @change="setAxis({ grid: axis.grid === false ? null : false })" /> Rules across</label>
        <label v-if="kind?.scale === 'points'" class="check"><input type="checkbox" :checked="!!axis.log" @change="setAxis({ log: axis.log ? null : true })" /> Logarithmic: equal steps are equal ratios</label>
      </template>
      <label v-if="kind?.areas" class="check"><input type="checkbox" :checked="!!chart.patterns" @change="set({ patterns: chart.patterns ? null : true })" /> Hatched too, for those who do not see the colours</label>
    </details>
    <template v-if="keys.length">
      <span class="label">The one that matters</span>
      <select class="field" aria-label="The one that matters" :value="Array.isArray(chart.highlight) ? chart.highlight[0] : chart.highlight ?? ''" @change="set({ highlight: ($event.target as HTMLSelectElement).value || null })"><option value="">none</option><option v-for="k in keys" :key="k">{{ k }}</option></select>
    </template>

    <span class="label">Finish</span>
    <div class="switch finish" role="group" aria-label="Finish"><button v-for="f in piece.catalogue?.finishes" :key="f.finish" :aria-pressed="finish === f.finish" :title="f.sees" @click="set({ finish: f.finish })">{{ f.finish }}</button></div>
    <span class="label">Colour</span>
    <div class="row"><button v-for="role in COLOURS" :key="role" class="swatch" :style="{ background: piece.roles[role] }" :aria-label="ROLE[role]" :title="ROLE[role]" :aria-pressed="(chart.colour ?? 'accent-1') === role" @click="set({ colour: role })" /></div>
    <p v-if="chart.parts" class="small quiet">Some parts are not as they were computed. <button class="act" @click="set({ parts: null })">Put all back</button></p>
    <TakeAlong :figure="chart.id" :item="null" :title="null" />
    <label class="label" for="chart-description">For readers who cannot see it</label>
    <textarea id="chart-description" class="field" rows="4" :value="chart.description ?? ''" placeholder="What the chart shows, in a sentence" @change="set({ description: value($event) || null })" />
  </div>
</template>

<style scoped>
h2 { font-size: 19px; } .from { margin: 1px 0 0; line-height: 1.35; } .heading { font: 600 15px/1.3 var(--serif); } .sub { margin-top: 6px; font-size: 13px; }
.remark { background: var(--straw-2); border-radius: 5px; padding: 9px 12px; margin-top: 10px; font-size: 13px; display: grid; gap: 2px; } .remark strong { color: var(--straw-ink); }
.kinds { display: grid; grid-template-columns: 1fr 1fr; gap: 8px; } .kinds button { border: 1px solid var(--line); border-radius: 4px; background: var(--paper); overflow: hidden; } .kinds button:hover { border-color: var(--quiet); } .kinds [aria-pressed="true"] { border-color: var(--peony); box-shadow: 0 0 0 1px var(--peony); } .kinds span { display: block; padding: 6px; } .kinds :deep(svg) { display: block; width: 100%; height: auto; } .kinds strong { display: block; font-size: 12px; padding: 3px 7px 5px; border-top: 1px solid var(--line); }
.mark { display: grid; grid-template-columns: 74px minmax(0, 1fr) 18px; gap: 6px; align-items: center; margin-bottom: 4px; } .mark .field { height: 28px; font-size: 13px; padding: 0 7px; } .mark span { overflow: hidden; text-overflow: ellipsis; white-space: nowrap; }
.acts { display: flex; gap: 12px; margin: 5px 0 8px; align-items: center; } .goal .field { height: 30px; font-size: 13px; } .goal .act { white-space: nowrap; } .row { display: flex; gap: 9px; }
.finish { display: grid; grid-template-columns: repeat(3, 1fr); } .finish button:nth-child(3n) { border-right: 0; } .finish button:nth-child(n + 4) { border-top: 1px solid var(--line); }
.number { display: grid; grid-template-columns: minmax(0, 1fr) 96px; gap: 8px; align-items: center; margin-bottom: 4px; font-size: 13px; } .number label { overflow: hidden; text-overflow: ellipsis; white-space: nowrap; } .number .field { height: 28px; padding: 0 7px; font-size: 13px; text-align: right; }
summary { cursor: pointer; } .two { display: grid; grid-template-columns: 1fr 1fr; gap: 8px; font-size: 12px; color: var(--quiet); } .two .field { width: 100%; height: 30px; font-size: 13px; } .check { display: flex; gap: 7px; align-items: center; font-size: 13px; margin-top: 6px; }
</style>
