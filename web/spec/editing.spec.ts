import { beforeEach, describe, expect, it } from "vitest";
import type { PageObject } from "../src/api/types";
import { editorFor } from "../src/stages/arrange/editing";

const figure = {
  id: "o1", type: "figure", heading: "Two ferries", box: [0, 0, 400, 300],
  items: [
    { id: "i1", title: "Patience", detail: "steady", value: 80, date: null, aspects: [["Takes", "50 minutes"], ["Holds", "80 people"]] },
    { id: "i2", title: "Grebe", detail: "", value: null, date: "1974", aspects: [["Takes", "half an hour"]] },
  ],
} as unknown as PageObject;
const words = { id: "o2", type: "text", text: "Come early", box: [10, 20, 200, 40] } as unknown as PageObject;

/** Clicks the words that stand for a part. */
function edit(part: string, item: string | null = "i1", object = "o1") {
  const within = item ? `<g data-kind="item" data-item="${item}"><text data-part="${part}" font-size="20" style="fill: rgb(20, 20, 20)">x</text></g>` : `<text data-part="${part}" style="fill: rgb(240, 240, 240)">x</text>`;
  document.body.innerHTML = `<div id="frame"><svg><g data-object="${object}">${within}</g></svg></div>`;
  return editorFor(document.querySelector<SVGTextElement>("[data-part]")!, document.getElementById("frame")!, 2, { o1: figure, o2: words });
}

describe("words edited where they stand", () => {
  beforeEach(() => { document.body.innerHTML = ""; });

  it("are a title that may not be empty, or a detail that may", () => {
    const title = edit("title")!;
    expect([title.value, title.needed, title.change("Patience II")]).toEqual(["Patience", true, { op: "item.change", id: "o1", item: "i1", set: { title: "Patience II" } }]);
    const detail = edit("detail")!;
    expect([detail.value, detail.needed, detail.change("")]).toEqual(["steady", false, { op: "item.change", id: "o1", item: "i1", set: { detail: null } }]);
  });

  it("are a number that is read as it is written", () => {
    expect(edit("value")!.change("1,250")).toMatchObject({ set: { value: 1250 } });
    expect(edit("value")!.change("many")).toMatchObject({ set: { value: null } });
  });

  it("are the date over a title, or the value where there is none", () => {
    expect(edit("date", "i2")!.change("1975")).toMatchObject({ set: { date: "1975" } });
    expect(edit("date", "i1")!.change("81")).toMatchObject({ set: { value: 81 } });
  });

  it("are one aspect of an item; the others stay", () => {
    expect(edit("aspect:Takes")!.change("an hour")).toMatchObject({ set: { aspects: [["Takes", "an hour"], ["Holds", "80 people"]] } });
    expect(edit("aspect:Holds", "i2")!.change("12 people")).toMatchObject({ set: { aspects: [["Takes", "half an hour"], ["Holds", "12 people"]] } });
  });

  it("are an aspect's name in every item at once", () => {
    const renamed = edit("name:Takes", null)!.change("Needs") as unknown as { op: string; operations: { item: string; set: { aspects: string[][] } }[] };
    expect(renamed.op).toBe("batch");
    expect(renamed.operations.map((o) => [o.item, o.set.aspects.map(([name]) => name)])).toEqual([["i1", ["Needs", "Holds"]], ["i2", ["Needs"]]]);
  });

  it("are the heading of a figure, or a text by itself", () => {
    expect(edit("heading", null)!.change("")).toEqual({ op: "object.change", id: "o1", set: { heading: null } });
    const text = edit("words", null, "o2")!;
    expect([text.value, text.needed, text.change("Come late")]).toEqual(["Come early", true, { op: "object.change", id: "o2", set: { text: "Come late" } }]);
    expect([text.style.left, text.style.width]).toEqual(["20px", "400px"]);
  });

  it("stand on a ground that their colour can be read on", () => {
    expect(edit("title")!.style.background).toBe("#ffffff");
    expect(edit("heading", null)!.style.background).toBe("#1b2420");
  });

  it("are none where a drawing only shows something", () => {
    expect(edit("tick")).toBeNull();
    expect(edit("title", "i9")).toBeNull();
    expect(edit("title", "i1", "o9")).toBeNull();
  });
});
