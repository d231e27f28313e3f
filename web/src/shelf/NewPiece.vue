<script setup lang="ts">
import { computed, ref, watch } from "vue";
import { useRouter } from "vue-router";
import { post } from "../api/client";
import { tellTrouble } from "../ui/notices";
import type { KindFacts } from "../api/types";

const props = defineProps<{ kinds: KindFacts[] }>();
const open = defineModel<boolean>({ required: true });
const router = useRouter();
const PER = { px: 1, mm: 96 / 25.4, in: 96 };
const title = ref("");
const kind = ref("infographic");
const unit = ref<"px" | "mm" | "in">("px");
const width = ref(1080);
const height = ref(1920);
const busy = ref(false);

const longest = computed(() => Math.max(...props.kinds.map((k) => Math.max(k.width, k.height)), 1));
const outline = (w: number, h: number) => {
  const scale = 96 / Math.max(longest.value, w, h);
  return { width: `${Math.max(6, w * scale)}px`, height: `${Math.max(6, h * scale)}px` };
};
const shown = (px: number, of: "px" | "mm" | "in") => (of === "px" ? Math.round(px) : Math.round((px / PER[of]) * 10) / 10);
const facts = (k: KindFacts) => `${shown(k.width, k.unit)} × ${shown(k.height, k.unit)} ${k.unit}`;
const px = computed(() => ({ width: width.value * PER[unit.value], height: height.value * PER[unit.value] }));
const fault = computed(() => {
  const { width: w, height: h } = px.value;
  return w >= 100 && w <= 10000 && h >= 100 && h <= 20000 ? null : "A side must be from 100 to 10,000 px (20,000 for the height).";
});

function choose(k: KindFacts) {
  kind.value = k.kind;
  unit.value = k.unit;
  width.value = shown(k.width, k.unit);
  height.value = shown(k.height, k.unit);
}
function measure(next: "px" | "mm" | "in") {
  const now = px.value;
  unit.value = next;
  width.value = shown(now.width, next);
  height.value = shown(now.height, next);
}
function swap() {
  [width.value, height.value] = [height.value, width.value];
}
watch(open, (is) => { if (is) title.value = ""; });

async function make() {
  if (fault.value || busy.value) return;
  busy.value = true;
  try {
    const size = { width: Math.round(px.value.width * 100) / 100, height: Math.round(px.value.height * 100) / 100, unit: unit.value };
    const { id } = await post<{ id: string }>("/api/pieces", { title: title.value, kind: kind.value, size });
    open.value = false;
    await router.push(`/piece/${id}/gather`);
  } catch (error) {
    tellTrouble(error);
  } finally {
    busy.value = false;
  }
}
</script>

<template>
  <v-dialog v-model="open" max-width="820">
    <v-card class="new">
      <form @submit.prevent="make">
        <h2>New piece</h2>
        <label class="label" for="new-title">Title</label>
        <input id="new-title" v-model="title" class="field" placeholder="New piece" maxlength="200" autofocus />
        <span id="new-kind" class="label">Kind and size</span>
        <div class="kinds" role="radiogroup" aria-labelledby="new-kind">
          <button v-for="k in kinds" :key="k.kind" type="button" role="radio" class="kind" :aria-checked="kind === k.kind" @click="choose(k)">
            <span class="stand"><span class="outline" :class="{ own: k.kind === 'own' }" :style="k.kind === kind ? outline(px.width, px.height) : outline(k.width, k.height)" /></span>
            <strong>{{ k.title }}</strong><span class="tiny quiet">{{ k.kind === "own" ? "any, in px, mm or in" : facts(k) }}</span>
          </button>
        </div>
        <div class="size">
          <label>Width <input v-model.number="width" class="field" type="number" step="any" min="1" /></label>
          <label>Height <input v-model.number="height" class="field" type="number" step="any" min="1" /></label>
          <div class="switch" role="group" aria-label="Unit"><button v-for="u in (['px', 'mm', 'in'] as const)" :key="u" type="button" :aria-pressed="unit === u" @click="measure(u)">{{ u }}</button></div>
          <button type="button" class="act" @click="swap">Swap the two</button>
        </div>
        <p v-if="fault" class="fault" role="alert">{{ fault }}</p>
        <div class="foot"><v-btn variant="outlined" @click="open = false">Cancel</v-btn><v-btn color="primary" type="submit" :disabled="!!fault || busy">Begin</v-btn></div>
      </form>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.new { padding: 26px 30px; } h2 { font-size: 24px; }
.kinds { display: grid; grid-template-columns: repeat(4, 1fr); gap: 10px; }
.kind { background: var(--paper); border: 1px solid var(--line); border-radius: 5px; padding: 10px 12px; display: grid; justify-items: start; gap: 1px; font-size: 13px; }
.kind[aria-checked="true"] { border-color: var(--peony); box-shadow: inset 0 0 0 1px var(--peony); background: var(--blush); }
.stand { height: 100px; display: flex; align-items: end; margin-bottom: 7px; } .outline { border: 1.5px solid var(--quiet); background: #fff; display: block; } .own { border-style: dashed; }
.kind[aria-checked="true"] .outline { border-color: var(--peony); }
.size { display: flex; align-items: end; gap: 16px; margin-top: 16px; } .size label { font-size: 12px; font-weight: 600; color: var(--quiet); } .size .field { width: 110px; display: block; color: var(--ink); font-weight: 400; } .size .switch { height: 34px; } .size .act { height: 34px; }
.fault { background: var(--straw-2); color: var(--straw-ink); padding: 8px 12px; border-radius: 5px; margin: 12px 0 0; }
.foot { display: flex; justify-content: flex-end; gap: 10px; margin-top: 22px; }
</style>
