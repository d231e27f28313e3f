<script setup lang="ts">
// What the selected figure says, where that comes from, how it is drawn.
import { computed, nextTick, ref, shallowRef } from "vue";
import { PhArrowDown, PhArrowUp, PhPlus, PhTrash } from "@phosphor-icons/vue";
import { freshId, usePiece } from "../../piece/store";
import type { FigureObject, Item, Role } from "../../api/types";
import { ROLE } from "../../ui/words";
import { numeral } from "./editing";
import FillSheet from "./FillSheet.vue";
import IconPicker from "./IconPicker.vue";
import RenewalSheet from "./RenewalSheet.vue";
import TakeAlong from "./TakeAlong.vue";

const renewing = ref(false);
const filling = ref(false);
const props = defineProps<{ figure: FigureObject }>();
const emit = defineEmits<{ forms: [] }>();
const piece = usePiece();
const list = ref<HTMLElement>();
const COLOURS: Role[] = ["accent-1", "accent-2", "signal", "ink"];
const form = computed(() => piece.catalogue?.forms.find((f) => f.form === props.figure.form));
interface Row { item: Item; depth: number; index: number; list: Item[] }
const flat = (list: Item[], depth = 0): Row[] => list.flatMap((item, index) => [{ item, depth, index, list }, ...flat(item.children ?? [], depth + 1)]);
/** The items and, indented, what they are made of. */
const rows = computed(() => flat(props.figure.items));
const now = computed(() => rows.value.find((r) => r.item.id === piece.item) ?? null);
const current = computed(() => now.value?.item ?? null);
const hidden = computed(() => Object.values(props.figure.parts ?? {}).filter((p) => p.hide).length);
const remarks = computed(() => piece.state?.remarks.filter((r) => r.object === props.figure.id) ?? []);
const finish = computed(() => props.figure.finish ?? piece.state?.piece.style.finish ?? piece.style?.finish);
const drawnFrom = computed(() => {
  const blocks = piece.state?.piece.notes ?? [];
  const words = (props.figure.passage?.blocks ?? []).map((id) => blocks.find((b) => b.id === id)?.text ?? "").join(" ");
  return words.length > 130 ? `${words.slice(0, 130)}…` : words;
});

const set = (fields: Record<string, unknown>) => void piece.change(props.figure.id, fields);
const setItem = (item: Item, fields: Record<string, unknown>) => void piece.changeItem(props.figure.id, item.id, fields);
const value = (event: Event) => (event.target as HTMLInputElement).value.trim();

async function add() {
  const id = freshId("i");
  const at = current.value ? props.figure.items.indexOf(current.value) + 1 : props.figure.items.length;
  const like = props.figure.items[0];
  const fresh: Item = { id, title: "New item", ...(typeof like?.value === "number" ? { value: 10, unit: like.unit ?? "" } : {}), ...(like?.date ? { date: "date" } : {}) };
  await piece.apply({ op: "item.add", id: props.figure.id, new: fresh, at });
  piece.select(props.figure.id, id);
  await nextTick();
  list.value?.querySelector<HTMLInputElement>(`[data-row="${id}"] input`)?.select();
}
const move = (row: Row, step: number) => { const to = row.index + step; if (to >= 0 && to < row.list.length) void piece.apply({ op: "item.move", id: props.figure.id, item: row.item.id, to }); };
const merge = (row: Row) => void piece.apply({ op: "item.merge", id: props.figure.id, item: row.item.id });
const split = (row: Row) => void piece.apply({ op: "item.split", id: props.figure.id, item: row.item.id, new: freshId("i") });
const nest = (row: Row, to: "in" | "out") => void piece.apply({ op: "item.nest", id: props.figure.id, item: row.item.id, to });

const held = shallowRef<Row | null>(null);
const over = shallowRef<Row | null>(null);
function drop(row: Row) {
  const from = held.value;
  held.value = over.value = null;
  if (from && from.list === row.list && from !== row) void piece.apply({ op: "item.move", id: props.figure.id, item: from.item.id, to: row.index });
}
async function label(item: Item) {
  const id = freshId("t");
  const [x, y] = props.figure.box;
  const size = piece.state!.piece.size.width;
  const made = await piece.apply({ op: "object.add", page: piece.page!.id, object: { id, type: "text", role: "label", text: "A note", box: [x, y, Math.round(size * 0.16), 20], tie: { object: props.figure.id, item: item.id, at: [0, -Math.round(size * 0.03)] } } });
  if (made) piece.select(id);
}
const remove = (item: Item) => { piece.select(props.figure.id); void piece.apply({ op: "item.remove", id: props.figure.id, item: item.id }); };
const number = (item: Item, event: Event) => setItem(item, { value: numeral(value(event)) });
</script>

