<script setup lang="ts">
import { router, useForm } from '@inertiajs/vue3';
import { BButton, BFormInput, BFormRadioGroup } from 'bootstrap-vue-next';
import { computed } from 'vue';
import type { OrderView, OutletView } from '../generated';
import FieldError from '../shared/FieldError.vue';
import NumberCell from './NumberCell.vue';
import { clock } from '../shared/days';

/** Something else for a while, asked of one outlet over the link. */
const props = defineProps<{
    controllerId: number;
    outlet: OutletView;
    orders: OrderView[];
    reports: boolean;
    isOn: boolean | null;
}>();
const USUAL_MIN = 20;
const form = useForm({ outlet_id: props.outlet.id, level: props.isOn ? 0 : 1, for_min: USUAL_MIN, because: '' });
const open = computed(() => props.orders.find((o) => o.isOpen) ?? null);
const past = computed(() => props.orders.filter((o) => !o.isOpen).slice(0, 3));
const ask = () =>
    form.post(`/control/${props.controllerId}/orders`, {
        preserveScroll: true,
        onSuccess: () => form.reset('because'),
    });
const end = (id: number) => router.post(`/outlet-orders/${id}/end`, {}, { preserveScroll: true });
const WHICH = [
    { value: 0, text: 'off' },
    { value: 1, text: 'on' },
];
function says(o: OrderView): string {
    const what = `${o.isOn ? 'on' : 'off'} for ${o.forMin} min, ${o.who}: ${o.because}`;
    const turned: Record<string, string> = {
        asked: `waits to be fetched, let go at ${clock(o.expiresAt)}`,
        taken: o.untilAt ? `done, until ${clock(o.untilAt)}` : 'done',
        ending: 'its end waits to be fetched',
        refused: `refused by the controller${o.refusedWhy ? `: ${o.refusedWhy}` : ''}`,
        late: 'not fetched in time, let go',
        withdrawn: 'taken back before it was fetched',
        over: o.overAt ? `over since ${clock(o.overAt)}` : 'over',
    };
    return `${what} · asked ${clock(o.askedAt)} · ${turned[o.state] ?? o.state}`;
}
</script>

<template>
    <section class="outletorders" :aria-label="`${outlet.name}: something else for a while`">
        <h3>Something else for a while</h3>
        <p v-if="open" role="status">
            {{ says(open) }}
            <BButton v-if="open.state !== 'ending'" variant="link" size="sm" @click="end(open.id)">end it now</BButton>
            <b v-if="open.isOverdue" class="watchword"
                >It should be over, and nobody has heard. Somebody goes and looks.</b
            >
        </p>
        <form v-else-if="reports" class="rulefields" @submit.prevent="ask">
            <BFormRadioGroup
                v-model="form.level"
                :options="WHICH"
                :name="`order-${outlet.key}`"
                :aria-label="`${outlet.name} is to be`"
            />
            <NumberCell
                :id="`order-min-${outlet.key}`"
                label="for"
                unit="min"
                :model-value="form.for_min"
                @update:model-value="form.for_min = $event ?? USUAL_MIN"
            />
            <label class="numbercell wide" :for="`order-why-${outlet.key}`"
                ><span>because</span>
                <BFormInput
                    :id="`order-why-${outlet.key}`"
                    v-model="form.because"
                    class="cell"
                    maxlength="300"
                    required
                />
            </label>
            <p class="wide quiet">
                First make sure that nobody has hands in the water or on the plug. Guards and longest times still stop
                it; it ends by itself, and no visit there can be closed while it is off.
            </p>
            <FieldError :words="Object.values(form.errors)[0]" />
            <p class="wide">
                <BButton type="submit" variant="outline-secondary" :disabled="form.processing"
                    >Ask the controller</BButton
                >
            </p>
        </form>
        <p v-else class="quiet">Nothing that runs reports from here: nobody would obey.</p>
        <ul v-if="past.length" class="plain">
            <li v-for="o in past" :key="o.id" class="quiet">{{ says(o) }}</li>
        </ul>
    </section>
</template>
