<script setup lang="ts">
import { Head, Link } from '@inertiajs/vue3';
import RiskNav from '../risk/RiskNav.vue';
import { when } from '../shared/units';

type Line = {
    id: number;
    kind: string;
    system: string | null;
    where: string;
    state: string;
    beganAt: string;
    closedAt: string | null;
    by: string | null;
};
/** What is going on, and what was. */
defineProps<{ open: Line[]; closed: Line[] }>();
</script>

<template>
    <Head title="Incidents" />
    <div class="page">
        <div class="head">
            <h1>Incidents</h1>
            <p class="sub">Started by an alarm or a tap on a system’s page; led on the phone; closed with a review.</p>
        </div>
        <RiskNav here="incidents" />
        <h2>Open</h2>
        <ul v-if="open.length" class="list">
            <li v-for="i in open" :key="i.id">
                <b
                    ><Link :href="`/incidents/${i.id}`">{{ i.kind }}: {{ i.system }}</Link></b
                >
                {{ i.where }} <small>{{ i.state }} · began {{ when(i.beganAt) }} · {{ i.by }}</small>
            </li>
        </ul>
        <p v-else class="quiet">Nothing is going on.</p>
        <template v-if="closed.length">
            <h2>Closed</h2>
            <ul class="list">
                <li v-for="i in closed" :key="i.id">
                    <Link :href="`/incidents/${i.id}`">{{ i.kind }}: {{ i.system }}</Link> {{ i.where }}
                    <small>{{ i.state }} · {{ when(i.beganAt) }} to {{ i.closedAt ? when(i.closedAt) : '' }}</small>
                </li>
            </ul>
        </template>
    </div>
</template>
