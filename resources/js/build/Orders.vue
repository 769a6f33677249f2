<script setup lang="ts">
import { Link, router, useForm } from '@inertiajs/vue3';
import { ref } from 'vue';
import { today } from '../shared/days';
import type { FindingView, OrderView, StageView } from '../generated';
import FieldError from '../shared/FieldError.vue';
import SeverityMark from '../shared/SeverityMark.vue';
import { date, whenDay } from '../shared/units';

/** What is bought: whoever waits for it waits on the course of work too. */
const props = defineProps<{
    orders: OrderView[];
    late: FindingView[];
    stages: StageView[];
    versionId: number;
    mayOrder: boolean;
    mayReceive: boolean;
}>();
const now = today();
const order = useForm({ what: '', supplier: '', stage: 'set', ordered_on: now, promised_on: '' });
const came = useForm({ received_on: now, is_whole: true, place: '', note: '', promised_on: '' });
const opening = ref<number | null>(null);
const adding = ref(false);
const label = (key: string) => props.stages.find((s) => s.key === key)?.label ?? key;
function receive(id: number) {
    came.transform((d) => ({
        ...d,
        promised_on: d.is_whole ? null : d.promised_on,
        note: d.note || null,
        place: d.place || null,
    })).post(`/orders/${id}/receive`, {
        preserveScroll: true,
        onSuccess: () => {
            opening.value = null;
            came.reset();
        },
    });
}
</script>

<template>
    <h2>Orders and deliveries</h2>
    <p v-for="f in late" :key="f.key" :class="f.severity">
        <SeverityMark :severity="f.severity" /> <span class="word">{{ f.word }}</span> <b>{{ f.what }}.</b> {{ f.why }}
        {{ f.remedy }}
    </p>
    <ul v-if="orders.length" class="list">
        <li v-for="o in orders" :key="o.id">
            <b>{{ o.what }}</b>
            <small
                ><Link href="/settings/suppliers">{{ o.supplier }}</Link
                >, ordered {{ date(o.orderedOn) }}; for “{{ label(o.stage) }}”<template v-if="o.usualDays !== null">
                    · took {{ o.usualDays }} days so far</template
                ></small
            >
            <small v-if="o.receivedOn && o.isWhole"
                ><b>here since {{ date(o.receivedOn) }}</b
                >{{ o.place ? `, ${o.place}` : '' }}</small
            >
            <small v-else-if="o.receivedOn" class="wrong"
                >came {{ date(o.receivedOn) }}, not whole: {{ o.note }}; the rest is promised for
                {{ date(o.promisedOn) }}</small
            >
            <small v-else :class="{ wrong: o.isLate }"
                >promised for {{ date(o.promisedOn) }}, {{ whenDay(o.promisedOn) }}</small
            >
            <template v-if="o.isOut && mayReceive">
                <button
                    v-if="opening !== o.id"
                    type="button"
                    class="linkish"
                    @click="
                        opening = o.id;
                        came.clearErrors();
                    "
                >
                    it came
                </button>
                <form v-else class="form" @submit.prevent="receive(o.id)">
                    <div>
                        <label :for="`rd${o.id}`">Came on</label
                        ><input :id="`rd${o.id}`" v-model="came.received_on" type="date" required /><FieldError
                            :words="came.errors.received_on"
                        />
                    </div>
                    <div>
                        <label class="check"
                            ><input v-model="came.is_whole" type="checkbox" /> contents checked, whole and right</label
                        >
                    </div>
                    <div>
                        <label :for="`rp${o.id}`">Lies where</label
                        ><input :id="`rp${o.id}`" v-model="came.place" type="text" maxlength="120" />
                    </div>
                    <template v-if="!came.is_whole"
                        ><div>
                            <label :for="`rn${o.id}`">What is wrong or missing</label
                            ><input :id="`rn${o.id}`" v-model="came.note" type="text" maxlength="300" /><FieldError
                                :words="came.errors.note"
                            />
                        </div>
                        <div>
                            <label :for="`rq${o.id}`">Now promised for</label
                            ><input :id="`rq${o.id}`" v-model="came.promised_on" type="date" /><FieldError
                                :words="came.errors.promised_on"
                            /></div
                    ></template>
                    <div>
                        <button class="btn-go" :disabled="came.processing">Keep it</button>
                        <button type="button" class="plain" @click="opening = null">leave it</button>
                    </div>
                </form>
            </template>
            <button
                v-if="!o.receivedOn && mayOrder"
                type="button"
                class="linkish"
                @click="router.post(`/orders/${o.id}/remove`, {}, { preserveScroll: true })"
            >
                take it off
            </button>
        </li>
    </ul>
    <p v-else class="quiet">
        Nothing is ordered yet: the course counts with four weeks for the longest lead. Write down what you order, and
        it follows the promised days.
    </p>
    <template v-if="mayOrder">
        <button v-if="!adding" type="button" class="linkish" @click="adding = true">write down an order</button>
        <form
            v-else
            class="form"
            @submit.prevent="
                order.post(`/plan-versions/${versionId}/orders`, {
                    preserveScroll: true,
                    onSuccess: () => {
                        order.reset();
                        adding = false;
                    },
                })
            "
        >
            <div>
                <label for="ow">What</label
                ><input id="ow" v-model="order.what" type="text" maxlength="120" required /><FieldError
                    :words="order.errors.what"
                />
            </div>
            <div>
                <label for="os">From whom</label
                ><input id="os" v-model="order.supplier" type="text" maxlength="120" required /><FieldError
                    :words="order.errors.supplier"
                />
            </div>
            <div>
                <label for="og">Needed for</label
                ><select id="og" v-model="order.stage">
                    <option v-for="s in stages" :key="s.key" :value="s.key">{{ s.label }}</option></select
                ><FieldError :words="order.errors.stage" />
            </div>
            <div>
                <label for="oo">Ordered on</label
                ><input id="oo" v-model="order.ordered_on" type="date" required /><FieldError
                    :words="order.errors.ordered_on"
                />
            </div>
            <div>
                <label for="op">Promised for</label
                ><input id="op" v-model="order.promised_on" type="date" required /><FieldError
                    :words="order.errors.promised_on"
                />
            </div>
            <div>
                <button class="btn-go" :disabled="order.processing">Ordered</button>
                <button type="button" class="plain" @click="adding = false">leave it</button>
            </div>
        </form>
    </template>
</template>
