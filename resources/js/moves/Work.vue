<script setup lang="ts">
import { Head, Link, router, useForm } from '@inertiajs/vue3';
import { BButton, BFormInput } from 'bootstrap-vue-next';
import { ref } from 'vue';
import type { WorkStepView, WorkView } from '../generated';
import FieldError from '../shared/FieldError.vue';
import { date, moment } from '../shared/units';
import WorkExchange from './WorkExchange.vue';
import WorkRail from './WorkRail.vue';
import WorkStepForm from './WorkStepForm.vue';

/** A change of a running system: its list, visit by visit, until it is really complete. */
const props = defineProps<{ work: WorkView }>();
const opened = ref<string | null>(null);
const isShown = (s: WorkStepView) =>
    props.work.mayRecord &&
    ['open', 'refused'].includes(s.state) &&
    (s.key === props.work.next || s.key === opened.value);
const takeBack = (id: number) => router.post(`/work-marks/${id}/take-back`, {}, { preserveScroll: true });
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
        <ol class="worksteps">
            <li v-for="s in work.steps" :id="`step-${s.key}`" :key="s.key" :class="s.state">
                <p class="worksays">
                    <span class="workno">{{ s.visit }}</span> {{ s.words }}
                    <b v-if="s.counted" class="num">{{ s.counted }}</b>
                </p>
                <p v-if="s.caution && s.state !== 'done'" class="caution"><b>Mind.</b> {{ s.caution }}</p>
                <p v-if="s.state === 'waits' && s.from" class="quiet">Not before {{ moment(s.from) }}.</p>
                <p v-if="s.state === 'refused'" class="wrong">
                    It may not go on like this<template v-if="s.limit">: it wants {{ s.limit }}</template
                    >. Put it right and say it again, or end the work.
                </p>
                <details v-if="s.first.length && s.state !== 'done'" class="quiet">
                    <summary>First {{ s.first.length === 1 ? 'one thing' : `${s.first.length} things` }}</summary>
                    <ul>
                        <li v-for="f in s.first" :key="f">{{ f }}</li>
                    </ul>
                </details>
                <ul v-if="s.marks.length" class="workmarks">
                    <li v-for="m in s.marks" :key="m.id">
                        {{ moment(m.at) }}, {{ m.by }}<template v-if="m.said">: {{ m.said }}</template
                        ><template v-if="m.words"> · {{ m.words }}</template>
                        <a v-if="m.photoId" :href="`/attachments/${m.photoId}`"> photo</a>
                        <BButton v-if="m.mayTakeBack" variant="link" size="sm" @click="takeBack(m.id)"
                            >take back</BButton
                        >
                    </li>
                </ul>
                <template v-if="s.proof === 'register' && isShown(s)"><WorkExchange :work="work" /></template>
                <p v-else-if="s.proof === 'vessel' && s.state === 'open'">
                    <Link :href="`/systems/${work.systemId}`">Say so in the section of {{ work.system }}</Link
                    >: it counts the litres, and what hangs on them.
                </p>
                <p v-else-if="s.proof === 'ripples' && s.state === 'open'">
                    <Link :href="`/systems/${work.systemId}`">They stand in the margin of {{ work.system }}</Link
                    >.
                </p>
                <WorkStepForm v-else-if="isShown(s)" :work="work.id" :step="s" />
                <BButton
                    v-else-if="work.mayRecord && ['open', 'refused'].includes(s.state)"
                    variant="outline-secondary"
                    size="sm"
                    @click="opened = s.key"
                    >Say it</BButton
                >
            </li>
        </ol>
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
