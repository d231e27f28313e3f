<script setup lang="ts">
import { computed, nextTick, onBeforeUnmount, onMounted, ref, watch } from "vue";
import { useRoute, useRouter } from "vue-router";
import { tell } from "../../ui/notices";
import { FAMILY } from "../../ui/words";
import { usePiece } from "../../piece/store";
import type { Marked } from "../../api/types";
import { markedIn } from "./marks";
import { useProposing } from "./proposing";
import Outline from "./Outline.vue";
import PassageText from "./PassageText.vue";
import ProposalSheet from "./ProposalSheet.vue";
import TableList from "./TableList.vue";
import ReadingPanel from "./ReadingPanel.vue";
import PageView from "../../piece/PageView.vue";

const piece = usePiece();
const route = useRoute();
const router = useRouter();
const marked = ref<Marked>([]);
const goal = ref<string>("");
const side = ref<"words" | "outline" | "tables">("words");
const tables = computed(() => piece.state?.piece.tables ?? []);
const panel = ref(false);
const notes = ref<HTMLElement>();
const sheet = ref<HTMLElement>();
const width = () => Math.max(220, Math.floor(((sheet.value?.clientWidth ?? 780) - 44 - 28) / 3));
const { passages, current, reading, family, chosen, pointed, busy, using, objection, table, measures, measure, wish, asking, shown, families, pick, load, chart, ask, propose, order } = useProposing(width);

const tableName = computed(() => tables.value.find((t) => t.id === table.value)?.name ?? "");
const lit = computed(() => pick.value?.items?.map((i) => ({ refs: i.refs ?? [] })) ?? []);
const target = computed(() => goal.value || piece.state?.pages.at(-1)?.id || "");
const title = computed(() => reading.value?.families.find((f) => f.family === (pick.value?.family ?? ""))?.reason ?? reading.value?.families[0]?.reason ?? "");

const nothing = computed(() => objection.value ?? `${reading.value?.silence ?? "Peony sees nothing to draw in these words."} Mark other words on the left to read just those.`);
const undrawn = computed(() => (passages.value ?? []).filter((p) => p.families.length && !p.drawn.length && p.id !== current.value));

/** The reading is of a passage: over a table it is shut. */
function openTable(id: string, column: string | null = null) {
  panel.value = false;
  void chart(id, column);
}

function choose(id: string) {
  if (window.getSelection()?.toString()) return;
  current.value = id;
  marked.value = [];
  void propose({ passage: id });
}

function readMarked() {
  if (!marked.value.length) return;
  const words = marked.value;
  current.value = passages.value?.find((p) => p.blocks.includes(words[0].block))?.id ?? null;
  void propose({ marked: words });
  window.getSelection()?.removeAllRanges();
  marked.value = [];
}

const seeMarked = () => { marked.value = notes.value ? markedIn(notes.value) : []; };

async function place(index = chosen.value) {
  const proposal = shown.value[index];
  if (!proposal || busy.value) return;
  busy.value = true;
  const [operation, body] = order(proposal, target.value);
  const answer = await piece.send(operation, () => body);
  busy.value = false;
  if (!answer) return;
  const id = Object.keys(answer.objects)[0];
  const page = answer.pages.find((p) => p.objects.includes(id));
  goal.value = page?.id ?? "";
  piece.pageId = page?.id ?? null;
  void load();
  tell(`“${proposal.title}” is on page ${answer.pages.findIndex((p) => p.id === page?.id) + 1}.`, { label: "Arrange it", run: () => { piece.select(id); void router.push({ name: "arrange", params: route.params }); } });
}

function next(step: number) {
  const list = passages.value ?? [];
  const at = list.findIndex((p) => p.id === current.value);
  const to = list[at + step];
  if (to) { choose(to.id); void nextTick(() => reveal(to.blocks[0])); }
}

/** The next passage that is worth a figure and has none, going round. */
function skip() {
  const list = passages.value ?? [];
  const at = list.findIndex((p) => p.id === current.value);
  const to = [...list.slice(at + 1), ...list.slice(0, Math.max(at, 0))].find((p) => undrawn.value.includes(p));
  if (to) { choose(to.id); void nextTick(() => reveal(to.blocks[0])); }
}

async function corrected() {
  await load();
  if (current.value) await propose({ passage: current.value });
}

