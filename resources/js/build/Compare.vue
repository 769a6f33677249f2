<script setup lang="ts">
import { Head } from '@inertiajs/vue3';
import type { ComparisonView } from '../generated';
import Crumbs from '../shared/Crumbs.vue';
import SeverityMark from '../shared/SeverityMark.vue';

defineProps<{ view: ComparisonView }>();
</script>

<template>
    <Head :title="`${view.planName}: versions ${view.a} and ${view.b}`" />
    <div class="page">
        <Crumbs :crumbs="view.crumbs" />
        <h1>Version {{ view.a }} beside version {{ view.b }}</h1>
        <p v-if="!view.facts.length && !view.tables.length && !view.figures.length" class="quiet">Nothing differs.</p>
        <template
            v-for="part in [
                { title: 'What was changed', rows: view.facts },
                { title: 'Rows of its tables', rows: view.tables },
                { title: 'What follows from it', rows: view.figures },
            ]"
            :key="part.title"
        >
            <table v-if="part.rows.length" class="plainer">
                <caption>
                    {{
                        part.title
                    }}
                </caption>
                <thead>
                    <tr>
                        <th scope="col">Only what differs</th>
                        <th scope="col" class="num">Version {{ view.a }}</th>
                        <th scope="col" class="num">Version {{ view.b }}</th>
                    </tr>
                </thead>
                <tbody>
                    <tr v-for="row in part.rows" :key="row.label">
                        <td>{{ row.label }}</td>
                        <td class="num">{{ row.before }}</td>
                        <td class="num">
                            <b>{{ row.after }}</b>
                        </td>
                    </tr>
                </tbody>
            </table>
        </template>
        <template
            v-for="part in [
                { title: `New in version ${view.b}`, list: view.new },
                { title: `No longer in version ${view.b}`, list: view.gone },
            ]"
            :key="part.title"
        >
            <template v-if="part.list.length">
                <h2>{{ part.title }}</h2>
                <article v-for="f in part.list" :key="f.key" class="note" :class="f.severity">
                    <SeverityMark :severity="f.severity" />
                    <h3>
                        <span class="word">{{ f.word }}</span> {{ f.what }}
                    </h3>
                    <p>{{ f.why }} {{ f.remedy }}</p>
                </article>
            </template>
        </template>
    </div>
</template>
