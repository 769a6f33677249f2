<script setup lang="ts">
import { computed } from 'vue';
import NumberCell from '../control/NumberCell.vue';
import { useKeptDocument } from '../shared/keptDocument';
import MarginNotes from '../shared/MarginNotes.vue';
import { freshId, type AnimalDoc, type BoxDoc, type MoveDoc, type MoveProps, type PieceDoc } from './move';
import MoveTabs from './MoveTabs.vue';
import NumberIn from './NumberIn.vue';
import RowTable from './RowTable.vue';
import TimeCell from './TimeCell.vue';

const props = defineProps<MoveProps>();
const { doc, past, standing, change, undo, send, takeTheirs } = useKeptDocument<MoveDoc>({
    url: () => `/moves/${props.move.id}`,
    written: () => props.written,
    revision: () => props.move.revision,
    conflict: () => props.conflict,
});
const locked = computed(() => !props.move.mayPlan);
const drives = computed(() => ['house', 'removal'].includes(props.move.kind));
function set<K extends keyof MoveDoc>(key: K, value: MoveDoc[K]) {
    change({ ...doc.value, [key]: value });
}
type Part = 'way' | 'holding' | 'truck' | 'waters';
function put(part: Part, key: string, value: unknown) {
    change({ ...doc.value, [part]: { ...(doc.value[part] ?? {}), [key]: value } });
}
const of = (part: Part, key: string) => (doc.value[part] as Record<string, unknown> | null | undefined)?.[key];
const num = (part: Part, key: string) => (of(part, key) ?? null) as number | null;
const yes = (part: Part, key: string) => of(part, key) === true;
function putWater(which: 'old' | 'fresh' | 'limits', parameter: string, value: number | null) {
    const before = (doc.value.waters[which] ?? {}) as Record<string, number | null>;
    put('waters', which, { ...before, [parameter]: value });
}
const water = (which: string, parameter: string) =>
    ((doc.value.waters[which] ?? {}) as Record<string, number | null>)[parameter] ?? null;
const comes = (id: number) => doc.value.people.some((p) => p.id === `u${id}`);
function come(person: { id: number; name: string; skills: string[] }, on: boolean) {
    const rest = doc.value.people.filter((p) => p.id !== `u${person.id}`);
    set(
        'people',
        on ? [...rest, { id: `u${person.id}`, label: person.name, limitKg: 25, skills: person.skills }] : rest,
    );
}
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
function addAnimal(coral: boolean) {
    const row: AnimalDoc = { id: freshId('a', doc.value.animals), label: '', count: 1, coral, box: null };
    set('animals', [...doc.value.animals, row]);
}
function addBox() {
    const id = freshId('b', doc.value.boxes);
    const row: BoxDoc = {
        id,
        label: `box ${doc.value.boxes.length + 1}`,
        litres: 28,
        wall: 'foam',
        lengthMm: 600,
        widthMm: 400,
        heightMm: 320,
        airLMin: 0,
        airHours: null,
        cabin: false,
    };
    set('boxes', [...doc.value.boxes, row]);
}
/** As few boxes as may be: those there are first, as many more of the first one’s size as it takes. */
function putIntoBoxes() {
    const proposed = props.boxing?.boxes ?? [];
    const boxes = [...doc.value.boxes];
    const like: BoxDoc = boxes[0] ?? {
        id: '',
        litres: 28,
        wall: 'foam',
        lengthMm: 600,
        widthMm: 400,
        heightMm: 320,
        airLMin: 0,
        airHours: null,
        cabin: false,
    };
    while (boxes.length < proposed.length)
        boxes.push({ ...like, id: freshId('b', boxes), label: `box ${boxes.length + 1}` });
    const box = (id: string) => boxes[proposed.findIndex((in_) => in_.includes(id))]?.id ?? null;
    change({ ...doc.value, boxes, animals: doc.value.animals.map((a) => ({ ...a, box: box(a.id) })) });
}
const nameOf = (id: string) => doc.value.animals.find((a) => a.id === id)?.label || 'one without a name';
function addPiece() {
    set('pieces', [...doc.value.pieces, { id: freshId('p', doc.value.pieces), label: '', kind: 'gear' } as PieceDoc]);
}
const WALLS = { foam: '30 mm foam', bin: 'bin with a lid', open: 'bin, open' };
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
const VERDICTS = { unseen: 'not looked at', sound: 'sound', doubtful: 'doubtful', cracked: 'cracked' };
const PARAMETERS: [string, string, string | undefined][] = [
    ['temperature', 'Temperature', 'degC'],
    ['salinity', 'Salinity', 'g/kg'],
    ['ph', 'pH', undefined],
    ['alkalinity', 'Alkalinity', 'dKH'],
    ['calcium', 'Calcium', 'mg/L'],
    ['magnesium', 'Magnesium', 'mg/L'],
    ['nitrate', 'Nitrate', 'mg/L'],
    ['phosphate', 'Phosphate', 'mg/L'],
];
const STANDINGS = {
    kept: 'Everything here is kept.',
    typing: 'typing…',
    sending: 'being kept and worked out…',
    failed: 'Not kept: no connection, or something cannot be read. It is tried again with your next change.',
    conflict: 'Somebody else has written since.',
};
const asked = computed(() => props.gates.flatMap((g) => g.asked.map((a) => ({ ...a, gate: g.key }))));
const jump = (parameter: string) => props.waters.jumps.find((j) => j.parameter === parameter);
function tick(key: string, on: boolean) {
    set('ticks', on ? [...doc.value.ticks, key] : doc.value.ticks.filter((t) => t !== key));
}
const word = (event: Event) => (event.target as HTMLInputElement).value;
const checked = (event: Event) => (event.target as HTMLInputElement).checked;
</script>

