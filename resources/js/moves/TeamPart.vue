<script setup lang="ts">
import { computed } from 'vue';
import { clockOf, freshId, type MoveProps } from './move';
import NumberIn from './NumberIn.vue';
import RowTable from './RowTable.vue';
import NumberCell from '../control/NumberCell.vue';
import TimeCell from './TimeCell.vue';
import { checked, word, usePlanDesk } from './planDesk';

/** Who comes, and from when to when. */
defineProps<{
    people: MoveProps['people'];
    drives: boolean;
    darkMin: number | null;
    currency: string;
    crewNeeded: number | null;
}>();
const { doc, locked, set, put, num } = usePlanDesk();
const LATE = [
    { key: 'truck', end: 'truckBackMin', label: 'The truck an hour late' },
    { key: 'leave', end: 'leaveByMin', label: 'Out an hour late' },
    { key: 'inside', end: 'insideByMin', label: 'Inside an hour late' },
] as const;
/** Only what has an end can be late for it. */
const ends = computed(() => LATE.filter((l) => doc.value[l.end] !== null && doc.value[l.end] !== undefined));
const comes = (id: number) => doc.value.people.some((p) => p.id === `u${id}`);
function come(person: { id: number; name: string; skills: string[] }, on: boolean) {
    const rest = doc.value.people.filter((p) => p.id !== `u${person.id}`);
    set(
        'people',
        on ? [...rest, { id: `u${person.id}`, label: person.name, limitKg: 25, skills: person.skills }] : rest,
    );
}
/** Those the day is planned with: spares come only when called. */
const planned = computed(() => doc.value.people.filter((p) => p.spare !== true).length);
const hired = computed(() => doc.value.people.filter((p) => !/^u\d+$/.test(p.id)));
function addHired() {
    const id = freshId('h', hired.value);
    set('people', [...doc.value.people, { id, label: 'hired hand', limitKg: 25, skills: [] }]);
}
const person = (id: string, more: object) =>
    set(
        'people',
        doc.value.people.map((p) => (p.id === id ? { ...p, ...more } : p)),
    );
</script>

<template>
    <section>
        <h2>Who comes, and when</h2>
        <div class="cells">
            <TimeCell
                id="t-b"
                :model-value="doc.beginsMin ?? 600"
                label="Work begins"
                @update:model-value="set('beginsMin', $event ?? null)"
            />
            <TimeCell
                v-if="drives"
                id="t-t"
                :model-value="doc.truckBackMin"
                label="The truck is back by"
                @update:model-value="set('truckBackMin', $event ?? null)"
            />
            <TimeCell
                v-if="drives"
                id="t-l"
                :model-value="doc.leaveByMin"
                label="Out of the old place by"
                @update:model-value="set('leaveByMin', $event ?? null)"
            />
            <TimeCell
                v-if="drives"
                id="t-i"
                :model-value="doc.insideByMin"
                label="All of it inside there by"
                @update:model-value="set('insideByMin', $event ?? null)"
            />
            <label class="numbercell" for="t-f"
                ><span>Fish are caught</span>
                <select id="t-f" class="cell" :value="doc.fish ?? 'last'" @change="set('fish', word($event))">
                    <option value="last">last, with the rock out</option>
                    <option value="first">first, among the rock</option>
                </select></label
            >
        </div>
        <div v-if="drives && ends.length" class="cells">
            <NumberCell
                v-for="l in ends"
                :id="`t-late-${l.key}`"
                :key="l.key"
                :model-value="num('late', l.key)"
                :label="l.label"
                :unit="currency"
                optional
                @update:model-value="put('late', l.key, $event)"
            />
        </div>
        <p v-if="drives && darkMin !== null" class="quiet">
            The sun sets there at {{ clockOf(darkMin) }} that day: glass and wet steps are carried over in its light.
            <button
                v-if="!locked && doc.insideByMin !== darkMin"
                type="button"
                class="linkish"
                @click="set('insideByMin', darkMin)"
            >
                take it as the end
            </button>
        </p>
        <p v-if="crewNeeded !== null" class="quiet">
            {{
                crewNeeded < planned
                    ? `By the times alone ${crewNeeded} of ${planned} would do; breaks and whoever falls ill are not counted in.`
                    : `All ${planned} are needed for the times as they stand.`
            }}
        </p>
        <label v-for="p in people" :key="p.id" class="check"
            ><input type="checkbox" :checked="comes(p.id)" @change="come(p, checked($event))" />
            {{ p.name }}
            <small v-if="p.busy" class="wrong">{{ p.busy }}</small></label
        >
        <RowTable
            :rows="doc.people"
            what="people"
            add="Add a hired hand"
            :heads="['Name', 'Lifts', 'Comes', 'From', 'Until', ...(drives ? ['Drives'] : [])]"
            :readonly="locked"
            @add="addHired"
            @change="set('people', $event)"
        >
            <template #default="{ row, n }">
                <td>
                    <input
                        class="cell"
                        type="text"
                        maxlength="80"
                        :aria-label="`person ${n + 1}`"
                        :value="row.label"
                        @change="person(row.id, { label: word($event) })"
                    />
                </td>
                <td>
                    <NumberIn
                        :value="row.limitKg"
                        :label="`person ${n + 1} lifts`"
                        kind="kg"
                        @change="person(row.id, { limitKg: $event })"
                    />
                </td>
                <td>
                    <select
                        class="cell"
                        :aria-label="`person ${n + 1} comes`"
                        :value="row.spare ? 'called' : 'surely'"
                        @change="person(row.id, { spare: word($event) === 'called' })"
                    >
                        <option value="surely">surely</option>
                        <option value="called">when called</option>
                    </select>
                </td>
                <td v-for="end in ['fromMin', 'untilMin'] as const" :key="end">
                    <TimeCell
                        :id="`p-${row.id}-${end}`"
                        :model-value="row[end]"
                        label=""
                        empty="all day"
                        :aria="`person ${n + 1} is there ${end === 'fromMin' ? 'from' : 'until'}`"
                        @update:model-value="person(row.id, { [end]: $event ?? null })"
                    />
                </td>
                <td v-if="drives">
                    <input
                        type="checkbox"
                        :aria-label="`person ${n + 1} drives`"
                        :checked="row.drives ?? false"
                        @change="person(row.id, { drives: checked($event) })"
                    />
                </td>
            </template>
        </RowTable>
    </section>
</template>
