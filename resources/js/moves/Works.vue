<script setup lang="ts">
import { useForm } from '@inertiajs/vue3';
import { BButton, BFormInput, BFormSelect } from 'bootstrap-vue-next';
import { computed, ref, watch } from 'vue';
import type { FindingView, SystemHeaderView, WorkLineView } from '../generated';
import FormField from '../shared/FormField.vue';
import SystemFrame from '../systems/SystemFrame.vue';
import WorkLines from './WorkLines.vue';

/** What is changed of a running system: works under way, those that ended, and a new one. */
const props = defineProps<{
    header: SystemHeaderView;
    findings: FindingView[];
    works: WorkLineView[];
    kinds: { key: string; label: string; job: string | null; verbs: { key: string; label: string }[] }[];
    devices: { id: number; name: string; job: string }[];
    vessels: { id: number; name: string }[];
}>();
const adding = ref(false);
const form = useForm({
    kind: 'return',
    verb: 'replace',
    name: '',
    item_id: null as number | null,
    vessel_id: null as number | null,
    on: null as string | null,
    facts: {
        flowLh: null as number | null,
        gasketSeatMm: null as number | null,
        cureH: null as number | null,
        leakH: null as number | null,
        corals: null as number | null,
        hadCopper: null as boolean | null,
    },
});
const kind = computed(() => props.kinds.find((k) => k.key === form.kind));
const mine = computed(() => props.devices.filter((d) => d.job === kind.value?.job));
const asks = computed(() => ({
    item: kind.value?.job != null && form.verb !== 'add',
    vessel: form.kind === 'vessel' && form.verb === 'retire',
    flow: form.kind === 'return' && form.verb !== 'retire',
    holes: ['overflow', 'conversion'].includes(form.kind) && form.verb !== 'retire',
    leak: ['overflow', 'conversion', 'vessel', 'swap'].includes(form.kind),
    corals: form.kind === 'swap',
    copper: form.kind === 'conversion',
}));
watch(
    () => form.kind,
    () => {
        const verbs = kind.value?.verbs.map((v) => v.key) ?? [];
        if (!verbs.includes(form.verb)) form.verb = verbs[0] ?? 'replace';
        form.item_id = null;
        form.vessel_id = null;
    },
);
const number = (v: number | string | null) => (v === null || v === '' ? null : Number(v));
const begin = () =>
    form
        .transform((given) => ({
            ...given,
            on: given.on || null,
            facts: {
                flowLh: asks.value.flow ? number(given.facts.flowLh) : null,
                gasketSeatMm: asks.value.holes ? number(given.facts.gasketSeatMm) : null,
                cureH: asks.value.holes ? number(given.facts.cureH) : null,
                leakH: asks.value.leak ? number(given.facts.leakH) : null,
                corals: asks.value.corals ? number(given.facts.corals) : null,
                hadCopper: asks.value.copper ? given.facts.hadCopper : null,
            },
        }))
        .post(`/systems/${props.header.id}/works`);
const error = (key: string) => (form.errors as Record<string, string | undefined>)[key];
</script>

