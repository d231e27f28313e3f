<script setup lang="ts">
// One page as the core drew it. Holds no rules: the SVG of each object is put in as it came.
import { computed } from "vue";
import { usePiece } from "./store";
import type { PageSkeleton } from "../api/types";

const props = defineProps<{ page: PageSkeleton; svg?: Record<string, string>; objects?: string[]; fill?: string; prefix?: string }>();
const piece = usePiece();
const size = computed(() => piece.state?.piece.size ?? { width: 100, height: 100 });
const list = computed(() => props.objects ?? props.page.objects);
const drawn = (id: string) => props.svg?.[id] ?? piece.tried[id] ?? piece.state?.svg[id] ?? "";
</script>

<template>
  <svg class="page" :viewBox="`0 0 ${size.width} ${size.height}`" :width="size.width" :height="size.height" role="group" :aria-label="`Page`" xmlns="http://www.w3.org/2000/svg">
    <rect x="0" y="0" :width="size.width" :height="size.height" :fill="fill ?? page.fill" />
    <g v-for="id in list" :key="id" :data-object="id" v-html="drawn(id)" />
  </svg>
</template>

<style scoped>
.page { display: block; width: 100%; height: 100%; background: #fff; }
</style>
