<script setup lang="ts">
// The icon of an item: what fits its title first, anything by typing, or none.
import { computed, onMounted, ref, shallowRef, watch } from "vue";
import { get } from "../../api/client";
import { tellTrouble } from "../../ui/notices";
import { usePiece } from "../../piece/store";

interface Drawn { name: string; box: number; stroked: boolean; paths: string[] }

const props = defineProps<{ icon: string | null; title: string }>();
const emit = defineEmits<{ choose: [name: string | null] }>();
const piece = usePiece();
const open = ref(false);
const words = ref("");
const found = shallowRef<Drawn[] | null>(null);
const own = shallowRef<Drawn | null>(null);
const KEPT = "peony.icons";
/** Icons a person likes best, in this browser. */
const kept = ref<string[]>(JSON.parse(localStorage.getItem(KEPT) ?? "[]"));
const like = ref<string | null>(null);
const file = ref<HTMLInputElement>();
const mineToo = computed<Drawn[]>(() => (piece.state?.piece.icons ?? []).map((i) => ({ name: i.name, box: i.stroked ? 24 : 256, stroked: !!i.stroked, paths: i.paths })));
const liked = shallowRef<Drawn[]>([]);
const set = computed(() => piece.state?.piece.style.icons ?? piece.style?.icons ?? "round");
let timer = 0;
let asked = 0;

async function look(said: string) {
  asked += 1;
  const turn = asked;
  try {
    const answer = await get<{ icons: Drawn[] }>(`/api/icons?set=${encodeURIComponent(set.value)}&search=${encodeURIComponent(said)}`);
    return turn === asked ? answer.icons : null;
  } catch (error) {
    tellTrouble(error);
    return null;
  }
}

async function find() {
  if (like.value) return;
  const icons = await look(words.value.trim() || props.title);
  if (icons) found.value = icons;
}

/** Others like this one. */
async function others(name: string) {
  like.value = name;
  try {
    found.value = (await get<{ icons: Drawn[] }>(`/api/icons?set=${encodeURIComponent(set.value)}&like=${encodeURIComponent(name)}`)).icons;
  } catch (error) { tellTrouble(error); }
}

function keep(name: string) {
  kept.value = kept.value.includes(name) ? kept.value.filter((k) => k !== name) : [name, ...kept.value].slice(0, 24);
  localStorage.setItem(KEPT, JSON.stringify(kept.value));
  void favourites();
}

async function favourites() {
  const all = await Promise.all(kept.value.map(async (name) => (await get<{ icons: Drawn[] }>(`/api/icons?set=${encodeURIComponent(set.value)}&search=${encodeURIComponent(name.replaceAll("-", " "))}`)).icons.find((i) => i.name === name)));
  liked.value = all.filter((i): i is Drawn => !!i);
}

async function bring(list: FileList | null) {
  const svg = list?.[0];
  if (!svg) return;
  const before = new Set(mineToo.value.map((i) => i.name));
  if (!(await piece.send(`icon?name=${encodeURIComponent(svg.name)}`, () => svg))) return;
  const made = mineToo.value.find((i) => !before.has(i.name));
  if (made) choose(made.name);
}

async function mine() {
  const name = props.icon;
  const drawn = mineToo.value.find((i) => i.name === name);
  if (drawn) { own.value = drawn; return; }
  own.value = name ? ((await look(name.replaceAll("-", " ")))?.find((i) => i.name === name) ?? null) : null;
}

function choose(name: string | null) {
  open.value = false;
  emit("choose", name);
}

watch(words, () => { like.value = null; clearTimeout(timer); timer = window.setTimeout(find, 140); });
watch(open, (now) => { if (now) { words.value = ""; like.value = null; found.value = null; void find(); void favourites(); } });
watch(() => [props.icon, set.value], mine);
onMounted(mine);
</script>

<template>
  <div class="picker">
    <div class="own">
      <button class="act" :aria-expanded="open" @click="open = !open">
        <svg v-if="own" :viewBox="`0 0 ${own.box} ${own.box}`" :class="{ stroked: own.stroked }" aria-hidden="true"><path v-for="d in own.paths" :key="d" :d="d" /></svg>
        {{ icon?.startsWith("own-") ? (piece.state?.piece.icons?.find((i) => i.name === icon)?.title || "own icon") : icon ? icon.replaceAll("-", " ") : "Give it an icon" }}
      </button>
      <button v-if="icon" class="act" @click="choose(null)">No icon</button>
      <template v-if="icon && !icon.startsWith('own-')"><button class="act" @click="open = true; others(icon!)">Others like it</button><button class="act" :aria-pressed="kept.includes(icon)" @click="keep(icon!)">{{ kept.includes(icon) ? "Not a favourite" : "Favourite" }}</button></template>
    </div>
    <div v-if="open" class="seek">
      <input v-model="words" class="field" type="search" aria-label="Find an icon" :placeholder="`Like “${title.slice(0, 24)}”`" @keydown.esc.stop="open = false" />
      <ul v-if="mineToo.length || liked.length" class="scroll few" aria-label="Your own and favourites">
        <li v-for="i in [...mineToo, ...liked]" :key="i.name"><button :aria-label="i.name.replaceAll('-', ' ')" :aria-pressed="i.name === icon" @click="choose(i.name)"><svg :viewBox="`0 0 ${i.box} ${i.box}`" :class="{ stroked: i.stroked }" aria-hidden="true"><path v-for="d in i.paths" :key="d" :d="d" /></svg></button></li>
      </ul>
      <p v-if="found && !found.length" class="tiny quiet">No icon goes by “{{ words || title }}”. Try one plain word for the thing.</p>
      <ul v-else-if="found" class="scroll">
        <li v-for="i in found" :key="i.name"><button :aria-label="i.name.replaceAll('-', ' ')" :title="i.name.replaceAll('-', ' ')" :aria-pressed="i.name === icon" @click="choose(i.name)"><svg :viewBox="`0 0 ${i.box} ${i.box}`" :class="{ stroked: i.stroked }" aria-hidden="true"><path v-for="d in i.paths" :key="d" :d="d" /></svg></button></li>
      </ul>
      <button class="act" @click="file?.click()">Bring your own SVG</button><input ref="file" class="words" type="file" accept=".svg,image/svg+xml" tabindex="-1" aria-label="Bring your own SVG" @change="bring(($event.target as HTMLInputElement).files)" />
    </div>
  </div>
</template>

<style scoped>
.picker { margin: 4px 6px 6px 0; } .own { display: flex; flex-wrap: wrap; gap: 4px 14px; align-items: center; } .own .act { display: inline-flex; gap: 6px; align-items: center; } .own svg { width: 18px; height: 18px; }
svg { fill: currentColor; } svg.stroked { fill: none; stroke: currentColor; stroke-width: 2; stroke-linecap: round; stroke-linejoin: round; }
.seek { margin-top: 6px; display: grid; gap: 6px; } ul { list-style: none; margin: 0; padding: 2px; display: grid; grid-template-columns: repeat(auto-fill, minmax(32px, 1fr)); gap: 3px; max-height: 176px; } p { margin: 0; } .few { max-height: 76px; border-bottom: 1px solid var(--line); }
.seek li { border: 0; padding: 0; } .seek li button { width: 100%; aspect-ratio: 1; display: grid; place-items: center; border-radius: 5px; } .seek li button:hover, .seek li button[aria-pressed="true"] { background: var(--peony-2, #f6dfe6); } .seek li svg { width: 22px; height: 22px; }
</style>
