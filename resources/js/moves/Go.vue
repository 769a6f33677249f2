<script setup lang="ts">
import { Link, router } from '@inertiajs/vue3';
import { computed, onBeforeUnmount, onMounted, ref } from 'vue';
import { useOutbox } from '../rounds/outbox';
import { useShell } from '../shared/page';
import PhotoOf from '../shared/PhotoOf.vue';
import SeverityMark from '../shared/SeverityMark.vue';
import { useUnits } from '../shared/units';
import BoxHeads from './BoxHeads.vue';
import { headsOf } from './boxHeads';
import { clockOf, isShort, nextOfEach, type MoveProps } from './move';
import { decision } from './decision';
import MoveTabs from './MoveTabs.vue';

/** The day in a pocket: what is next, the clocks of the boxes, readings, go or not. Works without signal. */
const props = defineProps<MoveProps>();
const { shell } = useShell();
const units = useUnits();
const outbox = useOutbox(-props.move.id, shell.value.userId ?? 0, () => reread());
const now = ref(Date.now());
let ticking = 0;
onMounted(() => (ticking = window.setInterval(() => (now.value = Date.now()), 5_000)));
onBeforeUnmount(() => window.clearInterval(ticking));
function reread() {
    const before = outbox.taken.value;
    if (navigator.onLine)
        router.reload({
            only: ['course', 'boxes', 'gates', 'findings', 'photos'],
            onSuccess: () => outbox.readAnew(before),
        });
}
/** What this phone has said and the page does not show yet. */
const said = computed(() => {
    const of = (kind: string) =>
        outbox.beyond.value.filter((e) => e.kind === kind).map((e) => String((e.payload as { of?: string }).of ?? ''));
    return { began: of('began'), done: of('done'), drop: of('drop') };
});
const steps = computed(() =>
    (props.course?.steps ?? []).map((s) => ({
        ...s,
        state: said.value.done.includes(s.id)
            ? 'done'
            : s.state === 'open' && said.value.began.includes(s.id)
              ? 'running'
              : s.state,
    })),
);
const running = computed(() => steps.value.filter((s) => s.state === 'running'));
const next = computed(() =>
    steps.value.filter((s) => s.state === 'open' && !said.value.drop.includes(s.id)).slice(0, 5),
);
const each = computed(() =>
    nextOfEach(
        steps.value.filter((s) => !said.value.drop.includes(s.id)),
        shell.value.userName,
    ),
);
const done = computed(() => steps.value.filter((s) => s.state === 'done').length);
const at = (minute: number) => clockOf(props.move.beginsMin + minute);
const nowMin = computed(() =>
    props.move.beginsAt ? (now.value - new Date(props.move.beginsAt).getTime()) / 60_000 : 0,
);
const isStarted = computed(() => done.value > 0 || running.value.length > 0);
const left = (until: number) => Math.round(until - nowMin.value);
const read = ref<Record<string, string>>({});
const wrongRead = ref('');
function reading(box: string) {
    const value = units.parse(read.value[box] ?? '', 'degC');
    wrongRead.value = value === null ? 'A temperature, please.' : '';
    if (value === null) return;
    void outbox.keep('reading', { of: box, value });
    read.value[box] = '';
}
/** Boxes as they stand by the office and by what this phone has said since. */
const counted = computed(() =>
    props.boxes.map((b) => ({ ...b, now: headsOf(b, outbox.beyond.value, props.move.drives) })),
);
const emptied = computed(() => counted.value.filter((b) => b.now?.isEmpty).map((b) => b.label));
/** A box that is counted empty has no clock any more. */
const clocks = computed(() => (props.course?.clocks ?? []).filter((c) => !emptied.value.includes(c.label)));
const hasHolding = computed(() => Number(props.written.holding?.litres ?? 0) > 0);
const isPlanB = computed(() => props.gates.some((g) => g.decided === 'plan-b'));
function sayHeads(kind: string, of: string, value: number | null) {
    void outbox.keep(kind, value === null ? { of } : { of, value });
}
const missed = ref('');
function miss() {
    void outbox.keep('note', { of: 'missed', words: missed.value.trim() });
    missed.value = '';
}
const gate = ref<string | null>(null);
const reason = ref('');
function decide(key: string, words: string) {
    void outbox.keep('gate', { of: key, words });
    gate.value = null;
    reason.value = '';
}
/** Photos stay on the phone until the office has them. */
const keepPlaces = (photo: File) =>
    outbox.keep('photo', { about: `move:${props.move.id}:places`, caption: 'where the corals stand' }, photo);
