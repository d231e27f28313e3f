// Between the editor's tree and the notes' flat blocks.
import type { JSONContent } from "@tiptap/core";
import { freshId } from "../../piece/store";
import type { Block } from "../../api/types";

type Mark = [number, number, string, string?];
const MARKS: Record<string, string> = { bold: "strong", italic: "em", code: "code", link: "link" };
const NAMES: Record<string, string> = Object.fromEntries(Object.entries(MARKS).map(([a, b]) => [b, a]));

/** The editor's document as blocks. Every block keeps its id; a copied one gets a new id. */
export function toBlocks(doc: JSONContent): Block[] {
  const blocks: Block[] = [];
  const seen = new Set<string>();

  const add = (node: JSONContent, type: Block["type"], more: Partial<Block> = {}) => {
    const { text, marks } = inline(node.content ?? []);
    if (!text.trim()) return;
    let id = (node.attrs?.blockId as string | null) ?? freshId("b");
    if (seen.has(id)) id = freshId("b");
    seen.add(id);
    const block: Block = { id, type, text, ...more };
    if (marks.length) block.marks = marks;
    blocks.push(block);
  };
  const walk = (nodes: JSONContent[], level: number, quote: boolean) => {
    for (const node of nodes) {
      if (node.type === "heading") add(node, "heading", { level: Math.min(Number(node.attrs?.level ?? 1), 3) });
      else if (node.type === "paragraph") add(node, quote ? "quote" : "paragraph");
      else if (node.type === "blockquote") walk(node.content ?? [], level, true);
      else if (node.type === "bulletList" || node.type === "orderedList") list(node, level);
      else if (node.content) walk(node.content, level, quote);
    }
  };
  const list = (node: JSONContent, level: number) => {
    for (const entry of node.content ?? []) {
      for (const child of entry.content ?? []) {
        if (child.type === "paragraph") add(child, "item", { level, ...(node.type === "orderedList" ? { ordered: true } : {}) });
        else if (child.type === "bulletList" || child.type === "orderedList") list(child, Math.min(level + 1, 9));
      }
    }
  };
  walk(doc.content ?? [], 0, false);
  return blocks;
}

function inline(nodes: JSONContent[]) {
  let text = "";
  const marks: Mark[] = [];
  for (const node of nodes) {
    const words = node.type === "hardBreak" ? " " : node.text ?? "";
    const from = Array.from(text).length;
    text += words;
    for (const mark of node.marks ?? []) {
      const kind = MARKS[mark.type];
      if (kind) marks.push(kind === "link" ? [from, Array.from(text).length, kind, String(mark.attrs?.href ?? "")] : [from, Array.from(text).length, kind]);
    }
  }
  return { text, marks };
}

/** Blocks as a document for the editor. */
export function toDoc(blocks: Block[]): JSONContent {
  const content: JSONContent[] = [];
  for (let i = 0; i < blocks.length; i += 1) {
    const block = blocks[i];
    if (block.type === "item") {
      let end = i;
      while (end + 1 < blocks.length && blocks[end + 1].type === "item") end += 1;
      content.push(...lists(blocks.slice(i, end + 1), 0));
      i = end;
    } else if (block.type === "heading") {
      content.push({ type: "heading", attrs: { level: Math.min(Math.max(block.level ?? 1, 1), 3), blockId: block.id }, content: runs(block) });
    } else {
      const paragraph = { type: "paragraph", attrs: { blockId: block.id }, content: runs(block) };
      content.push(block.type === "quote" ? { type: "blockquote", content: [paragraph] } : paragraph);
    }
  }
  return { type: "doc", content: content.length ? content : [{ type: "paragraph" }] };
}

function lists(items: Block[], level: number): JSONContent[] {
  const out: JSONContent[] = [];
  for (let i = 0; i < items.length; ) {
    const ordered = !!items[i].ordered;
    const entries: JSONContent[] = [];
    while (i < items.length && (!!items[i].ordered === ordered || (items[i].level ?? 0) > level)) {
      const item = items[i];
      let end = i + 1;
      while (end < items.length && (items[end].level ?? 0) > level) end += 1;
      entries.push({ type: "listItem", content: [{ type: "paragraph", attrs: { blockId: item.id }, content: runs(item) }, ...lists(items.slice(i + 1, end), level + 1)] });
      i = end;
    }
    out.push({ type: ordered ? "orderedList" : "bulletList", content: entries });
  }
  return out;
}

function runs(block: Block): JSONContent[] {
  const chars = Array.from(block.text);
  const marks = (block.marks ?? []) as unknown as Mark[];
  const cuts = [...new Set([0, chars.length, ...marks.flatMap(([a, b]) => [a, b])])].filter((n) => n >= 0 && n <= chars.length).sort((a, b) => a - b);
  return cuts.slice(0, -1).flatMap((from, i) => {
    const text = chars.slice(from, cuts[i + 1]).join("");
    if (!text) return [];
    const on = marks.filter(([a, b]) => a <= from && b >= cuts[i + 1]);
    return [{ type: "text", text, ...(on.length ? { marks: on.map(([, , kind, href]) => ({ type: NAMES[kind] ?? "bold", ...(kind === "link" ? { attrs: { href } } : {}) })) } : {}) }];
  });
}

/** The smallest stretch of blocks that differs: where, how many go, what comes. */
export function difference(before: Block[], after: Block[]) {
  const same = (a?: Block, b?: Block) => JSON.stringify(a) === JSON.stringify(b);
  let at = 0;
  while (at < before.length && at < after.length && same(before[at], after[at])) at += 1;
  let tail = 0;
  while (tail < before.length - at && tail < after.length - at && same(before[before.length - 1 - tail], after[after.length - 1 - tail])) tail += 1;
  const remove = before.length - at - tail;
  const insert = after.slice(at, after.length - tail);
  return remove || insert.length ? { at, remove, insert } : null;
}

/** Cells of a spreadsheet: several lines, nearly all with as many tabs as the others. */
export function cells(text: string) {
  const counts = text.trim().split("\n").map((line) => line.split("\t").length - 1);
  return counts.length >= 2 && counts[0] > 0 && counts.filter((n) => n === counts[0]).length >= counts.length * 0.8;
}
