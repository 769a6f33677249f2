<script lang="ts">
export type Across = {
    cost: string;
    saved: string;
    gap: string | null;
    systems: number;
    waiting: number;
    lines: {
        id: number;
        name: string;
        where: string;
        cost: string;
        saves: string;
        weight: number;
        measures: string[];
    }[];
};
</script>

<script setup lang="ts">
import { Link, router } from '@inertiajs/vue3';
import { computed, ref } from 'vue';

/** One budget for the whole fleet, or for one client: where the next money goes furthest. */
const props = defineProps<{
    asked: { budgetMinor: number | null; client: number | null };
    currency: string;
    clients?: Record<string, string>;
    across?: Across | null;
}>();
const budget = ref(props.asked.budgetMinor === null ? '' : String(props.asked.budgetMinor / 100));
const client = ref(props.asked.client === null ? '' : String(props.asked.client));
const wrong = ref('');
const most = computed(() => Math.max(1, ...(props.across?.lines.map((l) => l.weight) ?? [])));
function look() {
    const plain = budget.value.trim().replace(',', '.');
    if (!/^\d{1,7}(\.\d{1,2})?$/.test(plain)) {
        wrong.value = 'An amount, please.';
        return;
    }
    wrong.value = '';
    router.get(
        '/risk/year',
        { budget: Math.round(Number(plain) * 100), ...(client.value ? { client: client.value } : {}) },
        { preserveScroll: true },
    );
}
</script>

<template>
    <section aria-labelledby="across-head">
        <h2 id="across-head">Where the next money goes furthest</h2>
        <form class="filter" @submit.prevent="look">
            <label for="ac-b">Budget, {{ currency }}</label>
            <input id="ac-b" v-model="budget" type="text" inputmode="decimal" class="cell num" />
            <select v-model="client" aria-label="Whose systems">
                <option value="">the whole fleet</option>
                <option v-for="(name, id) in clients ?? {}" :key="id" :value="String(id)">{{ name }}</option>
            </select>
            <button class="outline">Spread it</button>
            <span v-if="wrong" class="wrong" role="alert">{{ wrong }}</span>
        </form>
        <p v-if="asked.budgetMinor !== null && across === undefined" class="quiet" role="status">Spreading it…</p>
        <template v-if="across">
            <p v-if="across.lines.length" class="yearsum">
                For <b>{{ across.cost }}</b> an average year of {{ across.systems }} systems costs
                <b>{{ across.saved }}</b> less{{
                    across.gap ? `; no other choice saves more than ${across.gap} beyond` : ''
                }}.
            </p>
            <p v-else class="quiet">
                Within this budget nothing lowers a year by more than it costs to keep going, as far as prices are
                entered and what is at stake is said.
            </p>
            <p v-if="across.waiting" class="quiet">
                {{ across.waiting }} {{ across.waiting === 1 ? 'system is' : 'systems are' }} drawn anew tonight:
                something of theirs, or a price, has changed.
            </p>
            <table v-if="across.lines.length" class="fleet yearlist">
                <caption class="visually-hidden">
                    What to do where, what saves most first
                </caption>
                <thead class="visually-hidden">
                    <tr>
                        <th scope="col">System</th>
                        <th scope="col">Drawn</th>
                        <th scope="col">A year less by</th>
                        <th scope="col">What, for how much</th>
                    </tr>
                </thead>
                <tbody>
                    <tr v-for="l in across.lines" :key="l.id">
                        <td>
                            <Link :href="`/systems/${l.id}/risk/measures`">{{ l.name }}</Link><small>{{
                                l.where
                            }}</small>
                        </td>
                        <td class="until"><span :style="{ width: `${(100 * l.weight) / most}%` }"></span></td>
                        <td class="num">
                            <b>{{ l.saves }}</b>
                        </td>
                        <td>
                            {{ l.measures.join('; ') }}<small>{{ l.cost }}</small>
                        </td>
                    </tr>
                </tbody>
            </table>
        </template>
    </section>
</template>
