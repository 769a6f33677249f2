<script lang="ts">
/** What a running system keeps on a generator, what waits, what must not run. */
export type OnGenerator = {
    kept: string[];
    waits: string[];
    stops: string[];
    needs: string[];
    leastW: number;
    fuelLd: number;
};
</script>

<script setup lang="ts">
import { useUnits } from '../shared/units';

defineProps<{ on: OnGenerator }>();
const units = useUnits();
</script>

<template>
    <p>
        <b>On a generator: {{ units.show(10 * Math.ceil(on.leastW / 10), 'W') }} at the least</b>, about
        {{ units.show(on.fuelLd, 'L') }} of petrol a day, for {{ on.kept.join(', ') }}.
        <template v-if="on.needs.length">
            More than that: nobody has said what {{ on.needs.join(', ') }}
            {{ on.needs.length === 1 ? 'draws' : 'draw' }}.
        </template>
        <template v-if="on.waits.length"> What waits: {{ on.waits.join(', ') }}.</template>
        <template v-if="on.stops.length"> Stays off until the mains are back: {{ on.stops.join(', ') }}.</template>
        <small class="quiet"> Outdoors only, never in the house; an electrician puts in what connects it.</small>
    </p>
</template>
