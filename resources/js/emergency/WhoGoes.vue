<script setup lang="ts">
import { Link } from '@inertiajs/vue3';
import { useUnits } from '../shared/units';

/** Who is caught in which order into which box, how long each holds, when they go back. */
defineProps<{
    go: {
        boxes: { animals: string[]; stillH: number | null; airedH: number | null }[];
        boxL: number;
        liftKg: number;
        unboxed: string[];
        catchH: number;
        readEveryMin: number;
        return: string;
    } | null;
    systemId: number;
}>();
const units = useUnits();
const hours = (h: number) => (h < 1 ? `${Math.floor(h * 60)} min` : h > 48 ? 'over two days' : `${h.toFixed(1)} h`);
function holds(b: { stillH: number | null; airedH: number | null }): string {
    const aired = b.airedH === null ? 'no end' : hours(b.airedH);
    return b.stillH === null ? `stays warm enough: ${aired}` : `${hours(b.stillH)} without air, ${aired} with a stone`;
}
</script>

<template>
    <p v-if="go === null" class="quiet">
        Nobody has listed what lives here, so boxes cannot be worked out:
        <Link :href="`/systems/${systemId}/stock`">list it</Link>, or type what you know.
    </p>
    <template v-else>
        <p>
            If they go, in this order, each box a foam box with a lid and {{ units.show(go.boxL, 'L') }} of their own
            water; all caught after about {{ hours(go.catchH) }}:
        </p>
        <ol class="whogoes">
            <li v-for="(b, i) in go.boxes" :key="i">
                <b>{{ b.animals.join(', ') }}</b> <small>{{ holds(b) }}</small>
            </li>
        </ol>
        <p v-if="go.unboxed.length" class="wrong">
            Not in such a box, or not measured: {{ go.unboxed.join(', ') }}. Find a bin for them first.
        </p>
        <p>Read each box every {{ go.readEveryMin }} min: temperature, and who gasps. {{ go.return }}</p>
        <p class="quiet">
            One person lifts {{ units.show(go.liftKg, 'kg') }} at the most, at waist height: a full box is heavier. Wet
            hands keep off sockets.
        </p>
    </template>
</template>
