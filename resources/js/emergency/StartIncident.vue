<script setup lang="ts">
import { router } from '@inertiajs/vue3';
import { onBeforeUnmount, ref } from 'vue';
import { newId } from '../shared/send';
import EmergencySheet from './EmergencySheet.vue';

/** One tap begins it, from that moment on; without signal it is tried until there is some. */
const props = withDefaults(defineProps<{ systemId: number; siteId?: number; says?: string }>(), {
    siteId: undefined,
    says: 'Something is wrong now',
});
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
const AGAIN_MS = 6_000;
const waits = ref('');
let again = 0;
function begin(tapped: { uuid: string; kind: string; at: string }) {
    router.post(`/systems/${props.systemId}/incidents`, tapped, {
        onStart: () => (sending.value = true),
        onFinish: () => (sending.value = false),
        onNetworkError: () => {
            waits.value = tapped.kind;
            again = window.setTimeout(() => begin(tapped), AGAIN_MS);
            return false;
        },
    });
}
const start = (kind: string) => begin({ uuid: newId(), kind, at: new Date().toISOString() });
onBeforeUnmount(() => window.clearTimeout(again));
</script>

<template>
    <button v-if="!open" type="button" class="outline danger" @click="open = true">{{ says }}</button>
    <div v-else class="kinds" role="group" aria-label="What is wrong">
        <button
            v-for="[kind, label] in KINDS"
            :key="kind"
            type="button"
            class="outline"
            :disabled="sending || waits !== ''"
            :aria-pressed="waits === kind"
            @click="start(kind)"
        >
            {{ label }}
        </button>
        <button v-if="!waits" type="button" class="plain" @click="open = false">nothing</button>
        <div v-else class="standing" role="status">
            <p>
                <b>No signal.</b> It has begun, and the office hears of it as soon as there is some. Meanwhile: people
                first, nobody wades to the sockets, then what the sheet of this place says.
            </p>
            <EmergencySheet v-if="siteId" :site-id="siteId" />
        </div>
    </div>
</template>
