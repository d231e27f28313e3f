import { createPinia, setActivePinia } from "pinia";
import { beforeEach, describe, expect, it, vi } from "vitest";
import type { PassageFound, Proposal } from "../src/api/types";

const server = vi.hoisted(() => ({ get: vi.fn(), post: vi.fn() }));
vi.mock("../src/api/client", () => ({ ...server, Trouble: class Trouble extends Error { hint = null; } }));

import { Trouble } from "../src/api/client";
import { usePiece } from "../src/piece/store";
import { useProposing } from "../src/stages/draw/proposing";
import { notice } from "../src/ui/notices";

const proposal = (form: string, family: string): Proposal => ({ form, title: form, family, fit: 0.5, reason: "", heading: null, items: [], cuts: 0, svg: "<svg/>" });
const figures = (...list: Proposal[]) => ({ passage: { id: "b1", heading: "Star night" } as unknown as PassageFound, proposals: list, objection: null });
const steps = [proposal("steps", "sequence"), proposal("staircase", "sequence"), proposal("cards", "list")];

describe("what is proposed", () => {
  beforeEach(() => {
    setActivePinia(createPinia());
    usePiece().state = { id: "p1", seq: 1, objects: {}, pages: [] } as never;
    server.get.mockReset();
    server.post.mockReset();
    Object.assign(notice, { open: false, text: "" });
  });

  it("stands on one sheet, by family where one is picked", async () => {
    const sheet = useProposing(() => 200);
    server.post.mockResolvedValue(figures(...steps));
    sheet.current.value = "b1";
    await sheet.propose({ passage: "b1" });
    expect(server.post).toHaveBeenCalledWith("/api/pieces/p1/proposals", { passage: "b1", width: 260, height: 240 });
    expect([sheet.families.value, sheet.shown.value.length, sheet.pick.value?.form]).toEqual([["sequence", "list"], 3, "steps"]);
    sheet.family.value = "list";
    expect([sheet.shown.value.map((p) => p.form), sheet.pick.value?.form]).toEqual([["cards"], "cards"]);
  });

  it("is looked at under the pointer, and falls back to what was chosen", async () => {
    const sheet = useProposing(() => 200);
    server.post.mockResolvedValue(figures(...steps));
    await sheet.propose({ passage: "b1" });
    sheet.pointed.value = 2;
    expect(sheet.pick.value?.form).toBe("cards");
    sheet.pointed.value = null;
    expect(sheet.pick.value?.form).toBe("steps");
  });

  it("counts only while nothing else was asked for since", async () => {
    const sheet = useProposing(() => 200);
    const answers: ((value: object) => void)[] = [];
    server.post.mockImplementation(() => new Promise((done) => { answers.push(done); }));
    const both = [sheet.propose({ passage: "b1" }), sheet.propose({ passage: "b2" })];
    answers[1](figures(steps[2]));
    answers[0](figures(steps[0]));
    await Promise.all(both);
    expect([sheet.shown.value.map((p) => p.form), sheet.busy.value]).toEqual([["cards"], false]);
  });

  it("leaves an empty sheet and says why where it failed", async () => {
    const sheet = useProposing(() => 200);
    server.post.mockResolvedValueOnce(figures(...steps)).mockRejectedValueOnce(new Trouble("This passage is gone.", null, 404));
    await sheet.propose({ passage: "b1" });
    await sheet.propose({ passage: "b2" });
    expect([sheet.shown.value, sheet.reading.value, sheet.busy.value, notice.text]).toEqual([[], null, false, "This passage is gone."]);
  });

  it("is drawn from the passage, or from the words that were marked", async () => {
    const sheet = useProposing(() => 200);
    server.post.mockResolvedValue(figures(...steps));
    sheet.current.value = "b1";
    await sheet.propose({ passage: "b1" });
    expect(sheet.order(steps[0], "g1")).toEqual(["place", { passage: "b1", form: "steps", family: "sequence", page: "g1" }]);
    await sheet.propose({ marked: [{ block: "b1", start: 0, end: 9 }] });
    expect(sheet.order(steps[0], "g1")[1]).toMatchObject({ marked: [{ block: "b1", start: 0, end: 9 }] });
  });

  const charts = { charts: [{ chart: "line", title: "Line", family: "trend", fit: 0.8, reason: "", heading: "", cuts: 0, svg: "" }, { chart: "bars", title: "Bars", family: "column", fit: 0.5, reason: "", heading: "", cuts: 0, svg: "" }], measures: ["Visitors", "Takings"] };

  it("of a table are charts, on the same sheet", async () => {
    const sheet = useProposing(() => 200);
    server.post.mockResolvedValue(charts);
    await sheet.chart("t1", "Visitors");
    expect(server.post).toHaveBeenCalledWith("/api/pieces/p1/tables/t1/charts", { column: "Visitors", width: 300, height: 240 });
    expect([sheet.shown.value.map((p) => p.form), sheet.measures.value, sheet.objection.value]).toEqual([["line", "bars"], ["Visitors", "Takings"], null]);
    expect(sheet.order(sheet.pick.value!, "g1")).toEqual(["chart", { table: "t1", chart: "line", column: "Visitors", page: "g1" }]);
  });

  it("of a table without numbers is nothing, with what to do", async () => {
    const sheet = useProposing(() => 200);
    server.post.mockResolvedValue({ charts: [], measures: [] });
    await sheet.chart("t1");
    expect(sheet.objection.value).toMatch(/no numbers to draw.*Gather/);
  });

  it("leads with what was asked for in words, and tells what was not used", async () => {
    const sheet = useProposing(() => 200);
    server.post.mockResolvedValueOnce(charts).mockResolvedValueOnce({ chart: { ...charts.charts[1] }, column: "Takings", left: ["purple"] });
    await sheet.chart("t1");
    sheet.wish.value = "  takings as purple bars ";
    await sheet.ask();
    expect(server.post).toHaveBeenLastCalledWith("/api/pieces/p1/tables/t1/asked", { words: "takings as purple bars", width: 300, height: 240 });
    expect(sheet.shown.value.map((p) => p.title)).toEqual(["Bars, as asked", "Line"]);
    expect([sheet.asking.value?.left, sheet.measure.value]).toEqual([["purple"], "Takings"]);
    expect(sheet.order(sheet.shown.value[0], "g1")[1]).toMatchObject({ words: "takings as purple bars" });
    expect(sheet.order(sheet.shown.value[1], "g1")[1]).not.toHaveProperty("words");
  });

  it("asks nothing for empty words, and forgets the wish at another table", async () => {
    const sheet = useProposing(() => 200);
    server.post.mockResolvedValue(charts);
    await sheet.chart("t1");
    sheet.wish.value = "   ";
    await sheet.ask();
    expect(server.post).toHaveBeenCalledTimes(1);
    sheet.wish.value = "bars";
    await sheet.chart("t1", "Takings");
    expect(sheet.wish.value).toBe("bars");
    await sheet.chart("t2");
    expect(sheet.wish.value).toBe("");
  });

  it("begins with the passages, and with none where they cannot be had", async () => {
    const sheet = useProposing(() => 200);
    server.get.mockResolvedValueOnce({ passages: [{ id: "b1" }] }).mockRejectedValueOnce(new Trouble("No.", null, 500));
    await sheet.load();
    expect(sheet.passages.value?.length).toBe(1);
    await sheet.load();
    expect(sheet.passages.value).toEqual([]);
  });
});
