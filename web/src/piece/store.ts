// The piece in hand, as the server last told it. Changes go out one after another; nothing is shown as kept before it is.
import { defineStore } from "pinia";
import { computed, ref, shallowRef } from "vue";
import { get, post, Trouble } from "../api/client";
import { tell, tellTrouble } from "../ui/notices";
import type { Catalogue, Difference, Operation, Whole } from "../api/types";

const TAB = Math.random().toString(36).slice(2, 12);
const RETRY_MS = 1500;

export const usePiece = defineStore("piece", () => {
  const state = shallowRef<Whole | null>(null);
  const catalogue = shallowRef<Catalogue | null>(null);
  const trouble = ref<string | null>(null);
  const pending = ref(0);
  const offline = ref(false);
  const selected = ref<string | null>(null);
  const item = ref<string | null>(null);
  /** A single shape or word of the item, by its name in the drawing. */
  const part = ref<string | null>(null);
  /** Where a connector begins while its other end is being chosen. */
  const linking = ref<{ object: string; item?: string } | null>(null);
  const pageId = ref<string | null>(null);
  /** How objects would look while a hand still holds a value. */
  const tried = shallowRef<Record<string, string>>({});
  let queue: Promise<unknown> = Promise.resolve();
  let events: EventSource | null = null;

  const page = computed(() => state.value?.pages.find((p) => p.id === pageId.value) ?? state.value?.pages[0] ?? null);
  const object = computed(() => (selected.value && state.value ? state.value.objects[selected.value] ?? null : null));
  const style = computed(() => catalogue.value?.styles.find((s) => s.style === state.value?.piece.style.name) ?? null);
  const roles = computed(() => ({ ...(style.value?.roles ?? {}), ...(state.value?.piece.style.roles ?? {}) }) as Record<string, string>);

  async function open(id: string) {
    close();
    trouble.value = null;
    try {
      const [whole, facts] = await Promise.all([get<Whole>(`/api/pieces/${id}`), catalogue.value ?? get<Catalogue>("/api/catalogue")]);
      state.value = whole;
      catalogue.value = facts;
      follow(id);
    } catch (error) {
      trouble.value = error instanceof Trouble ? error.message : "The piece could not be opened.";
    }
  }

  function close() {
    deaf();
    state.value = null;
    selected.value = item.value = part.value = pageId.value = linking.value = null;
  }

  /** Follows what other windows change. The first message says where the piece stands, in case something was missed. */
  function follow(id: string) {
    deaf();
    events = new EventSource(`/api/pieces/${id}/events`);
    events.onmessage = (message) => {
      const answer = JSON.parse(message.data) as Difference & { greeting?: boolean };
      if (answer.tab === TAB || !state.value || pending.value || answer.seq <= state.value.seq) return;
      answer.seq === state.value.seq + 1 && !answer.greeting ? merge(answer) : void reload();
    };
  }

  function deaf() {
    events?.close();
    events = null;
  }

  // A browser opens only a handful of connections to one server: a window that is not looked at gives its own back.
  window.addEventListener("pagehide", deaf);
  document.addEventListener("visibilitychange", () => {
    if (document.visibilityState === "hidden") deaf();
    else if (state.value && !events) follow(state.value.id);
  });

  async function reload() {
    if (state.value) state.value = await get<Whole>(`/api/pieces/${state.value.id}`);
  }

  function merge(answer: Difference) {
    const now = state.value;
    if (!now || answer.nothing) return;
    // Another window was quicker: its change is fetched with everything else.
    if (answer.seq > now.seq + 1) void reload();
    const objects = { ...now.objects, ...answer.objects };
    const svg = { ...now.svg, ...answer.svg };
    answer.removed.forEach((id) => { delete objects[id]; delete svg[id]; });
    const { seq, updatedAt, pages, remarks, orderly, undo, redo } = answer;
    state.value = { ...now, seq, updatedAt, pages, remarks, orderly, undo, redo, objects, svg, piece: { ...now.piece, ...answer.piece } };
    if (selected.value && !objects[selected.value]) selected.value = item.value = null;
  }

  /** Sends to the server in order. A server that cannot be reached is tried again until it answers. */
  function send(path: string, body: () => object | File): Promise<Difference | null> {
    pending.value += 1;
    const sent = queue.then(async () => {
      for (;;) {
        try {
          const made = body();
          const answer = await post<Difference>(`/api/pieces/${state.value?.id}/${path}${made instanceof Blob ? `&tab=${TAB}` : ""}`, made instanceof Blob ? made : { tab: TAB, ...made });
          offline.value = false;
          if (answer.seq !== undefined) merge(answer);
          return answer;
        } catch (error) {
          if (!(error instanceof Trouble) || error.status !== 0) throw error;
          offline.value = true;
          await new Promise((done) => setTimeout(done, RETRY_MS));
        }
      }
    });
    const settled = sent.catch((error: unknown) => {
      if (error instanceof Trouble && error.status === 409 && error.body.state) state.value = error.body.state as Whole;
      tellTrouble(error);
      return null;
    }).finally(() => { pending.value -= 1; });
    queue = settled;
    return settled;
  }

  const apply = (operation: Operation) => send("changes", () => ({ operation, base: state.value?.seq }));
  const undo = () => send("undo", () => ({})).then((answer) => answer?.nothing && tell("There is nothing to undo."));
  const redo = () => send("redo", () => ({})).then((answer) => answer?.nothing && tell("There is nothing to redo."));
  const change = (id: string, set: Record<string, unknown>) => apply({ op: "object.change", id, set });
  const changeItem = (id: string, itemId: string, set: Record<string, unknown>) => apply({ op: "item.change", id, item: itemId, set });
  const idle = () => queue;

  /** Draws a change without making it; the last one asked for wins. */
  let trying = 0;
  async function attempt(operation: Operation) {
    const mine = ++trying;
    try {
      const { svg } = await post<{ svg: Record<string, string> }>(`/api/pieces/${state.value?.id}/tried`, { operation, page: page.value?.id });
      if (mine === trying) tried.value = svg;
    } catch { /* what cannot be drawn is told when it is let go */ }
  }
  function letGo() {
    trying += 1;
    tried.value = {};
  }

  function select(id: string | null, itemId: string | null = null, partName: string | null = null) {
    selected.value = id;
    item.value = itemId;
    part.value = partName;
  }

  type PartSet = Record<string, unknown>;
  /** Changes one part of a drawing; null puts it back as it was computed. Worked out when its turn comes, so that presses in a row add up. */
  function changePart(id: string, name: string, set: PartSet | null | ((now: { move?: number[] }) => PartSet)) {
    return send("changes", () => {
      const object = state.value?.objects[id];
      const parts: Record<string, unknown> = { ...(object?.type === "figure" || object?.type === "chart" ? object.parts : {}) };
      const now = (parts[name] ?? {}) as PartSet;
      if (set) parts[name] = { ...now, ...(typeof set === "function" ? set(now) : set) };
      else delete parts[name];
      return { operation: { op: "object.change", id, set: { parts: Object.keys(parts).length ? parts : null } }, base: state.value?.seq };
    });
  }

  return { state, catalogue, trouble, pending, offline, selected, item, part, linking, pageId, tried, attempt, letGo, page, object, style, roles, open, close, send, apply, undo, redo, change, changeItem, changePart, select, reload, idle };
});

export const freshId = (letter: string) => letter + Math.random().toString(36).slice(2, 9);
