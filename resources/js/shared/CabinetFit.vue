<script setup lang="ts">
import type { PackingView, TableSpecView } from '../generated';
import CabinetDrawing from './CabinetDrawing.vue';
import type { Row } from './draft';
import PlanTable from './PlanTable.vue';

/** What stands in the cabinet, compartment by compartment, and what is listed for it. */
defineProps<{
    specs: Record<'gear' | 'compartments' | 'ledges', TableSpecView>;
    packings: PackingView[];
    errors: Record<string, string>;
    readonly: boolean;
}>();
const gear = defineModel<Row[]>('gear', { required: true });
const compartments = defineModel<Row[]>('compartments', { required: true });
const ledges = defineModel<Row[]>('ledges', { required: true });
const emit = defineEmits<{ change: [] }>();
</script>

<template>
    <h2>In the cabinet</h2>
    <CabinetDrawing
        v-for="p in packings"
        :key="p.number"
        v-model:gear="gear"
        :packing="p"
        :alone="packings.length === 1"
        :readonly="readonly"
        @change="emit('change')"
    />
    <p v-if="!gear.length" class="quiet">
        List what stands in the sump, beside it and on shelves: skimmer, reservoir, doser, power strip. The places are
        proposed, the sump’s first, and each must come out alone.
    </p>
    <PlanTable
        v-model:rows="gear"
        table="gear"
        :spec="specs.gear"
        :errors="errors"
        :readonly="readonly"
        caption="Things for the cabinet"
        first="list the first thing"
        @change="emit('change')"
    />
    <details class="metered" :open="ledges.length > 0">
        <summary>
            Frames and shelves <small>{{ ledges.length || 'what is built in and does not give way' }}</small>
        </summary>
        <PlanTable
            v-model:rows="ledges"
            table="ledges"
            :spec="specs.ledges"
            :errors="errors"
            :readonly="readonly"
            caption="Frames and shelves in the cabinet"
            first="list the first frame or shelf"
            @change="emit('change')"
        />
    </details>
    <details v-if="gear.length || compartments.length" class="metered" :open="compartments.length > 0">
        <summary>
            Further compartments <small>{{ compartments.length || 'beside the one with the sump' }}</small>
        </summary>
        <PlanTable
            v-model:rows="compartments"
            table="compartments"
            :spec="specs.compartments"
            :errors="errors"
            :readonly="readonly"
            caption="Compartments of the cabinet"
            first="a compartment of its own"
            @change="emit('change')"
        />
    </details>
</template>
