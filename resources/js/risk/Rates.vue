<script setup lang="ts">
import { Head, Link, router, useForm } from '@inertiajs/vue3';
import { ref } from 'vue';
import type { CountedView } from '../generated';
import FieldError from '../shared/FieldError.vue';

type Rate = {
    name: string;
    label: string;
    unit: string;
    usual: number;
    set: number | null;
    least: number;
    most: number;
    counted: CountedView | null;
};
/** What a year of risk counts on: guesses of the trade, and what the company has counted itself. */
const props = defineProps<{
    rates: Rate[];
    prices: { kind: string; label: string; minor: number | null }[];
    currency: string;
}>();
const typed = ref<Record<string, string>>(
    Object.fromEntries(props.rates.map((r) => [r.name, r.set === null ? '' : String(r.set)])),
);
const wrong = ref<Record<string, string>>({});
function keep(rate: Rate) {
    const text = typed.value[rate.name].trim().replace(',', '.');
    const value = text === '' ? null : Number(text);
    if (value !== null && (Number.isNaN(value) || value < rate.least || value > rate.most)) {
        wrong.value = { [rate.name]: `Between ${rate.least} and ${rate.most}, please.` };
        return;
    }
    wrong.value = {};
    router.put('/settings/rates', { name: rate.name, value }, { preserveScroll: true });
}
const money = ref<Record<string, string>>(
    Object.fromEntries(props.prices.map((p) => [p.kind, p.minor === null ? '' : (p.minor / 100).toFixed(2)])),
);
const form = useForm<{ prices: Record<string, number | null> }>({ prices: {} });
const badPrice = ref('');
function keepPrices() {
    const prices: Record<string, number | null> = {};
    for (const [kind, text] of Object.entries(money.value)) {
        const plain = text.trim().replace(',', '.');
        if (plain !== '' && !/^\d{1,6}(\.\d{1,2})?$/.test(plain)) {
            badPrice.value = `${props.prices.find((p) => p.kind === kind)?.label}: an amount, please.`;
            return;
        }
        prices[kind] = plain === '' ? null : Math.round(Number(plain) * 100);
    }
    badPrice.value = '';
    form.prices = prices;
    form.put('/settings/measures', { preserveScroll: true });
}
</script>

<template>
    <Head title="Rates and measures" />
    <div class="page">
        <h1>Rates and measures</h1>
        <p class="quiet">
            Every rate is a guess of the trade until you set or confirm one. Only then does a yearly loss go to a
            client.
            <Link href="/settings">Settings</Link>
        </p>
        <h2>How often, how long</h2>
        <table class="figures rates">
            <caption class="visually-hidden">
                Rates
            </caption>
            <thead>
                <tr>
                    <th scope="col">What</th>
                    <th scope="col" class="num">Assumed</th>
                    <th scope="col">Counted here</th>
                    <th scope="col" class="num">Yours</th>
                    <th scope="col"></th>
                </tr>
            </thead>
            <tbody>
                <tr v-for="r in rates" :key="r.name">
                    <th scope="row">
                        <label :for="`r-${r.name}`">{{ r.label }}</label>
                    </th>
                    <td class="num">{{ r.usual }} {{ r.unit }}</td>
                    <td>
                        <template v-if="r.counted"
                            ><template v-if="r.counted.years !== null"
                                ><b>{{ r.counted.years }}</b> years, between {{ r.counted.lowYears }} and
                                {{ r.counted.highYears }}</template
                            ><template v-else>no sooner than {{ r.counted.lowYears }} years</template
                            ><small
                                >{{ r.counted.failures || 'none' }} failed in {{ r.counted.deviceYears }} device-years{{
                                    r.counted.isEnough || !r.counted.failures ? '' : ': too few to take over'
                                }}</small
                            ></template
                        >
                    </td>
                    <td class="num">
                        <input
                            :id="`r-${r.name}`"
                            v-model="typed[r.name]"
                            class="cell num"
                            type="text"
                            inputmode="decimal"
                            :placeholder="r.unit"
                            @keydown.enter.prevent="keep(r)"
                        /><FieldError :words="wrong[r.name]" />
                    </td>
                    <td>
                        <button type="button" class="linkish" @click="keep(r)">keep</button>
                        <button
                            v-if="r.counted?.isEnough && r.counted.years !== null && r.set !== r.counted.years"
                            type="button"
                            class="linkish"
                            @click="
                                typed[r.name] = String(r.counted.years);
                                keep(r);
                            "
                        >
                            take {{ r.counted.years }}
                        </button>
                        <button
                            v-if="r.set === null"
                            type="button"
                            class="linkish"
                            @click="
                                typed[r.name] = String(r.usual);
                                keep(r);
                            "
                        >
                            confirm {{ r.usual }}
                        </button>
                    </td>
                </tr>
            </tbody>
        </table>
        <h2>What measures cost here</h2>
        <form @submit.prevent="keepPrices">
            <table class="figures">
                <caption class="visually-hidden">
                    Prices of measures
                </caption>
                <tbody>
                    <tr v-for="p in prices" :key="p.kind">
                        <th scope="row">
                            <label :for="`m-${p.kind}`">{{ p.label }}</label>
                        </th>
                        <td class="num">
                            <input
                                :id="`m-${p.kind}`"
                                v-model="money[p.kind]"
                                class="cell num"
                                type="text"
                                inputmode="decimal"
                                placeholder="no price"
                            />
                        </td>
                        <td class="why">{{ currency }}</td>
                    </tr>
                </tbody>
            </table>
            <p v-if="badPrice" class="wrong" role="alert">{{ badPrice }}</p>
            <button class="btn-go" :disabled="form.processing">Keep the prices</button>
        </form>
    </div>
</template>
