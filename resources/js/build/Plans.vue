<script setup lang="ts">
import { Head, Link, router } from '@inertiajs/vue3';
import { ref } from 'vue';
import type { PageView, PlanLineView } from '../generated';
import PageLinks from '../shared/PageLinks.vue';
import { when } from '../shared/units';

const props = defineProps<{ plans: PlanLineView[]; page: PageView; q: string }>();
const q = ref(props.q);
let timer: number | undefined;
function search() {
    window.clearTimeout(timer);
    timer = window.setTimeout(
        () => router.get('/plans', q.value ? { q: q.value } : {}, { preserveState: true, replace: true }),
        250,
    );
}
</script>

<template>
    <Head title="Plans" />
    <div class="page">
        <h1>Survey &amp; plan</h1>
        <nav class="tabs" aria-label="Survey and plan">
            <Link href="/places">Clients and places</Link
            ><Link href="/plans" class="on" aria-current="page">Plans</Link>
        </nav>
        <div class="filter">
            <input
                v-model="q"
                type="search"
                aria-label="Find a plan, place or client"
                placeholder="Find a plan, place or client"
                @input="search"
            />
        </div>
        <ul v-if="plans.length" class="list">
            <li v-for="plan in plans" :key="plan.id">
                <Link :href="`/plans/${plan.id}`"
                    ><b>{{ plan.name }}</b></Link
                >
                <span>{{ plan.where }}</span>
                <small>{{ plan.state }} · changed {{ when(plan.changedAt) }} · {{ plan.by }}</small>
            </li>
        </ul>
        <div v-else class="empty">
            <h2>No plan {{ q ? 'by that name' : 'yet' }}</h2>
            <p>
                Plans begin at a place: open one under <Link href="/places">Clients and places</Link> and press
                <kbd>n</kbd>.
            </p>
        </div>
        <PageLinks :page="page" />
    </div>
</template>
