<script setup lang="ts">
import { Link } from '@inertiajs/vue3';

/** The four questions asked of one system. */
defineProps<{ id: number; here: 'hours' | 'single' | 'measures' | 'ready'; site: number }>();
</script>

<template>
    <nav class="tabs sub" aria-label="Questions of risk">
        <Link :href="`/systems/${id}/risk`" :class="{ on: here === 'hours' }">What can happen</Link>
        <Link :href="`/systems/${id}/risk/single`" :class="{ on: here === 'single' }">One thing gone</Link>
        <Link :href="`/systems/${id}/risk/measures`" :class="{ on: here === 'measures' }">What to do first</Link>
        <Link :href="`/sites/${site}/ready`" :class="{ on: here === 'ready' }">Ready for it</Link>
    </nav>
</template>
