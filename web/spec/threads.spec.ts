import { afterEach, describe, expect, it, vi } from "vitest";
import type { Block, Ref } from "../src/api/types";
import { markedIn, pieces } from "../src/stages/draw/marks";
import { groupIn, nameWithin, shapeNamed } from "../src/stages/arrange/parts";

const block: Block = { id: "b1", type: "paragraph", text: "Rinse the 🌒 jar. Boil it." };
const thread = (start: number, end: number, of = "b1") => ({ refs: [{ block: of, start, end }] as Ref[] });

describe("the threads of a passage", () => {
  it("cut its words where items begin and end", () => {
    expect(pieces(block, [thread(0, 16), thread(17, 25)])).toEqual([
      { text: "Rinse the 🌒 jar.", item: 0, start: true }, { text: " ", item: null, start: false }, { text: "Boil it.", item: 1, start: true },
    ]);
  });

  it("leave other blocks alone and stay inside this one", () => {
    expect(pieces(block, [thread(0, 5, "b9")])).toEqual([{ text: block.text, item: null, start: false }]);
    expect(pieces(block, [thread(17, 400)]).at(-1)).toEqual({ text: "Boil it.", item: 0, start: true });
  });

  it("give shared words to the first item, and its number only once", () => {
    const parts = pieces(block, [{ refs: [...thread(0, 5).refs, ...thread(17, 21).refs] }, thread(0, 5)]);
    expect(parts.filter((p) => p.item === 0).map((p) => p.start)).toEqual([true, false]);
    expect(parts.some((p) => p.item === 1)).toBe(false);
  });

  it("lose no character, wherever they lie", () => {
    for (let a = 0; a < 25; a += 3) {
      for (let b = a; b < 26; b += 4) expect(pieces(block, [thread(a, b), thread(b - 2, b + 3)]).map((p) => p.text).join("")).toBe(block.text);
    }
  });
});

describe("words that are marked", () => {
  afterEach(() => { vi.restoreAllMocks(); document.body.innerHTML = ""; });

  function page() {
    document.body.innerHTML = '<div id="root"><p data-block="b1">Rinse the 🌒 jar.</p><p data-block="b2">Boil it.</p><p data-block="b3">Wait.</p></div>';
    return document.getElementById("root")!;
  }
  const inside = (id: string) => document.querySelector(`[data-block="${id}"]`)!.firstChild!;

  function mark(from: Node, start: number, to: Node, end: number) {
    const range = document.createRange();
    range.setStart(from, start);
    range.setEnd(to, end);
    vi.spyOn(window, "getSelection").mockReturnValue({ isCollapsed: range.collapsed, rangeCount: 1, getRangeAt: () => range } as unknown as Selection);
  }

  it("are told in characters of their block", () => {
    const root = page();
    mark(inside("b1"), 10, inside("b1"), 16);
    expect(markedIn(root)).toEqual([{ block: "b1", start: 10, end: 15 }]);
  });

  it("may go over several blocks", () => {
    const root = page();
    mark(inside("b1"), 6, inside("b2"), 4);
    expect(markedIn(root)).toEqual([{ block: "b1", start: 6, end: 16 }, { block: "b2", start: 0, end: 4 }]);
  });

  it("are none where only the caret stands", () => {
    const root = page();
    mark(inside("b1"), 3, inside("b1"), 3);
    expect(markedIn(root)).toEqual([]);
  });
});

describe("parts of a drawing", () => {
  function drawing() {
    document.body.innerHTML = `<svg><g data-object="o1">
      <g data-item="i1"><rect data-part="shape"/><text data-part="title">A</text><text data-part="title">B</text></g>
      <g data-item="i2"><text data-part="title">C</text></g></g><g data-object="o2"><text data-part="title">D</text></g></svg>`;
    return groupIn(document.body, "o1");
  }

  it("are named by their item, and numbered where it says the same again", () => {
    const group = drawing();
    const names = [...document.querySelectorAll("[data-part]")].map((element) => nameWithin(group, element));
    expect(names).toEqual(["i1/shape", "i1/title", "i1/title.2", "i2/title", null]);
  });

  it("are found again by their name", () => {
    const group = drawing();
    expect(shapeNamed(group, "i1/title.2")?.textContent).toBe("B");
    expect(shapeNamed(group, "i9/title")).toBeNull();
    expect(groupIn(undefined, "o1")).toBeNull();
  });
});
