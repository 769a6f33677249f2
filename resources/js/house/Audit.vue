<script setup lang="ts">
import { Head, Link } from '@inertiajs/vue3';
import type { AuditLineView, PageView } from '../generated';
import PageLinks from '../shared/PageLinks.vue';
import { when } from '../shared/units';

defineProps<{ lines: AuditLineView[]; page: PageView; what: string; sealedAt: string | null }>();
const KINDS = [
    { what: '', label: 'Everything' },
    { what: 'doors', label: 'Who came in' },
    { what: 'refused', label: 'Who was refused' },
    { what: 'left', label: 'What left the house' },
    { what: 'archived', label: 'What was archived' },
];
</script>

<template>
    <Head title="Audit trail" />
    <div class="page">
        <h1>Audit trail</h1>
        <p class="quiet">
            Who changed what, from what to what, and when.
            {{ sealedAt ? `Sealed ${when(sealedAt)}: a line changed since is found.` : 'Not sealed yet.' }}
            <Link href="/settings">Settings</Link>
        </p>
        <nav class="tabs" aria-label="Kinds of lines">
            <Link
                v-for="k in KINDS"
                :key="k.what"
                :href="k.what ? `/settings/audit?what=${k.what}` : '/settings/audit'"
                :class="{ on: k.what === what }"
                :aria-current="k.what === what ? 'page' : undefined"
                >{{ k.label }}</Link
            >
        </nav>
        <ul v-if="lines.length" class="list">
            <li v-for="line in lines" :key="line.id">
                <small>{{ when(line.at) }}</small> <b>{{ line.who }}</b> <span>{{ line.what }}</span>
                <small v-for="change in line.changes" :key="change">{{ change }}</small>
            </li>
        </ul>
        <div v-else class="empty">
            <h2>{{ what ? 'Nothing of this kind' : 'Nothing changed yet' }}</h2>
            <p>{{ what ? 'Look at everything, or come back later.' : 'Every change of a record appears here.' }}</p>
        </div>
        <PageLinks :page="page" />
    </div>
</template>
