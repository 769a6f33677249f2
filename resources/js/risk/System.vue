<script setup lang="ts">
import { router, useForm } from '@inertiajs/vue3';
import { computed, ref } from 'vue';
import type { AlarmView, FindingView, HazardView, SystemHeaderView, YearRowView } from '../generated';
import FieldError from '../shared/FieldError.vue';
import SeverityMark from '../shared/SeverityMark.vue';
import { useUnits } from '../shared/units';
import { openWorking } from '../shared/working';
import StartIncident from '../emergency/StartIncident.vue';
import SystemFrame from '../systems/SystemFrame.vue';
import LayersLine from './LayersLine.vue';
import PeopleFirst from './PeopleFirst.vue';
import ProofForm from './ProofForm.vue';
import RiskTabs from './RiskTabs.vue';
import SystemAlarms from './SystemAlarms.vue';
import WorthForm from './WorthForm.vue';
import YearTable from './YearTable.vue';

type Life = {
    has_animals: boolean | null;
    no_heater_because: string | null;
    no_heater_while: string | null;
    no_heater_review_on: string | null;
    fish_kg: number | null;
    small_fish: boolean;
    community: string | null;
    battery_h: number | null;
    battery_pump: boolean;
    arrivals_year: number | null;
};
const props = defineProps<{
    header: SystemHeaderView;
    night: string;
    away: boolean;
    holiday: boolean;
    onCall: string;
    couldBeOnCall?: Record<string, string>;
    nights: Record<string, string>;
    room: number | null;
    hazards: HazardView[];
    needs: string | null;
    alarms: AlarmView[];
    watches: Record<string, string>;
    colleagues?: Record<string, string>;
    year?: YearRowView[];
    yearSum?: { loss: string | null; range: string | null; harms: string; dearest: string | null } | null;
    worth: { animals_minor: number | null; floor_minor: number | null };
    currency: string;
    people?: { hazard: string; finding: FindingView; who: string | null; on: string | null }[];
    proofs: Record<string, string>;
    devices: { id: number; name: string }[];
    communities: Record<string, string>;
    quantities: Record<string, string>;
    withLimits: string[];
    life: Life;
}>();
const units = useUnits();
const night = ref(props.night);
const away = ref(props.away);
const holiday = ref(props.holiday);
const onCall = ref(props.onCall);
const look = () =>
    router.get(`/systems/${props.header.id}/risk`, {
        ...(night.value === 'tonight' ? {} : { night: night.value }),
        ...(away.value ? { away: 1 } : {}),
        ...(holiday.value ? { holiday: 1 } : {}),
        ...(onCall.value ? { oncall: onCall.value } : {}),
    });
/** Whole quarters of a day, so that a line of time can be read. */
const span = computed(() => {
    const most = Math.max(
        12,
        ...props.hazards.flatMap((h) =>
            [h.harms[0]?.hours, h.actsH].filter((v): v is number => typeof v === 'number' && v <= 48),
        ),
    );
    return 6 * Math.ceil((most + 1) / 6);
});
const fish = ref(props.life.fish_kg === null ? '' : units.typed(props.life.fish_kg, 'kg'));
const life = useForm<Life>({ ...props.life });
/** Whatever needs a look, and what is asked of every system; the rest opens with one tap. */
const EACH = ['heater-on', 'heater-off', 'too-cold', 'return-dead', 'power-cut'];
/** What stands against it, once the year has been worked out. */
const creditsOf = (hazard: string) => props.year?.find((r) => r.hazard === hazard)?.beginnings[0]?.credits ?? [];
const allHours = ref(false);
const shownHazards = computed(() =>
    props.hazards.filter((h) => allHours.value || EACH.includes(h.hazard) || h.finding.severity !== 'fine'),
);
const hours = (h: number | null) =>
    h === null ? '' : Math.abs(h) < 1 ? `${Math.round(h * 60)} min` : `${h.toFixed(1)} h`;
function keepLife() {
    life.fish_kg = fish.value === '' ? null : units.parse(fish.value, 'kg');
    life.put(`/systems/${props.header.id}/life`, { preserveScroll: true });
}
</script>

