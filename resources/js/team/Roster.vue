<script setup lang="ts">
import { Head, router, useForm } from '@inertiajs/vue3';
import { computed } from 'vue';
import { addDays, dayNumber, dayWords, today } from '../shared/days';
import RoundsTabs from '../rounds/RoundsTabs.vue';
import FieldError from '../shared/FieldError.vue';
import { date } from '../shared/units';

const props = defineProps<{
    onCall: { id: number; who: string; fromOn: string; untilOn: string; position: number }[];
    absences: { id: number; who: string; fromOn: string; untilOn: string; reason: string }[];
    holidays: { id: number; on: string; name: string }[];
    people: Record<string, string>;
    mayPlan: boolean;
}>();
const call = useForm<{ user_id: number | null; from_on: string; until_on: string; position: number }>({
    user_id: null,
    from_on: '',
    until_on: '',
    position: 1,
});
const away = useForm<{ user_id: number | null; from_on: string; until_on: string; reason: string }>({
    user_id: null,
    from_on: '',
    until_on: '',
    reason: 'leave',
});
const holiday = useForm({ on: '', name: '' });
const DAYS = 56;
const W = 760;
const start = today();
const x = (iso: string, end = false) =>
    130 + Math.max(0, Math.min(DAYS, dayNumber(iso) - dayNumber(start) + (end ? 1 : 0))) * ((W - 140) / DAYS);
const names = computed(() => [...new Set([...props.onCall.map((o) => o.who), ...props.absences.map((a) => a.who)])]);
const off = (kind: string, id: number) => router.delete(`/rounds/roster/${kind}/${id}`, { preserveScroll: true });
</script>

