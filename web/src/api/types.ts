// What the server answers, beside the schema's own types.
import type { Block, Box, Correct, Item, PageObject, Piece, Ref, Role, Source, Step, Style } from "./schema";

export type { Block, Box, ChartObject, ClockObject, ConnectorObject, FigureObject, Item, Mark, Operation, PageObject, Piece, Ref, Role, ShapeObject, Style, TextObject } from "./schema";

export interface Remark {
  id: string; check: string; group: string; title: string; detail: string; page: string | null; object: string; place: Box | null; state: string;
  mends: { label: string }[]; accept: string;
}
export interface PageSkeleton { id: string; ground: Role; fill: string; objects: string[] }
export interface Edition { id: string; number: number; seq: number; madeAt: number; takenBackAt: number | null; path: string }
export interface TableHead { id: string; name: string; correct?: Correct; stamp: number; source?: Source; of?: string; steps?: Step[]; said?: string[] }
export interface StepFacts { step: string; title: string; sees: string; fields: Record<string, string | Record<string, string>> }
export type Head = Omit<Piece, "pages" | "tables"> & { tables: TableHead[] };
export interface Whole {
  id: string; seq: number; updatedAt: number; piece: Head; pages: PageSkeleton[]; objects: Record<string, PageObject>; svg: Record<string, string>;
  margin: number; remarks: Remark[]; orderly: string[]; undo: boolean; redo: boolean; editions: Edition[];
}
export interface Difference {
  seq: number; updatedAt: number; touched: string[]; piece: Partial<Head>; pages: PageSkeleton[]; removed: string[]; objects: Record<string, PageObject>;
  svg: Record<string, string>; remarks: Remark[]; orderly: string[]; undo: boolean; redo: boolean; nothing?: boolean; tab?: string;
}
export interface PassageFound {
  id: string; heading: string | null; blocks: string[]; families: { family: string; fit: number; reason: string }[];
  others?: string[]; silence: string | null; corrected: boolean; derived: { value: number; unit: string; working: string }[];
  items: { title: string; detail: string; value: number | null; unit: string | null; date: string | null; refs: Ref[] }[]; quantities: { text: string; value: number; unit: string }[];
  queries: { message: string; working: string; refs: Ref[]; answer: string | null }[]; drawn: string[];
}
export interface ColumnFound { name: string; kind: string; unit: string | null; missing: number; index: number; place: number }
export interface FindingFound { kind: string; sentence: string; sure: string | null; column: string | null; cells: [string, number[]][] }
export interface TableWhole {
  id: string; name: string; rows: string[][]; shown?: Record<string, Record<string, string>>; from: number; size: number; wide: number; correct: Correct; columns: ColumnFound[]; left: Record<string, string>; data?: number; shape?: string;
  gaps: string[]; measures: string[]; findings: FindingFound[]; charts: number; trouble?: string;
}
export interface ChartProposal { chart: string; title: string; family: string; fit: number; reason: string; heading: string; cuts: number; svg: string }
export interface DraftFound { composition: string; title: string; sees: string; figures: number; pages: number; svg: string[] }
export interface RenewalStep { id: string; state: "same" | "changed" | "added" | "gone"; old: Item | null; new: Item | null }
export interface Proposal { form: string; title: string; family: string; fit: number; reason: string; heading: string | null; items: Item[]; cuts: number; svg: string }
export interface FormLook { form: string; title: string; family: string; sees: string; objection: string | null; svg: string | null }
export interface StyleFacts { style: string; note: string; roles: Record<Role, string>; finish: string; icons: string; radius: number; type: Record<string, { family: string; weight: number }> }
export interface KindFacts { kind: string; title: string; width: number; height: number; unit: "px" | "mm" | "in" }
export interface Catalogue { forms: { form: string; title: string; family: string }[]; charts: { chart: string; title: string; scale: "points" | "lengths" | null; areas: boolean }[]; finishes: { finish: string; sees: string }[]; styles: StyleFacts[]; icons: { set: string; sees: string }[]; kinds: KindFacts[]; roles: Role[] }
export interface Card { id: string; title: string; kind: string; seq: number; updatedAt: number; pages: number; size: { width: number; height: number }; editions: number }
export interface Me { name: string; email: string; token: string; demo: boolean }
export type Marked = { block: string; start: number; end: number }[];
export type { Style as PieceStyle, Block as NoteBlock };
