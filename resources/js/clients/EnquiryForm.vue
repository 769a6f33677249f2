<script setup lang="ts">
import { useForm } from '@inertiajs/vue3';
import { ref } from 'vue';
import type { EnquiryView } from '../generated';
import FieldError from '../shared/FieldError.vue';
import { date } from '../shared/units';

/** The first call: what is there or on its way already, then what they wish for. */
const props = defineProps<{ siteId: number; enquiry: EnquiryView; asks: Record<string, [string, string]>; readonly: boolean }>();
const form = useForm<Record<string, string | number | null>>({ ...Object.fromEntries(Object.keys(props.asks).map((k) => [k, props.enquiry.words[k] ?? ''])), budget_minor: props.enquiry.budgetMinor, wanted_on: props.enquiry.wantedOn ?? '' });
const money = ref(props.enquiry.budgetMinor === null ? '' : (props.enquiry.budgetMinor / 100).toFixed(2));
const open = ref(false);
function keep() {
    const typed = money.value.trim().replace(/[\s\u00a0]/g, '').replace(',', '.');
    if (typed !== '' && !/^\d{1,8}(\.\d{1,2})?$/.test(typed)) {
        form.setError('budget_minor', 'An amount like 12500 or 12500.00, please.');
        return;
    }
    form.budget_minor = typed === '' ? null : Math.round(Number(typed) * 100);
    form.transform((d) => Object.fromEntries(Object.entries(d).map(([k, v]) => [k, v === '' ? null : v]))).put(`/sites/${props.siteId}/enquiry`, { preserveScroll: true, onSuccess: () => (open.value = false) });
}
</script>

<template>
    <h2>The enquiry</h2>
    <p v-if="!enquiry.settled" class="wrong">First of all: what is built already, and what is ordered? Write “nothing” when it is so.</p>
    <dl v-if="enquiry.lines.length || enquiry.wantedOn" class="asked"><template v-for="l in enquiry.lines" :key="l.label"><dt>{{ l.label }}</dt><dd>{{ l.text }}</dd></template><template v-if="enquiry.wantedOn"><dt>Wished for</dt><dd>{{ date(enquiry.wantedOn) }}</dd></template></dl>
    <template v-if="!readonly">
        <button v-if="!open" type="button" class="linkish" @click="open = true">{{ enquiry.lines.length ? 'change what they said' : 'write down what they say' }}</button>
        <form v-else class="form" @submit.prevent="keep">
            <div v-for="([label, hint], key) in asks" :key="key" :class="{ wide: key === 'built' || key === 'ordered' }"><label :for="`en-${key}`">{{ label }}</label><textarea v-if="key === 'built' || key === 'ordered'" :id="`en-${key}`" v-model="(form[key] as string)" rows="2" maxlength="500" :placeholder="hint"></textarea><input v-else :id="`en-${key}`" v-model="form[key]" type="text" maxlength="500" :placeholder="hint"><FieldError :words="form.errors[key]" /></div>
            <div><label for="en-money">Would spend, with tax</label><input id="en-money" v-model="money" type="text" inputmode="decimal" placeholder="not said"><FieldError :words="form.errors.budget_minor" /></div>
            <div><label for="en-day">Wished for on</label><input id="en-day" v-model="form.wanted_on" type="date"><FieldError :words="form.errors.wanted_on" /></div>
            <div><button class="btn-go" :disabled="form.processing">Keep the enquiry</button> <button type="button" class="plain" @click="open = false">leave it</button></div>
        </form>
    </template>
</template>
