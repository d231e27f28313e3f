// One line at the foot of the window: what went wrong and what to do, or what was done.
import { reactive } from "vue";
import { Trouble } from "../api/client";

export const notice = reactive({ open: false, text: "", timeout: 6000, act: null as null | { label: string; run: () => void } });

export function tell(text: string, act: { label: string; run: () => void } | null = null) {
  // Who is offered something to do about it looks at the page first.
  Object.assign(notice, { text, act, open: true, timeout: act ? 10_000 : 6000 });
}

export function tellTrouble(error: unknown) {
  const text = error instanceof Trouble ? [error.message, error.hint].filter(Boolean).join(" ") : "Something went wrong. Reload the page; nothing was lost.";
  if (!(error instanceof Trouble)) console.error(error);
  tell(text);
}
