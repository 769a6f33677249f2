<script setup lang="ts">
import type { MoveCourseView } from '../generated';
import { clockOf } from './move';

/** When the day is done and what each end still has in hand: always said, whatever else is open. */
defineProps<{ course: MoveCourseView; beginsMin: number }>();
const time = (min: number) => (min < 120 ? `${min} min` : `${Math.floor(min / 60)} h ${min % 60} min`);
</script>

<template>
    <p class="endsline">
        <b>Done by {{ clockOf(beginsMin + course.finishMin) }}.</b>
        <template v-for="e in course.ends" :key="e.label">
            {{ ' ' }}
            <span :class="{ wrong: e.slackMin < 0 }"
                >“{{ e.label }}”
                {{ e.slackMin < 0 ? `is missed by ${time(-e.slackMin)}` : `has ${time(e.slackMin)} in hand` }}.</span
            >
        </template>
    </p>
</template>
