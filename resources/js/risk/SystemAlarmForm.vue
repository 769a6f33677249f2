<script setup lang="ts">
import { useForm } from '@inertiajs/vue3';
import { BButton, BFormCheckbox, BFormCheckboxGroup, BFormInput, BFormSelect } from 'bootstrap-vue-next';
import { computed } from 'vue';
import LeakPlace from '../control/LeakPlace.vue';
import type { AlarmView } from '../generated';
import FieldError from '../shared/FieldError.vue';
import FormField from '../shared/FormField.vue';
import { useUnits } from '../shared/units';

/** An alarm of a system: what it measures, at which limits it calls, and whom, in order. */
const props = defineProps<{
    systemId: number;
    alarm: AlarmView | null;
    watches: Record<string, string>;
    colleagues: Record<string, string>;
    quantities: Record<string, string>;
    withLimits: string[];
}>();
const emit = defineEmits<{ done: [] }>();
const MOST_CALLS = 4;
const units = useUnits();
const a = props.alarm;
const typed = (value: number | null | undefined) =>
    value === null || value === undefined
        ? ''
        : a?.quantity === 'temperature'
          ? units.typed(value, 'degC')
          : String(value);
const form = useForm({
    name: a?.name ?? 'Temperature call',
    watches: a ? [...a.watches] : ['heater-on', 'heater-off', 'too-cold'],
    quantity: a?.quantity ?? 'temperature',
    low_limit: typed(a?.lowLimit),
    high_limit: typed(a?.highLimit),
    delay_min: (a?.delayMin ?? 10) as number | string,
    on_its_own: a?.onItsOwn ?? false,
    is_lowest: a?.isLowest ?? (null as boolean | null),
    calls: (a?.callIds.length ? [...a.callIds] : [null]) as (number | null)[],
});
const isWarmth = computed(() => form.quantity === 'temperature');
const unit = computed(() => (isWarmth.value ? units.label('degC') : 'mg/L'));
const options = (of: Record<string, string>) => Object.entries(of).map(([value, text]) => ({ value, text }));
const people = computed(() => [
    { value: null, text: 'nobody' },
    ...Object.entries(props.colleagues).map(([id, text]) => ({ value: Number(id), text })),
]);
function read(text: string): number | null {
    if (text.trim() === '') return null;
    return isWarmth.value ? units.parse(text, 'degC') : Number(text.replace(',', '.'));
}
function keep() {
    const ready = form.transform((said) => ({
        ...said,
        low_limit: read(said.low_limit),
        high_limit: read(said.high_limit),
        delay_min: Number(said.delay_min),
        calls: said.calls.filter((call) => call !== null),
    }));
    const how = { preserveScroll: true, onSuccess: () => emit('done') };
    if (props.alarm) ready.put(`/alarms/${props.alarm.id}`, how);
    else ready.post(`/systems/${props.systemId}/alarms`, how);
}
</script>

<template>
    <form class="sheetform" @submit.prevent="keep">
        <FormField id="a1" v-slot="part" label="Name" :error="form.errors.name">
            <BFormInput v-bind="part" v-model="form.name" maxlength="120" />
        </FormField>
        <FormField id="a2" v-slot="part" label="Waits, minutes" :error="form.errors.delay_min">
            <BFormInput v-bind="part" v-model="form.delay_min" type="number" min="0" max="1440" />
        </FormField>
        <FormField id="a3" v-slot="part" label="It measures" :error="form.errors.quantity">
            <BFormSelect v-bind="part" v-model="form.quantity" :options="options(quantities)" />
        </FormField>
        <template v-if="withLimits.includes(form.quantity)">
            <FormField id="a4" v-slot="part" :label="`Calls under, ${unit}`" :error="form.errors.low_limit">
                <BFormInput v-bind="part" v-model="form.low_limit" inputmode="decimal" placeholder="not entered" />
            </FormField>
            <FormField id="a5" v-slot="part" :label="`Calls over, ${unit}`" :error="form.errors.high_limit">
                <BFormInput v-bind="part" v-model="form.high_limit" inputmode="decimal" placeholder="not entered" />
            </FormField>
        </template>
        <LeakPlace v-if="form.quantity === 'leak'" id="a6" v-model="form.is_lowest" :error="form.errors.is_lowest" />
        <fieldset class="wide">
            <legend>It is for</legend>
            <BFormCheckboxGroup v-model="form.watches" :options="options(watches)" name="watches" />
            <FieldError :words="form.errors.watches" />
        </fieldset>
        <p class="wide">
            <BFormCheckbox v-model="form.on_its_own">lives through a power cut</BFormCheckbox>
        </p>
        <FormField
            v-for="(_, n) in form.calls"
            :id="`c${n}`"
            :key="n"
            v-slot="part"
            :label="n === 0 ? 'Calls' : 'then'"
            :error="n === 0 ? form.errors.calls : undefined"
        >
            <BFormSelect v-bind="part" v-model="form.calls[n]" :options="people" />
        </FormField>
        <p class="wide">
            <BButton v-if="form.calls.length < MOST_CALLS" variant="link" @click="form.calls.push(null)"
                >and then somebody else</BButton
            >
        </p>
        <p class="wide">
            <BButton type="submit" variant="primary" :disabled="form.processing">Keep</BButton>
            <BButton variant="link" @click="emit('done')">leave it</BButton>
        </p>
    </form>
</template>