/** Scrolls only the notes, never the window around them. */
function reveal(block: string) {
  const words = notes.value?.querySelector<HTMLElement>(`[data-block="${block}"]`);
  if (words && notes.value) notes.value.scrollTo({ top: words.offsetTop - notes.value.clientHeight / 3, behavior: "smooth" });
}

onMounted(async () => {
  document.addEventListener("selectionchange", seeMarked);
  await load();
  const wanted = passages.value?.find((p) => p.id === route.query.passage) ?? passages.value?.find((p) => p.families.length && !p.drawn.length) ?? passages.value?.find((p) => p.families.length);
  const asks = tables.value.find((t) => t.id === route.query.table) ?? (wanted ? null : tables.value[0]);
  if (asks) { side.value = "tables"; openTable(asks.id); }
  else if (wanted) choose(wanted.id);
});
onBeforeUnmount(() => document.removeEventListener("selectionchange", seeMarked));
watch(() => piece.state?.piece.notes, () => void load());
watch(() => piece.state?.piece.style, () => { if (table.value) void chart(table.value, measure.value); else if (current.value) void propose({ passage: current.value }); });
watch(() => tables.value.map((t) => t.stamp).join(), () => { if (table.value && tables.value.some((t) => t.id === table.value)) void chart(table.value, measure.value); });
</script>

<template>
  <main class="draw">
    <section ref="notes" class="notes scroll" aria-label="Notes">
      <div v-if="passages && (passages.length || tables.length)" class="sides switch" role="group" aria-label="Show"><button :aria-pressed="side === 'words'" @click="side = 'words'">Words</button><button :aria-pressed="side === 'outline'" @click="side = 'outline'">Outline</button><button :aria-pressed="side === 'tables'" @click="side = 'tables'">Tables</button></div>
      <TableList v-if="side === 'tables'" :current="table" @choose="openTable($event)" />
      <p v-else-if="passages && !passages.length" class="none">There are no words yet. <router-link :to="{ name: 'gather', params: route.params }">Write or paste some in Gather.</router-link></p>
      <Outline v-else-if="passages?.length && side === 'outline'" :passages="passages" :current="current" @choose="choose" />
      <PassageText v-else-if="passages?.length" :blocks="piece.state?.piece.notes ?? []" :passages="passages" :current="current" :lit="lit" :strong="null" @choose="choose" />
      <div v-if="marked.length" class="marked"><v-btn color="primary" @mousedown.prevent @click="readMarked">Read just these words</v-btn></div>
    </section>
    <section class="desk">
      <header class="top">
        <h2>{{ table ? tableName : reading ? (title || "Nothing to draw here") : busy ? "Reading …" : "Choose a passage" }}</h2>
        <label v-if="table && measures.length > 1" class="about small">About <select class="field" :value="measure ?? measures[0]" @change="chart(table!, ($event.target as HTMLSelectElement).value)"><option v-for="m in measures" :key="m">{{ m }}</option></select></label>
        <div v-if="!table" class="walk"><button class="act" :disabled="!passages || passages[0]?.id === current" @click="next(-1)">Previous</button><button class="act" :disabled="!passages || passages.at(-1)?.id === current" @click="next(1)">Next passage</button><button class="act" :disabled="!undrawn.length" title="The next passage that is worth a figure and has none" @click="skip">Next undrawn</button></div>
        <div v-if="!table && families.length > 1" class="tabs" role="tablist" aria-label="Families">
          <button role="tab" :aria-selected="!family" @click="family = null; chosen = 0">All</button>
          <button v-for="name in families" :key="name" role="tab" :aria-selected="family === name" @click="family = name; chosen = 0">{{ FAMILY[name] ?? name }}</button>
        </div>
        <p v-if="table || using.length || families.length < 2" class="small quiet">{{ table ? "drawn with the numbers of this table" : using.length ? "drawn from just the words you marked" : "drawn from the words marked on the left" }}</p>
      </header>
      <form v-if="table" class="ask" @submit.prevent="ask">
        <input v-model="wish" class="field" aria-label="Ask for a chart" placeholder="Ask for it: visitors as a line, show Saturdays and Sundays, mark the best three nights" />
        <v-btn variant="outlined" type="submit" :disabled="!wish.trim() || busy">Draw that</v-btn>
        <span v-if="asking?.left.length" class="small quiet" role="status">Not used: {{ asking.left.join(", ") }}</span>
      </form>
      <div class="body" :class="{ open: panel && reading }">
      <div ref="sheet" class="sheet scroll" :aria-busy="busy">
        <p v-if="(reading || table) && !shown.length && !busy" class="none">{{ nothing }}</p>
        <ProposalSheet v-else :proposals="shown" :chosen="chosen" :narrow="panel && !!reading" @choose="chosen = $event" @point="pointed = $event" @place="place($event)" />
      </div>
      <ReadingPanel v-if="panel && reading && current && !using.length" :key="current" :passage="reading" :marked="marked" @changed="corrected" />
      </div>
      <footer class="foot">
        <strong class="goes">Goes to</strong>
        <div class="pages" role="radiogroup" aria-label="Page it goes to">
          <button v-for="(p, i) in piece.state?.pages" :key="p.id" role="radio" :aria-checked="target === p.id" class="mini" :aria-label="`Page ${i + 1}`" @click="goal = p.id"><PageView :page="p" /></button>
          <button role="radio" :aria-checked="target === 'new'" class="mini new" aria-label="A new page" @click="goal = 'new'">+</button>
        </div>
        <span class="small quiet">{{ target === "new" ? "a new page" : `page ${(piece.state?.pages.findIndex((p) => p.id === target) ?? 0) + 1}` }}</span>
        <button v-if="!table" class="act correct" :aria-pressed="panel" :disabled="!reading || !!using.length" @click="panel = !panel">{{ panel ? "Close the reading" : "Put the reading right" }}</button>
        <v-btn class="put" color="primary" :disabled="!shown.length || busy" @click="place()">Put on the page</v-btn>
      </footer>
    </section>
  </main>
