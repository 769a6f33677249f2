<script setup lang="ts">
import { Head, Link, router, useForm } from '@inertiajs/vue3';
import { computed, nextTick, onBeforeUnmount, onMounted, provide, ref } from 'vue';
import type {
    DayRowView,
    FindingView,
    LadderView,
    LogView,
    LiveView,
    OrderView,
    SensorView,
    SetUpLineView,
    StartsView,
    StripView,
} from '../generated';
import FieldError from '../shared/FieldError.vue';
import SeverityMark from '../shared/SeverityMark.vue';
import { clock } from '../shared/days';
import { date, when } from '../shared/units';
import AlarmForm from './AlarmForm.vue';
import CallChain from './CallChain.vue';
import ControlTabs from './ControlTabs.vue';
import DayStrip from './DayStrip.vue';
import Devices from './Devices.vue';
import Ladder from './Ladder.vue';
import LogImport from './LogImport.vue';
import LogsTaken from './LogsTaken.vue';
import Orders from './Orders.vue';
import OutletForm from './OutletForm.vue';
import PlugForm from './PlugForm.vue';
import SensorForm from './SensorForm.vue';
import StripForm from './StripForm.vue';
import Wiring from './Wiring.vue';
import { STARTS, blankRule, type Change, type GuardDoc, type OutletDoc, type SetUpDoc } from './setUp';
import { useSetUp } from './useSetUp';

const props = defineProps<{
    controller: {
        id: number;
        name: string;
        siteId: number;
        site: string;
        client: string;
        running: number | null;
        runningSince: string | null;
        draft: number | null;
        revision: number;
        differs: number | null;
        mayWrite: boolean;
        mayActivate: boolean;
    };
    written: SetUpDoc;
    strips: StripView[];
    sensors: SensorView[];
    waters: { key: string; label: string; role: string; system: number }[];
    systems: { id: number; name: string }[];
    loose: { id: number; name: string; system: string }[];
    plugged: Record<string, { id: number; name: string }[]>;
    circuits: { id: number; name: string }[];
    ladders: LadderView[];
    day: DayRowView[];
    findings: FindingView[];
    corrections: Record<string, { words: string; changes: Change[] }>;
    alarms: { name: string; says: string; message: string | null; calls: number; tested: boolean }[];
    people: { id: number; name: string }[];
    wrong: Record<string, string>;
    live: LiveView | null;
    chain: { alarm: string; calls: { who: string; afterMin: number }[]; away: string[] } | null;
    askedAt: string | null;
    devices: {
        id: number;
        name: string;
        kind: string;
        heardAt: string | null;
        breaks: { kind: string; of?: string | null; value?: number | null }[];
        differs: boolean;
    }[];
    orders: OrderView[];
    logs: LogView[];
    history: SetUpLineView[];
    standards: { id: number; name: string }[];
    starts: StartsView;
    conflict: boolean;
    now: string;
}>();
const { doc, past, standing, change, correct, undo, send, takeTheirs } = useSetUp(props);
provide(STARTS, props.starts);
const chosen = ref<string | null>(null);
const sheet = ref<'strip' | 'sensor' | 'alarm' | null>(null);
const sensor = ref<SensorView | null>(null);
const all = computed(() => props.strips.flatMap((s) => s.outlets.map((o) => ({ ...o, strip: s }))));
const outlet = computed(() => all.value.find((o) => o.key === chosen.value) ?? null);
const own = computed(() => doc.value.outlets.find((o) => o.id === chosen.value) ?? null);
const places = computed(() => doc.value.outlets.map((o) => ({ key: o.id, label: o.place })));
const groups = computed(() => [
    ...new Set([
        'feeding',
        'service',
        'water change',
        ...doc.value.outlets.flatMap((o) => Object.keys(o.pauses ?? {})),
    ]),
]);
const acts = computed(() =>
    doc.value.guards.map((g) => ({
        key: g.id,
        label: doc.value.outlets.find((o) => o.id === g.outlet)?.place ?? g.id,
    })),
);
function choose(key: string) {
    chosen.value = chosen.value === key ? null : key;
    if (chosen.value)
        void nextTick(() => document.getElementById('outlet-bench')?.scrollIntoView({ block: 'nearest' }));
}
function setOutlet(next: OutletDoc) {
    change({ ...doc.value, outlets: doc.value.outlets.map((o) => (o.id === next.id ? next : o)) });
}
const setGuards = (guards: GuardDoc[]) => change({ ...doc.value, guards });
const USUAL: Record<string, string> = {
    heater: 'hold',
    chiller: 'hold',
    fan: 'hold',
    light: 'day',
    skimmer: 'follow',
    doser: 'pulse',
    'top-off': 'refill',
    mixer: 'timed-run',
};
function begin() {
    if (!outlet.value) return;
    const probe = props.sensors.find((s) => s.kind === 'probe')?.key;
    const kind = USUAL[outlet.value.job ?? ''] ?? 'on';
    const next: OutletDoc = {
        id: outlet.value.key,
        place: outlet.value.load ?? outlet.value.name,
        rule: blankRule(kind, probe, props.starts),
    };
    change({ ...doc.value, outlets: [...doc.value.outlets, next] });
}
function remove() {
    const id = chosen.value;
    change({
        outlets: doc.value.outlets.filter((o) => o.id !== id),
        guards: doc.value.guards.filter((g) => g.outlet !== id),
    });
}
const open = computed(() => props.findings.filter((f) => f.severity !== 'fine'));
const fine = computed(() => props.findings.length - open.value.length);
const activating = ref(false);
const activation = useForm({ why: '', entered: false });
const activate = () =>
    activation.post(`/control/${props.controller.id}/activate`, {
        preserveScroll: true,
        onSuccess: () => {
            activating.value = false;
            activation.reset();
        },
    });