<template>
    <div class="withmargin">
        <div class="page">
            <MoveTabs :move="move" here="plan" />
            <p class="keepline" :class="{ wrong: standing === 'failed' || standing === 'conflict' }" role="status">
                {{ STANDINGS[standing] }}
                <button v-if="standing === 'conflict'" type="button" class="linkish" @click="takeTheirs">
                    take theirs
                </button>
                <button v-if="standing === 'failed'" type="button" class="linkish" @click="send">try again</button>
                <button v-if="past.length && !locked" type="button" class="linkish" @click="undo">one step back</button>
            </p>
            <p v-if="wrong" class="wrong" role="alert">{{ wrong.words }}.</p>
            <p v-if="missing.length" class="standing"><b>The course still needs</b> {{ missing.join('; ') }}.</p>
            <fieldset class="moveplan" :disabled="locked">
                <section>
                    <h2>The holding first</h2>
                    <p class="quiet">
                        Where the animals stay when it does not go on. No date is promised before it has been filled,
                        measured, and warm for twelve hours on its stand.
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
                            ['borne', 'what it stands on bears it'],
                            ['proved', 'it is proved: filled, measured, warm for twelve hours'],
                        ]"
                        :key="key"
                        class="check"
                        ><input
                            type="checkbox"
                            :checked="yes('holding', key)"
                            @change="put('holding', key, checked($event))"
                        />
                        {{ label }}</label
                    >
                    <p v-if="waters.holdingHours !== null" class="says">
                        Ammonia comes to where it harms after <b>{{ waters.holdingHours.toFixed(0) }} h</b>.
                        <template v-if="waters.holdingChangePercent !== null"
                            >Changing <b>{{ Math.ceil(waters.holdingChangePercent) }} %</b> each time keeps it
                            under.</template
                        >
                    </p>
                </section>
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
                        <label class="numbercell" for="t-f"
                            ><span>Fish are caught</span>
                            <select
                                id="t-f"
                                class="cell"
                                :value="doc.fish ?? 'last'"
                                @change="set('fish', word($event))"
                            >
                                <option value="last">last, with the rock out</option>
                                <option value="first">first, among the rock</option>
                            </select></label
                        >
                    </div>
                    <label v-for="p in people" :key="p.id" class="check"
                        ><input type="checkbox" :checked="comes(p.id)" @change="come(p, checked($event))" />
                        {{ p.name }}
                        <small v-if="p.busy" class="wrong">{{ p.busy }}</small></label
                    >
                    <RowTable
                        :rows="doc.people"
                        what="people"
                        add="Add a hired hand"
                        :heads="['Name', 'Lifts']"
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
                        </template>
                    </RowTable>
                </section>
                <section v-if="drives">
                    <h2>The way</h2>
                    <div class="cells">
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
                    <label class="check"
                        ><input
                            type="checkbox"
                            :checked="of('way', 'windy') !== false"
                            @change="put('way', 'windy', checked($event))"
                        />
                        wind blows where boxes are carried</label
                    >
                </section>
                <section>
                    <h2>Animals</h2>
                    <RowTable
                        :rows="doc.animals"
                        what="animals"
                        add="Add fish"
                        :heads="['What', 'How many', 'Length, cm', 'It is', 'Box']"
                        :readonly="locked"
                        @add="addAnimal(false)"
                        @change="set('animals', $event)"
                    >
                        <template #default="{ row, n, set: setRow }">
                            <td>
                                <input
                                    class="cell"
                                    type="text"
                                    maxlength="80"
                                    :aria-label="`animal ${n + 1}`"
                                    :value="row.label"
                                    @change="setRow({ ...row, label: word($event) })"
                                />
                            </td>
                            <td>
                                <NumberIn
                                    :value="row.count"
                                    :label="`how many of animal ${n + 1}`"
                                    @change="setRow({ ...row, count: $event === null ? null : Math.round($event) })"
                                />
                            </td>
                            <td>
                                <NumberIn
                                    v-if="!row.coral"
                                    :value="row.lengthCm"
                                    :label="`length of animal ${n + 1}, cm`"
                                    @change="setRow({ ...row, lengthCm: $event })"
                                /><span v-else class="quiet">coral</span>
                            </td>
                            <td class="ticks">
                                <label
                                    v-for="[key, label] in (row.coral
                                        ? [
                                              ['glued', 'glued'],
                                              ['toxic', 'zoanthid'],
                                          ]
                                        : [
                                              ['deep', 'deep'],
                                              ['alone', 'alone'],
                                              ['toxic', 'toxic'],
                                          ]) as ['glued' | 'toxic' | 'deep' | 'alone', string][]"
                                    :key="key"
                                    class="check"
                                    ><input
                                        type="checkbox"
                                        :checked="row[key] === true"
                                        @change="setRow({ ...row, [key]: checked($event) })"
                                    />
                                    {{ label }}</label
                                >
                            </td>
                            <td>
                                <select
                                    class="cell"
                                    :aria-label="`box of animal ${n + 1}`"
                                    :value="row.box ?? ''"
                                    @change="setRow({ ...row, box: word($event) || null })"
                                >
                                    <option value="">no box yet</option>
                                    <option v-for="b in doc.boxes" :key="b.id" :value="b.id">{{ b.label }}</option>
                                </select>
                            </td>
                        </template>
                    </RowTable>
                    <p v-if="!locked">
                        <button type="button" class="outline" @click="addAnimal(true)">Add corals</button>
                        <button v-if="boxing?.boxes.length" type="button" class="outline" @click="putIntoBoxes">
                            Put them into {{ boxing.boxes.length }}
                            {{ boxing.boxes.length === 1 ? 'box' : 'boxes' }}
                        </button>
                        <small v-if="boxing?.proven" class="quiet"> no fewer will do</small>
                    </p>
                    <p v-if="boxing?.left.length" class="wrong">
                        Into no box of that size, or not measured: {{ boxing.left.map(nameOf).join(', ') }}
                    </p>
                </section>
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
                            'Rides',
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
                                <select
                                    class="cell"
                                    :aria-label="`where box ${n + 1} rides`"
                                    :value="row.cabin ? 'cabin' : 'load'"
                                    @change="setRow({ ...row, cabin: word($event) === 'cabin' })"
                                >
                                    <option value="load">load space</option>
                                    <option value="cabin">cabin</option>
                                </select>
                            </td>
                        </template>
                    </RowTable>
                </section>
                <section>
                    <h2>What is carried</h2>
                    <p class="quiet caution">
                        Glass and wet gear: power off and unplugged before anything is lifted; gloves, shoes, nobody
                        beneath. Lifting limits are the best case; local rules decide.
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
                            'Unions',
                            'Acrylic, years',
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
                        </template>
                    </RowTable>
                </section>
                <section>
                    <h2>Water</h2>
                    <div class="cells">
                        <NumberCell
                            v-for="[key, label, kind, unit] in [
                                ['oldL', 'Kept', 'L', undefined],
                                ['newL', 'Mixed new', 'L', undefined],
                                ['drainLh', 'Runs out', undefined, 'L/h'],
                                ['fillLh', 'Comes in', undefined, 'L/h'],
                                ['totalAmmoniaMgL', 'Ammonia in the old, as N', 'mg/L', undefined],
                            ] as [string, string, string | undefined, string | undefined][]"
                            :id="`v-${key}`"
                            :key="key"
                            :model-value="num('waters', key)"
                            :label="label"
                            :kind="kind"
                            :unit="unit"
                            optional
                            @update:model-value="put('waters', key, $event)"
                        />
                    </div>
                    <div class="tablebox" tabindex="0" role="region" aria-label="Old and new water">
                        <table class="plainer rowtable">
                            <thead>
                                <tr>
                                    <th scope="col">Parameter</th>
                                    <th scope="col">Old</th>
                                    <th scope="col">New</th>
                                    <th scope="col">May go</th>
                                    <th scope="col" class="num">Jump</th>
                                </tr>
                            </thead>
                            <tbody>
                                <tr v-for="[key, label, kind] in PARAMETERS" :key="key">
                                    <th scope="row">{{ label }}</th>
                                    <td v-for="which in ['old', 'fresh'] as const" :key="which">
                                        <NumberIn
                                            :value="water(which, key)"
                                            :label="`${label}, ${which === 'old' ? 'old' : 'new'} water`"
                                            :kind="kind"
                                            @change="putWater(which, key, $event)"
                                        />
                                    </td>
                                    <td>
                                        <NumberIn
                                            :value="water('limits', key)"
                                            :label="`${label} may go`"
                                            @change="putWater('limits', key, $event)"
                                        />
                                    </td>
                                    <td class="num">
                                        <span v-if="jump(key)" :class="{ wrong: jump(key)?.isOver }"
                                            >{{ (jump(key)?.jump ?? 0) > 0 ? '+' : ''
                                            }}{{ jump(key)?.jump.toFixed(2) }}</span
                                        >
                                    </td>
                                </tr>
                            </tbody>
                        </table>
                    </div>
                    <p v-if="waters.acclimationMin !== null" class="says">
                        <template v-if="waters.isStraight"
                            >The box water carries too much ammonia to wait: straight into water matched to
                            it.</template
                        ><template v-else
                            >Bringing them over takes <b>{{ Math.ceil(waters.acclimationMin) }} min</b>.</template
                        >
                    </p>
                </section>
                <section v-if="drives">
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
                </section>
                <section>
                    <h2>Said to be so</h2>
                    <label v-for="a in asked" :key="a.key" class="check"
                        ><input
                            type="checkbox"
                            :checked="doc.ticks.includes(a.key)"
                            @change="tick(a.key, checked($event))"
                        />
                        {{ a.label }} <small class="quiet">{{ a.gate }}</small></label
                    >
                </section>
            </fieldset>
        </div>
        <aside class="margin" aria-label="Margin"><MarginNotes :findings="findings" /></aside>
    </div>
</template>
