<script setup lang="ts">
import { reactive, ref } from 'vue';
import type { EnquiryView } from '../generated';
import FieldError from '../shared/FieldError.vue';
import KeepLine from '../shared/KeepLine.vue';
import { useSelfKeeping } from '../shared/selfKeeping';
import { date } from '../shared/units';

/** The first call: what is there or on its way already, then what they wish for. */
const props = defineProps<{
    siteId: number;
    enquiry: EnquiryView;
    asks: Record<string, [string, string]>;
    stamp: string;
    readonly: boolean;
}>();
type Said = Record<string, string | number | null>;
const words = reactive<Record<string, string>>(
    Object.fromEntries(Object.keys(props.asks).map((k) => [k, props.enquiry.words[k] ?? ''])),
);
const money = ref(props.enquiry.budgetMinor === null ? '' : (props.enquiry.budgetMinor / 100).toFixed(2));
const wantedOn = ref(props.enquiry.wantedOn ?? '');
const badMoney = ref('');
const open = ref(false);

function amount(): number | null {
    const typed = money.value
        .trim()
        .replace(/[\s\u00a0]/g, '')
        .replace(',', '.');
    badMoney.value =
        typed === '' || /^\d{1,8}(\.\d{1,2})?$/.test(typed) ? '' : 'An amount like 12500 or 12500.00, please.';
    return typed === '' || badMoney.value ? null : Math.round(Number(typed) * 100);
}

/** What they say keeps itself while it is written down. */
const keeping = useSelfKeeping<Said>({
    key: `enquiry-${props.siteId}`,
    url: `/sites/${props.siteId}/enquiry`,
    data: () => ({
        ...Object.fromEntries(Object.entries(words).map(([k, v]) => [k, v === '' ? null : v])),
        budget_minor: amount(),
        wanted_on: wantedOn.value || null,
    }),
    stamp: () => props.stamp,
    only: ['view'],
});
const earlier = keeping.left();
if (earlier && !props.readonly) {
    for (const key of Object.keys(words)) words[key] = String(earlier[key] ?? '');
    money.value = typeof earlier.budget_minor === 'number' ? (earlier.budget_minor / 100).toFixed(2) : '';
    wantedOn.value = String(earlier.wanted_on ?? '');
    open.value = true;
    keeping.touch();
}
function touch() {
    amount();
    if (!badMoney.value) keeping.touch();
}
</script>

<template>
    <h2>The enquiry</h2>
    <p v-if="!enquiry.settled" class="wrong">
        First of all: what is built already, and what is ordered? Write “nothing” when it is so.
    </p>
    <dl v-if="enquiry.lines.length || enquiry.wantedOn" class="asked">
        <template v-for="l in enquiry.lines" :key="l.label"
            ><dt>{{ l.label }}</dt>
            <dd>{{ l.text }}</dd></template
        ><template v-if="enquiry.wantedOn"
            ><dt>Wished for</dt>
            <dd>{{ date(enquiry.wantedOn) }}</dd></template
        >
    </dl>
    <template v-if="!readonly">
        <button v-if="!open" type="button" class="linkish" @click="open = true">
            {{ enquiry.lines.length ? 'change what they said' : 'write down what they say' }}
        </button>
        <form v-else class="form" @submit.prevent @input="touch">
            <div
                v-for="([label, hint], key) in asks"
                :key="key"
                :class="{ wide: key === 'built' || key === 'ordered' }"
            >
                <label :for="`en-${key}`">{{ label }}</label><textarea
                    v-if="key === 'built' || key === 'ordered'"
                    :id="`en-${key}`"
                    v-model="words[key]"
                    rows="2"
                    maxlength="500"
                    :placeholder="hint"
                ></textarea
                ><input
                    v-else
                    :id="`en-${key}`"
                    v-model="words[key]"
                    type="text"
                    maxlength="500"
                    :placeholder="hint"
                /><FieldError :words="keeping.errors.value[key]" />
            </div>
            <div>
                <label for="en-money">Would spend, with tax</label
                ><input
                    id="en-money"
                    v-model="money"
                    type="text"
                    inputmode="decimal"
                    placeholder="not said"
                /><FieldError :words="badMoney || keeping.errors.value.budget_minor" />
            </div>
            <div>
                <label for="en-day">Wished for on</label><input id="en-day" v-model="wantedOn" type="date" /><FieldError
                    :words="keeping.errors.value.wanted_on"
                />
            </div>
            <div class="wide">
                <KeepLine
                    :state="keeping.state.value"
                    :conflict="keeping.errors.value.stamp"
                    @mine="keeping.keepMine"
                    @theirs="keeping.takeTheirs"
                />
                <button type="button" class="plain" @click="open = false">close</button>
            </div>
        </form>
    </template>
</template>
