<script setup lang="ts">
import { Head, useForm } from '@inertiajs/vue3';
import { ref } from 'vue';
import { today } from '../shared/days';
import type { CrewView } from '../generated';
import FieldError from '../shared/FieldError.vue';
import { date, useUnits } from '../shared/units';
import RoundsTabs from './RoundsTabs.vue';

defineProps<{
    crews: CrewView[];
    vehicles: { id: number; name: string; payload_kg: number; salt_l: number; ro_l: number }[];
    depots: Record<string, string>;
    mixes: {
        id: number;
        name: string;
        grams_per_l: number;
        usable_from_h: number;
        usable_until_h: number;
        alk_dkh: number | null;
        ca_mg_l: number | null;
        mg_mg_l: number | null;
    }[];
    people: Record<string, string>;
    mayPlan: boolean;
}>();
const units = useUnits();
const now = today();
const crew = useForm<{
    name: string;
    depot_id: number | null;
    vehicle_id: number | null;
    members: number[];
    from_on: string;
    until_on: string | null;
    starts_min: number;
    ends_min: number;
    break_min: number;
}>({
    name: '',
    depot_id: null,
    vehicle_id: null,
    members: [],
    from_on: now,
    until_on: null,
    starts_min: 480,
    ends_min: 990,
    break_min: 30,
});
const hours = ref({ from: '08:00', to: '16:30' });
const who = ref<(number | null)[]>([null, null]);
const minutes = (clock: string) => Number(clock.slice(0, 2)) * 60 + Number(clock.slice(3, 5));
const ends = useForm({ until_on: now });
const ending = ref<number | null>(null);
const vehicle = useForm<{ name: string; payload_kg: number | null; salt_l: number | null; ro_l: number | null }>({
    name: '',
    payload_kg: null,
    salt_l: null,
    ro_l: null,
});
const carries = ref({ kg: '', salt: '', ro: '0' });
const depot = useForm({
    name: '',
    lat: null as number | null,
    lon: null as number | null,
    ro_rated_ld: 0 as number | null,
    feed_c: 10 as number | null,
    ro_tank_l: 0 as number | null,
    vessels_l: [] as number[],
    heat_w: 3000,
    target_c: 25 as number | null,
    reserve_ro_l: 0 as number | null,
});
const station = ref({ ro: '', tank: '', vessels: '', reserve: '0' });
const NEW_MIX = {
    id: null as number | null,
    name: '',
    grams_per_l: 38.5,
    usable_from_h: 4,
    usable_until_h: 336,
    alk_dkh: null as number | null,
    ca_mg_l: null as number | null,
    mg_mg_l: null as number | null,
};
const mix = useForm({ ...NEW_MIX });
const mixAlk = ref('');
function editMix(m: typeof NEW_MIX) {
    Object.assign(mix, m);
    mixAlk.value = m.alk_dkh === null ? '' : units.typed(m.alk_dkh, 'dKH');
    document.getElementById('m1')?.focus();
}
function keepMix() {
    mix.alk_dkh = mixAlk.value.trim() === '' ? null : units.parse(mixAlk.value, 'dKH');
    const clean = mix.transform((m) => ({
        ...m,
        ca_mg_l: Number(m.ca_mg_l) || null,
        mg_mg_l: Number(m.mg_mg_l) || null,
    }));
    const done = {
        preserveScroll: true,
        onSuccess: () => {
            Object.assign(mix, NEW_MIX);
            mixAlk.value = '';
        },
    };
    if (mix.id) clean.put(`/salt-mixes/${mix.id}`, done);
    else clean.post('/salt-mixes', done);
}
function keepCrew() {
    crew.transform((c) => ({
        ...c,
        members: who.value.filter((id) => id !== null),
        starts_min: minutes(hours.value.from),
        ends_min: minutes(hours.value.to),
    })).post('/rounds/crews', {
        preserveScroll: true,
        onSuccess: () => {
            crew.reset();
            who.value = [null, null];
        },
    });
}
function keepVehicle() {
    Object.assign(vehicle, {
        payload_kg: units.parse(carries.value.kg, 'kg'),
        salt_l: units.parse(carries.value.salt, 'L'),
        ro_l: units.parse(carries.value.ro, 'L'),
    });
    vehicle.post('/rounds/vehicles', {
        preserveScroll: true,
        onSuccess: () => {
            vehicle.reset();
            carries.value = { kg: '', salt: '', ro: '0' };
        },
    });
}
function keepDepot() {
    Object.assign(depot, {
        ro_rated_ld: units.parse(station.value.ro, 'L/d'),
        ro_tank_l: units.parse(station.value.tank, 'L'),
        reserve_ro_l: units.parse(station.value.reserve, 'L'),
        vessels_l: station.value.vessels
            .split(/[;,\s]+/)
            .map((v) => units.parse(v, 'L'))
            .filter((v) => v !== null),
    });
    depot.post('/depots', {
        preserveScroll: true,
        onSuccess: () => {
            depot.reset();
            station.value = { ro: '', tank: '', vessels: '', reserve: '0' };
        },
    });
}
</script>

