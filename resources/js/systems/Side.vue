<script setup lang="ts">
import { Head, Link } from '@inertiajs/vue3';
import type { ParameterView, SystemLineView } from '../generated';
import Crumbs from '../shared/Crumbs.vue';

defineProps<{
    site: { id: number; name: string };
    lines: SystemLineView[];
    rows: { label: string; cells: ParameterView[] }[];
}>();
</script>

<template>
    <Head :title="`${site.name}: side by side`" />
    <div class="page">
        <Crumbs :crumbs="[{ label: site.name, href: `/sites/${site.id}` }]" />
        <h1>Side by side</h1>
        <div v-if="lines.length" class="tablebox" tabindex="0" role="region" aria-label="Systems side by side">
            <table class="plainer side">
                <caption class="visually-hidden">
                    Latest readings of each system
                </caption>
                <thead>
                    <tr>
                        <td></td>
                        <th v-for="l in lines" :key="l.id" scope="col" class="sys">
                            <Link :href="`/systems/${l.id}`">{{ l.name }}</Link><small class="quiet d-block">{{
                                [l.kind, l.volume].filter(Boolean).join(', ')
                            }}</small>
                        </th>
                    </tr>
                </thead>
                <tbody>
                    <tr v-for="row in rows" :key="row.label">
                        <th scope="row">{{ row.label }}</th>
                        <td v-for="(cell, i) in row.cells" :key="i">
                            <b :class="{ wrong: cell.leaves === 'outside now' }">{{ cell.latest ?? '–' }}</b><small>{{
                                cell.latest ? [cell.way, cell.leaves].filter(Boolean).join(', ') : ''
                            }}</small>
                        </td>
                    </tr>
                </tbody>
            </table>
        </div>
        <div v-else class="empty">
            <h2>Nothing to compare</h2>
            <p>This place has no running system.</p>
        </div>
    </div>
</template>
