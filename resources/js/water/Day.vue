<script setup lang="ts">
import { Head, Link, router, useForm } from '@inertiajs/vue3';
import { ref } from 'vue';
import { clock as clockOf } from '../shared/days';
import type { BatchView, WaterDayView } from '../generated';
import FieldError from '../shared/FieldError.vue';
import MarginNotes from '../shared/MarginNotes.vue';
import { useUnits, when } from '../shared/units';
import DayTable from './DayTable.vue';

const props = defineProps<{
    view: WaterDayView | null;
    depot: {
        id: number;
        name: string;
        ro_stored_l: number;
        feed_c: number;
        ro_rated_ld: number;
        heat_w: number;
    } | null;
    depots: Record<string, string>;
    mixes: Record<string, string>;
    mayPlan: boolean;
    zone: string;
}>();
const units = useUnits();
const clock = (iso: string) => clockOf(iso, props.zone, { weekday: 'short', hour: '2-digit', minute: '2-digit' });
const mix = useForm<{
    salt_mix_id: number | null;
    salinity: number | null;
    litres: number | null;
    for: string;
    lot: string;
}>({ salt_mix_id: null, salinity: null, litres: null, for: '', lot: '' });
const typed = ref({
    litres: '',
    salinity: units.typed(35, 'g/kg'),
    ro: units.typed(props.depot?.ro_stored_l ?? 0, 'L'),
    feed: units.typed(props.depot?.feed_c ?? 10, 'degC'),
    promise: '',
});
const station = useForm<{ ro_stored_l: number | null; feed_c: number | null }>({ ro_stored_l: null, feed_c: null });
const promise = useForm<{ label: string; litres: number | null; on: string | null; purpose: string }>({
    label: '',
    litres: null,
    on: null,
    purpose: 'other',
});
const measuring = ref<number | null>(null);
const measured = useForm<{
    measured_c: number | null;
    measured_salinity: number | null;
    measured_alk_dkh: number | null;
}>({ measured_c: null, measured_salinity: null, measured_alk_dkh: null });
const read = ref({ c: '', s: '', a: '' });
const drawing = ref<number | null>(null);
const drawn = ref('');
const drawWrong = ref('');
function begin(b: BatchView) {
    mix.salt_mix_id = b.mixId;
    typed.value.litres = units.typed(b.litresValue, 'L');
    typed.value.salinity = units.typed(b.salinity, 'g/kg');
    mix.for = b.for.join(', ').slice(0, 120);
    document.getElementById('m-litres')?.focus();
}
function keepMix() {
    mix.litres = units.parse(typed.value.litres, 'L');
    mix.salinity = units.parse(typed.value.salinity, 'g/kg');
    mix.post(`/depots/${props.depot?.id}/batches`, {
        preserveScroll: true,
        onSuccess: () => {
            mix.reset();
            typed.value.litres = '';
        },
    });
}
function keepStation() {
    station.ro_stored_l = units.parse(typed.value.ro, 'L');
    station.feed_c = units.parse(typed.value.feed, 'degC');
    station.put(`/depots/${props.depot?.id}`, { preserveScroll: true });
}
function keepPromise() {
    promise.litres = units.parse(typed.value.promise, 'L');
    promise.post(`/depots/${props.depot?.id}/bookings`, {
        preserveScroll: true,
        onSuccess: () => {
            promise.reset();
            typed.value.promise = '';
        },
    });
}
function keepMeasured(id: number) {
    measured.measured_c = units.parse(read.value.c, 'degC');
    measured.measured_salinity = units.parse(read.value.s, 'g/kg');
    measured.measured_alk_dkh = read.value.a === '' ? null : units.parse(read.value.a, 'dKH');
    measured.post(`/batches/${id}/measure`, {
        preserveScroll: true,
        onSuccess: () => {
            measuring.value = null;
            read.value = { c: '', s: '', a: '' };
        },
    });
}
function draw(id: number) {
    router.post(
        `/batches/${id}/draw`,
        { litres: units.parse(drawn.value, 'L') },
        {
            preserveScroll: true,
            onSuccess: () => {
                drawing.value = null;
                drawn.value = drawWrong.value = '';
            },
            onError: (e) => (drawWrong.value = Object.values(e)[0]),
        },
    );
}
</script>