<template>
    <Head title="Crews" />
    <div class="page">
        <div class="head">
            <h1>Rounds</h1>
            <p class="sub">A crew is one or two people with a vehicle, for as long as they drive together.</p>
        </div>
        <RoundsTabs on="crews" />
        <div v-if="crews.length" class="tablebox" tabindex="0" role="region" aria-label="Crews">
            <table class="plainer">
                <caption class="visually-hidden">
                    Crews
                </caption>
                <thead>
                    <tr>
                        <th scope="col">Crew</th>
                        <th scope="col">Who</th>
                        <th scope="col">Drives</th>
                        <th scope="col">From</th>
                        <th scope="col">Hours</th>
                        <th scope="col">Until</th>
                    </tr>
                </thead>
                <tbody>
                    <tr v-for="c in crews" :key="c.id">
                        <td>
                            <b>{{ c.name }}</b>
                        </td>
                        <td>{{ c.members }}</td>
                        <td>{{ c.vehicle }}</td>
                        <td>{{ c.depot }}</td>
                        <td>{{ c.hours }}</td>
                        <td>
                            {{ c.untilOn ? date(c.untilOn) : ''
                            }}<template v-if="mayPlan && !c.untilOn"
                                ><button v-if="ending !== c.id" type="button" class="linkish" @click="ending = c.id">
                                    strike it
                                </button>
                                <form
                                    v-else
                                    @submit.prevent="
                                        ends.post(`/rounds/crews/${c.id}/end`, {
                                            preserveScroll: true,
                                            onSuccess: () => (ending = null),
                                        })
                                    "
                                >
                                    <input
                                        v-model="ends.until_on"
                                        class="cell"
                                        type="date"
                                        :aria-label="`Last day of ${c.name}`"
                                    /><button class="linkish">its last day</button>
                                </form></template
                            >
                        </td>
                    </tr>
                </tbody>
            </table>
        </div>
        <div v-else class="empty">
            <h2>No crew yet</h2>
            <p>First a depot and a vehicle, then who drives it.</p>
        </div>
        <h2>Vehicles</h2>
        <ul class="list">
            <li v-for="v in vehicles" :key="v.id">
                <b>{{ v.name }}</b>
                <small
                    >{{ units.show(v.payload_kg, 'kg') }} · {{ units.show(v.salt_l, 'L') }} of salt water ·
                    {{ units.show(v.ro_l, 'L') }} of RO</small
                >
            </li>
        </ul>
        <h2>Salt mixes</h2>
        <ul class="list">
            <li v-for="m in mixes" :key="m.id">
                <b>{{ m.name }}</b>
                <small
                    >{{ m.grams_per_l }} g/L for 35 g/kg · usable from {{ m.usable_from_h }} h to
                    {{ m.usable_until_h >= 48 ? `${Math.round(m.usable_until_h / 24)} days` : `${m.usable_until_h} h` }}
                    ·
                    {{
                        m.alk_dkh === null && m.ca_mg_l === null
                            ? 'alkalinity, calcium and magnesium not written down'
                            : [
                                  m.alk_dkh === null ? null : units.show(m.alk_dkh, 'dKH'),
                                  m.ca_mg_l === null ? null : `Ca ${m.ca_mg_l} mg/L`,
                                  m.mg_mg_l === null ? null : `Mg ${m.mg_mg_l} mg/L`,
                              ]
                                  .filter(Boolean)
                                  .join(', ')
                    }}</small
                >
                <button
                    v-if="mayPlan"
                    type="button"
                    class="linkish"
                    :aria-label="`Change ${m.name}`"
                    @click="editMix(m)"
                >
                    change
                </button>
            </li>
        </ul>
        <template v-if="mayPlan">
            <h2>A new crew</h2>
            <form class="form" @submit.prevent="keepCrew">
                <div>
                    <label for="c1">Name</label
                    ><input id="c1" v-model="crew.name" type="text" maxlength="120" data-new required /><FieldError
                        :words="crew.errors.name"
                    />
                </div>
                <div v-for="n in [0, 1]" :key="n">
                    <label :for="`w${n}`">{{ n === 0 ? 'Who' : 'and who' }}</label><select
                        :id="`w${n}`"
                        v-model="who[n]"
                    >
                        <option :value="null">{{ n === 0 ? 'choose' : 'alone' }}</option>
                        <option v-for="(name, id) in people" :key="id" :value="Number(id)">{{ name }}</option>
                    </select>
                </div>
                <div>
                    <label for="c4">Drives</label
                    ><select id="c4" v-model="crew.vehicle_id">
                        <option v-for="v in vehicles" :key="v.id" :value="v.id">{{ v.name }}</option></select
                    ><FieldError :words="crew.errors.vehicle_id" />
                </div>
                <div>
                    <label for="c5">From depot</label
                    ><select id="c5" v-model="crew.depot_id">
                        <option v-for="(name, id) in depots" :key="id" :value="Number(id)">{{ name }}</option></select
                    ><FieldError :words="crew.errors.depot_id" />
                </div>
                <div>
                    <label for="c6">First day</label><input id="c6" v-model="crew.from_on" type="date" required />
                </div>
                <div><label for="c7">Starts</label><input id="c7" v-model="hours.from" type="time" required /></div>
                <div>
                    <label for="c8">Back by</label><input id="c8" v-model="hours.to" type="time" required /><FieldError
                        :words="crew.errors.ends_min"
                    />
                </div>
                <FieldError class="wide" :words="crew.errors.members" />
                <div><button class="btn-go" :disabled="crew.processing">They drive</button></div>
            </form>
            <h2>A vehicle</h2>
            <form class="form" @submit.prevent="keepVehicle">
                <div>
                    <label for="v1">Name</label
                    ><input id="v1" v-model="vehicle.name" type="text" maxlength="120" required /><FieldError
                        :words="vehicle.errors.name"
                    />
                </div>
                <div>
                    <label for="v2">Carries, {{ units.label('kg') }}</label
                    ><input id="v2" v-model="carries.kg" inputmode="decimal" required /><FieldError
                        :words="vehicle.errors.payload_kg"
                    />
                </div>
                <div>
                    <label for="v3">Salt water, {{ units.label('L') }}</label
                    ><input id="v3" v-model="carries.salt" inputmode="decimal" required /><FieldError
                        :words="vehicle.errors.salt_l"
                    />
                </div>
                <div>
                    <label for="v4">RO water, {{ units.label('L') }}</label
                    ><input id="v4" v-model="carries.ro" inputmode="decimal" required /><FieldError
                        :words="vehicle.errors.ro_l"
                    />
                </div>
                <div><button class="outline" :disabled="vehicle.processing">Into the yard</button></div>
            </form>
            <h2>A depot</h2>
            <form class="form" @submit.prevent="keepDepot">
                <div>
                    <label for="d1">Name</label
                    ><input id="d1" v-model="depot.name" type="text" maxlength="120" required /><FieldError
                        :words="depot.errors.name"
                    />
                </div>
                <div>
                    <label for="d2">Latitude</label
                    ><input id="d2" v-model.number="depot.lat" type="number" step="any" required /><FieldError
                        :words="depot.errors.lat"
                    />
                </div>
                <div>
                    <label for="d3">Longitude</label
                    ><input id="d3" v-model.number="depot.lon" type="number" step="any" required /><FieldError
                        :words="depot.errors.lon"
                    />
                </div>
                <div>
                    <label for="d4">RO plant at 25 °C, {{ units.label('L/d') }}</label
                    ><input id="d4" v-model="station.ro" inputmode="decimal" required /><FieldError
                        :words="depot.errors.ro_rated_ld"
                    />
                </div>
                <div>
                    <label for="d5">RO tank, {{ units.label('L') }}</label
                    ><input id="d5" v-model="station.tank" inputmode="decimal" required /><FieldError
                        :words="depot.errors.ro_tank_l"
                    />
                </div>
                <div>
                    <label for="d6">Mixing vessels, {{ units.label('L') }} each</label
                    ><input
                        id="d6"
                        v-model="station.vessels"
                        type="text"
                        placeholder="500, 500, 300"
                        required
                    /><FieldError :words="depot.errors.vessels_l" />
                </div>
                <div>
                    <label for="d7">Heaters, W</label
                    ><input id="d7" v-model.number="depot.heat_w" type="number" min="1" required /><FieldError
                        :words="depot.errors.heat_w"
                    />
                </div>
                <div>
                    <label for="d8">RO kept back, {{ units.label('L') }}</label
                    ><input id="d8" v-model="station.reserve" inputmode="decimal" required />
                </div>
                <div><button class="outline" :disabled="depot.processing">It mixes</button></div>
            </form>
            <h2>{{ mix.id ? 'Change a salt mix' : 'A salt mix' }}</h2>
            <form class="form" @submit.prevent="keepMix">
                <div>
                    <label for="m1">Name</label
                    ><input id="m1" v-model="mix.name" type="text" maxlength="120" required /><FieldError
                        :words="mix.errors.name"
                    />
                </div>
                <div>
                    <label for="m2">g for a litre of 35 g/kg</label
                    ><input id="m2" v-model.number="mix.grams_per_l" type="number" step="any" /><FieldError
                        :words="mix.errors.grams_per_l"
                    />
                </div>
                <div>
                    <label for="m3">Usable after, hours</label
                    ><input id="m3" v-model.number="mix.usable_from_h" type="number" step="any" /><FieldError
                        :words="mix.errors.usable_from_h"
                    />
                </div>
                <div>
                    <label for="m4">Usable until, hours</label
                    ><input id="m4" v-model.number="mix.usable_until_h" type="number" step="any" /><FieldError
                        :words="mix.errors.usable_until_h"
                    />
                </div>
                <div>
                    <label for="m5">Its water at 35 g/kg: alkalinity, {{ units.label('dKH') }}</label
                    ><input id="m5" v-model="mixAlk" inputmode="decimal" placeholder="not known" /><FieldError
                        :words="mix.errors.alk_dkh"
                    />
                </div>
                <div>
                    <label for="m6">Calcium, mg/L</label
                    ><input
                        id="m6"
                        v-model.number="mix.ca_mg_l"
                        type="number"
                        step="any"
                        placeholder="not known"
                    /><FieldError :words="mix.errors.ca_mg_l" />
                </div>
                <div>
                    <label for="m7">Magnesium, mg/L</label
                    ><input
                        id="m7"
                        v-model.number="mix.mg_mg_l"
                        type="number"
                        step="any"
                        placeholder="not known"
                    /><FieldError :words="mix.errors.mg_mg_l" />
                </div>
                <div>
                    <button class="outline" :disabled="mix.processing">{{ mix.id ? 'Keep it' : 'Add it' }}</button>
                    <button
                        v-if="mix.id"
                        type="button"
                        class="plain"
                        @click="
                            Object.assign(mix, NEW_MIX);
                            mixAlk = '';
                        "
                    >
                        leave it
                    </button>
                </div>
            </form>
        </template>
    </div>
</template>
