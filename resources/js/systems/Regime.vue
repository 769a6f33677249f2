<script setup lang="ts">
import { router, useForm } from '@inertiajs/vue3';
import { ref } from 'vue';
import type { BandView, FindingView, ProductView, SystemHeaderView } from '../generated';
import FieldError from '../shared/FieldError.vue';
import { useShell } from '../shared/page';
import { useUnits } from '../shared/units';
import SystemFrame from './SystemFrame.vue';
import { PRECISIONS } from '../shared/choices';

const props = defineProps<{
    header: SystemHeaderView;
    findings: FindingView[];
    bands: BandView[];
    regimes: Record<string, string>;
    keepers: Record<string, string>;
    record: Record<string, string | number | null>;
    products: ProductView[];
    offered: Record<string, string>;
    others: Record<string, string>;
    mixes: Record<string, string>;
    leastMixes: (string | number)[];
}>();
const using = useForm({ product_id: null as number | null, how_much: '' });
const taking = useForm({ from: null as number | null });
const units = useUnits();
const { errors } = useShell();
const form = useForm({ ...props.record });
const volume = ref(
    props.record.measured_volume_l === null ? '' : units.typed(Number(props.record.measured_volume_l), 'L'),
);
const hose = ref(props.record.hose_flow_lh === null ? '' : units.typed(Number(props.record.hose_flow_lh), 'L/h'));
const LIMITS: [keyof BandView, string, string][] = [
    ['actLow', 'act_low', 'act below'],
    ['fineLow', 'fine_low', 'fine from'],
    ['aimLow', 'aim_low', 'aim from'],
    ['aimHigh', 'aim_high', 'aim to'],
    ['fineHigh', 'fine_high', 'fine to'],
    ['actHigh', 'act_high', 'act above'],
];
const editing = ref<string | null>(null);
const typed = ref<Record<string, string>>({});
const meta = ref({ tracked: true, reason: '', holds_while: '' });
const wrong = ref<Record<string, string>>({});
const cell = (band: BandView, key: keyof BandView) =>
    band[key] === null ? '' : units.plain(band[key] as number, band.kind);
function edit(band: BandView) {
    editing.value = band.parameter;
    typed.value = Object.fromEntries(LIMITS.map(([key, column]) => [column, cell(band, key)]));
    meta.value = {
        tracked: band.tracked || band.fineLow === null,
        reason: band.reason ?? '',
        holds_while: band.holdsWhile ?? '',
    };
    wrong.value = {};
}
function keep(band: BandView) {
    const limits = Object.fromEntries(
        LIMITS.map(([, column]) => [
            column,
            typed.value[column].trim() === '' ? null : units.parse(typed.value[column], band.kind),
        ]),
    );
    router.put(
        `/systems/${props.header.id}/bands/${band.parameter}`,
        { ...limits, rate_per_day: band.ratePerDay, ...meta.value },
        { preserveScroll: true, onSuccess: () => (editing.value = null), onError: (e) => (wrong.value = e) },
    );
}
</script>

