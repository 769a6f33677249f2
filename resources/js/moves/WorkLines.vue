<script setup lang="ts">
import { Link } from '@inertiajs/vue3';
import type { WorkLineView } from '../generated';
import { moment } from '../shared/units';

/** Works, a line each: how far, and what comes next. */
defineProps<{ works: WorkLineView[]; withSystem?: boolean }>();
</script>

<template>
    <ul class="controllines">
        <li v-for="w in works" :key="w.id">
            <Link :href="`/works/${w.id}`" class="controlline">
                <b>{{ w.name }}</b>
                <span v-if="withSystem">{{ w.system }}</span>
                <span class="num">{{ w.done }} of {{ w.of }}</span>
                <span v-if="w.hasEnded" class="watchword">ended</span>
                <span v-else-if="w.isRefused" class="wrong">may not go on like this</span>
                <span v-if="w.next">next: {{ w.next }}</span>
                <span v-if="w.from">not before {{ moment(w.from) }}</span>
            </Link>
        </li>
    </ul>
</template>
