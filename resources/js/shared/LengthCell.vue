<script setup lang="ts">
import { ref, watch } from 'vue';
import { useUnits } from './units';

/** A length in a table, in the reader's unit. */
const props = defineProps<{ value: number | null; label: string; readonly?: boolean; wrong?: boolean }>();
const emit = defineEmits<{ change: [value: number | null] }>();
const units = useUnits();
const text = ref('');
const bad = ref(false);
const focused = ref(false);
watch(
    () => props.value,
    (v) => {
        if (!focused.value) text.value = v ? units.typed(v, 'mm') : '';
    },
    { immediate: true },
);
function typed() {
    const number = text.value.trim() === '' ? null : units.parse(text.value, 'mm');
    bad.value = text.value.trim() !== '' && number === null;
    if (!bad.value) emit('change', number === null ? null : Number(number.toPrecision(9)));
}
</script>

<template>
    <input
        v-model="text"
        class="cell num"
        type="text"
        inputmode="decimal"
        :aria-label="`${label}, ${units.label('mm')}`"
        :placeholder="units.label('mm')"
        :aria-invalid="bad || wrong ? 'true' : undefined"
        :readonly="readonly"
        @focus="focused = true"
        @blur="focused = false"
        @input="typed"
    />
</template>
