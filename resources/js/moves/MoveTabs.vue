<script setup lang="ts">
import { Head, Link, router } from '@inertiajs/vue3';
import { ref } from 'vue';
import type { MoveHeadView } from '../generated';
import { date } from '../shared/units';

/** Which move, when, from where to where, and its pages. */
const props = defineProps<{ move: MoveHeadView; here: 'course' | 'plan' | 'go' | 'papers' }>();
const changing = ref(false);
const on = ref(props.move.on ?? '');
const TABS = [
    { key: 'course', label: 'The day', href: '' },
    { key: 'plan', label: 'Plan', href: '/plan' },
    { key: 'papers', label: 'Take along', href: '/papers' },
    { key: 'go', label: 'On the phone', href: '/go' },
] as const;
function setDay() {
    router.put(
        `/moves/${props.move.id}/head`,
        { name: props.move.name, on: on.value || null, to_site_id: props.move.toId },
        { preserveScroll: true, onSuccess: () => (changing.value = false) },
    );
}
</script>

<template>
    <Head :title="move.name" />
    <div class="head">
        <h1>{{ move.name }}</h1>
        <p class="sub">
            {{ move.kindLabel }}, <Link :href="`/sites/${move.fromId}`">{{ move.from }}</Link><template v-if="move.to">
                to <Link :href="`/sites/${move.toId}`">{{ move.to }}</Link></template
            ><template v-if="move.systemId"
                >, <Link :href="`/systems/${move.systemId}`">{{ move.system }}</Link></template
            >
            · {{ move.on ? date(move.on) : 'no date promised yet' }}
            <button v-if="move.mayPlan && !changing" type="button" class="linkish" @click="changing = true">
                {{ move.on ? 'another day' : 'set the day' }}
            </button>
        </p>
        <form v-if="changing" class="dayform" @submit.prevent="setDay">
            <label for="move-on" class="visually-hidden">Day</label>
            <input id="move-on" v-model="on" class="cell" type="date" />
            <button class="outline">Keep</button>
        </form>
    </div>
    <ol class="movestates" aria-label="How far it is">
        <li
            v-for="s in move.states"
            :key="s.label"
            :class="{ reached: s.reached }"
            :aria-current="s.now ? 'step' : undefined"
        >
            {{ s.label }}
        </li>
        <li v-if="!move.states.some((s) => s.now)" aria-current="step" class="back">{{ move.stateLabel }}</li>
    </ol>
    <nav class="tabs" aria-label="This move">
        <Link
            v-for="t in TABS"
            :key="t.key"
            :href="`/moves/${move.id}${t.href}`"
            :class="{ on: t.key === here }"
            :aria-current="t.key === here ? 'page' : undefined"
            >{{ t.label }}</Link
        >
    </nav>
    <p v-if="move.closedAt" class="quiet">Closed: {{ move.closedWords }}</p>
</template>
