<script setup lang="ts">
import { computed } from 'vue';
import { dayNumber, today } from '../shared/days';

/** A job’s range on a line of time: done, due, the last day it may wait, and today. */
const props = defineProps<{ last: string | null; due: string | null; latest: string | null }>();
const W = 186;
const drawn = computed(() => {
    if (!props.last || !props.due || !props.latest) return null;
    const now = dayNumber(today()) + 0.5;
    const from = dayNumber(props.last);
    const to = Math.max(dayNumber(props.latest), now) + 0.5;
    const x = (d: number) => 6 + ((d - from) / (to - from)) * (W - 12);
    return { due: x(dayNumber(props.due)), latest: x(dayNumber(props.latest)), now: x(Math.min(now, to)) };
});
</script>

<template>
    <svg v-if="drawn" class="windowline" :width="W" height="16" aria-hidden="true">
        <rect :x="drawn.due" y="4" :width="Math.max(2, drawn.latest - drawn.due)" height="8" class="range" />
        <line x1="6" :x2="W - 6" y1="8" y2="8" class="ground" />
        <circle cx="6" cy="8" r="3" class="done" />
        <line :x1="drawn.now" :x2="drawn.now" y1="1" y2="15" class="now" />
    </svg>
</template>
