<script setup lang="ts">
import { BButton, BFormInput } from 'bootstrap-vue-next';
import { ref } from 'vue';

/** How it looks before the first step: a photo, or why there is none. Nothing is begun before. */
defineProps<{ id: number | string; before: string | null }>();
const emit = defineEmits<{ picture: [file: File]; because: [words: string] }>();
const because = ref('');
const isSaying = ref(false);
function take(event: Event) {
    const file = (event.target as HTMLInputElement).files?.[0];
    if (file) emit('picture', file);
}
function say() {
    if (because.value.trim()) emit('because', because.value.trim());
}
</script>

<template>
    <p v-if="before" class="quiet">Before it began: {{ before }}.</p>
    <div v-else class="beforephoto">
        <label class="btn btn-outline-secondary file" :for="`before-${id}`"
            >Photo before you begin<input
                :id="`before-${id}`"
                class="visually-hidden"
                type="file"
                accept="image/*"
                capture="environment"
                @change="take"
        /></label>
        <BButton v-if="!isSaying" type="button" variant="link" @click="isSaying = true">there is none</BButton>
        <form v-else @submit.prevent="say">
            <label :for="`because-${id}`">Why there is none</label>
            <BFormInput :id="`because-${id}`" v-model="because" maxlength="200" />
            <BButton type="submit" variant="outline-secondary">Keep</BButton>
        </form>
    </div>
</template>
