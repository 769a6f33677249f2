<script setup lang="ts">
import { useForm } from '@inertiajs/vue3';
import { BButton, BFormInput } from 'bootstrap-vue-next';
import { computed } from 'vue';
import type { WorkStepView } from '../generated';
import FieldError from '../shared/FieldError.vue';
import { useUnits } from '../shared/units';

/** What is said of one step: done, a number, so many, yes or no, with a photo where it wants one. */
const props = defineProps<{ work: number; step: WorkStepView }>();
const { label, parse } = useUnits();
const form = useForm({
    uuid: crypto.randomUUID(),
    step: props.step.key,
    value: '' as string | number,
    answer: null as boolean | null,
    words: '',
    photo: null as File | null,
});
const isNumber = computed(() => ['number', 'count'].includes(props.step.proof));
const isQuestion = computed(() => ['yes-no', 'verdict'].includes(props.step.proof));
const wantsPhoto = computed(() => ['photo', 'verdict'].includes(props.step.proof));
const unit = computed(() => (props.step.unit ? label(props.step.unit) : ''));
const id = computed(() => `say-${props.step.key}`);
function send(answer: boolean | null = null) {
    form.answer = answer;
    form.transform((said) => ({
        ...said,
        value: said.value === '' ? '' : props.step.unit ? parse(String(said.value), props.step.unit) : said.value,
        answer: said.answer === null ? '' : said.answer ? '1' : '0',
    })).post(`/works/${props.work}/marks`, {
        preserveScroll: true,
        forceFormData: true,
        onSuccess: () => {
            form.reset();
            form.uuid = crypto.randomUUID();
        },
    });
}
function take(event: Event) {
    form.photo = (event.target as HTMLInputElement).files?.[0] ?? null;
}
</script>

<template>
    <form class="workform" @submit.prevent="send()">
        <label v-if="isNumber" :for="`${id}-n`"
            ><span
                >{{ step.proof === 'count' ? 'How many now' : 'Read'
                }}<template v-if="unit">, {{ unit }}</template></span
            ><BFormInput :id="`${id}-n`" v-model="form.value" class="num" type="number" step="any" required />
        </label>
        <label :for="`${id}-w`"
            ><span>What was found, if anything</span><BFormInput :id="`${id}-w`" v-model="form.words" maxlength="300"
        /></label>
        <label :for="`${id}-p`"
            ><span>{{ wantsPhoto ? 'Photo of it' : 'Photo, if it helps' }}</span
            ><input
                :id="`${id}-p`"
                class="form-control"
                type="file"
                accept="image/*"
                capture="environment"
                :required="wantsPhoto"
                @change="take"
        /></label>
        <p class="workbuttons">
            <template v-if="isQuestion">
                <BButton variant="primary" :disabled="form.processing" @click="send(true)">Yes</BButton>
                <BButton variant="outline-secondary" :disabled="form.processing" @click="send(false)">No</BButton>
            </template>
            <BButton v-else type="submit" variant="primary" :disabled="form.processing">{{
                step.proof === 'count' ? 'Write down' : 'Done'
            }}</BButton>
            <span v-if="step.limit" class="quiet">Goes on with {{ step.limit }}.</span>
        </p>
        <progress v-if="form.progress" :value="form.progress.percentage" max="100">
            {{ form.progress.percentage }} %
        </progress>
        <FieldError
            :words="
                form.errors.step ??
                form.errors.value ??
                form.errors.answer ??
                form.errors.photo ??
                form.errors.words ??
                form.errors.uuid
            "
        />
    </form>
</template>
