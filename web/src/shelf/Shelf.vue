<script setup lang="ts">
import { onMounted, ref, watch } from "vue";
import { useRouter } from "vue-router";
import { call, get, post, whoIsHere } from "../api/client";
import { tell, tellTrouble } from "../ui/notices";
import { dark } from "../ui/theme";
import { many, since } from "../ui/words";
import type { Card, KindFacts, Me } from "../api/types";
import NewPiece from "./NewPiece.vue";

const router = useRouter();
const me = ref<Me | null>(null);
const cards = ref<Card[] | null>(null);
const search = ref("");
const making = ref(false);
const kinds = ref<KindFacts[]>([]);
const removing = ref<Card | null>(null);
const filter = ref<"all" | "published">("all");
const dropping = ref(false);
const file = ref<HTMLInputElement>();

async function load() {
  try {
    cards.value = (await get<{ pieces: Card[] }>(`/api/pieces?search=${encodeURIComponent(search.value)}`)).pieces;
  } catch (error) {
    cards.value ??= [];
    tellTrouble(error);
  }
}

onMounted(async () => {
  document.title = "The shelf · Peony";
  void load();
  me.value = await whoIsHere();
  kinds.value = (await get<{ kinds: KindFacts[] }>("/api/catalogue")).kinds;
});

let timer = 0;
watch(search, () => { clearTimeout(timer); timer = window.setTimeout(load, 180); });

const shown = () => (cards.value ?? []).filter((card) => filter.value === "all" || card.editions > 0);
const kindName = (card: Card) => kinds.value.find((k) => k.kind === card.kind)?.title ?? card.kind;
const shape = (card: Card) => {
  const ratio = card.size.width / card.size.height;
  const height = Math.min(240, 218 / ratio);
  return { width: `${Math.round(height * ratio)}px`, height: `${Math.round(height)}px` };
};

async function remove() {
  if (!removing.value) return;
  const { id, title } = removing.value;
  removing.value = null;
  try {
    await call("DELETE", `/api/pieces/${id}`);
    tell(`“${title}” was removed.`);
    await load();
  } catch (error) {
    tellTrouble(error);
  }
}

async function copy(card: Card) {
  try {
    await post(`/api/pieces/${card.id}/copy`);
    await load();
  } catch (error) {
    tellTrouble(error);
  }
}

async function begin(list: FileList | null | undefined) {
  dropping.value = false;
  const chosen = list?.[0];
  if (!chosen) return;
  const extension = chosen.name.match(/\.[^.]+$/)?.[0] ?? ".txt";
  try {
    const { id } = await post<{ id: string }>("/api/pieces", { title: chosen.name.replace(/\.[^.]+$/, ""), kind: "infographic", text: await chosen.text(), extension });
    await router.push(`/piece/${id}/draw`);
  } catch (error) {
    tellTrouble(error);
  }
}
</script>

