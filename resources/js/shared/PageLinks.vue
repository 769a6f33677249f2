<script setup lang="ts">
import { Link } from '@inertiajs/vue3';
import type { PageView } from '../generated';

defineProps<{ page: PageView }>();
</script>

<template>
    <nav v-if="page.newer || page.older" class="pages" aria-label="Pages">
        <Link v-if="page.newer" :href="page.newer" preserve-scroll>← before</Link>
        <span>page {{ page.number }}</span>
        <Link v-if="page.older" :href="page.older" preserve-scroll>more →</Link>
    </nav>
</template>
