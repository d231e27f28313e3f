<script setup lang="ts">
// Proposals side by side, each a real drawing: pointing lights up its words, a click chooses, a double click or Enter places.
import { ref } from "vue";
import { usePiece } from "../../piece/store";
import type { Proposal } from "../../api/types";

defineProps<{ proposals: Proposal[]; chosen: number; narrow: boolean }>();
const emit = defineEmits<{ choose: [index: number]; point: [index: number | null]; place: [index: number] }>();
const piece = usePiece();
const list = ref<HTMLElement>();

function keys(event: KeyboardEvent, index: number) {
  const move = { ArrowRight: 1, ArrowLeft: -1, ArrowDown: 3, ArrowUp: -3 }[event.key];
  if (move === undefined) return;
  event.preventDefault();
  list.value?.querySelectorAll<HTMLElement>(".proposal")[index + move]?.focus();
}
function enter(index: number) {
  emit("choose", index);
  emit("place", index);
}
</script>

<template>
  <ul ref="list" class="grid" :class="{ narrow }" @mouseleave="emit('point', null)">
    <li v-for="(proposal, index) in proposals" :key="proposal.form">
      <button class="proposal" :class="{ chosen: index === chosen }" :aria-pressed="index === chosen" :aria-label="`${proposal.title}: ${proposal.reason}`" @click="emit('choose', index)" @dblclick="emit('place', index)"
              @mouseenter="emit('point', index)" @focus="emit('point', index)" @blur="emit('point', null)" @keydown="keys($event, index)" @keydown.enter.prevent="enter(index)">
        <span class="picture" :style="{ background: piece.roles.surface }" v-html="proposal.svg" />
        <span class="name"><strong>{{ proposal.title }}</strong><span class="small quiet">{{ proposal.reason }}</span></span>
      </button>
    </li>
  </ul>
</template>

<style scoped>
.grid { list-style: none; margin: 0; padding: 0; display: grid; grid-template-columns: repeat(3, minmax(0, 1fr)); gap: 14px; } .grid.narrow { grid-template-columns: repeat(2, minmax(0, 1fr)); }
.proposal { width: 100%; border: 1px solid var(--line); border-radius: 4px; background: var(--paper); display: block; overflow: hidden; } .proposal:hover { border-color: var(--quiet); }
.proposal.chosen { border-color: var(--peony); box-shadow: 0 0 0 1px var(--peony); } .proposal.chosen .name { background: var(--blush); }
.picture { display: block; padding: 5%; } .picture :deep(svg) { display: block; width: 100%; height: auto; }
.name { display: block; padding: 8px 13px 10px; border-top: 1px solid var(--line); } .name strong { display: block; font: 600 16px/1.3 var(--serif); }
</style>
