<script setup lang="ts">
import { Link } from '@inertiajs/vue3';
import { computed, ref } from 'vue';
import type { FindingView, WorkingView } from '../generated';
import SeverityMark from './SeverityMark.vue';
import { openWorking } from './working';

const props = defineProps<{ findings: FindingView[]; workings?: Record<string, WorkingView> }>();
const showFine = ref(false);
const open = computed(() => props.findings.filter((f) => f.severity !== 'fine'));
const fine = computed(() => props.findings.filter((f) => f.severity === 'fine'));
const shown = computed(() => (showFine.value || open.value.length < 4 ? props.findings : open.value));
</script>

<template>
    <h2>In the margin</h2>
    <p v-if="!findings.length" class="quiet">Nothing to say yet.</p>
    <article v-for="finding in shown" :key="finding.key" class="note" :class="finding.severity">
        <SeverityMark :severity="finding.severity" />
        <h3>
            <span class="word">{{ finding.word }}</span> {{ finding.what }}
        </h3>
        <p>
            {{ finding.why }} <template v-if="finding.remedy">{{ finding.remedy }}</template>
        </p>
        <small>
            <Link :href="`/rules/${finding.rule}`">{{ finding.rule }}</Link>
            <template v-if="finding.working && workings?.[finding.working]">
                ·
                <button type="button" class="linkish" @click="openWorking = workings[finding.working]">
                    show the working
                </button></template
            >
            · rests on: {{ finding.basis }}
        </small>
    </article>
    <button v-if="fine.length && !showFine && open.length >= 4" type="button" class="linkish" @click="showFine = true">
        {{ fine.length }} checked and good: show them
    </button>
</template>
