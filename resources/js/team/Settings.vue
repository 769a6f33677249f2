<script setup lang="ts">
import { Head, Link, useForm } from '@inertiajs/vue3';
import { BButton, BFormInput, BFormSelect } from 'bootstrap-vue-next';
import type { PreferencesView } from '../generated';
import FormField from '../shared/FormField.vue';
import { useShell } from '../shared/page';

const props = defineProps<{ view: PreferencesView }>();
const { shell } = useShell();
type Choice = 'unit_system' | 'alkalinity_unit' | 'salinity_unit' | 'decimal_mark' | 'theme';
const form = useForm<Record<Choice, string>>({
    unit_system: props.view.unitSystem,
    alkalinity_unit: props.view.alkalinityUnit,
    salinity_unit: props.view.salinityUnit,
    decimal_mark: props.view.decimalMark,
    theme: props.view.theme,
});
const CHOICES: { key: Choice; label: string; options: (string | { value: string; text: string })[] }[] = [
    {
        key: 'unit_system',
        label: 'Units',
        options: [
            { value: 'metric', text: 'litres, mm, °C, kg' },
            { value: 'us', text: 'US gallons, inches, °F, lb' },
        ],
    },
    { key: 'alkalinity_unit', label: 'Alkalinity', options: ['dKH', 'meq/L', 'ppm CaCO₃'] },
    {
        key: 'salinity_unit',
        label: 'Salinity',
        options: [
            { value: 'g/kg', text: 'g/kg' },
            { value: 'SG', text: 'specific gravity 25/25' },
            { value: 'mS/cm', text: 'conductivity at 25 °C' },
        ],
    },
    {
        key: 'decimal_mark',
        label: 'Numbers',
        options: [
            { value: '.', text: '1 062.5' },
            { value: ',', text: '1 062,5' },
        ],
    },
    {
        key: 'theme',
        label: 'Light',
        options: [
            { value: 'paper', text: 'paper' },
            { value: 'night', text: 'night watch' },
        ],
    },
];
const secret = useForm({ current_password: '', password: '', password_confirmation: '' });
</script>

<template>
    <Head title="Settings" />
    <div class="page">
        <h1>Settings</h1>
        <p class="quiet">{{ view.name }}, {{ view.role.toLowerCase() }}, {{ view.email }}</p>
        <nav class="tabs" aria-label="Settings">
            <Link href="/settings" class="on" aria-current="page">Yours</Link>
            <Link href="/settings/access">How you get in</Link>
            <template v-if="view.isOwner"
                ><Link href="/settings/people">People</Link><Link href="/settings/audit">Audit trail</Link
                ><Link v-if="view.catchesMail" href="/settings/mail">Caught mail</Link></template
            >
            <template v-if="shell.plans"
                ><Link href="/settings/parameters">Own parameters</Link><Link href="/settings/products">Products</Link
                ><Link href="/settings/jobs">Job sheets</Link><Link href="/settings/prices">Price list</Link
                ><Link href="/settings/suppliers">Suppliers</Link><Link href="/settings/lamps">Lamps</Link
                ><Link href="/settings/house">House rules</Link></template
            >
            <Link href="/settings/tokens">Tokens</Link><Link href="/settings/api">The API</Link
            ><Link href="/rules">Rules</Link>
        </nav>
        <h2>How you read</h2>
        <form class="sheetform" @submit.prevent="form.put('/settings')">
            <FormField
                v-for="choice in CHOICES"
                :id="choice.key"
                :key="choice.key"
                v-slot="field"
                :label="choice.label"
                :error="form.errors[choice.key]"
            >
                <BFormSelect v-bind="field" v-model="form[choice.key]" :options="choice.options" />
            </FormField>
            <div class="wide">
                <BButton type="submit" variant="primary" :disabled="form.processing">Keep</BButton>
            </div>
        </form>
        <h2>Password</h2>
        <form class="sheetform" @submit.prevent="secret.put('/settings/password', { onSuccess: () => secret.reset() })">
            <FormField id="p0" v-slot="field" label="Now" :error="secret.errors.current_password">
                <BFormInput
                    v-bind="field"
                    v-model="secret.current_password"
                    type="password"
                    autocomplete="current-password"
                />
            </FormField>
            <FormField
                id="p1"
                v-slot="field"
                label="New"
                hint="Twelve characters or more."
                :error="secret.errors.password"
            >
                <BFormInput v-bind="field" v-model="secret.password" type="password" autocomplete="new-password" />
            </FormField>
            <FormField id="p2" v-slot="field" label="Once more">
                <BFormInput
                    v-bind="field"
                    v-model="secret.password_confirmation"
                    type="password"
                    autocomplete="new-password"
                />
            </FormField>
            <div class="wide">
                <BButton type="submit" variant="outline-secondary" :disabled="secret.processing">Change it</BButton>
            </div>
        </form>
    </div>
</template>
