<script setup lang="ts">
import { BButton, BFormInput } from 'bootstrap-vue-next';
import { computed, inject, ref } from 'vue';
import FieldError from '../shared/FieldError.vue';
import { useUnits } from '../shared/units';
import { SAY, type StepHere } from './workSaid';

/** What is said of one step: done, a number, so many, yes or no, with a photo where it wants one. */
const props = defineProps<{ step: StepHere }>();
const { label, parse } = useUnits();
const say = inject(SAY);
const value = ref<string | number>('');
const words = ref('');
const photo = ref<File | null>(null);
const wrong = ref('');
const keeping = ref(false);
const isNumber = computed(() => ['number', 'count'].includes(props.step.proof));
const isQuestion = computed(() => ['yes-no', 'verdict'].includes(props.step.proof));
const wantsPhoto = computed(() => ['photo', 'verdict'].includes(props.step.proof));
const unit = computed(() => (props.step.unit ? label(props.step.unit) : ''));
const id = computed(() => `say-${props.step.key}`);
async function send(answer: boolean | null = null) {
    const text = String(value.value);
    const number = text === '' ? null : props.step.unit ? parse(text, props.step.unit) : Number(text);
    wrong.value =
        isNumber.value && (number === null || Number.isNaN(number))
            ? 'A number, please.'
            : wantsPhoto.value && !photo.value
              ? 'Take a photo of it first.'
              : '';
    if (wrong.value || !say) return;
    keeping.value = true;
    await say(
        'mark',
        { step: props.step.key, value: number, answer, words: words.value.trim() },
        photo.value ?? undefined,
    );
    keeping.value = false;
    value.value = words.value = '';
    photo.value = null;
}
function take(event: Event) {
    photo.value = (event.target as HTMLInputElement).files?.[0] ?? null;
}
</script>

<template>
    <form class="workform" @submit.prevent="send()">
        <label v-if="isNumber" :for="`${id}-n`"
            ><span
                >{{ step.proof === 'count' ? 'How many now' : 'Read'
                }}<template v-if="unit">, {{ unit }}</template></span
            ><BFormInput :id="`${id}-n`" v-model="value" class="num" type="number" step="any" required />
        </label>
        <label :for="`${id}-w`"
            ><span>What was found, if anything</span><BFormInput :id="`${id}-w`" v-model="words" maxlength="300"
        /></label>
        <label :for="`${id}-p`"
            ><span>{{ wantsPhoto ? 'Photo of it' : 'Photo, if it helps' }}</span
            ><input
                :id="`${id}-p`"
                class="form-control"
                type="file"
                accept="image/*"
                capture="environment"
                @change="take"
        /></label>
        <p class="workbuttons">
            <template v-if="isQuestion">
                <BButton variant="primary" :disabled="keeping" @click="send(true)">Yes</BButton>
                <BButton variant="outline-secondary" :disabled="keeping" @click="send(false)">No</BButton>
            </template>
            <BButton v-else type="submit" variant="primary" :disabled="keeping">{{
                step.proof === 'count' ? 'Write down' : 'Done'
            }}</BButton>
            <span v-if="step.limit" class="quiet">Goes on with {{ step.limit }}.</span>
        </p>
        <FieldError :words="wrong" />
    </form>
</template>
