<script setup lang="ts">
import { computed } from 'vue';
import type { MoveCourseView } from '../generated';
import { clockOf, isShort, lanes } from './move';

/** The day as one drawing: steps, the ends they have to hold, gates, and the clock of every box. */
const props = defineProps<{ course: MoveCourseView; beginsMin: number; isRunning: boolean }>();
const LEFT = 108;
const RIGHT = 810;
const TOP = 26;
const LANE = 34;
const CLOCK = 26;
const placed = computed(() => lanes(props.course.steps));
const laneCount = computed(() => Math.max(1, ...placed.value.map((p) => p.lane + 1)));
const from = computed(
    () => Math.floor((props.beginsMin + Math.min(0, ...props.course.steps.map((s) => s.fromMin))) / 60) * 60,
);
const until = computed(
    () =>
        Math.ceil(
            (props.beginsMin +
                Math.max(
                    60,
                    props.course.finishMin,
                    props.isRunning ? props.course.nowMin : 0,
                    ...props.course.ends.map((e) => e.atMin),
                    ...props.course.steps.map((s) => s.untilMin),
                )) /
                60,
        ) * 60,
);
const x = (minute: number) =>
    LEFT + ((props.beginsMin + minute - from.value) / (until.value - from.value)) * (RIGHT - LEFT);
const hours = computed(() => {
    const every = until.value - from.value > 840 ? 120 : 60;
    const all: number[] = [];
    for (let m = from.value; m <= until.value; m += every) all.push(m);
    return all;
});
const END = 18;
const endsY = computed(() => TOP + laneCount.value * LANE + 12);
const gatesY = computed(() => endsY.value + props.course.ends.length * END + 8);
const clocksY = computed(() => gatesY.value + 52);
const height = computed(() => clocksY.value + props.course.clocks.length * CLOCK + 22);
/** Its number in the table below, with its name where the bar has room for it. */
const fits = (n: number, label: string, wide: number) =>
    wide > label.length * 5.2 + 22 ? `${n} ${label}` : wide > 14 ? String(n) : '';
const lasts = (min: number) => Math.min(RIGHT, x(min));
</script>

<template>
    <svg
        class="coursechart"
        :viewBox="`0 0 900 ${height}`"
        role="img"
        aria-label="The course of the day; the table below has it in words"
    >
        <g v-for="h in hours" :key="h">
            <line class="hour" :x1="x(h - beginsMin)" :x2="x(h - beginsMin)" :y1="TOP - 6" :y2="height - 18" />
            <text class="s" :x="x(h - beginsMin)" :y="TOP - 11" text-anchor="middle">{{ clockOf(h) }}</text>
        </g>
        <text class="s" x="0" :y="TOP + 17">done when</text>
        <g v-for="(p, n) in placed" :key="p.step.id">
            <title>
                {{ n + 1 }} {{ p.step.label }}, {{ clockOf(beginsMin + p.step.fromMin) }} to
                {{ clockOf(beginsMin + p.step.untilMin) }}
            </title>
            <rect
                class="step"
                :class="[p.step.state, { maydrop: p.step.mayDrop, rest: p.step.isRest }]"
                :x="x(p.step.fromMin)"
                :y="TOP + p.lane * LANE"
                :width="Math.max(2, x(p.step.untilMin) - x(p.step.fromMin))"
                :height="LANE - 8"
            />
            <text class="s" :x="x(p.step.fromMin) + 4" :y="TOP + p.lane * LANE + 17">
                {{ fits(n + 1, p.step.label, x(p.step.untilMin) - x(p.step.fromMin)) }}
            </text>
        </g>
        <g v-for="(e, n) in course.ends" :key="e.label">
            <line
                class="end"
                :class="{ missed: e.slackMin < 0 }"
                :x1="x(e.atMin)"
                :x2="x(e.atMin)"
                :y1="TOP - 2"
                :y2="endsY + n * END + 4"
            />
            <text class="c" :x="x(e.atMin) - 6" :y="endsY + n * END" text-anchor="end">
                {{ e.label }} by {{ clockOf(beginsMin + e.atMin) }}:
                {{
                    e.slackMin < 0
                        ? `${-e.slackMin} min late`
                        : `${e.slackMin} min in hand, ${Math.round(e.reserveMin)} wanted`
                }}
            </text>
        </g>
        <g v-for="g in course.gates" :key="g.key">
            <path class="gate" :d="`M${x(g.atMin)} ${gatesY - 8}l8 8l-8 8l-8 -8z`" />
            <text class="s" :x="x(g.atMin)" :y="gatesY + 22" text-anchor="middle">{{ g.key }}</text>
        </g>
        <text class="s" x="0" :y="gatesY + 4">go or not</text>
        <text v-if="course.clocks.length" class="b" x="0" :y="clocksY - 8">Clocks</text>
        <g v-for="(c, n) in course.clocks" :key="c.label">
            <text class="s" x="0" :y="clocksY + n * CLOCK + 14">{{ c.label }}</text>
            <rect
                class="lasts"
                :class="{ short: isShort(c) }"
                :x="x(c.fromMin)"
                :y="clocksY + n * CLOCK + 3"
                :width="Math.max(2, lasts(c.lastsMin) - x(c.fromMin))"
                height="14"
            />
            <line
                class="out"
                :x1="x(c.untilMin)"
                :x2="x(c.untilMin)"
                :y1="clocksY + n * CLOCK"
                :y2="clocksY + n * CLOCK + 20"
            />
            <text class="s" :class="{ x: isShort(c) }" :x="lasts(c.lastsMin) + 6" :y="clocksY + n * CLOCK + 14">
                {{ c.kind === 'glue' ? 'cures until' : isShort(c) ? 'too short: lasts until' : 'lasts until' }}
                {{ clockOf(beginsMin + c.lastsMin) }}
            </text>
        </g>
        <g v-if="isRunning">
            <line class="now" :x1="x(course.nowMin)" :x2="x(course.nowMin)" :y1="TOP - 6" :y2="height - 18" />
            <text class="c s" :x="x(course.nowMin)" :y="height - 4" text-anchor="middle">
                now {{ clockOf(beginsMin + course.nowMin) }}
            </text>
        </g>
    </svg>
</template>
