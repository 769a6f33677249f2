<script setup lang="ts">
import { Link, useForm } from '@inertiajs/vue3';
import { BButton, BFormInput } from 'bootstrap-vue-next';
import { computed } from 'vue';
import type { MoveHeadView } from '../generated';
import FieldError from '../shared/FieldError.vue';

/** The holding as a system of its own: on record once it is filled, until the last animal is home. */
const props = defineProps<{ move: MoveHeadView; listed: number }>();
const at = computed(() => [
    { id: props.move.fromId, name: props.move.from },
    ...(props.move.toId === null ? [] : [{ id: props.move.toId, name: props.move.to }]),
]);
const filling = useForm<{ site_id: number; holding?: string }>({ site_id: props.move.fromId });
const fill = (id: number) => {
    filling.site_id = id;
    filling.post(`/moves/${props.move.id}/holding`, { preserveScroll: true });
};
const emptying = useForm({ count: props.listed, words: '' });
const empty = () =>
    emptying
        .transform((given) => ({ ...given, count: Number(given.count) }))
        .post(`/moves/${props.move.id}/holding/empty`, { preserveScroll: true });
</script>

<template>
    <div class="holdingrecord">
        <div v-if="!move.holding || move.holding.isEmpty">
            <p>
                <template v-if="move.holding"
                    ><Link :href="`/systems/${move.holding.id}`">{{ move.holding.name }}</Link> is empty: all are home.
                </template>
                <b>Once animals go in</b> it is a system of its own: isolated, its tests booked for a week.
            </p>
            <p class="filter">
                <BButton
                    v-for="site in at"
                    :key="site.id"
                    variant="outline-secondary"
                    :disabled="filling.processing"
                    @click="fill(site.id)"
                >
                    Put it on record at {{ site.name }}
                </BButton>
            </p>
            <FieldError :words="filling.errors.holding" />
        </div>
        <form v-else @submit.prevent="empty">
            <p>
                <Link :href="`/systems/${move.holding.id}`">{{ move.holding.name }}</Link> is in use: isolated, read
                each day until the last animal is home.
            </p>
            <div class="cells">
                <label class="numbercell" for="hr-n"
                    ><span>Animals home, counted</span>
                    <BFormInput id="hr-n" v-model="emptying.count" class="cell num" type="number" min="0" required
                /></label>
                <label class="numbercell wide" for="hr-w"
                    ><span>What became of any that are not</span>
                    <BFormInput id="hr-w" v-model="emptying.words" class="cell" maxlength="300"
                /></label>
            </div>
            <FieldError :words="emptying.errors.words ?? emptying.errors.count" />
            <BButton type="submit" variant="outline-secondary" :disabled="emptying.processing"
                >The last one is home</BButton
            >
        </form>
    </div>
</template>
