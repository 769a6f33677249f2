<script setup lang="ts">
import { Link } from '@inertiajs/vue3';
import { useShell } from '../shared/page';

defineProps<{ on: string }>();
const { shell } = useShell();
const TABS: [string, string, string][] = [
    ['week', '/rounds', 'The week'],
    ['due', '/rounds/due', 'Due list'],
    ['reports', '/reports', 'Reports'],
    ['crews', '/rounds/crews', 'Crews'],
    ['trials', '/trials', 'Trials'],
    ['roster', '/rounds/roster', 'Roster'],
    ['feeds', '/rounds/feeds', 'Calendars'],
];
</script>

<template>
    <nav v-if="shell.role !== 'client'" class="tabs" aria-label="Rounds">
        <Link
            v-for="[key, href, label] in TABS"
            :key="key"
            :href="href"
            :class="{ on: key === on }"
            :aria-current="key === on ? 'page' : undefined"
            >{{ label }}</Link
        >
    </nav>
</template>
