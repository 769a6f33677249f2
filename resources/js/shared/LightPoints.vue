<script setup lang="ts">
import type { TableSpecView } from '../generated';
import type { Row } from './draft';
import PlanTable from './PlanTable.vue';

/** What a meter read under the lamps, each beside what the plan predicts there. */
const props = defineProps<{
    spec: TableSpecView;
    metered: string[];
    inside: { length: number; width: number } | null;
    errors: Record<string, string>;
    readonly: boolean;
}>();
const points = defineModel<Row[]>('points', { required: true });
const emit = defineEmits<{ change: [] }>();
const start = (last: Row | undefined): Row => ({
    xMm: last?.xMm ?? Math.round((props.inside?.length ?? 600) / 2),
    yMm: last?.yMm ?? Math.round((props.inside?.width ?? 400) / 2),
    depthMm: last?.depthMm ?? 100,
});
</script>

<template>
    <details class="metered" :open="points.length > 0">
        <summary>
            Read with a meter
            <small>{{ points.length ? `${points.length} points` : 'three or more calibrate the maps' }}</small>
        </summary>
        <PlanTable
            v-model:rows="points"
            table="points"
            :spec="spec"
            :errors="errors"
            :readonly="readonly"
            caption="Read with a meter"
            first="write down the first reading"
            :without="['name']"
            beside="Beside"
            :said="(i) => ({ words: metered[i] ?? '' })"
            :start="start"
            @change="emit('change')"
        />
    </details>
</template>
