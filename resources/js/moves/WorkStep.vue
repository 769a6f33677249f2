<script setup lang="ts">
import { Link, router } from '@inertiajs/vue3';
import { BButton } from 'bootstrap-vue-next';
import { computed } from 'vue';
import type { WorkView } from '../generated';
import { moment } from '../shared/units';
import WorkExchange from './WorkExchange.vue';
import type { StepHere } from './workSaid';
import WorkStepForm from './WorkStepForm.vue';

/** One step of a work: what it says, what it minds, what was said of it, and what may be said now. */
const props = defineProps<{ work: WorkView; s: StepHere; isNext: boolean; isOpened: boolean }>();
defineEmits<{ open: [] }>();
const maySay = computed(() => props.work.mayRecord && ['open', 'refused'].includes(props.s.state));
const isShown = computed(() => maySay.value && (props.isNext || props.isOpened));
const takeBack = (id: number) => router.post(`/work-marks/${id}/take-back`, {}, { preserveScroll: true });
</script>

<template>
    <li :id="`step-${s.key}`" :class="s.state">
        <p class="worksays">
            <span class="workno">{{ s.visit }}</span> {{ s.words }}
            <b v-if="s.counted" class="num">{{ s.counted }}</b>
        </p>
        <p v-if="s.caution && s.state !== 'done'" class="caution"><b>Mind.</b> {{ s.caution }}</p>
        <p v-if="s.saidAt" class="quiet" role="status">Said here {{ moment(s.saidAt) }}, not sent yet.</p>
        <p v-if="s.state === 'waits' && s.from" class="quiet">Not before {{ moment(s.from) }}.</p>
        <p v-if="s.state === 'refused'" class="wrong">
            It may not go on like this<template v-if="s.limit">: it wants {{ s.limit }}</template
            >. Put it right and say it again, or end the work.
        </p>
        <p v-if="s.first.length === 1 && s.state !== 'done'" class="quiet">First: {{ s.first[0] }}</p>
        <details v-else-if="s.first.length && s.state !== 'done'" class="quiet">
            <summary>First {{ s.first.length }} things</summary>
            <ul>
                <li v-for="f in s.first" :key="f">{{ f }}</li>
            </ul>
        </details>
        <ul v-if="s.marks.length" class="workmarks">
            <li v-for="m in s.marks" :key="m.id">
                {{ moment(m.at) }}, {{ m.by }}<template v-if="m.said">: {{ m.said }}</template
                ><template v-if="m.words"> · {{ m.words }}</template>
                <a v-if="m.photoId" :href="`/attachments/${m.photoId}`"> photo</a>
                <BButton v-if="m.mayTakeBack" variant="link" size="sm" @click="takeBack(m.id)">take back</BButton>
            </li>
        </ul>
        <template v-if="s.proof === 'register' && isShown"><WorkExchange :work="work" /></template>
        <p v-else-if="s.proof === 'vessel' && s.state === 'open'">
            <Link :href="`/systems/${work.systemId}/register`">Say so in the register of {{ work.system }}</Link
            >: it counts the litres, and what hangs on them.
        </p>
        <p v-else-if="s.proof === 'ripples' && s.state === 'open'">
            <Link :href="`/systems/${work.systemId}`">They stand in the margin of {{ work.system }}</Link
            >.
        </p>
        <WorkStepForm v-else-if="isShown" :step="s" />
        <BButton v-else-if="maySay" variant="outline-secondary" size="sm" @click="$emit('open')">Say it</BButton>
    </li>
</template>
