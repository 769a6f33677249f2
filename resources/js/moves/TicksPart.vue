<script setup lang="ts">
import { computed } from 'vue';
import type { MoveGateView } from '../generated';
import { checked, usePlanDesk } from './planDesk';

/** What people have said is so, by the gate that asks. */
const props = defineProps<{ gates: MoveGateView[] }>();
const { doc, set } = usePlanDesk();
const asked = computed(() => props.gates.flatMap((g) => g.asked.map((a) => ({ ...a, gate: g.key }))));
function tick(key: string, on: boolean) {
    set('ticks', on ? [...doc.value.ticks, key] : doc.value.ticks.filter((t) => t !== key));
}
</script>

<template>
    <section>
        <h2>Said to be so</h2>
        <label v-for="a in asked" :key="a.key" class="check"
            ><input type="checkbox" :checked="doc.ticks.includes(a.key)" @change="tick(a.key, checked($event))" />
            {{ a.label }} <small class="quiet">{{ a.gate }}</small></label
        >
    </section>
</template>
