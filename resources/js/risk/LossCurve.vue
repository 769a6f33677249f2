<script setup lang="ts">
import { computed } from 'vue';

/** What more money buys: yearly loss that is left, over what is spent once. */
const props = defineProps<{
    points: { costMinor: number; cost: string; yearly: number; labels: string[] }[];
    chosen: number | null;
    currency: string;
    isMoney: boolean;
}>();
const W = 620;
const H = 190;
const LEFT = 64;
const FOOT = 34;
const most = computed(() => Math.max(1, ...props.points.map((p) => p.costMinor)));
const top = computed(() => Math.max(1e-9, ...props.points.map((p) => p.yearly)));
const x = (minor: number) => LEFT + ((W - LEFT - 16) * minor) / most.value;
const y = (yearly: number) => 12 + (H - FOOT - 12) * (1 - yearly / top.value);
const path = computed(() =>
    props.points
        .map((p, n) => (n === 0 ? `M${x(p.costMinor)} ${y(p.yearly)}` : `H${x(p.costMinor)} V${y(p.yearly)}`))
        .join(' '),
);
const shown = (v: number) => (props.isMoney ? `${props.currency} ${Math.round(v)}` : `${v.toPrecision(2)} a year`);
</script>

<template>
    <svg class="losscurve" :viewBox="`0 0 ${W} ${H}`" :width="W" :height="H" role="img" aria-labelledby="lc-t">
        <title id="lc-t">Yearly loss left, over money spent once; the table below holds the same</title>
        <line :x1="LEFT" :x2="W - 12" :y1="H - FOOT" :y2="H - FOOT" class="axis" />
        <line :x1="LEFT" :x2="LEFT" y1="8" :y2="H - FOOT" class="axis" />
        <text :x="LEFT - 6" y="18" text-anchor="end">{{ shown(top) }}</text>
        <text :x="LEFT - 6" :y="H - FOOT" text-anchor="end">0</text>
        <path :d="`${path} H${W - 12}`" class="curve" />
        <g v-for="(p, n) in points" :key="p.costMinor">
            <circle :cx="x(p.costMinor)" :cy="y(p.yearly)" r="4" :class="{ on: chosen === p.costMinor }" />
            <text
                v-if="n === 0 || n === points.length - 1"
                :x="x(p.costMinor)"
                :y="H - 16"
                :text-anchor="n === 0 ? 'start' : 'end'"
            >
                {{ p.cost }}
            </text>
        </g>
        <text :x="(LEFT + W) / 2" :y="H - 3" text-anchor="middle" class="name">spent once</text>
    </svg>
</template>