const keptHere = computed(() => outbox.waiting.value.filter((e) => e.photo).length);
const longer = (id: string) => void outbox.keep('longer', { of: id, value: 15 });
const stops = computed(() => props.findings.filter((f) => f.severity === 'stop'));
const decidedHere = computed(() =>
    outbox.beyond.value.filter((e) => e.kind === 'gate').map((e) => String((e.payload as { of?: string }).of)),
);
const decidedGates = computed(() => props.gates.filter((g) => g.decided));
const openGates = computed(() => props.gates.filter((g) => !g.decided && !decidedHere.value.includes(g.key)));
const SHOWN = 3;
const GLASS =
    'Glass: gloves, shoes, nobody beneath. ' +
    `Suction lifters only flat, dry, above ${units.show(5, 'degC')}, never the only hold.`;
const CAUTIONS: Record<string, string> = {
    corals: 'Zoanthids: wet, gloved, eyes covered; never scrubbed or steamed.',
    rock: 'Zoanthids: wet, gloved, eyes covered; never scrubbed or steamed.',
    off: 'Lines out of the water, heaters off too: they cool a quarter of an hour before they bare; pumps last. Unplug from a dry place.',
    sand: 'Snails, crabs and stars are sifted out of sand and shells, and counted into their box.',
    unplumb: 'Acid for cleaning: in the open or aired, eyes covered, acid into water; never with bleach.',
    tank: GLASS,
    set: GLASS,
    plumb: 'Standpipes are cut long and trimmed at the water’s level; joints that go under sand are written down.',
    load: 'Lift close, at waist height; on stairs two thirds.',
    unload: 'Lift close, at waist height; on stairs two thirds.',
    drive: 'No dry ice or carbon dioxide with people in the cabin.',
};
/** A later stretch of a drive has a name of its own behind the drive’s. */
const caution = (step: string) => CAUTIONS[step.replace(/:.*/, '')];
</script>

