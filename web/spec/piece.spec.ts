import { createPinia, setActivePinia } from "pinia";
import { beforeEach, describe, expect, it, vi } from "vitest";
import type { Difference, Whole } from "../src/api/types";

const server = vi.hoisted(() => ({ get: vi.fn(), post: vi.fn() }));
vi.mock("../src/api/client", () => {
  class Trouble extends Error {
    constructor(message: string, readonly hint: string | null, readonly status: number, readonly body: Record<string, unknown> = {}) { super(message); }
  }
  return { ...server, Trouble };
});

import { Trouble } from "../src/api/client";
import { usePiece } from "../src/piece/store";
import { notice } from "../src/ui/notices";

/** What the server sends of itself. */
class Wire {
  static last: Wire;
  onmessage: ((message: { data: string }) => void) | null = null;
  closed = false;
  constructor(readonly path: string) { Wire.last = this; }
  close() { this.closed = true; }
  say(message: object) { this.onmessage?.({ data: JSON.stringify(message) }); }
}

const whole = (seq = 4): Whole => ({
  id: "p1", seq, updatedAt: 0, margin: 40, remarks: [], orderly: [], undo: true, redo: false, editions: [],
  piece: { title: "Star night", style: { name: "observatory" } } as unknown as Whole["piece"],
  pages: [{ id: "g1", ground: "surface", fill: "#fff", objects: ["o1", "o2"] }, { id: "g2", ground: "surface", fill: "#fff", objects: [] }],
  objects: { o1: { id: "o1", type: "figure", items: [], parts: { "i1/shape": { fill: "accent-2" } } }, o2: { id: "o2", type: "text", text: "Come early" } } as unknown as Whole["objects"],
  svg: { o1: "<g/>", o2: "<g/>" },
});
const difference = (seq: number, more: Partial<Difference> = {}): Difference =>
  ({ seq, updatedAt: seq, touched: [], piece: {}, pages: whole().pages, removed: [], objects: {}, svg: {}, remarks: [], orderly: [], undo: true, redo: false, ...more });

async function opened() {
  const piece = usePiece();
  server.get.mockImplementation(async (path: string) => (path === "/api/catalogue" ? { styles: [{ style: "observatory", roles: { ink: "#111", line: "#ccc" } }] } : whole()));
  await piece.open("p1");
  return piece;
}

