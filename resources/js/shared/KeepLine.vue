<script setup lang="ts">
import { computed } from 'vue';
import type { KeepState } from './selfKeeping';

/** How a form that keeps itself stands, in one line. */
const props = defineProps<{ state: KeepState; conflict?: string | null }>();
const emit = defineEmits<{ mine: []; theirs: [] }>();
const WORDS: Record<KeepState, string> = {
    kept: 'Everything here is kept.',
    typing: 'Keeping…',
    sending: 'Keeping…',
    waiting: 'No signal: it stands on this device and goes when there is one.',
    wrong: 'Not kept yet: something above cannot be read.',
    conflict: '',
    unkept: 'This device cannot keep it: its storage is full or blocked. It is being sent; stay on this page.',
};
const words = computed(() => WORDS[props.state]);
</script>

<template>
    <p v-if="state === 'conflict'" class="keepline wrong" role="alert">
        {{ conflict }} <button type="button" class="linkish" @click="emit('mine')">keep mine on top</button> ·
        <button type="button" class="linkish" @click="emit('theirs')">take theirs</button>
    </p>
    <p v-else class="keepline quiet" role="status">{{ words }}</p>
</template>
