// Small things said in words.
export function clock(seconds: number): string {
  return new Date(seconds * 1000).toLocaleTimeString("en-GB", { hour: "2-digit", minute: "2-digit" });
}

export function since(seconds: number): string {
  const minutes = (Date.now() / 1000 - seconds) / 60;
  if (minutes < 2) return "edited just now";
  if (minutes < 60) return `edited ${Math.round(minutes)} minutes ago`;
  const day = new Date(seconds * 1000);
  const today = new Date();
  if (day.toDateString() === today.toDateString()) return `edited at ${clock(seconds)}`;
  if (new Date(today.getTime() - 86_400_000).toDateString() === day.toDateString()) return "edited yesterday";
  return `edited ${day.toLocaleDateString("en-GB", { day: "numeric", month: "long" })}`;
}

/** How long ago something was, of a number of seconds. */
export function ago(seconds: number): string {
  if (seconds < 90) return "just now";
  if (seconds < 5400) return `${Math.round(seconds / 60)} minutes ago`;
  if (seconds < 129_600) return `${Math.round(seconds / 3600)} hours ago`;
  return `${Math.round(seconds / 86_400)} days ago`;
}

/** How often a live table is fetched, by minutes. */
export const EVERY: Record<number, string> = { 5: "every 5 minutes", 30: "every half hour", 60: "every hour", 720: "twice a day", 1440: "every day" };

export const many = (count: number, noun: string) => `${count} ${noun}${count === 1 ? "" : "s"}`;

export const FAMILY: Record<string, string> = {
  list: "List", sequence: "Steps", cycle: "Cycle", timeline: "Timeline", comparison: "Comparison", opposition: "For and against", change: "Change", parts: "Parts", ranking: "Ranking", trend: "Trend",
  ratio: "Ratio", headline: "Number", hierarchy: "Hierarchy", quadrant: "Four boxes", overlap: "Overlap", funnel: "Funnel", cause: "Causes", hub: "Hub", decision: "Decision", journey: "Journey", relation: "Relation",
};

export const KIND: Record<string, string> = {
  text: "text", category: "category", place: "place", number: "number", percent: "per cent", money: "money", date: "date", month: "month", quarter: "quarter", year: "year", boolean: "yes or no",
};

export const ROLE: Record<string, string> = {
  surface: "surface", "surface-2": "quiet ground", ink: "ink", "ink-2": "quiet ink", line: "rules", "accent-1": "accent 1", "accent-2": "accent 2", "accent-3": "accent 3", "accent-4": "accent 4", signal: "signal",
};
