<script setup lang="ts">
import { computed } from 'vue';
import NumberCell from '../control/NumberCell.vue';
import { freshId, type VehicleDoc } from './move';
import NumberIn from './NumberIn.vue';
import { checked, usePlanDesk, word } from './planDesk';
import RowTable from './RowTable.vue';
import TimeCell from './TimeCell.vue';

/** The first truck’s bed and axles, and whatever else drives. */
const { doc, locked, set, put, num } = usePlanDesk();
const more = computed(() => doc.value.vehicles ?? []);
/** A van where nobody has said another. */
const VAN: Omit<VehicleDoc, 'id'> = { lengthMm: 2500, widthMm: 1600, heightMm: 1700, payloadKg: 900, crewKg: 80 };
function addVehicle() {
    const id = freshId('v', more.value);
    set('vehicles', [...more.value, { ...VAN, id, label: `van ${more.value.length + 2}` }]);
}
</script>

<template>
    <section>
        <h2>The truck</h2>
        <div class="cells">
            <NumberCell
                v-for="[key, label, kind] in [
                    ['lengthMm', 'Bed, long', 'mm'],
                    ['widthMm', 'wide', 'mm'],
                    ['heightMm', 'high', 'mm'],
                    ['payloadKg', 'May carry', 'kg'],
                    ['crewKg', 'Crew in it', 'kg'],
                    ['wheelbaseMm', 'Wheelbase', 'mm'],
                    ['bulkheadMm', 'Bed behind the front axle', 'mm'],
                    ['emptyFrontKg', 'Empty, front axle', 'kg'],
                    ['emptyRearKg', 'Empty, rear axle', 'kg'],
                    ['frontMostKg', 'Front axle bears', 'kg'],
                    ['rearMostKg', 'Rear axle bears', 'kg'],
                ] as [string, string, string][]"
                :id="`k-${key}`"
                :key="key"
                :model-value="num('truck', key)"
                :label="label"
                :kind="kind"
                optional
                @update:model-value="put('truck', key, $event)"
            />
        </div>
        <h3>Further vehicles</h3>
        <p v-if="!more.length" class="quiet">None. What the truck cannot bear or hold would go on to the next.</p>
        <RowTable
            :rows="more"
            what="vehicles"
            add="Add a vehicle"
            :heads="['Which', 'Hired', 'Back by', 'An hour late', 'Bed, long', 'wide', 'high', 'May carry', 'Crew']"
            :readonly="locked"
            @add="addVehicle"
            @change="set('vehicles', $event)"
        >
            <template #default="{ row, n, set: setRow }">
                <td>
                    <input
                        class="cell"
                        type="text"
                        maxlength="80"
                        :aria-label="`vehicle ${n + 2}`"
                        :value="row.label"
                        @change="setRow({ ...row, label: word($event) })"
                    />
                </td>
                <td>
                    <input
                        type="checkbox"
                        :aria-label="`vehicle ${n + 2} is hired`"
                        :checked="row.hired === true"
                        @change="setRow({ ...row, hired: checked($event) })"
                    />
                </td>
                <td>
                    <TimeCell
                        :id="`vehicle-back-${row.id}`"
                        label=""
                        :aria="`vehicle ${n + 2} is back by`"
                        :model-value="row.backMin"
                        @update:model-value="setRow({ ...row, backMin: $event ?? null })"
                    />
                </td>
                <td>
                    <NumberIn
                        :value="row.latePerH"
                        :label="`what an hour late costs of vehicle ${n + 2}`"
                        @change="setRow({ ...row, latePerH: $event })"
                    />
                </td>
                <td v-for="key in ['lengthMm', 'widthMm', 'heightMm'] as const" :key="key">
                    <NumberIn
                        :value="row[key]"
                        :label="`${key.replace('Mm', '')} of vehicle ${n + 2}`"
                        kind="mm"
                        @change="setRow({ ...row, [key]: $event })"
                    />
                </td>
                <td v-for="key in ['payloadKg', 'crewKg'] as const" :key="key">
                    <NumberIn
                        :value="row[key]"
                        :label="`${key === 'payloadKg' ? 'load' : 'crew'} of vehicle ${n + 2}`"
                        kind="kg"
                        @change="setRow({ ...row, [key]: $event })"
                    />
                </td>
            </template>
        </RowTable>
    </section>
</template>
