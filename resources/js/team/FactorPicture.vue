<script setup lang="ts">
import CodePicture from '../shared/CodePicture.vue';

/** The secret for the phone as a picture; drawn here, asked of nobody. */
defineProps<{ address: string }>();
</script>

<template>
    <CodePicture class="factorpicture" :address="address" label="The secret as a picture for the phone" />
</template>