<template>
    <Head title="Roster" />
    <div class="page">
        <div class="head">
            <h1>Rounds</h1>
            <p class="sub">Who answers the phone, who is away. Hours in hand and the week count on it.</p>
        </div>
        <RoundsTabs on="roster" />
        <div v-if="names.length" class="tablebox" tabindex="0" role="region" aria-label="The next eight weeks">
            <svg
                class="rosterline"
                :width="W"
                :height="26 + names.length * 26"
                role="img"
                aria-label="On call and away over the next eight weeks; the same stands in the lists below"
            >
                <g v-for="week in 8" :key="week">
                    <line
                        :x1="130 + (week - 1) * 7 * ((W - 140) / DAYS)"
                        :x2="130 + (week - 1) * 7 * ((W - 140) / DAYS)"
                        y1="16"
                        :y2="20 + names.length * 26"
                        class="hour"
                    />
                    <text :x="132 + (week - 1) * 7 * ((W - 140) / DAYS)" y="12">
                        {{ dayWords(addDays(start, (week - 1) * 7), { day: 'numeric', month: 'short' }) }}
                    </text>
                </g>
                <g v-for="(name, n) in names" :key="name">
                    <text x="0" :y="36 + n * 26">{{ name }}</text>
                    <rect
                        v-for="o in onCall.filter((c) => c.who === name)"
                        :key="`c${o.id}`"
                        :x="x(o.fromOn)"
                        :y="24 + n * 26"
                        :width="Math.max(2, x(o.untilOn, true) - x(o.fromOn))"
                        :height="o.position === 1 ? 14 : 6"
                        class="call"
                    />
                    <rect
                        v-for="a in absences.filter((c) => c.who === name)"
                        :key="`a${a.id}`"
                        :x="x(a.fromOn)"
                        :y="22 + n * 26"
                        :width="Math.max(2, x(a.untilOn, true) - x(a.fromOn))"
                        height="18"
                        class="away"
                    />
                </g>
            </svg>
        </div>
        <p class="legend quiet">
            <svg width="16" height="12" aria-hidden="true"><rect width="16" height="12" class="call" /></svg> answers
            first
            <svg width="16" height="12" aria-hidden="true"><rect y="3" width="16" height="6" class="call" /></svg>
            answers next
            <svg width="16" height="12" aria-hidden="true"><rect width="16" height="12" class="away" /></svg> away
        </p>
        <h2>On call</h2>
        <ul v-if="onCall.length" class="list">
            <li v-for="o in onCall" :key="o.id">
                <b>{{ o.who }}</b>
                <small
                    >{{ date(o.fromOn) }} to {{ date(o.untilOn) }},
                    {{ o.position === 1 ? 'first' : `number ${o.position}` }}</small
                >
                <button v-if="mayPlan" type="button" class="linkish" @click="off('on-call', o.id)">take off</button>
            </li>
        </ul>
        <p v-else class="quiet">Nobody answers the phone: hours in hand count on nobody.</p>
        <form
            v-if="mayPlan"
            class="form"
            @submit.prevent="
                call.post('/rounds/roster/on-call', { preserveScroll: true, onSuccess: () => call.reset() })
            "
        >
            <div>
                <label for="o1">Who</label
                ><select id="o1" v-model="call.user_id" required data-new>
                    <option v-for="(name, id) in people" :key="id" :value="Number(id)">{{ name }}</option></select
                ><FieldError :words="call.errors.user_id" />
            </div>
            <div><label for="o2">From</label><input id="o2" v-model="call.from_on" type="date" required /></div>
            <div>
                <label for="o3">Until</label><input id="o3" v-model="call.until_on" type="date" required /><FieldError
                    :words="call.errors.until_on"
                />
            </div>
            <div>
                <label for="o4">Rung</label
                ><select id="o4" v-model.number="call.position">
                    <option :value="1">first</option>
                    <option :value="2">second</option>
                    <option :value="3">third</option>
                </select>
            </div>
            <div><button class="btn-go" :disabled="call.processing">On the roster</button></div>
        </form>
        <h2>Away</h2>
        <ul v-if="absences.length" class="list">
            <li v-for="a in absences" :key="a.id">
                <b>{{ a.who }}</b> <small>{{ date(a.fromOn) }} to {{ date(a.untilOn) }}, {{ a.reason }}</small>
                <button v-if="mayPlan" type="button" class="linkish" @click="off('absence', a.id)">take off</button>
            </li>
        </ul>
        <p v-else class="quiet">Everybody is here.</p>
        <form
            v-if="mayPlan"
            class="form"
            @submit.prevent="
                away.post('/rounds/roster/absence', { preserveScroll: true, onSuccess: () => away.reset() })
            "
        >
            <div>
                <label for="b1">Who</label
                ><select id="b1" v-model="away.user_id" required>
                    <option v-for="(name, id) in people" :key="id" :value="Number(id)">{{ name }}</option>
                </select>
            </div>
            <div><label for="b2">From</label><input id="b2" v-model="away.from_on" type="date" required /></div>
            <div>
                <label for="b3">Until</label><input id="b3" v-model="away.until_on" type="date" required /><FieldError
                    :words="away.errors.until_on"
                />
            </div>
            <div>
                <label for="b4">Why</label><input id="b4" v-model="away.reason" type="text" maxlength="120" required />
            </div>
            <div><button class="outline" :disabled="away.processing">Away</button></div>
        </form>
        <h2>Holidays</h2>
        <ul class="list">
            <li v-for="h in holidays" :key="h.id">
                <b>{{ date(h.on) }}</b> <small>{{ h.name }}</small>
                <button v-if="mayPlan" type="button" class="linkish" @click="off('holiday', h.id)">take off</button>
            </li>
        </ul>
        <form
            v-if="mayPlan"
            class="form"
            @submit.prevent="
                holiday.post('/rounds/roster/holiday', { preserveScroll: true, onSuccess: () => holiday.reset() })
            "
        >
            <div>
                <label for="h1">Day</label><input id="h1" v-model="holiday.on" type="date" required /><FieldError
                    :words="holiday.errors.on"
                />
            </div>
            <div>
                <label for="h2">Name</label
                ><input id="h2" v-model="holiday.name" type="text" maxlength="120" required />
            </div>
            <div><button class="outline" :disabled="holiday.processing">Nobody drives</button></div>
        </form>
    </div>
</template>
