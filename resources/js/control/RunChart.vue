<script setup lang="ts">
import { computed } from 'vue';
import type { RunView } from '../generated';
import { useUnits } from '../shared/units';

/** One quantity of a run, and of the run before it, with what happened on the way. */
const props = defineProps<{
    run: RunView;
    before: RunView | null;
    what: string;
    label: string;
    kind?: string;
    digits?: number;
    limits?: number[];
    /** Where the drawing stands, h. */
    moment?: number;
}>();
const units = useUnits();
const WIDE = 760;
const HIGH = 120;
const LEFT = 56;
const values = (run: RunView | null) =>
    (run?.trace ?? []).map((p) => ({ h: (p.atS ?? 0) / 3600, v: p[props.what] })).filter((p) => p.v !== null) as {
        h: number;
        v: number;
    }[];
const mine = computed(() => values(props.run));
const other = computed(() => values(props.before));
const hours = computed(() => Math.max(0.1, ...mine.value.map((p) => p.h)));
const span = computed(() => {
    const all = [...mine.value, ...other.value].map((p) => p.v);
    const near = (props.limits ?? []).filter(
        (l) =>
            l > Math.min(...all) - 2 * (Math.max(...all) - Math.min(...all)) - 0.5 &&
            l < Math.max(...all) + 2 * (Math.max(...all) - Math.min(...all)) + 0.5,
    );
    const low = Math.min(...all, ...near);
    const high = Math.max(...all, ...near);
    const pad = Math.max((high - low) * 0.08, 1e-3);
    return { low: low - pad, high: high + pad };
});
const drawn = computed(() => (props.limits ?? []).filter((l) => l > span.value.low && l < span.value.high));
const x = (h: number) => LEFT + (h / hours.value) * (WIDE - LEFT - 8);
const y = (v: number) => 8 + (1 - (v - span.value.low) / (span.value.high - span.value.low)) * (HIGH - 26);
const line = (points: { h: number; v: number }[]) =>
    points.map((p, n) => `${n ? 'L' : 'M'}${x(p.h)} ${y(p.v)}`).join('');
const says = (v: number) => (props.kind ? units.show(v, props.kind) : v.toFixed(props.digits ?? 2));
const marks = computed(() =>
    props.run.happened.filter((e) => ['fault', 'guard', 'call', 'harm', 'came'].includes(e.kind)),
);
const ticks = computed(() => {
    const every = hours.value > 60 ? 12 : hours.value > 24 ? 6 : hours.value > 8 ? 4 : 1;
    return Array.from({ length: Math.floor(hours.value / every) + 1 }, (_, n) => n * every);
});
const ends = computed(() => [Math.min(...mine.value.map((p) => p.v)), Math.max(...mine.value.map((p) => p.v))]);
</script>

<template>
    <figure v-if="mine.length" class="runchart">
        <figcaption>
            <b>{{ label }}</b> <small>{{ says(ends[0]) }} to {{ says(ends[1]) }}</small>
        </figcaption>
        <svg
            :viewBox="`0 0 ${WIDE} ${HIGH}`"
            role="img"
            :aria-label="`${label}: from ${says(ends[0])} to ${says(ends[1])}`"
        >
            <g v-for="l in drawn" :key="l">
                <path :d="`M${LEFT} ${y(l)}H${WIDE - 8}`" class="limit" />
                <text :x="LEFT - 4" :y="y(l) + 4" text-anchor="end" class="s x">{{ says(l) }}</text>
            </g>
            <template v-for="(m, n) in marks" :key="n">
                <path
                    v-if="m.untilH > m.h"
                    :d="`M${x(m.h)} 8V${HIGH - 18}H${x(m.untilH)}V8Z`"
                    class="mark lasting"
                    :class="m.kind"
                />
                <path v-else :d="`M${x(m.h)} 8V${HIGH - 18}`" class="mark" :class="m.kind" />
            </template>
            <path v-if="moment !== undefined" :d="`M${x(moment)} 4V${HIGH - 16}`" class="moment" />
            <path v-if="other.length" :d="line(other)" class="before" />
            <path :d="line(mine)" class="trace" />
            <template v-if="!drawn.length">
                <text :x="LEFT - 4" :y="y(ends[1]) + 4" text-anchor="end" class="s g">{{ says(ends[1]) }}</text>
                <text v-if="ends[1] > ends[0]" :x="LEFT - 4" :y="y(ends[0]) + 4" text-anchor="end" class="s g">
                    {{ says(ends[0]) }}
                </text>
            </template>
            <text
                v-for="t in ticks"
                :key="t"
                :x="x(t)"
                :y="HIGH - 4"
                :text-anchor="t === ticks[ticks.length - 1] ? 'end' : 'middle'"
                class="s g"
            >
                {{ t }} h
            </text>
        </svg>
    </figure>
</template>
