// What stands before each entry of the notes: its number where the list is numbered, at each depth by itself, else a dash.
import type { Block } from "../../api/types";

export function numbering(blocks: Block[]): Map<string, string> {
  const marks = new Map<string, string>();
  const counts: number[] = [];
  for (const block of blocks) {
    // A list ends where other words stand between its entries.
    if (block.type !== "item") { counts.length = 0; continue; }
    const level = block.level ?? 0;
    counts.length = Math.min(counts.length, level + 1);
    counts[level] = block.ordered ? (counts[level] ?? 0) + 1 : 0;
    marks.set(block.id, block.ordered ? `${counts[level]}.` : "–");
  }
  return marks;
}
