<script setup lang="ts">
import { Head, Link } from '@inertiajs/vue3';
import { computed, onBeforeUnmount, reactive, ref } from 'vue';
import type { RunView } from '../generated';
import FieldError from '../shared/FieldError.vue';
import SectionDrawing from '../shared/SectionDrawing.vue';
import SeverityMark from '../shared/SeverityMark.vue';
import { refusal, send } from '../shared/send';
import ControlTabs from './ControlTabs.vue';
import NumberCell from './NumberCell.vue';
import RunChart from './RunChart.vue';

type Kind = { kind: string; label: string; sitsOn: string | null; value: string | null };
type Break = { kind: string; of: string | null; from_h: number; until_h: number | null; value: number | null };
const props = defineProps<{
    controller: { id: number; name: string; site: string };
    systems: { id: number; name: string }[];
    kinds: Kind[];
    elements: Record<string, { key: string; label: string }[]>;
    hasSetUp: boolean;
}>();
const form = reactive({ system_id: props.systems[0]?.id ?? 0, hours: 48, arrives_min: null as number | null });
const faults = ref<Break[]>([]);
const run = ref<RunView | null>(null);
const before = ref<RunView | null>(null);
const playing = ref(false);
const wrong = ref('');
const usable = computed(() =>
    props.kinds.filter((k) => k.sitsOn === null || (props.elements[k.sitsOn] ?? []).length > 0),
);
const kindOf = (fault: Break) => props.kinds.find((k) => k.kind === fault.kind);
const placesOf = (fault: Break) => props.elements[kindOf(fault)?.sitsOn ?? ''] ?? [];
const USUAL: Record<string, number> = {
    'probe-drift': -1,
    'switch-stuck': 0,
    'drain-blocked': 1,
    'room-climate': 8,
    'doser-siphon': 50,
};
function fresh(kind: string): Break {
    const sits = props.kinds.find((k) => k.kind === kind)?.sitsOn;
    return {
        kind,
        of: sits ? (props.elements[sits]?.[0]?.key ?? null) : null,
        from_h: 2,
        until_h: null,
        value: USUAL[kind] ?? null,
    };
}
function add(kind: string) {
    if (faults.value.length < 12) faults.value.push(fresh(kind));
}
function turn(n: number, kind: string) {
    faults.value[n] = { ...fresh(kind), from_h: faults.value[n].from_h, until_h: faults.value[n].until_h };
}
async function play() {
    playing.value = true;
    wrong.value = '';
    try {
        const sent = await send<RunView>(`/control/${props.controller.id}/break`, { ...form, faults: faults.value });
        if (sent.status === 200 && sent.body) {
            before.value = run.value;
            run.value = sent.body;
            moves.value = false;
            moment.value = 0;
        } else wrong.value = refusal(sent.body);
    } catch {
        wrong.value = 'No connection. Nothing is lost; try again.';
    }
    playing.value = false;
}
const span = (e: { h: number; untilH: number }) =>
    e.untilH > e.h ? `${clock(e.h)} to ${clock(e.untilH)}` : clock(e.h);
const clock = (h: number) => (h < 1 ? `${Math.round(h * 60)} min` : `${h.toFixed(1)} h`);
const wet = computed(() => run.value?.trace.some((p) => (p.floorL ?? 0) > 0) ?? false);
const moment = ref(0);
const lastH = computed(() => (run.value?.trace.at(-1)?.atS ?? 0) / 3600);
const PLAY_MS = 12_000;
const moves = ref(false);
let moving = 0;
function watchIt() {
    cancelAnimationFrame(moving);
    moves.value = !moves.value;
    if (!moves.value) return;
    const from = performance.now() - (moment.value >= lastH.value ? 0 : moment.value / lastH.value) * PLAY_MS;
    const step = (now: number) => {
        const share = Math.min(1, (now - from) / PLAY_MS);
        moment.value = share * lastH.value;
        moves.value = share < 1 && moves.value;
        if (moves.value) moving = requestAnimationFrame(step);
    };
    moving = requestAnimationFrame(step);
}
onBeforeUnmount(() => cancelAnimationFrame(moving));
/** What happened last before that moment. */
const lately = computed(() => run.value?.happened.filter((e) => e.h <= moment.value + 1e-6).at(-1)?.words ?? '');
const told = computed(() => (run.value?.happened ?? []).slice(0, 60));
const MARK: Record<string, string> = {
    harm: 'stop',
    fault: 'fix',
    guard: 'watch',
    latched: 'watch',
    alarm: 'watch',
    call: 'watch',
};
</script>

