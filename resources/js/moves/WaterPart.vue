<script setup lang="ts">
import NumberCell from '../control/NumberCell.vue';
import type { MoveWaterView } from '../generated';
import NumberIn from './NumberIn.vue';
import { usePlanDesk } from './planDesk';

/** Old water and new, and what animals meet. */
const props = defineProps<{ waters: MoveWaterView }>();
const { doc, put, num } = usePlanDesk();
function putWater(which: 'old' | 'fresh' | 'limits', parameter: string, value: number | null) {
    const before = (doc.value.waters[which] ?? {}) as Record<string, number | null>;
    put('waters', which, { ...before, [parameter]: value });
}
const water = (which: string, parameter: string) =>
    ((doc.value.waters[which] ?? {}) as Record<string, number | null>)[parameter] ?? null;
const PARAMETERS: [string, string, string | undefined][] = [
    ['temperature', 'Temperature', 'degC'],
    ['salinity', 'Salinity', 'g/kg'],
    ['ph', 'pH', undefined],
    ['alkalinity', 'Alkalinity', 'dKH'],
    ['calcium', 'Calcium', 'mg/L'],
    ['magnesium', 'Magnesium', 'mg/L'],
    ['nitrate', 'Nitrate', 'mg/L'],
    ['phosphate', 'Phosphate', 'mg/L'],
];
const jump = (parameter: string) => props.waters.jumps.find((j) => j.parameter === parameter);
</script>

<template>
    <section>
        <h2>Water</h2>
        <div class="cells">
            <NumberCell
                v-for="[key, label, kind, unit] in [
                    ['oldL', 'Kept', 'L', undefined],
                    ['newL', 'Mixed new', 'L', undefined],
                    ['drainLh', 'Runs out', undefined, 'L/h'],
                    ['fillLh', 'Comes in', undefined, 'L/h'],
                    ['totalAmmoniaMgL', 'Ammonia in the old, as N', 'mg/L', undefined],
                    ['glueMin', 'Glue at the pipes cures', undefined, 'min'],
                ] as [string, string, string | undefined, string | undefined][]"
                :id="`v-${key}`"
                :key="key"
                :model-value="num('waters', key)"
                :label="label"
                :kind="kind"
                :unit="unit"
                optional
                @update:model-value="put('waters', key, $event)"
            />
        </div>
        <div class="tablebox" tabindex="0" role="region" aria-label="Old and new water">
            <table class="plainer rowtable">
                <thead>
                    <tr>
                        <th scope="col">Parameter</th>
                        <th scope="col">Old</th>
                        <th scope="col">New</th>
                        <th scope="col">May go</th>
                        <th scope="col" class="num">Jump</th>
                    </tr>
                </thead>
                <tbody>
                    <tr v-for="[key, label, kind] in PARAMETERS" :key="key">
                        <th scope="row">{{ label }}</th>
                        <td v-for="which in ['old', 'fresh'] as const" :key="which">
                            <NumberIn
                                :value="water(which, key)"
                                :label="`${label}, ${which === 'old' ? 'old' : 'new'} water`"
                                :kind="kind"
                                @change="putWater(which, key, $event)"
                            />
                        </td>
                        <td>
                            <NumberIn
                                :value="water('limits', key)"
                                :label="`${label} may go`"
                                @change="putWater('limits', key, $event)"
                            />
                        </td>
                        <td class="num">
                            <span v-if="jump(key)" :class="{ wrong: jump(key)?.isOver }"
                                >{{ (jump(key)?.jump ?? 0) > 0 ? '+' : '' }}{{ jump(key)?.jump.toFixed(2) }}</span
                            >
                        </td>
                    </tr>
                </tbody>
            </table>
        </div>
        <p v-if="waters.acclimationMin !== null" class="says">
            <template v-if="waters.isStraight"
                >The box water carries too much ammonia to wait: straight into water matched to it.</template
            ><template v-else
                >Bringing them over takes <b>{{ Math.ceil(waters.acclimationMin) }} min</b>.</template
            >
        </p>
    </section>
</template>
