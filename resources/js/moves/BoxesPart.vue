<script setup lang="ts">
import { USUAL_BOX, freshId } from './move';
import NumberIn from './NumberIn.vue';
import RidesCells from './RidesCells.vue';
import RowTable from './RowTable.vue';
import { word, usePlanDesk } from './planDesk';

/** Boxes: what they hold, of what they are, air, where they ride. */
const { doc, locked, set } = usePlanDesk();
function addBox() {
    const id = freshId('b', doc.value.boxes);
    const label = `box ${doc.value.boxes.length + 1}`;
    set('boxes', [...doc.value.boxes, { ...USUAL_BOX, id, label }]);
}
const WALLS = { foam: '30 mm foam', bin: 'bin with a lid', open: 'bin, open' };
</script>

<template>
    <section>
        <h2>Boxes</h2>
        <RowTable
            :rows="doc.boxes"
            what="boxes"
            add="Add a box"
            :heads="[
                'Label',
                'Water',
                'Of',
                'Inside, long',
                'wide',
                'high',
                'Air, L/min',
                'Battery, h',
                'Warm packs, W',
                'Rides',
                'Off as no.',
            ]"
            :readonly="locked"
            @add="addBox"
            @change="set('boxes', $event)"
        >
            <template #default="{ row, n, set: setRow }">
                <td>
                    <input
                        class="cell"
                        type="text"
                        maxlength="80"
                        :aria-label="`box ${n + 1}`"
                        :value="row.label"
                        @change="setRow({ ...row, label: word($event) })"
                    />
                </td>
                <td>
                    <NumberIn
                        :value="row.litres"
                        :label="`water in box ${n + 1}`"
                        kind="L"
                        @change="setRow({ ...row, litres: $event })"
                    />
                </td>
                <td>
                    <select
                        class="cell"
                        :aria-label="`box ${n + 1} is of`"
                        :value="row.wall ?? 'bin'"
                        @change="setRow({ ...row, wall: word($event) })"
                    >
                        <option v-for="(label, key) in WALLS" :key="key" :value="key">{{ label }}</option>
                    </select>
                </td>
                <td v-for="key in ['lengthMm', 'widthMm', 'heightMm'] as const" :key="key">
                    <NumberIn
                        :value="row[key]"
                        :label="`${key.replace('Mm', '')} of box ${n + 1}`"
                        kind="mm"
                        @change="setRow({ ...row, [key]: $event })"
                    />
                </td>
                <td>
                    <NumberIn
                        :value="row.airLMin"
                        :label="`air of box ${n + 1}, L/min`"
                        @change="setRow({ ...row, airLMin: $event })"
                    />
                </td>
                <td>
                    <NumberIn
                        :value="row.airHours"
                        :label="`battery of box ${n + 1}, h`"
                        @change="setRow({ ...row, airHours: $event })"
                    />
                </td>
                <td>
                    <NumberIn
                        :value="row.warmW"
                        :label="`warm packs beside box ${n + 1}, W`"
                        @change="setRow({ ...row, warmW: $event })"
                    />
                </td>
                <RidesCells
                    :rides="row.rides"
                    :cabin="row.cabin ? 'yes' : 'no'"
                    :leaves="row.leaves"
                    :what="`box ${n + 1}`"
                    @change="setRow({ ...row, ...$event })"
                    @leaves="setRow({ ...row, leaves: $event })"
                />
            </template>
        </RowTable>
    </section>
</template>
