<script setup lang="ts">
import PhotoOf from '../shared/PhotoOf.vue';
import { freshId, type MoveProps, type PieceDoc } from './move';
import NumberIn from './NumberIn.vue';
import RidesCells from './RidesCells.vue';
import RowTable from './RowTable.vue';
import { checked, word, usePlanDesk } from './planDesk';

/** What is carried besides boxes. */
defineProps<{
    move: number;
    photos: { id: number; of: string; href: string }[];
    fates: MoveProps['fates'];
}>();
const { doc, locked, set } = usePlanDesk();
function addPiece() {
    set('pieces', [...doc.value.pieces, { id: freshId('p', doc.value.pieces), label: '', kind: 'gear' } as PieceDoc]);
}
const KINDS = {
    tank: 'tank',
    stand: 'stand',
    sump: 'sump',
    lamp: 'lamp, hood',
    rock: 'rock',
    sand: 'sand',
    barrel: 'barrel',
    gear: 'gear',
};
const FATES = { reuse: 'rides', service: 'is serviced', replace: 'is replaced', sell: 'is sold' };
const VERDICTS = { unseen: 'not looked at', sound: 'sound', doubtful: 'doubtful', cracked: 'cracked' };
</script>

<template>
    <section>
        <h2>What is carried</h2>
        <p class="quiet caution">
            Glass and wet gear: power off and unplugged before anything is lifted; gloves, shoes, nobody beneath.
            Lifting limits are the best case; local rules decide.
        </p>
        <RowTable
            :rows="doc.pieces"
            what="pieces"
            add="Add a piece"
            :heads="[
                'What',
                'Is',
                'Long',
                'Wide',
                'High',
                'Weighs',
                'Looked over',
                'What becomes of it',
                'Unions',
                'Acrylic, years',
                'Rides',
                'Off as no.',
            ]"
            :readonly="locked"
            @add="addPiece"
            @change="set('pieces', $event)"
        >
            <template #default="{ row, n, set: setRow }">
                <td>
                    <input
                        class="cell"
                        type="text"
                        maxlength="80"
                        :aria-label="`piece ${n + 1}`"
                        :value="row.label"
                        @change="setRow({ ...row, label: word($event) })"
                    />
                </td>
                <td>
                    <select
                        class="cell"
                        :aria-label="`piece ${n + 1} is`"
                        :value="row.kind ?? 'gear'"
                        @change="setRow({ ...row, kind: word($event) })"
                    >
                        <option v-for="(label, key) in KINDS" :key="key" :value="key">{{ label }}</option>
                    </select>
                </td>
                <td v-for="key in ['lengthMm', 'widthMm', 'heightMm'] as const" :key="key">
                    <NumberIn
                        :value="row[key]"
                        :label="`${key.replace('Mm', '')} of piece ${n + 1}`"
                        kind="mm"
                        @change="setRow({ ...row, [key]: $event })"
                    />
                </td>
                <td>
                    <NumberIn
                        :value="row.kg"
                        :label="`piece ${n + 1} weighs`"
                        kind="kg"
                        @change="setRow({ ...row, kg: $event })"
                    />
                </td>
                <td>
                    <select
                        v-if="['tank', 'stand', 'sump'].includes(row.kind ?? '')"
                        class="cell"
                        :aria-label="`piece ${n + 1} was found`"
                        :value="row.verdict ?? 'unseen'"
                        @change="setRow({ ...row, verdict: word($event) })"
                    >
                        <option v-for="(label, key) in VERDICTS" :key="key" :value="key">
                            {{ label }}
                        </option>
                    </select>
                    <PhotoOf
                        v-if="['tank', 'stand', 'sump'].includes(row.kind ?? '')"
                        :to="`/moves/${move}/photos`"
                        :about="`move:${move}:${row.id}`"
                        :label="row.label || row.kind || 'the piece'"
                        :photos="photos.filter((p) => p.of === row.id)"
                        :may-add="!locked"
                    />
                </td>
                <td>
                    <select
                        v-if="fates.asked.includes(row.kind ?? 'gear')"
                        class="cell"
                        :aria-label="`what becomes of piece ${n + 1}`"
                        :value="row.fate ?? ''"
                        @change="setRow({ ...row, fate: word($event) || null })"
                    >
                        <option value="">not decided</option>
                        <option v-for="(label, key) in FATES" :key="key" :value="key">{{ label }}</option>
                    </select>
                    <NumberIn
                        v-if="fates.takeTime.includes(row.fate ?? '')"
                        :value="row.leadDays"
                        :label="`piece ${n + 1} takes until it is there, days`"
                        @change="setRow({ ...row, leadDays: $event })"
                    />
                    <small v-if="fates.takeTime.includes(row.fate ?? '')" class="quiet"> days</small>
                    <select
                        v-if="row.kind === 'rock'"
                        class="cell"
                        :aria-label="`how piece ${n + 1} rides`"
                        :value="row.ride ?? ''"
                        @change="setRow({ ...row, ride: word($event) || null })"
                    >
                        <option value="">not said</option>
                        <option value="damp">damp, under wet cloth</option>
                        <option value="submerged">under aired water</option>
                    </select>
                </td>
                <td>
                    <NumberIn
                        :value="row.unions"
                        :label="`unions of piece ${n + 1}`"
                        @change="setRow({ ...row, unions: $event === null ? null : Math.round($event) })"
                    />
                </td>
                <td>
                    <template v-if="row.kind === 'tank'"
                        ><input
                            type="checkbox"
                            :aria-label="`piece ${n + 1} is acrylic`"
                            :checked="row.acrylic === true"
                            @change="setRow({ ...row, acrylic: checked($event) })" />
                        <NumberIn
                            v-if="row.acrylic"
                            :value="row.ageYears"
                            :label="`years of piece ${n + 1}`"
                            @change="setRow({ ...row, ageYears: $event })"
                    /></template>
                </td>
                <RidesCells
                    :rides="row.rides"
                    :leaves="row.leaves"
                    :what="`piece ${n + 1}`"
                    @change="setRow({ ...row, rides: $event.rides })"
                    @leaves="setRow({ ...row, leaves: $event })"
                />
            </template>
        </RowTable>
    </section>
</template>
