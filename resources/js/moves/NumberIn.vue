<script setup lang="ts">
import { ref, watch } from 'vue';
import { useUnits } from '../shared/units';

/** A number in a row, in the reader’s unit where it has a kind. */
const props = defineProps<{ value: number | null | undefined; label: string; kind?: string; readonly?: boolean }>();
const emit = defineEmits<{ change: [value: number | null] }>();
const units = useUnits();
const shown = () =>
    props.value === null || props.value === undefined
        ? ''
        : props.kind
          ? units.typed(props.value, props.kind)
          : String(props.value);
const text = ref(shown());
const bad = ref(false);
watch(
    () => props.value,
    () => (text.value = shown()),
);
function take() {
    const number = props.kind ? units.parse(text.value, props.kind) : Number(text.value.replace(',', '.'));
    const isEmpty = text.value.trim() === '';
    bad.value = !isEmpty && (number === null || !Number.isFinite(number));
    if (!bad.value) emit('change', isEmpty ? null : number);
}
</script>

<template>
    <input
        v-model="text"
        class="cell num narrow"
        type="text"
        inputmode="decimal"
        :aria-label="kind ? `${label}, ${units.label(kind)}` : label"
        :placeholder="kind ? units.label(kind) : ''"
        :aria-invalid="bad ? 'true' : undefined"
        :readonly="readonly"
        @change="take"
    />
</template>
