<script setup lang="ts">
import { router, useForm } from '@inertiajs/vue3';
import { ref } from 'vue';
import type { FindingView, ItemView, SettingView, SystemHeaderView } from '../generated';
import { useShell } from '../shared/page';
import FieldError from '../shared/FieldError.vue';
import { date, useUnits, when } from '../shared/units';
import ItemSettings from './ItemSettings.vue';
import Materials from './Materials.vue';
import OwnThermostat from './OwnThermostat.vue';
import DosingFields from './DosingFields.vue';
import RoLineFields from './RoLineFields.vue';
import SystemFrame from './SystemFrame.vue';
import VesselJoins from './VesselJoins.vue';
import { PRECISIONS } from '../shared/choices';

const props = defineProps<{
    header: SystemHeaderView;
    items: ItemView[];
    settings: SettingView[];
    jobs: Record<string, string>;
    vessels: {
        id: number;
        name: string;
        litres: number | null;
        roomId: number | null;
        joinedOn: string | null;
        mayLeave: boolean;
    }[];
    leftVessels: { id: number; name: string; from: string | null; until: string | null; because: string | null }[];
    rooms: Record<string, string>;
    ownRoomId: number | null;
    materials: {
        id: number;
        kind: string;
        name: string;
        facts: string;
        kg: number | null;
        on: string;
        note: string | null;
    }[];
    materialKinds: Record<string, string>;
    liquids: Record<string, string>;
    findings: FindingView[];
    standIns: Record<string, string>;
}>();
const { shell } = useShell();
const blank = {
    id: 0,
    job: 'heater',
    name: '',
    watts: null as number | null,
    installed_on: null as string | null,
    installed_precision: 'day',
    life_months: null as number | null,
    plug_label: '',
    outlet: '',
    circuit: '',
    switched_by: '',
    senses_own_vessel: null as boolean | null,
    own_thermostat: null as boolean | null,
    thermostat_c: null as number | null,
    thermostat_tried_on: null as string | null,
    away_since: null as string | null,
    away_where: '',
    away_instead: null as string | null,
    away_hand_days: null as number | null,
    away_hand_on: null as string | null,
    vessel_id: null as number | null,
    doses: null as string | null,
    strength_meq_ml: null as number | null,
    holds_ml: null as number | null,
    ml_per_min: null as number | null,
    vessel_above_mm: null as number | null,
    line_break: null as boolean | null,
    line_bore_mm: null as number | null,
    line_length_m: null as number | null,
    ro_span_l: null as number | null,
    ro_lh: null as number | null,
    ro_limit_min: null as number | null,
    ro_takes_l: null as number | null,
    ro_float: null as boolean | null,
    ro_feed_stop: null as boolean | null,
    changed_how: '',
    changed_on: null as string | null,
    capacity_wh: null as number | null,
    usable_share_pct: null as number | null,
    carries_w: null as number | null,
    efficiency_pct: null as number | null,
    idle_w: null as number | null,
    serial: '',
    spare_where: '',
    note: '',
    service_every_days: null as number | null,
    last_service_on: null as string | null,
    state: 'mounted',
    warranty_until: null as string | null,
    temporary_until: null as string | null,
    temporary_why: '',
    price: '',
    price_minor: null as number | null,
    reason: '',
};
const units = useUnits();
const form = useForm({ ...blank });
const editing = ref(false);
const retiring = ref<number | null>(null);
const reason = ref('');
const failed = ref<boolean | null>(null);
function edit(item: ItemView | null) {
    Object.assign(
        form,
        item === null
            ? blank
            : {
                  id: item.id,
                  job: item.job,
                  name: item.name,
                  watts: item.watts,
                  installed_on: item.installedOn,
                  installed_precision: item.installedPrecision,
                  life_months: item.lifeMonths,
                  plug_label: item.plugLabel ?? '',
                  outlet: item.outlet ?? '',
                  circuit: item.circuit ?? '',
                  switched_by: item.switchedBy ?? '',
                  senses_own_vessel: item.sensesOwnVessel,
                  own_thermostat: item.ownThermostat,
                  thermostat_c: item.thermostatC,
                  thermostat_tried_on: item.thermostatTriedOn,
                  away_since: item.awaySince,
                  away_where: item.awayWhere ?? '',
                  away_instead: item.awayInstead,
                  away_hand_days: item.awayHandDays,
                  away_hand_on: item.awayHandOn,
                  vessel_id: item.vesselId,
                  doses: item.doses,
                  strength_meq_ml: item.strengthMeqMl,
                  holds_ml: item.holdsMl,
                  ml_per_min: item.mlPerMin,
                  vessel_above_mm: item.vesselAboveMm,
                  line_break: item.lineBreak,
                  line_bore_mm: item.lineBoreMm,
                  line_length_m: item.lineLengthM,
                  ro_span_l: item.roSpanL,
                  ro_lh: item.roLh,
                  ro_limit_min: item.roLimitMin,
                  ro_takes_l: item.roTakesL,
                  ro_float: item.roFloat,
                  ro_feed_stop: item.roFeedStop,
                  changed_how: item.changedHow ?? '',
                  changed_on: item.changedOn,
                  capacity_wh: item.capacityWh,
                  usable_share_pct: item.usableSharePct,
                  carries_w: item.carriesW,
                  efficiency_pct: item.efficiencyPct,
                  idle_w: item.idleW,
                  serial: item.serial ?? '',
                  spare_where: item.spareWhere ?? '',
                  note: item.note ?? '',
                  service_every_days: item.serviceEveryDays,
                  last_service_on: item.lastServiceOn,
                  state: item.state,
                  warranty_until: item.warrantyUntil,
                  temporary_until: item.temporaryUntil,
                  temporary_why: item.temporaryWhy ?? '',
                  price: item.priceMinor === null ? '' : (item.priceMinor / 100).toFixed(2),
                  price_minor: item.priceMinor,
                  reason: '',
              },
    );
    form.clearErrors();
    editing.value = true;
}
function keep() {
    const price = form.price.trim().replace(/\s/g, '').replace(',', '.');
    if (price !== '' && !/^\d{1,7}(\.\d{1,2})?$/.test(price)) {
        form.setError('price', 'An amount like 129.50, please.');
        return;
    }
    form.price_minor = price === '' ? null : Math.round(Number(price) * 100);
    const done = { preserveScroll: true, onSuccess: () => (editing.value = false) };
    if (form.id) form.put(`/items/${form.id}`, done);
    else form.post(`/systems/${props.header.id}/items`, done);
}
function photo(id: number, event: Event) {
    const file = (event.target as HTMLInputElement).files?.[0];
    if (file)
        router.post(
            `/items/${id}/attachments`,
            { file, caption: '' },
            { preserveScroll: true, forceFormData: true, onError: (e) => (photoWrong.value = e.file ?? '') },
        );
}
const photoWrong = ref('');
const STATES: [string, string][] = [
    ['mounted', 'mounted'],
    ['powered', 'powered'],
    ['programmed', 'programmed'],
    ['calibrated', 'calibrated'],
    ['tested', 'tested'],
    ['run-in', 'run in'],
];
const testing = useForm({ state: 'tested', result: '' });
const stating = ref<number | null>(null);
const calibrating = ref<number | null>(null);
const mlPerMin = ref<number | null>(null);
function dosing(id: number, what: 'air' | 'calibrated') {
    router.post(
        `/items/${id}/dosing-flow`,
        { what, ml_per_min: what === 'calibrated' ? mlPerMin.value : null },
        {
            preserveScroll: true,
            onSuccess: () => {
                calibrating.value = null;
                mlPerMin.value = null;
            },
        },
    );
}
function retire(id: number) {
    router.post(
        `/items/${id}/retire`,
        { reason: reason.value, failed: failed.value },
        {
            preserveScroll: true,
            onSuccess: () => {
                retiring.value = null;
                reason.value = '';
                failed.value = null;
            },
        },
    );
}
</script>

