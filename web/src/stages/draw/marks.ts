import type { Block, Ref } from "../../api/types";

export interface Part { text: string; item: number | null; start: boolean }

/** Cuts a block's text where threads begin and end; characters are counted as the core counts them. */
export function pieces(block: Block, items: { refs: Ref[] }[]): Part[] {
  const chars = Array.from(block.text);
  const owner: (number | null)[] = new Array(chars.length).fill(null);
  items.forEach((entry, index) => entry.refs.filter((r) => r.block === block.id).forEach((r) => { for (let i = r.start; i < Math.min(r.end, chars.length); i += 1) owner[i] ??= index; }));
  const parts: Part[] = [];
  chars.forEach((char, i) => {
    const last = parts[parts.length - 1];
    if (last && last.item === owner[i]) last.text += char;
    else parts.push({ text: char, item: owner[i], start: owner[i] !== null && !parts.some((p) => p.item === owner[i]) });
  });
  return parts.length ? parts : [{ text: block.text, item: null, start: false }];
}

/** The blocks and characters that are marked with the mouse or the keyboard inside an element. */
export function markedIn(root: HTMLElement): { block: string; start: number; end: number }[] {
  const selection = window.getSelection();
  if (!selection || selection.isCollapsed || !selection.rangeCount) return [];
  const range = selection.getRangeAt(0);
  return [...root.querySelectorAll<HTMLElement>("[data-block]")].filter((el) => range.intersectsNode(el)).flatMap((el) => {
    const before = document.createRange();
    before.selectNodeContents(el);
    const whole = before.toString();
    let start = 0;
    let end = whole.length;
    if (el.contains(range.startContainer)) { before.setEnd(range.startContainer, range.startOffset); start = before.toString().length; }
    before.selectNodeContents(el);
    if (el.contains(range.endContainer)) { before.setEnd(range.endContainer, range.endOffset); end = before.toString().length; }
    const points = (n: number) => Array.from(whole.slice(0, n)).length;
    return end > start ? [{ block: el.dataset.block!, start: points(start), end: points(end) }] : [];
  });
}
