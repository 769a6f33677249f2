<script setup lang="ts">
import { useForm } from '@inertiajs/vue3';
import { BButton, BFormCheckbox, BFormInput, BFormSelect } from 'bootstrap-vue-next';
import type { AnimalView } from '../generated';
import FormField from '../shared/FormField.vue';

/** An animal for the list, or a change to one. */
const props = defineProps<{
    systemId: number;
    animal: AnimalView | null;
    kinds: Record<string, string>;
    states: Record<string, string>;
}>();
const emit = defineEmits<{ done: [] }>();
const a = props.animal;
const form = useForm({
    name: a?.name ?? '',
    kind: a?.kind ?? 'fish',
    count: (a?.count ?? 1) as number | string,
    length_cm: (a?.lengthCm ?? null) as number | string | null,
    deep: a?.deep ?? false,
    state: a?.state ?? 'here',
    in_on: a?.inOn ?? null,
    source: a?.source ?? '',
    par_low: (a?.parLow ?? null) as number | string | null,
    par_high: (a?.parHigh ?? null) as number | string | null,
    note: a?.note ?? '',
    stays_put: a?.staysPut ?? '',
});
const number = (v: number | string | null) => (v === null || v === '' ? null : Number(v));
const options = (of: Record<string, string>) => Object.entries(of).map(([value, text]) => ({ value, text }));
function send() {
    const ready = form.transform((said) => ({
        ...said,
        count: Number(said.count),
        length_cm: number(said.length_cm),
        par_low: number(said.par_low),
        par_high: number(said.par_high),
        in_on: said.in_on || null,
        source: said.source || null,
        note: said.note || null,
        stays_put: said.stays_put || null,
    }));
    const how = { preserveScroll: true, onSuccess: () => emit('done') };
    if (props.animal === null) ready.post(`/systems/${props.systemId}/animals`, how);
    else ready.put(`/animals/${props.animal.id}`, how);
}
</script>

<template>
    <form class="sheetform" @submit.prevent="send">
        <FormField id="sf-name" v-slot="part" label="What it is" :error="form.errors.name">
            <BFormInput v-bind="part" v-model="form.name" maxlength="120" required />
        </FormField>
        <FormField id="sf-kind" v-slot="part" label="Kind" :error="form.errors.kind">
            <BFormSelect v-bind="part" v-model="form.kind" :options="options(kinds)" />
        </FormField>
        <FormField id="sf-count" v-slot="part" label="How many" :error="form.errors.count">
            <BFormInput v-bind="part" v-model="form.count" type="number" min="1" required />
        </FormField>
        <FormField id="sf-state" v-slot="part" label="State" :error="form.errors.state">
            <BFormSelect v-bind="part" v-model="form.state" :options="options(states)" />
        </FormField>
        <FormField
            v-if="form.kind === 'fish'"
            id="sf-length"
            v-slot="part"
            label="Length of one, cm"
            hint="Its weight, and so the hours in hand, rest on it."
            :error="form.errors.length_cm"
        >
            <BFormInput v-bind="part" v-model="form.length_cm" type="number" step="any" min="0.1" />
        </FormField>
        <p v-if="form.kind === 'fish'">
            <BFormCheckbox v-model="form.deep">High for its length</BFormCheckbox>
        </p>
        <template v-if="form.kind === 'coral'">
            <FormField id="sf-low" v-slot="part" label="Light it wants, from" :error="form.errors.par_low">
                <BFormInput v-bind="part" v-model="form.par_low" type="number" min="0" />
            </FormField>
            <FormField id="sf-high" v-slot="part" label="to, µmol/m²/s" :error="form.errors.par_high">
                <BFormInput v-bind="part" v-model="form.par_high" type="number" min="0" />
            </FormField>
        </template>
        <FormField id="sf-in" v-slot="part" label="In since" :error="form.errors.in_on">
            <BFormInput v-bind="part" v-model="form.in_on" type="date" />
        </FormField>
        <FormField id="sf-source" v-slot="part" label="From where" :error="form.errors.source">
            <BFormInput v-bind="part" v-model="form.source" maxlength="120" />
        </FormField>
        <FormField id="sf-note" v-slot="part" label="Note" :error="form.errors.note">
            <BFormInput v-bind="part" v-model="form.note" maxlength="300" />
        </FormField>
        <FormField
            id="sf-stays"
            v-slot="part"
            label="Why it is not to be moved"
            hint="Left empty it may be. Whoever lifts beside it is told."
            :error="form.errors.stays_put"
        >
            <BFormInput v-bind="part" v-model="form.stays_put" maxlength="200" />
        </FormField>
        <p class="wide">
            <BButton type="submit" variant="primary" :disabled="form.processing">Keep</BButton>
            <BButton variant="link" @click="emit('done')">leave it</BButton>
        </p>
    </form>
</template>
