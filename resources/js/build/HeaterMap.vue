<script setup lang="ts">
import { computed, ref } from 'vue';
import type { HeaterCellView } from '../generated';

/**
 * Number by watts: the region in which heaters hold the coldest night and stay safe when one fails either way, and
 * what each border is.
 */
const props = defineProps<{ cells: HeaterCellView[] }>();
const watts = computed(() => [...new Set(props.cells.map((c) => c.watts))]);
const counts = computed(() => [...new Set(props.cells.map((c) => c.count))]);
const at = (count: number, w: number) => props.cells.find((c) => c.count === count && c.watts === w) as HeaterCellView;
const MARKS: Record<string, string> = { low: '–', 'one-off': '1', 'stuck-on': '▲' };
const shown = ref<HeaterCellView | null>(null);
const said = computed(() => shown.value ?? props.cells.find((c) => c.chosen) ?? props.cells[0]);
</script>

<template>
    <h2>Heaters: how many, how strong</h2>
    <div class="tablebox" tabindex="0" role="region" aria-label="Heaters, number by watts">
        <table class="heatermap">
            <caption class="visually-hidden">
                Every set looked at: a tick where it passes, else the border it lies beyond
            </caption>
            <thead>
                <tr>
                    <th scope="col">W each</th>
                    <th v-for="w in watts" :key="w" scope="col">{{ w }}</th>
                </tr>
            </thead>
            <tbody>
                <tr v-for="n in counts" :key="n">
                    <th scope="row">{{ n }} of them</th>
                    <td v-for="w in watts" :key="w" :class="[at(n, w).border ?? 'ok', { first: at(n, w).chosen }]">
                        <button
                            type="button"
                            :aria-label="`${n} of ${w} W: ${at(n, w).words}${at(n, w).chosen ? ', chosen first' : ''}`"
                            @mouseenter="shown = at(n, w)"
                            @focus="shown = at(n, w)"
                            @mouseleave="shown = null"
                            @blur="shown = null"
                        >
                            {{ at(n, w).border === null ? '✓' : MARKS[at(n, w).border as string] }}
                        </button>
                    </td>
                </tr>
            </tbody>
        </table>
    </div>
    <p class="quiet legend" aria-live="polite">
        <b>{{ said.count }} × {{ said.watts }} W</b>{{ said.chosen ? ', chosen first' : '' }}: {{ said.words }}.
        <span class="keyline"
            >✓ passes · – too little on the coldest night · 1 dies when one fails off · ▲ harm within six hours when one
            sticks on</span
        >
    </p>
</template>