<template>
    <div class="page moveday">
        <MoveTabs :move="move" here="go" />
        <p v-if="!outbox.signal.value" class="standing">
            <b>No signal.</b> What you say stands on this phone and goes later.
        </p>
        <p v-if="outbox.waiting.value.length" class="quiet" role="status">
            {{ outbox.waiting.value.length }} not sent yet
        </p>
        <p v-else-if="outbox.looked.value && isStarted" class="quiet" role="status">all sent</p>
        <p v-if="outbox.blocked.value" class="wrong" role="alert">{{ outbox.blocked.value }} Stay on this page.</p>
        <p v-for="h in outbox.heard.value" :key="h.uuid" class="wrong" role="alert">{{ h.words }}</p>
        <p v-if="!course" class="empty">No course yet: the plan still needs {{ missing.join('; ') }}.</p>
        <template v-else>
            <ul class="bigclocks" aria-label="Clocks">
                <li v-for="e in course.ends" :key="e.label" :class="{ short: e.slackMin < 0 }">
                    <b>{{ at(e.atMin) }}</b> {{ e.label }}
                    <small>{{ e.slackMin < 0 ? `${-e.slackMin} min late` : `${e.slackMin} min in hand` }}</small>
                </li>
                <li v-for="c in clocks" :key="c.label" :class="{ short: isShort(c) }">
                    <b>{{ at(c.lastsMin) }}</b> {{ c.label }}
                    {{ c.kind === 'glue' ? 'has cured then' : 'lasts until then' }}
                    <small v-if="isStarted && c.fromMin <= nowMin">{{ left(c.lastsMin) }} min left</small>
                </li>
            </ul>
            <ul v-if="stops.length" class="stoplines" aria-label="Stops">
                <li v-for="f in stops.slice(0, SHOWN)" :key="f.key">
                    <SeverityMark severity="stop" /> <b>Stop.</b> {{ f.what }}
                </li>
                <li v-if="stops.length > SHOWN" class="quiet">
                    and {{ stops.length - SHOWN }} more: <Link :href="`/moves/${move.id}`">the day</Link>
                </li>
            </ul>
            <p class="goplaces">
                <b>Before the first hand:</b> the scape from in front and above, each coral’s place.
                <PhotoOf
                    :to="`/moves/${move.id}/photos`"
                    :about="`move:${move.id}:places`"
                    label="where the corals stand"
                    :photos="photos.filter((p) => p.of === 'places')"
                    :may-add="move.mayRecord"
                    :keep="keepPlaces"
                />
                <small v-if="keptHere" role="status"
                    >{{ keptHere }} {{ keptHere === 1 ? 'photo' : 'photos' }} on this phone, not sent yet</small
                >
            </p>
            <h2 v-if="running.length">Now</h2>
            <article v-for="s in running" :key="s.id" class="gostep running">
                <h3>{{ s.label }}</h3>
                <p>
                    {{ s.hands.join(', ') }}
                    <small class="quiet">since {{ at(s.fromMin) }}, planned until {{ at(s.untilMin) }}</small>
                </p>
                <p v-if="caution(s.id)" class="caution">{{ caution(s.id) }}</p>
                <button
                    type="button"
                    class="btn-go big"
                    :disabled="!move.mayRecord"
                    @click="outbox.keep('done', { of: s.id })"
                >
                    Done
                </button>
                <button type="button" class="outline" :disabled="!move.mayRecord" @click="longer(s.id)">
                    15 min more
                </button>
            </article>
            <h2>Next</h2>
            <ul v-if="each.length" class="eachnext" aria-label="Each one’s next">
                <li v-for="one in each" :key="one.name" :class="{ mine: one.name === shell.userName }">
                    <b>{{ one.name === shell.userName ? 'You' : one.name }}</b>
                    <span>
                        <template v-if="one.now">now {{ one.now.label }}{{ one.next ? '; ' : '' }}</template>
                        <template v-if="one.next">{{ at(one.next.fromMin) }} {{ one.next.label }}</template>
                    </span>
                </li>
            </ul>
            <article v-for="s in next" :key="s.id" class="gostep">
                <h3>{{ at(s.fromMin) }} {{ s.label }}</h3>
                <p>{{ s.hands.join(', ') || 'it waits by itself' }}</p>
                <p v-if="caution(s.id)" class="caution">{{ caution(s.id) }}</p>
                <button
                    type="button"
                    class="outline"
                    :disabled="!move.mayRecord"
                    @click="outbox.keep('began', { of: s.id })"
                >
                    Begin
                </button>
                <button
                    v-if="s.mayDrop"
                    type="button"
                    class="linkish"
                    :disabled="!move.mayRecord"
                    @click="outbox.keep('drop', { of: s.id })"
                >
                    leave it for another day
                </button>
            </article>
            <p v-if="!next.length && !running.length" class="standing">
                Everything is done. Count the tools, and close it in the plan.
            </p>
            <p class="quiet">{{ done }} of {{ steps.length }} done</p>
            <h2>Boxes</h2>
            <p class="quiet">Read with a thermometer; a gun is off by two degrees.</p>
            <p v-if="wrongRead" class="wrong" role="alert">{{ wrongRead }}</p>
            <article v-for="b in counted" :key="b.id" class="gobox">
                <form class="boxread" @submit.prevent="reading(b.id)">
                    <label :for="`r-${b.id}`"
                        >{{ b.label }} <small class="quiet">{{ b.animals.join(', ') }}</small></label
                    >
                    <span v-if="b.readC !== null">{{ units.show(b.readC, 'degC') }}</span>
                    <input
                        :id="`r-${b.id}`"
                        v-model="read[b.id]"
                        class="cell num"
                        type="text"
                        inputmode="decimal"
                        :placeholder="units.label('degC')"
                    />
                    <button class="outline" :disabled="!move.mayRecord">Keep</button>
                </form>
                <BoxHeads
                    v-if="b.now"
                    :id="b.id"
                    :label="b.label"
                    :heads="b.now"
                    :may-record="move.mayRecord"
                    :has-holding="hasHolding"
                    :is-holding-first="isPlanB"
                    @say="sayHeads"
                />
            </article>
            <h2>Missed something?</h2>
            <form class="boxread" @submit.prevent="miss">
                <label for="missed">What was not there: it stands on the next list</label>
                <input id="missed" v-model="missed" class="cell" type="text" maxlength="120" />
                <button class="outline" :disabled="!move.mayRecord || !missed.trim()">Keep</button>
            </form>
            <h2>Go or not</h2>
            <article v-for="g in openGates" :key="g.key" class="gostep">
                <h3>{{ g.label }}</h3>
                <ul>
                    <li v-for="a in g.asked" :key="a.key">{{ a.isSo ? '✓' : '·' }} {{ a.label }}</li>
                    <li v-for="w in g.against" :key="w" class="wrong">{{ w }}</li>
                </ul>
                <template v-if="gate !== g.key"
                    ><button type="button" class="outline" :disabled="!move.mayRecord" @click="gate = g.key">
                        Decide
                    </button></template
                >
                <form v-else @submit.prevent="decide(g.key, g.isOpen ? 'yes' : `reason: ${reason}`)">
                    <label v-if="!g.isOpen" :for="`g-${g.key}`">Why it goes on all the same</label>
                    <input
                        v-if="!g.isOpen"
                        :id="`g-${g.key}`"
                        v-model="reason"
                        class="cell"
                        type="text"
                        maxlength="280"
                        required
                    />
                    <button class="btn-go">Go on</button>
                    <button type="button" class="outline" @click="decide(g.key, 'plan-b')">
                        Plan B: into the holding
                    </button>
                </form>
            </article>
            <p v-if="!openGates.length" class="quiet">Every gate is decided.</p>
            <ul v-if="decidedGates.length" class="list" aria-label="Decided">
                <li v-for="g in decidedGates" :key="g.key">
                    {{ g.label }}: <b>{{ decision(g) }}</b>
                </li>
            </ul>
        </template>
    </div>
</template>
