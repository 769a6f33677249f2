<script setup lang="ts">
import type { DayPlanView, TableSpecView } from '../generated';
import type { Row } from './draft';
import PlanTable from './PlanTable.vue';

/** A day of light: hours across, share of full power up, each channel upon the one before. */
defineProps<{ day: DayPlanView | null; spec: TableSpecView; errors: Record<string, string>; readonly: boolean }>();
const channels = defineModel<Row[]>('channels', { required: true });
const emit = defineEmits<{ change: [] }>();
const HOURS = [0, 3, 6, 9, 12, 15, 18, 21, 24];
const start = (last: Row | undefined): Row =>
    last
        ? { fromH: last.fromH, hours: last.hours, rampH: last.rampH, topPct: last.topPct }
        : { sharePct: 100, fromH: 10, hours: 10, rampH: 1.5, topPct: 100 };
</script>

<template>
    <details class="metered" :open="channels.length > 0">
        <summary>
            The day of light
            <small>{{ day ? `as much as ${day.full} at full power` : 'ramps, and each channel by itself' }}</small>
        </summary>
        <svg
            v-if="day"
            class="dayplan"
            viewBox="-30 -8 620 132"
            role="img"
            :aria-label="`A day of light: ${day.channels.map((c) => `${c.name} ${c.says}`).join('; ')}`"
        >
            <line v-for="h in HOURS" :key="h" :x1="h * 24" y1="0" :x2="h * 24" y2="104" class="hour" />
            <text v-for="h in HOURS" :key="`t${h}`" :x="h * 24" y="118" text-anchor="middle">{{ h }}</text>
            <line x1="0" y1="0" x2="576" y2="0" class="hour" />
            <text x="-4" y="4" text-anchor="end">full</text>
            <line x1="0" y1="100" x2="576" y2="100" class="base" />
            <path v-for="(c, i) in day.channels" :key="i" :d="c.path" class="band" :class="`n${i % 4}`">
                <title>{{ c.name }}, {{ c.says }}</title>
            </path>
        </svg>
        <p v-if="day" class="quiet legend">
            <span v-for="(c, i) in day.channels" :key="i"
                ><b>{{ c.name }}</b> {{ c.says }}{{ i < day.channels.length - 1 ? '; ' : '' }}</span
            >
        </p>
        <p v-if="day && !channels.length" class="quiet">
            Without channels all lamps follow the hours and ramps under “Light and its hanging”.
        </p>
        <PlanTable
            v-model:rows="channels"
            table="channels"
            :spec="spec"
            :errors="errors"
            :readonly="readonly"
            caption="Channels of the lamps"
            first="each channel by its own day"
            :start="start"
            @change="emit('change')"
        />
    </details>
</template>
