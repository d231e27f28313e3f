<script setup lang="ts">
// A new table: cells pasted, a file, or an empty one to type into.
import { nextTick, ref, watch } from "vue";
import { tell } from "../../ui/notices";
import { usePiece } from "../../piece/store";

const KINDS = ".csv,.tsv,.tab,.txt,.xlsx,.ods,.json,.md,.html,.docx,.odt,.pptx";
const LARGEST = 60 * 1024 * 1024;
const open = defineModel<boolean>({ required: true });
const emit = defineEmits<{ made: [id: string] }>();
const piece = usePiece();
const text = ref("");
const name = ref("");
const busy = ref(false);
const area = ref<HTMLTextAreaElement>();
const file = ref<HTMLInputElement>();

async function bring(path: string, body: () => object | File) {
  const before = new Set(piece.state?.piece.tables?.map((t) => t.id));
  busy.value = true;
  const answer = await piece.send(path, body);
  busy.value = false;
  const made = answer && piece.state?.piece.tables?.find((t) => !before.has(t.id));
  if (!made) return;
  open.value = false;
  text.value = name.value = "";
  emit("made", made.id);
}
const paste = () => bring("tables/text", () => ({ text: text.value, name: name.value.trim() }));
const blank = () => bring("tables/text", () => ({ text: "Name\tNumber\nFirst\t1\nSecond\t2\n", name: name.value.trim() }));
function bringFile(list: FileList | null) {
  const chosen = list?.[0];
  if (!chosen) return;
  if (chosen.size > LARGEST) return tell("This file is larger than 60 MB. Bring fewer rows or columns.");
  void bring(`tables?name=${encodeURIComponent(chosen.name)}`, () => chosen);
}
defineExpose({ bringFile });
watch(open, (now) => now && void nextTick(() => area.value?.focus()));
</script>

<template>
  <v-dialog v-model="open" max-width="620" aria-label="Add a table">
    <v-card class="add">
      <h2>Add a table</h2>
      <label class="label" for="table-name">Name</label>
      <input id="table-name" v-model="name" class="field" maxlength="180" placeholder="Table" />
      <label class="label" for="table-cells">Cells, copied from a spreadsheet or typed with commas</label>
      <textarea id="table-cells" ref="area" v-model="text" class="field" rows="9" spellcheck="false" placeholder="Month, Visitors&#10;January 2025, 412&#10;February 2025, 380" />
      <div class="acts">
        <v-btn color="primary" :disabled="!text.trim() || busy" @click="paste">{{ busy ? "Reading …" : "Add these cells" }}</v-btn>
        <v-btn variant="outlined" :disabled="busy" @click="file?.click()">Open a file</v-btn>
        <v-btn variant="outlined" :disabled="busy" @click="blank">Begin with an empty one</v-btn>
        <input ref="file" class="words" type="file" :accept="KINDS" tabindex="-1" aria-label="Open a table" @change="bringFile(($event.target as HTMLInputElement).files)" />
      </div>
      <p class="small quiet">A spreadsheet (.xlsx, .ods), CSV, TSV or JSON, or a document that holds tables. Each sheet becomes a table.</p>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.add { padding: 24px 28px; } h2 { font-size: 22px; } textarea { font: 13px/1.5 ui-monospace, monospace; } .acts { display: flex; gap: 10px; margin: 16px 0 8px; } p { margin: 0; }
</style>