<template>
    <SystemFrame :header="header" tab="works" :findings="findings">
        <p v-if="header.mayUpdate" class="filter">
            <BButton variant="primary" data-new @click="adding = !adding">Change something</BButton>
        </p>
        <form v-if="adding" class="sheetform" @submit.prevent="begin">
            <FormField id="w-kind" v-slot="part" label="What is changed" :error="form.errors.kind">
                <BFormSelect
                    v-bind="part"
                    v-model="form.kind"
                    :options="kinds.map((k) => ({ value: k.key, text: k.label }))"
                />
            </FormField>
            <FormField id="w-verb" v-slot="part" label="How" :error="form.errors.verb">
                <BFormSelect
                    v-bind="part"
                    v-model="form.verb"
                    :options="(kind?.verbs ?? []).map((v) => ({ value: v.key, text: v.label }))"
                />
            </FormField>
            <FormField id="w-name" v-slot="part" label="What you call it" :error="form.errors.name">
                <BFormInput v-bind="part" v-model="form.name" maxlength="120" required />
            </FormField>
            <FormField
                v-if="asks.item"
                id="w-item"
                v-slot="part"
                label="Which one"
                :hint="mine.length ? undefined : 'None of this kind stands in the register: write it down there first.'"
                :error="form.errors.item_id"
            >
                <BFormSelect
                    v-bind="part"
                    v-model="form.item_id"
                    :options="[{ value: null, text: 'choose' }, ...mine.map((d) => ({ value: d.id, text: d.name }))]"
                />
            </FormField>
            <FormField
                v-if="asks.vessel"
                id="w-vessel"
                v-slot="part"
                label="Which vessel"
                :error="form.errors.vessel_id"
            >
                <BFormSelect
                    v-bind="part"
                    v-model="form.vessel_id"
                    :options="[{ value: null, text: 'choose' }, ...vessels.map((d) => ({ value: d.id, text: d.name }))]"
                />
            </FormField>
            <FormField
                id="w-on"
                v-slot="part"
                label="First visit"
                hint="Left open, it is due within a week."
                :error="form.errors.on"
            >
                <BFormInput v-bind="part" v-model="form.on" type="date" />
            </FormField>
            <FormField
                v-if="asks.flow"
                id="w-flow"
                v-slot="part"
                label="Flow it is to give, L/h"
                hint="Read at the end: 85 to 125 % of it."
                :error="error('facts.flowLh')"
            >
                <BFormInput v-bind="part" v-model="form.facts.flowLh" type="number" min="1" />
            </FormField>
            <FormField
                v-if="asks.holes"
                id="w-seat"
                v-slot="part"
                label="Gasket seat of the bulkheads, mm"
                hint="A chip ends before half of it. Left open: 8 mm."
                :error="error('facts.gasketSeatMm')"
            >
                <BFormInput v-bind="part" v-model="form.facts.gasketSeatMm" type="number" step="any" min="1" />
            </FormField>
            <FormField
                v-if="asks.holes"
                id="w-cure"
                v-slot="part"
                label="Glue cures, hours"
                hint="As its packet says. Left open: 72 h."
                :error="error('facts.cureH')"
            >
                <BFormInput v-bind="part" v-model="form.facts.cureH" type="number" step="any" min="1" />
            </FormField>
            <FormField
                v-if="asks.leak"
                id="w-leak"
                v-slot="part"
                label="Leak test, hours"
                hint="24 to 48 are usual. Left open: 24 h."
                :error="error('facts.leakH')"
            >
                <BFormInput v-bind="part" v-model="form.facts.leakH" type="number" step="any" min="24" />
            </FormField>
            <FormField
                v-if="asks.corals"
                id="w-corals"
                v-slot="part"
                label="Corals to glue again"
                hint="Counted off over as many visits as it takes."
                :error="error('facts.corals')"
            >
                <BFormInput v-bind="part" v-model="form.facts.corals" type="number" min="1" />
            </FormField>
            <FormField
                v-if="asks.copper"
                id="w-copper"
                v-slot="part"
                label="Was copper ever in it?"
                hint="Silicone keeps it. Unless you know it never was, it is read twice, a week apart."
                :error="error('facts.hadCopper')"
            >
                <BFormSelect
                    v-bind="part"
                    v-model="form.facts.hadCopper"
                    :options="[
                        { value: null, text: 'nobody knows' },
                        { value: true, text: 'yes' },
                        { value: false, text: 'no, never' },
                    ]"
                />
            </FormField>
            <p class="wide"><BButton type="submit" variant="primary" :disabled="form.processing">Begin it</BButton></p>
        </form>
        <WorkLines v-if="works.length" :works="works" />
        <div v-else class="empty">
            <h2>Nothing is being changed</h2>
            <p>
                A vessel, an overflow, a pump, a lamp, a controller, or the tank itself: begin it here, and its list
                keeps what comes before what.
            </p>
        </div>
    </SystemFrame>
</template>
