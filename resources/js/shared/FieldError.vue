<script setup lang="ts">
defineProps<{ id?: string; words?: string | null }>();
</script>

<template>
    <p v-if="words" :id="id" class="wrong" role="alert">{{ words }}</p>
</template>
