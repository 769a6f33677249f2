<script setup lang="ts">
import { Head, Link, router, useForm } from '@inertiajs/vue3';
import { BButton, BFormInput } from 'bootstrap-vue-next';
import { computed, onBeforeUnmount, onMounted, provide, ref } from 'vue';
import type { WorkView } from '../generated';
import { useOutbox } from '../rounds/outbox';
import { ofWork } from '../rounds/phoneStore';
import FieldError from '../shared/FieldError.vue';
import { useShell } from '../shared/page';
import { date, moment } from '../shared/units';
import WorkRail from './WorkRail.vue';
import WorkStep from './WorkStep.vue';
import { SAY, withSaid } from './workSaid';

/** A change of a running system: its list, visit by visit, until it is really complete. */
const props = defineProps<{ work: WorkView }>();
const opened = ref<string | null>(null);
const { shell } = useShell();
const outbox = useOutbox(ofWork(props.work.id), shell.value.userId ?? 0, () => {
    const before = [...outbox.taken.value];
    if (navigator.onLine) router.reload({ only: ['work'], onSuccess: () => outbox.readAnew(before) });
});
provide(SAY, outbox.keep);
const now = ref(Date.now());
let ticking = 0;
onMounted(() => (ticking = window.setInterval(() => (now.value = Date.now()), 20_000)));
onBeforeUnmount(() => window.clearInterval(ticking));
/** What was said this moment opens the next at once, not at the next tick. */
const steps = computed(() => withSaid(props.work.steps, outbox.beyond.value, Math.max(now.value, Date.now())));
/** Which comes next here: the office's, or the first that what was said here has opened. */
const next = computed(() => {
    const open = steps.value.filter((s) => ['open', 'refused'].includes(s.state));
    return (open.find((s) => s.key === props.work.next) ?? open[0])?.key ?? props.work.next;
});
const RANK: Record<string, number> = { refused: 0, open: 0, said: 1, waits: 2, later: 3 };
/** What may be said now stands first, then what waits for its hours, then what waits for something else. */
const ahead = computed(() =>
    steps.value.filter((s) => s.state !== 'done').sort((a, b) => RANK[a.state] - RANK[b.state]),
);
const done = computed(() => steps.value.filter((s) => s.state === 'done').reverse());
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
        <p v-if="!outbox.signal.value" class="standing">
            <b>No signal.</b> What you say and photograph stands on this phone and goes later, in turn.
        </p>
        <p v-if="outbox.waiting.value.length" class="quiet" role="status">
            {{ outbox.waiting.value.length }} not sent yet
        </p>
        <p v-if="outbox.signedOut.value" class="wrong" role="alert">
            You are signed out: <Link href="/sign-in">sign in</Link>, and what stands here goes.
        </p>
        <p v-if="outbox.blocked.value" class="wrong" role="alert">{{ outbox.blocked.value }} Stay on this page.</p>
        <p v-for="h in outbox.heard.value" :key="h.uuid" class="wrong" role="alert">
            {{ h.words }}
            <BButton variant="link" size="sm" @click="outbox.forget(h.uuid)">I have read it</BButton>
        </p>
        <WorkRail :steps="work.steps" :next="next" />
        <h2 v-if="ahead.length" class="visually-hidden">What is left</h2>
        <ol class="worksteps">
            <WorkStep
                v-for="s in ahead"
                :key="s.key"
                :work="work"
                :s="s"
                :is-next="s.key === next"
                :is-opened="opened === s.key"
                @open="opened = s.key"
            />
        </ol>
        <details v-if="done.length" class="workdone" :open="!ahead.length">
            <summary>{{ done.length }} done</summary>
            <ol class="worksteps">
                <WorkStep v-for="s in done" :key="s.key" :work="work" :s="s" :is-next="false" :is-opened="false" />
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
