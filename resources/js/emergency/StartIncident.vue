<script setup lang="ts">
import { router } from '@inertiajs/vue3';
import { ref } from 'vue';
import { newId } from '../shared/send';

/** One tap begins it. */
const props = withDefaults(defineProps<{ systemId: number; says?: string }>(), { says: 'Something is wrong now' });
const KINDS: [string, string][] = [
    ['tingle', 'A tingle at the water'],
    ['fumes', 'Gas or fumes'],
    ['power-cut', 'Power cut'],
    ['flood', 'Water on the floor'],
    ['hot', 'Too hot'],
    ['cold', 'Too cold'],
    ['return-dead', 'Return dead'],
    ['drain-blocked', 'Drain blocked'],
    ['overdose', 'Overdose'],
    ['ammonia', 'Ammonia, a death'],
    ['leak', 'A seam leaks'],
    ['controller-dead', 'Controller dead'],
    ['nobody-home', 'Nobody home'],
    ['move-wrong', 'A move gone wrong'],
];
const open = ref(false);
const sending = ref(false);
const start = (kind: string) =>
    router.post(
        `/systems/${props.systemId}/incidents`,
        { uuid: newId(), kind },
        { onStart: () => (sending.value = true), onFinish: () => (sending.value = false) },
    );
</script>

<template>
    <button v-if="!open" type="button" class="outline danger" @click="open = true">{{ says }}</button>
    <div v-else class="kinds" role="group" aria-label="What is wrong">
        <button
            v-for="[kind, label] in KINDS"
            :key="kind"
            type="button"
            class="outline"
            :disabled="sending"
            @click="start(kind)"
        >
            {{ label }}
        </button>
        <button type="button" class="plain" @click="open = false">nothing</button>
    </div>
</template>
