<script setup lang="ts">
import { Head, Link } from '@inertiajs/vue3';
import { computed } from 'vue';
import { date } from '../shared/units';
import AcrossFleet, { type Across } from './AcrossFleet.vue';
import RiskNav from './RiskNav.vue';

/** The fleet over a year: what costs most, what fails together, what changed. */
const props = defineProps<{
    lines: {
        id: number;
        name: string;
        where: string;
        loss: string | null;
        lossHigh: string | null;
        weight: number;
        harms: string;
        dearest: string | null;
        needs: string | null;
    }[];
    cohorts?: {
        job: string;
        month: string;
        count: number;
        expected: number;
        twoOrMorePct: number;
        systems: { id: number; name: string }[];
    }[];
    shared?: {
        function: 'heat' | 'air' | 'flow';
        part: 'outlet' | 'strip' | 'circuit' | 'unknown';
        count: number;
        systems: { id: number; name: string; devices: number }[];
    }[];
    putOff: { id: number; name: string; until: string; signedBy: string; what: string[] }[];
    changes?: { id: number; name: string; before: string; now: string; by: string | null; worse: boolean }[];
    unworked: number;
    asked: { budgetMinor: number | null; client: number | null };
    currency: string;
    clients?: Record<string, string>;
    across?: Across | null;
}>();
const most = computed(() => Math.max(1, ...props.lines.map((l) => l.weight)));
const carries = { heat: 'Every heater', air: 'All that moves water and brings air', flow: 'Every return pump' };
const words = (s: { function: 'heat' | 'air' | 'flow'; part: string }): string =>
    s.part === 'unknown'
        ? `${carries[s.function]}: nobody has written down on which circuits`
        : `${carries[s.function]} on one ${s.part}`;
const leadsTo = (part: string, id: number): string =>
    part === 'unknown' ? `/systems/${id}/register` : `/systems/${id}/risk/single`;
const unsaid = computed(() => props.lines.filter((l) => l.loss === null && !l.needs).length);
</script>

<template>
    <Head title="A year of risk" />
    <div class="page">
        <div class="head">
            <h1>A year of risk</h1>
            <p class="sub">What an average year costs, by system; what will fail together; what changed.</p>
        </div>
        <RiskNav here="year" />
        <p v-if="unworked" class="standing">
            <b
                >{{ unworked }} {{ unworked === 1 ? 'system is' : 'systems are' }} not worked out since the last
                change.</b
            >{{ ' ' }}
            <Link href="/risk">Work it out on hours in hand</Link>
        </p>
        <p v-if="unsaid" class="quiet">
            {{ unsaid }} of these have no money: say what is at stake on the system’s page, and they are sorted by it.
        </p>
        <template v-if="putOff.length">
            <h2>Put off until now</h2>
            <ul class="list">
                <li v-for="p in putOff" :key="p.id">
                    <span
                        ><Link :href="`/systems/${p.id}/risk/measures`">{{ p.name }}</Link
                        >: {{ p.what.join('; ') }}. {{ p.signedBy }} signed for the risk until {{ date(p.until) }}:
                        speak of it again.</span
                    >
                </li>
            </ul>
        </template>
        <AcrossFleet :asked="asked" :currency="currency" :clients="clients" :across="across" />
        <h2>By what a year costs</h2>
        <table v-if="lines.length" class="fleet yearlist">
            <caption class="visually-hidden">
                Systems, the dearest year first
            </caption>
            <thead class="visually-hidden">
                <tr>
                    <th scope="col">System</th>
                    <th scope="col">Drawn</th>
                    <th scope="col">A year</th>
                    <th scope="col">Most of it by</th>
                </tr>
            </thead>
            <tbody>
                <tr v-for="l in lines" :key="l.id">
                    <td>
                        <Link :href="`/systems/${l.id}/risk`">{{ l.name }}</Link><small>{{ l.where }}</small>
                    </td>
                    <td class="until">
                        <span v-if="l.weight > 0" :style="{ width: `${(100 * l.weight) / most}%` }"></span>
                    </td>
                    <td class="num">
                        <template v-if="l.needs">still to say: {{ l.needs }}</template>
                        <template v-else-if="l.loss"
                            ><b>{{ l.loss }}</b
                            ><small v-if="l.lossHigh !== l.loss">at worst {{ l.lossHigh }}</small></template
                        >
                        <template v-else
                            ><b>{{ l.harms }}</b
                            ><small>nobody has said what is at stake</small></template
                        >
                    </td>
                    <td>{{ l.dearest }}</td>
                </tr>
            </tbody>
        </table>
        <div v-else class="empty">
            <h2>Not worked out yet</h2>
            <p><Link href="/risk">Work out the fleet</Link>, and it stands here by what it costs.</p>
        </div>
        <p v-if="!cohorts" class="quiet" role="status">Looking for what goes together…</p>
        <template v-if="cohorts?.length">
            <h2>Of one month</h2>
            <ul class="list cohorts">
                <li v-for="c in cohorts" :key="`${c.job}${c.month}`">
                    <b>{{ c.count }} × {{ c.job.toLowerCase() }} of {{ c.month }}:</b> {{ c.expected.toFixed(1) }} fail
                    within a year, two or more with {{ Math.round(c.twoOrMorePct) }} %.
                    <small
                        ><template v-for="(s, n) in c.systems" :key="s.id"
                            >{{ n ? ', ' : '' }}<Link :href="`/systems/${s.id}/register`">{{ s.name }}</Link></template
                        ></small
                    >
                </li>
            </ul>
        </template>
        <template v-if="shared?.length">
            <h2>On one thing</h2>
            <p class="quiet">Where several devices of one job go together.</p>
            <ul class="list cohorts">
                <li v-for="s in shared" :key="`${s.part}${s.function}`">
                    <b>{{ words(s) }}:</b> {{ s.count }} {{ s.count === 1 ? 'system' : 'systems' }}.
                    <small
                        ><template v-for="(one, n) in s.systems" :key="one.id"
                            >{{ n ? ', ' : '' }}<Link :href="leadsTo(s.part, one.id)">{{ one.name }}</Link> ({{
                                one.devices
                            }})</template
                        >{{ s.count > s.systems.length ? ` and ${s.count - s.systems.length} more` : '' }}</small
                    >
                </li>
            </ul>
        </template>
        <template v-if="changes?.length">
            <h2>Since last month</h2>
            <ul class="list">
                <li v-for="c in changes" :key="c.id">
                    <span
                        ><Link :href="`/systems/${c.id}/risk`">{{ c.name }}</Link
                        >: {{ c.worse ? 'more' : 'less' }}, {{ c.before }} → <b>{{ c.now }}</b>{{
                            c.by ? `, by ${c.by.toLowerCase()}` : ''
                        }}</span
                    >
                </li>
            </ul>
        </template>
    </div>
</template>
