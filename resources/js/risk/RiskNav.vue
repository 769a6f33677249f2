<script setup lang="ts">
import { Link } from '@inertiajs/vue3';

/** The questions asked of a fleet. */
defineProps<{ here: 'hours' | 'year' | 'storm' | 'incidents' }>();
</script>

<template>
    <nav class="tabs sub" aria-label="Questions of the fleet">
        <Link href="/risk" :class="{ on: here === 'hours' }">Hours in hand</Link>
        <Link href="/risk/year" :class="{ on: here === 'year' }">A year</Link>
        <Link href="/risk/storm" :class="{ on: here === 'storm' }">Storm</Link>
        <Link href="/incidents" :class="{ on: here === 'incidents' }">Incidents</Link>
    </nav>
</template>
