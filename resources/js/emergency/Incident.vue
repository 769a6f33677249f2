<script setup lang="ts">
import { Head, Link, router, useForm } from '@inertiajs/vue3';
import { computed, onBeforeUnmount, onMounted, ref } from 'vue';
import type { HarmCourseView } from '../generated';
import { useOutbox } from '../rounds/outbox';
import { ofIncident } from '../rounds/phoneStore';
import FieldError from '../shared/FieldError.vue';
import { useShell } from '../shared/page';
import { useUnits, when } from '../shared/units';
import ActionList from './ActionList.vue';
import EmergencySheet from './EmergencySheet.vue';
import { breakerOutMs, leftBy, typedReadings } from './harmClock';
import WhoGoes from './WhoGoes.vue';

type Action = { code: string; says: string; caution: string | null };
type Clock = {
    by: string;
    limit: string;
    leftH: number | null;
    computedH: number | null;
    fittedH: number | null;
    needs: string[];
    breaker: boolean;
    course: HarmCourseView | null;
};
/** Led through it: the clock, what first, what never, whom to ring. Works without signal. */
const props = defineProps<{
    incident: {
        id: number;
        kind: string;
        label: string;
        isDanger: boolean;
        state: string;
        stateLabel: string;
        sinceAt: string;
        beganAt: string;
        closedAt: string | null;
        wet: boolean | null;
        spilling: string | null;
        done: string[];
        review: Record<string, string | boolean | null> | null;
        mayClose: boolean;
        by: string | null;
    };
    system: { id: number; name: string; siteId: number; where: string; items: { id: number; name: string }[] };
    next: { state: string; label: string }[];
    actions: Action[];
    then: Action[];
    staysOn: string;
    never: string[];
    clocks: Clock[];
    comesDown: string | null;
    /** What begins once somebody takes the breaker out; null: it is out already. */
    ifBreaker: { clocks: Clock[]; comesDown: string | null } | null;
    stay: { go: boolean | null; words: string; tankH: number | null } | null;
    /** Who would go into which box; null: nobody has listed what lives there. */
    go: {
        boxes: { animals: string[]; stillH: number | null; airedH: number | null }[];
        boxL: number;
        liftKg: number;
        unboxed: string[];
        catchH: number;
        holdH: number | null;
        readEveryMin: number;
        return: string;
    } | null;
    asked: Record<'restore' | 'boxes' | 'catch' | 'next', number | null>;
    rewarm: {
        hours: number | null;
        onMinPerH: number;
        neededW: number;
        heaterW: number;
        mostKh: number;
        overshoots: boolean;
    } | null;
    /** What one hour’s change with cooler matched water takes. */
    cooling: { litres: number; dropK: number; freshC: number }[];
    askedAt: string;
    needs: string | null;
    chain: { name: string; phone: string | null; what: string }[];
    /** Of the company, the nearest first. */
    near: { name: string; phone: string | null; from: string; minutes: number }[];
    nextCall: { who: string; at: string } | null;
    spares: { part: string; place: string; count: number; minutes: number | null }[];
    log: {
        id: number;
        said: string;
        of: string | null;
        means: string | null;
        value: number | null;
        words: string | null;
        at: string;
        by: string | null;
    }[];
    openBefore: string[];
    sameAge: { id: number; name: string; system: string; systemId: number }[];
}>();
const { shell } = useShell();
const units = useUnits();
const outbox = useOutbox(ofIncident(props.incident.id), shell.value.userId ?? 0, () => {
    if (navigator.onLine) router.reload();
});
const now = ref(Date.now());
let ticking = 0;
onMounted(() => (ticking = window.setInterval(() => (now.value = Date.now()), 1_000)));
onBeforeUnmount(() => window.clearInterval(ticking));
const isOpen = computed(() => props.incident.closedAt === null);
/** Hours since the office worked the clocks out: they go on running without signal. */
const passedH = computed(() => (isOpen.value ? (now.value - new Date(props.askedAt).getTime()) / 3_600_000 : 0));
const left = (c: Clock) => (c.leftH === null ? null : Math.max(0, c.leftH - passedH.value));
const typed = computed(() => typedReadings(outbox.beyond.value));
const breakerMs = computed(() => (props.ifBreaker ? breakerOutMs(outbox.beyond.value) : null));
/** The office's clocks, put right by what was read and done here since: with or without signal. */
const running = computed(() => {
    const hours = (c: Clock, beganMs?: number) =>
        c.course && (typed.value.length || beganMs !== undefined)
            ? leftBy(c.course, typed.value, now.value, beganMs ?? c.course.beganMs)
            : { leftH: left(c), fittedH: c.fittedH };
    const since = breakerMs.value;
    const begun = since === null ? [] : (props.ifBreaker?.clocks ?? []);
    return [
        ...props.clocks.map((c) => ({ ...c, ...hours(c) })),
        ...begun.map((c) => {
            const goneH = (now.value - (since ?? now.value)) / 3_600_000;
            const own = c.course ? hours(c, since ?? undefined) : null;
            return { ...c, ...(own ?? { leftH: c.leftH === null ? null : Math.max(0, c.leftH - goneH) }) };
        }),
    ].sort((a, b) => (a.leftH ?? Infinity) - (b.leftH ?? Infinity));
});
const down = computed(
    () => props.comesDown ?? (breakerMs.value === null ? null : (props.ifBreaker?.comesDown ?? null)),
);
function clock(h: number | null) {
    if (h === null) return 'no end in sight';
    if (h <= 0) return 'passed';
    const minutes = Math.floor(h * 60);
    return minutes >= 60 ? `${Math.floor(minutes / 60)} h ${minutes % 60} min` : `${minutes} min`;
}
const said = (kind: string) =>
    outbox.beyond.value.filter((e) => e.kind === kind).map((e) => String((e.payload as { of?: string }).of ?? ''));
