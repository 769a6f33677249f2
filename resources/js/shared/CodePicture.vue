<script setup lang="ts">
import { encode } from 'uqr';
import { computed } from 'vue';

/** An address as squares a phone reads. */
const props = defineProps<{ address: string; label: string }>();
const QUIET = 2;
const code = computed(() => encode(props.address, { ecc: 'M', border: 0 }));
const size = computed(() => code.value.size + 2 * QUIET);
const path = computed(() =>
    code.value.data
        .flatMap((row, y) => row.map((dark, x) => (dark ? `M${x + QUIET} ${y + QUIET}h1v1h-1z` : '')))
        .join(''),
);
</script>

<template>
    <svg :viewBox="`0 0 ${size} ${size}`" role="img" :aria-label="label">
        <rect :width="size" :height="size" fill="#fff" />
        <path :d="path" fill="#000" shape-rendering="crispEdges" />
    </svg>
</template>
