// A text field over the very glyphs: same font, size, colour and place.
import type { FigureObject, Item, Operation, PageObject } from "../../api/types";

export interface Edit { object: string; item: string | null; name: string; value: string; before: string; needed: boolean; change: (words: string) => Operation; style: Record<string, string> }
type Words = Pick<Edit, "item" | "name" | "value" | "needed" | "change">;

export function editorFor(words: SVGTextElement, frame: HTMLElement, zoom: number, objects: Record<string, PageObject>): Edit | null {
  const object = objects[words.closest<SVGGElement>("g[data-object]")?.dataset.object ?? ""];
  const part = words.dataset.part ?? "";
  if (!object) return null;
  const item = words.closest<SVGGElement>('g[data-kind="item"]')?.dataset.item ?? null;
  const found = object.type === "figure" ? ofFigure(object, object.items.find((i) => i.id === item) ?? null, part) : object.type === "text" ? field(object, "text", object.text) : null;
  return found && { ...found, object: object.id, before: found.value, style: styleOf(words, frame, zoom, object) };
}

function field(object: PageObject, name: string, value: string): Words {
  return { item: null, name, value, needed: name === "text", change: (words) => ({ op: "object.change", id: object.id, set: { [name]: words || null } }) };
}

function ofFigure(figure: FigureObject, item: Item | null, part: string): Words | null {
  if (part === "heading") return field(figure, "heading", figure.heading ?? "");
  if (part.startsWith("name:")) return aspectName(figure, part.slice(5));
  if (!item) return null;
  const set = (name: string, value: string, fields: (words: string) => Record<string, unknown>): Words =>
    ({ item: item.id, name, value, needed: name === "title", change: (words) => ({ op: "item.change", id: figure.id, item: item.id, set: fields(words) }) });
  if (part.startsWith("aspect:")) {
    const name = part.slice(7);
    const list = (item.aspects ?? []) as string[][];
    const rest = list.some(([n]) => n === name) ? list : [...list, [name, ""]];
    return set(name, list.find(([n]) => n === name)?.[1] ?? "", (words) => ({ aspects: rest.map(([n, w]) => [n, n === name ? words : w]) }));
  }
  // The line over a title shows the date, or else the value.
  const key = part === "date" && !item.date ? "value" : part;
  if (key === "value") return item.date && part === "value" ? set("date", item.date, (words) => ({ date: words || null })) : set("value", String(item.value ?? ""), (words) => ({ value: numeral(words) }));
  if (key === "title" || key === "detail" || key === "date") return set(key, item[key] ?? "", (words) => ({ [key]: words || null }));
  return null;
}

/** An aspect's name stands once in the figure and in every item. */
function aspectName(figure: FigureObject, name: string): Words {
  const renamed = (words: string): Operation => ({
    op: "batch",
    operations: figure.items.filter((i) => i.aspects?.length).map((i) => ({ op: "item.change", id: figure.id, item: i.id, set: { aspects: (i.aspects as string[][]).map(([n, w]) => [n === name ? words : n, w]) } })),
  });
  return { item: null, name: "aspect", value: name, needed: true, change: renamed };
}

export function numeral(words: string): number | null {
  const plain = words.replace(/[\s,%£€$]/g, "").replace("−", "-");
  return plain === "" || Number.isNaN(Number(plain)) ? null : Number(plain);
}

function styleOf(words: SVGTextElement, frame: HTMLElement, zoom: number, object: PageObject): Record<string, string> {
  const inner = words.getBoundingClientRect();
  const outer = frame.getBoundingClientRect();
  const computed = getComputedStyle(words);
  const size = parseFloat(words.getAttribute("font-size") ?? "16") * zoom;
  const rows = [...words.querySelectorAll("tspan[y]")].map((t) => parseFloat(t.getAttribute("y") ?? "0"));
  const leading = rows.length > 1 ? (rows[1] - rows[0]) * zoom : size * 1.25;
  const anchor = words.getAttribute("text-anchor") ?? "start";
  const wide = object.type === "text" ? object.box[2] * zoom : Math.max(inner.width + 6, size * 7);
  const left = object.type === "text" ? object.box[0] * zoom : inner.left - outer.left - (anchor === "middle" ? (wide - inner.width) / 2 : anchor === "end" ? wide - inner.width : 0);
  return {
    left: `${left}px`, top: `${inner.top - outer.top}px`, width: `${wide}px`, minHeight: `${inner.height}px`, fontFamily: computed.fontFamily, fontWeight: computed.fontWeight,
    fontSize: `${size}px`, lineHeight: `${leading}px`, color: computed.fill, textAlign: anchor === "middle" ? "center" : anchor === "end" ? "right" : "left", background: luminous(computed.fill) ? "#1b2420" : "#ffffff",
  };
}

function luminous(colour: string) {
  const [r, g, b] = (colour.match(/[\d.]+/g) ?? ["0", "0", "0"]).map(Number);
  return 0.299 * r + 0.587 * g + 0.114 * b > 150;
}
