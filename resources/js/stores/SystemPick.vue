<script setup lang="ts">
import { ref, watch } from 'vue';

/** A system found by typing its name, its place or its client. */
const model = defineModel<number | null>({ required: true });
defineProps<{ id: string; label: string; except?: number }>();
type Found = { kind: string; label: string; where: string; href: string };
const typed = ref('');
const found = ref<{ id: number; label: string; detail: string }[]>([]);
let asked = 0;
let timer = 0;
const WAIT_MS = 200;
watch(typed, (text) => {
    window.clearTimeout(timer);
    if (model.value !== null) return;
    timer = window.setTimeout(() => void look(text), WAIT_MS);
});
async function look(text: string) {
    const mine = ++asked;
    if (text.trim().length < 2) {
        found.value = [];
        return;
    }
    const answer = await fetch(`/go?q=${encodeURIComponent(text)}`, { headers: { Accept: 'application/json' } });
    if (mine !== asked || !answer.ok) return;
    found.value = ((await answer.json()) as Found[])
        .filter((f) => f.kind === 'system')
        .map((f) => ({ id: Number(f.href.split('/').pop()), label: f.label, detail: f.where }));
}
function take(one: { id: number; label: string }) {
    model.value = one.id;
    typed.value = one.label;
    found.value = [];
}
function again() {
    model.value = null;
    typed.value = '';
}
</script>

<template>
    <span class="pick">
        <label :for="id">{{ label }}</label>
        <input
            :id="id"
            v-model="typed"
            type="text"
            autocomplete="off"
            :readonly="model !== null"
            placeholder="type its name"
        />
        <button v-if="model !== null" type="button" class="linkish" @click="again">another</button>
        <span v-for="f in found.filter((x) => x.id !== except)" :key="f.id"
            ><button type="button" class="linkish" @click="take(f)">{{ f.label }}, {{ f.detail }}</button></span
        >
    </span>
</template>
