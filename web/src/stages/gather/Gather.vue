<script setup lang="ts">
import { computed, onBeforeUnmount, onMounted, ref, shallowRef, watch } from "vue";
import { EditorContent, useEditor } from "@tiptap/vue-3";
import type { Editor } from "@tiptap/core";
import StarterKit from "@tiptap/starter-kit";
import { useRoute, useRouter } from "vue-router";
import { get, post } from "../../api/client";
import { tell, tellTrouble } from "../../ui/notices";
import { many } from "../../ui/words";
import { usePiece } from "../../piece/store";
import type { Block, PassageFound } from "../../api/types";
import { cells, difference, toBlocks, toDoc } from "./blocks";
import { BlockIds, Queries, stamp } from "./extensions";
import AddTable from "./AddTable.vue";
import TableDesk from "./TableDesk.vue";
import MakePiece from "../../piece/MakePiece.vue";

const WAIT_MS = 350;
const LARGEST = 60 * 1024 * 1024;
const KINDS = ".md,.markdown,.txt,.text,.html,.htm,.docx,.odt,.pptx,.pdf";
const piece = usePiece();
const route = useRoute();
const router = useRouter();
const passages = shallowRef<PassageFound[]>([]);
const file = ref<HTMLInputElement>();
const dropping = ref(false);
const reading = ref<string | null>(null);
const making = ref(false);
const adding = ref(false);
const bringer = ref<InstanceType<typeof AddTable>>();
const TABLES = /\.(csv|tsv|tab|xlsx|ods|json)$/i;
const tables = computed(() => piece.state?.piece.tables ?? []);
/** The table that is looked at, by the address, so that a reload comes back to it. */
const table = computed(() => tables.value.find((t) => t.id === route.query.table)?.id ?? null);
const look = (id: string | null) => void router.replace({ query: id ? { table: id } : {} });
let known: Block[] = piece.state?.piece.notes ?? [];
let timer = 0;
let mine = 0;

const editor = useEditor({
  content: toDoc(known),
  extensions: [
    StarterKit.configure({ heading: { levels: [1, 2, 3] }, codeBlock: false, horizontalRule: false, strike: false, underline: false, link: { openOnClick: false } }),
    BlockIds, Queries.configure({ refs: () => passages.value.flatMap((p) => p.queries.flatMap((q) => q.refs)) }),
  ],
  injectCSS: false,
  autofocus: known.length ? false : "end",
  editorProps: { handlePaste: (_view, event) => pasted(event), attributes: { class: "prose", role: "textbox", "aria-multiline": "true", "aria-label": "Notes" } },
  onUpdate: () => { clearTimeout(timer); timer = window.setTimeout(flush, WAIT_MS); },
});