<template>
    <SystemFrame :header="header" tab="regime" :findings="findings">
        <p class="quiet">The limits this system is judged by. What differs from the regime keeps its reason.</p>
        <div class="tablebox" tabindex="0" role="region" aria-label="Bands">
            <table class="plainer">
                <caption class="visually-hidden">
                    Bands
                </caption>
                <thead>
                    <tr>
                        <th scope="col">Parameter</th>
                        <th v-for="[, , label] in LIMITS" :key="label" scope="col" class="num">{{ label }}</th>
                        <th scope="col">Why</th>
                        <th scope="col"><span class="visually-hidden">Do</span></th>
                    </tr>
                </thead>
                <tbody>
                    <template v-for="band in bands" :key="band.parameter">
                        <tr>
                            <td>
                                <b>{{ band.label }}</b> <small class="quiet">{{ units.label(band.kind) }}</small>
                            </td>
                            <template v-if="band.tracked"
                                ><td v-for="[key] in LIMITS" :key="key" class="num">
                                    {{ cell(band, key) || '–' }}
                                </td></template
                            >
                            <td v-else colspan="6" class="quiet">not tracked, on purpose</td>
                            <td>
                                {{
                                    band.own
                                        ? [band.reason, band.holdsWhile ? `while ${band.holdsWhile}` : null]
                                              .filter(Boolean)
                                              .join('; ')
                                        : band.tracked
                                          ? 'the regime’s'
                                          : ''
                                }}
                            </td>
                            <td>
                                <button
                                    v-if="header.mayUpdate"
                                    type="button"
                                    class="linkish"
                                    :aria-label="`Change the band of ${band.label}`"
                                    @click="edit(band)"
                                >
                                    change
                                </button>
                            </td>
                        </tr>
                        <tr v-if="editing === band.parameter">
                            <td colspan="9">
                                <form class="form typing" @submit.prevent="keep(band)">
                                    <div v-for="[, column, label] in LIMITS" :key="column">
                                        <label :for="`b-${column}`">{{ label }}, {{ units.label(band.kind) }}</label
                                        ><input
                                            :id="`b-${column}`"
                                            v-model="typed[column]"
                                            type="text"
                                            inputmode="decimal"
                                        /><FieldError :words="wrong[column]" />
                                    </div>
                                    <div class="wide">
                                        <label for="b-why">Why this system differs</label
                                        ><input id="b-why" v-model="meta.reason" type="text" required /><FieldError
                                            :words="wrong.reason"
                                        />
                                    </div>
                                    <div class="wide">
                                        <label for="b-while">It holds while…</label
                                        ><input
                                            id="b-while"
                                            v-model="meta.holds_while"
                                            type="text"
                                            placeholder="light stock, warm room, no dosing"
                                        />
                                    </div>
                                    <label class="check"
                                        ><input v-model="meta.tracked" type="checkbox" /> tracked and judged</label
                                    >
                                    <div>
                                        <button class="btn-go">Keep these limits</button>
                                        <button type="button" class="plain" @click="editing = null">leave it</button>
                                    </div>
                                </form>
                            </td>
                        </tr>
                    </template>
                </tbody>
            </table>
        </div>
        <form
            v-if="header.mayUpdate && Object.keys(others).length"
            class="form"
            @submit.prevent="taking.post(`/systems/${header.id}/bands/copy`, { preserveScroll: true })"
        >
            <div>
                <label for="t1">Take over another system’s own limits</label
                ><select id="t1" v-model="taking.from">
                    <option :value="null">choose</option>
                    <option v-for="(label, key) in others" :key="key" :value="Number(key)">{{ label }}</option></select
                ><FieldError :words="taking.errors.from" />
            </div>
            <div><button class="outline" :disabled="!taking.from || taking.processing">Take them over</button></div>
        </form>
        <h2>What goes in beside the water</h2>
        <ul v-if="products.length" class="list">
            <li v-for="p in products" :key="p.id">
                <b>{{ p.name }}</b> <span>{{ p.howMuch }}</span>
                <small>{{
                    [p.kind, p.raises ? `raises ${p.raises}` : null, p.lowers ? `lowers ${p.lowers}` : null]
                        .filter(Boolean)
                        .join(', ')
                }}</small>
                <button
                    v-if="header.mayRecord"
                    type="button"
                    class="linkish"
                    @click="router.post(`/systems/${header.id}/products/${p.id}/stop`, {}, { preserveScroll: true })"
                >
                    no longer
                </button>
            </li>
        </ul>
        <p v-else class="quiet">
            Nothing written down. Foods, additives and media count as inputs: name what this system gets.
        </p>
        <form
            v-if="header.mayRecord && Object.keys(offered).length"
            class="form"
            @submit.prevent="
                using.post(`/systems/${header.id}/products`, { preserveScroll: true, onSuccess: () => using.reset() })
            "
        >
            <div>
                <label for="u1">Product</label
                ><select id="u1" v-model="using.product_id">
                    <option :value="null">choose</option>
                    <option v-for="(label, key) in offered" :key="key" :value="Number(key)">{{ label }}</option></select
                ><FieldError :words="using.errors.product_id" />
            </div>
            <div>
                <label for="u2">How much</label
                ><input
                    id="u2"
                    v-model="using.how_much"
                    type="text"
                    maxlength="80"
                    placeholder="2 cubes a day"
                /><FieldError :words="using.errors.how_much" />
            </div>
            <div><button class="outline" :disabled="!using.product_id || using.processing">In use here</button></div>
        </form>
        <template v-if="header.mayUpdate">
            <h2>The record itself</h2>
            <form class="form" @submit.prevent="form.put(`/systems/${header.id}`, { preserveScroll: true })">
                <div>
                    <label for="g1">Name</label><input id="g1" v-model="form.name" type="text" /><FieldError
                        :words="form.errors.name"
                    />
                </div>
                <div><label for="g2">What it is</label><input id="g2" v-model="form.kind" type="text" /></div>
                <div>
                    <label for="g3">Regime</label
                    ><select id="g3" v-model="form.regime">
                        <option v-for="(label, key) in regimes" :key="key" :value="key">{{ label }}</option>
                    </select>
                </div>
                <div>
                    <label for="g4">Kept by</label
                    ><select id="g4" v-model="form.keeper_id">
                        <option :value="null">nobody yet</option>
                        <option v-for="(label, key) in keepers" :key="key" :value="Number(key)">{{ label }}</option>
                    </select>
                </div>
                <div><label for="g5">Started on</label><input id="g5" v-model="form.started_on" type="date" /></div>
                <div>
                    <label for="g6">That date is</label
                    ><select id="g6" v-model="form.started_precision">
                        <option v-for="(words, key) in PRECISIONS" :key="key" :value="key">{{ words }}</option>
                    </select>
                </div>
                <div>
                    <label for="g7">Settling until</label><input id="g7" v-model="form.settling_until" type="date" />
                </div>
                <div>
                    <label for="g8">Measured volume, {{ units.label('L') }}</label
                    ><input
                        id="g8"
                        v-model="volume"
                        type="text"
                        inputmode="decimal"
                        placeholder="computed from the sizes"
                        @input="form.measured_volume_l = volume.trim() === '' ? null : units.parse(volume, 'L')"
                    /><FieldError :words="form.errors.measured_volume_l" />
                </div>
                <div>
                    <label for="g9">Measured how, and when</label
                    ><input
                        id="g9"
                        v-model="form.measured_how"
                        type="text"
                        placeholder="1 kg of salt, ΔS 1.9"
                    /><FieldError :words="form.errors.measured_how" />
                </div>
                <div>
                    <label for="g10">Its salt mix</label
                    ><select id="g10" v-model="form.salt_mix_id">
                        <option :value="null">the usual one</option>
                        <option v-for="(label, key) in mixes" :key="key" :value="Number(key)">
                            {{ label }}{{ String(leastMixes[0]) === String(key) ? ' (moves this regime least)' : '' }}
                        </option></select
                    ><FieldError :words="form.errors.salt_mix_id" />
                </div>
                <div>
                    <label for="g11">Hose here gives, {{ units.label('L/h') }}</label
                    ><input
                        id="g11"
                        v-model="hose"
                        type="text"
                        inputmode="decimal"
                        placeholder="as usual"
                        @input="form.hose_flow_lh = hose.trim() === '' ? null : units.parse(hose, 'L/h')"
                    /><FieldError :words="form.errors.hose_flow_lh" />
                </div>
                <div>
                    <label for="g12">Water kept for its emergency, % of it</label
                    ><input
                        id="g12"
                        v-model.number="form.emergency_share_pct"
                        type="number"
                        min="1"
                        max="100"
                        step="any"
                        placeholder="none of its own"
                    /><FieldError :words="form.errors.emergency_share_pct" />
                </div>
                <div>
                    <button class="outline" :disabled="form.processing">Keep</button>
                    <button type="button" class="plain" @click="router.post(`/systems/${header.id}/archive`)">
                        Archive this system
                    </button>
                </div>
                <FieldError class="wide" :words="errors.archive" />
            </form>
        </template>
    </SystemFrame>
</template>
