<script setup lang="ts">
// Labelled text fills the places of a figure by their names, all at once, and tells what found no place.
import { ref, watch } from "vue";
import { post, Trouble } from "../../api/client";
import { tell } from "../../ui/notices";
import { many } from "../../ui/words";
import { usePiece } from "../../piece/store";

const props = defineProps<{ figure: string; places: string[] }>();
const emit = defineEmits<{ close: [] }>();
const WAIT_MS = 250;
const piece = usePiece();
const text = ref("");
const told = ref<{ filled: string[]; left: string[] } | null>(null);
const fault = ref<string | null>(null);
const busy = ref(false);
let timer = 0;

watch(text, () => { clearTimeout(timer); timer = window.setTimeout(look, WAIT_MS); });
async function look() {
  fault.value = told.value = null;
  if (!text.value.trim()) return;
  try {
    told.value = await post(`/api/pieces/${piece.state!.id}/fill`, { object: props.figure, text: text.value, look: true });
  } catch (error) {
    fault.value = error instanceof Trouble ? [error.message, error.hint].filter(Boolean).join(" ") : "That could not be read.";
  }
}
async function fill() {
  busy.value = true;
  const answer = await piece.send("fill", () => ({ object: props.figure, text: text.value }));
  busy.value = false;
  if (!answer) return;
  tell(`${many(told.value?.filled.length ?? 0, "place")} filled${told.value?.left.length ? `; ${told.value.left.join(", ")} found no place` : ""}.`, { label: "Undo", run: () => void piece.undo() });
  emit("close");
}
</script>

<template>
  <v-dialog :model-value="true" max-width="640" @update:model-value="emit('close')">
    <v-card class="fill">
      <h2>Fill it from labelled text</h2>
      <p class="quiet">Paste lines such as “{{ places[0] }}: the words”, parted by semicolons or line ends, a table, or a list under each name. Each goes to the place of its name: {{ places.join(", ") }}.</p>
      <textarea v-model="text" class="field" rows="8" aria-label="Labelled text" autofocus />
      <p v-if="fault" class="fault" role="alert">{{ fault }}</p>
      <p v-else-if="told" role="status"><template v-if="told.filled.length"><strong>Fills</strong> {{ told.filled.join(", ") }}.</template><template v-else>None of these labels is the name of a place.</template> <span v-if="told.left.length" class="left">No place for: {{ told.left.join(", ") }}.</span></p>
      <div class="foot"><v-btn variant="outlined" @click="emit('close')">Cancel</v-btn><v-btn color="primary" :disabled="!told?.filled.length || busy" @click="fill">Fill the places</v-btn></div>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.fill { padding: 24px 28px; } h2 { font-size: 22px; } .fault { background: var(--straw-2); color: var(--straw-ink); padding: 8px 12px; border-radius: 5px; } .left { color: var(--straw-ink); }
.foot { display: flex; justify-content: flex-end; gap: 10px; margin-top: 16px; }
</style>
