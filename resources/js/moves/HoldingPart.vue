<script setup lang="ts">
import NumberCell from '../control/NumberCell.vue';
import type { MoveWaterView } from '../generated';
import { checked, word, usePlanDesk } from './planDesk';

/** Where animals stay when it does not go on. */
defineProps<{ waters: MoveWaterView }>();
const { put, of, num, yes } = usePlanDesk();
const READINGS: { key: string; label: string; kind?: string; unit?: string }[] = [
    { key: 'tempC', label: 'Temperature', kind: 'degC' },
    { key: 'salinity', label: 'Salinity', unit: 'g/kg' },
    { key: 'ph', label: 'pH', unit: '' },
    { key: 'ammoniaMgL', label: 'Total ammonia, as N', unit: 'mg/L' },
    { key: 'warmH', label: 'Kept warm for', unit: 'h' },
];
</script>

<template>
    <section>
        <h2>The holding first</h2>
        <p class="quiet">
            Where the animals stay when it does not go on. No date is promised before it has been filled, measured, and
            warm for twelve hours on its stand.
        </p>
        <div class="cells">
            <NumberCell
                id="h-l"
                :model-value="num('holding', 'litres')"
                label="Holds"
                kind="L"
                optional
                @update:model-value="put('holding', 'litres', $event)"
            />
            <NumberCell
                id="h-w"
                :model-value="num('holding', 'heaterW')"
                label="Heater"
                unit="W"
                optional
                @update:model-value="put('holding', 'heaterW', $event)"
            />
            <NumberCell
                id="h-c"
                :model-value="num('holding', 'cleared')"
                label="A filter clears of its ammonia"
                unit="%"
                :factor="0.01"
                optional
                @update:model-value="put('holding', 'cleared', $event ?? 0)"
            />
            <NumberCell
                id="h-e"
                :model-value="num('holding', 'everyH') ?? 12"
                label="Changed every"
                unit="h"
                @update:model-value="put('holding', 'everyH', $event)"
            />
            <label class="numbercell" for="h-s"
                ><span>Whose place it stands at</span>
                <input
                    id="h-s"
                    class="cell"
                    type="text"
                    maxlength="120"
                    :value="of('holding', 'place') ?? ''"
                    @change="put('holding', 'place', word($event) || null)"
            /></label>
            <label class="numbercell" for="h-p"
                ><span>Who looks after it</span>
                <input
                    id="h-p"
                    class="cell"
                    type="text"
                    maxlength="80"
                    :value="of('holding', 'person') ?? ''"
                    @change="put('holding', 'person', word($event) || null)"
            /></label>
        </div>
        <label
            v-for="[key, label] in [
                ['aired', 'it has air'],
                ['lidded', 'it has a lid'],
                ['lit', 'it has light enough for its corals'],
                ['borne', 'what it stands on bears it'],
            ]"
            :key="key"
            class="check"
            ><input type="checkbox" :checked="yes('holding', key)" @change="put('holding', key, checked($event))" />
            {{ label }}</label
        >
        <h3>Read in it, before anybody relies on it</h3>
        <div class="cells">
            <NumberCell
                v-for="r in READINGS"
                :id="`h-${r.key}`"
                :key="r.key"
                :model-value="num('holding', r.key)"
                :label="r.label"
                :kind="r.kind"
                :unit="r.unit"
                optional
                @update:model-value="put('holding', r.key, $event)"
            />
        </div>
        <p v-if="waters.holdingHours !== null" class="says">
            Ammonia comes to where it harms after <b>{{ waters.holdingHours.toFixed(0) }} h</b>.
            <template v-if="waters.holdingChangePercent !== null"
                >Changing <b>{{ Math.ceil(waters.holdingChangePercent) }} %</b> each time keeps it under.</template
            >
        </p>
        <slot />
    </section>
</template>