<template>
  <div class="shelf" :class="{ dropping }" @dragover.prevent="dropping = true" @dragleave.self="dropping = false" @drop.prevent="begin($event.dataTransfer?.files)">
    <header class="bar">
      <span class="mark">Peony</span>
      <input v-model="search" class="search" type="search" placeholder="Search pieces and their words" aria-label="Search pieces and their words" />
      <div class="ends">
        <RouterLink class="lamp" to="/catalogue">Catalogue</RouterLink>
        <span class="who">{{ me?.name || me?.email }}</span>
        <button class="lamp" :aria-pressed="dark" @click="dark = !dark">{{ dark ? "Light" : "Dark" }}</button>
        <v-btn color="primary" @click="making = true">New piece</v-btn>
      </div>
    </header>
    <main class="scroll">
      <div class="title">
        <h1>The shelf</h1>
        <div class="tabs" role="tablist">
          <button role="tab" :aria-selected="filter === 'all'" @click="filter = 'all'">All {{ cards?.length ?? "" }}</button>
          <button role="tab" :aria-selected="filter === 'published'" @click="filter = 'published'">Published {{ (cards ?? []).filter((c) => c.editions).length }}</button>
        </div>
      </div>
      <p v-if="cards === null" class="quiet" aria-busy="true">Fetching the pieces …</p>
      <p v-else-if="!shown().length" class="empty">{{ search ? `Nothing on the shelf has “${search}” in it.` : "The shelf is empty. Begin with words you have, or an empty page." }}</p>
      <ul v-else class="row">
        <li v-for="card in shown()" :key="card.id" class="card">
          <router-link :to="`/piece/${card.id}/arrange`" class="stand" :aria-label="card.title"><img :src="`/api/pieces/${card.id}/first.svg?${card.seq}`" :style="shape(card)" alt="" loading="lazy" /></router-link>
          <h2><router-link :to="`/piece/${card.id}/arrange`">{{ card.title }}</router-link></h2>
          <p>{{ kindName(card) }}, {{ many(card.pages, "page") }}</p>
          <p>{{ since(card.updatedAt) }}<template v-if="card.editions"> · {{ many(card.editions, "edition") }}</template></p>
          <div class="acts"><button class="act" @click="copy(card)">Copy</button><button class="act quiet" @click="removing = card">Remove</button></div>
        </li>
      </ul>
      <h2 class="begin">Begin with</h2>
      <div class="starts">
        <button class="start" @click="file?.click()"><strong>Words you have</strong><span>Open a Markdown or text file, or drop it anywhere here; Peony draws its passages.</span></button>
        <button class="start" @click="making = true"><strong>An empty page</strong><span>Any size, in px, mm or inches; write or paste the words in Gather.</span></button>
        <input ref="file" class="words" type="file" accept=".md,.markdown,.txt,.text" tabindex="-1" aria-label="Open a file" @change="begin(($event.target as HTMLInputElement).files)" />
      </div>
    </main>
    <NewPiece v-model="making" :kinds="kinds" />
    <v-dialog :model-value="!!removing" max-width="420" @update:model-value="removing = null">
      <v-card class="pa-6">
        <h2>Remove “{{ removing?.title }}”?</h2>
        <p class="my-4">Its pages, its notes and its {{ many(removing?.editions ?? 0, "edition") }} go with it. This cannot be undone.</p>
        <div class="d-flex ga-3 justify-end"><v-btn variant="outlined" @click="removing = null">Keep it</v-btn><v-btn color="primary" @click="remove">Remove it</v-btn></div>
      </v-card>
    </v-dialog>
  </div>
</template>

<style scoped>
.shelf { height: 100vh; display: grid; grid-template-rows: 52px minmax(0, 1fr); }
.dropping main { outline: 3px dashed var(--peony); outline-offset: -12px; }
.bar { background: var(--leaf); color: var(--on-leaf); display: grid; grid-template-columns: 1fr minmax(200px, 420px) 1fr; align-items: center; padding: 0 16px; }
.mark { font: 600 22px var(--serif); }
.search { height: 36px; border-radius: 5px; border: 1px solid transparent; background: var(--leaf-soft); color: #fff; padding: 0 14px; }
.search::placeholder { color: var(--on-leaf-quiet); } .search:focus-visible { outline-color: #fff; }
.ends { justify-self: end; display: flex; align-items: center; gap: 14px; } .who, .lamp { color: var(--on-leaf-quiet); font-size: 13px; text-decoration: none; }
main { padding: 28px 36px 48px; }
.title { display: flex; align-items: baseline; gap: 34px; margin-bottom: 26px; } h1 { font-size: 30px; }
.tabs { display: flex; gap: 18px; } .tabs button { padding: 4px 0; color: var(--quiet); border-bottom: 2px solid transparent; }
.tabs [aria-selected="true"] { color: var(--ink); font-weight: 600; border-color: var(--peony); }
.row { list-style: none; margin: 0; padding: 0; display: grid; grid-template-columns: repeat(auto-fill, minmax(218px, 1fr)); gap: 30px 28px; align-items: start; }
.card { min-width: 0; } .stand { display: flex; align-items: end; height: 240px; margin-bottom: 10px; }
.stand img { display: block; border: 1px solid var(--page-edge); border-radius: 2px; background: #fff; }
.card h2 { font-size: 17px; display: -webkit-box; -webkit-line-clamp: 2; -webkit-box-orient: vertical; overflow: hidden; } .card h2 a { color: inherit; text-decoration: none; } .card h2 a:hover { text-decoration: underline; }
.card p { margin: 1px 0; font-size: 13px; color: var(--quiet); }
.acts { display: flex; gap: 14px; height: 20px; opacity: 0.0; } .card:hover .acts, .card:focus-within .acts { opacity: 1; }
.begin { font-size: 22px; margin: 44px 0 14px; padding-top: 22px; border-top: 1px solid var(--line); } .empty { padding: 40px 0; color: var(--quiet); font-size: 16px; }
.starts { display: flex; gap: 24px; flex-wrap: wrap; }
.start { width: 340px; background: var(--panel); border-top: 3px solid var(--leaf-2); padding: 15px 18px 20px; display: block; }
.start strong { font: 600 18px var(--serif); display: block; margin-bottom: 4px; } .start span { color: var(--quiet); } .start:hover { background: var(--paper); }
</style>