describe("the piece in hand", () => {
  beforeEach(() => {
    setActivePinia(createPinia());
    vi.stubGlobal("EventSource", Wire);
    server.get.mockReset();
    server.post.mockReset();
    Object.assign(notice, { open: false, text: "" });
  });

  it("is opened with the first page on top and the colours of its style", async () => {
    const piece = await opened();
    expect([piece.page?.id, piece.roles.ink, piece.trouble]).toEqual(["g1", "#111", null]);
    expect(Wire.last.path).toBe("/api/pieces/p1/events");
  });

  it("says what the server said where it cannot be opened", async () => {
    server.get.mockRejectedValue(new Trouble("This piece is not yours.", null, 404));
    const piece = usePiece();
    await piece.open("p9");
    expect([piece.state, piece.trouble]).toEqual([null, "This piece is not yours."]);
  });

  it("takes over what a change touched, and lets go what it took out", async () => {
    const piece = await opened();
    piece.select("o2");
    server.post.mockResolvedValue(difference(5, { removed: ["o2"], svg: { o1: "<g>new</g>" }, piece: { title: "Star nights" } as Difference["piece"] }));
    await piece.apply({ op: "object.remove", id: "o2" } as never);
    expect(Object.keys(piece.state!.objects)).toEqual(["o1"]);
    expect([piece.state!.svg.o1, piece.state!.piece.title, piece.state!.seq, piece.selected]).toEqual(["<g>new</g>", "Star nights", 5, null]);
  });

  it("sends changes one after another, each upon the state of the one before", async () => {
    const piece = await opened();
    let running = 0;
    let most = 0;
    server.post.mockImplementation(async (_path: string, body: { base: number }) => {
      running += 1;
      most = Math.max(most, running);
      await Promise.resolve();
      running -= 1;
      return difference(body.base + 1);
    });
    await Promise.all([1, 2, 3].map((n) => piece.change("o2", { text: `x${n}` })));
    expect(most).toBe(1);
    expect(server.post.mock.calls.map(([, body]) => (body as { base: number }).base)).toEqual([4, 5, 6]);
    expect(piece.pending).toBe(0);
  });

  it("tries again by itself while the server cannot be reached, and loses nothing", async () => {
    vi.useFakeTimers();
    const piece = await opened();
    server.post.mockRejectedValueOnce(new Trouble("The server cannot be reached.", null, 0)).mockResolvedValue(difference(5));
    const sent = piece.change("o2", { text: "Come late" });
    await vi.advanceTimersByTimeAsync(10);
    expect([piece.offline, piece.pending]).toEqual([true, 1]);
    await vi.advanceTimersByTimeAsync(1600);
    await sent;
    expect([piece.offline, piece.pending, server.post.mock.calls.length]).toEqual([false, 0, 2]);
    vi.useRealTimers();
  });

  it("shows the server's state where another window was quicker, and says so", async () => {
    const piece = await opened();
    server.post.mockRejectedValue(new Trouble("Somebody else changed this.", "Look again.", 409, { state: whole(9) }));
    expect(await piece.change("o2", { text: "x" })).toBeNull();
    expect([piece.state!.seq, notice.text]).toEqual([9, "Somebody else changed this. Look again."]);
  });

  it("goes on after a change that was refused", async () => {
    const piece = await opened();
    server.post.mockRejectedValueOnce(new Trouble("No.", null, 422)).mockResolvedValue(difference(5));
    await Promise.all([piece.change("o2", { text: "" }), piece.change("o2", { text: "Come" })]);
    expect(piece.state!.seq).toBe(5);
  });

  it("follows another window: the next change is taken over, after a gap all is fetched", async () => {
    const piece = await opened();
    Wire.last.say(difference(5, { svg: { o1: "<g>theirs</g>" } }));
    expect([piece.state!.seq, piece.state!.svg.o1]).toEqual([5, "<g>theirs</g>"]);
    server.get.mockResolvedValue(whole(12));
    Wire.last.say(difference(12));
    await vi.waitFor(() => expect(piece.state!.seq).toBe(12));
    Wire.last.say(difference(11, { svg: { o1: "<g>old</g>" } }));
    expect(piece.state!.svg.o1).toBe("<g/>");
  });

  it("gives its connection back when it is closed", async () => {
    const piece = await opened();
    const wire = Wire.last;
    piece.select("o1", "i1");
    piece.close();
    expect([wire.closed, piece.state, piece.selected, piece.item]).toEqual([true, null, null, null]);
  });

  it("says so where there is nothing to undo", async () => {
    const piece = await opened();
    server.post.mockResolvedValue({ nothing: true });
    await piece.undo();
    expect(notice.text).toBe("There is nothing to undo.");
  });

  it("adds to what a part is already, and puts it back as it was computed", async () => {
    const piece = await opened();
    server.post.mockImplementation(async (_p: string, body: { operation: { set: { parts: object | null } } }) => difference(5, { objects: { o1: { ...whole().objects.o1, parts: body.operation.set.parts } } as never }));
    const sent = () => (server.post.mock.calls.at(-1)![1] as { operation: { set: { parts: unknown } } }).operation.set.parts;
    await piece.changePart("o1", "i1/shape", (now) => ({ move: [(now.move?.[0] ?? 0) + 4, 0] }));
    expect(sent()).toEqual({ "i1/shape": { fill: "accent-2", move: [4, 0] } });
    await piece.changePart("o1", "i1/shape", null);
    expect(sent()).toBeNull();
  });

  it("shows only the last of several tries", async () => {
    const piece = await opened();
    const answers: ((value: object) => void)[] = [];
    server.post.mockImplementation(() => new Promise((done) => { answers.push(done); }));
    const tries = [piece.attempt({ op: "x" } as never), piece.attempt({ op: "y" } as never)];
    answers[1]({ svg: { o1: "<g>second</g>" } });
    answers[0]({ svg: { o1: "<g>first</g>" } });
    await Promise.all(tries);
    expect(piece.tried).toEqual({ o1: "<g>second</g>" });
    piece.letGo();
    expect(piece.tried).toEqual({});
  });
});
