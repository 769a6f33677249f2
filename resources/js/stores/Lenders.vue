<script setup lang="ts">
import { Link, useForm } from '@inertiajs/vue3';
import { computed, ref } from 'vue';
import type { SystemHeaderView } from '../generated';
import { inDays } from '../shared/days';
import FieldError from '../shared/FieldError.vue';
import SystemFrame from '../systems/SystemFrame.vue';

type Offer = {
    id: string;
    name: string;
    where: string;
    isShelf: boolean;
    minutes: number | null;
    against: string[];
    exposes: string | null;
    itemId: number | null;
    systemId: number | null;
};
/** A device is gone: from where another could come, drawn by the minutes of road. */
const props = defineProps<{
    header: SystemHeaderView;
    device: { id: number; name: string; job: string };
    neededW: number | null;
    offers?: Offer[];
    mayLend: boolean;
}>();
const WEEK = 7;
const fits = computed(() => props.offers?.filter((o) => !o.against.length) ?? []);
const others = computed(() => props.offers?.filter((o) => o.against.length) ?? []);
const most = computed(() => Math.max(30, ...fits.value.map((o) => o.minutes ?? 0)));
const lending = ref<string | null>(null);
const form = useForm<{ item_id: number; to_system_id: number; due_on: string; signed_by: string }>({
    item_id: 0,
    to_system_id: props.header.id,
    due_on: inDays(WEEK),
    signed_by: '',
});
function lend(offer: Offer) {
    form.transform((f) => ({ ...f, item_id: offer.itemId, signed_by: f.signed_by || null })).post(
        `/systems/${offer.systemId}/loans`,
        { preserveScroll: true, onSuccess: () => (lending.value = null) },
    );
}
const errors = computed(() => form.errors as Record<string, string | undefined>);
</script>

<template>
    <SystemFrame :header="header" tab="risk">
        <h2>In place of {{ device.name }}</h2>
        <p>
            <template v-if="neededW !== null"
                ><b>{{ Math.ceil(neededW) }} W</b> or more hold it above harm on the worst night, with what else still
                heats it.</template
            ><template v-else
                >How much it must give is not counted for a {{ device.job.toLowerCase() }}: look.</template
            >
            Unplug from a dry place before anything is changed.
        </p>
        <p v-if="!offers" class="quiet" role="status">Asking the nearest systems whether they do without theirs…</p>
        <div v-else-if="!fits.length" class="empty">
            <h2>Nothing that fits stands anywhere</h2>
            <p><Link href="/stores">Stores</Link> shows what to order, and from whom.</p>
        </div>
        <table v-else class="fleet stormlist lenders">
            <caption class="visually-hidden">
                Where one could come from: shelves first, then who does without, the nearest first
            </caption>
            <thead>
                <tr>
                    <th scope="col">From</th>
                    <th scope="col">Road, {{ Math.round(most) }} min</th>
                    <th scope="col">What it means</th>
                </tr>
            </thead>
            <tbody>
                <tr v-for="o in fits" :key="o.id">
                    <td>
                        <b>{{ o.name }}</b><small>{{ o.where }}</small>
                    </td>
                    <td class="until storm">
                        <span v-if="o.minutes !== null" :style="{ width: `${(100 * o.minutes) / most}%` }"></span>
                        <small>{{ o.minutes === null ? 'not on the map' : `${Math.round(o.minutes)} min` }}</small>
                    </td>
                    <td>
                        <template v-if="o.isShelf">It lies ready; nobody misses it.</template>
                        <template v-else>
                            {{
                                o.exposes === null
                                    ? 'It does without on its worst night. A debt until it is back.'
                                    : `Would be exposed: ${o.exposes}.`
                            }}
                            <button
                                v-if="mayLend && header.mayRecord && lending !== o.id"
                                type="button"
                                class="linkish"
                                @click="lending = o.id"
                            >
                                lend it
                            </button>
                            <form v-else-if="lending === o.id" class="form typing" @submit.prevent="lend(o)">
                                <div>
                                    <label :for="`d-${o.id}`">Back by</label
                                    ><input :id="`d-${o.id}`" v-model="form.due_on" type="date" required /><FieldError
                                        :words="errors.due_on ?? errors.item_id ?? errors.to_system_id"
                                    />
                                </div>
                                <div v-if="o.exposes !== null">
                                    <label :for="`s-${o.id}`">Who signs for its hours</label
                                    ><input
                                        :id="`s-${o.id}`"
                                        v-model="form.signed_by"
                                        type="text"
                                        maxlength="120"
                                        required
                                    /><FieldError :words="errors.signed_by" />
                                </div>
                                <div>
                                    <button class="btn-go" :disabled="form.processing">Lend it</button>
                                    <button type="button" class="plain" @click="lending = null">leave it</button>
                                </div>
                            </form>
                        </template>
                    </td>
                </tr>
            </tbody>
        </table>
        <p v-if="others.length" class="quiet">
            Looked at and left: {{ others.map((o) => `${o.name} (${o.where}): ${o.against.join(', ')}`).join('; ') }}.
        </p>
        <p class="quiet">
            Only the nearest systems that have more than one are asked.
            <Link :href="`/systems/${header.id}/risk/single`">One thing gone</Link>
        </p>
    </SystemFrame>
</template>
