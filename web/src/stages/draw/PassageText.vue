<script setup lang="ts">
// The notes as a typeset page, each passage with its brace and what was found in it; the words in use are marked and numbered.
import { computed } from "vue";
import type { Block, PassageFound, Ref } from "../../api/types";
import { pieces } from "./marks";
import { numbering } from "./numbering";

const props = defineProps<{ blocks: Block[]; passages: PassageFound[]; current: string | null; lit: { refs: Ref[] }[]; strong: number | null }>();
const emit = defineEmits<{ choose: [id: string] }>();

interface Row { block: Block; passage: PassageFound | null; first: boolean; last: boolean }
const rows = computed<Row[]>(() => {
  const of = new Map(props.passages.flatMap((p) => p.blocks.map((b) => [b, p] as const)));
  return props.blocks.map((block) => {
    const passage = of.get(block.id) ?? null;
    return { block, passage, first: passage?.blocks[0] === block.id, last: passage?.blocks.at(-1) === block.id };
  });
});
const signs = computed(() => numbering(props.blocks));
const found = (p: PassageFound) => p.families[0]?.reason ?? "no picture";
const open = (p: PassageFound) => p.queries.filter((q) => !q.answer);
</script>

<template>
  <div class="typeset">
    <template v-for="{ block, passage, first, last } in rows" :key="block.id">
      <component :is="block.level === 1 ? 'h1' : 'h2'" v-if="block.type === 'heading'" :data-block="block.id" class="head" :class="{ small: (block.level ?? 1) > 1 }">{{ block.text }}</component>
      <div v-else class="row" :class="{ now: passage?.id === current, plain: !passage?.families.length, first, last }" @click="passage && emit('choose', passage.id)">
        <p :data-block="block.id" :class="block.type" :style="block.type === 'item' ? { marginLeft: `${(block.level ?? 0) * 18}px` } : undefined"><span v-if="block.type === 'item'" class="dot" aria-hidden="true" :data-sign="signs.get(block.id)" /><template v-for="(part, i) in pieces(block, passage?.id === current ? lit : [])" :key="i"><span v-if="part.item !== null" class="lit" :class="{ strong: strong === part.item }"><sup v-if="part.start" aria-hidden="true" :data-n="part.item + 1" />{{ part.text }}</span><template v-else>{{ part.text }}</template></template></p>
        <button v-if="first && passage" class="margin" :aria-pressed="passage.id === current" @click.stop="emit('choose', passage.id)">
          <strong>{{ found(passage) }}</strong>
          <span v-for="q in open(passage)" :key="q.message" class="warn">{{ q.message }}</span>
          <span v-if="passage.drawn.length" class="drawn">on the page</span>
        </button>
      </div>
    </template>
  </div>
</template>

<style scoped>
.typeset { padding: 26px 16px 60px 34px; font-size: 15px; line-height: 1.5; }
.head { font-size: 25px; margin: 4px 0 12px; } .head.small { font-size: 18px; margin: 18px 0 6px; }
.row { display: grid; grid-template-columns: minmax(0, 1fr) 108px; gap: 16px; position: relative; cursor: pointer; }
.row::before { content: ""; position: absolute; left: -14px; top: 0; bottom: 0; width: 5px; border: 0 solid var(--line); border-left-width: 1px; }
.row.first::before { top: 3px; border-top-width: 1px; } .row.last::before { bottom: 9px; border-bottom-width: 1px; }
.row.now::before { border-color: var(--peony); border-left-width: 2px; } .row.now.first::before { border-top-width: 2px; } .row.now.last::before { border-bottom-width: 2px; }
.row.plain p { color: var(--quiet); }
p { margin: 0 0 8px; } p.quote { padding-left: 12px; border-left: 2px solid var(--line); } p.item { padding-left: 20px; position: relative; }
.dot::before { content: attr(data-sign); position: absolute; left: 0; }
.lit { text-decoration: underline; text-decoration-color: var(--thread); text-decoration-thickness: 3px; text-underline-offset: 3px; text-decoration-skip-ink: none; } .lit.strong { background: var(--blush); }
sup::before { content: attr(data-n); color: var(--peony); font-weight: 700; font-size: 10px; margin-right: 1px; }
sup { line-height: 0; }
.margin { font-size: 12px; align-self: start; line-height: 1.35; } .margin strong { display: block; font-weight: 400; color: var(--quiet); } .margin[aria-pressed="true"] strong { color: var(--ink); font-weight: 600; }
.warn { display: block; color: var(--straw-ink); } .drawn { display: block; color: var(--leaf-2); }
</style>
