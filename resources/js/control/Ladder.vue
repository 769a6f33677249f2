<script setup lang="ts">
import { computed } from 'vue';
import type { LadderView } from '../generated';

/** All limits of one quantity on a line: harm, alarm, guard, control; tinted where it stands on a usual day. */
const props = defineProps<{ ladder: LadderView }>();
const WIDE = 800;
const x = (share: number) => 20 + share * (WIDE - 40);
const LINES = 9;
/** Words that would run into one another stand a line lower. */
const rungs = computed(() => {
    const ends = Array.from({ length: LINES }, () => -Infinity);
    return props.ladder.rungs.map((r) => {
        const half = r.words.length * 2.65;
        const middle = Math.min(WIDE - half, Math.max(half, x(r.at)));
        let line = ends.findIndex((end) => middle - half > end + 6);
        if (line < 0) line = LINES - 1;
        ends[line] = middle + half;
        return { ...r, middle, line };
    });
});
const high = computed(() => 54 + 14 * Math.max(0, ...rungs.value.map((r) => r.line)));
</script>

<template>
    <figure class="ladder">
        <figcaption>
            <b>{{ ladder.label }}, the ladder</b>
            <small v-if="ladder.usual"
                >tinted: where it stood on a usual day of the last fortnight, {{ ladder.usual }}</small
            >
            <small v-else>nobody knows its usual day yet: that takes readings of seven days</small>
        </figcaption>
        <div class="tablebox" tabindex="0" role="region" :aria-label="`${ladder.label}, the ladder`">
            <svg
                :viewBox="`0 0 ${WIDE} ${high}`"
                role="img"
                :aria-label="`${ladder.label}: ${ladder.rungs.map((r) => r.words).join(', ')}`"
            >
                <rect
                    v-if="ladder.usualFrom !== null && ladder.usualTo !== null"
                    :x="x(ladder.usualFrom)"
                    y="4"
                    :width="Math.max(2, x(ladder.usualTo) - x(ladder.usualFrom))"
                    height="30"
                    class="usual"
                />
                <path :d="`M20 19H${WIDE - 20}`" class="axis" />
                <g v-for="(r, n) in rungs" :key="n" class="rung" :class="r.kind">
                    <path :d="`M${x(r.at)} 8V30`" />
                    <path v-if="r.line" :d="`M${x(r.at)} 30V${36 + 14 * r.line}`" class="leader" />
                    <text :x="r.middle" :y="46 + 14 * r.line" text-anchor="middle" class="s">{{ r.words }}</text>
                </g>
            </svg>
        </div>
    </figure>
</template>