<template>
  <div>
    <h2>{{ form?.title ?? figure.form }}</h2>
    <p class="small quiet from">{{ drawnFrom ? `from “${drawnFrom}”` : "typed here, from no passage" }}</p>
    <div v-for="r in remarks" :key="r.id" class="remark"><strong>{{ r.title }}</strong><span>{{ r.detail }}</span><button v-if="r.check === 'passage' && r.state !== 'gone'" class="act" @click="renewing = true">See it item by item</button><button v-for="(m, i) in r.mends" :key="m.label" class="act" @click="piece.send('mend', () => ({ remark: r.id, which: i }))">{{ m.label }}</button><button v-if="r.check === 'numbers'" class="act" @click="piece.apply({ op: 'remark.accept', check: r.check, object: r.object, state: r.state, reason: 'The text is right' })">{{ r.accept }}</button></div>

    <span class="label">Says</span>
    <input class="field heading" aria-label="Heading" placeholder="Heading" :value="figure.heading ?? ''" @change="set({ heading: value($event) || null })" />
    <ol ref="list" class="items">
      <li v-for="({ item: it, depth, index, list: within }, n) in rows" :key="it.id" :class="{ now: it.id === piece.item, over: over === rows[n] && held }" :data-row="it.id" :style="{ marginLeft: `${depth * 14}px` }" @focusin="piece.select(figure.id, it.id)" @dragover.prevent="over = rows[n]" @drop.prevent="drop(rows[n])">
        <div class="line">
          <span class="grip" draggable="true" title="Drag to another place" aria-hidden="true" @dragstart="held = rows[n]; $event.dataTransfer?.setData('text/plain', it.title)" @dragend="held = over = null">⠿</span>
          <input class="title" :aria-label="`Title of item ${n + 1}`" :value="it.title" @change="value($event) && setItem(it, { title: value($event) })" @keydown.enter="($event.target as HTMLElement).blur()" @keydown.alt.up.prevent="move(rows[n], -1)" @keydown.alt.down.prevent="move(rows[n], 1)" @keydown.alt.right.prevent="index > 0 && nest(rows[n], 'in')" @keydown.alt.left.prevent="depth > 0 && nest(rows[n], 'out')" />
          <input v-if="typeof it.value === 'number'" class="value" :aria-label="`Value of item ${n + 1}`" :value="it.value" @change="number(it, $event)" />
          <span v-if="typeof it.value === 'number'" class="tiny quiet unit">{{ it.unit }}</span>
        </div>
        <template v-if="it.id === piece.item">
          <textarea class="field detail" rows="2" aria-label="Detail" placeholder="Detail" :value="it.detail ?? ''" @change="setItem(it, { detail: value($event) || null })" />
          <label v-for="([name, words], a) in (it.aspects as string[][] | undefined)" :key="name" class="aspect tiny quiet">{{ name }}<input class="field" :value="words" @change="setItem(it, { aspects: (it.aspects as string[][]).map((p, i) => (i === a ? [p[0], value($event)] : p)) })" /></label>
          <input v-if="typeof it.value === 'number'" class="field" aria-label="Unit" placeholder="unit" :value="it.unit ?? ''" @change="setItem(it, { unit: value($event) || null })" />
          <button v-else class="act" @click="setItem(it, { value: 10 })">Give it a number</button>
          <input v-if="it.date" class="field" aria-label="Date" :value="it.date" @change="setItem(it, { date: value($event) || null })" />
          <IconPicker :icon="it.icon ?? null" :title="it.title" @choose="(name) => setItem(it, { icon: name })" />
          <div class="acts">
            <button :disabled="index === 0" aria-label="Move up" title="Move up (Alt ↑)" @click="move(rows[n], -1)"><PhArrowUp :size="16" /></button>
            <button :disabled="index === within.length - 1" aria-label="Move down" title="Move down (Alt ↓)" @click="move(rows[n], 1)"><PhArrowDown :size="16" /></button>
            <button class="act" :aria-pressed="!!it.strong" @click="setItem(it, { strong: it.strong ? null : true })">{{ it.strong ? "Not stressed" : "Stress it" }}</button>
            <button :disabled="figure.items.length === 1 && depth === 0" aria-label="Remove item" title="Remove item" class="end" @click="remove(it)"><PhTrash :size="16" /></button>
          </div>
          <div class="acts more">
            <button class="act" @click="split(rows[n])">Split</button><button class="act" :disabled="index === within.length - 1" @click="merge(rows[n])">Merge with next</button>
            <button class="act" :disabled="index === 0" title="Put it under the one before (Alt →)" @click="nest(rows[n], 'in')">Indent</button><button v-if="depth" class="act" title="Alt ←" @click="nest(rows[n], 'out')">Outdent</button>
            <button class="act" @click="label(it)">Note on it</button><button class="act" @click="piece.linking = { object: figure.id, item: it.id }">Connect</button>
          </div>
        </template>
      </li>
    </ol>
    <button class="act add" @click="add"><PhPlus :size="13" weight="bold" /> Add an item</button>
    <button class="act fill" @click="filling = true">Fill from labelled text</button>
    <RenewalSheet v-if="renewing" :figure="figure.id" @close="renewing = false" />
    <FillSheet v-if="filling" :figure="figure.id" :places="figure.items.map((i) => i.title)" @close="filling = false" />

    <span class="label">Drawn as</span>
    <v-btn variant="outlined" block @click="emit('forms')">Another form</v-btn>
    <div class="switch finish" role="group" aria-label="Finish"><button v-for="f in piece.catalogue?.finishes" :key="f.finish" :aria-pressed="finish === f.finish" :title="f.sees" @click="set({ finish: f.finish })">{{ f.finish }}</button></div>
    <span class="label">{{ current ? `Colour of “${current.title}”` : "Colour" }}</span>
    <div class="row">
      <button v-for="role in COLOURS" :key="role" class="swatch" :style="{ background: piece.roles[role] }" :aria-label="ROLE[role]" :title="ROLE[role]" :aria-pressed="(current ? current.colour : figure.colour ?? 'accent-1') === role"
              @click="current ? setItem(current, { colour: current.colour === role ? null : role }) : set({ colour: role })" />
      <span class="tiny quiet">{{ ROLE[current ? current.colour ?? "" : figure.colour ?? "accent-1"] ?? "as the figure" }}</span>
    </div>
    <p v-if="figure.parts" class="small quiet">{{ hidden ? `${hidden} hidden. ` : "" }}Some parts are not as they were computed. <button class="act" @click="set({ parts: null })">Put all back</button></p>
    <TakeAlong :figure="figure.id" :item="current?.id ?? null" :title="current?.title ?? null" />
    <label class="label" for="figure-description">For readers who cannot see it</label>
    <textarea id="figure-description" class="field" rows="3" :value="figure.description ?? ''" placeholder="What the figure shows, in a sentence" @change="set({ description: value($event) || null })" />
  </div>
