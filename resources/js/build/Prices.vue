<script setup lang="ts">
import { Head, Link, useForm } from '@inertiajs/vue3';
import { ref } from 'vue';
import FieldError from '../shared/FieldError.vue';

const props = defineProps<{
    lines: { key: string; label: string; per: string; minor: number | null }[];
    currency: string;
    taxPct: number;
}>();
const typed = ref<Record<string, string>>(
    Object.fromEntries(props.lines.map((l) => [l.key, l.minor === null ? '' : (l.minor / 100).toFixed(2)])),
);
const form = useForm<{ prices: Record<string, number | null> }>({ prices: {} });
const file = useForm<{ file: File | null }>({ file: null });
const wrong = ref('');
function keep() {
    const prices: Record<string, number | null> = {};
    for (const [key, text] of Object.entries(typed.value)) {
        const plain = text.trim().replace(',', '.');
        if (plain !== '' && !/^\d{1,6}(\.\d{1,2})?$/.test(plain)) {
            wrong.value = `${props.lines.find((l) => l.key === key)?.label}: an amount with at most two decimals, please.`;
            return;
        }
        prices[key] = plain === '' ? null : Math.round(Number(plain) * 100);
    }
    wrong.value = '';
    form.prices = prices;
    form.put('/settings/prices', { preserveScroll: true });
}
</script>

<template>
    <Head title="Price list" />
    <div class="page">
        <h1>Price list</h1>
        <p class="quiet">
            What one costs, without tax, in {{ currency }}. Every quote is counted from it; tax {{ taxPct }} %.
            <Link href="/settings">Settings</Link>
        </p>
        <form @submit.prevent="keep">
            <table class="figures">
                <caption class="visually-hidden">
                    Prices
                </caption>
                <tbody>
                    <tr v-for="l in lines" :key="l.key">
                        <th scope="row">
                            <label :for="`p-${l.key}`">{{ l.label }}</label>
                        </th>
                        <td class="num">
                            <input
                                :id="`p-${l.key}`"
                                v-model="typed[l.key]"
                                class="cell num"
                                type="text"
                                inputmode="decimal"
                                placeholder="no price"
                            />
                        </td>
                        <td class="why">a {{ l.per }}</td>
                    </tr>
                </tbody>
            </table>
            <p v-if="wrong" class="wrong" role="alert">{{ wrong }}</p>
            <FieldError :words="Object.values(form.errors)[0]" />
            <p>
                <button class="btn-go" :disabled="form.processing">Keep the list</button>
                <a class="outline" href="/settings/prices.csv">As CSV</a>
            </p>
        </form>
        <h2>Read a list in</h2>
        <form
            class="filter"
            @submit.prevent="
                file.post('/settings/prices/import', {
                    preserveScroll: true,
                    forceFormData: true,
                    onSuccess: () => file.reset(),
                })
            "
        >
            <input
                type="file"
                accept=".csv,text/csv"
                aria-label="Price list as CSV"
                required
                @change="file.file = ($event.target as HTMLInputElement).files?.[0] ?? null"
            /><button class="outline" :disabled="file.processing">Read it in</button>
        </form>
        <FieldError :words="file.errors.file" />
    </div>
</template>
