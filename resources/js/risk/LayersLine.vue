<script setup lang="ts">
import { computed } from 'vue';
import type { CreditView, HazardView } from '../generated';

/** One hazard from its fault to its harm: what acts by itself above the line, who notices and who comes below it. */
const props = defineProps<{ hazard: HazardView; credits: CreditView[]; span: number }>();
const WIDE = 720;
const ROW = 15;
/** A letter of the small print, px. */
const LETTER = 6.1;
type Mark = { h: number; words: string; kind: 'layer' | 'out' | 'look' | 'person' };
type Placed = Mark & { x: number; row: number; anchor: 'start' | 'end' };

const x = (h: number) => 10 + (Math.min(Math.max(0, h), props.span) / props.span) * (WIDE - 20);
const harm = computed(() => props.hazard.harms[0]?.hours ?? null);
const acts = computed(() => props.hazard.actsH);

/** Every mark's words in the first row where they touch no others. */
function placed(marks: Mark[]): Placed[] {
    const ends: number[][] = [];
    return [...marks]
        .sort((a, b) => a.h - b.h)
        .map((m) => {
            const at = x(m.h);
            const length = m.words.length * LETTER;
            const isLeft = at + length > WIDE - 4 || (m.kind === 'look' && at > length);
            const anchor = isLeft ? 'end' : 'start';
            const from = anchor === 'start' ? at : at - length;
            let row = ends.findIndex((taken) => taken.every((end, i) => i % 2 === 0 || from > end + 8));
            if (row < 0) row = ends.push([]) - 1;
            ends[row].push(from, from + length);
            return { ...m, x: at, row, anchor };
        });
}
const above = computed(() =>
    placed(
        props.credits
            .filter((c) => !c.isPerson && c.actsH !== null && c.actsH <= props.span)
            .map((c) => ({ h: c.actsH ?? 0, words: c.name, kind: c.why ? ('out' as const) : ('layer' as const) })),
    ),
);
const below = computed(() => {
    const h = props.hazard;
    const marks: Mark[] = [];
    if (h.noticedH !== null && h.noticedH <= props.span) marks.push({ h: h.noticedH, words: 'noticed', kind: 'look' });
    if (h.actsH !== null && h.actsH <= props.span)
        marks.push({ h: h.actsH, words: `${h.who ?? 'help'} has acted`, kind: 'person' });
    return placed(marks);
});
const rows = (of: Placed[]) => of.reduce((most, m) => Math.max(most, m.row + 1), 0);
const ground = computed(() => 10 + rows(above.value) * ROW);
const high = computed(() => ground.value + 24 + rows(below.value) * ROW);
const step = computed(() => (props.span <= 24 ? 3 : 6));
const hours = computed(() => Array.from({ length: Math.floor(props.span / step.value) + 1 }, (_, n) => n * step.value));
const isLate = computed(() => harm.value !== null && (acts.value === null || acts.value > harm.value));
</script>

<template>
    <svg
        v-if="hazard.harms.length"
        class="hoursline layersline"
        :width="WIDE"
        :height="high"
        :viewBox="`0 0 ${WIDE} ${high}`"
        aria-hidden="true"
    >
        <g v-for="m in above" :key="`${m.words}${m.h}`" :class="m.kind">
            <path :d="`M${m.x} ${ground} V${ground - 4 - m.row * ROW}`" class="stem" />
            <text :x="m.x + (m.anchor === 'start' ? 4 : -4)" :y="ground - 6 - m.row * ROW" :text-anchor="m.anchor">
                {{ m.words }}
            </text>
        </g>
        <line :x1="x(0)" :x2="x(span)" :y1="ground" :y2="ground" class="ground" />
        <rect
            v-if="harm !== null && acts !== null && acts <= harm"
            :x="x(acts)"
            :y="ground - 3"
            :width="Math.max(1, x(harm) - x(acts))"
            height="6"
            class="inhand"
        />
        <rect
            v-else-if="harm !== null"
            :x="x(harm)"
            :y="ground - 3"
            :width="Math.max(2, (acts === null ? x(span) : x(acts)) - x(harm))"
            height="6"
            class="missing"
            :class="{ open: acts === null }"
        />
        <path
            v-if="harm !== null && harm <= span"
            :d="`M${x(harm) - 5} ${ground - 5} l10 10 m0 -10 l-10 10`"
            class="harm"
            :class="{ missing: isLate }"
        />
        <g v-for="m in below" :key="m.words" :class="m.kind">
            <path :d="`M${m.x} ${ground} v${12 + m.row * ROW}`" class="stem" />
            <circle v-if="m.kind === 'person'" :cx="m.x" :cy="ground" r="5" class="acts" />
            <text :x="m.x + (m.anchor === 'start' ? 4 : -4)" :y="ground + 15 + m.row * ROW" :text-anchor="m.anchor">
                {{ m.words }}
            </text>
        </g>
        <text v-for="h in hours" :key="h" :x="x(h)" :y="high - 2" text-anchor="middle" class="hour">{{ h }} h</text>
    </svg>
</template>
