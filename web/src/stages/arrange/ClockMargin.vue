<script setup lang="ts">
// The margin for a clock or a countdown.
import { computed } from "vue";
import { usePiece } from "../../piece/store";
import type { ClockObject, Role } from "../../api/types";
import { ROLE } from "../../ui/words";

const props = defineProps<{ clock: ClockObject }>();
const piece = usePiece();
const SHOWS = { now: "now", time: "one time", countdown: "countdown" } as const;
const FACES = { round: "hands", digits: "digits", tiles: "tiles", ring: "ring" } as const;
const COLOURS: Role[] = ["accent-1", "accent-2", "accent-3", "accent-4", "signal"];
const set = (fields: Record<string, unknown>) => void piece.change(props.clock.id, fields);
const words = (event: Event) => (event.target as HTMLInputElement).value;
const parts = computed(() => { const s = props.clock.seconds ?? 0; return { hours: Math.floor(s / 3600), minutes: Math.floor(s / 60) % 60, seconds: s % 60 }; });
const zones = Array.from({ length: 27 }, (_, i) => (i - 12) * 60);
const zone = (m: number) => (m === 0 ? "UTC" : `UTC ${m > 0 ? "+" : "−"}${Math.floor(Math.abs(m) / 60)}${m % 60 ? `:${String(Math.abs(m) % 60).padStart(2, "0")}` : ""}`);

function shows(what: keyof typeof SHOWS) {
  set({ shows: what, time: what === "time" ? props.clock.time ?? "20:30" : null, seconds: what === "countdown" ? props.clock.seconds ?? 300 : null, zone: what === "now" ? props.clock.zone ?? null : null });
}
function time(value: string) { if (/^([01]\d|2[0-3]):[0-5]\d$/.test(value)) set({ time: value }); }
function length(part: "hours" | "minutes" | "seconds", value: string) {
  const n = { ...parts.value, [part]: Math.max(0, Math.min(part === "hours" ? 99 : 59, Math.round(Number(value) || 0))) };
  set({ seconds: Math.max(1, n.hours * 3600 + n.minutes * 60 + n.seconds) });
}
</script>

<template>
  <h2>{{ clock.shows === "countdown" ? "Countdown" : "Clock" }}</h2>
  <span class="label">Shows</span>
  <div class="switch wrap" role="group" aria-label="Shows"><button v-for="(name, what) in SHOWS" :key="what" :aria-pressed="clock.shows === what" @click="shows(what)">{{ name }}</button></div>
  <template v-if="clock.shows === 'time'"><label class="label" for="clock-time">Time</label><input id="clock-time" class="field" type="time" :value="clock.time" @change="time(words($event))" /></template>
  <template v-else-if="clock.shows === 'countdown'">
    <span class="label">From</span>
    <div class="three"><label v-for="(n, part) in parts" :key="part"><input class="field" type="number" min="0" :max="part === 'hours' ? 99 : 59" :value="n" :aria-label="part" @change="length(part, words($event))" />{{ part }}</label></div>
  </template>
  <template v-else>
    <label class="label" for="clock-zone">Of the place</label>
    <select id="clock-zone" class="field" :value="clock.zone ?? ''" @change="set({ zone: words($event) === '' ? null : Number(words($event)) })"><option value="">where it is read</option><option v-for="m in zones" :key="m" :value="m">{{ zone(m) }}</option><option v-if="clock.zone !== undefined && !zones.includes(clock.zone)" :value="clock.zone">{{ zone(clock.zone) }}</option></select>
  </template>
  <span class="label">Face</span>
  <div class="switch wrap" role="group" aria-label="Face"><button v-for="(name, face) in FACES" :key="face" :aria-pressed="clock.face === face" @click="set({ face })">{{ name }}</button></div>
  <label class="label" for="clock-words">Words under it</label>
  <input id="clock-words" class="field" maxlength="80" :value="clock.words ?? ''" @change="set({ words: words($event).trim() || null })" />
  <span class="label">Colour</span>
  <div class="row"><button v-for="role in COLOURS" :key="role" class="swatch" :style="{ background: piece.roles[role] }" :aria-label="ROLE[role]" :title="ROLE[role]" :aria-pressed="(clock.colour ?? 'accent-1') === role" @click="set({ colour: role })" /></div>
  <p class="small quiet">{{ clock.shows === "time" ? "" : clock.shows === "now" ? "It runs in an edition. In print it stands as it was when the page was made." : "In an edition it begins and pauses at a click. In print it shows where it begins." }}</p>
</template>

<style scoped>
h2 { font-size: 20px; } .three { display: grid; grid-template-columns: repeat(3, 1fr); gap: 8px; font-size: 12px; color: var(--quiet); } .three .field { width: 100%; }
</style>
