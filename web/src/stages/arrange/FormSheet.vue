<script setup lang="ts">
// Every form with the figure's own items. Pointing at one shows it in place; choosing keeps it.
import { onMounted, ref, shallowRef } from "vue";
import { post } from "../../api/client";
import { tellTrouble } from "../../ui/notices";
import { FAMILY } from "../../ui/words";
import { usePiece } from "../../piece/store";
import type { FormLook } from "../../api/types";

const props = defineProps<{ figure: string; now: string }>();
const emit = defineEmits<{ look: [svg: Record<string, string> | undefined]; close: [] }>();
const piece = usePiece();
const looks = shallowRef<FormLook[] | null>(null);
const root = ref<HTMLElement>();
let asked = 0;

onMounted(async () => {
  try {
    looks.value = (await post<{ forms: FormLook[] }>(`/api/pieces/${piece.state!.id}/forms`, { object: props.figure })).forms;
    root.value?.querySelector<HTMLElement>("button")?.focus();
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
    <p v-if="!looks" class="quiet">Drawing …</p>
    <ul v-else class="scroll">
      <li v-for="look in looks" :key="look.form">
        <button :disabled="!!look.objection" :class="{ now: look.form === now }" @mouseenter="!look.objection && show(look.form)" @focus="!look.objection && show(look.form)" @click="take(look.form)">
          <span v-if="look.svg" class="picture" :style="{ background: piece.roles.surface }" v-html="look.svg" /><span v-else class="picture none tiny">{{ look.objection }}</span>
          <span class="name"><strong>{{ look.title }}</strong> <span class="tiny quiet">{{ FAMILY[look.family] }}</span></span>
        </button>
      </li>
    </ul>
  </section>
</template>

<style scoped>
.forms { display: grid; grid-template-rows: auto minmax(0, 1fr); min-height: 0; height: 100%; } header { display: flex; justify-content: space-between; align-items: baseline; padding-bottom: 8px; } h2 { font-size: 19px; }
ul { list-style: none; margin: 0 -6px; padding: 2px 6px 20px; display: grid; gap: 9px; align-content: start; }
li button { width: 100%; display: block; border: 1px solid var(--line); border-radius: 4px; background: var(--paper); overflow: hidden; opacity: 1; } li button:hover:not(:disabled), li button.now { border-color: var(--peony); }
.picture { display: block; padding: 10px 12px; } .picture :deep(svg) { display: block; width: 100%; height: auto; } .none { color: var(--quiet); background: var(--panel); }
.name { display: block; padding: 4px 12px 6px; border-top: 1px solid var(--line); } .name strong { font: 600 14px var(--serif); }
</style>
