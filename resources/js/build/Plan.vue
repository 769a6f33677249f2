<script setup lang="ts">
import { Head, Link, router, useForm } from '@inertiajs/vue3';
import { computed, ref } from 'vue';
import type {
    CrumbView,
    EnquiryView,
    FactSpecView,
    PlanDraftView,
    PlanLiveView,
    TableSpecView,
    ThreeWaysView,
    VersionLineView,
    WorkingView,
} from '../generated';
import Crumbs from '../shared/Crumbs.vue';
import FieldError from '../shared/FieldError.vue';
import FigureList from '../shared/FigureList.vue';
import MarginNotes from '../shared/MarginNotes.vue';
import OpenChecks from '../shared/OpenChecks.vue';
import SectionDrawing from '../shared/SectionDrawing.vue';
import type { Row, TABLES } from '../shared/draft';
import { date, when } from '../shared/units';
import { withoutBlank } from '../shared/blank';
import BriefSheet from '../shared/BriefSheet.vue';
import CabinetFit from '../shared/CabinetFit.vue';
import BoardPlan from '../shared/BoardPlan.vue';
import HeaterMap from './HeaterMap.vue';
import HolePlan from '../shared/HolePlan.vue';
import DayOfLight from '../shared/DayOfLight.vue';
import LightPlan from '../shared/LightPlan.vue';
import LightPoints from '../shared/LightPoints.vue';
import OtherVessels from './OtherVessels.vue';
import RefitSince from './RefitSince.vue';
import PlanTable from '../shared/PlanTable.vue';
import PowerTree from '../shared/PowerTree.vue';
import PumpChart from './PumpChart.vue';
import ReturnLine from './ReturnLine.vue';
import { useDraft } from './useDraft';
import WaysThrough from './WaysThrough.vue';

const props = defineProps<{
    live: PlanLiveView;
    plan: {
        id: number;
        name: string;
        siteId: number;
        roomId: number | null;
        refits: { id: number; name: string } | null;
        mayUpdate: boolean;
    };
    draft: PlanDraftView;
    crumbs: CrumbView[];
    sheet: FactSpecView[];
    groups: Record<string, string>;
    rooms: Record<string, string>;
    enquiry: EnquiryView;
    since: ThreeWaysView[];
    versions: VersionLineView[];
    tables: Record<string, TableSpecView>;
    library: Row[];
}>();
const specs = props.tables as Record<(typeof TABLES)[number], TableSpecView>;
const { draft, state, unkept, change, insist, giveUp, undo, redo, mayUndo, mayRedo } = useDraft(
    props.plan.id,
    props.draft,
    props.live.revision,
    (d) => withoutBlank(d, specs),
);
const name = ref(props.plan.name);
const keep = useForm({ note: '' });
const copy = useForm({ name: '', copy_of: props.plan.id, room_id: props.plan.roomId });
const answers = computed(() => props.live.answers);
const workings = computed(() =>
    Object.fromEntries(answers.value.figures.filter((f) => f.working).map((f) => [f.key, f.working as WorkingView])),
);
const words: Record<string, string> = {
    kept: 'Everything is kept.',
    sending: 'Keeping…',
    waiting: 'No connection: kept on this device, sent when it returns.',
    'signed-out': 'You are signed out: kept on this device. Sign in in another tab; it is sent then.',
    conflict: '',
};
const waiting = computed(() => Object.entries(answers.value.waiting));
const inside = computed(() => {
    const corners = answers.value.outline;
    return corners.length
        ? { length: Math.max(...corners.map((c) => c[0])), width: Math.max(...corners.map((c) => c[1])) }
        : null;
});
/** A grip of the drawing was moved: its fact follows, as if it had been typed. */
function take(field: string, value: number, more: boolean) {
    const [table, row, key] = field.split('.');
    if (table === 'chambers') draft.chambers[Number(row)][key as 'baffleMm'] = value;
    else if (table === 'lamps') draft.lamps[Number(row)][key] = value;
    else {
        draft.values[field] = value;
        draft.bases[field] ??= 'assumed';
    }
    change(more);
}
/** Starting values that somebody says are right become facts. */
function confirm(fields: string[]) {
    for (const field of fields) {
        if (props.live.defaults[field] === undefined) continue;
        draft.values[field] = props.live.defaults[field];
        draft.bases[field] = 'recalled';
    }
    change();
}
/** What a grip's fact is in the draft, ahead of the drawing. */
function current(field: string): number | null {
    const [table, row, key] = field.split('.');
    const value =
        table === 'chambers'
            ? draft.chambers[Number(row)]?.[key as 'baffleMm']
            : table === 'lamps'
              ? draft.lamps[Number(row)]?.[key]
              : draft.values[field];
    return typeof value === 'number' ? value : null;
}
function proposeHoles() {
    draft.holes.push(...answers.value.proposedHoles.map((h) => ({ ...h })));
    change();
}
function rename(roomId: number | null = props.plan.roomId) {
    if (name.value.trim())
        router.put(
            `/plans/${props.plan.id}`,
            { name: name.value, room_id: roomId },
            { preserveScroll: true, preserveState: true },
        );
}
</script>

