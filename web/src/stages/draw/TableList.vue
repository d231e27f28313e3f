<script setup lang="ts">
// The tables of the piece, each with what was found in it.
import { onMounted, reactive, watch } from "vue";
import { useRoute } from "vue-router";
import { get } from "../../api/client";
import { usePiece } from "../../piece/store";
import { clock, many } from "../../ui/words";
import type { TableHead, TableWhole } from "../../api/types";

defineProps<{ current: string | null }>();
const emit = defineEmits<{ choose: [id: string] }>();
const piece = usePiece();
const route = useRoute();
const known = reactive<Record<string, TableWhole>>({});
const FINDINGS = 6;

async function load() {
  for (const table of piece.state?.piece.tables ?? []) {
    try {
      known[table.id] = await get<TableWhole>(`/api/pieces/${piece.state!.id}/tables/${table.id}`);
    } catch { /* the list says its name all the same */ }
  }
}
/** Where a table's cells come from, if not from the hand. */
function origin(table: TableHead): string {
  if (table.source) return table.source.trouble ? `Follows ${table.source.at}; the last good cells are of ${clock(table.source.fetched ?? 0)}.` : `Follows ${table.source.at}, fetched at ${clock(table.source.fetched ?? 0)}.`;
  const from = piece.state?.piece.tables.find((t) => t.id === table.of)?.name;
  return table.of ? `Worked out of “${from ?? "a table that is gone"}”: ${(table.said ?? []).join("; ")}.` : "";
}
onMounted(load);
watch(() => piece.state?.piece.tables?.map((t) => t.stamp).join(), load);
</script>

<template>
  <div class="tables">
    <p v-if="!piece.state?.piece.tables?.length" class="quiet">There are no tables yet. <router-link :to="{ name: 'gather', params: route.params }">Add one in Gather.</router-link></p>
    <div v-for="t in piece.state?.piece.tables" :key="t.id" class="table" :class="{ now: t.id === current }">
      <button class="head" :aria-pressed="t.id === current" @click="emit('choose', t.id)"><strong>{{ t.name }}</strong><span class="small quiet">{{ known[t.id]?.trouble ?? (known[t.id] ? `${many(known[t.id].data ?? 0, "row")}, ${many(known[t.id].columns.length, "column")}` : "…") }}</span></button>
      <p v-if="origin(t)" class="small quiet origin">{{ origin(t) }}</p>
      <ul v-if="t.id === current && known[t.id]"><li v-for="(f, i) in known[t.id].findings.slice(0, FINDINGS)" :key="i" :title="f.sure ?? ''">{{ f.sentence }}</li></ul>
      <router-link v-if="t.id === current" class="act" :to="{ name: 'gather', params: route.params, query: { table: t.id } }">Look at its cells</router-link>
    </div>
  </div>
</template>

<style scoped>
.tables { padding: 18px 34px; } .table { border-bottom: 1px solid var(--line); padding: 12px 0; } .table.now { border-left: 3px solid var(--peony); padding-left: 14px; margin-left: -17px; }
.origin { margin: 3px 0 0; overflow-wrap: anywhere; } .head { display: block; width: 100%; } .head strong { display: block; font: 600 17px/1.3 var(--serif); } .head:hover strong { color: var(--peony-ink); } ul { margin: 10px 0 8px; padding-left: 18px; line-height: 1.5; } li { margin-bottom: 4px; } a { text-decoration: none; }
</style>
