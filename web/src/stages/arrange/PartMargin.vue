<script setup lang="ts">
// One shape or one piece of words of a drawing: its colour, whether it shows, whether it stands where it was computed.
import { computed } from "vue";
import { usePiece } from "../../piece/store";
import type { ChartObject, FigureObject, Role } from "../../api/types";
import { ROLE } from "../../ui/words";

const props = defineProps<{ object: FigureObject | ChartObject; part: string }>();
const piece = usePiece();
const COLOURS: Role[] = ["ink", "ink-2", "accent-1", "accent-2", "accent-3", "accent-4", "signal", "surface", "surface-2"];
const NAMES: Record<string, string> = { title: "Title", detail: "Detail", value: "Number", unit: "Unit", date: "Date", heading: "Heading", subtitle: "Subtitle", tick: "Words of the axis", mark: "Words of a mark", legend: "Name of a series", axis: "Name of the axis", words: "Words" };
const own = computed(() => props.object.parts?.[props.part]);
const item = computed(() => (props.object.type === "figure" ? props.object.items.find((i) => i.id === props.part.split("/")[0])?.title : props.part.split("/")[0]));
const name = computed(() => { const key = props.part.split("/")[1].replace(/\.\d+$/, ""); return NAMES[key] ?? (key.startsWith("shape") ? "Shape" : "Words"); });
const set = (fields: Record<string, unknown> | null) => piece.changePart(props.object.id, props.part, fields);
async function hide() {
  await set({ hide: true });
  piece.select(props.object.id, piece.item);
}
</script>

<template>
  <div>
    <h2>{{ name }}</h2>
    <p class="small quiet">{{ item ? `of “${item}”` : "of the drawing" }} <button class="act" @click="piece.select(object.id, piece.item)">Back to the item</button></p>
    <span class="label">Colour</span>
    <div class="row"><button v-for="role in COLOURS" :key="role" class="swatch" :style="{ background: piece.roles[role] }" :aria-label="ROLE[role]" :title="ROLE[role]" :aria-pressed="own?.colour === role" @click="set({ colour: role })" /></div>
    <span class="label">Place</span>
    <p class="small quiet">{{ own?.move ? `${own.move[0]} px across and ${own.move[1]} px down from where it was computed` : "Where it was computed. Drag it, or press the arrows, to move it away." }}</p>
    <div class="stack">
      <v-btn variant="outlined" :disabled="!own" @click="set(null)">Put it back as it was</v-btn>
      <v-btn variant="outlined" @click="hide">Hide it</v-btn>
    </div>
  </div>
</template>

<style scoped>
h2 { font-size: 19px; } p { margin: 2px 0 6px; } .row { display: flex; gap: 8px; flex-wrap: wrap; } .stack { display: grid; gap: 8px; margin-top: 10px; }
</style>
