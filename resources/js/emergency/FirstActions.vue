<script setup lang="ts">
import { BButton } from 'bootstrap-vue-next';
import { computed } from 'vue';

type Action = { code: string; says: string; caution: string | null };
/** The first three things, in order; and what comes after them. */
const props = defineProps<{ first: Action[]; then: Action[]; done: string[] }>();
defineEmits<{ did: [code: string] }>();
const isDone = (code: string) => props.done.includes(code);
const parts = computed(() => [
    { title: 'Do these three, in this order', actions: props.first, from: 1 },
    { title: 'Then', actions: props.then, from: props.first.length + 1 },
]);
</script>

<template>
    <template v-for="part in parts" :key="part.title">
        <template v-if="part.actions.length">
            <h2>{{ part.title }}</h2>
            <ol class="three" :start="part.from">
                <li v-for="a in part.actions" :key="a.code" :class="{ did: isDone(a.code) }">
                    <p>{{ a.says }}</p>
                    <p v-if="a.caution" class="caution">{{ a.caution }}</p>
                    <BButton
                        v-if="!isDone(a.code)"
                        type="button"
                        variant="outline-secondary"
                        @click="$emit('did', a.code)"
                        >Done</BButton
                    >
                    <small v-else>done</small>
                </li>
            </ol>
        </template>
    </template>
</template>
