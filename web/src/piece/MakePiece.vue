<script setup lang="ts">
// A whole draft from the notes, in three compositions to choose from. One undo takes it all back.
import { ref, shallowRef, watch } from "vue";
import { useRoute, useRouter } from "vue-router";
import { get } from "../api/client";
import { tell, tellTrouble } from "../ui/notices";
import { many } from "../ui/words";
import { usePiece } from "./store";
import type { DraftFound } from "../api/types";

const open = defineModel<boolean>({ required: true });
const piece = usePiece();
const route = useRoute();
const router = useRouter();
const drafts = shallowRef<DraftFound[] | null>(null);
const objection = ref<string | null>(null);
const chosen = ref("");
const busy = ref(false);

watch(open, async (is) => {
  if (!is) return;
  drafts.value = null;
  objection.value = null;
  try {
    await piece.idle();
    const answer = await get<{ drafts: DraftFound[]; objection: string | null }>(`/api/pieces/${piece.state!.id}/drafts`);
    drafts.value = answer.drafts;
    objection.value = answer.objection;
    chosen.value = answer.drafts[0]?.composition ?? "";
  } catch (error) {
    tellTrouble(error);
    open.value = false;
  }
});

async function take(name = chosen.value) {
  if (!name || busy.value) return;
  busy.value = true;
  const answer = await piece.send("compose", () => ({ composition: name }));
  busy.value = false;
  if (!answer) return;
  open.value = false;
  const figures = drafts.value?.find((d) => d.composition === name)?.figures ?? 0;
  piece.pageId = answer.pages.find((p) => p.objects.some((o) => o in answer.objects))?.id ?? null;
  await router.push({ name: "arrange", params: route.params });
  tell(`${many(figures, "figure")} from your notes ${figures === 1 ? "is" : "are"} on the pages.`, { label: "Take it all back", run: () => void piece.undo() });
}
</script>

<template>
  <v-dialog v-model="open" max-width="980">
    <v-card class="make">
      <h2>Make a piece of it</h2>
      <p class="quiet lead">The best figure of every passage that is worth one, laid out with title and source. The notes stay as they are.</p>
      <p v-if="objection" class="objection">{{ objection }}</p>
      <div v-else-if="!drafts" class="wait" role="status"><span class="bar" /><span class="quiet">Reading the notes and laying out three drafts …</span></div>
      <div v-else class="drafts" role="radiogroup" aria-label="Compositions">
        <button v-for="d in drafts" :key="d.composition" role="radio" :aria-checked="d.composition === chosen" class="draft" @click="chosen = d.composition" @dblclick="take(d.composition)">
          <span class="pages"><span v-for="(svg, i) in d.svg" :key="i" class="sheet" v-html="svg" /></span>
          <strong>{{ d.title }}</strong><span class="small quiet">{{ d.sees }}; {{ many(d.figures, "figure") }} on {{ many(d.pages, "page") }}</span>
        </button>
      </div>
      <div class="foot"><v-btn variant="outlined" @click="open = false">Cancel</v-btn><v-btn color="primary" :disabled="!chosen || busy || !drafts?.length" @click="take()">Put it on the pages</v-btn></div>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.make { padding: 24px 28px; } h2 { font-size: 24px; } .lead { margin: 2px 0 16px; } .objection { background: var(--straw-2); color: var(--straw-ink); padding: 10px 14px; border-radius: 5px; }
.wait { height: 300px; display: grid; place-content: center; justify-items: center; gap: 12px; } .bar { width: 180px; height: 4px; background: linear-gradient(var(--peony), var(--peony)) 0 0 / 40% 100% no-repeat var(--line); animation: run 1.2s infinite alternate ease-in-out; } @keyframes run { to { background-position: 100% 0; } }
@media (prefers-reduced-motion: reduce) { .bar { animation: none; } }
.drafts { display: grid; grid-template-columns: repeat(3, minmax(0, 1fr)); gap: 14px; }
.draft { border: 1px solid var(--line); border-radius: 5px; background: var(--paper); padding: 14px; display: grid; gap: 2px; align-content: start; } .draft:hover { border-color: var(--quiet); } .draft[aria-checked="true"] { border-color: var(--peony); box-shadow: inset 0 0 0 1px var(--peony); background: var(--blush); }
.draft strong { font: 600 17px var(--serif); margin-top: 8px; }
.pages { display: flex; gap: 24px 8px; height: 250px; overflow: hidden; align-items: start; flex-wrap: wrap; } .sheet { border: 1px solid var(--page-edge); background: #fff; flex: 1 1 44%; max-width: 60%; } .sheet :deep(svg) { display: block; width: 100%; height: auto; }
.sheet:only-child { flex: none; max-width: 100%; } .sheet:only-child :deep(svg) { width: auto; max-width: 100%; height: 248px; }
.foot { display: flex; justify-content: flex-end; gap: 10px; margin-top: 18px; }
</style>
