<script setup lang="ts">
// A new table: cells pasted, a file, or an empty one to type into.
import { nextTick, ref, watch } from "vue";
import { get } from "../../api/client";
import { tell, tellTrouble } from "../../ui/notices";
import { EVERY } from "../../ui/words";
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
const address = ref("");
const every = ref("");
const files = ref<string[]>([]);

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
const follow = () => bring("tables/follow", () => ({ at: address.value.trim(), name: name.value.trim(), ...(every.value ? { every: Number(every.value) } : {}) }));
async function look() {
  try { files.value = (await get<{ files: string[] }>("/api/sources")).files; } catch (error) { tellTrouble(error); }
}
function bringFile(list: FileList | null) {
  const chosen = list?.[0];
  if (!chosen) return;
  if (chosen.size > LARGEST) return tell("This file is larger than 60 MB. Bring fewer rows or columns.");
  void bring(`tables?name=${encodeURIComponent(chosen.name)}`, () => chosen);
}
defineExpose({ bringFile });
watch(open, (now) => { if (now) { void look(); void nextTick(() => area.value?.focus()); } });
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
      <label class="label" for="table-follow">Or one that is kept up elsewhere, and followed</label>
      <div class="follow">
        <input id="table-follow" v-model="address" class="field" maxlength="1000" list="table-files" placeholder="https://… or a file of the server" @keydown.enter="address.trim() && follow()" />
        <datalist id="table-files"><option v-for="f in files" :key="f" :value="f" /></datalist>
        <select v-model="every" class="field" aria-label="How often it is fetched"><option value="">only when asked</option><option v-for="(title, n) in EVERY" :key="n" :value="n">{{ title }}</option></select>
        <v-btn variant="outlined" :disabled="!address.trim() || busy" @click="follow">Follow</v-btn>
      </div>
      <p class="small quiet">A spreadsheet (.xlsx, .ods), CSV, TSV or JSON, or a document that holds tables. Each sheet becomes a table.</p>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.add { padding: 24px 28px; } h2 { font-size: 22px; } textarea { font: 13px/1.5 ui-monospace, monospace; } .acts { display: flex; gap: 10px; margin: 16px 0 8px; } p { margin: 0; }
.follow { display: grid; grid-template-columns: 1fr 150px auto; gap: 8px; margin-bottom: 12px; }
</style>
