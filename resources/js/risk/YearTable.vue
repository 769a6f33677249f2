<script setup lang="ts">
import { computed, ref } from 'vue';
import type { HazardView, YearRowView } from '../generated';
import HoursLine from './HoursLine.vue';

/** Every hazard of a year on one line: how soon on a line of time, how often, what it costs, where it is weakest. */
const props = defineProps<{ rows: YearRowView[]; hazards: HazardView[]; span: number }>();
const open = ref<string | null>(null);
const isMoney = computed(() => props.rows.every((r) => r.loss !== null));
const hoursOf = (hazard: string) => props.hazards.find((h) => h.hazard === hazard);
const proved = (tested: boolean, months: number | null) =>
    !tested
        ? 'not proved'
        : months === null
          ? 'proved'
          : months < 1
            ? 'proved this month'
            : `proved ${months} ${months === 1 ? 'month' : 'months'} ago`;
const hours = (h: number | null) =>
    h === null ? 'never' : Math.abs(h) < 1 ? `${Math.round(h * 60)} min` : `${h.toFixed(1)} h`;
</script>

<template>
    <table class="yeartable">
        <caption class="visually-hidden">
            Hazards of a year, the dearest first
        </caption>
        <thead>
            <tr>
                <th scope="col">What can happen</th>
                <th scope="col">The first {{ span }} h</th>
                <th scope="col" class="num">{{ isMoney ? 'A year costs' : 'Does harm' }}</th>
            </tr>
        </thead>
        <tbody v-for="r in rows" :key="r.hazard">
            <tr>
                <th scope="row">
                    <button
                        type="button"
                        class="linkish"
                        :aria-expanded="open === r.hazard"
                        @click="open = open === r.hazard ? null : r.hazard"
                    >
                        {{ r.label }}
                    </button>
                    <small>{{ r.weakest }}</small>
                </th>
                <td class="timeline">
                    <HoursLine
                        v-if="hoursOf(r.hazard)?.harms.length"
                        :harm="hoursOf(r.hazard)?.harms[0]?.hours ?? null"
                        :acts="hoursOf(r.hazard)?.actsH ?? null"
                        :noticed="hoursOf(r.hazard)?.noticedH ?? null"
                        :span="span"
                        :wide="280"
                    />
                </td>
                <td class="num">
                    <b>{{ isMoney ? r.loss : r.harms }}</b><small v-if="isMoney && r.lossRange">{{ r.lossRange }}</small
                    ><small v-if="isMoney">harms {{ r.harms }}</small
                    ><small>begins {{ r.rate }}</small>
                </td>
            </tr>
            <tr v-if="open === r.hazard" class="opened">
                <td colspan="3">
                    <template v-for="(b, n) in r.beginnings" :key="b.by">
                        <p>
                            {{ n ? 'Or it begins with' : 'It begins with' }} <b>{{ b.by }}</b>{{
                                b.harmH === null ? '' : ` and harms after ${hours(b.harmH)}`
                            }}.
                            <template v-if="b.credits.length">What stands against it, at its bad end:</template>
                            <template v-else>Nothing stands against it.</template>
                        </p>
                        <ul v-if="b.credits.length" class="list layers">
                            <li v-for="c in b.credits" :key="c.name" :class="{ out: c.why }">
                                <span
                                    ><b>{{ c.name }}</b> ({{ c.kind }}):
                                    <template v-if="c.why">does not count, {{ c.why }}</template>
                                    <template v-else
                                        >fails in
                                        {{ c.failsPct < 1 ? c.failsPct.toFixed(1) : Math.round(c.failsPct) }} % of
                                        cases{{
                                            c.actsH !== null && c.actsH > 0 ? `, has acted after ${hours(c.actsH)}` : ''
                                        }}</template
                                    >{{ c.shares.length ? ` · ${c.shares.join(', ')}` : '' }}</span
                                >
                                <small v-if="!c.why" class="quiet">{{ proved(c.tested, c.testedMonths) }}</small>
                            </li>
                        </ul>
                    </template>
                    <p v-if="r.narrows.length">To say it closer, write down {{ r.narrows.join('; ') }}.</p>
                    <p class="quiet">
                        Rule <a :href="`/rules/${r.rule}`">{{ r.rule }}</a>
                    </p>
                </td>
            </tr>
        </tbody>
    </table>
</template>
