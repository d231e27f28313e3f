// How a number moves under the hand.

/** One step: a hundredth of the largest number, rounded down to 1, 2 or 5 of a power of ten; 1 among counts and shares up to 100. */
export function step(values: number[]): number {
  const most = Math.max(...values.map(Math.abs), 0);
  if (most === 0) return 1;
  const whole = values.every(Number.isInteger);
  const raw = most / 100;
  const power = 10 ** Math.floor(Math.log10(raw));
  const found = [5, 2, 1].find((n) => n * power <= raw)! * power;
  return whole ? Math.max(1, found) : found;
}

/** The nearest whole step; shares stay between 0 and 100 and counts over nothing, unless they were not before. */
export function held(value: number, one: number, unit: string, before: number): number {
  const places = Math.max(0, -Math.floor(Math.log10(one)));
  const near = Number((Math.round(value / one) * one).toFixed(places));
  const least = before >= 0 ? 0 : -Infinity;
  const most = unit === "%" && before <= 100 ? 100 : Infinity;
  return Math.min(most, Math.max(least, near));
}

export function shown(value: number, unit: string): string {
  const words = Math.abs(value) >= 10_000 ? value.toLocaleString("en-GB") : String(value);
  return unit === "%" ? `${words} %` : unit ? `${words} ${unit}` : words;
}
