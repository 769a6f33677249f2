<script setup lang="ts">
import { computed, ref } from 'vue';
import type { BoxHeads } from './boxHeads';

/** Animals of a box counted in, on the truck, off it and out: one thing at a time, for wet hands. */
const props = defineProps<{
    id: string;
    label: string;
    heads: BoxHeads;
    mayRecord: boolean;
    hasHolding: boolean;
    isHoldingFirst: boolean;
}>();
const emit = defineEmits<{ say: [kind: string, of: string, value: number | null] }>();

const typed = ref('');
const wrong = ref('');
const into = ref<'home' | 'held'>(props.isHoldingFirst ? 'held' : 'home');
const again = ref(false);
const signing = ref(false);
const whose = ref(props.heads.riders[0]?.id ?? '');
const isCounting = computed(() => props.heads.next === 'in' || again.value);
const expected = computed(() => (isCounting.value ? (props.heads.in ?? props.heads.planned) : props.heads.inside));
const missing = computed(() => (props.heads.in !== null && props.heads.short > 0 ? props.heads.short : 0));
const isOut = computed(() => props.heads.home !== null || props.heads.held !== null);

/** The number in the field; left empty, the one that stands beside it. */
function number(): number | null {
    const text = typed.value.trim();
    const value = text === '' ? expected.value : /^\d{1,4}$/.test(text) ? Number(text) : null;
    wrong.value = value === null ? 'A whole number, please.' : '';
    return value;
}
function countIn() {
    const value = number();
    if (value === null) return;
    emit('say', 'count', props.id, value);
    typed.value = '';
    again.value = false;
}
function countOut() {
    const value = number();
    if (value === null) return;
    emit('say', into.value, props.id, value + ((into.value === 'home' ? props.heads.home : props.heads.held) ?? 0));
    typed.value = '';
}
function sign() {
    const rider = props.heads.riders.find((r) => r.id === whose.value);
    if (rider) emit('say', 'lost', rider.id, rider.lost + 1);
    signing.value = false;
}
const mayLose = computed(() => props.heads.riders.filter((r) => r.lost < r.count));
</script>

<template>
    <div class="heads">
        <p>
            <template v-if="heads.in !== null">
                <b>{{ heads.in }} of {{ heads.planned }} in</b>
                <span v-if="heads.loaded && !isOut">, {{ heads.off ? 'off the truck' : 'on the truck' }}</span>
                <span v-if="heads.home">, {{ heads.home }} in the new water</span>
                <span v-if="heads.held">, {{ heads.held }} in the holding</span>
                <span v-if="heads.isEmpty">. Counted empty.</span>
            </template>
            <span v-for="r in heads.riders.filter((one) => one.lost)" :key="r.id">
                {{ ' ' }}{{ r.lost }} × {{ r.label }} signed for as lost.</span
            >
        </p>
        <p v-if="missing" class="wrong" role="alert">
            {{ missing }} not found yet: look in the rock, the overflow, behind pumps, in the other boxes.
        </p>
        <p v-if="isOut && (heads.inside ?? 0) > 0" class="wrong" role="alert">
            {{ heads.inside }} of {{ heads.in }} did not come out: look through the box, the cloth and the floor.
        </p>
        <p v-if="(heads.inside ?? 0) < 0" class="wrong" role="alert">More came out than went in: count again.</p>
        <p v-if="wrong" class="wrong" role="alert">{{ wrong }}</p>
        <form v-if="isCounting" class="headform" @submit.prevent="countIn">
            <label :for="`n-${id}`"
                >How many are in {{ label }}? <small class="quiet">Meant for it: {{ heads.planned }}.</small></label
            >
            <input
                :id="`n-${id}`"
                v-model="typed"
                class="cell num"
                type="text"
                inputmode="numeric"
                :placeholder="String(expected)"
            />
            <button class="outline" :disabled="!mayRecord">Counted in</button>
        </form>
        <button
            v-else-if="heads.next === 'load'"
            type="button"
            class="outline"
            :disabled="!mayRecord"
            @click="emit('say', 'loaded', id, null)"
        >
            {{ label }} is on the truck
        </button>
        <button
            v-else-if="heads.next === 'off'"
            type="button"
            class="outline"
            :disabled="!mayRecord"
            @click="emit('say', 'off', id, null)"
        >
            {{ label }} is off the truck
        </button>
        <form v-else-if="heads.next === 'out'" class="headform" @submit.prevent="countOut">
            <label :for="`o-${id}`">How many come out of {{ label }}</label>
            <input
                :id="`o-${id}`"
                v-model="typed"
                class="cell num"
                type="text"
                inputmode="numeric"
                :placeholder="String(expected)"
            />
            <select v-if="hasHolding" v-model="into" class="cell" :aria-label="`where those of ${label} go`">
                <option value="home">into their new water</option>
                <option value="held">into the holding</option>
            </select>
            <button class="outline" :disabled="!mayRecord">Counted out</button>
        </form>
        <form v-if="signing" class="headform" @submit.prevent="sign">
            <label :for="`l-${id}`">Whom you sign for: one is dead, or nowhere to be found</label>
            <select :id="`l-${id}`" v-model="whose" class="cell">
                <option v-for="r in mayLose" :key="r.id" :value="r.id">{{ r.label }}</option>
            </select>
            <button class="outline" :disabled="!mayRecord">I sign for one</button>
            <button type="button" class="linkish" @click="signing = false">not now</button>
        </form>
        <p v-else class="headmore">
            <button
                v-if="heads.in !== null && !again"
                type="button"
                class="linkish"
                :disabled="!mayRecord"
                @click="again = true"
            >
                count {{ label }} again
            </button>
            <button
                v-if="mayLose.length && !heads.isEmpty"
                type="button"
                class="linkish"
                :disabled="!mayRecord"
                @click="signing = true"
            >
                sign for a loss in {{ label }}
            </button>
        </p>
    </div>
</template>
