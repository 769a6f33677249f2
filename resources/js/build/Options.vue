<script setup lang="ts">
import { Head, Link, router } from '@inertiajs/vue3';
import { ref } from 'vue';
import type { OptionsView } from '../generated';
import Crumbs from '../shared/Crumbs.vue';
import SeverityMark from '../shared/SeverityMark.vue';

const props = defineProps<{
    view: OptionsView;
    site: { id: number; name: string };
    all: Record<string, string>;
    chosen: number[];
}>();
const picked = ref<number[]>([...props.chosen]);
const show = () => router.get(`/sites/${props.site.id}/options`, { plans: picked.value }, { preserveState: true });
</script>

<template>
    <Head :title="`Options, ${site.name}`" />
    <div class="page">
        <Crumbs :crumbs="[{ label: site.name, href: `/sites/${site.id}` }]" />
        <div class="head">
            <h1>Options side by side</h1>
            <p class="sub">
                Only the lines in which they differ. Prices come from the price list; nothing here was typed.
            </p>
        </div>
        <form v-if="Object.keys(all).length > 2" class="filter" @submit.prevent="show">
            <label v-for="(name, id) in all" :key="id" class="check"
                ><input
                    v-model="picked"
                    type="checkbox"
                    :value="Number(id)"
                    :disabled="picked.length >= 4 && !picked.includes(Number(id))"
                />
                {{ name }}</label
            ><button class="outline" :disabled="!picked.length">Compare</button>
        </form>
        <div v-if="view.plans.length" class="tablebox" tabindex="0" role="region" aria-label="Options">
            <table class="plainer options">
                <caption class="visually-hidden">
                    Options, line by line
                </caption>
                <thead>
                    <tr>
                        <th scope="col"><span class="visually-hidden">Line</span></th>
                        <th v-for="p in view.plans" :key="p.id" scope="col">
                            <Link :href="`/plans/${p.id}`">{{ p.name }}</Link>
                        </th>
                    </tr>
                </thead>
                <tbody>
                    <tr>
                        <th scope="row">To pay</th>
                        <td v-for="p in view.plans" :key="p.id">
                            <b>{{ p.total }}</b><br /><small class="quiet">{{
                                [p.more, p.unpriced ? `${p.unpriced} without a price` : null].filter(Boolean).join(', ')
                            }}</small>
                        </td>
                    </tr>
                    <tr>
                        <th scope="row">A year of running</th>
                        <td v-for="p in view.plans" :key="p.id">
                            <b>{{ p.year }}</b><br /><small v-if="p.yearUnpriced" class="quiet"
                                >{{ p.yearUnpriced }} without a price</small
                            >
                        </td>
                    </tr>
                    <tr>
                        <th scope="row">Ready, at the earliest in</th>
                        <td v-for="p in view.plans" :key="p.id">
                            {{ p.readyIn ?? 'not known'
                            }}<small v-if="p.roDays" class="quiet"> (RO {{ p.roDays }})</small>
                        </td>
                    </tr>
                    <tr>
                        <th scope="row">Stands against it</th>
                        <td v-for="(list, i) in view.against" :key="view.plans[i].id">
                            <p v-for="f in list" :key="f.key" :class="f.severity">
                                <SeverityMark :severity="f.severity" /> <span class="word">{{ f.word }}</span>
                                {{ f.what }}
                            </p>
                            <span v-if="!list.length" class="quiet">nothing</span>
                        </td>
                    </tr>
                    <tr v-for="l in view.lines" :key="l.label">
                        <th scope="row">{{ l.label }}</th>
                        <td v-for="(c, i) in l.cells" :key="i">{{ c ?? 'not known' }}</td>
                    </tr>
                </tbody>
            </table>
        </div>
        <div v-else class="empty">
            <h2>No plan here yet</h2>
            <p>Begin one on the <Link :href="`/sites/${site.id}`">place’s page</Link>; copy it for a second option.</p>
        </div>
    </div>
</template>
