<script setup lang="ts">
import { computed } from 'vue';
import type { PumpChartView } from '../generated';
import { useUnits } from '../shared/units';

/** The pump’s curve, the line’s curve, where they meet, and the planned flow. */
const props = defineProps<{ chart: PumpChartView }>();
const units = useUnits();
const W = 640;
const H = 250;
const [L, B, T, R] = [52, 40, 12, 16];
const most = computed(() => ({
    q: Math.max(...props.chart.points.map((p) => p.flowLh)),
    h: 1.08 * Math.max(...props.chart.points.map((p) => p.pumpM), props.chart.plannedHeadM),
}));
const x = (q: number) => L + (q / most.value.q) * (W - L - R);
const y = (h: number) => H - B - (Math.min(h, most.value.h) / most.value.h) * (H - B - T);
const line = (of: 'pumpM' | 'lineM') =>
    props.chart.points
        .filter((p) => p[of] >= 0 && p[of] <= most.value.h)
        .map((p) => `${x(p.flowLh)},${y(p[of])}`)
        .join(' ');
const ticks = (max: number) => {
    const step = [0.5, 1, 2, 5, 100, 200, 500, 1000, 2000, 5000, 10000].find((s) => max / s <= 7) ?? max / 5;
    return Array.from({ length: Math.floor(max / step) + 1 }, (_, n) => n * step);
};
</script>

<template>
    <h2>
        Pump against line <small>they meet at {{ chart.meets }}</small>
    </h2>
    <svg
        class="pumpchart"
        :viewBox="`0 0 ${W} ${H}`"
        role="img"
        :aria-label="`Pump and line: they meet at ${chart.meets}; ${units.show(chart.plannedLh, 'L/h')} are planned and ask for ${units.show(chart.plannedHeadM, 'm')}`"
    >
        <g v-for="t in ticks(most.q)" :key="`q${t}`">
            <line :x1="x(t)" :x2="x(t)" :y1="T" :y2="H - B" class="hour" />
            <text :x="x(t)" :y="H - B + 15" text-anchor="middle">{{ units.plain(t, 'L/h') }}</text>
        </g>
        <g v-for="t in ticks(most.h)" :key="`h${t}`">
            <line :x1="L" :x2="W - R" :y1="y(t)" :y2="y(t)" class="hour" />
            <text :x="L - 6" :y="y(t) + 4" text-anchor="end">{{ units.plain(t, 'm') }}</text>
        </g>
        <text :x="W - R" :y="H - 6" text-anchor="end">flow, {{ units.label('L/h') }}</text>
        <text :x="L + 4" :y="T + 10">head, {{ units.label('m') }}</text>
        <line :x1="x(chart.plannedLh)" :x2="x(chart.plannedLh)" :y1="T" :y2="H - B" class="planned" />
        <text :x="x(chart.plannedLh) + 4" :y="H - B - 6">planned</text>
        <polyline :points="line('pumpM')" class="pumpline" />
        <polyline :points="line('lineM')" class="lineline" />
        <circle :cx="x(chart.flowLh)" :cy="y(chart.headM)" r="5" class="acts" />
    </svg>
    <p class="quiet legend">
        <svg width="22" height="10" aria-hidden="true"><path d="M0 5 H22" class="pumpline" /></svg> what the pump gives
        <svg width="22" height="10" aria-hidden="true"><path d="M0 5 H22" class="lineline" /></svg> what the line asks
    </p>
</template>
