<script setup lang="ts">
import { Head, Link, router, useForm } from '@inertiajs/vue3';
import type { OwnParameterView } from '../generated';
import FieldError from '../shared/FieldError.vue';

defineProps<{ parameters: OwnParameterView[] }>();
const form = useForm<{
    name: string;
    unit: string;
    least: number | null;
    most: number | null;
    resolution: number | null;
}>({ name: '', unit: '', least: 0, most: null, resolution: null });
</script>

<template>
    <Head title="Parameters" />
    <div class="page">
        <h1>Our own parameters</h1>
        <p class="quiet">
            Beside the trade’s: whatever the laboratory reports or a client wants followed.
            <Link href="/settings">Settings</Link>
        </p>
        <table v-if="parameters.length" class="plainer">
            <caption class="visually-hidden">
                Our own parameters
            </caption>
            <thead>
                <tr>
                    <th scope="col">Name</th>
                    <th scope="col">Unit</th>
                    <th scope="col" class="num">Believed from</th>
                    <th scope="col" class="num">to</th>
                    <th scope="col" class="num">Kit tells apart</th>
                    <th scope="col"><span class="visually-hidden">Do</span></th>
                </tr>
            </thead>
            <tbody>
                <tr v-for="p in parameters" :key="p.id">
                    <td>
                        <b>{{ p.name }}</b>
                    </td>
                    <td>{{ p.unit }}</td>
                    <td class="num">{{ p.least }}</td>
                    <td class="num">{{ p.most }}</td>
                    <td class="num">{{ p.resolution }}</td>
                    <td>
                        <button
                            type="button"
                            class="linkish"
                            @click="router.post(`/settings/parameters/${p.id}/archive`, {}, { preserveScroll: true })"
                        >
                            archive
                        </button>
                    </td>
                </tr>
            </tbody>
        </table>
        <div v-else class="empty">
            <h2>None yet</h2>
            <p>Name one below. It then stands among a system’s readings, and its band under Regime.</p>
        </div>
        <h2>Another one</h2>
        <form
            class="form"
            @submit.prevent="form.post('/settings/parameters', { preserveScroll: true, onSuccess: () => form.reset() })"
        >
            <div>
                <label for="o1">Name</label
                ><input id="o1" v-model="form.name" type="text" maxlength="60" data-new required /><FieldError
                    :words="form.errors.name"
                />
            </div>
            <div>
                <label for="o2">Unit</label
                ><input id="o2" v-model="form.unit" type="text" maxlength="20" placeholder="µg/L" />
            </div>
            <div>
                <label for="o3">Believed from</label
                ><input id="o3" v-model.number="form.least" type="number" step="any" required /><FieldError
                    :words="form.errors.least"
                />
            </div>
            <div>
                <label for="o4">to</label
                ><input id="o4" v-model.number="form.most" type="number" step="any" required /><FieldError
                    :words="form.errors.most"
                />
            </div>
            <div>
                <label for="o5">The kit tells apart</label
                ><input id="o5" v-model.number="form.resolution" type="number" step="any" required /><FieldError
                    :words="form.errors.resolution"
                />
            </div>
            <div><button class="btn-go" :disabled="form.processing">Add it</button></div>
        </form>
    </div>
</template>
