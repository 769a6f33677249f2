<script setup lang="ts">
import { Head, router, useForm } from '@inertiajs/vue3';
import { BButton, BFormInput } from 'bootstrap-vue-next';
import { onUnmounted, watch } from 'vue';
import type { ClientExportView } from '../generated';
import Crumbs from '../shared/Crumbs.vue';
import FieldError from '../shared/FieldError.vue';
import FormField from '../shared/FormField.vue';
import { useShell } from '../shared/page';
import { date, when } from '../shared/units';

const props = defineProps<{
    client: { id: number; name: string };
    isArchived: boolean;
    erasedAt: string | null;
    exports: ClientExportView[];
    kept: string[];
    keptDays: number;
}>();
const { errors } = useShell();
const erase = useForm({ name: '', reason: '' });

// While one is being made the page looks again by itself.
const LOOK_MS = 1500;
let timer = 0;
watch(
    () => props.exports,
    (list) => {
        window.clearTimeout(timer);
        if (list.some((e) => e.state === 'waiting'))
            timer = window.setTimeout(() => router.reload({ only: ['exports'] }), LOOK_MS);
    },
    { immediate: true },
);
onUnmounted(() => window.clearTimeout(timer));
</script>

<template>
    <Head :title="`Data of ${client.name}`" />
    <div class="page">
        <Crumbs
            :crumbs="[
                { label: 'Clients and places', href: '/places' },
                { label: client.name, href: `/clients/${client.id}` },
            ]"
        />
        <h1>Everything about {{ client.name }}</h1>
        <p v-if="erasedAt" class="standing">
            <b>Erased {{ date(erasedAt) }}.</b> What was built, measured and billed stays, under numbers.
        </p>

        <h2>As a file</h2>
        <p class="quiet">
            A ZIP of every record as JSON and CSV with its schema, and every photo and paper. Door codes and passwords
            stay here. A file is kept for {{ keptDays }} days.
        </p>
        <ul v-if="exports.length" class="list">
            <li v-for="e in exports" :key="e.id">
                <b>{{ when(e.at) }}</b> <small>{{ e.by }}</small>
                <a v-if="e.state === 'ready'" :href="`/clients/${client.id}/data/${e.id}`"
                    >client-{{ client.id }}.zip</a
                >
                <small v-if="e.state === 'ready'">{{ e.kb }} kB</small>
                <progress v-else-if="e.state === 'waiting'" :value="e.percent" max="100" aria-label="How far it is">
                    {{ e.percent }} %
                </progress>
                <span v-else-if="e.state === 'failed'" class="wrong">It could not be made. Try again.</span>
                <span v-else class="quiet">taken away after {{ keptDays }} days</span>
            </li>
        </ul>
        <FieldError :words="errors.export" />
        <BButton
            type="button"
            variant="primary"
            class="mt-3"
            @click="router.post(`/clients/${client.id}/data`, {}, { preserveScroll: true })"
            >Make the file</BButton
        >

        <template v-if="!erasedAt">
            <h2>Erase</h2>
            <p>
                Names, addresses, contacts, door codes, photos, papers and notes about this client are taken out for
                good, and their people can no longer sign in. Nobody can bring that back.
            </p>
            <p>This stays:</p>
            <ul>
                <li v-for="k in kept" :key="k">{{ k }}</li>
            </ul>
            <div v-if="!isArchived" class="standing">
                <p><b>Not yet.</b> Archive the client first: nothing runs on for somebody who is erased.</p>
                <FieldError :words="errors.archive" />
                <BButton
                    type="button"
                    variant="outline-secondary"
                    @click="router.post(`/clients/${client.id}/archive`, { then: 'data' }, { preserveScroll: true })"
                    >Archive {{ client.name }}</BButton
                >
            </div>
            <form v-else class="sheetform" @submit.prevent="erase.post(`/clients/${client.id}/erase`)">
                <FormField
                    id="e-name"
                    v-slot="field"
                    label="Type the client’s name"
                    :hint="client.name"
                    :error="erase.errors.name"
                >
                    <BFormInput v-bind="field" v-model="erase.name" autocomplete="off" required />
                </FormField>
                <FormField
                    id="e-why"
                    v-slot="field"
                    label="Why"
                    hint="Stands in the trail: as they asked, by letter of…"
                    :error="erase.errors.reason"
                >
                    <BFormInput v-bind="field" v-model="erase.reason" maxlength="300" required />
                </FormField>
                <div class="wide">
                    <BButton type="submit" variant="outline-secondary" :disabled="erase.processing"
                        >Erase for good</BButton
                    >
                </div>
            </form>
        </template>
    </div>
</template>
