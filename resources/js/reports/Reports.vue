<script setup lang="ts">
import { Head, Link } from '@inertiajs/vue3';
import type { PageView, ReportLineView } from '../generated';
import RoundsTabs from '../rounds/RoundsTabs.vue';
import { useShell } from '../shared/page';
import PageLinks from '../shared/PageLinks.vue';
import SeverityMark from '../shared/SeverityMark.vue';
import { date } from '../shared/units';

defineProps<{ reports: ReportLineView[]; page: PageView }>();
const { shell } = useShell();
</script>

<template>
    <Head title="Reports" />
    <div class="page">
        <div class="head">
            <h1>{{ shell.role === 'client' ? 'Reports' : 'Rounds' }}</h1>
        </div>
        <RoundsTabs on="reports" />
        <table v-if="reports.length" class="fleet">
            <caption class="visually-hidden">
                Reports, drafts first
            </caption>
            <tbody>
                <tr v-for="r in reports" :key="r.id">
                    <td>
                        <Link :href="`/reports/${r.id}`">{{ r.place }}</Link><small>{{ r.client }}</small>
                    </td>
                    <td>
                        visit of {{ date(r.visitedOn) }}<small>{{ r.by }}</small>
                    </td>
                    <td>
                        <SeverityMark :severity="r.sentOn ? 'fine' : 'watch'" />{{
                            r.sentOn ? `sent ${date(r.sentOn)}` : 'draft: read it, send it'
                        }}
                    </td>
                </tr>
            </tbody>
        </table>
        <div v-else class="empty">
            <h2>No report yet</h2>
            <p>
                {{
                    shell.role === 'client'
                        ? 'The first one comes after our next visit.'
                        : 'Closing a visit drafts one.'
                }}
            </p>
        </div>
        <PageLinks :page="page" />
    </div>
</template>
