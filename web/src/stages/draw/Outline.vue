<script setup lang="ts">
// The whole document at a glance: for each passage what was found, a tiny picture of its best figure, and whether it is on a page.
import { computed, nextTick, onBeforeUnmount, onMounted, reactive, ref, watch } from "vue";
import { post } from "../../api/client";
import { usePiece } from "../../piece/store";
import { many } from "../../ui/words";
import type { PassageFound } from "../../api/types";

const props = defineProps<{ passages: PassageFound[]; current: string | null }>();
const emit = defineEmits<{ choose: [id: string] }>();
const BATCH_MS = 60;
const piece = usePiece();
const root = ref<HTMLElement>();
const tiny = reactive<Record<string, string | null>>({});
let wanted = new Set<string>();
let timer = 0;
let seen: IntersectionObserver | null = null;

const first = (p: PassageFound) => (piece.state?.piece.notes.find((b) => b.id === p.blocks[0])?.text ?? "").slice(0, 60);
const open = computed(() => props.passages.filter((p) => p.families.length && !p.drawn.length).length);
const worth = computed(() => props.passages.filter((p) => p.families.length).length);

/** Pictures are asked for when their row comes into sight, several at once. */
function see(entries: IntersectionObserverEntry[]) {
  for (const entry of entries) {
    const id = (entry.target as HTMLElement).dataset.passage!;
    if (entry.isIntersecting && !(id in tiny) && props.passages.find((p) => p.id === id)?.families.length) wanted.add(id);
  }
  if (wanted.size) { clearTimeout(timer); timer = window.setTimeout(fetchTiny, BATCH_MS); }
}

async function fetchTiny() {
  const passages = [...wanted].slice(0, 24);
  wanted = new Set([...wanted].slice(24));
  passages.forEach((id) => { tiny[id] = tiny[id] ?? null; });
  try {
    const { pictures } = await post<{ pictures: Record<string, string | null> }>(`/api/pieces/${piece.state!.id}/tiny`, { passages });
    Object.assign(tiny, pictures);
  } catch { passages.forEach((id) => delete tiny[id]); }
  if (wanted.size) void fetchTiny();
}

async function watchRows() {
  await nextTick();
  seen?.disconnect();
  seen = new IntersectionObserver(see, { root: root.value, rootMargin: "200px" });
  root.value?.querySelectorAll("[data-passage]").forEach((row) => seen!.observe(row));
}

function keys(event: KeyboardEvent) {
  const step = { ArrowDown: 1, ArrowUp: -1 }[event.key];
  if (!step) return;
  event.preventDefault();
  const rows = [...(root.value?.querySelectorAll<HTMLElement>("button.entry") ?? [])];
  rows[rows.indexOf(document.activeElement as HTMLElement) + step]?.focus();
}

onMounted(watchRows);
onBeforeUnmount(() => { seen?.disconnect(); clearTimeout(timer); });
watch(() => props.passages, (now, before) => {
  const same = new Map(before.map((p) => [p.id, JSON.stringify([p.families, p.items])]));
  now.forEach((p) => { if (same.get(p.id) !== JSON.stringify([p.families, p.items])) delete tiny[p.id]; });
  void watchRows();
});
watch(() => piece.state?.piece.style, () => { Object.keys(tiny).forEach((id) => delete tiny[id]); void watchRows(); });
watch(() => props.current, (id) => root.value?.querySelector(`[data-passage="${id}"]`)?.scrollIntoView({ block: "nearest" }));
</script>

<template>
  <div ref="root" class="outline scroll" @keydown="keys">
    <p class="sum small quiet">{{ many(passages.length, "passage") }}, {{ worth }} worth a picture<template v-if="worth && !open">, all of them drawn</template><template v-else-if="open && open < worth">, {{ open }} still to draw</template></p>
    <ol>
      <li v-for="(p, index) in passages" :key="p.id" :data-passage="p.id">
        <button class="entry" :class="{ now: p.id === current, silent: !p.families.length }" :aria-current="p.id === current || undefined" @click="emit('choose', p.id)">
          <span class="n">{{ index + 1 }}</span>
          <span class="tiny-picture" :style="{ background: p.families.length ? piece.roles.surface : 'transparent' }" aria-hidden="true" v-html="tiny[p.id] ?? ''" />
          <span class="said">
            <strong>{{ p.heading || first(p) }}</strong>
            <span class="small quiet">{{ p.families[0]?.reason ?? p.silence ?? "no picture needed" }}</span>
            <span v-for="q in p.queries.filter((x) => !x.answer)" :key="q.message" class="warn small">{{ q.message }}</span>
            <span v-if="p.drawn.length" class="drawn small">on the page</span>
          </span>
        </button>
      </li>
    </ol>
  </div>
</template>

<style scoped>
.outline { padding: 14px 14px 40px 18px; min-height: 0; } .sum { margin: 0 0 8px 8px; }
ol { list-style: none; margin: 0; padding: 0; }
.entry { display: grid; grid-template-columns: 22px 104px minmax(0, 1fr); gap: 12px; width: 100%; padding: 9px 8px; border-bottom: 1px solid var(--line); align-items: start; } .entry:hover { background: var(--panel); }
.entry.now { background: var(--blush); } .n { color: var(--quiet); text-align: right; }
.tiny-picture { height: 74px; border: 1px solid var(--line); border-radius: 3px; overflow: hidden; padding: 4px; display: grid; place-items: center; } .silent .tiny-picture { border-style: dashed; height: 34px; }
.tiny-picture :deep(svg) { display: block; max-width: 100%; max-height: 100%; height: auto; }
.said { display: grid; gap: 1px; } .said strong { font: 600 15px/1.3 var(--serif); } .said .quiet::first-letter { text-transform: uppercase; } .silent .said strong { font-weight: 400; color: var(--quiet); }
.warn { color: var(--straw-ink); } .drawn { color: var(--leaf-2); }
</style>
