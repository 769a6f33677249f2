<script setup lang="ts">
import { Head, Link, router } from '@inertiajs/vue3';
import { BFormSelect } from 'bootstrap-vue-next';
import { computed, onBeforeUnmount, ref, watch } from 'vue';
import type { CauseView, ExposureLineView, FleetRunView, PageView } from '../generated';
import PageLinks from '../shared/PageLinks.vue';
import SeverityMark from '../shared/SeverityMark.vue';
import { when } from '../shared/units';
import HoursLine from './HoursLine.vue';
import RiskNav from './RiskNav.vue';

const props = defineProps<{
    lines: ExposureLineView[];
    groups: CauseView[];
    page: PageView;
    asked: { night: string; fault: string | null; act: boolean; cause: string | null };
    causeWords: string | null;
    faults: Record<string, string>;
    nights: Record<string, string>;
    workedOutAt: string | null;
    mayWorkOut: boolean;
    run: FleetRunView | null;
    openLimits: number;
}>();
const asked = ref({ ...props.asked });
/** The line of time ends where the last harm or help of the page is drawn, at a whole number of marks. */
const SPANS = [12, 24, 48, 96, 168];
const span = computed(() => {
    const last = Math.max(...props.lines.flatMap((l) => [l.harmH ?? 0, l.actsH ?? 0]), 1);
    return SPANS.find((s) => s >= last) ?? SPANS[SPANS.length - 1];
});
const mark = computed(() => (span.value <= 24 ? 6 : span.value <= 48 ? 12 : 24));
const shown = computed(() => props.lines.some((l) => l.harmH !== null));
function query(extra: Record<string, string | null> = {}) {
    const all: Record<string, string | null> = {
        night: asked.value.night === 'tonight' ? null : asked.value.night,
        fault: asked.value.fault || null,
        act: asked.value.act ? '1' : null,
        ...extra,
    };
    return Object.fromEntries(Object.entries(all).filter(([, v]) => v !== null)) as Record<string, string>;
}
const link = (extra: Record<string, string | null> = {}) => `/risk?${new URLSearchParams(query(extra)).toString()}`;
const look = () => router.get('/risk', query(), { preserveState: false });
const folder = computed(
    () =>
        `/risk/on-call.pdf?${new URLSearchParams(query(props.asked.cause ? { cause: props.asked.cause } : {})).toString()}`,
);
const print = () => window.print();
const workOut = () => router.post('/risk/work-out', { night: props.asked.night }, { preserveScroll: true });
const stop = (run: FleetRunView) => router.post(`/risk/work-out/${run.id}/stop`, {}, { preserveScroll: true });

/** The fleet is worked out beside the page: it is asked after until it has ended, then read again. */
const ASK_EVERY_MS = 700;
let asking: number | undefined;
watch(
    () => props.run !== null,
    (open, was) => {
        window.clearInterval(asking);
        if (open) asking = window.setInterval(() => router.reload({ only: ['run'] }), ASK_EVERY_MS);
        else if (was) router.reload();
    },
    { immediate: true },
);
onBeforeUnmount(() => window.clearInterval(asking));
</script>

