<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import { useUnits } from '../shared/units';

/** A number with its unit; in the reader's unit where it has a kind. What cannot be read stays as typed and is said. */
const props = defineProps<{
    id: string;
    label: string;
    kind?: string;
    unit?: string;
    optional?: boolean;
    factor?: number;
}>();
const value = defineModel<number | null | undefined>({ required: true });
const units = useUnits();
const per = computed(() => props.factor ?? 1);
const shown = () =>
    value.value === null || value.value === undefined
        ? ''
        : props.kind
          ? units.typed(value.value, props.kind)
          : String(Number((value.value / per.value).toFixed(6)));
const text = ref(shown());
const wrong = ref('');
watch(value, () => {
    if (read() !== value.value) text.value = shown();
});
function read(): number | null {
    if (text.value.trim() === '') return null;
    if (props.kind) return units.parse(text.value, props.kind);
    const number = Number(text.value.trim().replace(',', '.'));
    return Number.isFinite(number) ? number * per.value : null;
}
function take() {
    const number = read();
    wrong.value = number === null && (text.value.trim() !== '' || !props.optional) ? 'A number, please.' : '';
    if (!wrong.value) value.value = number;
}
</script>

<template>
    <label class="numbercell" :for="id"
        ><span>{{ label }}</span>
        <span class="withunit"
            ><input
                :id="id"
                v-model="text"
                class="cell num"
                type="text"
                inputmode="decimal"
                :aria-invalid="wrong ? true : undefined"
                :aria-describedby="wrong ? `${id}-wrong` : undefined"
                @change="take"
            />
            {{ kind ? units.label(kind) : unit }}</span
        >
        <small v-if="wrong" :id="`${id}-wrong`" class="wrong">{{ wrong }}</small></label
    >
</template>
