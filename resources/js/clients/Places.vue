<script setup lang="ts">
import { Head, Link, router, useForm } from '@inertiajs/vue3';
import { ref } from 'vue';
import type { PageView, PlaceView } from '../generated';
import FieldError from '../shared/FieldError.vue';
import PageLinks from '../shared/PageLinks.vue';
import { useShell } from '../shared/page';

const props = defineProps<{ places: PlaceView[]; page: PageView; q: string }>();
const { shell } = useShell();
const q = ref(props.q);
const adding = ref(false);
const form = useForm({ name: '' });
let timer: number | undefined;
function search() {
    window.clearTimeout(timer);
    timer = window.setTimeout(
        () =>
            router.get('/places', q.value ? { q: q.value } : {}, {
                preserveState: true,
                replace: true,
                preserveScroll: true,
            }),
        250,
    );
}
</script>

<template>
    <Head title="Survey & plan" />
    <div class="page">
        <div class="head">
            <h1>Survey &amp; plan</h1>
            <button v-if="shell.plans" type="button" class="btn-go push" data-new @click="adding = !adding">
                New client
            </button>
        </div>
        <nav class="tabs" aria-label="Survey and plan">
            <Link href="/places" class="on" aria-current="page">Clients and places</Link
            ><Link href="/plans">Plans</Link>
        </nav>
        <form v-if="adding" class="form typing" @submit.prevent="form.post('/clients')">
            <div>
                <label for="cn">Name of the client</label
                ><input id="cn" v-model="form.name" type="text" maxlength="120" required /><FieldError
                    :words="form.errors.name"
                />
            </div>
            <div><button class="btn-go" :disabled="form.processing">Open the file</button></div>
        </form>
        <div class="filter">
            <input
                v-model="q"
                type="search"
                aria-label="Find a client, place or town"
                placeholder="Find a client, place or town"
                @input="search"
            />
        </div>
        <ul v-if="places.length" class="list">
            <li v-for="client in places" :key="client.id">
                <Link :href="`/clients/${client.id}`"
                    ><b>{{ client.name }}</b></Link
                >
                <span v-for="site in client.sites" :key="site.id"
                    ><Link :href="`/sites/${site.id}`">{{ site.name }}</Link>
                    <small>{{
                        [
                            site.town,
                            `${site.systems} ${site.systems === 1 ? 'system' : 'systems'}`,
                            site.plans ? `${site.plans} ${site.plans === 1 ? 'plan' : 'plans'}` : '',
                        ]
                            .filter(Boolean)
                            .join(' · ')
                    }}</small></span
                >
                <small v-if="!client.sites.length">no place yet</small>
            </li>
        </ul>
        <div v-else class="empty">
            <h2>{{ q ? 'Nobody by that name' : 'No clients yet' }}</h2>
            <p>
                {{
                    q
                        ? 'Try a part of the name, or the town.'
                        : 'Open a file for the first client; then the place, its rooms, and the plan.'
                }}
            </p>
        </div>
        <PageLinks :page="page" />
    </div>
</template>
