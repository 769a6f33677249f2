<script setup lang="ts">
import { Head, Link, useForm } from '@inertiajs/vue3';
import { computed, ref } from 'vue';
import type { MoveLineView, WorkLineView } from '../generated';
import FormField from '../shared/FormField.vue';
import SeverityMark from '../shared/SeverityMark.vue';
import { date } from '../shared/units';
import WorkLines from './WorkLines.vue';

const props = defineProps<{
    moves: MoveLineView[];
    works: WorkLineView[];
    sites: { id: number; name: string }[];
    systems: { id: number; name: string; siteId: number }[];
    kinds: Record<string, string>;
}>();
const adding = ref(false);
const form = useForm({
    name: '',
    kind: 'house',
    from_site_id: props.sites[0]?.id ?? 0,
    to_site_id: null as number | null,
    system_id: null as number | null,
    on: null as string | null,
});
const here = computed(() => props.systems.filter((s) => s.siteId === form.from_site_id));
</script>

<template>
    <Head title="Moves" />
    <div class="page">
        <div class="head">
            <h1>Moves</h1>
            <button v-if="sites.length" type="button" class="btn-go push" data-new @click="adding = !adding">
                Plan a move
            </button>
            <p class="sub">
                House to house, in place, larger, away: what lasts how long, and what has to hold. A pump, a lamp, an
                overflow, a vessel: begin it from the system’s Works.
            </p>
        </div>
        <form v-if="adding" class="sheetform" @submit.prevent="form.post('/moves')">
            <FormField id="m-name" v-slot="part" label="What you call it" :error="form.errors.name">
                <input v-bind="part" v-model="form.name" class="cell" type="text" maxlength="120" required />
            </FormField>
            <FormField id="m-kind" v-slot="part" label="Kind" :error="form.errors.kind">
                <select v-bind="part" v-model="form.kind" class="cell">
                    <option v-for="(label, key) in kinds" :key="key" :value="key">{{ label }}</option>
                </select>
            </FormField>
            <FormField id="m-from" v-slot="part" label="From" :error="form.errors.from_site_id">
                <select v-bind="part" v-model.number="form.from_site_id" class="cell" @change="form.system_id = null">
                    <option v-for="s in sites" :key="s.id" :value="s.id">{{ s.name }}</option>
                </select>
            </FormField>
            <FormField
                id="m-system"
                v-slot="part"
                label="Which system"
                hint="Its tank, stand, lamps, litres and last readings are taken over."
                :error="form.errors.system_id"
            >
                <select v-bind="part" v-model.number="form.system_id" class="cell">
                    <option :value="null">none on record</option>
                    <option v-for="s in here" :key="s.id" :value="s.id">{{ s.name }}</option>
                </select>
            </FormField>
            <FormField id="m-to" v-slot="part" label="To" :error="form.errors.to_site_id">
                <select v-bind="part" v-model.number="form.to_site_id" class="cell">
                    <option :value="null">the same place, or not known yet</option>
                    <option v-for="s in sites" :key="s.id" :value="s.id">{{ s.name }}</option>
                </select>
            </FormField>
            <FormField
                id="m-on"
                v-slot="part"
                label="Day"
                hint="Leave it open until the holding is proved."
                :error="form.errors.on"
            >
                <input v-bind="part" v-model="form.on" class="cell" type="date" />
            </FormField>
            <p class="wide"><button class="btn-go" :disabled="form.processing">Begin the plan</button></p>
        </form>
        <ul v-if="moves.length" class="controllines">
            <li v-for="m in moves" :key="m.id">
                <Link :href="`/moves/${m.id}`" class="controlline">
                    <SeverityMark v-if="m.worst && m.worst !== 'fine'" :severity="m.worst" />
                    <b>{{ m.name }}</b>
                    <span>{{ m.kind }}</span>
                    <span
                        >{{ m.from }}<template v-if="m.to"> to {{ m.to }}</template></span
                    >
                    <span>{{ m.on ? date(m.on) : 'no date yet' }}</span>
                    <span v-if="m.done">done by {{ m.done }}</span>
                    <span class="watchword"><template v-if="m.isToday">today, </template>{{ m.stateLabel }}</span>
                    <span v-if="m.stops" class="wrong">{{ m.stops }} {{ m.stops === 1 ? 'Stop' : 'Stops' }}</span>
                </Link>
            </li>
        </ul>
        <template v-if="works.length">
            <h2>Changes of running systems</h2>
            <WorkLines :works="works" with-system />
        </template>
        <div v-if="!moves.length" class="empty">
            <h2>No move is planned</h2>
            <p>Plan one from a running system: what its record knows stands in the plan at once.</p>
        </div>
    </div>
</template>