<template>
    <SystemFrame :header="header" tab="register" :findings="findings">
        <section v-if="vessels.length" aria-label="Vessels">
            <h2>Vessels</h2>
            <ul class="list">
                <li v-for="v in vessels" :key="v.id">
                    <b>{{ v.name }}</b>
                    <small>{{ v.litres === null ? 'water not known' : units.show(v.litres, 'L') }}</small>
                    <label v-if="header.mayUpdate"
                        ><span class="visually-hidden">{{ v.name }} stands in</span> in
                        <select
                            class="cell inline"
                            :value="v.roomId ?? ''"
                            @change="
                                router.put(
                                    `/vessels/${v.id}/room`,
                                    { room_id: Number(($event.target as HTMLSelectElement).value) || null },
                                    { preserveScroll: true },
                                )
                            "
                        >
                            <option value="">
                                {{
                                    ownRoomId
                                        ? `${rooms[String(ownRoomId)] ?? 'the system’s room'}, with the system`
                                        : 'the system’s room'
                                }}
                            </option>
                            <option v-for="(name, id) in rooms" :key="id" :value="Number(id)">{{ name }}</option>
                        </select></label
                    ><span v-else> in {{ v.roomId ? rooms[String(v.roomId)] : 'the system’s room' }}</span>
                </li>
            </ul>
            <VesselJoins
                :system-id="header.id"
                :vessels="vessels"
                :left="leftVessels"
                :rooms="rooms"
                :may="header.mayUpdate"
            />
            <h2>Devices</h2>
        </section>
        <p v-if="header.mayRecord"><button type="button" class="outline" @click="edit(null)">Add a device</button></p>
        <form v-if="editing" class="form typing" @submit.prevent="keep">
            <div>
                <label for="i1">Job</label
                ><select id="i1" v-model="form.job">
                    <option v-for="(label, key) in jobs" :key="key" :value="key">{{ label }}</option>
                </select>
            </div>
            <div>
                <label for="i2">Name, make, size</label
                ><input id="i2" v-model="form.name" type="text" required /><FieldError :words="form.errors.name" />
            </div>
            <div>
                <label for="i3">Watts</label
                ><input id="i3" v-model.number="form.watts" type="number" step="any" min="0" /><FieldError
                    :words="form.errors.watts"
                />
            </div>
            <div v-if="!form.id">
                <label for="i18">It is</label
                ><select id="i18" v-model="form.state">
                    <option v-for="[key, label] in STATES" :key="key" :value="key">{{ label }}</option>
                </select>
            </div>
            <div>
                <label for="i4">Installed on</label><input id="i4" v-model="form.installed_on" type="date" /><FieldError
                    :words="form.errors.installed_on"
                />
            </div>
            <div>
                <label for="i5">That date is</label
                ><select id="i5" v-model="form.installed_precision">
                    <option v-for="(words, key) in PRECISIONS" :key="key" :value="key">{{ words }}</option>
                </select>
            </div>
            <div>
                <label for="it1">For now, until</label
                ><input id="it1" v-model="form.temporary_until" type="date" /><FieldError
                    :words="form.errors.temporary_until"
                />
            </div>
            <div>
                <label for="it2">Instead of what, and why</label
                ><input id="it2" v-model="form.temporary_why" type="text" maxlength="300" /><FieldError
                    :words="form.errors.temporary_why"
                />
            </div>
            <div>
                <label for="i6">Counted life, months</label
                ><input
                    id="i6"
                    v-model.number="form.life_months"
                    type="number"
                    step="any"
                    min="1"
                    placeholder="as usual for its job"
                /><FieldError :words="form.errors.life_months" />
            </div>
            <div><label for="i7">Label on the plug</label><input id="i7" v-model="form.plug_label" type="text" /></div>
            <div><label for="i8">Outlet</label><input id="i8" v-model="form.outlet" type="text" /></div>
            <div><label for="i9">Circuit</label><input id="i9" v-model="form.circuit" type="text" /></div>
            <div>
                <label for="i18">Stands in</label
                ><select id="i18" v-model="form.vessel_id">
                    <option :value="null">not said</option>
                    <option v-for="v in vessels" :key="v.id" :value="v.id">{{ v.name }}</option>
                </select>
            </div>
            <div>
                <label for="i19">Switched by</label>
                <input
                    id="i19"
                    v-model="form.switched_by"
                    type="text"
                    maxlength="80"
                    placeholder="its own thermostat, controller 1 …"
                />
                <small v-if="form.job === 'heater'" class="quiet"
                    >Heaters of one switch, probe or controller stick and fail together.</small
                >
                <FieldError :words="form.errors.switched_by" />
            </div>
            <div v-if="form.job === 'heater'">
                <label for="i20">Its thermostat or probe stands</label>
                <select id="i20" v-model="form.senses_own_vessel">
                    <option :value="null">nobody has looked: the worse counts</option>
                    <option :value="true">in the same water</option>
                    <option :value="false">in another vessel</option>
                </select>
                <small class="quiet">One that feels the display heats on in the sump when the return stops.</small>
            </div>
            <OwnThermostat v-if="form.job === 'heater'" :form="form" />
            <DosingFields
                v-if="['doser', 'reactor', 'valve', 'top-off'].includes(form.job)"
                :form="form"
                :liquids="liquids"
            />
            <RoLineFields v-if="form.job === 'ro-unit'" :form="form" />
            <div>
                <label for="ic1">Changed from how it came</label
                ><input
                    id="ic1"
                    v-model="form.changed_how"
                    type="text"
                    maxlength="300"
                    placeholder="modified weir, readjusted: its rating is lost"
                /><FieldError :words="form.errors.changed_how" />
            </div>
            <div v-if="form.changed_how">
                <label for="ic2">Changed on</label><input id="ic2" v-model="form.changed_on" type="date" /><FieldError
                    :words="form.errors.changed_on"
                />
            </div>
            <template v-if="form.job === 'battery'">
                <div>
                    <label for="ib1">Holds, Wh</label
                    ><input id="ib1" v-model.number="form.capacity_wh" type="number" step="any" min="1" /><FieldError
                        :words="form.errors.capacity_wh"
                    />
                </div>
                <div>
                    <label for="ib2">Of that usable, %</label
                    ><input
                        id="ib2"
                        v-model.number="form.usable_share_pct"
                        type="number"
                        step="any"
                        min="1"
                        max="100"
                        placeholder="100"
                    /><FieldError :words="form.errors.usable_share_pct" />
                </div>
                <div>
                    <label for="ib3">Carries, W</label
                    ><input id="ib3" v-model.number="form.carries_w" type="number" step="any" min="0.1" /><FieldError
                        :words="form.errors.carries_w"
                    />
                </div>
                <div>
                    <label for="ib4">Efficiency, %</label
                    ><input
                        id="ib4"
                        v-model.number="form.efficiency_pct"
                        type="number"
                        step="any"
                        min="1"
                        max="100"
                        placeholder="85; direct DC 90"
                    /><FieldError :words="form.errors.efficiency_pct" />
                </div>
                <div>
                    <label for="ib5">Draws itself, W</label
                    ><input
                        id="ib5"
                        v-model.number="form.idle_w"
                        type="number"
                        step="any"
                        min="0"
                        placeholder="0"
                    /><FieldError :words="form.errors.idle_w" />
                </div>
            </template>
            <div>
                <label for="i20">Away since</label><input id="i20" v-model="form.away_since" type="date" /><FieldError
                    :words="form.errors.away_since"
                />
            </div>
            <div>
                <label for="i21">Where it is now</label
                ><input
                    id="i21"
                    v-model="form.away_where"
                    type="text"
                    maxlength="160"
                    placeholder="lent, in repair …"
                /><FieldError :words="form.errors.away_where" />
            </div>
            <div v-if="form.away_since">
                <label for="i22">What does its work meanwhile</label
                ><select id="i22" v-model="form.away_instead">
                    <option :value="null">nobody has said</option>
                    <option v-for="(label, key) in standIns" :key="key" :value="key">{{ label }}</option></select
                ><FieldError :words="form.errors.away_instead" />
            </div>
            <template v-if="form.away_since && form.away_instead === 'by-hand'">
                <div>
                    <label for="i23">By hand every, days</label
                    ><input id="i23" v-model.number="form.away_hand_days" type="number" min="1" max="90" /><FieldError
                        :words="form.errors.away_hand_days"
                    />
                </div>
                <div>
                    <label for="i24">Last done by hand</label
                    ><input id="i24" v-model="form.away_hand_on" type="date" /><FieldError
                        :words="form.errors.away_hand_on"
                    />
                </div>
            </template>
            <div><label for="i10">Spare kept at</label><input id="i10" v-model="form.spare_where" type="text" /></div>
            <div><label for="i13">Serial number</label><input id="i13" v-model="form.serial" type="text" /></div>
            <div>
                <label for="i14">Serviced every, days</label
                ><input id="i14" v-model.number="form.service_every_days" type="number" min="1" /><FieldError
                    :words="form.errors.service_every_days"
                />
            </div>
            <div>
                <label for="i15">Last serviced on</label
                ><input id="i15" v-model="form.last_service_on" type="date" /><FieldError
                    :words="form.errors.last_service_on"
                />
            </div>
            <div>
                <label for="i16">Warranty until</label><input id="i16" v-model="form.warranty_until" type="date" />
            </div>
            <div v-if="shell.plans">
                <label for="i17">Price paid</label
                ><input id="i17" v-model="form.price" type="text" inputmode="decimal" /><FieldError
                    :words="form.errors.price ?? form.errors.price_minor"
                />
            </div>
            <div class="wide"><label for="i11">Note</label><input id="i11" v-model="form.note" type="text" /></div>
            <div v-if="form.id" class="wide">
                <label for="i12">Why this changes</label
                ><input id="i12" v-model="form.reason" type="text" maxlength="300" required /><FieldError
                    :words="form.errors.reason"
                />
            </div>
            <div>
                <button class="btn-go" :disabled="form.processing">Keep</button>
                <button type="button" class="plain" @click="editing = false">leave it</button>
            </div>
        </form>
        <FieldError :words="photoWrong" />
        <div v-if="items.length" class="tablebox" tabindex="0" role="region" aria-label="Devices">
            <table class="plainer">
                <caption class="visually-hidden">
                    Devices
                </caption>
                <thead>
                    <tr>
                        <th scope="col">Job</th>
                        <th scope="col">Device</th>
                        <th scope="col" class="num">Watts</th>
                        <th scope="col">Since</th>
                        <th scope="col">Replace</th>
                        <th scope="col">Plug</th>
                        <th scope="col"><span class="visually-hidden">Do</span></th>
                    </tr>
                </thead>
                <tbody>
                    <tr v-for="item in items" :key="item.id">
                        <td>{{ item.jobLabel }}</td>
                        <td>
                            <a v-if="item.photoId" :href="`/attachments/${item.photoId}`" class="thumb"
                                ><img
                                    :src="`/attachments/${item.photoId}`"
                                    :alt="`Photo of ${item.name}`"
                                    width="44"
                                    loading="lazy" /></a
                            ><b>{{ item.name }}</b
                            ><br /><small class="quiet">{{ [item.price, item.note].filter(Boolean).join(' · ') }}</small
                            ><small v-if="item.temporaryUntil" class="wrong">
                                for now, until {{ item.temporaryUntil }}: {{ item.temporaryWhy }}</small
                            ><small v-if="item.changedHow" class="wrong">
                                not as it came: {{ item.changedHow }}. Its rating is lost; never “restore” it, and prove
                                it anew.</small
                            ><small v-for="f in item.roFindings" :key="f.key" :class="{ wrong: f.severity === 'fix' }">
                                {{ f.what }}. {{ f.why }} {{ f.remedy }}</small
                            >
                        </td>
                        <td class="num">{{ item.watts === null ? 'not known' : `${item.watts} W` }}</td>
                        <td>
                            {{
                                item.installedOn
                                    ? `${item.installedPrecision === 'day' ? '' : 'about '}${date(item.installedOn)}`
                                    : 'not known'
                            }}
                        </td>
                        <td>
                            {{
                                item.retired
                                    ? `retired ${item.retired}`
                                    : item.replaceOn
                                      ? when(item.replaceOn)
                                      : item.countedMonths
                                        ? 'needs its date'
                                        : 'when worn'
                            }}
                        </td>
                        <td>
                            {{ item.plugLabel || 'no label' }}<br /><small class="quiet">{{
                                [item.outlet, item.circuit, item.switchedBy && `switched by ${item.switchedBy}`]
                                    .filter(Boolean)
                                    .join(', ')
                            }}</small
                            ><small v-if="item.awaySince" class="wrong">
                                away since {{ date(item.awaySince) }}: {{ item.awayWhere }}</small
                            >
                        </td>
                        <td v-if="header.mayRecord && !item.retired">
                            <button type="button" class="linkish" @click="edit(item)">change</button> ·
                            <button
                                type="button"
                                class="linkish"
                                @click="
                                    stating = item.id;
                                    testing.state = item.state === 'tested' ? 'run-in' : 'tested';
                                "
                            >
                                {{ item.state === 'run-in' ? 'tested' : item.stateLabel }}
                            </button>
                            <template v-if="item.job === 'ro-unit'">
                                ·
                                <button
                                    type="button"
                                    class="linkish"
                                    @click="
                                        router.post(`/items/${item.id}/limit-reached`, {}, { preserveScroll: true })
                                    "
                                >
                                    it reached its limit
                                </button></template
                            >
                            · <button type="button" class="linkish" @click="retiring = item.id">retire</button> ·
                            <label class="linkish"
                                >photo<input
                                    type="file"
                                    class="visually-hidden"
                                    accept="image/jpeg,image/png,image/webp"
                                    :aria-label="`Photo of ${item.name}`"
                                    @change="photo(item.id, $event)"
                            /></label>
                            <template v-if="item.job === 'doser'"
                                ><br /><button type="button" class="linkish" @click="dosing(item.id, 'air')">
                                    air in its line
                                </button>
                                ·
                                <button type="button" class="linkish" @click="calibrating = item.id">calibrated</button>
                                <form v-if="calibrating === item.id" @submit.prevent="dosing(item.id, 'calibrated')">
                                    <input
                                        v-model.number="mlPerMin"
                                        class="cell num"
                                        type="number"
                                        step="any"
                                        min="0.01"
                                        :aria-label="`${item.name}: mL a minute`"
                                        placeholder="mL a minute"
                                        required
                                    /><button class="linkish">log it</button>
                                </form></template
                            >
                            <form
                                v-if="stating === item.id"
                                @submit.prevent="
                                    testing.post(`/items/${item.id}/state`, {
                                        preserveScroll: true,
                                        onSuccess: () => {
                                            stating = null;
                                            testing.reset();
                                        },
                                    })
                                "
                            >
                                <select v-model="testing.state" class="cell" :aria-label="`${item.name} is now`">
                                    <option v-for="[key, label] in STATES" :key="key" :value="key">
                                        {{ label }}
                                    </option></select
                                ><input
                                    v-model="testing.result"
                                    class="cell"
                                    type="text"
                                    maxlength="200"
                                    :aria-label="`How the test of ${item.name} went`"
                                    placeholder="how the test went"
                                /><FieldError :words="testing.errors.result ?? testing.errors.state" /><button
                                    class="linkish"
                                >
                                    write it down
                                </button>
                            </form>
                            <form v-if="retiring === item.id" @submit.prevent="retire(item.id)">
                                <input
                                    v-model="reason"
                                    class="cell"
                                    type="text"
                                    :aria-label="`Why ${item.name} is retired`"
                                    placeholder="why"
                                    required
                                /><select v-model="failed" class="cell" :aria-label="`Whether ${item.name} had failed`">
                                    <option :value="null">had it failed? not said</option>
                                    <option :value="true">it had failed</option>
                                    <option :value="false">it still worked</option></select
                                ><button class="linkish">retire it</button>
                            </form>
                        </td>
                        <td v-else></td>
                    </tr>
                </tbody>
            </table>
        </div>
        <div v-else class="empty">
            <h2>No devices written down</h2>
            <p>Begin with what keeps it alive: heaters, return pump, top-off. Age and plug come from the label.</p>
        </div>
        <ItemSettings :system-id="header.id" :items="items" :settings="settings" :may-record="header.mayRecord" />
        <Materials
            :system-id="header.id"
            :materials="materials"
            :kinds="materialKinds"
            :may-record="header.mayRecord"
        />
    </SystemFrame>
</template>
