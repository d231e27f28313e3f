// Where an edge or a middle lines up with the page or with what else is on it. Boxes come from the server.
import type { Box } from "../../api/types";

export interface Lines { x: number[]; y: number[] }
export interface Snapped { dx: number; dy: number; x: number | null; y: number | null }

export function linesOf(boxes: Box[], size: { width: number; height: number }, margin: number): Lines {
  const lines: Lines = { x: [margin, size.width / 2, size.width - margin, 0, size.width], y: [margin, size.height / 2, size.height - margin, 0, size.height] };
  boxes.forEach(([x, y, w, h]) => { lines.x.push(x, x + w / 2, x + w); lines.y.push(y, y + h / 2, y + h); });
  return lines;
}

function nearest(values: number[], lines: number[], within: number) {
  let best: { delta: number; line: number } | null = null;
  for (const value of values) for (const line of lines) {
    const delta = line - value;
    if (Math.abs(delta) <= within && (!best || Math.abs(delta) < Math.abs(best.delta))) best = { delta, line };
  }
  return best;
}

/** How far to move so that the nearest edge or middle lines up, if one is within reach. */
export function snapMove([x, y, w, h]: Box, lines: Lines, within: number): Snapped {
  const a = nearest([x, x + w / 2, x + w], lines.x, within);
  const b = nearest([y, y + h / 2, y + h], lines.y, within);
  return { dx: a?.delta ?? 0, dy: b?.delta ?? 0, x: a?.line ?? null, y: b?.line ?? null };
}

/** A box pulled at a handle; edges line up as in {@link snapMove}. */
export function resized(box: Box, handle: string, dx: number, dy: number, lines: Lines, within: number, least: number): { box: Box; x: number | null; y: number | null } {
  let [left, top, right, bottom] = [box[0], box[1], box[0] + box[2], box[1] + box[3]];
  let [sx, sy]: (number | null)[] = [null, null];
  const pull = (value: number, axis: number[]) => { const hit = nearest([value], axis, within); return hit ? { value: value + hit.delta, line: hit.line } : { value, line: null }; };
  if (handle.includes("w")) { const s = pull(left + dx, lines.x); left = Math.min(s.value, right - least); sx = s.line; }
  if (handle.includes("e")) { const s = pull(right + dx, lines.x); right = Math.max(s.value, left + least); sx = s.line; }
  if (handle.includes("n")) { const s = pull(top + dy, lines.y); top = Math.min(s.value, bottom - least); sy = s.line; }
  if (handle.includes("s")) { const s = pull(bottom + dy, lines.y); bottom = Math.max(s.value, top + least); sy = s.line; }
  return { box: [left, top, right - left, bottom - top], x: sx, y: sy };
}

export const tidy = (box: Box): Box => box.map((v) => Math.round(v * 10) / 10);