<template>
    <SystemFrame :header="header" tab="risk">
        <RiskTabs :id="header.id" here="hours" :site="header.siteId" />
        <StartIncident :system-id="header.id" :site-id="header.siteId" />
        <div class="filter">
            <select v-model="night" aria-label="Which night" @change="look">
                <option v-for="(label, key) in nights" :key="key" :value="key">{{ label }}</option></select
            ><select v-model="onCall" aria-label="Who is on call" @change="look">
                <option value="">on call as the roster says</option>
                <option v-for="(name, id) in couldBeOnCall ?? {}" :key="id" :value="String(id)">
                    {{ name }} is on call
                </option>
                <option value="nobody">nobody is on call</option></select
            ><label class="check"><input v-model="away" type="checkbox" @change="look" /> the household is away</label
            ><label class="check"><input v-model="holiday" type="checkbox" @change="look" /> a public holiday</label
            ><span class="quiet stamp">{{
                room === null
                    ? 'how warm the room then is was never said'
                    : `the room then stands at ${units.show(room, 'degC')}`
            }}</span>
        </div>
        <div v-if="needs" class="empty">
            <h2>Not known yet</h2>
            <p>Still to say: {{ needs }}. It stands in the room’s survey, the register or the section’s facts.</p>
        </div>
        <template v-if="yearSum">
            <p class="yearsum">
                <template v-if="yearSum.loss"
                    >An average year costs <b>{{ yearSum.loss }}</b><span class="quiet"> ({{ yearSum.range }})</span
                    >,</template
                ><template v-else
                    >Harm comes <b>{{ yearSum.harms }}</b>,</template
                >
                most of it by {{ yearSum.dearest?.toLowerCase() }}.
            </p>
            <YearTable :rows="year ?? []" :hazards="hazards" :span="span" />
        </template>
        <p v-else-if="yearSum === undefined" class="quiet" role="status">Working out the year…</p>
        <h2>People first</h2>
        <PeopleFirst v-if="people" :id="header.id" :may-record="header.mayRecord" :people="people" />
        <h2>The hours of {{ nights[night]?.toLowerCase() }}</h2>
        <section
            v-for="h in shownHazards"
            :key="h.hazard"
            class="hazard"
            :class="h.finding.severity"
            :aria-label="h.label"
        >
            <h2>{{ h.label }}</h2>
            <LayersLine :hazard="h" :credits="creditsOf(h.hazard)" :span="span" />
            <p class="says">
                <SeverityMark :severity="h.finding.severity" /> <b>{{ h.finding.what }}</b>
            </p>
            <p>
                {{ h.finding.why }} <template v-if="h.finding.remedy">{{ h.finding.remedy }}</template>
            </p>
            <table class="figures">
                <caption class="visually-hidden">
                    {{
                        h.label
                    }}, in numbers
                </caption>
                <tbody>
                    <tr v-for="m in h.harms" :key="m.by">
                        <th scope="row">{{ m.by }} {{ m.hours === null ? 'settles at' : 'reaches' }} {{ m.limit }}</th>
                        <td class="num">
                            <button
                                v-if="h.working && m === h.harms[0]"
                                type="button"
                                class="number"
                                @click="openWorking = h.working"
                            >
                                {{ m.hours === null ? 'no harm' : hours(m.hours) }}</button><b v-else>{{
                                m.hours === null ? 'no harm' : hours(m.hours)
                            }}</b>
                        </td>
                        <td class="why">
                            {{
                                [
                                    m.lossHours === null ? null : `losses from ${hours(m.lossHours)}`,
                                    m.assumed ? 'rests on a default' : null,
                                ]
                                    .filter(Boolean)
                                    .join(', ')
                            }}
                        </td>
                    </tr>
                    <tr>
                        <th scope="row">Noticed</th>
                        <td class="num">
                            <b>{{ h.noticedH === null ? 'by nobody' : hours(h.noticedH) }}</b>
                        </td>
                        <td class="why">{{ h.how }}</td>
                    </tr>
                    <tr>
                        <th scope="row">Help acts</th>
                        <td class="num">
                            <b>{{ h.actsH === null ? 'not in time' : hours(h.actsH) }}</b>
                        </td>
                        <td class="why">{{ h.who ?? '' }}</td>
                    </tr>
                    <tr>
                        <th scope="row">In hand</th>
                        <td class="num">
                            <b>{{
                                h.hours === null
                                    ? 'no harm'
                                    : `${h.atMost ? 'at most ' : ''}${h.hours < 0 ? '−' : ''}${hours(Math.abs(h.hours))}`
                            }}</b>
                        </td>
                        <td class="why"></td>
                    </tr>
                </tbody>
            </table>
        </section>
        <button
            v-if="!allHours && shownHazards.length < hazards.length"
            type="button"
            class="linkish"
            @click="allHours = true"
        >
            and {{ hazards.length - shownHazards.length }} with time in hand
        </button>
        <SystemAlarms
            :system-id="header.id"
            :may-record="header.mayRecord"
            :alarms="alarms"
            :watches="watches"
            :colleagues="colleagues"
            :quantities="quantities"
            :with-limits="withLimits"
        />
        <template v-if="header.mayRecord">
            <h2>What is at stake</h2>
            <WorthForm v-if="header.mayUpdate" :id="header.id" :currency="currency" :worth="worth" />
            <h2>Proved</h2>
            <p class="quiet">
                A protection counts as much as its last proof: a standby run alone, a drain with the main blocked.
            </p>
            <ProofForm :id="header.id" :whats="proofs" :devices="devices" />
            <h2>What lives in it</h2>
            <form class="form" @submit.prevent="keepLife">
                <div>
                    <label for="f0">Animals</label
                    ><select id="f0" v-model="life.has_animals">
                        <option :value="null">not said: counted as stock</option>
                        <option :value="true">something lives in it</option>
                        <option :value="false">nothing lives in it</option>
                    </select>
                </div>
                <div>
                    <label for="f1">Fish, {{ units.label('kg') }}</label
                    ><input id="f1" v-model="fish" type="text" inputmode="decimal" placeholder="not known" /><FieldError
                        :words="life.errors.fish_kg"
                    />
                </div>
                <div>
                    <label for="f2">Corals, sand, rock</label
                    ><select id="f2" v-model="life.community">
                        <option :value="null">not known: counted as mixed</option>
                        <option v-for="(label, key) in communities" :key="key" :value="key">{{ label }}</option>
                    </select>
                </div>
                <div>
                    <label for="f3">Battery lasts, hours</label
                    ><input
                        id="f3"
                        v-model.number="life.battery_h"
                        type="number"
                        min="0"
                        max="500"
                        step="any"
                        placeholder="none"
                    /><FieldError :words="life.errors.battery_h" />
                </div>
                <div>
                    <label for="f8">Animals a year without quarantine</label
                    ><input
                        id="f8"
                        v-model.number="life.arrivals_year"
                        type="number"
                        min="0"
                        max="500"
                        step="any"
                        placeholder="not counted"
                    /><FieldError :words="life.errors.arrivals_year" />
                </div>
                <div class="check">
                    <label><input v-model="life.battery_pump" type="checkbox" /> the battery moves the surface</label>
                </div>
                <div class="check">
                    <label><input v-model="life.small_fish" type="checkbox" /> mostly small fish</label>
                </div>
                <div class="wide">
                    <label for="f5">No heater, on purpose, because</label
                    ><input
                        id="f5"
                        v-model="life.no_heater_because"
                        type="text"
                        maxlength="200"
                        placeholder="leave empty where it has one, or nobody has decided"
                    /><FieldError :words="life.errors.no_heater_because" />
                </div>
                <template v-if="life.no_heater_because">
                    <div>
                        <label for="f6">While</label
                        ><input
                            id="f6"
                            v-model="life.no_heater_while"
                            type="text"
                            maxlength="200"
                            placeholder="the hall is heated all winter"
                        /><FieldError :words="life.errors.no_heater_while" />
                    </div>
                    <div>
                        <label for="f7">Look again on</label
                        ><input id="f7" v-model="life.no_heater_review_on" type="date" /><FieldError
                            :words="life.errors.no_heater_review_on"
                        />
                    </div>
                </template>
                <div><button class="outline" :disabled="life.processing">Keep, and work it out</button></div>
            </form>
        </template>
        <p class="quiet">
            Electricity and water: a licensed electrician, with residual-current protection on all wet gear. These hours
            warn; they promise nothing.
        </p>
    </SystemFrame>
</template>
