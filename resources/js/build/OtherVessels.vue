<script setup lang="ts">
import type { TableSpecView } from '../generated';
import type { Row } from '../shared/draft';
import PlanTable from '../shared/PlanTable.vue';

/** Further vessels on the same water, each at its own height; they stand in the drawing and in every sum. */
const props = defineProps<{
    rooms?: string[];
    spec: TableSpecView;
    errors: Record<string, string>;
    readonly: boolean;
}>();
const vessels = defineModel<Row[]>('vessels', { required: true });
const emit = defineEmits<{ change: [] }>();
</script>

<template>
    <details class="metered" :open="vessels.length > 0">
        <summary>
            Other vessels on this water <small>{{ vessels.length || 'refugium, frag tank, second display' }}</small>
        </summary>
        <PlanTable
            v-model:rows="vessels"
            table="vessels"
            :spec="spec"
            :errors="errors"
            :readonly="readonly"
            caption="Other vessels"
            :offers="{ room: props.rooms ?? [] }"
            first="add the first one"
            @change="emit('change')"
        />
    </details>
</template>
