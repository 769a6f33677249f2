<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import type { FactSpecView } from '../generated';
import { useUnits } from './units';

/** One fact: a number in the reader's unit, a choice, or words; with its basis, its default, and "none, on purpose". */
const props = defineProps<{
    spec: FactSpecView;
    value: number | string | null | undefined;
    basis?: string;
    fallback?: number | string | null;
    fallbackFrom?: string;
    error?: string | null;
    readonly?: boolean;
    /** Without a basis: a sum is not a record. */
    plain?: boolean;
}>();
const emit = defineEmits<{ change: [value: number | string | null]; basis: [basis: string] }>();
const units = useUnits();
const BASES: Record<string, string> = {
    measured: 'measured',
    rated: 'maker’s figure',
    recalled: 'somebody said',
    computed: 'computed',
    assumed: 'assumed',
};

const text = ref('');
const focused = ref(false);
const unread = ref(false);
const asText = (value: number | string | null | undefined): string => {
    if (value === null || value === undefined || value === 'none') return '';
    return typeof value === 'number' && props.spec.kind ? units.typed(value, props.spec.kind) : String(value);
};
watch(
    () => [props.value, props.spec.kind && units.label(props.spec.kind)],
    () => {
        if (!focused.value) text.value = asText(props.value);
    },
    { immediate: true },
);

const id = computed(() => `f-${props.spec.key}`);
const isNone = computed(() => props.value === 'none');
const given = computed(() => props.value !== null && props.value !== undefined && props.value !== '');
const shownFallback = computed(() => {
    if (props.fallback === null || props.fallback === undefined) return '';
    if (props.fallback === 'none') return 'none';
    return typeof props.fallback === 'string'
        ? (props.spec.choices[props.fallback] ?? props.fallback)
        : asText(props.fallback);
});
const allowed = computed(() =>
    props.spec.kind
        ? `${units.show(props.spec.least, props.spec.kind)} to ${units.show(props.spec.most, props.spec.kind)}`
        : '',
);

function typed() {
    unread.value = false;
    if (!props.spec.kind) {
        emit('change', text.value === '' ? null : text.value);
        return;
    }
    if (text.value.trim() === '') {
        emit('change', null);
        return;
    }
    const number = units.parse(text.value, props.spec.kind);
    if (number === null) unread.value = true;
    else emit('change', Number(number.toPrecision(9)));
}
/** Somebody says that what stands in for it is right. */
function keepFallback() {
    emit('basis', 'recalled');
    emit('change', props.fallback!);
}
function leave() {
    focused.value = false;
    if (!unread.value) text.value = asText(props.value);
}
</script>

<template>
    <div class="fact" :class="{ given, wrongly: error || unread }">
        <label :for="id">{{ spec.label }}</label>
        <div class="row1">
            <select
                v-if="Object.keys(spec.choices).length"
                :id="id"
                :disabled="readonly"
                :value="given ? value : ''"
                :class="{ isdefault: !given }"
                :aria-describedby="error ? `${id}-e` : undefined"
                @change="emit('change', ($event.target as HTMLSelectElement).value || null)"
            >
                <option value="">
                    {{ shownFallback ? `${shownFallback} (${fallbackFrom ?? 'assumed'})` : 'not known' }}
                </option>
                <option v-for="(words, key) in spec.choices" :key="key" :value="key">{{ words }}</option>
            </select>
            <template v-else>
                <input
                    :id="id"
                    v-model="text"
                    type="text"
                    :inputmode="spec.kind ? 'decimal' : 'text'"
                    autocomplete="off"
                    :readonly="readonly"
                    :placeholder="isNone ? 'none, on purpose' : shownFallback"
                    :aria-invalid="!!error || unread"
                    :aria-describedby="error || unread ? `${id}-e` : spec.hint ? `${id}-h` : undefined"
                    :title="allowed ? `Allowed: ${allowed}` : undefined"
                    @input="typed"
                    @focus="focused = true"
                    @blur="leave"
                />
                <span v-if="spec.kind" class="unit">{{ units.label(spec.kind) }}</span>
            </template>
        </div>
        <div v-if="!readonly && !plain" class="row2">
            <select
                v-if="given && !isNone"
                :value="basis ?? 'assumed'"
                :aria-label="`${spec.label}: where from`"
                @change="emit('basis', ($event.target as HTMLSelectElement).value)"
            >
                <option v-for="(words, key) in BASES" :key="key" :value="key">{{ words }}</option>
            </select>
            <button
                v-if="!given && shownFallback && fallback !== 'none'"
                type="button"
                class="linkish"
                @click="keepFallback"
            >
                {{ fallbackFrom ?? 'assumed' }}: that is right
            </button>
            <button v-if="spec.mayBeNone && !isNone" type="button" class="linkish" @click="emit('change', 'none')">
                none, on purpose
            </button>
            <button v-if="isNone" type="button" class="linkish" @click="emit('change', null)">
                none, on purpose: undo
            </button>
        </div>
        <slot />
        <p v-if="error || unread" :id="`${id}-e`" class="wrong" role="alert">
            {{ unread ? `A number is needed: ${allowed}.` : error }}
        </p>
        <p v-if="spec.hint" :id="`${id}-h`" class="hint">{{ spec.hint }}</p>
    </div>
</template>
