<script setup lang="ts">
// Every form at a glance, in any style and finish; one form in all finishes and sizes.
import { computed, onMounted, ref, shallowRef, watch } from "vue";
import { useRoute, useRouter } from "vue-router";
import { get } from "../api/client";
import { tellTrouble } from "../ui/notices";
import { FAMILY } from "../ui/words";

interface Sample { form: string; title: string; family: string; note: string; objection: string | null; svg: string | null }
interface Ships { styles: { style: string; note: string; finish: string }[]; finishes: { finish: string; sees: string }[]; forms: { form: string; title: string; sees: string; reason: string; least: number; most: number }[] }

const route = useRoute();
const router = useRouter();
const ships = shallowRef<Ships | null>(null);
const samples = shallowRef<Sample[] | null>(null);
const surface = ref("#ffffff");
const words = ref("");
const found = ref<string[] | null>(null);
const busy = ref(false);
const style = computed(() => String(route.query.style ?? "Dome"));
const finish = computed(() => String(route.query.finish ?? ships.value?.styles.find((s) => s.style === style.value)?.finish ?? "flat"));
const form = computed(() => (route.query.form ? String(route.query.form) : null));
const facts = computed(() => ships.value?.forms.find((f) => f.form === form.value));
const shown = computed(() => {
  const list = samples.value ?? [];
  return found.value && !form.value ? found.value.flatMap((name) => list.filter((s) => s.form === name)) : list;
});
let asked = 0;
let timer = 0;

const go = (change: Record<string, string | undefined>) => void router.replace({ query: { ...route.query, ...change } });

async function load() {
  asked += 1;
  const turn = asked;
  busy.value = true;
  const query = new URLSearchParams(form.value ? { style: style.value, form: form.value } : { style: style.value, finish: finish.value });
  try {
    const answer = await get<{ surface: string; samples: Sample[] }>(`/api/specimen?${query}`);
    if (turn === asked) { samples.value = answer.samples; surface.value = answer.surface; }
  } catch (error) {
    samples.value ??= [];
    tellTrouble(error);
  } finally {
    if (turn === asked) busy.value = false;
  }
}

watch(words, (said) => {
  clearTimeout(timer);
  timer = window.setTimeout(async () => {
    if (!said.trim()) { found.value = null; return; }
    const answer = await get<{ forms: string[] }>(`/api/forms?search=${encodeURIComponent(said)}`);
    if (said === words.value) found.value = answer.forms;
  }, 140);
});
watch([style, finish, form], load);
onMounted(async () => {
  document.title = "The catalogue · Peony";
  ships.value = await get<Ships>("/api/catalogue");
  await load();
});
</script>

<template>
  <div class="catalogue">
    <header class="bar">
      <RouterLink class="mark" to="/">Peony</RouterLink>
      <input v-if="!form" v-model="words" class="search" type="search" aria-label="Find a form" placeholder="Find a form: stairs, pros and cons, who reports to whom" />
      <RouterLink class="back" to="/">The shelf</RouterLink>
    </header>
    <main class="scroll">
      <div class="head">
        <div v-if="form"><button class="act" @click="go({ form: undefined })">All forms</button><h1>{{ facts?.title }}</h1><p class="quiet">{{ facts?.sees }}. For {{ facts?.least }} to {{ facts?.most }} items: {{ facts?.reason }}.</p></div>
        <div v-else><h1>The catalogue</h1><p class="quiet">{{ shown.length }} forms, drawn with the same made-up words. Choose one to see it in every finish and size.</p></div>
        <div class="choose">
          <label>Style <select class="field" :value="style" @change="go({ style: ($event.target as HTMLSelectElement).value, finish: undefined })"><option v-for="s in ships?.styles" :key="s.style">{{ s.style }}</option></select></label>
          <div v-if="!form" class="switch" role="group" aria-label="Finish"><button v-for="f in ships?.finishes" :key="f.finish" :aria-pressed="finish === f.finish" :title="f.sees" @click="go({ finish: f.finish })">{{ f.finish }}</button></div>
        </div>
      </div>
      <p v-if="!samples" class="quiet">Drawing the catalogue …</p>
      <p v-else-if="!shown.length" class="quiet">No form goes by “{{ words }}”. Try what one would see: steps, circles, a tree.</p>
      <ul v-else :class="{ busy, one: form }">
        <li v-for="sample in shown" :key="sample.form + sample.note">
          <button :disabled="!!form" :aria-label="sample.title" @click="go({ form: sample.form })">
            <!-- eslint-disable-next-line vue/no-v-html: drawn by Peony -->
            <span v-if="sample.svg" class="picture" :style="{ background: surface }" v-html="sample.svg" /><span v-else class="picture none">{{ sample.objection }}</span>
            <span class="name"><strong>{{ form ? sample.note : sample.title }}</strong> <span v-if="!form" class="tiny quiet">{{ FAMILY[sample.family] }}</span></span>
          </button>
        </li>
      </ul>
    </main>
  </div>
</template>

<style scoped>
.catalogue { height: 100vh; display: grid; grid-template-rows: 52px minmax(0, 1fr); }
.bar { display: grid; grid-template-columns: 1fr minmax(0, 460px) 1fr; align-items: center; gap: 24px; padding: 0 22px; background: #163b2c; color: #fff; }
.mark { font: 600 19px var(--serif); color: #fff; text-decoration: none; } .back { justify-self: end; grid-column: 3; color: #dfe9e2; font-size: 13px; text-decoration: none; }
.search { height: 34px; border-radius: 5px; padding: 0 12px; background: #2a5341; color: #fff; border: 0; } .search::placeholder { color: #c3d4ca; }
main { padding: 26px 36px 60px; } .head { display: flex; justify-content: space-between; align-items: end; gap: 24px; flex-wrap: wrap; margin-bottom: 20px; } h1 { font: 600 30px var(--serif); } .head p { margin: 2px 0 0; max-width: 62ch; }
.choose { display: flex; gap: 14px; align-items: end; } .choose label { font-size: 12px; font-weight: 600; color: var(--quiet); display: grid; gap: 2px; } .choose .field { height: 32px; min-width: 120px; }
ul { list-style: none; margin: 0; padding: 0; display: grid; grid-template-columns: repeat(auto-fill, minmax(280px, 1fr)); gap: 18px; transition: opacity 0.15s; } ul.busy { opacity: 0.55; } ul.one { align-items: start; }
li button { width: 100%; display: block; text-align: left; border: 1px solid var(--line); border-radius: 5px; overflow: hidden; background: var(--paper); } li button:disabled { opacity: 1; cursor: default; color: inherit; } li button:hover:not(:disabled), li button:focus-visible { border-color: var(--peony); }
.picture { display: block; padding: 14px 16px; } .picture :deep(svg) { display: block; width: 100%; height: auto; } .none { color: var(--quiet); min-height: 120px; font-size: 13px; }
.name { display: flex; justify-content: space-between; align-items: baseline; padding: 6px 14px 8px; border-top: 1px solid var(--line); } .name strong { font: 600 15px var(--serif); }
</style>
