<script setup lang="ts">
import { computed } from 'vue';

/** Harm and help on one line of time; what lies between them is in hand, or missing. */
const props = withDefaults(
    defineProps<{
        harm: number | null;
        acts: number | null;
        noticed?: number | null;
        span: number;
        mark?: number;
        wide?: number;
    }>(),
    { noticed: null, mark: 6, wide: 420 },
);
const H = 26;
const x = (h: number) => 8 + (Math.min(h, props.span) / props.span) * (props.wide - 16);
const hours = computed(() => Array.from({ length: Math.floor(props.span / props.mark) + 1 }, (_, n) => n * props.mark));
const missing = computed(() => props.harm !== null && (props.acts === null || props.acts > props.harm));
</script>

<template>
    <svg class="hoursline" :width="wide" :height="H" :viewBox="`0 0 ${wide} ${H}`" aria-hidden="true">
        <line :x1="x(0)" :x2="x(span)" y1="13" y2="13" class="ground" />
        <line v-for="h in hours" :key="h" :x1="x(h)" :x2="x(h)" y1="10" y2="16" class="ground" />
        <rect
            v-if="harm !== null && acts !== null && acts <= harm"
            :x="x(acts)"
            y="8"
            :width="Math.max(1, x(harm) - x(acts))"
            height="10"
            class="inhand"
        />
        <rect
            v-else-if="harm !== null"
            :x="x(harm)"
            y="8"
            :width="Math.max(2, (acts === null ? x(span) : x(acts)) - x(harm))"
            height="10"
            class="missing"
            :class="{ open: acts === null }"
        />
        <path v-if="noticed !== null" :d="`M${x(noticed)} 4 V22`" class="noticed" />
        <circle v-if="acts !== null && acts <= span" :cx="x(acts)" cy="13" r="5" class="acts" />
        <path
            v-if="harm !== null && harm <= span"
            :d="`M${x(harm) - 5} 8 L${x(harm) + 5} 18 M${x(harm) + 5} 8 L${x(harm) - 5} 18`"
            class="harm"
            :class="{ missing }"
        />
    </svg>
</template>
