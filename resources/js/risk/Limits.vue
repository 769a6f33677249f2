<script setup lang="ts">
import { Head, Link, useForm } from '@inertiajs/vue3';
import { computed, reactive } from 'vue';
import type { OpenLimitView } from '../generated';
import FieldError from '../shared/FieldError.vue';
import { useUnits } from '../shared/units';

const props = defineProps<{ alarms: OpenLimitView[]; quantities: Record<string, string>; withLimits: string[] }>();
const units = useUnits();
type Row = { id: number; quantity: string; low: string; high: string };
const rows = reactive<Row[]>(props.alarms.map((a) => ({ id: a.id, quantity: a.quantity ?? '', low: '', high: '' })));
const form = useForm<{
    alarms: { id: number; quantity: string; low_limit: number | null; high_limit: number | null }[];
}>({ alarms: [] });
const hasLimits = (row: Row) => props.withLimits.includes(row.quantity);
const read = (text: string, quantity: string) =>
    text.trim() === '' ? null : quantity === 'temperature' ? units.parse(text, 'degC') : Number(text.replace(',', '.'));
const filled = computed(() => rows.filter((r) => r.quantity && (!hasLimits(r) || r.low.trim() || r.high.trim())));
const unitOf = (row: Row) => (row.quantity === 'oxygen' ? 'mg/L' : units.label('degC'));
const errors = computed(() => form.errors as Record<string, string>);
function keep() {
    form.alarms = filled.value.map((r) => ({
        id: r.id,
        quantity: r.quantity,
        low_limit: read(r.low, r.quantity),
        high_limit: read(r.high, r.quantity),
    }));
    form.put('/risk/alarms', { preserveScroll: true });
}
</script>

<template>
    <Head title="Alarms without a limit" />
    <div class="page">
        <div class="head">
            <h1>Alarms without a limit</h1>
            <p class="sub">
                Until the water reaches an alarm’s limit nobody knows. Without it, hours in hand are only the most there
                can be.
            </p>
        </div>
        <form v-if="alarms.length" @submit.prevent="keep">
            <div class="tablebox" tabindex="0" role="region" aria-label="Alarms without a limit">
                <table class="plainer">
                    <caption class="visually-hidden">
                        Alarms whose limit nobody has entered
                    </caption>
                    <thead>
                        <tr>
                            <th scope="col">Alarm</th>
                            <th scope="col">Measures</th>
                            <th scope="col">Calls under</th>
                            <th scope="col">Calls over</th>
                        </tr>
                    </thead>
                    <tbody>
                        <tr v-for="(a, i) in alarms" :key="a.id">
                            <td>
                                <Link :href="`/systems/${a.systemId}/risk`"
                                    ><b>{{ a.system }}</b></Link
                                >
                                {{ a.name }}<br /><small class="quiet">{{ a.where }}</small>
                            </td>
                            <td>
                                <select
                                    v-model="rows[i].quantity"
                                    class="cell"
                                    :aria-label="`${a.name}, ${a.system}: what it measures`"
                                >
                                    <option value="">not said</option>
                                    <option v-for="(label, key) in quantities" :key="key" :value="key">
                                        {{ label }}
                                    </option>
                                </select>
                            </td>
                            <template v-if="hasLimits(rows[i])">
                                <td>
                                    <input
                                        v-model="rows[i].low"
                                        class="cell num"
                                        type="text"
                                        inputmode="decimal"
                                        :aria-label="`${a.name}, ${a.system}: calls under, ${unitOf(rows[i])}`"
                                    />
                                    {{ unitOf(rows[i]) }}
                                </td>
                                <td>
                                    <input
                                        v-model="rows[i].high"
                                        class="cell num"
                                        type="text"
                                        inputmode="decimal"
                                        :aria-label="`${a.name}, ${a.system}: calls over, ${unitOf(rows[i])}`"
                                    />
                                    {{ unitOf(rows[i]) }}
                                </td>
                            </template>
                            <td v-else colspan="2" class="quiet">{{ rows[i].quantity ? 'calls at once' : '' }}</td>
                        </tr>
                    </tbody>
                </table>
            </div>
            <FieldError :words="Object.values(errors)[0]" />
            <p>
                <button class="btn-go" :disabled="form.processing || !filled.length">
                    Keep {{ filled.length || '' }} {{ filled.length === 1 ? 'alarm' : 'alarms' }}
                </button>
            </p>
        </form>
        <div v-else class="empty">
            <h2>Every alarm has its limit</h2>
            <p>Hours in hand count from it. <Link href="/risk">To the fleet.</Link></p>
        </div>
    </div>
</template>
