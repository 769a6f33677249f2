<script setup lang="ts">
import { BModal } from 'bootstrap-vue-next';
import { computed, ref, watch } from 'vue';
import type { ParameterView } from '../generated';
import { when } from '../shared/units';
import { METHODS } from '../shared/choices';

/** A reading in three taps: what, digits on a large pad, next. A doubtful one is asked once more. */
const props = defineProps<{ parameter: ParameterView | null; asked: string | null; first: string | null }>();
const emit = defineEmits<{ kept: [value: number, unit: string, method: string]; sure: []; drop: []; closed: [] }>();
const open = computed({
    get: () => props.parameter !== null,
    set: (on) => {
        if (!on) emit('closed');
    },
});
const digits = ref('');
const unit = ref('');
const method = ref('kit');
watch(
    () => [props.parameter?.parameter, props.asked],
    () => {
        digits.value = '';
        unit.value = props.parameter?.units[0] ?? '';
    },
    { immediate: true },
);
const KEYS = ['7', '8', '9', '4', '5', '6', '1', '2', '3', '.', '0', '⌫'];
function press(key: string) {
    if (key === '⌫') digits.value = digits.value.slice(0, -1);
    else if (key !== '.' || !digits.value.includes('.')) digits.value = (digits.value + key).slice(0, 8);
}
function typed(event: KeyboardEvent) {
    if (/^[0-9]$/.test(event.key)) press(event.key);
    else if (event.key === '.' || event.key === ',') press('.');
    else if (event.key === 'Backspace') press('⌫');
    else if (event.key === 'Enter' && digits.value && !(event.target instanceof HTMLButtonElement)) keep();
    else return;
    event.preventDefault();
}
function keep() {
    const value = Number(digits.value);
    if (digits.value !== '' && Number.isFinite(value)) emit('kept', value, unit.value, method.value);
}
</script>

<template>
    <BModal
        v-model="open"
        :title="parameter?.label ?? ''"
        no-footer
        lazy
        centered
        header-close-label="Close"
        body-class="padbody"
        @keydown="typed"
    >
        <template v-if="parameter">
            <p v-if="asked" class="wrong" role="alert">
                {{ asked }} Typed: {{ first }}. Read it again, or say that it says so.
            </p>
            <output class="digits" :aria-label="`${parameter.label} as typed`"
                >{{ digits || '—' }} <small>{{ unit }}</small></output
            >
            <p class="quiet">
                {{
                    [
                        parameter.fine ? `fine ${parameter.fine}` : 'no band',
                        parameter.latest
                            ? `last ${parameter.latest}, ${parameter.latestAt ? when(parameter.latestAt) : ''}`
                            : 'never read',
                        parameter.way,
                    ]
                        .filter(Boolean)
                        .join(' · ')
                }}
            </p>
            <div class="pad">
                <button
                    v-for="key in KEYS"
                    :key="key"
                    type="button"
                    :aria-label="key === '⌫' ? 'take the last digit away' : key"
                    @click="press(key)"
                >
                    {{ key }}
                </button>
            </div>
            <p class="padrow">
                <select v-model="unit" aria-label="Unit">
                    <option v-for="u in parameter.units" :key="u">{{ u }}</option></select
                ><select v-model="method" aria-label="Read with">
                    <option v-for="m in METHODS" :key="m">{{ m }}</option>
                </select>
            </p>
            <button v-if="asked && digits === ''" type="button" class="btn-go wide" @click="emit('sure')">
                It says {{ first }}
            </button>
            <button v-else type="button" class="btn-go wide" :disabled="digits === ''" @click="keep">
                {{ asked ? 'Keep this instead' : 'Keep it' }}
            </button>
            <button v-if="asked" type="button" class="outline wide" @click="emit('drop')">
                Forget it: it was not read
            </button>
        </template>
    </BModal>
</template>
