<script setup lang="ts">
defineProps<{ severity: string }>();
</script>

<template>
    <svg class="mk" viewBox="0 0 15 15" width="15" height="15" aria-hidden="true" :class="severity">
        <rect v-if="severity === 'stop'" width="15" height="15" class="full" />
        <template v-else-if="severity === 'fix'">
            <rect x="1" y="1" width="13" height="13" class="line" />
            <path d="M1 14 L14 1 V14Z" class="full" />
        </template>
        <rect v-else-if="severity === 'watch'" x="1" y="1" width="13" height="13" class="line" />
        <path v-else-if="severity === 'fine'" d="M1 8 L6 13 L14 2" class="line" />
        <path v-else d="M2 7.5 H13" class="line" />
    </svg>
</template>
