<script setup lang="ts">
import { BFormSelect } from 'bootstrap-vue-next';
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
    ['hoistReady', 'its operator is licensed, permit and slot are there, its wind limit is known', false, 'hoist'],
    ['ownerAgrees', 'whoever takes them has said yes in writing', false, 'newOwner'],
    ['animalPapers', 'the animals’ papers are there', false, 'border'],
];
/** Asked once, answered yes or no: unsaid is no answer. */
const ASKED: [string, string][] = [
    ['hoist', 'A crane or hoist lifts'],
    ['newOwner', 'The animals get a new owner'],
    ['border', 'A border lies on the way'],
];
const ANSWERS = [
    { value: '', text: 'nobody has said' },
    { value: 'no', text: 'no' },
    { value: 'yes', text: 'yes' },
];
const answer = (key: string) => (of('way', key) === true ? 'yes' : of('way', key) === false ? 'no' : '');
const say = (key: string, said: unknown) => put('way', key, said === '' ? null : said === 'yes');
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
        <div v-if="drives" class="cells">
            <label v-for="[key, label] in ASKED" :key="key" class="numbercell" :for="`w-${key}`"
                ><span>{{ label }}</span>
                <BFormSelect
                    :id="`w-${key}`"
                    class="cell"
                    :model-value="answer(key)"
                    :options="ANSWERS"
                    @update:model-value="say(key, $event)"
                />
            </label>
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
