<script setup lang="ts">
import { Head, Link, useForm } from '@inertiajs/vue3';
import { computed, ref } from 'vue';
import { today } from '../shared/days';
import type { StopView, VersionView, WorkingView } from '../generated';
import Crumbs from '../shared/Crumbs.vue';
import FieldError from '../shared/FieldError.vue';
import FigureList from '../shared/FigureList.vue';
import MarginNotes from '../shared/MarginNotes.vue';
import OpenChecks from '../shared/OpenChecks.vue';
import type { Row } from '../shared/draft';
import { useShell } from '../shared/page';
import SectionDrawing from '../shared/SectionDrawing.vue';
import { date } from '../shared/units';
import CabinetFit from '../shared/CabinetFit.vue';
import Consents from './Consents.vue';
import CourseOfWork from './CourseOfWork.vue';
import HolePlan from '../shared/HolePlan.vue';
import Orders from './Orders.vue';
import QuoteTable from './QuoteTable.vue';
import Risks from './Risks.vue';
import BoardPlan from '../shared/BoardPlan.vue';
import DayOfLight from '../shared/DayOfLight.vue';
import PlanTable from '../shared/PlanTable.vue';
import PowerTree from '../shared/PowerTree.vue';
import WaysThrough from './WaysThrough.vue';

const props = defineProps<{ view: VersionView }>();
const { errors } = useShell();
const accept = useForm({ name: props.view.planName, kind: 'mixed reef', regime: 'natural' });
const answering = ref<string | null>(null);
const waiver = useForm<{
    finding_key: string;
    kind: string;
    reason: string;
    signed_by: string;
    signed_on: string;
    file: File | null;
}>({
    finding_key: '',
    kind: 'reason',
    reason: '',
    signed_by: '',
    signed_on: today(),
    file: null,
});
const workings = computed(() =>
    Object.fromEntries(
        props.view.answers.figures.filter((f) => f.working).map((f) => [f.key, f.working as WorkingView]),
    ),
);
const TRADES = {
    carpenter: 'carpenter',
    electrician: 'electrician',
    plumber: 'plumber',
    architect: 'architect and engineer',
};
/** What a version lists besides its drawings. */
const LISTS: [string, string][] = [
    ['streams', 'Stream pumps'],
    ['layers', 'Against overfilling'],
    ['penetrations', 'Penetrations'],
    ['phases', 'Built in phases'],
    ['points', 'Read with a meter'],
];
function begin(stop: StopView) {
    answering.value = stop.finding.key;
    waiver.reset();
    waiver.clearErrors();
    waiver.finding_key = stop.finding.key;
    waiver.kind = stop.byReason ? 'reason' : 'document';
}
</script>

