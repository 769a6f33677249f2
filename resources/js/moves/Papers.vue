<script setup lang="ts">
import type { MoveHeadView } from '../generated';
import CodePicture from '../shared/CodePicture.vue';
import { useUnits } from '../shared/units';
import MoveTabs from './MoveTabs.vue';

/** To print: labels for the boxes, and the list of what is taken along. */
defineProps<{
    move: MoveHeadView;
    labels: {
        id: string;
        label: string;
        animals: string[];
        litres: number;
        kg: number;
        lastsUntil: string | null;
        air: boolean;
        rides: string;
    }[];
    takeAlong: { what: string; count: number | null; why: string }[];
    missed: string[];
    address: string;
}>();
const units = useUnits();
const print = () => window.print();
</script>

<template>
    <div class="page">
        <MoveTabs :move="move" here="papers" />
        <p v-if="labels.length">
            <button type="button" class="outline" data-new @click="print">Print the sheet</button>
        </p>
        <h2>Labels for the boxes</h2>
        <ul v-if="labels.length" class="labelsheet">
            <li v-for="l in labels" :key="l.id">
                <CodePicture :address="address" :label="`Opens the day of ${move.name}`" />
                <div>
                    <b class="plugname">{{ l.label }}</b>
                    <span>{{ l.animals.join(', ') || 'nobody yet' }}</span>
                    <small
                        >{{ units.show(l.litres, 'L') }}, {{ units.show(l.kg, 'kg') }}, {{ l.rides
                        }}{{ l.air ? ', air on' : '' }}</small
                    >
                    <small v-if="l.lastsUntil"
                        >as planned it lasts until <b>{{ l.lastsUntil }}</b></small
                    >
                </div>
            </li>
        </ul>
        <p v-else class="quiet">No box is planned yet.</p>
        <h2>Take along</h2>
        <ul v-if="takeAlong.length" class="packing">
            <li v-for="t in takeAlong" :key="t.what">
                <span class="tickbox" aria-hidden="true"></span>
                <b v-if="t.count !== null">{{ t.count }} ×</b> {{ t.what }} <small class="quiet">{{ t.why }}</small>
            </li>
        </ul>
        <template v-if="missed.length">
            <h2>Missed at the last moves</h2>
            <ul class="packing">
                <li v-for="m in missed" :key="m"><span class="tickbox" aria-hidden="true"></span> {{ m }}</li>
            </ul>
        </template>
        <p class="caution">
            Lifting, glass, wet electrics: power off and unplugged from a dry place first. Zoanthids wet, gloved, eyes
            covered.
        </p>
    </div>
</template>
