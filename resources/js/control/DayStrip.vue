<script setup lang="ts">
import { computed } from 'vue';
import type { DayRowView } from '../generated';

/** The day from midnight to midnight: plans as shapes, doses as strokes. */
const props = defineProps<{ rows: DayRowView[]; now: string }>();
const FROM = 150;
const TO = 788;
const ROW = 30;
const x = (minute: number) => FROM + (minute / 1440) * (TO - FROM);
const high = computed(() => props.rows.length * ROW + 30);
const nowX = computed(() => {
    const [hours, minutes] = props.now.split(':').map(Number);
    return x(hours * 60 + minutes);
});
const base = (n: number) => (n + 1) * ROW;
const shape = (row: DayRowView, n: number) =>
    `M${x(0)} ${base(n)}${row.points.map((p) => `L${x(p.minute)} ${base(n) - 20 * p.level}`).join('')}L${x(1440)} ${base(n)}Z`;
const clock = (minute: number) =>
    `${String(Math.floor(minute / 60)).padStart(2, '0')}:${String(Math.round(minute % 60)).padStart(2, '0')}`;
const words = computed(() =>
    props.rows
        .map((r) =>
            r.moments.length
                ? `${r.label}: doses at ${r.moments.map(clock).join(', ')}`
                : `${r.label}: ${r.points.map((p) => `${clock(Math.min(1439, p.minute))} ${Math.round(p.level * 100)} %`).join(', ')}`,
        )
        .join('; '),
);
</script>

<template>
    <figure class="daystrip">
        <figcaption><b>The day</b></figcaption>
        <svg :viewBox="`0 0 800 ${high}`" role="img" :aria-label="words">
            <g v-for="(row, n) in rows" :key="row.label">
                <text x="0" :y="base(n) - 4" class="s g">{{ row.label }}</text>
                <path :d="`M${FROM} ${base(n)}H${TO}`" class="ruled" />
                <path v-if="row.points.length" :d="shape(row, n)" class="plan" />
                <path v-for="m in row.moments" :key="m" :d="`M${x(m)} ${base(n) - 14}V${base(n)}`" class="dose" />
            </g>
            <text
                v-for="hour in [0, 6, 12, 18, 24]"
                :key="hour"
                :x="x(hour * 60)"
                :y="high - 6"
                :text-anchor="hour === 24 ? 'end' : 'middle'"
                class="s g"
            >
                {{ String(hour).padStart(2, '0') }}:00
            </text>
            <path :d="`M${nowX} 4V${high - 22}`" class="now" />
            <text :x="nowX + 4" y="10" class="s c">now {{ now }}</text>
        </svg>
    </figure>
</template>