</template>

<style scoped>
h2 { font-size: 19px; } .from { margin: 1px 0 0; line-height: 1.35; }
.remark { background: var(--straw-2); border-radius: 5px; padding: 9px 12px; margin-top: 10px; font-size: 13px; display: grid; gap: 2px; } .remark strong { color: var(--straw-ink); } .remark .act { text-align: left; }
.heading { font: 600 15px var(--serif); }
.items { list-style: none; margin: 6px 0 4px; padding: 0; border-top: 1px solid var(--line); } li { border-bottom: 1px solid var(--line); border-left: 2px solid transparent; padding: 1px 0 1px 6px; } li.now { background: var(--paper); border-left-color: var(--peony); padding-bottom: 7px; }
.line { display: flex; align-items: center; } .title { flex: 1; min-width: 0; height: 30px; border: 0; background: transparent; font-weight: 600; font-size: 13px; text-overflow: ellipsis; } .value { width: 58px; height: 30px; border: 0; background: transparent; text-align: right; } .unit { padding: 0 6px 0 3px; max-width: 54px; overflow: hidden; text-overflow: ellipsis; }
.aspect { display: grid; grid-template-columns: 86px 1fr; align-items: center; margin-bottom: 4px; padding-right: 6px; } .aspect .field { height: 28px; color: var(--ink); }
li.now .field + .acts { margin-top: 6px; }
.grip { cursor: grab; color: var(--quiet); padding: 0 4px 0 0; font-size: 13px; opacity: 0.55; } li:hover .grip { opacity: 1; } li.over { box-shadow: inset 0 2px 0 var(--peony); } .more { flex-wrap: wrap; row-gap: 3px; margin-top: 6px; }
.detail { font-size: 13px; margin-bottom: 5px; width: calc(100% - 6px); } .acts { display: flex; gap: 12px; align-items: center; padding-right: 8px; } .end { margin-left: auto; }
.add { display: inline-flex; align-items: center; gap: 4px; } .fill { margin-left: 18px; vertical-align: top; line-height: 21px; } .add { line-height: 21px; vertical-align: top; } .finish { margin-top: 8px; display: grid; grid-template-columns: repeat(3, 1fr); } .finish button:nth-child(3n) { border-right: 0; } .finish button:nth-child(n + 4) { border-top: 1px solid var(--line); } .row { display: flex; gap: 9px; align-items: center; }
</style>
