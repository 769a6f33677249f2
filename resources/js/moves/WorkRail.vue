<script setup lang="ts">
import { computed } from 'vue';
import type { WorkStepView } from '../generated';

/** The whole list as one line, visit by visit: what is done, what may be done now, what waits. */
const props = defineProps<{ steps: WorkStepView[]; next: string | null }>();
const visits = computed(() =>
    [...new Set(props.steps.map((s) => s.visit))].map((visit) => ({
        visit,
        steps: props.steps.filter((s) => s.visit === visit),
    })),
);
const MARKS: Record<string, string> = { done: '✓', open: '●', waits: '◷', later: '○', refused: '✕' };
const STATES: Record<string, string> = {
    done: 'done',
    open: 'may be done now',
    waits: 'waits',
    later: 'later',
    refused: 'may not go on like this',
};
</script>

<template>
    <nav class="workrail" aria-label="The list, visit by visit">
        <div v-for="v in visits" :key="v.visit" class="workvisit">
            <b>Visit {{ v.visit }}</b>
            <ol>
                <li v-for="s in v.steps" :key="s.key">
                    <a
                        :href="`#step-${s.key}`"
                        :class="['dot', s.state, { next: s.key === next }]"
                        :title="s.words"
                        :aria-label="`${s.words} ${STATES[s.state]}`"
                        >{{ MARKS[s.state] }}</a
                    >
                </li>
            </ol>
        </div>
    </nav>
</template>
