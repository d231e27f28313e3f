<script setup lang="ts">
// The selected figure or item as a picture: saved as a file, or copied for another program.
import { computed, ref } from "vue";
import { tell, tellTrouble } from "../../ui/notices";
import { usePiece } from "../../piece/store";

const props = defineProps<{ figure: string; item: string | null; title: string | null }>();
const piece = usePiece();
const ground = ref("light");
const size = ref("2");
const pixels = ref(1200);
const busy = ref(false);

const query = computed(() => {
  const fields = new URLSearchParams({ ground: ground.value });
  if (size.value === "px") fields.set("width", String(Math.min(8000, Math.max(16, Math.round(pixels.value) || 1200))));
  else fields.set("scale", size.value);
  if (props.item) fields.set("item", props.item);
  return fields.toString();
});
const address = (format: string) => `/api/pieces/${piece.state!.id}/objects/${props.figure}.${format}?${query.value}`;

async function fetched(format: string) {
  const answer = await fetch(address(format));
  if (!answer.ok) throw Object.assign(new Error("It could not be drawn."), await answer.json().catch(() => ({})));
  return answer.blob();
}

async function copy(format: "png" | "svg") {
  busy.value = true;
  try {
    const blob = await fetched(format);
    if (format === "png") await navigator.clipboard.write([new ClipboardItem({ "image/png": blob })]);
    else await navigator.clipboard.writeText(await blob.text());
    tell(format === "png" ? "The picture is on the clipboard." : "The SVG is on the clipboard, as text.");
  } catch (error) {
    if (error instanceof DOMException) tell("This browser does not let Peony use the clipboard. Save the file instead.");
    else tellTrouble(error);
  } finally {
    busy.value = false;
  }
}
</script>

<template>
  <div class="along">
    <span class="label">Take {{ item ? `“${title}”` : "the figure" }} along</span>
    <div class="choose">
      <select v-model="ground" class="field" aria-label="Ground"><option value="light">light ground</option><option value="dark">dark ground</option><option value="none">no ground</option></select>
      <select v-model="size" class="field" aria-label="Size"><option value="1">1 ×</option><option value="2">2 ×</option><option value="3">3 ×</option><option value="px">px wide</option></select>
      <input v-if="size === 'px'" v-model.number="pixels" class="field" type="number" min="16" max="8000" aria-label="Width in px" />
    </div>
    <div class="ways">
      <a v-for="format in ['png', 'svg', 'pdf']" :key="format" class="act" :href="address(format)" download>{{ format.toUpperCase() }}</a>
      <button class="act" :disabled="busy" @click="copy('png')">Copy picture</button>
      <button class="act" :disabled="busy" @click="copy('svg')">Copy SVG</button>
    </div>
  </div>
</template>

<style scoped>
.choose { display: flex; gap: 6px; } .choose .field { height: 30px; min-width: 0; flex: 1; font-size: 13px; } .ways { display: flex; flex-wrap: wrap; gap: 4px 14px; margin-top: 7px; } a.act { text-decoration: none; }
</style>
