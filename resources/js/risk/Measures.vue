<script setup lang="ts">
import { Link, router } from '@inertiajs/vue3';
import { computed, ref } from 'vue';
import type { MeasureView, SchoolView, SignedOfferView, SystemHeaderView } from '../generated';
import SystemFrame from '../systems/SystemFrame.vue';
import LossCurve from './LossCurve.vue';
import RiskTabs from './RiskTabs.vue';
import Schools from './Schools.vue';
import SignedOffer from './SignedOffer.vue';

type Chosen = { ids: string[]; costMinor: number; cost: string; yearly: number; gap: number; labels: string[] };
/** What to do first: the best set under a budget, what each measure does and what it adds. */
const props = defineProps<{
    header: SystemHeaderView;
    needs: string | null;
    budgetMinor: number | null;
    currency: string;
    judged?: {
        isMoney: boolean;
        measures: MeasureView[];
        best: Chosen;
        curve: Chosen[];
        controller: { with: number; without: number } | null;
        schools: SchoolView[];
    } | null;
    signed: SignedOfferView | null;
    maySign: boolean;
    hasPrices: boolean;
    mayPrice: boolean;
    isConfirmed: boolean;
}>();
const budget = ref(props.budgetMinor === null ? '' : String(props.budgetMinor / 100));
function look() {
    const plain = Number(budget.value.replace(',', '.'));
    const query = budget.value.trim() === '' || Number.isNaN(plain) ? {} : { budget: String(Math.round(plain * 100)) };
    router.get(`/systems/${props.header.id}/risk/measures`, query, { preserveScroll: true, preserveState: true });
}
const isMoney = computed(() => props.judged?.isMoney ?? false);
const measures = computed(() => props.judged?.measures ?? []);
const best = computed(() => props.judged?.best);
const curve = computed(() => props.judged?.curve ?? []);
const controller = computed(() => props.judged?.controller);
const later = computed(() => measures.value.filter((m) => !m.chosen && m.saves > 0));
const before = computed(() => curve.value[0]?.yearly ?? 0);
const amount = (v: number) =>
    isMoney.value ? `${props.currency} ${Math.round(v)}` : v === 0 ? '0' : `${v.toPrecision(2)} times`;
const three = computed(() => measures.value.filter((m) => m.chosen).slice(0, 3));
const offer = computed(
    () =>
        `/systems/${props.header.id}/risk/offer.pdf${props.budgetMinor === null ? '' : `?budget=${props.budgetMinor}`}`,
);
</script>

<template>
    <SystemFrame :header="header" tab="risk">
        <RiskTabs :id="header.id" here="measures" :site="header.siteId" />
        <div v-if="needs" class="empty">
            <h2>Not known yet</h2>
            <p>Still to say: {{ needs }}.</p>
        </div>
        <template v-else>
            <p v-if="judged && !isMoney" class="standing">
                <b>Counted in harms a year.</b> Say what is at stake on
                <Link :href="`/systems/${header.id}/risk`">what can happen</Link>, and it is counted in money.
            </p>
            <p v-if="!hasPrices" class="standing">
                <b>No measure has a price yet:</b> what has none is shown and not chosen.
                <Link v-if="mayPrice" href="/settings/rates">Enter prices</Link>
            </p>
            <form class="filter" @submit.prevent="look">
                <label for="bud">Budget, {{ currency }}</label>
                <input
                    id="bud"
                    v-model="budget"
                    type="text"
                    inputmode="decimal"
                    class="cell num"
                    placeholder="without a limit"
                />
                <button class="outline">Find the best set</button>
                <a v-if="isConfirmed && hasPrices" class="outline" :href="offer">Offer for the client, PDF</a>
                <span v-else class="quiet">an offer needs rates you have set or confirmed, and prices</span>
            </form>
            <p v-if="judged === undefined" class="quiet" role="status">Working out what each measure makes of it…</p>
            <template v-if="best && best.ids.length">
                <h2>Do these first</h2>
                <ol class="firsts">
                    <li v-for="m in three" :key="m.kind">
                        <b>{{ m.label }}</b><small
                            >{{ m.price }} once, {{ isMoney ? m.savesShown : amount(m.saves) }} a year less by
                            itself</small
                        >
                    </li>
                </ol>
                <p>
                    {{ best.ids.length === 1 ? '1 measure takes' : `${best.ids.length} measures take` }}, for
                    {{ best.cost }}, the year from <b>{{ amount(before) }}</b> to <b>{{ amount(best.yearly) }}</b>{{
                        best.gap > 0 ? `; no set is better by more than ${amount(best.gap)}` : ': the best there is'
                    }}.
                </p>
            </template>
            <p v-else-if="judged && hasPrices" class="quiet">
                Within this budget nothing lowers the year by more than it costs to keep going.
            </p>
            <LossCurve
                v-if="curve.length > 1"
                :points="curve"
                :chosen="best?.costMinor ?? null"
                :currency="currency"
                :is-money="isMoney"
            />
            <SignedOffer
                :id="header.id"
                :signed="signed"
                :later="judged && maySign && isConfirmed && hasPrices ? later : null"
                :budget-minor="budgetMinor"
            />
            <h2 v-if="judged">Each by itself</h2>
            <table v-if="judged" class="figures measures">
                <caption class="visually-hidden">
                    Measures, what saves most first
                </caption>
                <thead>
                    <tr>
                        <th scope="col">Measure</th>
                        <th scope="col" class="num">Once</th>
                        <th scope="col" class="num">Upkeep</th>
                        <th scope="col" class="num">A year less by</th>
                        <th scope="col">What it changes, and what it adds</th>
                    </tr>
                </thead>
                <tbody>
                    <tr v-for="m in measures" :key="m.kind" :class="{ on: m.chosen, worse: m.saves < 0 }">
                        <th scope="row">{{ m.label }}{{ m.chosen ? ' ✓' : '' }}</th>
                        <td class="num">{{ m.price ?? 'no price' }}</td>
                        <td class="num">
                            {{ m.upkeepMin ? `${m.upkeepMin} min a year` : 'none'
                            }}<small v-if="m.devices">one more thing to understand</small>
                        </td>
                        <td class="num">
                            <b>{{ amount(m.saves) }}</b><small v-if="m.saves < 0">costs more than it saves</small>
                        </td>
                        <td>
                            <span
                                v-for="c in m.changes"
                                :key="c.hazard"
                                class="change"
                                :class="{ up: c.after > c.before }"
                                >{{ c.hazard }} {{ amount(c.before) }} → {{ amount(c.after) }}</span
                            ><span v-if="!m.changes.length" class="quiet"
                                >changes nothing that can be counted here</span
                            >
                        </td>
                    </tr>
                </tbody>
            </table>
            <p v-if="controller">
                <b>With its controller</b> a year costs {{ amount(controller.with) }}, without it, on thermostats and
                alarms of their own, {{ amount(controller.without) }}:
                {{
                    controller.with <= controller.without
                        ? 'it is worth its own failures.'
                        : 'it adds more than it takes.'
                }}
            </p>
            <Schools v-if="judged" :schools="judged.schools" :amount="amount" />
            <p class="quiet">
                Each is judged by the system it would make, its own failures included. What can hurt people stands
                outside every budget.
            </p>
        </template>
    </SystemFrame>
</template>
