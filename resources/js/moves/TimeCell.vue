<script setup lang="ts">
import { ref, watch } from 'vue';
import { clockOf, minuteOf } from './move';

/** A time of day, in minutes. What cannot be read stays as typed and is said. */
defineProps<{ id: string; label: string; aria?: string; empty?: string }>();
const value = defineModel<number | null | undefined>({ required: true });
const shown = () => (value.value === null || value.value === undefined ? '' : clockOf(value.value));
const text = ref(shown());
const wrong = ref('');
watch(value, () => (text.value = shown()));
function take() {
    const minute = text.value.trim() === '' ? null : minuteOf(text.value);
    wrong.value = minute === null && text.value.trim() !== '' ? 'A time like 18:00, please.' : '';
    if (!wrong.value) value.value = minute;
}
</script>

<template>
    <label class="numbercell" :for="id"
        ><span v-if="label">{{ label }}</span>
        <input
            :id="id"
            v-model="text"
            class="cell num"
            type="text"
            inputmode="numeric"
            :placeholder="empty ?? '18:00'"
            :aria-label="aria"
            :aria-invalid="wrong ? true : undefined"
            :aria-describedby="wrong ? `${id}-wrong` : undefined"
            @change="take"
        />
        <small v-if="wrong" :id="`${id}-wrong`" class="wrong">{{ wrong }}</small></label
    >
</template>
