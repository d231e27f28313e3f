import { describe, expect, it } from "vitest";
import { numbering } from "../src/stages/draw/numbering";
import type { Block } from "../src/api/types";

const list = (...blocks: Partial<Block>[]) => blocks.map((b, i) => ({ id: `b${i + 1}`, type: "item", text: "x", level: 0, ...b })) as Block[];
const signs = (...blocks: Partial<Block>[]) => { const found = list(...blocks); const marks = numbering(found); return found.map((b) => marks.get(b.id)); };

describe("numbering of the notes", () => {
  it("counts what is numbered, and puts a dash before what is not", () => {
    expect(signs({ ordered: true }, { ordered: true }, { ordered: true })).toEqual(["1.", "2.", "3."]);
    expect(signs({}, {})).toEqual(["–", "–"]);
  });

  it("counts each depth by itself and goes on above it", () => {
    expect(signs({ ordered: true }, { ordered: true, level: 1 }, { ordered: true, level: 1 }, { ordered: true }, { ordered: true, level: 1 })).toEqual(["1.", "1.", "2.", "2.", "1."]);
    expect(signs({ ordered: true }, { level: 1 }, { ordered: true })).toEqual(["1.", "–", "2."]);
  });

  it("begins anew behind a paragraph or a heading", () => {
    expect(signs({ ordered: true }, { ordered: true }, { type: "paragraph" }, { ordered: true })).toEqual(["1.", "2.", undefined, "1."]);
    expect(signs({ ordered: true }, { type: "heading" }, { ordered: true })).toEqual(["1.", undefined, "1."]);
  });
});