const done = computed(() => [...props.incident.done, ...said('did')]);
const did = (code: string) => outbox.keep('did', { of: code });
const looked = computed(() => said('look').at(-1) ?? null);
const temperature = ref('');
const wrong = ref('');
function read() {
    const value = units.parse(temperature.value, 'degC');
    wrong.value = value === null ? 'A temperature, please.' : '';
    if (value === null) return;
    void outbox.keep('reading', { of: 'temperature', value });
    temperature.value = '';
}
const words = ref('');
function note(kind: 'note' | 'danger' | 'called', text: string) {
    void outbox.keep(kind, { words: text });
    words.value = '';
}
const QUESTIONS = {
    restore: 'Right again after, h',
    boxes: 'The boxes hold, h',
    catch: 'Caught and boxed after, h',
    next: 'Moved on after, h',
} as const;
const numbers = ref(
    Object.fromEntries(Object.entries(props.asked).map(([k, v]) => [k, v === null ? '' : String(v)])) as Record<
        keyof typeof QUESTIONS,
        string
    >,
);
/** Where nobody types anything, this is counted on. */
const workedOut = computed<Partial<Record<keyof typeof QUESTIONS, string>>>(() =>
    props.go === null || props.go.unboxed.length
        ? {}
        : { boxes: props.go.holdH?.toFixed(1), catch: props.go.catchH.toFixed(1) },
);
const decide = () =>
    router.get(
        `/incidents/${props.incident.id}`,
        Object.fromEntries(Object.entries(numbers.value).filter(([, v]) => v !== '')),
        { preserveScroll: true, preserveState: true },
    );
const review = useForm({
    worked: '',
    add: '',
    noticed: '',
    losses: '',
    failed_item_id: null as number | null,
    restocked: false,
});
const close = () => review.post(`/incidents/${props.incident.id}/close`, { preserveScroll: true });
const SAID: Record<string, string> = { did: 'did something', called: 'rang', danger: 'Danger', reading: 'read' };
</script>

