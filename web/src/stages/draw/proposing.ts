import { computed, ref, shallowRef } from "vue";
import { get, post } from "../../api/client";
import type { ChartProposal, Marked, PassageFound, Proposal } from "../../api/types";
import { usePiece } from "../../piece/store";
import { tellTrouble } from "../../ui/notices";

interface Figures { passage: PassageFound; proposals: Proposal[]; objection: string | null }
interface Charts { charts: ChartProposal[]; measures: string[] }
interface Asked { chart: ChartProposal; column: string | null; left: string[] }

const NO_NUMBERS = "Peony finds no numbers to draw in this table. Check in Gather how its columns are understood.";

/**
 * What is proposed for a passage, for words that were marked, or for a table, on one sheet.
 * @param width px that one proposal has on the sheet
 */
export function useProposing(width: () => number) {
  const piece = usePiece();
  const passages = shallowRef<PassageFound[] | null>(null);
  const current = ref<string | null>(null);
  const reading = shallowRef<PassageFound | null>(null);
  const proposals = shallowRef<Proposal[]>([]);
  const family = ref<string | null>(null);
  const chosen = ref(0);
  const pointed = ref<number | null>(null);
  const busy = ref(false);
  const using = ref<Marked>([]);
  const objection = ref<string | null>(null);
  /** The table whose charts are shown, in place of a passage; and the column they are about. */
  const table = ref<string | null>(null);
  const measures = ref<string[]>([]);
  const measure = ref<string | null>(null);
  /** What is asked for in words, the answer's words, and what was not used of them. */
  const wish = ref("");
  const asking = ref<{ words: string; left: string[] } | null>(null);
  let turns = 0;

  const shown = computed(() => proposals.value.filter((p) => !family.value || p.family === family.value));
  const families = computed(() => [...new Set(proposals.value.map((p) => p.family))]);
  const pick = computed<Proposal | null>(() => shown.value[pointed.value ?? chosen.value] ?? null);

  /** Asks for something; its answer counts only while nothing else was asked for since. */
  async function answered<T>(path: string, body: object, take: (answer: T) => void, fail: () => void = () => undefined) {
    turns += 1;
    const turn = turns;
    busy.value = true;
    try {
      const answer = await post<T>(`/api/pieces/${piece.state!.id}/${path}`, body);
      if (turn === turns) take(answer);
    } catch (error) {
      if (turn === turns) fail();
      tellTrouble(error);
    } finally {
      if (turn === turns) busy.value = false;
    }
  }

  function show(list: Proposal[], trouble: string | null) {
    proposals.value = list;
    objection.value = trouble;
    family.value = null;
    chosen.value = 0;
    pointed.value = null;
  }

  const box = (wide: number, across: number) => ({ width: Math.round(wide * across), height: Math.round(wide * 1.2) });

  async function load() {
    try {
      passages.value = (await get<{ passages: PassageFound[] }>(`/api/pieces/${piece.state!.id}/passages`)).passages;
    } catch (error) {
      tellTrouble(error);
      passages.value = [];
    }
  }

  /** Charts stand on the same sheet as figures do. */
  async function chart(id: string, column: string | null = null) {
    if (table.value !== id) wish.value = "";
    asking.value = null;
    table.value = id;
    measure.value = column;
    current.value = null;
    reading.value = null;
    await answered<Charts>(`tables/${id}/charts`, { column, ...box(width(), 1.5) }, (answer) => {
      show(answer.charts.map((c) => ({ ...c, form: c.chart, items: [] })), answer.charts.length ? null : NO_NUMBERS);
      measures.value = answer.measures;
    }, () => { proposals.value = []; });
  }

  async function ask() {
    const words = wish.value.trim();
    if (!words || !table.value) return;
    await answered<Asked>(`tables/${table.value}/asked`, { words, ...box(width(), 1.5) }, (answer) => {
      asking.value = { words, left: answer.left };
      measure.value = answer.column;
      proposals.value = [{ ...answer.chart, title: `${answer.chart.title}, as asked`, form: answer.chart.chart, items: [] }, ...proposals.value.filter((p) => p.form !== answer.chart.chart)];
      chosen.value = 0;
    });
  }

  async function propose(body: { passage?: string; marked?: Marked }) {
    using.value = body.marked ?? [];
    table.value = null;
    await answered<Figures>("proposals", { ...body, ...box(width(), 1.3) }, (answer) => {
      show(answer.proposals, answer.objection);
      reading.value = answer.passage;
    }, () => { proposals.value = []; reading.value = null; });
  }

  /** What the chosen proposal is drawn from, as an operation names it. */
  function order(proposal: Proposal, page: string): [string, object] {
    const source = using.value.length ? { marked: using.value } : { passage: current.value };
    const asked = asking.value && proposal === proposals.value[0] ? { words: asking.value.words } : {};
    return table.value
      ? ["chart", { table: table.value, chart: proposal.form, column: measure.value, page, ...asked }]
      : ["place", { ...source, form: proposal.form, family: proposal.family, page }];
  }

  return { passages, current, reading, family, chosen, pointed, busy, using, objection, table, measures, measure, wish, asking, shown, families, pick, load, chart, ask, propose, order };
}