</template>

<style scoped>
.draw { display: grid; grid-template-columns: 452px minmax(0, 1fr); grid-template-rows: minmax(0, 1fr); min-height: 0; }
.notes { background: var(--paper); border-right: 1px solid var(--line); position: relative; }
.marked { position: sticky; bottom: 14px; display: flex; justify-content: center; }
.none { padding: 34px; max-width: 460px; color: var(--quiet); font-size: 15px; }
.desk { display: flex; flex-direction: column; min-width: 0; min-height: 0; } .desk .body { flex: 1; } .ask { display: flex; gap: 10px; padding: 0 22px 12px; align-items: center; } .ask .field { flex: 1; }
.top { padding: 14px 22px 10px; display: grid; grid-template-columns: minmax(0, 1fr) auto; column-gap: 22px; align-items: baseline; } .top h2 { font-size: 21px; } .top h2::first-letter, .margin strong::first-letter { text-transform: uppercase; } .top p { margin: 0; grid-column: 1 / -1; }
.tabs { display: flex; flex-wrap: wrap; grid-column: 1 / -1; margin-left: -11px; } .tabs + p { margin-top: 2px; } .tabs button { padding: 4px 11px; color: var(--quiet); border-bottom: 2px solid transparent; white-space: nowrap; } .tabs [aria-selected="true"] { color: var(--ink); font-weight: 600; border-color: var(--peony); }
.walk { display: flex; gap: 14px; white-space: nowrap; }
.body { display: grid; grid-template-columns: minmax(0, 1fr); min-height: 0; } .body.open { grid-template-columns: minmax(0, 1fr) 292px; }
.sides { position: sticky; top: 12px; z-index: 2; width: 250px; margin: 12px 0 0 34px; /* What scrolls up goes under it, over the whole width. */ box-shadow: -21px 0 0 13px var(--paper), 154px 0 0 13px var(--paper); }
 .about { display: flex; gap: 8px; align-items: center; } .about .field { width: 220px; } .correct { margin-left: auto; } .correct + .put { margin-left: 0; }
.sheet { padding: 3px 22px 22px; }
.foot { background: var(--panel); border-top: 1px solid var(--line); padding: 10px 22px; display: flex; align-items: center; gap: 14px; min-height: 66px; } .goes { font: 600 16px var(--serif); }
.pages { display: flex; gap: 6px; align-items: center; overflow-x: auto; padding: 3px; } .mini { width: 32px; height: 42px; border: 1px solid var(--line); background: var(--paper); flex: none; overflow: hidden; display: grid; place-items: center; }
.mini[aria-checked="true"] { border: 2px solid var(--peony); } .mini.new { border-style: dashed; color: var(--quiet); font-size: 17px; text-align: center; }
.put { margin-left: auto; }
</style>
