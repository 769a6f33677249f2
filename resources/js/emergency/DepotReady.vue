<script setup lang="ts">
import { Head, Link } from '@inertiajs/vue3';
import { date } from '../shared/units';

type Need = {
    code: string;
    label: string;
    unit: string;
    largest: number;
    largestOf: string;
    largestId: number;
    together: number;
    asking: number;
    served: number;
    has: number;
    amounts: number[];
    soon: string | null;
    enough: boolean;
};
/** What stands ready at each depot against what its systems ask for: all of them on a line, and how far it reaches. */
defineProps<{ depots: { name: string; systems: number; unread: number; needs: Need[] }[] }>();
const WIDE = 300;
const HIGH = 22;
const counted = (n: number, unit: string) => (unit === 'pieces' ? String(Math.round(n)) : `${Math.round(n)} ${unit}`);
const scale = (n: Need) => WIDE / Math.max(n.largest, n.has, 1e-9);
const reach = (n: Need) => Math.max(0, Math.min(WIDE, n.has * scale(n)));
const says = (n: Need) =>
    n.enough
        ? `enough for any one of ${n.asking}`
        : n.has === 0
          ? `for none of ${n.asking}`
          : `enough for ${n.served} of ${n.asking}, one at a time`;
</script>

<template>
    <Head title="Ready at the depots" />
    <div class="page">
        <div class="head">
            <h1>Ready at the depots</h1>
            <p class="sub">
                Each depot serves the systems nearest to it. Emergencies come one at a time: the one that asks for most
                decides. What comes over an area takes them all at once, and the last column says how much that is.
                Amounts are those of the coldest night.
            </p>
        </div>
        <section v-for="d in depots" :key="d.name" :aria-label="d.name">
            <h2>{{ d.name }}</h2>
            <p class="quiet">
                {{ d.systems }} {{ d.systems === 1 ? 'system is' : 'systems are' }} nearest to it.<template
                    v-if="d.unread"
                >
                    {{ d.unread }} of them {{ d.unread === 1 ? 'has' : 'have' }} facts still to say and
                    {{ d.unread === 1 ? 'is' : 'are' }} not counted: <Link href="/risk/year">see which</Link>.</template
                >
            </p>
            <div v-if="d.needs.length" class="tablebox" tabindex="0" role="region" :aria-label="`What ${d.name} holds`">
                <table class="functions readyat">
                    <caption class="visually-hidden">
                        What
                        {{
                            d.name
                        }}
                        holds
                    </caption>
                    <thead>
                        <tr>
                            <th scope="col">Stands ready</th>
                            <th scope="col">How far it reaches</th>
                            <th scope="col" class="num">There is</th>
                            <th scope="col" class="num">The largest asks</th>
                            <th scope="col" class="num">All at once</th>
                        </tr>
                    </thead>
                    <tbody>
                        <tr v-for="n in d.needs" :key="n.code" :class="{ missing: !n.enough }">
                            <th scope="row">{{ n.label }}</th>
                            <td>
                                <svg
                                    class="reachline"
                                    :viewBox="`0 0 ${WIDE} ${HIGH}`"
                                    role="img"
                                    :aria-label="says(n)"
                                    preserveAspectRatio="none"
                                >
                                    <rect x="0" y="5" :width="WIDE" height="12" class="way" />
                                    <rect x="0" y="5" :width="reach(n)" height="12" class="has" />
                                    <line
                                        v-for="(a, i) in n.amounts"
                                        :key="i"
                                        :x1="a * scale(n)"
                                        :x2="a * scale(n)"
                                        y1="1"
                                        :y2="HIGH - 1"
                                    />
                                </svg>
                                <small>{{ says(n) }}</small>
                            </td>
                            <td class="num">
                                <b>{{ n.has ? counted(n.has, n.unit) : 'nothing' }}</b><small v-if="n.soon"
                                    >the first is good until {{ date(n.soon) }}</small
                                >
                            </td>
                            <td class="num">
                                {{ counted(n.largest, n.unit)
                                }}<small
                                    ><Link :href="`/systems/${n.largestId}/risk`">{{ n.largestOf }}</Link></small
                                >
                            </td>
                            <td class="num">{{ counted(n.together, n.unit) }}</td>
                        </tr>
                    </tbody>
                </table>
            </div>
            <p v-else class="quiet">
                Nothing is worked out for it yet. It comes with the next run of
                <Link href="/risk/year">a year of risk</Link>.
            </p>
        </section>
        <div v-if="!depots.length" class="empty">
            <h2>No depot yet</h2>
            <p>Put the first one on record under <Link href="/water">Water</Link>.</p>
        </div>
        <p class="quiet">
            Only what is good counts: tried where it was in use before, not out of date, water mixed and measured. What
            lies where is kept in <Link href="/stores">Stores</Link>.
        </p>
    </div>
</template>
