import { beforeEach, describe, expect, it, vi } from "vitest";

const answer = (status: number, body: unknown) => new Response(typeof body === "string" ? body : JSON.stringify(body), { status });
const asked: { path: string; method: string; headers: Record<string, string>; body: unknown }[] = [];

/** The server in the browser's place: each answer in turn; who is here is known. */
async function client(...answers: (Response | Error)[]) {
  vi.resetModules();
  asked.length = 0;
  vi.stubGlobal("fetch", async (path: string, how: { method: string; headers: Record<string, string>; body: unknown }) => {
    if (path === "/api/me") return answer(200, { name: "Ada", email: "ada@quillmere.example", token: "t0ken", demo: true });
    asked.push({ path, ...how });
    const next = answers.shift() ?? answer(200, {});
    if (next instanceof Error) throw next;
    return next;
  });
  return import("../src/api/client");
}

describe("talking to the server", () => {
  beforeEach(() => { vi.resetModules(); });

  it("sends changes as JSON with the token of whoever is here, and reads without it", async () => {
    const { get, post } = await client(answer(200, { ok: 1 }), answer(200, { ok: 2 }));
    await post("/api/pieces", { title: "Star night" });
    await get("/api/pieces");
    expect(asked[0]).toMatchObject({ method: "POST", headers: { "content-type": "application/json", "x-csrf-token": "t0ken" }, body: '{"title":"Star night"}' });
    expect(asked[1].headers).toEqual({ accept: "application/json" });
    expect(asked[1].body).toBeUndefined();
  });

  it("sends a file as it is", async () => {
    const { post } = await client();
    const file = new Blob(["Night,Visitors"], { type: "text/csv" });
    await post("/api/tables", file);
    expect(asked[0].headers["content-type"]).toBe("application/octet-stream");
    expect(asked[0].body).toBe(file);
  });

  it("makes trouble with the server's own words and hint", async () => {
    const { get, Trouble } = await client(answer(422, { error: "This file is empty.", hint: "Choose another." }));
    const trouble = await get("/api/x").catch((e: unknown) => e);
    expect(trouble).toBeInstanceOf(Trouble);
    expect(trouble).toMatchObject({ message: "This file is empty.", hint: "Choose another.", status: 422 });
  });

  it("has words for an answer that is not JSON, and for none", async () => {
    const { get } = await client(answer(502, "<h1>Bad gateway</h1>"), new Error("refused"));
    await expect(get("/api/x")).rejects.toMatchObject({ message: "<h1>Bad gateway</h1>", status: 502 });
    await expect(get("/api/x")).rejects.toMatchObject({ message: "The server cannot be reached.", hint: "Your last change is tried again by itself.", status: 0 });
  });

  it("tells trouble in one line, and asks to reload where it is nobody's fault", async () => {
    const { Trouble } = await client();
    const { notice, tellTrouble, tell } = await import("../src/ui/notices");
    tellTrouble(new Trouble("This file is empty.", "Choose another.", 422));
    expect(notice).toMatchObject({ open: true, text: "This file is empty. Choose another." });
    vi.spyOn(console, "error").mockImplementation(() => undefined);
    tellTrouble(new TypeError("x is not a function"));
    expect(notice.text).toBe("Something went wrong. Reload the page; nothing was lost.");
    tell("Taken out.", { label: "Undo", run: () => undefined });
    expect(notice.act?.label).toBe("Undo");
  });
});
