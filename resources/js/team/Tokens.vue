<script setup lang="ts">
import { Head, Link, router } from '@inertiajs/vue3';
import { ref } from 'vue';
import { refusal, send } from '../shared/send';
import { date, when } from '../shared/units';

const props = defineProps<{
    tokens: { id: number; name: string; abilities: string[]; lastUsed: string | null; expires: string | null }[];
    abilities: Record<string, string>;
}>();
const name = ref('');
const chosen = ref<string[]>([]);
const days = ref(365);
const token = ref('');
const wrong = ref('');
async function make() {
    wrong.value = token.value = '';
    try {
        const { status, body } = await send<{ token: string }>('/settings/tokens', {
            name: name.value,
            abilities: chosen.value,
            days: days.value,
        });
        if (status === 200 && body) {
            token.value = body.token;
            name.value = '';
            chosen.value = [];
            router.reload({ only: ['tokens'] });
        } else wrong.value = refusal(body);
    } catch {
        wrong.value = 'No signal. Try again.';
    }
}
const words = (list: string[]) => list.map((a) => props.abilities[a] ?? a).join(', ');
</script>

<template>
    <Head title="Tokens" />
    <div class="page">
        <h1>Tokens</h1>
        <p class="quiet">
            For your own programs: a token opens what you may see, and only what it is made for.
            <Link href="/settings/api">What can be asked</Link> · <Link href="/settings">Settings</Link>
        </p>
        <form class="form" @submit.prevent="make">
            <div>
                <label for="t1">What for</label
                ><input id="t1" v-model="name" type="text" maxlength="80" data-new required />
            </div>
            <div>
                <label for="t2">Good for</label
                ><select id="t2" v-model.number="days">
                    <option :value="30">a month</option>
                    <option :value="365">a year</option>
                    <option :value="730">two years</option>
                </select>
            </div>
            <div v-for="(label, key) in abilities" :key="key" class="check">
                <label><input v-model="chosen" type="checkbox" :value="key" /> {{ label }}</label>
            </div>
            <div><button class="btn-go">Make it</button></div>
        </form>
        <p v-if="wrong" class="wrong" role="alert">{{ wrong }}</p>
        <div v-if="token" class="standing" role="status">
            <b>Copy it now: it is shown once.</b>
            <pre>{{ token }}</pre>
        </div>
        <ul v-if="tokens.length" class="list">
            <li v-for="t in tokens" :key="t.id">
                <b>{{ t.name }}</b>
                <small
                    >{{ words(t.abilities) }} · {{ t.lastUsed ? `last used ${when(t.lastUsed)}` : 'never used'
                    }}{{ t.expires ? ` · ends ${date(t.expires)}` : '' }}</small
                >
                <button
                    type="button"
                    class="linkish"
                    @click="router.post(`/settings/tokens/${t.id}/revoke`, {}, { preserveScroll: true })"
                >
                    take it back
                </button>
            </li>
        </ul>
        <div v-else class="empty">
            <h2>No token yet</h2>
            <p>Name the program, tick what it may do, and copy the token into it.</p>
        </div>
    </div>
</template>
