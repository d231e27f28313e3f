import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { ago, many, since } from "../src/ui/words";

describe("times in words", () => {
  beforeEach(() => { vi.useFakeTimers(); vi.setSystemTime(new Date(2026, 4, 12, 15, 30)); });
  afterEach(() => { vi.useRealTimers(); });
  const back = (minutes: number) => Date.now() / 1000 - minutes * 60;

  it("say how long ago something was edited, ever more roughly", () => {
    expect(since(back(0.5))).toBe("edited just now");
    expect(since(back(17))).toBe("edited 17 minutes ago");
    expect(since(back(120))).toBe("edited at 13:30");
    expect(since(back(24 * 60))).toBe("edited yesterday");
    expect(since(back(9 * 24 * 60))).toBe("edited 3 May");
  });

  it("say 'yesterday' across midnight only", () => {
    vi.setSystemTime(new Date(2026, 4, 12, 0, 40));
    expect(since(back(50))).toBe("edited 50 minutes ago");
    expect(since(back(90))).toBe("edited yesterday");
  });

  it("round what is told in one unit", () => {
    expect([40, 600, 7200, 259_200].map(ago)).toEqual(["just now", "10 minutes ago", "2 hours ago", "3 days ago"]);
  });

  it("count one thing in the singular", () => {
    expect([many(1, "page"), many(0, "page"), many(3, "page")]).toEqual(["1 page", "0 pages", "3 pages"]);
  });
});
