import { describe, expect, it } from "vitest";
import { nameOf } from "../src/stages/arrange/names";
import { numeral } from "../src/stages/arrange/editing";
import { linesOf, resized, snapMove, tidy } from "../src/stages/arrange/snap";
import { held, shown, step } from "../src/stages/arrange/values";
import type { Box, PageObject } from "../src/api/types";

describe("a number under the hand", () => {
  it("moves by about a hundredth of the largest, in round steps", () => {
    expect(step([4200, 1800])).toBe(20);
    expect(step([0.9, 0.25])).toBe(0.005);
    expect(step([120_000])).toBe(1000);
  });

  it("moves by one among counts and shares up to a hundred", () => {
    expect(step([45, 30, 25])).toBe(1);
    expect(step([3])).toBe(1);
    expect(step([])).toBe(1);
    expect(step([0, 0])).toBe(1);
  });

  it("always moves by 1, 2 or 5 of a power of ten, and never by more than a hundredth of the largest", () => {
    for (let most = 0.013; most < 5_000_000; most *= 1.7) {
      const one = step([most, -most / 3]);
      expect(one).toBeLessThanOrEqual(most / 100 + 1e-12);
      expect([1, 2, 5]).toContain(Math.round(one / 10 ** Math.floor(Math.log10(one) + 1e-9)));
    }
  });

  it("stops at whole steps without a tail of digits", () => {
    expect(held(0.30000000000000004, 0.1, "", 0.2)).toBe(0.3);
    expect(held(47.4, 1, "", 45)).toBe(47);
    expect(held(4213, 20, "visitors", 4200)).toBe(4220);
  });

  it("keeps shares between 0 and 100 and counts over nothing, unless they were not before", () => {
    expect(held(130, 1, "%", 90)).toBe(100);
    expect(held(130, 1, "%", 120)).toBe(130);
    expect(held(-12, 1, "visitors", 3)).toBe(0);
    expect(held(-12, 1, "°C", -3)).toBe(-12);
  });

  it("is shown as it is printed", () => {
    expect([shown(45, "%"), shown(12_500, "visitors"), shown(9999, ""), shown(-1.5, "°C")]).toEqual(["45 %", "12,500 visitors", "9999", "-1.5 °C"]);
  });

  it("is read as people write it, and nothing else is a number", () => {
    expect(["4,200", "45 %", "£1,250.50", "−3", " 7 "].map(numeral)).toEqual([4200, 45, 1250.5, -3, 7]);
    expect(["", "  ", "many", "12 or 13"].map(numeral)).toEqual([null, null, null, null]);
  });
});

describe("edges that line up", () => {
  const page = { width: 800, height: 600 };
  const lines = linesOf([[100, 100, 200, 50]], page, 40);

  it("are those of the page, its margin, its middle, and of what is on it", () => {
    expect(lines.x).toEqual(expect.arrayContaining([0, 40, 100, 200, 300, 400, 760, 800]));
    expect(lines.y).toEqual(expect.arrayContaining([0, 40, 100, 125, 150, 300, 560, 600]));
  });

  it("draw a moved box to the nearest within reach", () => {
    expect(snapMove([103, 400, 80, 40], lines, 6)).toEqual({ dx: -3, dy: 0, x: 100, y: null });
    expect(snapMove([362, 280, 80, 44], lines, 6)).toEqual({ dx: -2, dy: -2, x: 400, y: 300 });
    expect(snapMove([333, 433, 80, 40], lines, 4)).toMatchObject({ dx: 0, dy: 0 });
  });

  it("hold the opposite edge while a handle is pulled", () => {
    expect(resized([100, 100, 200, 50], "e", 96, 0, lines, 6, 20)).toEqual({ box: [100, 100, 300, 50], x: 400, y: null });
    expect(resized([100, 100, 200, 50], "nw", -58, -57, lines, 6, 20).box).toEqual([40, 40, 260, 110]);
    expect(resized([100, 100, 200, 50], "s", 0, 33, lines, 2, 20).box).toEqual([100, 100, 200, 83]);
  });

  it("never let a box become smaller than it may be", () => {
    for (const handle of ["n", "e", "s", "w", "ne", "nw", "se", "sw"]) {
      for (const pull of [-900, -150, 0, 150, 900]) {
        const [x, y, w, h] = resized([300, 200, 120, 80], handle, pull, pull, lines, 6, 24).box;
        expect(w).toBeGreaterThanOrEqual(24);
        expect(h).toBeGreaterThanOrEqual(24);
        if (!handle.includes("w")) expect(x).toBe(300);
        if (!handle.includes("n")) expect(y).toBe(200);
      }
    }
  });

  it("are kept in tenths", () => {
    expect(tidy([1.23456, 2, 3.05, 4.449] as Box)).toEqual([1.2, 2, 3.1, 4.4]);
  });
});

describe("what an object is called where it cannot be seen", () => {
  const named = (object: object) => nameOf(object as PageObject);

  it("is its sort with its own words", () => {
    expect(named({ type: "figure", form: "steps", heading: null })).toBe("Figure steps");
    expect(named({ type: "figure", form: "steps", heading: "Star night" })).toBe("Figure Star night");
    expect(named({ type: "chart", chart: "line", heading: null })).toBe("Chart line");
    expect(named({ type: "text", text: "x".repeat(90) })).toBe(`Text ${"x".repeat(40)}`);
    expect(named({ type: "clock", shows: "countdown" })).toBe("Countdown");
    expect(named({ type: "clock", shows: "time" })).toBe("Clock");
    expect(named({ type: "shape", shape: "rectangle" })).toBe("Shape rectangle");
    expect(named({ type: "connector" })).toBe("Connector");
    expect(nameOf(undefined)).toBeUndefined();
  });
});