<template>
    <Head :title="`${view.planName}, version ${view.number}`" />
    <div class="withmargin">
        <div class="page">
            <Crumbs :crumbs="view.crumbs" />
            <div class="head">
                <h1>Version {{ view.number }}</h1>
                <a class="outline push" :href="`/plan-versions/${view.id}/sheet.pdf`">Plan sheet, PDF</a
                ><a class="outline" :href="`/plan-versions/${view.id}/sheet.pdf?edition=client`">Client edition</a>
                <p class="sub">
                    {{ view.note }} {{ view.by }}, {{ date(view.at) }} · arithmetic {{ view.coreVersion
                    }}<template v-if="view.acceptedAt">
                        · <b>accepted {{ date(view.acceptedAt) }} by {{ view.acceptedBy }}</b></template
                    >
                </p>
            </div>
            <p v-if="view.how === 'recomputed'" class="standing">
                <b>Computed anew.</b> This version was accepted before whole answers were kept. What stands here was
                worked out once, by arithmetic {{ view.coreVersion }}, and stays.
            </p>
            <p v-else-if="view.how === 'unreadable'" class="standing">
                <b>Today’s arithmetic.</b> What was kept at acceptance cannot be read any more; ask for the plan sheet
                of that day.
            </p>
            <section v-if="view.since" class="standing" aria-labelledby="since">
                <h2 id="since">Today’s arithmetic says otherwise</h2>
                <p>What was accepted stands. Beside it, what would be said today:</p>
                <ul class="list">
                    <li v-for="f in view.since.figures" :key="f.label">
                        <b>{{ f.label }}</b> accepted {{ f.then }}, today {{ f.now }}
                    </li>
                    <li v-for="s in view.since.stops" :key="s.key">
                        <SeverityMark severity="stop" /> <b>{{ s.what }}.</b> {{ s.why }} {{ s.remedy }} It holds its
                        gate.
                    </li>
                </ul>
            </section>
            <p v-if="view.systemId"><Link :href="`/systems/${view.systemId}`">Its system’s record</Link></p>
            <p v-if="view.others.length">
                Compare with
                <template v-for="(v, i) in view.others" :key="v.id"
                    >{{ i ? ', ' : ''
                    }}<Link :href="`/plans/${view.planId}/compare?a=${v.id}&b=${view.id}`"
                        >version {{ v.number }}</Link
                    ></template
                >
            </p>

            <SectionDrawing
                v-if="view.answers.section"
                :section="view.answers.section"
                :frames="view.answers.powerCut"
                :clogged="view.answers.cloggedCut"
                label="Section through the system, to scale; its numbers stand in the table below"
            />

            <template v-if="view.stops.length">
                <h2>Stops</h2>
                <section v-for="stop in view.stops" :key="stop.finding.key" class="stopbox">
                    <h3><span class="word stop">Stop</span> {{ stop.finding.what }}</h3>
                    <p>
                        {{ stop.finding.why }} {{ stop.finding.remedy }}
                        <Link :href="`/rules/${stop.finding.rule}`">{{ stop.finding.rule }}</Link>
                    </p>
                    <p v-if="stop.answeredBy">
                        <b>{{ stop.document ? 'Cleared by a document' : 'Waived' }}:</b> {{ stop.reason }} –
                        {{ stop.answeredBy }}, {{ date(stop.answeredOn!) }}
                        <a v-if="stop.document" :href="stop.document">the document</a>
                    </p>
                    <template v-else-if="view.mayAccept">
                        <p v-if="!stop.byReason" class="quiet">
                            No waiver exists for this: it can hurt people. Change the numbers, or store the licensed
                            person’s signed document.
                        </p>
                        <button
                            v-if="answering !== stop.finding.key"
                            type="button"
                            class="outline"
                            @click="begin(stop)"
                        >
                            {{ stop.byReason ? 'Waive it, with a reason' : 'Store the document' }}
                        </button>
                        <form
                            v-else
                            class="form"
                            @submit.prevent="
                                waiver.post(`/plan-versions/${view.id}/waivers`, {
                                    preserveScroll: true,
                                    forceFormData: true,
                                    onSuccess: () => (answering = null),
                                })
                            "
                        >
                            <div class="wide">
                                <label for="w1">{{ stop.byReason ? 'Reason' : 'What the document says' }}</label><input
                                    id="w1"
                                    v-model="waiver.reason"
                                    type="text"
                                    maxlength="500"
                                    required
                                /><FieldError
                                    :words="waiver.errors.reason ?? waiver.errors.kind ?? waiver.errors.finding_key"
                                />
                            </div>
                            <div>
                                <label for="w2">Signed by</label
                                ><input id="w2" v-model="waiver.signed_by" type="text" required />
                            </div>
                            <div>
                                <label for="w3">On</label
                                ><input id="w3" v-model="waiver.signed_on" type="date" required /><FieldError
                                    :words="waiver.errors.signed_on"
                                />
                            </div>
                            <div>
                                <label for="w4">{{
                                    stop.byReason ? 'Paper, if there is one' : 'The document, PDF or photo'
                                }}</label><input
                                    id="w4"
                                    type="file"
                                    accept="image/jpeg,image/png,image/webp,application/pdf"
                                    @change="waiver.file = ($event.target as HTMLInputElement).files?.[0] ?? null"
                                /><FieldError :words="waiver.errors.file" />
                            </div>
                            <div>
                                <button class="btn-go" :disabled="waiver.processing">
                                    {{ stop.byReason ? 'Waive' : 'Store it' }}
                                </button>
                                <button type="button" class="plain" @click="answering = null">leave it</button>
                            </div>
                        </form>
                    </template>
                </section>
            </template>

            <template v-if="view.mayAccept">
                <h2>Accept</h2>
                <p v-if="view.against.length">Not yet: {{ view.against.join('; ') }}.</p>
                <form v-else class="form typing" @submit.prevent="accept.post(`/plan-versions/${view.id}/accept`)">
                    <template v-if="!view.runs"
                        ><div>
                            <label for="an">Name of the system</label
                            ><input id="an" v-model="accept.name" type="text" required /><FieldError
                                :words="accept.errors.name"
                            />
                        </div>
                        <div>
                            <label for="ak">What it is</label
                            ><input id="ak" v-model="accept.kind" type="text" required />
                        </div>
                        <div>
                            <label for="ar">Regime</label
                            ><select id="ar" v-model="accept.regime">
                                <option v-for="(label, key) in view.regimes" :key="key" :value="key">
                                    {{ label }}
                                </option>
                            </select>
                        </div></template
                    >
                    <div>
                        <button class="btn-go" :disabled="accept.processing">Accept version {{ view.number }}</button>
                    </div>
                    <p class="wide quiet">
                        {{
                            view.runs
                                ? `Freezes these answers. ${view.runs} runs on as it is: what this version moves is re-opened in its margin, to confirm one by one.`
                                : 'Freezes these answers and opens the system’s record with its vessels and devices.'
                        }}
                    </p>
                </form>
                <FieldError :words="errors.accept" />
            </template>
            <WaysThrough v-if="view.answers.ways.length" :ways="view.answers.ways" />
            <p class="sheets">
                Sheets for other trades:
                <template v-for="(words, t) in TRADES" :key="t"
                    ><a :href="`/plan-versions/${view.id}/sheets/${t}.pdf`">{{ words }}</a>
                </template>
            </p>
            <FigureList :figures="view.answers.figures" title="What this version says" />
            <HolePlan
                v-if="view.answers.panes.length"
                :panes="view.answers.panes"
                :proposed="[]"
                :spec="view.specs.holes"
                :holes="view.tables.holes as Row[]"
                :errors="{}"
                readonly
            />
            <p v-if="view.answers.panes.length">
                <a class="outline" :href="`/plan-versions/${view.id}/holes.pdf`">Drilling template at full size, PDF</a>
            </p>
            <BoardPlan
                v-if="view.answers.board || view.tables.ways.length"
                :devices="view.tables.board as Row[]"
                :ways="view.tables.ways as Row[]"
                :specs="{ board: view.specs.board, ways: view.specs.ways }"
                :board="view.answers.board"
                :full="view.answers.cableWays"
                :errors="{}"
                readonly
            />
            <DayOfLight
                v-if="view.answers.day"
                :day="view.answers.day"
                :channels="view.tables.channels as Row[]"
                :spec="view.specs.channels"
                :errors="{}"
                readonly
            />
            <details
                v-for="[table, title] in LISTS.filter(([t]) => view.tables[t].length)"
                :key="table"
                class="metered"
            >
                <summary>
                    {{ title }} <small>{{ view.tables[table].length }}</small>
                </summary>
                <PlanTable
                    :rows="view.tables[table] as Row[]"
                    :table="table"
                    :spec="view.specs[table]"
                    :errors="{}"
                    readonly
                    :caption="title"
                    first=""
                />
            </details>
            <PowerTree
                v-if="view.answers.power"
                :tree="view.answers.power"
                :loads="view.tables.loads as Row[]"
                :spec="view.specs.loads"
                :errors="{}"
                readonly
            />
            <CabinetFit
                v-if="view.answers.cabinet.length"
                :packings="view.answers.cabinet"
                :specs="{ gear: view.specs.gear, compartments: view.specs.compartments, ledges: view.specs.ledges }"
                :gear="view.tables.gear as Row[]"
                :compartments="view.tables.compartments as Row[]"
                :ledges="view.tables.ledges as Row[]"
                :errors="{}"
                readonly
            />
            <p v-for="f in view.wishes" :key="f.key" :class="f.severity">
                <SeverityMark :severity="f.severity" /> <span class="word">{{ f.word }}</span> <b>{{ f.what }}.</b>
                {{ f.why }} {{ f.remedy }}
            </p>
            <QuoteTable
                v-if="view.quote"
                :quote="view.quote"
                title="What it takes, what it costs"
                total="To pay"
                :pdf="`/plan-versions/${view.id}/quote.pdf`"
            />
            <QuoteTable v-if="view.year?.lines.length" :quote="view.year" title="A year of running" total="A year" />
            <Consents
                :consents="view.consents"
                :of="view.consentsOf"
                :version-id="view.id"
                :may-order="view.mayOrder"
            />
            <Orders
                v-if="view.stages.length"
                :orders="view.orders"
                :late="view.late"
                :stages="view.stages"
                :version-id="view.id"
                :may-order="view.mayOrder"
                :may-receive="view.mayProve || view.mayOrder"
            />
            <Risks :risks="view.risks" :version-id="view.id" :may-write="view.mayOrder" />
            <CourseOfWork
                v-if="view.stages.length"
                :stages="view.stages"
                :version-id="view.id"
                :system-id="view.systemId"
                :accepted="view.acceptedAt !== null"
                :may-prove="view.mayProve"
                :may-waive="view.mayWaive"
                :may-edit="view.mayOrder"
                :joints="view.joints"
                :looks="view.looks"
                :people="view.people"
            />
        </div>
        <aside class="margin" aria-label="Findings">
            <MarginNotes :findings="view.answers.findings" :workings="workings" />
            <OpenChecks :open="view.answers.open" />
        </aside>
    </div>
</template>
