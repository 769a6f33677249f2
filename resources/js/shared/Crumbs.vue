<script setup lang="ts">
import { Link } from '@inertiajs/vue3';
import type { CrumbView } from '../generated';

defineProps<{ crumbs: CrumbView[] }>();
</script>

<template>
    <nav class="crumbs" aria-label="Where am I">
        <template v-for="crumb in crumbs" :key="crumb.label">
            <Link v-if="crumb.href" :href="crumb.href">{{ crumb.label }}</Link><span v-else>{{ crumb.label }}</span
            ><i aria-hidden="true"> ▸ </i>
        </template>
    </nav>
</template>
