<script setup lang="ts">
import { computed, ref } from 'vue';
import type { KitLine } from './kit';

/** A line of what goes along: packed, and counted back, with a thumb. */
const props = defineProps<{ line: KitLine; mayRecord: boolean; mayLeave: boolean }>();
const emit = defineEmits<{ say: [kind: string, value: number]; leave: [] }>();
const isCounting = ref(false);
const typed = ref('');
const whole = computed(() => props.line.taken ?? props.line.count ?? 1);
const isBack = computed(() => props.line.taken !== null && props.line.back !== null && props.line.missing === 0);
function count() {
    if (!/^\d{1,3}$/.test(typed.value.trim())) return;
    emit('say', 'back', Number(typed.value));
    isCounting.value = false;
    typed.value = '';
}
</script>

<template>
    <li>
        <span class="tickbox" aria-hidden="true">{{ isBack ? '✓✓' : line.taken === null ? '' : '✓' }}</span>
        <span class="kitwhat"
            ><b v-if="line.count !== null">{{ line.count }} ×</b> {{ line.what }}
            <small v-if="line.why" class="quiet">{{ line.why }}</small>
            <small v-if="line.back !== null && line.missing" class="wrong">{{ line.missing }} not back</small></span
        >
        <span class="kitdo">
            <button
                v-if="line.taken === null"
                type="button"
                class="outline"
                :disabled="!mayRecord"
                :aria-label="`${line.what}: packed`"
                @click="emit('say', 'taken', line.count ?? 1)"
            >
                packed
            </button>
            <form v-else-if="isCounting" @submit.prevent="count">
                <input
                    v-model="typed"
                    class="cell num"
                    type="text"
                    inputmode="numeric"
                    :aria-label="`how many of ${line.what} are back`"
                    :placeholder="String(whole)"
                />
                <button class="outline">Keep</button>
            </form>
            <template v-else-if="!isBack">
                <button
                    type="button"
                    class="outline"
                    :disabled="!mayRecord"
                    :aria-label="`${line.what}: back`"
                    @click="emit('say', 'back', whole)"
                >
                    back
                </button>
                <button
                    v-if="whole > 1"
                    type="button"
                    class="linkish"
                    :disabled="!mayRecord"
                    :aria-label="`${line.what}: not all of it`"
                    @click="isCounting = true"
                >
                    not all
                </button>
            </template>
            <small v-else class="quiet">back</small>
            <button
                v-if="mayLeave && line.taken === null"
                type="button"
                class="linkish"
                :aria-label="`${line.what}: leave it off every list`"
                @click="emit('leave')"
            >
                never
            </button>
        </span>
    </li>
</template>