<template>
    <Head :title="plan.name" />
    <div class="planner" :class="{ stale: state === 'sending' }">
        <section class="brief" aria-label="The brief">
            <Crumbs :crumbs="crumbs" />
            <h1 class="visually-hidden">Plan {{ plan.name }}</h1>
            <input
                v-model="name"
                class="name"
                type="text"
                aria-label="Name of the plan"
                :readonly="!plan.mayUpdate"
                @change="rename()"
            />
            <p v-if="plan.refits" class="quiet">
                A refit of <Link :href="`/systems/${plan.refits.id}`">{{ plan.refits.name }}</Link>: it runs on as it
                is; what is accepted is confirmed there one by one.
            </p>
            <RefitSince v-if="since.length" :plan-id="plan.id" :since="since" :may="plan.mayUpdate" />
            <p class="keeping" role="status" :class="{ bad: unkept || state === 'waiting' || state === 'signed-out' }">
                {{
                    unkept && state !== 'kept'
                        ? 'This device cannot keep it: its storage is full or blocked. Stay on this page until it is sent.'
                        : words[state]
                }}
            </p>
            <p v-if="plan.mayUpdate" class="steps">
                <button type="button" class="linkish" :disabled="!mayUndo" aria-keyshortcuts="Control+Z" @click="undo">
                    Undo
                </button>
                <button
                    type="button"
                    class="linkish"
                    :disabled="!mayRedo"
                    aria-keyshortcuts="Control+Shift+Z"
                    @click="redo"
                >
                    Redo
                </button>
            </p>
            <div v-if="state === 'conflict'" class="stopbox" role="alert">
                <b>This plan was changed elsewhere.</b> Your own draft is still on this device.
                <p>
                    <button type="button" class="outline" @click="insist(live.revision)">Keep mine</button>
                    <button type="button" class="plain" @click="giveUp">Take theirs</button>
                </p>
            </div>
            <div class="fact">
                <label for="room">Room</label>
                <select
                    id="room"
                    :value="plan.roomId ?? ''"
                    :disabled="!plan.mayUpdate"
                    @change="rename(Number(($event.target as HTMLSelectElement).value) || null)"
                >
                    <option value="">not chosen yet</option>
                    <option v-for="(label, id) in rooms" :key="id" :value="Number(id)">{{ label }}</option>
                </select>
            </div>
            <details class="enquiry" :open="!enquiry.settled">
                <summary>
                    The enquiry
                    <small>{{
                        enquiry.settled ? enquiry.words.built : 'what is built or ordered is not asked yet'
                    }}</small>
                </summary>
                <dl class="asked">
                    <template v-for="l in enquiry.lines" :key="l.label"
                        ><dt>{{ l.label }}</dt>
                        <dd>{{ l.text }}</dd></template
                    ><template v-if="enquiry.wantedOn"
                        ><dt>Wished for</dt>
                        <dd>{{ date(enquiry.wantedOn) }}</dd></template
                    >
                </dl>
                <p>
                    <Link :href="`/sites/${plan.siteId}`">{{
                        enquiry.lines.length ? 'change it at the place' : 'ask it at the place'
                    }}</Link>
                </p>
            </details>
            <BriefSheet
                :draft="draft"
                :sheet="sheet"
                :groups="groups"
                :survey="props.draft.survey"
                :defaults="live.defaults"
                :errors="answers.errors"
                :readonly="!plan.mayUpdate"
                @change="change()"
            />
        </section>

        <div class="middle">
            <SectionDrawing
                v-if="answers.section"
                :section="answers.section"
                :frames="answers.powerCut"
                :clogged="answers.cloggedCut"
                label="Section through the system, to scale; its numbers stand in the table below. Each grip moves a fact of the plan."
                :editable="plan.mayUpdate"
                :current="current"
                @set="take"
            />
            <div v-else class="empty">
                <h2>The drawing starts with three numbers</h2>
                <p>
                    Length, front to back and height of the display. Litres, mass and the word for the floor follow at
                    once.
                </p>
            </div>
            <OtherVessels
                v-model:vessels="draft.vessels"
                :rooms="Object.values(rooms)"
                :spec="specs.vessels"
                :errors="answers.errors"
                :readonly="!plan.mayUpdate"
                @change="change()"
            />
            <FigureList
                :figures="answers.figures.filter((f) => f.text !== null)"
                title="What follows. A dotted line: it rests on something assumed. Press a number for its working."
            />
            <PumpChart v-if="answers.pump" :chart="answers.pump" />
            <ReturnLine
                v-model:curve="draft.curve"
                v-model:outlets="draft.outlets"
                v-model:draws="draft.draws"
                v-model:joints="draft.joints"
                :specs="specs"
                :pump="answers.pump"
                :errors="answers.errors"
                :readonly="!plan.mayUpdate"
                @change="change()"
            />
            <LightPlan
                v-model:lamps="draft.lamps"
                :library="library"
                :vessels="draft.vessels.length"
                :spec="specs.lamps"
                :maps="answers.light"
                :inside="inside"
                :outline="answers.outline"
                :errors="answers.errors"
                :readonly="!plan.mayUpdate"
                @change="change()"
            />
            <LightPoints
                v-if="draft.lamps.length"
                v-model:points="draft.points"
                :spec="specs.points"
                :metered="answers.metered"
                :inside="inside"
                :errors="answers.errors"
                :readonly="!plan.mayUpdate"
                @change="change()"
            />
            <DayOfLight
                v-if="draft.lamps.length"
                v-model:channels="draft.channels"
                :day="answers.day"
                :spec="specs.channels"
                :errors="answers.errors"
                :readonly="!plan.mayUpdate"
                @change="change()"
            />
            <HolePlan
                v-model:holes="draft.holes"
                :spec="specs.holes"
                :panes="answers.panes"
                :proposed="answers.proposedHoles"
                :errors="answers.errors"
                :readonly="!plan.mayUpdate"
                @change="change()"
                @propose="proposeHoles"
            />
            <CabinetFit
                v-model:gear="draft.gear"
                v-model:compartments="draft.compartments"
                v-model:ledges="draft.ledges"
                :specs="specs"
                :packings="answers.cabinet"
                :errors="answers.errors"
                :readonly="!plan.mayUpdate"
                @change="change()"
            />
            <BoardPlan
                v-model:devices="draft.board"
                v-model:ways="draft.ways"
                :specs="specs"
                :board="answers.board"
                :full="answers.cableWays"
                :errors="answers.errors"
                :readonly="!plan.mayUpdate"
                @change="change()"
            />
            <PowerTree
                v-model:loads="draft.loads"
                :tree="answers.power"
                :spec="specs.loads"
                :errors="answers.errors"
                :readonly="!plan.mayUpdate"
                @change="change()"
            />
            <details class="metered" :open="draft.streams.length > 0">
                <summary>
                    Stream pumps <small>{{ draft.streams.length || 'where each stands, and where it aims' }}</small>
                </summary>
                <PlanTable
                    v-model:rows="draft.streams"
                    table="streams"
                    :spec="specs.streams"
                    :errors="answers.errors"
                    :readonly="!plan.mayUpdate"
                    caption="Stream pumps"
                    first="list the first pump"
                    @change="change()"
                />
            </details>
            <details class="metered" :open="draft.layers.length > 0">
                <summary>
                    Against overfilling
                    <small>{{
                        draft.layers.length
                            ? `${draft.layers.length} layers`
                            : 'what stops the top-off, and what only catches its water'
                    }}</small>
                </summary>
                <PlanTable
                    v-model:rows="draft.layers"
                    table="layers"
                    :spec="specs.layers"
                    :errors="answers.errors"
                    :readonly="!plan.mayUpdate"
                    caption="Layers against overfilling"
                    first="list the first layer"
                    @change="change()"
                />
            </details>
            <details class="metered" :open="draft.penetrations.length > 0">
                <summary>
                    Penetrations
                    <small>{{
                        draft.penetrations.length
                            ? `${draft.penetrations.filter((p) => p.ticked).length} of ${draft.penetrations.length} ticked`
                            : 'pipes, cables, tubes through pane, cabinet, wall; ticked before cutting'
                    }}</small>
                </summary>
                <PlanTable
                    v-model:rows="draft.penetrations"
                    table="penetrations"
                    :spec="specs.penetrations"
                    :errors="answers.errors"
                    :readonly="!plan.mayUpdate"
                    caption="Penetrations"
                    first="list the first one"
                    @change="change()"
                />
            </details>
            <details class="metered" :open="draft.phases.length > 0">
                <summary>
                    Built in phases
                    <small>{{
                        draft.phases.length
                            ? `${draft.phases.length} purchases`
                            : 'what comes later, and what it makes useless'
                    }}</small>
                </summary>
                <PlanTable
                    v-model:rows="draft.phases"
                    table="phases"
                    :spec="specs.phases"
                    :errors="answers.errors"
                    :readonly="!plan.mayUpdate"
                    caption="Purchases by phase"
                    first="list the first purchase"
                    @change="change()"
                />
            </details>
            <HeaterMap v-if="answers.heaterMap.length" :cells="answers.heaterMap" />
            <WaysThrough v-if="answers.ways.length" :ways="answers.ways" />
            <template v-if="waiting.length">
                <h2>Still to survey</h2>
                <ul class="waiting list-unstyled">
                    <li v-for="[fact, labels] in waiting" :key="fact">
                        <b>{{ fact }}</b><small>waits: {{ labels.join(', ') }}</small>
                    </li>
                </ul>
            </template>
            <h2>Versions</h2>
            <form v-if="plan.mayUpdate" class="form" @submit.prevent="keep.post(`/plans/${plan.id}/versions`)">
                <div>
                    <label for="vn">Keep this as a version; what changed?</label
                    ><input id="vn" v-model="keep.note" type="text" maxlength="300" /><FieldError
                        :words="keep.errors.note"
                    />
                </div>
                <div>
                    <button class="btn-go" :disabled="keep.processing || state !== 'kept'">
                        Keep version {{ (versions[0]?.number ?? 0) + 1 }}
                    </button>
                </div>
            </form>
            <ul class="list">
                <li v-for="(v, i) in versions" :key="v.id">
                    <Link :href="`/plan-versions/${v.id}`"
                        ><b>Version {{ v.number }}</b></Link
                    >
                    <span>{{ v.note }}</span>
                    <small>{{ v.by }}, {{ when(v.at) }}{{ v.acceptedAt ? ' · accepted' : '' }}</small>
                    <Link v-if="versions[i + 1]" :href="`/plans/${plan.id}/compare?a=${versions[i + 1].id}&b=${v.id}`"
                        >what changed since {{ versions[i + 1].number }}</Link
                    >
                </li>
            </ul>
            <form
                v-if="plan.mayUpdate"
                class="form"
                @submit.prevent="copy.post(`/sites/${plan.siteId}/plans`, { preserveState: false })"
            >
                <div>
                    <label for="cn">Another option: a copy under a new name</label
                    ><input id="cn" v-model="copy.name" type="text" :placeholder="`${plan.name}, option B`" />
                </div>
                <div>
                    <button class="outline" :disabled="!copy.name">Copy it</button>
                    <button type="button" class="plain" @click="router.post(`/plans/${plan.id}/archive`)">
                        Archive this plan
                    </button>
                </div>
            </form>
        </div>
        <aside class="margin" aria-label="Findings">
            <MarginNotes :findings="answers.findings" :workings="workings" />
            <OpenChecks :open="answers.open" :may-confirm="plan.mayUpdate" @confirm="confirm" />
        </aside>
    </div>
</template>
