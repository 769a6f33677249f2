<script setup lang="ts">
import { Head, Link } from '@inertiajs/vue3';
import type { AuditLineView, PageView } from '../generated';
import PageLinks from '../shared/PageLinks.vue';
import { when } from '../shared/units';

defineProps<{ lines: AuditLineView[]; page: PageView }>();
</script>

<template>
    <Head title="Audit trail" />
    <div class="page">
        <h1>Audit trail</h1>
        <p class="quiet">Who changed what, from what to what, and when. <Link href="/settings">Settings</Link></p>
        <ul v-if="lines.length" class="list">
            <li v-for="line in lines" :key="line.id">
                <small>{{ when(line.at) }}</small> <b>{{ line.who }}</b> <span>{{ line.what }}</span>
                <small v-for="change in line.changes" :key="change">{{ change }}</small>
            </li>
        </ul>
        <div v-else class="empty">
            <h2>Nothing changed yet</h2>
            <p>Every change of a record appears here.</p>
        </div>
        <PageLinks :page="page" />
    </div>
</template>
