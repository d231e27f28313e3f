// Shapes and words within an object, as they are drawn: a part is named item/part, numbered where an item says the same more than once.

/** The drawing of an object below an element. */
export const groupIn = (root: HTMLElement | undefined, id: string): SVGGElement | null => root?.querySelector<SVGGElement>(`g[data-object="${id}"]`) ?? null;

const itemOf = (element: Element) => element.closest<SVGGElement>("g[data-item]")?.dataset.item ?? "";

/** The name of the part that an element belongs to, or null where it belongs to none of this object's. */
export function nameWithin(group: SVGGElement | null, element: Element): string | null {
  const shape = element.closest<SVGElement>("[data-part]");
  if (!shape || !group?.contains(shape)) return null;
  const item = itemOf(shape);
  const name = shape.dataset.part!;
  if (name.startsWith("shape")) return `${item}/${name}`;
  const same = [...group.querySelectorAll<SVGElement>(`[data-part="${name}"]`)].filter((other) => itemOf(other) === item);
  const number = same.indexOf(shape) + 1;
  return `${item}/${name}${number > 1 ? `.${number}` : ""}`;
}

/** The part of an object that has this name. */
export const shapeNamed = (group: SVGGElement | null, name: string): SVGElement | null =>
  [...(group?.querySelectorAll<SVGElement>("[data-part]") ?? [])].find((shape) => nameWithin(group, shape) === name) ?? null;
