<script setup lang="ts">
import { router, useForm } from '@inertiajs/vue3';
import { ref } from 'vue';
import type { ChargeView, FollowUpView, OffView, SystemHeaderView, TaskLineView, TriggerView } from '../generated';
import FieldError from '../shared/FieldError.vue';
import SeverityMark from '../shared/SeverityMark.vue';
import { date, useUnits, when, whenDay } from '../shared/units';
import SystemFrame from '../systems/SystemFrame.vue';
import MediaCharges from './MediaCharges.vue';
import TriggerRows from './TriggerRows.vue';
import WindowLine from './WindowLine.vue';

const props = defineProps<{
    header: SystemHeaderView;
    tasks: TaskLineView[];
    types: { id: number; name: string; everyDays: number }[];
    later: FollowUpView[];
    offs: OffView[];
    seen: { sign: string; grade: string; note: string | null; at: string; by: string }[];
    people: Record<string, string>;
    kinds: Record<string, string>;
    signs: Record<string, string>;
    usedBy: Record<string, string>;
    parameters: Record<string, string>;
    locks: string[];
    disturbed: { id: number; words: string }[];
    charges: ChargeView[];
    mayPlan: boolean;
    isolated: { since: string | null; reason: string | null };
}>();
interface TaskForm {
    task_type_id: number | null;
    every_days: number | null;
    earliest_days: number | null;
    latest_days: number | null;
    litres: number | null;
    reason: string;
    last_done_on: string | null;
    first_on: string | null;
    triggers: TriggerView[];
}
const units = useUnits();
const editing = ref<number | 'new' | null>(null);
const form = useForm<TaskForm>({
    task_type_id: null,
    every_days: null,
    earliest_days: null,
    latest_days: null,
    litres: null,
    reason: '',
    last_done_on: null,
    first_on: null,
    triggers: [],
});
const litres = ref('');
const pause = useForm({ suspended_until: '', suspended_reason: '' });
const pausing = ref<number | null>(null);
const promise = useForm<{
    text: string;
    owner_id: number | null;
    due_on: string;
    on_site: boolean;
    minutes: number | null;
    persons: number;
}>({ text: '', owner_id: null, due_on: '', on_site: true, minutes: 15, persons: 1 });
const callOut = useForm({ text: '' });
const calling = ref(false);
const apart = useForm({ isolated: true, reason: '' });
function edit(t: TaskLineView) {
    editing.value = t.id;
    Object.assign(form, {
        task_type_id: t.typeId,
        every_days: t.everyDays,
        earliest_days: t.earliestDays,
        latest_days: t.latestDays,
        litres: t.litres,
        reason: t.reason ?? '',
        last_done_on: t.lastDoneOn,
        first_on: null,
        triggers: t.triggers.map((r) => ({ ...r })),
    });
    litres.value = t.litres === null ? '' : units.typed(t.litres, 'L');
}
function add() {
    editing.value = 'new';
    form.reset();
    litres.value = '';
}
function keep() {
    form.litres = litres.value === '' ? null : units.parse(litres.value, 'L');
    form.transform((data) => ({
        ...data,
        every_days: typeof data.every_days === 'number' ? data.every_days : null,
        triggers: data.triggers.length
            ? data.triggers.map((row) =>
                  Object.fromEntries(Object.entries(row).filter(([, v]) => v !== null && v !== '')),
              )
            : null,
    }));
    const done = {
        preserveScroll: true,
        onSuccess: () => {
            editing.value = null;
            form.reset();
        },
    };
    if (editing.value === 'new') form.post(`/systems/${props.header.id}/tasks`, done);
    else form.put(`/tasks/${editing.value}`, done);
}
</script>

