<script setup lang="ts">
import { BButton } from 'bootstrap-vue-next';

/** Things to do in order, numbered on from where the list before it ended. */
const props = defineProps<{
    title: string;
    actions: { code: string; says: string; caution: string | null }[];
    done: string[];
    from?: number;
}>();
defineEmits<{ did: [code: string] }>();
const isDone = (code: string) => props.done.includes(code);
</script>

<template>
    <template v-if="actions.length">
        <h2>{{ title }}</h2>
        <ol class="three" :start="from ?? 1">
            <li v-for="a in actions" :key="a.code" :class="{ did: isDone(a.code) }">
                <p>{{ a.says }}</p>
                <p v-if="a.caution" class="caution">{{ a.caution }}</p>
                <BButton v-if="!isDone(a.code)" type="button" variant="outline-secondary" @click="$emit('did', a.code)"
                    >Done</BButton
                >
                <small v-else>done</small>
            </li>
        </ol>
    </template>
</template>