<template>
    <Head title="Hours in hand" />
    <div class="page">
        <div class="head">
            <h1>Hours in hand</h1>
            <p class="sub">
                If something fails at two at night: when harm comes, when help could act. Sorted by the gap.
            </p>
        </div>
        <RiskNav here="hours" />
        <div class="filter">
            <BFormSelect
                v-model="asked.night"
                :options="Object.entries(nights).map(([value, text]) => ({ value, text }))"
                aria-label="Which night"
                @change="look"
            />
            <BFormSelect
                v-model="asked.fault"
                :options="[
                    { value: null, text: 'Whatever comes first' },
                    ...Object.entries(faults).map(([value, text]) => ({ value, text })),
                ]"
                aria-label="Which fault"
                @change="look"
            />
            <label class="check"
                ><input v-model="asked.act" type="checkbox" @change="look" /> somebody could still act</label
            >
            <template v-if="mayWorkOut">
                <button
                    v-if="run === null"
                    type="button"
                    :class="workedOutAt ? 'outline' : 'btn-go'"
                    data-new
                    @click="workOut"
                >
                    {{ workedOutAt ? 'Work it out again' : 'Work it out' }}
                </button>
                <template v-else
                    ><progress :value="run.share" max="1" aria-label="How much of the fleet is worked out"></progress
                    ><span role="status">{{ Math.round(run.share * 100) }} %</span
                    ><button type="button" class="plain" @click="stop(run)">stop</button></template
                >
            </template>
            <span class="quiet stamp"
                ><a :href="folder">for the on-call folder, PDF</a> ·
                <button type="button" class="linkish" @click="print">print</button> ·
                {{ workedOutAt ? `oldest worked out ${when(workedOutAt)}` : 'not worked out yet for this night' }}</span
            >
        </div>
        <p v-if="openLimits" class="standing">
            <b>{{
                openLimits === 1 ? 'One alarm has no limit entered.' : `${openLimits} alarms have no limit entered.`
            }}</b>
            Hours that rest on them are “at most”. <Link href="/risk/alarms">Fill them all in</Link>
        </p>
        <p v-if="causeWords" class="standing">
            <b>{{ causeWords }}.</b> <Link :href="link()">back to the whole fleet</Link>
        </p>
        <ul v-if="groups.length" class="list causes" aria-label="What many share">
            <li v-for="g in groups" :key="g.code">
                <SeverityMark :severity="g.severity" /><span
                    ><Link :href="link({ cause: g.code })"
                        ><b>{{ g.words }}</b></Link
                    >: {{ g.lacks }}</span
                >
            </li>
        </ul>
        <p v-if="shown" class="legend quiet">
            <svg width="14" height="14" aria-hidden="true"><path d="M2 2 L12 12 M12 2 L2 12" class="harm" /></svg> harm
            begins <svg width="14" height="14" aria-hidden="true"><circle cx="7" cy="7" r="5" class="acts" /></svg> help
            acts
            <svg width="26" height="14" aria-hidden="true">
                <rect x="1" y="2" width="24" height="10" class="inhand" />
            </svg>
            in hand
            <svg width="26" height="14" aria-hidden="true">
                <rect x="1" y="2" width="24" height="10" class="missing" />
            </svg>
            missing. The line is {{ span }} hours from the fault, a mark every {{ mark }}.
        </p>
        <table v-if="lines.length" class="fleet risklist">
            <caption class="visually-hidden">
                Systems, the shortest time in hand first
            </caption>
            <thead class="visually-hidden">
                <tr>
                    <th scope="col">System</th>
                    <th scope="col">Drawn</th>
                    <th scope="col">Said</th>
                    <th scope="col">Ring</th>
                </tr>
            </thead>
            <tbody>
                <tr v-for="l in lines" :key="l.id">
                    <td>
                        <Link
                            :href="`/systems/${l.id}/risk${asked.night === 'tonight' ? '' : `?night=${asked.night}`}`"
                            >{{ l.name }}</Link><small>{{ l.where }}</small>
                    </td>
                    <td class="timeline">
                        <HoursLine
                            v-if="l.harmH !== null"
                            :harm="l.harmH"
                            :acts="l.actsH"
                            :span="span"
                            :mark="mark"
                            :wide="340"
                        />
                    </td>
                    <td :class="l.severity">
                        <SeverityMark :severity="l.severity" /><b>{{ l.words }}</b
                        ><small>{{ [l.why, l.remedy].filter(Boolean).join(' ') }}</small>
                    </td>
                    <td class="ring">
                        <template v-if="l.ring"
                            ><span v-for="(p, n) in l.ring.people" :key="n"
                                ><a v-if="p.phone" :href="`tel:${p.phone.replace(/\s/g, '')}`">{{ p.phone }}</a
                                ><i v-else>no number</i> <small>{{ p.name }}, {{ p.what }}</small></span
                            ><small class="key">{{ l.ring.key }}</small></template
                        >
                    </td>
                </tr>
            </tbody>
        </table>
        <div v-else-if="groups.length" class="quiet">Every system found stands in a line above.</div>
        <div v-else-if="asked.fault || asked.act" class="empty">
            <h2>Nothing of that kind</h2>
            <p>No system has it that night, as far as worked out. <Link href="/risk">See the whole fleet</Link>.</p>
        </div>
        <div v-else class="empty">
            <h2>No system yet</h2>
            <p>Systems come from an accepted plan, or are taken on at a place.</p>
        </div>
        <PageLinks :page="page" />
    </div>
</template>