<template>
    <SystemFrame :header="header" tab="tasks">
        <p v-if="isolated.since" class="standing">
            <b>Isolated since {{ date(isolated.since) }}.</b> {{ isolated.reason }}. Visited last in the day, with its
            own tools.
            <button
                v-if="mayPlan"
                type="button"
                class="linkish"
                @click="router.post(`/systems/${header.id}/isolate`, { isolated: false }, { preserveScroll: true })"
            >
                no longer isolated
            </button>
        </p>
        <div v-for="o in offs" :key="o.id" class="standing">
            <b>{{ o.what }} is off</b> since {{ when(o.at) }}, {{ o.by
            }}<template v-if="o.staysBecause"
                >, on purpose: {{ o.staysBecause }}<template v-if="o.substitute">; instead {{ o.substitute }}</template
                >. Looked at again {{ whenDay(o.reviewOn ?? o.at) }} by {{ o.owner }}</template
            >.
            <button
                v-if="header.mayRecord"
                type="button"
                class="linkish"
                @click="router.post(`/offs/${o.id}/on`, {}, { preserveScroll: true })"
            >
                it is on again
            </button>
        </div>
        <p v-for="d in disturbed" :key="d.id" class="standing">
            <b>Expected.</b> {{ d.words }}. Readings and alarms of these hours are read with that in mind.
            <button
                v-if="header.mayRecord"
                type="button"
                class="linkish"
                @click="router.post(`/disturbed/${d.id}/end`, {}, { preserveScroll: true })"
            >
                it is over already
            </button>
        </p>
        <p v-for="l in locks" :key="l" class="standing"><b>Not yet.</b> {{ l }}</p>
        <form v-if="calling" class="form typing" @submit.prevent="callOut.post(`/systems/${header.id}/call-out`)">
            <div class="wide">
                <label for="co">What is wrong</label
                ><input id="co" v-model="callOut.text" type="text" maxlength="300" required /><FieldError
                    :words="callOut.errors.text"
                />
            </div>
            <div>
                <button class="btn-go" :disabled="callOut.processing">Start the visit now</button>
                <button type="button" class="plain" @click="calling = false">leave it</button>
            </div>
        </form>
        <p v-if="header.mayRecord || header.mayCallOut" class="filter">
            <template v-if="mayPlan"
                ><button type="button" class="btn-go" data-new @click="add">Add a job that recurs</button
                ><button
                    type="button"
                    class="outline"
                    @click="router.post(`/systems/${header.id}/tasks`, { standard: true }, { preserveScroll: true })"
                >
                    The regime’s standard set
                </button></template
            >
            <button v-if="!calling && header.mayCallOut" type="button" class="outline" @click="calling = true">
                Call-out: I go now
            </button>
        </p>
        <form v-if="editing !== null" class="form typing" @submit.prevent="keep">
            <div v-if="editing === 'new'">
                <label for="k0">Job</label
                ><select
                    id="k0"
                    v-model="form.task_type_id"
                    @change="form.every_days = types.find((t) => t.id === form.task_type_id)?.everyDays ?? null"
                >
                    <option v-for="t in types" :key="t.id" :value="t.id">{{ t.name }}</option></select
                ><FieldError :words="form.errors.task_type_id" />
            </div>
            <div>
                <label for="k1">Due after, days</label
                ><input id="k1" v-model.number="form.every_days" type="number" min="0.5" step="any" /><FieldError
                    :words="form.errors.every_days"
                />
            </div>
            <div>
                <label for="k2">May be done from, days</label
                ><input
                    id="k2"
                    v-model.number="form.earliest_days"
                    type="number"
                    min="0"
                    step="any"
                    placeholder="0.7 × due"
                /><FieldError :words="form.errors.earliest_days" />
            </div>
            <div>
                <label for="k3">Overdue after, days</label
                ><input
                    id="k3"
                    v-model.number="form.latest_days"
                    type="number"
                    min="0"
                    step="any"
                    placeholder="1.3 × due"
                /><FieldError :words="form.errors.latest_days" />
            </div>
            <div>
                <label for="k4">Litres, for a change, {{ units.label('L') }}</label
                ><input id="k4" v-model="litres" type="text" inputmode="decimal" placeholder="a tenth" /><FieldError
                    :words="form.errors.litres"
                />
            </div>
            <div v-if="editing === 'new'">
                <label for="k5">Last done on; never: leave it empty</label
                ><input id="k5" v-model="form.last_done_on" type="date" /><FieldError
                    :words="form.errors.last_done_on"
                />
            </div>
            <div v-if="editing === 'new' && !form.last_done_on">
                <label for="k7">First due on; empty: now</label
                ><input id="k7" v-model="form.first_on" type="date" /><FieldError :words="form.errors.first_on" />
            </div>
            <div class="wide">
                <TriggerRows
                    v-model="form.triggers"
                    :kinds="kinds"
                    :signs="signs"
                    :used-by="usedBy"
                    :parameters="parameters"
                />
                <FieldError
                    :words="
                        form.errors.triggers ??
                        Object.entries(form.errors).find(([key]) => key.startsWith('triggers.'))?.[1]
                    "
                />
            </div>
            <div class="wide">
                <label for="k6">Why this system differs</label
                ><input id="k6" v-model="form.reason" type="text" maxlength="300" /><FieldError
                    :words="form.errors.reason"
                />
            </div>
            <div>
                <button class="btn-go" :disabled="form.processing">Keep</button>
                <button type="button" class="plain" @click="editing = null">leave it</button>
            </div>
        </form>
        <table v-if="tasks.length" class="fleet duelist">
            <caption class="visually-hidden">
                What recurs here
            </caption>
            <tbody>
                <tr v-for="t in tasks" :key="t.id">
                    <td>
                        <b>{{ t.type }}</b><small>{{
                            [t.turn, t.litres ? units.show(t.litres, 'L') : null].filter(Boolean).join(' · ')
                        }}</small>
                    </td>
                    <td>
                        <template v-if="t.everyDays">every&nbsp;{{ t.everyDays }}&nbsp;d</template
                        ><small v-for="r in t.reasons" :key="r">{{ t.everyDays ? 'or ' : '' }}{{ r }}</small
                        ><small v-if="t.everyDays && t.everyDays !== t.standardDays"
                            >usually {{ t.standardDays }}{{ t.reason ? `: ${t.reason}` : '' }}</small
                        >
                    </td>
                    <td class="timeline"><WindowLine :last="t.lastDoneOn" :due="t.dueOn" :latest="t.latestOn" /></td>
                    <td>
                        <SeverityMark
                            :severity="t.standing === 'overdue' ? 'fix' : t.standing === 'due' ? 'watch' : 'none'"
                        /><b>{{ t.standingWords }}</b
                        ><small v-if="t.suspendedUntil"
                            >{{ t.suspendedReason }}, looked at again {{ whenDay(t.suspendedUntil) }}</small
                        ><small v-else-if="t.dueOn"
                            >due {{ whenDay(t.dueOn) }}, last {{ t.lastDoneOn ? whenDay(t.lastDoneOn) : 'never'
                            }}{{ t.because ? ` · ${t.because}` : '' }}</small
                        >
                    </td>
                    <td v-if="mayPlan">
                        <button
                            type="button"
                            class="linkish"
                            :aria-label="`${t.type}: onto the next visit`"
                            @click="router.post(`/tasks/${t.id}/ride`, {}, { preserveScroll: true })"
                        >
                            onto the next visit
                        </button>
                        · <button type="button" class="linkish" @click="edit(t)">change</button> ·
                        <button v-if="!t.suspendedUntil" type="button" class="linkish" @click="pausing = t.id">
                            suspend</button
                        ><button
                            v-else
                            type="button"
                            class="linkish"
                            @click="router.post(`/tasks/${t.id}/suspend`, {}, { preserveScroll: true })"
                        >
                            take up again
                        </button>
                        ·
                        <button
                            type="button"
                            class="linkish"
                            @click="router.post(`/tasks/${t.id}/end`, {}, { preserveScroll: true })"
                        >
                            end it
                        </button>
                        <form
                            v-if="pausing === t.id"
                            @submit.prevent="
                                pause.post(`/tasks/${t.id}/suspend`, {
                                    preserveScroll: true,
                                    onSuccess: () => {
                                        pausing = null;
                                        pause.reset();
                                    },
                                })
                            "
                        >
                            <label :for="`u${t.id}`">Look at it again on</label
                            ><input
                                :id="`u${t.id}`"
                                v-model="pause.suspended_until"
                                class="cell"
                                type="date"
                                required
                            /><label :for="`w${t.id}`">Why</label
                            ><input
                                :id="`w${t.id}`"
                                v-model="pause.suspended_reason"
                                class="cell"
                                type="text"
                                maxlength="300"
                                required
                            /><FieldError
                                :words="pause.errors.suspended_until ?? pause.errors.suspended_reason"
                            /><button class="linkish">suspend it</button>
                        </form>
                    </td>
                </tr>
            </tbody>
        </table>
        <div v-else class="empty">
            <h2>Nothing recurs here yet</h2>
            <p>Take the regime’s standard set; then change what this system needs differently, with the reason.</p>
        </div>

        <MediaCharges :system-id="header.id" :charges="charges" :tasks="tasks" :may-record="header.mayRecord" />
        <h2>Later, and once</h2>
        <ul v-if="later.length" class="list">
            <li v-for="f in later" :key="f.id">
                <SeverityMark :severity="f.late ? 'fix' : 'none'" /> <b>{{ f.text }}</b>
                <small>{{ f.kind }}{{ f.onSite ? ', on site' : '' }} · {{ f.owner }} · {{ date(f.dueOn) }}</small>
                <button
                    type="button"
                    class="linkish"
                    @click="router.post(`/follow-ups/${f.id}/done`, {}, { preserveScroll: true })"
                >
                    done
                </button>
            </li>
        </ul>
        <p v-else class="quiet">Nothing was put off on this system.</p>
        <form
            v-if="header.mayRecord"
            class="form"
            @submit.prevent="
                promise.post(`/systems/${header.id}/follow-ups`, {
                    preserveScroll: true,
                    onSuccess: () => promise.reset(),
                })
            "
        >
            <div>
                <label for="l1">What is to be done</label
                ><input id="l1" v-model="promise.text" type="text" maxlength="500" required /><FieldError
                    :words="promise.errors.text"
                />
            </div>
            <div>
                <label for="l2">Whose</label
                ><select id="l2" v-model="promise.owner_id" required>
                    <option v-for="(name, id) in people" :key="id" :value="Number(id)">{{ name }}</option></select
                ><FieldError :words="promise.errors.owner_id" />
            </div>
            <div>
                <label for="l3">By when</label
                ><input id="l3" v-model="promise.due_on" type="date" required /><FieldError
                    :words="promise.errors.due_on"
                />
            </div>
            <div class="wide">
                <label class="check"
                    ><input v-model="promise.on_site" type="checkbox" /> somebody has to be there: it rides on the next
                    visit, or makes one</label
                >
            </div>
            <template v-if="promise.on_site">
                <div>
                    <label for="l4">Minutes</label
                    ><input id="l4" v-model.number="promise.minutes" type="number" min="1" max="480" /><FieldError
                        :words="promise.errors.minutes"
                    />
                </div>
                <div>
                    <label for="l5">People</label
                    ><select id="l5" v-model.number="promise.persons">
                        <option :value="1">one</option>
                        <option :value="2">two</option>
                    </select>
                </div>
            </template>
            <div>
                <button class="outline" :disabled="promise.processing">
                    {{ promise.on_site ? 'Ask for it once' : 'Put it off' }}
                </button>
            </div>
        </form>
        <template v-if="seen.length"
            ><h2>Seen lately</h2>
            <ul class="list">
                <li v-for="(o, n) in seen" :key="n">
                    <b>{{ o.sign }}</b> {{ o.grade }}<small>{{ o.note }} {{ when(o.at) }}, {{ o.by }}</small>
                </li>
            </ul></template
        >
        <template v-if="mayPlan && !isolated.since"
            ><h2>Isolate it</h2>
            <form class="form" @submit.prevent="apart.post(`/systems/${header.id}/isolate`, { preserveScroll: true })">
                <div>
                    <label for="q1">Why it is kept apart</label
                    ><input
                        id="q1"
                        v-model="apart.reason"
                        type="text"
                        maxlength="300"
                        placeholder="new fish, sick fish…"
                        required
                    /><FieldError :words="apart.errors.reason" />
                </div>
                <div><button class="outline">Isolate: last in the day, its own tools</button></div>
            </form>
        </template>
    </SystemFrame>
</template>
