<script setup lang="ts">
import NumberCell from '../control/NumberCell.vue';
import { checked, usePlanDesk } from './planDesk';

/** From door to door, and the weather. */
const { put, of, num } = usePlanDesk();
</script>

<template>
    <section>
        <h2>The way</h2>
        <div class="cells">
            <NumberCell
                v-for="[key, label, kind, unit] in [
                    ['driveMin', 'Drive', undefined, 'min'],
                    ['outdoorC', 'Outside', 'degC', undefined],
                    ['loadC', 'Load space', 'degC', undefined],
                    ['cabinC', 'Cabin', 'degC', undefined],
                    ['roomFromC', 'Old room', 'degC', undefined],
                    ['roomToC', 'New room', 'degC', undefined],
                    ['carryFromM', 'Carried out', undefined, 'm'],
                    ['flightsFrom', 'Flights there', undefined, ''],
                    ['carryToM', 'Carried in', undefined, 'm'],
                    ['flightsTo', 'Flights there', undefined, ''],
                    ['sunWM2', 'Sun on boxes', undefined, 'W/m²'],
                ] as [string, string, string | undefined, string | undefined][]"
                :id="`w-${key}`"
                :key="key"
                :model-value="num('way', key)"
                :label="label"
                :kind="kind"
                :unit="unit"
                optional
                @update:model-value="put('way', key, $event)"
            />
        </div>
        <label class="check"
            ><input
                type="checkbox"
                :checked="of('way', 'windy') !== false"
                @change="put('way', 'windy', checked($event))"
            />
            wind blows where boxes are carried</label
        >
    </section>
</template>