<template>
    <Head :title="`${incident.label}: ${system.name}`" />
    <div class="page moveday incident" :class="{ danger: incident.isDanger }">
        <div class="head">
            <h1>{{ incident.label }}</h1>
            <p class="sub">
                <Link :href="`/systems/${system.id}/risk`">{{ system.name }}</Link>, {{ system.where }} · began
                {{ when(incident.beganAt) }} · {{ incident.stateLabel }}
            </p>
        </div>
        <p v-if="!outbox.signal.value" class="standing">
            <b>No signal.</b> What you say stands on this phone and goes later; the clock goes on.
        </p>
        <p v-if="outbox.waiting.value.length" class="quiet" role="status">
            {{ outbox.waiting.value.length }} not sent yet
        </p>
        <p v-if="outbox.blocked.value" class="wrong" role="alert">{{ outbox.blocked.value }} Stay on this page.</p>
        <p v-for="h in outbox.heard.value" :key="h.uuid" class="wrong" role="alert">{{ h.words }}</p>
        <ul v-if="running.length && isOpen" class="bigclocks" aria-label="Hours left">
            <li v-for="c in running" :key="`${c.by} ${c.breaker}`" :class="{ short: (c.leftH ?? 99) < 2 }">
                <b>{{ clock(c.leftH) }}</b> until {{ c.by }} {{ c.limit }}
                <small v-if="c.breaker">since the breaker is off</small
                ><small v-if="c.fittedH !== null">by your readings</small
                ><small v-if="c.needs.length">the soonest it can be: nobody has said {{ c.needs[0] }}</small>
            </li>
        </ul>
        <p v-else-if="needs && isOpen" class="standing"><b>No clock:</b> still to say: {{ needs }}.</p>
        <p v-if="down && isOpen" class="standing">{{ down }}</p>
        <template v-if="isOpen">
            <ActionList title="Do these three, in this order" :actions="actions" :done="done" @did="did" />
            <p class="standing"><b>Stays on.</b> {{ staysOn }}</p>
            <ul class="never" aria-label="Never">
                <li v-for="n in never" :key="n">{{ n }}</li>
            </ul>
            <ActionList title="Then" :actions="then" :done="done" :from="actions.length + 1" @did="did" />
            <div class="filter">
                <button type="button" class="outline" @click="outbox.keep('look', { of: 'wet' })">
                    Water at electrics{{ looked === 'wet' || (looked === null && incident.wet) ? ' ✓' : '' }}
                </button>
                <button type="button" class="outline" @click="outbox.keep('look', { of: 'dry' })">
                    All dry{{ looked === 'dry' || (looked === null && incident.wet === false) ? ' ✓' : '' }}
                </button>
                <template v-if="['flood', 'drain-blocked', 'leak'].includes(incident.kind)">
                    <button type="button" class="outline" @click="outbox.keep('look', { of: 'display' })">
                        over the display{{ incident.spilling === 'display' ? ' ✓' : '' }}
                    </button>
                    <button type="button" class="outline" @click="outbox.keep('look', { of: 'sump' })">
                        over the sump{{ incident.spilling === 'sump' ? ' ✓' : '' }}
                    </button>
                </template>
                <button type="button" class="outline danger" @click="note('danger', 'somebody is in danger')">
                    Somebody is in danger
                </button>
            </div>
            <form class="boxread" @submit.prevent="read">
                <label for="in-t">The water’s temperature</label>
                <input
                    id="in-t"
                    v-model="temperature"
                    class="cell num"
                    type="text"
                    inputmode="decimal"
                    :placeholder="units.label('degC')"
                />
                <button class="outline">Keep</button>
                <p v-if="wrong" class="wrong" role="alert">{{ wrong }}</p>
            </form>
            <p v-if="rewarm" class="standing">
                <b>Back to warmth.</b>{{ ' ' }}
                <template v-if="rewarm.hours === null"
                    >Its heaters, {{ rewarm.heaterW }} W, never get it there: {{ Math.ceil(rewarm.neededW) }} W would
                    hold the pace.</template
                ><template v-else
                    >{{ rewarm.hours.toFixed(1) }} h at no more than {{ units.show(rewarm.mostKh, 'K') }} an hour; its
                    heaters may be on {{ Math.round(rewarm.onMinPerH) }} minutes of each hour at first.</template
                >
                <template v-if="rewarm.overshoots"> Switch off half a degree early: they run past.</template>
            </p>
            <p v-if="cooling.length" class="standing">
                <b>A change cools too.</b>
                This hour, with water that is cooler and else the same:
                <template v-for="(c, i) in cooling" :key="c.freshC"
                    >{{ i ? ', or ' : '' }}{{ units.show(c.litres, 'L') }} of
                    {{ units.show(c.freshC, 'degC') }}</template
                >
                brings {{ units.show(cooling[0].dropK, 'K') }}. No more in one hour; read again before the next.
            </p>
            <details class="staygo">
                <summary>Do they stay, or go into boxes?</summary>
                <form class="hoursasked" @submit.prevent="decide">
                    <div v-for="(label, key) in QUESTIONS" :key="key">
                        <label :for="`sg-${key}`">{{ label }}</label>
                        <input
                            :id="`sg-${key}`"
                            v-model="numbers[key]"
                            class="cell num"
                            type="number"
                            min="0"
                            max="240"
                            step="0.25"
                            :placeholder="workedOut[key]"
                        />
                    </div>
                    <button class="outline">Decide by numbers</button>
                </form>
                <WhoGoes :go="go" :system-id="system.id" />
            </details>
            <p v-if="stay" class="standing">
                <b>{{ stay.go === null ? 'Open.' : stay.go ? 'Go.' : 'Stay.' }}</b> {{ stay.words }}
            </p>
            <h2>Ring</h2>
            <p v-if="nextCall" class="standing">
                <b>Next the alarm calls {{ nextCall.who }}</b
                >, {{ when(nextCall.at) }}, unless somebody answers it.
            </p>
            <ol class="list ringing">
                <li v-for="p in chain" :key="`${p.name}${p.what}`">
                    <a v-if="p.phone" :href="`tel:${p.phone.replace(/\s/g, '')}`">{{ p.phone }}</a><i v-else
                        >no number</i
                    >
                    <b>{{ p.name }}</b>, {{ p.what }}
                    <button type="button" class="linkish" @click="note('called', p.name)">rang</button>
                </li>
            </ol>
            <template v-if="near.length">
                <h2>Who is near</h2>
                <ul class="list ringing">
                    <li v-for="p in near" :key="p.name">
                        <a v-if="p.phone" :href="`tel:${p.phone.replace(/\s/g, '')}`">{{ p.phone }}</a><i v-else
                            >no number</i
                        >
                        <b>{{ p.name }}</b>, {{ p.minutes ? `${Math.round(p.minutes)} min, ` : '' }}{{ p.from }}
                    </li>
                </ul>
            </template>
            <template v-if="spares.length">
                <h2>What is near</h2>
                <ul class="list">
                    <li v-for="s in spares" :key="`${s.part}${s.place}`">
                        <b>{{ s.part }}</b> {{ s.count }}, {{ s.place
                        }}{{ s.minutes === null ? '' : s.minutes === 0 ? ', here' : `, ${Math.round(s.minutes)} min` }}
                    </li>
                </ul>
            </template>
            <h2>How far it is</h2>
            <div class="filter">
                <button
                    v-for="n in next"
                    :key="n.state"
                    type="button"
                    class="outline"
                    @click="outbox.keep('state', { of: n.state })"
                >
                    {{ n.label }}
                </button>
            </div>
            <form class="boxread" @submit.prevent="note('note', words.trim())">
                <label for="in-n">What you see, in words</label>
                <input id="in-n" v-model="words" class="cell" type="text" maxlength="300" />
                <button class="outline" :disabled="!words.trim()">Keep</button>
            </form>
            <EmergencySheet :site-id="system.siteId" />
        </template>
        <template v-if="incident.mayClose && isOpen && !['reported', 'confirmed'].includes(incident.state)">
            <h2>Close it</h2>
            <p v-if="openBefore.length" class="standing"><b>Not yet:</b> {{ openBefore.join('; ') }}.</p>
            <form class="form typing" @submit.prevent="close">
                <div>
                    <label for="cl-w">Which protection worked</label
                    ><textarea id="cl-w" v-model="review.worked" rows="2" maxlength="1000"></textarea
                    ><FieldError :words="review.errors.worked" />
                </div>
                <div>
                    <label for="cl-a">What to add</label
                    ><textarea id="cl-a" v-model="review.add" rows="2" maxlength="1000"></textarea
                    ><FieldError :words="review.errors.add" />
                </div>
                <div>
                    <label for="cl-n">How it was noticed</label
                    ><input id="cl-n" v-model="review.noticed" type="text" maxlength="300" />
                </div>
                <div>
                    <label for="cl-l">What was lost</label
                    ><input id="cl-l" v-model="review.losses" type="text" maxlength="300" />
                </div>
                <div>
                    <label for="cl-f">What failed</label
                    ><select id="cl-f" v-model="review.failed_item_id">
                        <option :value="null">no device</option>
                        <option v-for="i in system.items" :key="i.id" :value="i.id">{{ i.name }}</option>
                    </select>
                </div>
                <div class="check">
                    <label
                        ><input v-model="review.restocked" type="checkbox" /> what was used is back in its place</label
                    >
                </div>
                <div><button class="btn-go" :disabled="review.processing">Close it</button></div>
            </form>
        </template>
        <template v-if="incident.review">
            <h2>What it taught</h2>
            <p><b>Worked:</b> {{ incident.review.worked }} <b>To add:</b> {{ incident.review.add }}</p>
            <p v-if="incident.review.noticed || incident.review.losses">
                <b>Noticed by:</b> {{ incident.review.noticed ?? 'nobody wrote it down' }} · <b>Lost:</b>
                {{ incident.review.losses ?? 'nothing written down' }}
            </p>
            <p v-if="sameAge.length">
                <b>Who else has this at this age:</b>{{ ' ' }}
                <template v-for="(s, n) in sameAge" :key="s.id"
                    >{{ n ? ', ' : '' }}<Link :href="`/systems/${s.systemId}/register`">{{ s.system }}</Link></template
                >
            </p>
        </template>
        <h2>What was said</h2>
        <ol class="list log">
            <li v-for="e in log" :key="e.id">
                <small>{{ when(e.at) }}, {{ e.by }}</small>
                {{ e.means ?? SAID[e.said] ?? '' }}
                <template v-if="e.said === 'reading' && e.value !== null"
                    >{{ e.of }} {{ e.of === 'temperature' ? units.show(e.value, 'degC') : e.value }}</template
                >
                {{ e.words }}
            </li>
            <li>
                <small>{{ when(incident.beganAt) }}, {{ incident.by }}</small> began
            </li>
        </ol>
    </div>
</template>
