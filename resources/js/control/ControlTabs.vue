<script setup lang="ts">
import { Link } from '@inertiajs/vue3';

defineProps<{ id: number; tab: string }>();
const TABS = [
    ['', 'Wiring'],
    ['break', 'Break it'],
    ['labels', 'Labels'],
];
</script>

<template>
    <nav class="tabs" aria-label="The controller">
        <Link
            v-for="[key, label] in TABS"
            :key="key"
            :href="`/control/${id}${key ? `/${key}` : ''}`"
            :class="{ on: key === tab }"
            :aria-current="key === tab ? 'page' : undefined"
            >{{ label }}</Link
        >
        <a :href="`/control/${id}/by-hand.pdf`">By hand, PDF</a>
    </nav>
</template>
