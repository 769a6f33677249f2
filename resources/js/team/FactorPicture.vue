<script setup lang="ts">
import { encode } from 'uqr';
import { computed } from 'vue';

/** An address as squares a phone reads; drawn here, asked of nobody. */
const props = defineProps<{ address: string }>();
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
    <svg
        class="factorpicture"
        :viewBox="`0 0 ${size} ${size}`"
        role="img"
        aria-label="The secret as a picture for the phone"
    >
        <rect :width="size" :height="size" fill="#fff" />
        <path :d="path" fill="#000" shape-rendering="crispEdges" />
    </svg>
</template>