<template>
    <Head title="Water" />
    <div v-if="view && depot" class="withmargin">
        <div class="page">
            <div class="head">
                <h1>Water for the day</h1>
                <select
                    v-if="Object.keys(depots).length > 1"
                    :value="depot.id"
                    aria-label="Depot"
                    class="push"
                    @change="router.get('/water', { depot: ($event.target as HTMLSelectElement).value })"
                >
                    <option v-for="(name, id) in depots" :key="id" :value="Number(id)">{{ name }}</option>
                </select>
                <p class="sub">
                    {{ depot.name }} · {{ view.ready }} ready{{
                        view.unclaimed
                            ? ` and promised, ${view.unclaimed} more that nobody takes before it is too old`
                            : ''
                    }}
                    · {{ view.roStored }} RO · salt for today {{ view.salt }}
                </p>
            </div>
            <DayTable :view="view" :zone="zone" />
            <p class="legend quiet">
                <svg width="16" height="12" aria-hidden="true"><rect width="16" height="12" class="ro" /></svg> RO runs
                <svg width="16" height="12" aria-hidden="true"><rect width="16" height="12" class="fill" /></svg> fill,
                salt in
                <svg width="16" height="12" aria-hidden="true"><rect width="16" height="12" class="mix" /></svg> mix and
                heat
                <svg width="16" height="12" aria-hidden="true"><rect width="16" height="12" class="test" /></svg> test
                <svg width="8" height="12" aria-hidden="true"><path d="M4 0 V12" class="leave" /></svg> a van leaves
            </p>
            <h2>To mix</h2>
            <table v-if="view.batches.length" class="plainer stacks">
                <caption class="visually-hidden">
                    Batches, in the order they are filled
                </caption>
                <thead>
                    <tr>
                        <th scope="col">Fill by</th>
                        <th scope="col">What</th>
                        <th scope="col" class="num">Litres</th>
                        <th scope="col" class="num">Salt</th>
                        <th scope="col">Vessel</th>
                        <th scope="col">Tested, ready</th>
                        <th scope="col">Load</th>
                        <th scope="col">For</th>
                        <th scope="col"><span class="visually-hidden">Do</span></th>
                    </tr>
                </thead>
                <tbody>
                    <tr v-for="b in view.batches" :key="b.title + b.fillAt">
                        <td>
                            <b>{{ clock(b.fillAt) }}</b>
                        </td>
                        <td>{{ b.title }}</td>
                        <td class="num" data-th="Litres">{{ b.litres }}</td>
                        <td class="num" data-th="Salt">{{ b.salt }}</td>
                        <td data-th="Vessel">{{ b.vessel }}</td>
                        <td data-th="Ready">
                            {{ clock(b.readyAt) }}<br /><small class="quiet">{{
                                b.heatGoverns ? 'warming takes longest' : 'mixing takes longest'
                            }}</small>
                        </td>
                        <td data-th="Load">{{ clock(b.loadAt) }}</td>
                        <td class="quiet" data-th="For">{{ b.for.join('; ') }}</td>
                        <td><button type="button" class="linkish" @click="begin(b)">mixed now</button></td>
                    </tr>
                </tbody>
            </table>
            <p v-else class="quiet">
                Nothing to mix for the next two days: what stands is enough, or no van takes water.
            </p>
            <h2>Stands mixed</h2>
            <ul v-if="view.standing.length" class="list">
                <li v-for="s in view.standing" :key="s.id">
                    <b>{{ s.litres }}</b> {{ s.mix }}, {{ s.salinity }}
                    <small :class="{ needs: s.state !== 'ready' }">{{ s.state }}</small>
                    <small>usable until {{ when(s.until) }}{{ s.for ? ` · ${s.for}` : '' }}</small>
                    <button type="button" class="linkish" @click="measuring = s.id">
                        {{ s.measured ? 'measure again' : 'measure it' }}
                    </button>
                    · <button type="button" class="linkish" @click="drawing = s.id">draw some</button>
                    <form v-if="measuring === s.id" class="form typing" @submit.prevent="keepMeasured(s.id)">
                        <div>
                            <label for="q1">Temperature, {{ units.label('degC') }}</label
                            ><input id="q1" v-model="read.c" inputmode="decimal" required /><FieldError
                                :words="measured.errors.measured_c"
                            />
                        </div>
                        <div>
                            <label for="q2">Salinity, {{ units.label('g/kg') }}</label
                            ><input id="q2" v-model="read.s" inputmode="decimal" required /><FieldError
                                :words="measured.errors.measured_salinity"
                            />
                        </div>
                        <div>
                            <label for="q3">Alkalinity, {{ units.label('dKH') }}</label
                            ><input id="q3" v-model="read.a" inputmode="decimal" /><FieldError
                                :words="measured.errors.measured_alk_dkh"
                            />
                        </div>
                        <div><button class="btn-go">Keep</button></div>
                    </form>
                    <form v-if="drawing === s.id" class="form typing" @submit.prevent="draw(s.id)">
                        <div>
                            <label for="d1">Drawn, {{ units.label('L') }}</label
                            ><input id="d1" v-model="drawn" inputmode="decimal" required /><FieldError
                                :words="drawWrong"
                            />
                        </div>
                        <div><button class="btn-go">Keep</button></div>
                    </form>
                </li>
            </ul>
            <p v-else class="quiet">No mixed water stands.</p>
            <h2>Leaves</h2>
            <table v-if="view.departures.length" class="plainer">
                <caption class="visually-hidden">
                    What the vans take
                </caption>
                <thead>
                    <tr>
                        <th scope="col">When</th>
                        <th scope="col">Where</th>
                        <th scope="col" class="num">Litres</th>
                        <th scope="col">From</th>
                    </tr>
                </thead>
                <tbody>
                    <tr v-for="d in view.departures" :key="d.href + d.litres">
                        <td>{{ clock(d.at) }}</td>
                        <td>
                            <Link :href="d.href">{{ d.label }}</Link>
                        </td>
                        <td class="num">{{ d.litres }}</td>
                        <td :class="{ wrong: d.late }">
                            {{ d.late ? 'will not be ready in time' : (d.fromStock ?? 'a new batch') }}
                        </td>
                    </tr>
                </tbody>
            </table>
            <p v-else class="quiet">No van takes water in the next two days.</p>
            <h2>Write down a batch</h2>
            <form class="form typing" @submit.prevent="keepMix">
                <div>
                    <label for="m-litres">Litres mixed, {{ units.label('L') }}</label
                    ><input id="m-litres" v-model="typed.litres" inputmode="decimal" data-new required /><FieldError
                        :words="mix.errors.litres"
                    />
                </div>
                <div>
                    <label for="m2">Mix</label
                    ><select id="m2" v-model="mix.salt_mix_id" required>
                        <option v-for="(name, id) in mixes" :key="id" :value="Number(id)">{{ name }}</option></select
                    ><FieldError :words="mix.errors.salt_mix_id" />
                </div>
                <div>
                    <label for="m3">Salinity, {{ units.label('g/kg') }}</label
                    ><input id="m3" v-model="typed.salinity" inputmode="decimal" required /><FieldError
                        :words="mix.errors.salinity"
                    />
                </div>
                <div><label for="m4">For</label><input id="m4" v-model="mix.for" type="text" maxlength="120" /></div>
                <div>
                    <label for="m5">Salt lot</label><input id="m5" v-model="mix.lot" type="text" maxlength="60" />
                </div>
                <div><button class="btn-go" :disabled="mix.processing">It stands</button></div>
                <p class="wide quiet">
                    Salt goes into water, never water onto salt. Gloves when it is warm and alkaline; local rules decide
                    where old water goes.
                </p>
            </form>
        </div>
        <aside class="margin" aria-label="Promises and findings">
            <MarginNotes :findings="view.findings" />
            <h2>Promised from the store</h2>
            <ul class="list">
                <li v-for="p in view.promises" :key="p.label">
                    <span
                        ><b>{{ p.label }}</b> {{ p.litres }}</span
                    ><small :class="{ needs: p.lacks }">{{
                        p.lacks
                            ? `uncovered by ${p.lacks}`
                            : p.toMix
                              ? `${p.toMix} to be mixed, the rest stands`
                              : 'covered'
                    }}</small>
                </li>
            </ul>
            <form v-if="mayPlan" @submit.prevent="keepPromise">
                <label for="b1">Promise some for</label
                ><input id="b1" v-model="promise.label" class="cell" type="text" maxlength="160" required /><label
                    for="b2"
                    >Litres, {{ units.label('L') }}</label
                ><input id="b2" v-model="typed.promise" class="cell" inputmode="decimal" required /><FieldError
                    :words="promise.errors.litres ?? promise.errors.label"
                /><label for="b3">As</label
                ><select id="b3" v-model="promise.purpose" class="cell">
                    <option value="emergency">emergency</option>
                    <option value="quarantine">quarantine</option>
                    <option value="top-off">top-off</option>
                    <option value="other">other</option></select
                ><button class="outline">Promise it</button>
            </form>
            <h2>The station now</h2>
            <form @submit.prevent="keepStation">
                <label for="s1">RO stands, {{ units.label('L') }}</label
                ><input id="s1" v-model="typed.ro" class="cell" inputmode="decimal" /><FieldError
                    :words="station.errors.ro_stored_l"
                /><label for="s2">Feed water, {{ units.label('degC') }}</label
                ><input id="s2" v-model="typed.feed" class="cell" inputmode="decimal" /><FieldError
                    :words="station.errors.feed_c"
                /><button class="outline">Keep</button>
            </form>
        </aside>
    </div>
    <div v-else class="page">
        <h1>Water</h1>
        <div class="empty">
            <h2>No depot yet</h2>
            <p>A depot with its RO plant and mixing vessels is set up with the first crew.</p>
        </div>
    </div>
</template>
