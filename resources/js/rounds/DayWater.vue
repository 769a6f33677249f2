<script setup lang="ts">
import { computed } from 'vue';
import type { CrewDayView } from '../generated';

/** The vehicle’s salt water running down along the day; every stop is a sounding on it. */
const props = defineProps<{ day: CrewDayView }>();
const H = 26;
const y = (level: number) => 2 + (1 - Math.min(1, Math.max(0, level))) * (H - 4);
const x = (i: number) => ((i + 1) / (props.day.stops.length + 1)) * 100;
const surface = computed(() => {
    let level = props.day.levelStart;
    const points: [number, number][] = [[0, y(level)]];
    props.day.stops.forEach((stop, i) => {
        points.push([x(i), y(level)], [x(i), y(stop.levelAfter)]);
        level = stop.levelAfter;
    });
    return [...points, [100, y(level)]] as [number, number][];
});
const area = computed(() => [...surface.value, [100, H], [0, H]].map((p) => p.join(',')).join(' '));
const line = computed(() => surface.value.map((p) => p.join(',')).join(' '));
</script>

<template>
    <svg
        class="daywater"
        viewBox="0 0 100 26"
        preserveAspectRatio="none"
        role="img"
        :aria-label="day.water ? `Salt water: ${day.water}` : 'No salt water'"
    >
        <polygon v-if="day.levelStart > 0" :points="area" class="water" />
        <polyline v-if="day.levelStart > 0" :points="line" class="surface" />
        <line x1="0" x2="100" :y1="H - 0.5" :y2="H - 0.5" class="ground" />
        <line v-for="(s, i) in day.stops" :key="s.id" :x1="x(i)" :x2="x(i)" :y1="H - 7" :y2="H" class="tick" />
    </svg>
</template>
