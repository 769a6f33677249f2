<script setup lang="ts">
import { Link } from '@inertiajs/vue3';
import type { QuoteView } from '../generated';
import { useShell } from '../shared/page';

/** A priced list: a plan’s quantities, or a year of its running. */
defineProps<{ quote: QuoteView; title: string; total: string; pdf?: string }>();
const { shell } = useShell();
</script>

<template>
    <h2>
        {{ title }} <small v-if="quote.roDays">the RO water takes {{ quote.roDays }}</small>
    </h2>
    <table class="figures quote">
        <caption>
            Quantities follow the plan; prices the
            <Link v-if="shell.plans" href="/settings/prices">price list</Link
            ><template v-else>price list</template
            >.
        </caption>
        <tbody>
            <tr v-for="l in quote.lines" :key="l.key">
                <th scope="row">
                    {{ l.label }} <small class="quiet">{{ l.note }}</small>
                </th>
                <td class="num">
                    <b>{{ l.quantity }}</b>
                </td>
                <td class="num quiet">{{ l.each }}</td>
                <td class="num">{{ l.price ?? 'no price' }}</td>
            </tr>
            <tr>
                <th scope="row" colspan="3">Together</th>
                <td class="num">
                    <b>{{ quote.net }}</b>
                </td>
            </tr>
            <tr>
                <th scope="row" colspan="3">Tax, {{ quote.taxPct }}</th>
                <td class="num">{{ quote.tax }}</td>
            </tr>
            <tr>
                <th scope="row" colspan="3">
                    <b>{{ total }}</b>
                </th>
                <td class="num">
                    <b>{{ quote.total }}</b>
                </td>
            </tr>
        </tbody>
    </table>
    <details v-if="quote.stages.length" class="metered">
        <summary>The same by stage <small>what must be there when it begins, and its hours</small></summary>
        <table class="figures quote">
            <caption class="visually-hidden">
                Quantities, labour and price by stage, without tax
            </caption>
            <tbody>
                <tr v-for="s in quote.stages" :key="s.label">
                    <th scope="row">
                        {{ s.label }} <small class="quiet">{{ s.things }}</small>
                    </th>
                    <td class="num">{{ s.hours }}</td>
                    <td class="num">{{ s.money }}</td>
                </tr>
                <tr>
                    <th scope="row" colspan="2">Together</th>
                    <td class="num">
                        <b>{{ quote.net }}</b>
                    </td>
                </tr>
            </tbody>
        </table>
    </details>
    <p v-if="quote.unpriced" class="needs">{{ quote.unpriced }} without a price: not in the sum.</p>
    <p v-for="(needs, what) in quote.waits" :key="what" class="quiet">{{ what }} waits for: {{ needs }}.</p>
    <p v-if="shell.plans && pdf"><a class="outline" :href="pdf">Quote, PDF</a></p>
</template>