<template>
    <Head :title="`${controller.name}: break it`" />
    <div class="page">
        <div class="head">
            <h1>{{ controller.name }}: break it</h1>
            <p class="sub">
                {{ controller.site }} · the draft, or else what runs, played against the system as it is on record
            </p>
        </div>
        <ControlTabs :id="controller.id" tab="break" />
        <div v-if="!hasSetUp || !systems.length" class="empty">
            <h2>There is nothing to break yet</h2>
            <p><Link :href="`/control/${controller.id}`">Say first what its outlets do</Link>.</p>
        </div>
        <template v-else>
            <form class="breakform" @submit.prevent="play">
                <div class="rulefields">
                    <label v-if="systems.length > 1" class="numbercell" for="b-system"
                        ><span>System</span>
                        <select id="b-system" v-model.number="form.system_id" class="cell">
                            <option v-for="s in systems" :key="s.id" :value="s.id">{{ s.name }}</option>
                        </select></label
                    >
                    <NumberCell
                        id="b-hours"
                        label="Play"
                        unit="h"
                        :model-value="form.hours"
                        @update:model-value="form.hours = $event ?? 48"
                    />
                    <NumberCell
                        id="b-arrives"
                        v-model="form.arrives_min"
                        label="Help comes, after the first call"
                        unit="min"
                        optional
                    />
                    <label class="numbercell" for="b-add"
                        ><span>What breaks</span>
                        <select
                            id="b-add"
                            class="cell"
                            @change="
                                add(($event.target as HTMLSelectElement).value);
                                ($event.target as HTMLSelectElement).value = '';
                            "
                        >
                            <option value="">choose what breaks…</option>
                            <option v-for="k in usable" :key="k.kind" :value="k.kind">{{ k.label }}</option>
                        </select></label
                    >
                </div>
                <ul v-if="faults.length" class="breaks">
                    <li v-for="(f, n) in faults" :key="n" class="condition">
                        <select
                            v-if="placesOf(f).length"
                            v-model="f.of"
                            class="cell"
                            :aria-label="`Break ${n + 1}: of what`"
                        >
                            <option v-for="p in placesOf(f)" :key="p.key" :value="p.key">{{ p.label }}</option>
                        </select>
                        <select
                            class="cell"
                            :value="f.kind"
                            :aria-label="`Break ${n + 1}: how`"
                            @change="turn(n, ($event.target as HTMLSelectElement).value)"
                        >
                            <option v-for="k in usable" :key="k.kind" :value="k.kind">{{ k.label }}</option>
                        </select>
                        <NumberCell
                            v-if="kindOf(f)?.value"
                            :id="`b-value-${n}`"
                            v-model="f.value"
                            label=""
                            :unit="kindOf(f)?.value ?? ''"
                        />
                        <NumberCell
                            :id="`b-from-${n}`"
                            label="after"
                            unit="h"
                            :model-value="f.from_h"
                            @update:model-value="f.from_h = $event ?? 0"
                        />
                        <NumberCell :id="`b-until-${n}`" v-model="f.until_h" label="until" unit="h" optional />
                        <button
                            type="button"
                            class="linkish"
                            :aria-label="`Take break ${n + 1} out`"
                            @click="faults.splice(n, 1)"
                        >
                            take out
                        </button>
                    </li>
                </ul>
                <p v-else class="quiet">Nothing breaks: this shows a quiet run. Choose something above.</p>
                <p>
                    <button class="btn-go" :disabled="playing" data-new>{{ playing ? 'Playing…' : 'Play it' }}</button>
                    <span v-if="playing" role="status" class="quiet">Three days take about a second.</span>
                </p>
                <FieldError :words="wrong" />
            </form>
            <template v-if="run">
                <p class="verdict" role="status">
                    <template v-if="run.firstHarm && run.firstHarmH !== null"
                        ><b class="word stop">Harm after {{ clock(run.firstHarmH) }}:</b> {{ run.firstHarm }}.</template
                    >
                    <template v-else><b class="word fine">No harm</b> within {{ form.hours }} h.</template>
                    {{ run.floor }} on the floor · {{ run.drawn }} drawn<template v-if="before">
                        · the run before is drawn thin</template
                    >
                </p>
                <section v-if="run.section" class="playsalong" aria-label="The system as the run goes">
                    <SectionDrawing
                        :section="run.section"
                        :frames="run.frames"
                        :moment="moment * 3600"
                        :label="`The system after ${clock(moment)}: ${lately}`"
                    />
                    <p class="cutbar">
                        <button type="button" class="outline" :aria-pressed="moves" @click="watchIt">
                            {{ moves ? 'Hold it' : 'Watch it go' }}
                        </button>
                        <label class="slider"
                            ><span class="visually-hidden">Hours into the run</span>
                            <input
                                v-model.number="moment"
                                type="range"
                                min="0"
                                :max="lastH"
                                step="0.25"
                                @input="moves = false"
                        /></label>
                        <output class="clock" aria-live="off"
                            >{{ clock(moment) }} of {{ clock(lastH)
                            }}<template v-if="lately"> · {{ lately }}</template></output
                        >
                    </p>
                    <p class="quiet">
                        The surfaces move. The words beside them are those of the system when nothing breaks.
                    </p>
                </section>
                <div class="runplay">
                    <div>
                        <RunChart
                            :run="run"
                            :moment="run.section ? moment : undefined"
                            :before="before"
                            what="displayC"
                            label="Display"
                            kind="degC"
                            :limits="run.harmC"
                        />
                        <RunChart
                            :run="run"
                            :moment="run.section ? moment : undefined"
                            :before="before"
                            what="sumpMm"
                            label="Last chamber, above the intake"
                            kind="mm"
                        />
                        <RunChart
                            :run="run"
                            :moment="run.section ? moment : undefined"
                            :before="before"
                            what="salinity"
                            label="Salinity"
                            kind="g/kg"
                            :limits="[28, 39]"
                        />
                        <RunChart
                            :run="run"
                            :moment="run.section ? moment : undefined"
                            :before="before"
                            what="oxygenMgL"
                            label="Oxygen, mg/L"
                            :digits="1"
                            :limits="[4]"
                        />
                        <RunChart
                            :run="run"
                            :moment="run.section ? moment : undefined"
                            :before="before"
                            what="ph"
                            label="pH"
                            :digits="2"
                            :limits="[8.8]"
                        />
                        <RunChart
                            v-if="run.moved.includes('alkalinity')"
                            :run="run"
                            :moment="run.section ? moment : undefined"
                            :before="before"
                            what="alkDkh"
                            label="Alkalinity"
                            kind="dKH"
                        />
                        <RunChart
                            v-if="run.moved.includes('calcium')"
                            :run="run"
                            :moment="run.section ? moment : undefined"
                            :before="before"
                            what="calciumMgL"
                            label="Calcium, mg/L"
                            :digits="0"
                        />
                        <RunChart
                            v-if="wet"
                            :run="run"
                            :moment="run.section ? moment : undefined"
                            :before="before"
                            what="floorL"
                            label="On the floor"
                            kind="L"
                        />
                    </div>
                    <div>
                        <section v-if="run.worn.length" aria-labelledby="b-worn">
                            <h2 id="b-worn">Starts too often</h2>
                            <article v-for="f in run.worn" :key="f.key" class="note" :class="f.severity">
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
                        <h2>What happened</h2>
                        <ol v-if="told.length" class="happened">
                            <li v-for="(e, n) in told" :key="n" :class="MARK[e.kind] ?? 'quiet'">
                                <b>{{ span(e) }}</b> {{ e.words }}
                            </li>
                        </ol>
                        <p v-else class="quiet">Nothing out of the ordinary.</p>
                        <p v-if="run.happened.length > told.length" class="quiet">
                            and {{ run.happened.length - told.length }} more
                        </p>
                        <template v-if="run.assumed.length">
                            <h2>Taken for granted</h2>
                            <ul>
                                <li v-for="a in run.assumed" :key="a" class="quiet">{{ a }}</li>
                            </ul>
                        </template>
                    </div>
                </div>
                <p class="quiet">
                    A run is arithmetic on the record. It approves nothing; test each guard and alarm at the system.
                </p>
            </template>
        </template>
    </div>
</template>
