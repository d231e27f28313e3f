import type { PageObject } from "../../api/types";

/** What an object on a page is called where it cannot be seen. */
export function nameOf(object: PageObject | undefined): string | undefined {
  switch (object?.type) {
    case "connector": return "Connector";
    case "clock": return object.shows === "countdown" ? "Countdown" : "Clock";
    case "chart": return `Chart ${object.heading ?? object.chart}`;
    case "figure": return `Figure ${object.heading ?? object.form}`;
    case "text": return `Text ${object.text.slice(0, 40)}`;
    case undefined: return undefined;
    default: return `Shape ${object!.shape}`;
  }
}
