<script setup lang="ts">
import { computed } from 'vue';
import NumberCell from '../control/NumberCell.vue';
import { checked, usePlanDesk } from './planDesk';

/** From door to door, the weather, and what floors and papers want; in place, the floor alone. */
const props = defineProps<{ drives: boolean }>();
const { put, of, num } = usePlanDesk();
/** Key, words, what it is while nobody has said; and what it hangs on. */
const TICKS: [string, string, boolean, string?][] = [
    ['windy', 'wind blows where boxes are carried', true],
    ['floorLooked', 'the floor there bears all of it at once: looked at by who may say so', false],
    ['hoist', 'a crane or hoist lifts', false],
    ['hoistReady', 'its operator is licensed, permit and slot are there, its wind limit is known', false, 'hoist'],
    ['newOwner', 'the animals get a new owner', false],
    ['ownerAgrees', 'whoever takes them has said yes in writing', false, 'newOwner'],
    ['border', 'a border lies on the way', false],
    ['animalPapers', 'the animals’ papers are there', false, 'border'],
];
const shown = computed(() =>
    TICKS.filter(
        ([key, , , on]) => (props.drives || key === 'floorLooked') && (on === undefined || of('way', on) === true),
    ),
);
</script>

<template>
    <section>
        <h2>{{ drives ? 'The way' : 'The floor' }}</h2>
        <div v-if="drives" class="cells">
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
        <label v-for="[key, label, usual] in shown" :key="key" class="check"
            ><input
                type="checkbox"
                :checked="(of('way', key) ?? usual) === true"
                @change="put('way', key, checked($event))"
            />
            {{ label }}</label
        >
    </section>
</template>
