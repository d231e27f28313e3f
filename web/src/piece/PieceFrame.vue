<script setup lang="ts">
import { computed, onBeforeUnmount, onMounted, watch } from "vue";
import { useRoute, useRouter } from "vue-router";
import { PhArrowUUpLeft, PhArrowUUpRight } from "@phosphor-icons/vue";
import { STAGES } from "../router";
import { usePiece } from "./store";
import { dark } from "../ui/theme";
import { clock } from "../ui/words";
import { whoIsHere } from "../api/client";

const piece = usePiece();
const route = useRoute();
const router = useRouter();
const names: Record<string, string> = { gather: "Gather", draw: "Draw", arrange: "Arrange", dress: "Dress", proof: "Proof", publish: "Publish" };
const kept = computed(() => (piece.offline ? "not kept yet: trying again" : piece.pending ? "keeping" : piece.state ? `kept ${clock(piece.state.updatedAt)}` : ""));

watch(() => String(route.params.id), (id) => piece.open(id), { immediate: true });
watch(() => piece.state?.piece.title, (title) => { document.title = title ? `${title} · Peony` : "Peony"; });

function rename(event: Event) {
  const field = event.target as HTMLInputElement;
  const title = field.value.trim();
  if (title && title !== piece.state?.piece.title) void piece.apply({ op: "piece.change", set: { title } });
  else field.value = piece.state?.piece.title ?? "";
}

function keys(event: KeyboardEvent) {
  const field = (event.target as HTMLElement).closest("input, textarea, [contenteditable=true]");
  const command = event.ctrlKey || event.metaKey;
  if (command && event.key.toLowerCase() === "z" && !field) {
    event.preventDefault();
    void (event.shiftKey ? piece.redo() : piece.undo());
  } else if (command && event.key.toLowerCase() === "y" && !field) {
    event.preventDefault();
    void piece.redo();
  } else if (event.altKey && /^Digit[1-6]$/.test(event.code)) {
    event.preventDefault();
    void router.push({ name: STAGES[Number(event.code.slice(5)) - 1], params: route.params });
  }
}
onMounted(() => { window.addEventListener("keydown", keys); void whoIsHere(); });
onBeforeUnmount(() => { window.removeEventListener("keydown", keys); piece.close(); });
</script>

<template>
  <div class="frame">
    <header class="bar">
      <router-link class="home" to="/" aria-label="To the shelf">Peony</router-link>
      <input v-if="piece.state" class="name" aria-label="Title of the piece" :value="piece.state.piece.title" maxlength="200" @change="rename" @keydown.enter="($event.target as HTMLElement).blur()" />
      <span class="kept" role="status">{{ kept }}</span>
      <nav aria-label="Stages">
        <router-link v-for="(stage, index) in STAGES" :key="stage" :to="{ name: stage, params: route.params }" class="stage" :class="{ open: route.name === stage }" :title="`Alt ${index + 1}`">
          {{ names[stage] }}<span v-if="stage === 'proof' && piece.state?.remarks.length" class="count" :aria-label="`${piece.state.remarks.length} remarks`">{{ piece.state.remarks.length }}</span>
        </router-link>
      </nav>
      <div class="ends">
        <button class="icon" :disabled="!piece.state?.undo" aria-label="Undo" title="Undo (Ctrl Z)" @click="piece.undo()"><PhArrowUUpLeft :size="19" /></button>
        <button class="icon" :disabled="!piece.state?.redo" aria-label="Redo" title="Redo (Ctrl Shift Z)" @click="piece.redo()"><PhArrowUUpRight :size="19" /></button>
        <button class="icon lamp" :aria-pressed="dark" @click="dark = !dark">{{ dark ? "Light" : "Dark" }}</button>
        <v-btn color="primary" :to="{ name: 'publish', params: route.params }">Make an edition</v-btn>
      </div>
    </header>
    <main v-if="piece.trouble" class="alone"><h1>{{ piece.trouble }}</h1><p>It may have been removed, or belong to someone else.</p><router-link to="/">Back to the shelf</router-link></main>
    <main v-else-if="!piece.state" class="alone" aria-busy="true"><p class="quiet">Opening …</p></main>
    <router-view v-else />
  </div>
</template>

<style scoped>
.frame { height: 100vh; display: grid; grid-template-rows: 52px minmax(0, 1fr); }
.bar { background: var(--leaf); color: var(--on-leaf); display: grid; grid-template-columns: auto minmax(80px, auto) minmax(0, 1fr) auto minmax(0, 1fr) auto; align-items: center; padding: 0 14px; column-gap: 10px; }
.home { font: 600 15px var(--serif); color: var(--on-leaf-quiet); text-decoration: none; padding-right: 10px; border-right: 1px solid var(--leaf-soft); }
.home:hover { color: #fff; }
.name { font: 600 18px var(--serif); color: #fff; background: transparent; border: 1px solid transparent; border-radius: 4px; padding: 2px 5px; field-sizing: content; max-width: 230px; min-width: 60px; text-overflow: ellipsis; }
.name:hover { border-color: var(--leaf-soft); } .name:focus { background: var(--leaf-soft); }
.kept { font-size: 12px; color: var(--on-leaf-quiet); white-space: nowrap; overflow: hidden; text-overflow: ellipsis; }
nav { display: flex; align-self: end; grid-column: 4; }
.ends { grid-column: 6; display: flex; align-items: center; gap: 6px; }
.stage { color: #dfe9e3; text-decoration: none; font-weight: 600; padding: 0 17px; height: 37px; line-height: 37px; border-radius: 5px 5px 0 0; display: flex; align-items: center; gap: 7px; }
.stage:hover { color: #fff; background: var(--leaf-soft); }
.stage.open { background: var(--desk); color: var(--ink); }
.stage:focus-visible { outline-color: #fff; outline-offset: -4px; }
.count { background: #a56a08; color: #fff; border-radius: 10px; min-width: 19px; height: 19px; line-height: 19px; text-align: center; font-size: 12px; padding: 0 5px; }
.icon { color: #dfe9e3; height: 32px; min-width: 32px; display: inline-flex; align-items: center; justify-content: center; border-radius: 5px; font-size: 12px; padding: 0 6px; }
.icon:hover:not(:disabled) { background: var(--leaf-soft); color: #fff; }
.icon:focus-visible, .home:focus-visible, .name:focus-visible { outline-color: #fff; }
.alone { padding: 12vh 24px; text-align: center; }
</style>