const file = useForm<{ file: File | null; revision: number }>({ file: null, revision: 0 });
function read(event: Event) {
    file.file = (event.target as HTMLInputElement).files?.[0] ?? null;
    file.revision = props.controller.revision;
    file.post(`/control/${props.controller.id}/set-up`, { preserveScroll: true, forceFormData: true });
}
const keepingStandard = ref(false);
const standard = useForm({ name: '' });
const keepStandard = () =>
    standard.post(`/control/${props.controller.id}/standards`, {
        preserveScroll: true,
        onSuccess: () => {
            keepingStandard.value = false;
            standard.reset();
        },
    });
/** What is written here is the draft before; it comes back with “throw the draft away”. */
const takeStandard = (id: number) =>
    router.post(
        `/control/${props.controller.id}/standards/${id}`,
        { revision: props.controller.revision },
        { preserveScroll: true },
    );
const STANDINGS = {
    kept: 'kept',
    typing: 'typing…',
    sending: 'being kept and checked…',
    failed: 'not kept: no connection. It is tried again with your next change.',
    conflict: 'Somebody else has written since.',
};
const standingOrders = computed(() => props.orders.filter((o) => ['taken', 'ending'].includes(o.state)));
const placeOf = (key: string) => all.value.find((o) => o.key === key)?.place ?? key;
const LIVE_MS = 10_000;
let looking = 0;
onBeforeUnmount(() => window.clearInterval(looking));
onMounted(() => {
    if (props.devices.length)
        looking = window.setInterval(() => {
            // Never into what is being typed: only what is reported is read again.
            if (standing.value === 'kept') router.reload({ only: ['live', 'devices', 'orders'] });
        }, LIVE_MS);
    const key = window.location.hash.slice(1);
    if (all.value.some((o) => o.key === key)) chosen.value = key;
});
</script>

