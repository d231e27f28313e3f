<script setup lang="ts">
// What would change in a figure whose words have changed: each item is taken over or kept.
import { computed, onMounted, ref, shallowRef } from "vue";
import { get } from "../../api/client";
import { tellTrouble } from "../../ui/notices";
import { many } from "../../ui/words";
import { usePiece } from "../../piece/store";
import type { RenewalStep } from "../../api/types";

const props = defineProps<{ figure: string }>();
const emit = defineEmits<{ close: [] }>();
const piece = usePiece();
const steps = shallowRef<RenewalStep[] | null>(null);
const taken = ref<Set<string>>(new Set());
const busy = ref(false);
const STATE: Record<string, string> = { changed: "changed", added: "new", gone: "gone from the notes" };
const different = computed(() => steps.value?.filter((s) => s.state !== "same") ?? []);

onMounted(async () => {
  try {
    steps.value = (await get<{ steps: RenewalStep[] }>(`/api/pieces/${piece.state!.id}/renewal/${props.figure}`)).steps;
    taken.value = new Set(steps.value.map((s) => s.id));
  } catch (error) {
    tellTrouble(error);
    emit("close");
  }
});

function toggle(id: string) {
  const next = new Set(taken.value);
  next.has(id) ? next.delete(id) : next.add(id);
  taken.value = next;
}
const said = (item: RenewalStep["old"]) => (item ? [item.title, item.detail, typeof item.value === "number" ? `${item.value} ${item.unit ?? ""}` : "", item.date].filter(Boolean).join(" · ") : "");

async function take() {
  busy.value = true;
  const answer = await piece.send("renew", () => ({ object: props.figure, taken: [...taken.value] }));
  busy.value = false;
  if (answer) emit("close");
}
</script>

<template>
  <v-dialog :model-value="true" max-width="760" @update:model-value="emit('close')">
    <v-card class="renewal">
      <h2>The notes have changed</h2>
      <p class="quiet">{{ steps ? (different.length ? `${many(different.length, "item")} would be different. Tick what to take over; the rest stays as it is.` : "The figure already says what the notes say.") : "Reading …" }}</p>
      <ul class="scroll">
        <li v-for="s in different" :key="s.id">
          <label><input type="checkbox" :checked="taken.has(s.id)" @change="toggle(s.id)" /><span class="state" :class="s.state">{{ STATE[s.state] }}</span></label>
          <p v-if="s.old" class="old">{{ said(s.old) }}</p><p v-if="s.new" class="new">{{ said(s.new) }}</p>
        </li>
      </ul>
      <div class="foot"><v-btn variant="outlined" @click="emit('close')">Cancel</v-btn><v-btn color="primary" :disabled="!steps || busy" @click="take">{{ different.length ? "Take over what is ticked" : "It is up to date" }}</v-btn></div>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.renewal { padding: 24px 28px; } h2 { font-size: 22px; } ul { list-style: none; margin: 6px 0 0; padding: 0; max-height: 420px; } li { border-top: 1px solid var(--line); padding: 9px 0; } label { display: flex; gap: 10px; align-items: center; cursor: pointer; }
.state { font-weight: 600; font-size: 13px; } .state.added { color: var(--leaf-2); } .state.gone { color: var(--straw-ink); } p { margin: 3px 0; overflow-wrap: anywhere; } li p { margin-left: 30px; } input { accent-color: var(--peony); width: 16px; height: 16px; margin: 2px; } .old { color: var(--quiet); text-decoration: line-through; text-decoration-thickness: 1px; }
.foot { display: flex; justify-content: flex-end; gap: 10px; margin-top: 18px; }
</style>
