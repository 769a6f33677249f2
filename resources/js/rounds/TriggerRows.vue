<script setup lang="ts">
import type { TriggerView } from '../generated';

/** Further reasons for a job to come due; the first of them wins (S-48). */
const props = defineProps<{
    kinds: Record<string, string>;
    signs: Record<string, string>;
    usedBy: Record<string, string>;
    parameters: Record<string, string>;
}>();
const rows = defineModel<TriggerView[]>({ required: true });
const MOST = 4;
const DAYS: [number, string][] = [
    [1, 'Mon'],
    [2, 'Tue'],
    [3, 'Wed'],
    [4, 'Thu'],
    [5, 'Fri'],
    [6, 'Sat'],
    [7, 'Sun'],
];
const BLANK: Omit<TriggerView, 'kind'> = {
    days: null,
    parameter: null,
    below: null,
    above: null,
    stop: null,
    sign: null,
    vesselL: null,
    mlPerDay: null,
    leadDays: null,
    by: null,
    limit: null,
    perDay: null,
    on: null,
    everyDays: null,
    forDays: null,
};

function add() {
    rows.value = [...rows.value, { ...BLANK, kind: Object.keys(props.kinds)[0] ?? 'weekdays', days: [] }];
}

function become(row: TriggerView, kind: string) {
    Object.assign(row, BLANK, { kind, days: kind === 'weekdays' ? [] : null });
}

function toggle(row: TriggerView, day: number) {
    const days = row.days ?? [];
    row.days = days.includes(day) ? days.filter((d) => d !== day) : [...days, day].sort();
}
</script>

<template>
    <fieldset class="triggers wide">
        <legend>Also due</legend>
        <div v-for="(row, n) in rows" :key="n" class="trigger">
            <label :for="`tk${n}`" class="visually-hidden">Reason {{ n + 1 }}</label>
            <select :id="`tk${n}`" :value="row.kind" @change="become(row, ($event.target as HTMLSelectElement).value)">
                <option v-for="(label, key) in kinds" :key="key" :value="key">{{ label }}</option>
            </select>
            <span v-if="row.kind === 'weekdays'" class="days" role="group" aria-label="Weekdays">
                <button
                    v-for="[d, name] in DAYS"
                    :key="d"
                    type="button"
                    class="daychip"
                    :aria-pressed="row.days?.includes(d) ?? false"
                    @click="toggle(row, d)"
                >
                    {{ name }}
                </button>
            </span>
            <template v-else-if="row.kind === 'reading'">
                <select v-model="row.parameter" :aria-label="`Reason ${n + 1}: what is read`">
                    <option v-for="(label, key) in parameters" :key="key" :value="key">{{ label }}</option>
                </select>
                <label :for="`tb${n}`">below</label
                ><input :id="`tb${n}`" v-model.number="row.below" class="short" type="number" step="any" />
                <label :for="`ta${n}`">or above</label
                ><input :id="`ta${n}`" v-model.number="row.above" class="short" type="number" step="any" />
                <label :for="`ts${n}`">goes on until</label
                ><input
                    :id="`ts${n}`"
                    v-model.number="row.stop"
                    class="short"
                    type="number"
                    step="any"
                    placeholder="once"
                />
                <template v-if="typeof row.stop === 'number'"
                    ><label :for="`tx${n}`">every, days</label
                    ><input
                        :id="`tx${n}`"
                        v-model.number="row.everyDays"
                        class="short"
                        type="number"
                        min="1"
                        placeholder="1"
                /></template>
            </template>
            <select v-else-if="row.kind === 'sign'" v-model="row.sign" :aria-label="`Reason ${n + 1}: which sign`">
                <option v-for="(label, key) in signs" :key="key" :value="key">{{ label }}</option>
            </select>
            <template v-else-if="row.kind === 'run-out'">
                <label :for="`tv${n}`">vessel, L</label
                ><input :id="`tv${n}`" v-model.number="row.vesselL" class="short" type="number" min="0" step="any" />
                <label :for="`tm${n}`">mL a day</label
                ><input :id="`tm${n}`" v-model.number="row.mlPerDay" class="short" type="number" min="0" step="any" />
                <label :for="`tl${n}`">days before</label
                ><input
                    :id="`tl${n}`"
                    v-model.number="row.leadDays"
                    class="short"
                    type="number"
                    min="0"
                    placeholder="3"
                />
            </template>
            <template v-else-if="row.kind === 'usage'">
                <label :for="`tu${n}`">after</label
                ><input :id="`tu${n}`" v-model.number="row.limit" class="short" type="number" min="0" step="any" />
                <select v-model="row.by" :aria-label="`Reason ${n + 1}: of what`">
                    <option v-for="(label, key) in usedBy" :key="key" :value="key">{{ label }}</option>
                </select>
                <label :for="`tp${n}`">a day</label
                ><input
                    :id="`tp${n}`"
                    v-model.number="row.perDay"
                    class="short"
                    type="number"
                    min="0"
                    step="any"
                    placeholder="unknown"
                />
            </template>
            <template v-else>
                <label :for="`to${n}`">{{ row.kind === 'once' ? 'on' : 'from' }}</label><input
                    :id="`to${n}`"
                    v-model="row.on"
                    type="date"
                />
                <template v-if="row.kind === 'event'">
                    <label :for="`te${n}`">every, days</label
                    ><input
                        :id="`te${n}`"
                        v-model.number="row.everyDays"
                        class="short"
                        type="number"
                        min="1"
                        placeholder="1"
                    />
                    <label :for="`tf${n}`">for, days</label
                    ><input
                        :id="`tf${n}`"
                        v-model.number="row.forDays"
                        class="short"
                        type="number"
                        min="1"
                        placeholder="7"
                    />
                </template>
            </template>
            <button
                type="button"
                class="linkish"
                :aria-label="`Take reason ${n + 1} away`"
                @click="rows = rows.filter((_, i) => i !== n)"
            >
                take away
            </button>
        </div>
        <button v-if="rows.length < MOST" type="button" class="linkish" @click="add">
            {{ rows.length ? 'one more reason' : 'by weekday, reading, sign, use, an event…' }}
        </button>
        <small v-if="rows.length" class="quiet">The first reason wins.</small>
    </fieldset>
</template>
