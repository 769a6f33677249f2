<script setup lang="ts">
import { Head, Link, useForm } from '@inertiajs/vue3';
import { BButton, BFormInput } from 'bootstrap-vue-next';
import { computed, ref } from 'vue';
import type { WorkView } from '../generated';
import FieldError from '../shared/FieldError.vue';
import { date, moment } from '../shared/units';
import WorkRail from './WorkRail.vue';
import WorkStep from './WorkStep.vue';

/** A change of a running system: its list, visit by visit, until it is really complete. */
const props = defineProps<{ work: WorkView }>();
const opened = ref<string | null>(null);
const RANK: Record<string, number> = { refused: 0, open: 0, waits: 1, later: 2 };
/** What may be said now stands first, then what waits for its hours, then what waits for something else. */
const ahead = computed(() =>
    props.work.steps.filter((s) => s.state !== 'done').sort((a, b) => RANK[a.state] - RANK[b.state]),
);
const done = computed(() => props.work.steps.filter((s) => s.state === 'done').reverse());
const ending = useForm({ because: '' });
const end = () => ending.post(`/works/${props.work.id}/end`);
</script>

<template>
    <Head :title="work.name" />
    <div class="page workpage">
        <div class="head">
            <h1>{{ work.name }}</h1>
            <p class="sub">
                {{ work.what }} · <Link :href="`/systems/${work.systemId}/works`">{{ work.system }}</Link> · begun
                {{ date(work.begunOn) }} · {{ work.done }} of {{ work.steps.length }} done
            </p>
        </div>
        <p v-if="work.endedAt" class="standing">
            Ended {{ moment(work.endedAt)
            }}<template v-if="work.endedBecause">: given up, {{ work.endedBecause }}</template
            >.
        </p>
        <WorkRail :steps="work.steps" :next="work.next" />
        <h2 v-if="ahead.length" class="visually-hidden">What is left</h2>
        <ol class="worksteps">
            <WorkStep
                v-for="s in ahead"
                :key="s.key"
                :work="work"
                :s="s"
                :is-opened="opened === s.key"
                @open="opened = s.key"
            />
        </ol>
        <details v-if="done.length" class="workdone" :open="!ahead.length">
            <summary>{{ done.length }} done</summary>
            <ol class="worksteps">
                <WorkStep v-for="s in done" :key="s.key" :work="work" :s="s" :is-opened="false" />
            </ol>
        </details>
        <form v-if="work.mayEnd" class="workform" @submit.prevent="end">
            <label v-if="!work.isComplete" for="we-b"
                ><span>Why it is given up as it stands</span
                ><BFormInput id="we-b" v-model="ending.because" maxlength="300" required
            /></label>
            <p class="workbuttons">
                <BButton
                    type="submit"
                    :variant="work.isComplete ? 'primary' : 'outline-secondary'"
                    :disabled="ending.processing"
                    >{{ work.isComplete ? 'All of it is done: end the work' : 'Give it up' }}</BButton
                >
            </p>
            <FieldError :words="ending.errors.because" />
        </form>
    </div>
</template>