/** Plain text of several lines is read as notes are: Markdown with its marks, lists, headings, tables. Rich text is left to the editor, unless it holds a table. */
function pasted(event: ClipboardEvent): boolean {
  const text = event.clipboardData?.getData("text/plain") ?? "";
  const rich = event.clipboardData?.getData("text/html") ?? "";
  if (cells(text)) { void bringCells(text); return true; }
  if (/<table[\s>]/i.test(rich)) { void bringText(rich, ".html"); return true; }
  if (rich || !/\n|^#{1,6} |^\s*([-*]|\d+\.) /.test(text.trim())) return false;
  void bringText(text, /^#{1,6} |\*\*|\]\(|^>|^\|/m.test(text) ? ".md" : ".txt");
  return true;
}

/** Tables of numbers that came with pasted words: they are added with them, and one undo takes both back. */
let brought: { op: string; table: { id: string; name: string } }[] = [];

async function bringText(text: string, extension: string) {
  try {
    const found = await post<{ blocks: Block[]; tables: typeof brought }>(`/api/pieces/${piece.state?.id}/pasted`, { text, extension });
    brought.push(...found.tables);
    editor.value?.chain().focus().insertContent(toDoc(found.blocks).content ?? []).run();
    if (!found.tables.length) return;
    await flush();
    const [first, ...more] = found.tables.map((t) => t.table);
    tell(more.length ? `${many(more.length + 1, "table")} of numbers came with these words.` : `The table in these words is “${first.name}” now.`, { label: "Look at it", run: () => look(first.id) });
  } catch (trouble) { tellTrouble(trouble); }
}

async function bringCells(text: string) {
  const before = new Set(tables.value.map((t) => t.id));
  if (!(await piece.send("tables/text", () => ({ text, name: "" })))) return;
  const made = tables.value.find((t) => !before.has(t.id));
  if (made) tell(`These cells are “${made.name}” now.`, { label: "Look at it", run: () => look(made.id) });
}

async function flush() {
  clearTimeout(timer);
  if (!editor.value || editor.value.isDestroyed) return;
  const now = toBlocks(editor.value.getJSON());
  stamp(editor.value.view, now);
  const splice = difference(known, now);
  if (!splice) return;
  known = now;
  mine += 1;
  const words = { op: "notes.splice", ...splice };
  const answer = await piece.apply((brought.length ? { op: "batch", operations: [words, ...brought.splice(0)] } : words) as never);
  mine -= 1;
  if (!answer) refill();
  void read();
}

function refill() {
  known = piece.state?.piece.notes ?? [];
  editor.value?.commands.setContent(toDoc(known), { emitUpdate: false });
}

async function read() {
  if (!piece.state) return;
  try {
    passages.value = (await get<{ passages: PassageFound[] }>(`/api/pieces/${piece.state.id}/passages`)).passages;
    editor.value?.view.dispatch(editor.value.state.tr.setMeta("addToHistory", false));
  } catch { /* the next change reads again */ }
}

// Undo, redo and other windows change the notes from outside.
watch(() => piece.state?.piece.notes, (notes) => {
  if (!notes || mine || JSON.stringify(notes) === JSON.stringify(known)) return;
  refill();
  void read();
});

async function openFile(list: FileList | null | undefined) {
  dropping.value = false;
  const chosen = list?.[0];
  if (!chosen) return;
  if (TABLES.test(chosen.name)) return bringer.value?.bringFile(list ?? null);
  if (chosen.size > LARGEST) return tell("This file is larger than 60 MB. Bring it in parts, or without its pictures.");
  await flush();
  mine += 1;
  reading.value = chosen.name;
  const before = tables.value.length;
  const answer = await piece.send(`file?name=${encodeURIComponent(chosen.name)}`, () => chosen);
  reading.value = null;
  mine -= 1;
  if (!answer) return;
  refill();
  void read();
  const more = tables.value.length - before;
  tell(`“${chosen.name}” was added at the end of the notes${more ? `, with ${many(more, "table")} of numbers beside them` : ""}.`, { label: "Undo", run: () => void piece.undo() });
}

async function make() {
  await flush();
  making.value = true;
}

const outline = computed(() => (piece.state?.piece.notes ?? []).filter((b) => b.type === "heading"));
const count = computed(() => (piece.state?.piece.notes ?? []).reduce((sum, b) => sum + b.text.split(/\s+/).filter(Boolean).length, 0));
const queries = computed(() => (piece.state?.remarks ?? []).filter((r) => r.check === "numbers"));

function go(id: string) {
  const view = editor.value?.view;
  view?.state.doc.descendants((node, pos) => {
    if (node.attrs.blockId === id) {
      (view.nodeDOM(pos) as HTMLElement | null)?.scrollIntoView({ behavior: "smooth", block: "start" });
      editor.value?.commands.focus(pos + node.nodeSize - 1, { scrollIntoView: false });
    }
  });
}

const tools = computed(() => {
  const e = editor.value;
  if (!e) return [];
  type Chain = ReturnType<Editor["chain"]>;
  const run = (act: (chain: Chain) => Chain) => () => { act(e.chain().focus()).run(); };
  return [
    [{ name: "Paragraph", on: e.isActive("paragraph") && !e.isActive("listItem"), run: run((c) => c.setParagraph()) },
     { name: "Heading", on: e.isActive("heading", { level: 1 }) || e.isActive("heading", { level: 2 }), run: run((c) => c.toggleHeading({ level: 2 })) },
     { name: "Small heading", on: e.isActive("heading", { level: 3 }), run: run((c) => c.toggleHeading({ level: 3 })) }],
    [{ name: "Bold", on: e.isActive("bold"), run: run((c) => c.toggleBold()) }, { name: "Italic", on: e.isActive("italic"), run: run((c) => c.toggleItalic()) }],
    [{ name: "List", on: e.isActive("bulletList"), run: run((c) => c.toggleBulletList()) }, { name: "Steps", on: e.isActive("orderedList"), run: run((c) => c.toggleOrderedList()) },
     { name: "Quote", on: e.isActive("blockquote"), run: run((c) => c.toggleBlockquote()) }],
  ];
});

const leave = () => { if (document.visibilityState === "hidden") void flush(); };
onMounted(() => { void read(); document.addEventListener("visibilitychange", leave); });
onBeforeUnmount(() => { document.removeEventListener("visibilitychange", leave); void flush(); });
</script>

<template>
  <main class="gather">
    <aside class="outline scroll">
      <span class="label">Outline</span>
      <p v-if="!outline.length" class="small quiet">Headings show here.</p>
      <button v-for="block in outline" :key="block.id" class="entry" :class="{ first: block.level === 1 }" @click="go(block.id)">{{ block.text }}</button>
      <span class="label">Tables</span>
      <button v-for="t in tables" :key="t.id" class="entry" :class="{ now: t.id === table }" :title="t.name" @click="look(t.id)">{{ t.name }}</button>
      <button v-if="table" class="act back" @click="look(null)">Back to the notes</button>
      <button class="act" @click="adding = true">Add a table</button>
      <span class="label">In all</span>
      <p class="small quiet">{{ count.toLocaleString("en-GB") }} {{ count === 1 ? "word" : "words" }}, {{ many(passages.length, "passage") }}</p>
    </aside>
    <TableDesk v-if="table" :id="table" :key="table" @close="look(null)" @look="look" />
    <section v-show="!table" class="desk" @dragover.prevent="dropping = true" @dragleave="dropping = false" @drop.prevent="openFile($event.dataTransfer?.files)">
      <div class="tools" role="toolbar" aria-label="Text">
        <template v-for="(group, index) in tools" :key="index">
          <span v-if="index" class="rule" /><button v-for="tool in group" :key="tool.name" :aria-pressed="tool.on" @mousedown.prevent @click="tool.run()">{{ tool.name }}</button>
        </template>
        <span class="rule" /><button @click="file?.click()">Open a file</button>
        <input ref="file" class="words" type="file" :accept="KINDS" tabindex="-1" aria-label="Open a file" @change="openFile(($event.target as HTMLInputElement).files)" />
      </div>
      <div class="sheet scroll" :class="{ dropping }" @click.self="editor?.commands.focus('end')">
        <div v-if="reading" class="bringing" role="status"><span class="bar" />Reading “{{ reading }}” …</div>
        <div v-if="!count" class="hint quiet">Write, paste or drop a text here: a Word or OpenDocument file, slides, a PDF, a web page, Markdown or plain text. A spreadsheet or CSV becomes a table. Headings part it into passages; Peony draws each of them.</div>
        <EditorContent :editor="editor" />
      </div>
    </section>
    <aside v-show="!table" class="beside scroll">
      <h2>Beside the notes</h2>
      <template v-if="queries.length">
        <span class="label">To answer</span>
        <div v-for="q in queries" :key="q.id" class="query-box">
          <strong>{{ q.title }}</strong> {{ q.detail }}
          <div class="acts"><router-link class="act" :to="{ name: 'proof', params: route.params }">Show in Proof</router-link><button class="act" @click="piece.apply({ op: 'remark.accept', check: q.check, object: q.object, state: q.state, reason: 'The text is right' })">It is right as it is</button></div>
        </div>
      </template>
      <span class="label">What Peony reads</span>
      <p v-if="!passages.length" class="small quiet">Nothing yet.</p>
      <button v-for="p in passages" :key="p.id" class="found" @click="router.push({ name: 'draw', params: route.params, query: { passage: p.id } })">
        <strong>{{ p.heading || "Passage" }}</strong>
        <span class="small quiet">{{ p.families[0]?.reason ?? p.silence ?? "no picture needed" }}<template v-if="p.drawn.length"> · drawn</template></span>
      </button>
      <div v-if="passages.some((p) => p.families.length)" class="onward"><v-btn color="primary" :to="{ name: 'draw', params: route.params }">Draw the passages</v-btn><v-btn variant="outlined" @click="make">Make a piece of it</v-btn></div>
    </aside>
    <MakePiece v-model="making" />
    <AddTable ref="bringer" v-model="adding" @made="look" />
  </main>
</template>

<style scoped>
.gather { display: grid; grid-template-columns: 196px minmax(0, 1fr) 282px; grid-template-rows: minmax(0, 1fr); min-height: 0; }
.outline { padding: 22px 18px 22px 24px; border-right: 1px solid var(--line); }
.entry { display: block; width: 100%; padding: 4px 0; color: var(--quiet); font-size: 14px; overflow: hidden; text-overflow: ellipsis; } .entry.first { color: var(--ink); font-weight: 600; } .entry:hover { color: var(--ink); }
.entry.now { color: var(--peony-ink); font-weight: 600; } .back { display: block; margin: 4px 0; }
.desk { background: var(--paper); display: grid; grid-template-rows: 40px minmax(0, 1fr); min-width: 0; border-right: 1px solid var(--line); }
.tools { border-bottom: 1px solid var(--line); display: flex; align-items: center; justify-content: center; gap: 2px; padding: 0 8px; overflow: hidden; }
.tools button { padding: 5px 8px; border-radius: 4px; color: var(--quiet); white-space: nowrap; } .tools button:hover { color: var(--ink); } .tools button[aria-pressed="true"] { color: var(--ink); font-weight: 600; }
.rule { width: 1px; height: 18px; background: var(--line); margin: 0 6px; }
.sheet { padding: 34px max(24px, calc((100% - 564px) / 2)) 80px; position: relative; cursor: text; } .sheet.dropping { outline: 3px dashed var(--peony); outline-offset: -10px; }
.hint { font-size: 16px; margin-bottom: 8px; max-width: 480px; }
.beside { background: var(--panel); padding: 22px 20px; } h2 { font-size: 20px; }
.query-box { background: var(--straw-2); border-radius: 5px; padding: 10px 12px; font-size: 13px; margin-bottom: 8px; } .acts { display: flex; gap: 14px; margin-top: 6px; }
.onward { display: flex; flex-wrap: wrap; gap: 8px; margin-top: 16px; }
.bringing { position: sticky; top: 0; background: var(--panel); border: 1px solid var(--line); border-radius: 5px; padding: 10px 14px; margin-bottom: 14px; display: flex; gap: 12px; align-items: center; z-index: 1; } .bar { width: 90px; height: 4px; background: linear-gradient(var(--peony), var(--peony)) 0 0 / 40% 100% no-repeat var(--line); animation: run 1.2s infinite alternate ease-in-out; } @keyframes run { to { background-position: 100% 0; } }
@media (prefers-reduced-motion: reduce) { .bar { animation: none; } }
.found { display: block; width: 100%; background: var(--paper); border: 1px solid var(--line); border-radius: 5px; padding: 8px 12px; margin-bottom: 7px; } .found:hover { border-color: var(--quiet); } .found strong { display: block; }
:deep(.prose) { outline: none; font-size: 16px; line-height: 1.62; min-height: 300px; white-space: pre-wrap; overflow-wrap: break-word; }
:deep(.prose h1) { font-size: 29px; margin: 0 0 14px; } :deep(.prose h2) { font-size: 21px; margin: 24px 0 4px; } :deep(.prose h3) { font-size: 17px; margin: 18px 0 2px; }
:deep(.prose p) { margin: 0 0 12px; } :deep(.prose ul), :deep(.prose ol) { margin: 0 0 12px; padding-left: 24px; } :deep(.prose li p) { margin: 0 0 3px; }
:deep(.prose blockquote) { margin: 0 0 12px; padding-left: 16px; border-left: 3px solid var(--line); color: var(--quiet); }
:deep(.query) { background: var(--straw-2); border-bottom: 2px solid var(--straw); }
</style>
