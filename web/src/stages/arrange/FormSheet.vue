<script setup lang="ts">
// Every form with the figure's own items. Pointing at one shows it in place; choosing keeps it.
import { computed, onMounted, ref, shallowRef, watch } from "vue";
import { get, post } from "../../api/client";
import { tellTrouble } from "../../ui/notices";
import { FAMILY } from "../../ui/words";
import { usePiece } from "../../piece/store";
import type { FormLook } from "../../api/types";

const props = defineProps<{ figure: string; now: string }>();
const emit = defineEmits<{ look: [svg: Record<string, string> | undefined]; close: [] }>();
const piece = usePiece();
const looks = shallowRef<FormLook[] | null>(null);
const root = ref<HTMLElement>();
const words = ref("");
const found = ref<string[] | null>(null);
const family = ref("");
let asked = 0;
let timer = 0;

const families = computed(() => Object.keys(FAMILY).filter((name) => looks.value?.some((look) => look.family === name)));
const shown = computed(() => {
  const list = (looks.value ?? []).filter((look) => !family.value || look.family === family.value);
  const order = found.value;
  if (order) return list.filter((look) => order.includes(look.form)).sort((a, b) => order.indexOf(a.form) - order.indexOf(b.form));
  return [...list.filter((look) => !look.objection), ...list.filter((look) => look.objection)];
});

watch(words, (said) => {
  clearTimeout(timer);
  timer = window.setTimeout(async () => {
    if (!said.trim()) { found.value = null; return; }
    try {
      const answer = await get<{ forms: string[] }>(`/api/forms?search=${encodeURIComponent(said)}`);
      if (said === words.value) found.value = answer.forms;
    } catch (error) {
      tellTrouble(error);
    }
  }, 140);
});

onMounted(async () => {
  try {
    looks.value = (await post<{ forms: FormLook[] }>(`/api/pieces/${piece.state!.id}/forms`, { object: props.figure })).forms;
    root.value?.querySelector<HTMLElement>("input")?.focus();
  } catch (error) {
    tellTrouble(error);
    emit("close");
  }
});

async function show(form: string | null) {
  asked += 1;
  const turn = asked;
  if (!form) return emit("look", undefined);
  const { svg } = await post<{ svg: Record<string, string> }>(`/api/pieces/${piece.state!.id}/look`, { operation: { op: "object.change", id: props.figure, set: { form } } });
  if (turn === asked) emit("look", svg);
}

async function take(form: string) {
  asked += 1;
  await piece.change(props.figure, { form });
  emit("look", undefined);
  emit("close");
}
</script>

<template>
  <section ref="root" class="forms" aria-label="Forms" @keydown.esc.stop="emit('look', undefined); emit('close')" @mouseleave="show(null)">
    <header><h2>Another form</h2><button class="act" @click="emit('look', undefined); emit('close')">Close</button></header>
    <div class="find">
      <input v-model="words" class="field" type="search" aria-label="Find a form" placeholder="stairs, pros and cons, who reports to whom" />
      <select v-model="family" class="field" aria-label="What it shows"><option value="">All</option><option v-for="name in families" :key="name" :value="name">{{ FAMILY[name] }}</option></select>
    </div>
    <p v-if="!looks" class="quiet">Drawing …</p>
    <p v-else-if="!shown.length" class="quiet">No form goes by “{{ words }}”. Try what one would see: steps, circles, a tree.</p>
    <ul v-else class="scroll">
      <li v-for="look in shown" :key="look.form">
        <button :disabled="!!look.objection" :class="{ now: look.form === now }" @mouseenter="!look.objection && show(look.form)" @focus="!look.objection && show(look.form)" @click="take(look.form)">
          <span v-if="look.svg" class="picture" :style="{ background: piece.roles.surface }" v-html="look.svg" /><span v-else class="picture none tiny">{{ look.objection }}</span>
          <span class="name"><strong>{{ look.title }}</strong> <span class="tiny quiet">{{ FAMILY[look.family] }}</span></span>
        </button>
      </li>
    </ul>
  </section>
</template>

<style scoped>
.find { display: grid; grid-template-columns: minmax(0, 1fr) 92px; gap: 6px; margin-bottom: 10px; }
.forms { display: grid; grid-template-rows: auto auto minmax(0, 1fr); min-height: 0; height: 100%; } header { display: flex; justify-content: space-between; align-items: baseline; padding-bottom: 8px; } h2 { font-size: 19px; }
ul { list-style: none; margin: 0 -6px; padding: 2px 6px 20px; display: grid; gap: 9px; align-content: start; }
li button { width: 100%; display: block; border: 1px solid var(--line); border-radius: 4px; background: var(--paper); overflow: hidden; opacity: 1; } li button:hover:not(:disabled), li button.now { border-color: var(--peony); }
.picture { display: block; padding: 10px 12px; } .picture :deep(svg) { display: block; width: 100%; height: auto; } .none { color: var(--quiet); background: var(--panel); }
.name { display: block; padding: 4px 12px 6px; border-top: 1px solid var(--line); } .name strong { font: 600 14px var(--serif); }
</style>
