import { describe, expect, it } from "vitest";
import type { Block } from "../src/api/types";
import { cells, difference, toBlocks, toDoc } from "../src/stages/gather/blocks";

const paragraph = (id: string, text: string): Block => ({ id, type: "paragraph", text });
const item = (id: string, text: string, level = 0, ordered = false): Block => ({ id, type: "item", text, level, ...(ordered ? { ordered: true } : {}) });

describe("notes between the editor and the server", () => {
  const notes: Block[] = [
    { id: "b1", type: "heading", level: 2, text: "Star night" },
    paragraph("b2", "Bring a hat."),
    item("b3", "Red light only"),
    item("b4", "No torches", 1),
    item("b5", "Warm socks"),
    { id: "b6", type: "quote", text: "It has a ring round it" },
    item("b7", "Queue", 0, true),
    item("b8", "Climb", 0, true),
  ];

  it("come back as they were, with ids, levels and numbering", () => {
    expect(toBlocks(toDoc(notes))).toEqual(notes);
  });

  it("keep lists of both sorts apart", () => {
    expect(toDoc([item("a", "one"), item("b", "two", 0, true)]).content!.map((node) => node.type)).toEqual(["bulletList", "orderedList"]);
  });

  it("are never without a line to write in", () => {
    expect(toDoc([])).toEqual({ type: "doc", content: [{ type: "paragraph" }] });
    expect(toBlocks(toDoc([]))).toEqual([]);
  });

  it("count marks in characters, not in halves of them", () => {
    const marked: Block = { ...paragraph("b1", "A 🌒 moon tonight"), marks: [[4, 8, "strong"], [9, 16, "link", "https://quillmere.example"]] as unknown as Block["marks"] };
    const runs = toDoc([marked]).content![0].content!;
    expect(runs.map((run) => run.text)).toEqual(["A 🌒 ", "moon", " ", "tonight"]);
    expect(toBlocks(toDoc([marked]))).toEqual([marked]);
  });

  it("let marks overlap", () => {
    const marked: Block = { ...paragraph("b1", "abcdef"), marks: [[0, 4, "strong"], [2, 6, "em"]] as unknown as Block["marks"] };
    expect(toDoc([marked]).content![0].content!.map((run) => run.marks?.map((m) => m.type))).toEqual([["bold"], ["bold", "italic"], ["italic"]]);
  });

  it("give a copied block an id of its own", () => {
    const doc = toDoc([paragraph("b1", "Bring a hat.")]);
    const twice = toBlocks({ type: "doc", content: [...doc.content!, ...doc.content!] });
    expect(twice[0].id).toBe("b1");
    expect(twice[1].id).not.toBe("b1");
    expect(twice[1].text).toBe("Bring a hat.");
  });

  it("leave out lines without words and take a hard break for a space", () => {
    const made = toBlocks({ type: "doc", content: [
      { type: "paragraph", content: [{ type: "text", text: "  " }] },
      { type: "paragraph", attrs: { blockId: "b2" }, content: [{ type: "text", text: "Bring" }, { type: "hardBreak" }, { type: "text", text: "a hat" }] },
    ] });
    expect(made).toEqual([paragraph("b2", "Bring a hat")]);
  });

  it("hold headings between the first and the third level", () => {
    const levels = [0, 1, 3, 6].map((level) => toDoc([{ id: "h", type: "heading", level, text: "x" }]).content![0].attrs!.level);
    expect(levels).toEqual([1, 1, 3, 3]);
  });
});

describe("the smallest stretch that differs", () => {
  const before = ["a", "b", "c", "d"].map((id) => paragraph(id, id));

  it("is nothing where nothing was changed", () => {
    expect(difference(before, before.map((b) => ({ ...b })))).toBeNull();
  });

  it("is one block where one was edited", () => {
    const after = before.map((b) => (b.id === "b" ? paragraph("b", "bee") : b));
    expect(difference(before, after)).toEqual({ at: 1, remove: 1, insert: [paragraph("b", "bee")] });
  });

  it("finds what was put in, taken out and put at either end", () => {
    expect(difference(before, [...before.slice(0, 2), paragraph("n", "new"), ...before.slice(2)])).toEqual({ at: 2, remove: 0, insert: [paragraph("n", "new")] });
    expect(difference(before, [before[0], before[3]])).toEqual({ at: 1, remove: 2, insert: [] });
    expect(difference(before, [...before, paragraph("e", "e")])).toEqual({ at: 4, remove: 0, insert: [paragraph("e", "e")] });
    expect(difference([], before)).toEqual({ at: 0, remove: 0, insert: before });
  });

  it("makes the new notes out of the old, whatever was done to them", () => {
    let seed = 7;
    const roll = (below: number) => { seed = (seed * 1103515245 + 12345) % 2147483648; return seed % below; };
    for (let round = 0; round < 300; round += 1) {
      const old = Array.from({ length: roll(7) }, (_, i) => paragraph(`p${i}`, "abc"[roll(3)]));
      const made = old.filter(() => roll(4) > 0).flatMap((b) => (roll(3) === 0 ? [paragraph(`n${round}${b.id}`, "new"), b] : [b]));
      const found = difference(old, made);
      const result = found ? [...old.slice(0, found.at), ...found.insert, ...old.slice(found.at + found.remove)] : old;
      expect(result).toEqual(made);
    }
  });
});

describe("cells of a spreadsheet among what is pasted", () => {
  it("are lines with as many tabs each", () => {
    expect(cells("Night\tVisitors\n3 May\t41\n4 May\t12\n")).toBe(true);
    expect(cells("Night\tVisitors\n3 May\t41\n4 May\t12\n5 May\t9\nlast one")).toBe(true);
  });

  it("are not running text, nor a single line", () => {
    expect(cells("Bring a hat.\nAnd a friend.")).toBe(false);
    expect(cells("Night\tVisitors")).toBe(false);
    expect(cells("a\tb\nc\nd\ne")).toBe(false);
  });
});