<template>
    <Head :title="`${controller.name}: what drives what`" />
    <div class="withmargin">
        <div class="page bench">
            <div class="head">
                <h1>{{ controller.name }}: what drives what</h1>
                <button
                    v-if="controller.mayActivate && controller.draft"
                    type="button"
                    class="btn-go push"
                    data-new
                    @click="activating = !activating"
                >
                    Set draft {{ controller.draft }} to work
                </button>
                <p class="sub">
                    <Link :href="`/sites/${controller.siteId}`">{{ controller.site }}</Link> ·
                    <template v-if="controller.running"
                        >as running<template v-if="controller.runningSince">
                            since {{ date(controller.runningSince) }}</template
                        >, version {{ controller.running }}</template
                    >
                    <template v-else>nothing runs yet</template>
                    <template v-if="controller.draft">
                        · draft {{ controller.draft
                        }}<template v-if="controller.differs !== null">
                            differs in {{ controller.differs }}
                            {{ controller.differs === 1 ? 'sentence' : 'sentences' }}</template
                        ></template
                    >
                </p>
            </div>
            <ControlTabs :id="controller.id" tab="" />
            <form v-if="activating" class="standing" @submit.prevent="activate">
                <label for="why">What changed, and why</label>
                <input id="why" v-model="activation.why" class="cell" type="text" maxlength="300" required />
                <label class="check"
                    ><input v-model="activation.entered" type="checkbox" /> It has been entered at the controller, and
                    read back</label
                >
                <p v-if="open.length" class="quiet">
                    {{ open.length }} {{ open.length === 1 ? 'thing stands' : 'things stand' }} in the margin.
                </p>
                <FieldError :words="Object.values(activation.errors)[0]" />
                <button class="btn-go" :disabled="activation.processing || !activation.why || !activation.entered">
                    It runs from now on
                </button>
            </form>
            <p
                v-if="controller.mayWrite"
                class="keeping"
                :class="{ bad: ['failed', 'conflict'].includes(standing) }"
                role="status"
            >
                {{ STANDINGS[standing] }}
                <button v-if="standing === 'conflict'" type="button" class="linkish" @click="takeTheirs">
                    read theirs; what I typed since is dropped
                </button>
                <button v-if="standing === 'failed'" type="button" class="linkish" @click="send">try again</button>
                <button v-if="past.length" type="button" class="linkish" @click="undo">
                    one step back <kbd>Ctrl Z</kbd>
                </button>
            </p>
            <p v-if="wrong.all" class="wrong" role="alert">{{ wrong.all }}</p>
            <Wiring
                v-if="strips.length"
                :strips="strips"
                :waters="waters"
                :chosen="chosen"
                :on="live?.on ?? {}"
                @choose="choose"
            />
            <p v-if="live" class="quiet">
                heard {{ when(live.heardAt) }}; ringed in red: on now<template v-if="live.acts.length">
                    · <b class="watchword">a guard acts</b></template
                >
            </p>
            <p v-for="o in standingOrders" :key="o.id" class="standing">
                <b>{{ placeOf(o.outlet) }}</b> is {{ o.isOn ? 'on' : 'off' }} by order<template v-if="o.untilAt">
                    until {{ clock(o.untilAt) }}</template
                >: {{ o.because }} ({{ o.who }})<b v-if="o.isOverdue" class="watchword">
                    · should be over, and nobody has heard</b
                >
            </p>
            <section v-if="live?.against.length" aria-labelledby="against">
                <h2 id="against">Not as it was told</h2>
                <article v-for="f in live.against" :key="f.key" class="note" :class="f.severity">
                    <SeverityMark :severity="f.severity" />
                    <h3>
                        <span class="word">{{ f.word }}</span> {{ f.what }}
                    </h3>
                    <p>{{ f.why }} {{ f.remedy }}</p>
                    <small
                        ><Link :href="`/rules/${f.rule}`">{{ f.rule }}</Link></small
                    >
                </article>
            </section>
            <div v-if="!strips.length" class="empty">
                <h2>No strip yet</h2>
                <p>Add the first strip with its outlets, then say what is plugged in.</p>
            </div>
            <div v-if="outlet" id="outlet-bench" class="outletbench">
                <template v-if="controller.mayWrite">
                    <OutletForm
                        v-if="own"
                        :key="`set-${outlet.key}`"
                        :outlet="outlet"
                        :sensors="sensors"
                        :places="places"
                        :groups="groups"
                        :doc="own"
                        :guards="doc.guards"
                        @update:doc="setOutlet"
                        @update:guards="setGuards"
                        @remove="remove"
                    />
                    <p v-else class="standing">
                        <b>{{ outlet.name }}</b> is not in the set-up yet.
                        <button type="button" class="outline" @click="begin">Say what it does</button>
                    </p>
                    <Orders
                        v-if="own"
                        :key="`order-${outlet.key}`"
                        :controller-id="controller.id"
                        :outlet="outlet"
                        :orders="orders.filter((o) => o.outlet === outlet?.key)"
                        :reports="live !== null && controller.running !== null"
                        :is-on="live?.on[outlet.key] ?? null"
                    />
                    <PlugForm
                        :key="`plug-${outlet.key}`"
                        :outlet="outlet"
                        :strip-id="outlet.strip.id"
                        :here="plugged[outlet.key] ?? []"
                        :loose="loose"
                        :strips="strips"
                    />
                </template>
                <dl v-else>
                    <dt>{{ outlet.name }} {{ outlet.place }}</dt>
                    <dd>
                        {{ [outlet.does, `link lost: ${outlet.lost}`, ...outlet.manners, ...outlet.guards].join('; ') }}
                    </dd>
                </dl>
            </div>
            <p v-if="controller.mayWrite" class="benchadds">
                <button type="button" class="outline" @click="sheet = sheet === 'strip' ? null : 'strip'">
                    Add a strip
                </button>
                <button
                    type="button"
                    class="outline"
                    @click="
                        sensor = null;
                        sheet = sheet === 'sensor' ? null : 'sensor';
                    "
                >
                    Add a probe or a switch
                </button>
                <button
                    v-if="systems.length"
                    type="button"
                    class="outline"
                    @click="sheet = sheet === 'alarm' ? null : 'alarm'"
                >
                    Add an alarm
                </button>
            </p>
            <StripForm
                v-if="sheet === 'strip'"
                :controller-id="controller.id"
                :site-id="controller.siteId"
                :circuits="circuits"
                @done="sheet = null"
            />
            <SensorForm
                v-if="sheet === 'sensor'"
                :key="sensor?.id ?? 0"
                :controller-id="controller.id"
                :sensor="sensor"
                :systems="systems"
                @done="sheet = null"
            />
            <AlarmForm
                v-if="sheet === 'alarm'"
                :controller-id="controller.id"
                :sensors="sensors"
                :acts="acts"
                :outlets="all.filter((o) => o.isSet && o.load).map((o) => ({ id: o.id, label: o.place }))"
                :systems="systems"
                :people="people"
                @done="sheet = null"
            />
            <Ladder v-for="l in ladders" :key="l.quantity" :ladder="l" />
            <DayStrip v-if="day.length" :rows="day" :now="now" />
            <template v-if="sensors.length">
                <h2>Probes and switches</h2>
                <ul class="sensorlines">
                    <li v-for="s in sensors" :key="s.id">
                        <b>{{ s.name }}</b> {{ s.quantity ?? 'switch' }}
                        <b v-if="live" class="livevalue">{{ live.values[s.key] ?? 'nothing comes' }}</b>
                        <small class="quiet"
                            >{{ s.hangsIn
                            }}<template v-if="s.calibratedOn">, calibrated {{ date(s.calibratedOn) }}</template></small
                        >
                        <button
                            v-if="controller.mayWrite"
                            type="button"
                            class="linkish"
                            :aria-label="`Change ${s.name}`"
                            @click="
                                sensor = s;
                                sheet = 'sensor';
                            "
                        >
                            change
                        </button>
                    </li>
                </ul>
            </template>
            <h2>Alarms</h2>
            <ul v-if="alarms.length" class="sensorlines">
                <li v-for="a in alarms" :key="a.name">
                    <b>{{ a.name }}</b> when {{ a.says }}; calls {{ a.calls }}
                    {{ a.calls === 1 ? 'person' : 'persons' }}
                    <small class="quiet"
                        >{{ a.tested ? 'tested' : 'never tested'
                        }}<template v-if="a.message">; it says: {{ a.message }}</template></small
                    >
                </li>
            </ul>
            <p v-else class="quiet">No alarm watches this controller. Nobody would know.</p>
            <CallChain :chain="chain" :asked-at="askedAt" />
            <Devices
                :controller-id="controller.id"
                :devices="devices"
                :outlets="all.map((o) => ({ key: o.key, label: o.place, job: o.job }))"
                :probes="sensors.filter((s) => s.kind === 'probe').map((s) => ({ key: s.key, label: s.name }))"
                :may-write="controller.mayWrite"
                :may-activate="controller.mayActivate"
            />
            <LogImport v-if="controller.mayWrite" :controller-id="controller.id" :sensors="sensors" />
            <LogsTaken v-if="controller.mayWrite" :logs="logs" />
            <h2 id="history">History</h2>
            <ol v-if="history.length" class="setups">
                <li v-for="h in history" :key="h.number">
                    <b>{{ h.state === 'draft' ? `Draft ${h.number}` : `Version ${h.number}` }}</b>
                    <template v-if="h.state === 'running'"> runs</template>
                    <small class="quiet">
                        {{ h.by }}<template v-if="h.activatedAt">, {{ date(h.activatedAt) }}</template
                        ><template v-if="h.hash"> · {{ h.hash }}</template></small
                    >
                    <p v-if="h.why">{{ h.why }}</p>
                    <ul v-if="h.changes.length">
                        <li v-for="c in h.changes" :key="c">{{ c }}</li>
                    </ul>
                </li>
            </ol>
            <p v-else class="quiet">Nothing has been written yet.</p>
            <form v-if="keepingStandard" class="standing" @submit.prevent="keepStandard">
                <label for="standard-name">What the standard is called</label>
                <input id="standard-name" v-model="standard.name" class="cell" type="text" maxlength="120" required />
                <FieldError :words="standard.errors.name" />
                <button class="btn-go" :disabled="standard.processing">Keep it</button>
            </form>
            <p>
                <a :href="`/control/${controller.id}/set-up.json`">The set-up as a file, JSON</a>
                <template v-if="controller.mayWrite">
                    ·
                    <label class="linkish"
                        >read one from a file<input class="visually-hidden" type="file" accept=".json" @change="read"
                    /></label>
                    <template v-for="s in standards" :key="s.id">
                        ·
                        <button type="button" class="linkish" @click="takeStandard(s.id)">
                            take over “{{ s.name }}”
                        </button>
                    </template>
                    <template v-if="controller.mayActivate && doc.outlets.length">
                        ·
                        <button type="button" class="linkish" @click="keepingStandard = true">
                            keep it as a standard
                        </button>
                    </template>
                    <template v-if="controller.draft">
                        ·
                        <button
                            type="button"
                            class="linkish"
                            @click="router.post(`/control/${controller.id}/discard`, {}, { onSuccess: takeTheirs })"
                        >
                            drop the draft
                        </button></template
                    ></template
                >
            </p>
            <FieldError :words="file.errors.file" />
        </div>
        <aside class="margin" aria-label="What stands against it">
            <h2>In the margin</h2>
            <p v-if="!doc.outlets.length" class="quiet">Choose an outlet and say what it does.</p>
            <article v-for="f in open" :key="f.key" class="note" :class="f.severity">
                <SeverityMark :severity="f.severity" />
                <h3>
                    <span class="word">{{ f.word }}</span> {{ f.what }}
                </h3>
                <p>{{ f.why }} {{ f.remedy }}</p>
                <small
                    ><Link :href="`/rules/${f.rule}`">{{ f.rule }}</Link>
                    <template v-if="controller.mayWrite && corrections[f.key]">
                        ·
                        <button type="button" class="linkish" @click="correct(corrections[f.key].changes)">
                            correct it: {{ corrections[f.key].words }}
                        </button></template
                    ></small
                >
            </article>
            <p v-if="doc.outlets.length && !open.length" class="quiet">Nothing stands against it.</p>
            <p v-if="fine" class="quiet">{{ fine }} checked and good.</p>
        </aside>
    </div>
</template>
