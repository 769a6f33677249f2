<script setup lang="ts">
import { Head, router } from '@inertiajs/vue3';
import { ref } from 'vue';
import { refusal, send } from '../shared/send';
import { date } from '../shared/units';
import RoundsTabs from './RoundsTabs.vue';

const props = defineProps<{
    feeds: { id: number; what: string; by: string; on: string }[];
    crews: Record<string, string>;
    clients: Record<string, string>;
}>();
const subject = ref('');
const address = ref('');
const wrong = ref('');
async function make() {
    const [kind, id] = subject.value.split(':');
    wrong.value = address.value = '';
    try {
        const { status, body } = await send<{ address: string }>('/rounds/feeds', { kind, subject_id: Number(id) });
        if (status === 200 && body) {
            address.value = body.address;
            router.reload({ only: ['feeds'] });
        } else wrong.value = refusal(body);
    } catch {
        wrong.value = 'No signal. Try again.';
    }
}
const many = Object.keys(props.crews).length + Object.keys(props.clients).length;
</script>

<template>
    <Head title="Calendars" />
    <div class="page">
        <div class="head">
            <h1>Calendars</h1>
            <p class="sub">
                An address your calendar reads by itself: visits with day, hour and place. It says where, never how to
                get in.
            </p>
        </div>
        <RoundsTabs on="feeds" />
        <form v-if="many" class="filter" @submit.prevent="make">
            <select v-model="subject" aria-label="Whose visits" required data-new>
                <option value="" disabled>whose visits</option>
                <option v-for="(name, id) in crews" :key="`c${id}`" :value="`crew:${id}`">{{ name }}</option>
                <option v-for="(name, id) in clients" :key="`k${id}`" :value="`client:${id}`">{{ name }}</option>
            </select>
            <button class="btn-go">Make an address</button>
        </form>
        <p v-if="wrong" class="wrong" role="alert">{{ wrong }}</p>
        <div v-if="address" class="standing" role="status">
            <b>Copy it now: it is shown once.</b>
            <pre>{{ address }}</pre>
            Whoever has it can read these visits. Take it back below at any time.
        </div>
        <ul v-if="feeds.length" class="list">
            <li v-for="f in feeds" :key="f.id">
                <b>{{ f.what }}</b> <small>made by {{ f.by }}, {{ date(f.on) }}</small>
                <button
                    type="button"
                    class="linkish"
                    @click="router.post(`/rounds/feeds/${f.id}/revoke`, {}, { preserveScroll: true })"
                >
                    take it back
                </button>
            </li>
        </ul>
        <div v-else class="empty">
            <h2>No address yet</h2>
            <p>Choose whose visits, make the address, and give it to your calendar as a subscription.</p>
        </div>
    </div>
</template>
