<script setup lang="ts">
import { router } from '@inertiajs/vue3';
import { ref } from 'vue';

/** Who would be called, one after the other, were an alarm raised at a moment and nobody answered. */
const props = defineProps<{
    chain: { alarm: string; calls: { who: string; afterMin: number }[]; away: string[] } | null;
    askedAt: string | null;
}>();
const at = ref(props.askedAt ?? '');
const ask = () => router.reload({ data: { at: at.value || undefined }, only: ['chain', 'askedAt'] });
const after = (min: number) =>
    min < 1 ? 'at once' : min < 120 ? `after ${Math.round(min)} min` : `after ${(min / 60).toFixed(1)} h`;
</script>

<template>
    <template v-if="chain">
        <h3>
            Who is called
            <label class="asked" for="asked-at"
                >at <input id="asked-at" v-model="at" class="cell" type="datetime-local" @change="ask"
            /></label>
        </h3>
        <ol class="chain" :aria-label="`Who is called about ${chain.alarm} while nobody answers`">
            <li v-for="(c, n) in chain.calls" :key="n" class="sent">
                <b>{{ c.who }}</b>&nbsp;<small>{{ after(c.afterMin) }}</small>
            </li>
            <li v-if="!chain.calls.length" class="nobody">Nobody: all who are named are away.</li>
        </ol>
        <p v-if="chain.away.length" class="quiet">Away then, and left out: {{ chain.away.join(', ') }}.</p>
    </template>
</template>
