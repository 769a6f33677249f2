<script setup lang="ts">
import { Head, Link, router } from '@inertiajs/vue3';
import { computed, nextTick, onMounted, onUnmounted, ref, watch } from 'vue';
import EmergencySheet from '../emergency/EmergencySheet.vue';
import { clock, deviceZone } from '../shared/days';
import type { ParameterView, RunningView, VisitSystemView, VisitTaskView, VisitView } from '../generated';
import { useShell } from '../shared/page';
import { send } from '../shared/send';
import { date, when, whenDay } from '../shared/units';
import AddSheet from './AddSheet.vue';
import { lookUp } from './ammonia';
import { useClocks } from './clocks';
import LeaveSheet from './LeaveSheet.vue';
import LitresSheet from './LitresSheet.vue';
import { useOutbox } from './outbox';
import ReadingPad from './ReadingPad.vue';
import SkipSheet from './SkipSheet.vue';
import VisitJob from './VisitJob.vue';
import type { Entry } from './phoneStore';
import { jobRef, openHolds, stillOff, withEntries } from './visitState';

const props = defineProps<{
    visit: VisitView;
    systems: VisitSystemView[];
    signs: Record<string, string>;
    ticks: Record<string, string>;
    people: Record<string, string>;
    photos: number;
    controllers: { id: number; name: string }[];
    running: RunningView[];
    van?: { id: number; name: string; count: number }[];
}>();
const { shell } = useShell();
let again = 0;
const box = useOutbox(props.visit.id, shell.value.userId ?? 0, () => {
    // Others may work here too: read the page anew when it is quiet.
    window.clearTimeout(again);
    again = window.setTimeout(() => {
        const before = [...box.taken.value];
        if (box.signal.value)
            router.reload({ only: ['visit', 'systems', 'photos'], onSuccess: () => box.readAnew(before) });
    }, 1500);
});
/** Those the page was read with, and those the office took since. */
const photoCount = computed(() => props.photos + box.taken.value.filter((e) => e.photo).length);
const clocks = useClocks(props.visit.id);
const unsent = computed(() => new Set(box.waiting.value.map((e) => e.uuid)));
const systems = computed(() => withEntries(props.systems, box.beyond.value, unsent.value, box.doubted.value));
const offs = computed(() => stillOff(systems.value));
const at = ref(props.systems[0]?.id ?? 0);
const system = computed(() => systems.value.find((s) => s.id === at.value) ?? systems.value[0]);
const all = computed(() => systems.value.flatMap((s) => s.tasks));
const undone = computed(() => all.value.filter((t) => t.state === 'open'));
const chosen = ref<number | string | null>(null);
const now = computed(
    () =>
        system.value?.tasks.find((t) => jobRef(t) === chosen.value) ??
        system.value?.tasks.find((t) => t.state === 'open') ??
        null,
);
const isNow = (t: VisitTaskView) => now.value !== null && jobRef(t) === jobRef(now.value);
const next = computed(
    () =>
        undone.value.find((t) => !isNow(t) && t.systemId === system.value?.id) ??
        undone.value.find((t) => !isNow(t)) ??
        null,
);
const closed = computed(() => props.visit.state === 'closed' || box.taken.value.some((e) => e.kind === 'close'));
const closing = computed(() => box.waiting.value.some((e) => e.kind === 'close'));
const leaving = ref(false);
const skipping = ref(false);
const adding = ref<string | null>(null);
const pad = ref<ParameterView | null>(null);
const begun = computed(() => props.visit.openedAt !== null || box.beyond.value.length > 0);
const codes = ref<Record<string, string>>({});
const openOff = ref(false);

/** The office doubts a reading: it is asked in the pad, and stays until there is a word on it. */
const asked = computed(() => box.doubted.value[0] ?? null);
const parameterOf = (entry: Entry): ParameterView | null => {
    const of = systems.value.find((s) => s.id === entry.payload.systemId);
    return (
        [...(of?.readings ?? []), ...(of?.others ?? [])].find((r) => r.parameter === entry.payload.parameter) ?? null
    );
};
const askedOf = computed(() => (asked.value ? parameterOf(asked.value) : null));
const isAsked = computed(
    () => asked.value !== null && askedOf.value !== null && askedOf.value.parameter === pad.value?.parameter,
);
const firstTyped = computed(() => (asked.value ? `${asked.value.payload.value} ${asked.value.payload.unit}` : null));
watch(asked, (entry, before) => {
    if (entry && entry.uuid !== before?.uuid && !adding.value && !skipping.value && !leaving.value) askNow(entry);
});
function askNow(entry: Entry) {
    at.value = Number(entry.payload.systemId);
    pad.value = parameterOf(entry);
}
function sure() {
    if (asked.value) void box.answerDoubt(asked.value, { ...asked.value.payload, sure: true });
    pad.value = null;
}
function dropDoubt() {
    if (asked.value) void box.answerDoubt(asked.value, null);
    pad.value = null;
}
/** The photo goes as any photo; that it was taken goes with the words, which are sent first. */
async function pictureBefore(task: VisitTaskView, file: File) {
    const photo = await box.keep('photo', { caption: `${task.name}, before`, systemId: task.systemId }, file);
    await box.keep('before', { taskId: jobRef(task), photo });
}
/** A photo whose visit moved goes on the system’s own record, where the planner finds it. */
async function toRecord(entry: Entry) {
    const form = new FormData();
    form.append('kind', 'photo');
    form.append('caption', `From the visit of ${date(props.visit.date)}: ${String(entry.payload.caption ?? '')}`);
    form.append('file', entry.photo as Blob, 'photo.jpg');
    const systemId = Number(entry.payload.systemId ?? props.systems[0]?.id);
    const { status } = await send(`/systems/${systemId}/attachments`, form);
    if (status < 400) await box.drop([entry]);
}
const refused = computed(() => box.heard.value.filter((h) => h.outcome === 'refused' && h.entry.kind !== 'close'));
const against = computed(
    () => box.heard.value.find((h) => h.outcome === 'refused' && h.entry.kind === 'close')?.words ?? null,
);
const spoken = computed(() =>
    box.heard.value.filter((h) => h.outcome === 'ok' && h.entry.kind === 'reading').slice(0, 2),
);
/** Looked up in the tables of the page: it holds without signal, until the office has answered. */
const ammonia = computed(() =>
    system.value?.ammonia &&
    box.waiting.value.some(
        (e) => e.kind === 'reading' && e.payload.systemId === system.value?.id && e.payload.parameter === 'ammonia',
    )
        ? lookUp(system.value.ammonia, [...box.taken.value, ...box.waiting.value], system.value.id)
        : null,
);
const elsewhere = ref(false);

function read(value: number, unit: string, method: string) {
    const reading = { systemId: system.value.id, parameter: pad.value?.parameter, value, unit, method };
    if (isAsked.value && asked.value)
        void box.answerDoubt(asked.value, value === asked.value.payload.value ? { ...reading, sure: true } : reading);
    else void box.keep('reading', reading);
    pad.value = null;
}
const measuring = ref<VisitTaskView | null>(null);
const held = ref<string[]>([]);
function finish(task: VisitTaskView) {
    held.value = openHolds(task);
    if (held.value.length) return;
    if (task.litres !== null && (task.outL === null || task.inL === null)) {
        measuring.value = task;
        return;
    }
    void box.keep('done', { taskId: jobRef(task) });
    goOn();
}
function finishWith(outL: number, inL: number) {
    if (measuring.value) void box.keep('done', { taskId: jobRef(measuring.value), outL, inL });
    measuring.value = null;
    goOn();
}
function goOn() {
    const to = next.value;
    chosen.value = to ? jobRef(to) : null;
    held.value = [];
    if (to) at.value = to.systemId;
    void nextTick(() => document.querySelector('.jobs li.now')?.scrollIntoView({ block: 'start' }));
}
function skip(reason: string, againOn: string) {
    if (now.value) void box.keep('skip', { taskId: jobRef(now.value), reason, againOn });
    skipping.value = false;
    goOn();
}
async function look(id: string) {
    try {
        const { status, body } = await send<{ code: string }>(`/codes/${id}/reveal`, {});
        codes.value[id] = status === 200 && body ? body.code : 'not shown: try again in a minute';
    } catch {
        codes.value[id] = 'no signal: ring the office';
    }
}
const offNet = router.on('networkError', (event) => {
    event.preventDefault();
    box.signal.value = false;
});
const offHttp = router.on('httpException', (event) => {
    event.preventDefault();
    box.signedOut.value ||= event.detail.response.status === 401;
});
onMounted(() => document.body.classList.add('atvisit'));
onUnmounted(() => {
    document.body.classList.remove('atvisit');
    offNet();
    offHttp();
    window.clearTimeout(again);
});
</script>

<template>
    <Head :title="visit.place" />
    <div class="visit">
        <header class="visithead">
            <div>
                <Link href="/" class="backlink" aria-label="Back to today">‹</Link>
                <h1>{{ visit.place }}</h1>
                <p>
                    {{ visit.client }} · {{ date(visit.date) }}{{ visit.at ? `, ${visit.at}` : '' }} ·
                    {{ all.length - undone.length }} of {{ all.length }} done
                </p>
            </div>
            <p class="signal" role="status">
                <template v-if="box.signedOut.value"><a :href="`/visits/${visit.id}`">sign in again</a></template
                ><template v-else>{{
                    !box.signal.value
                        ? 'no signal'
                        : box.blocked.value
                          ? 'keeps nothing'
                          : !box.looked.value
                            ? 'looking'
                            : box.waiting.value.length || box.keeping.value
                              ? 'sending'
                              : 'all sent'
                }}</template
                ><b v-if="box.waiting.value.length - box.unsafe.value.length > 0"
                    >{{ box.waiting.value.length - box.unsafe.value.length }} kept here</b
                >
            </p>
        </header>
        <section v-if="offs.length" class="offline" aria-label="Switched off">
            <button type="button" class="offsum" :aria-expanded="openOff" @click="openOff = !openOff">
                <b>Off: {{ offs.length }}</b> {{ offs.map((o) => o.what.toLowerCase()).join(' · ')
                }}<span>since {{ clock(offs[0].at, deviceZone()) }}</span>
            </button>
            <ul v-if="openOff">
                <li v-for="o in offs" :key="o.uuid">
                    <b>{{ o.what }}</b> <small>{{ systems.find((s) => s.id === o.systemId)?.name }}, {{ o.by }}</small
                    ><button
                        type="button"
                        class="outline"
                        @click="box.keep('on', { off: o.uuid, systemId: o.systemId, what: o.what })"
                    >
                        On again
                    </button>
                </li>
            </ul>
        </section>
        <ul v-if="clocks.clocks.value.length || running.length" class="clockline" aria-label="Clocks">
            <li v-for="c in clocks.clocks.value" :key="c.id" :class="{ over: clocks.left(c).over }">
                <b>{{ c.label }}</b> {{ clocks.left(c).words }}
                <button
                    type="button"
                    class="plain"
                    :aria-label="`Stop the clock for ${c.label}`"
                    @click="clocks.stop(c.id)"
                >
                    ✕
                </button>
            </li>
            <li
                v-for="r in running"
                :key="r.label"
                :class="{ over: clocks.left({ id: r.label, label: r.label, until: Date.parse(r.untilAt) }).over }"
            >
                <b>{{ r.label }}</b> {{ clocks.until(r.untilAt) }}
            </li>
        </ul>
        <div v-if="box.blocked.value" class="bar bad" role="alert">
            <b>This phone cannot keep what you type.</b> {{ box.blocked.value }}
            <template v-if="box.unsafe.value.length"
                >{{ box.unsafe.value.length === 1 ? 'One entry stands' : `${box.unsafe.value.length} entries stand` }}
                on this screen alone: stay here until they are sent.
                <ul>
                    <li v-for="e in box.unsafe.value" :key="e.uuid">
                        {{
                            [
                                e.payload.text,
                                e.payload.what,
                                e.payload.name,
                                e.payload.parameter,
                                e.payload.value,
                                e.payload.unit,
                                e.payload.caption,
                            ]
                                .filter((v) => v !== undefined && v !== '')
                                .join(' ') || e.kind
                        }}
                    </li>
                </ul>
                <button type="button" class="outline" @click="box.keepAgain()">Try to keep them again</button></template
            ><template v-else>Make room on it, or work where there is a signal.</template>
        </div>
        <p v-if="box.skewS.value" class="bar" role="status">
            This phone’s clock is {{ Math.round(Math.abs(box.skewS.value) / 60) }} min
            {{ box.skewS.value < 0 ? 'fast' : 'slow' }}. The hours you type are set right.
        </p>
        <div v-for="h in box.homeless.value" :key="h.uuid" class="bar asked" role="alert">
            A photo{{ h.payload.caption ? ` (${h.payload.caption})` : '' }} could not go: {{ h.moved?.words }} It is
            still on this phone.
            <button
                v-for="o in h.moved?.others ?? []"
                :key="o.id"
                type="button"
                class="outline"
                @click="box.rehome(h, o.id)"
            >
                To {{ o.label }}
            </button>
            <button type="button" class="outline" @click="toRecord(h)">To the system’s papers, for the planner</button>
        </div>
        <p v-if="box.refusedAll.value" class="bar bad" role="alert">{{ box.refusedAll.value }}</p>
        <p v-if="box.signedOut.value" class="bar bad" role="alert">
            Your sign-in ran out. Nothing is lost: {{ box.waiting.value.length }} entries wait on this phone.
            <a :href="`/visits/${visit.id}`">Sign in again</a> and they go.
        </p>
        <p v-for="r in refused" :key="r.uuid" class="bar bad" role="alert">
            {{ r.words }}
            <button type="button" class="plain" aria-label="Put this message away" @click="box.forget(r.uuid)">
                ✕
            </button>
        </p>
        <p v-for="d in box.doubted.value" :key="d.uuid" class="bar asked" role="alert">
            {{ parameterOf(d)?.label }} {{ d.payload.value }} {{ d.payload.unit }}: {{ d.asked }}
            <button type="button" class="outline" @click="askNow(d)">Answer it</button>
        </p>
        <p v-if="held.length && now" class="bar bad" role="alert">Not yet. Tick first: {{ held.join('; ') }}.</p>
        <p v-for="s in spoken" :key="s.uuid" class="bar" role="status">
            {{ s.words }}
            <button type="button" class="plain" aria-label="Put this message away" @click="box.forget(s.uuid)">
                ✕
            </button>
        </p>
        <div v-if="closed" class="bar done">
            <b>Closed.</b>{{ ' ' }}
            <Link v-if="visit.reportId" :href="`/reports/${visit.reportId}`">Read the drafted report</Link
            ><span v-else>The report is drafted.</span>
            <p v-if="visit.next" class="nextstop">
                Next:
                <Link :href="`/visits/${visit.next.id}`"
                    ><b>{{ visit.next.place }}</b></Link
                >
                at {{ visit.next.at }}, leave by {{ visit.next.leaveBy }}.<template v-if="visit.next.along.length">
                    Take along: {{ visit.next.along.join(', ') }}.</template
                >{{ ' ' }}
                <a v-if="visit.next.lat !== null" :href="`geo:${visit.next.lat},${visit.next.lon}`">{{
                    visit.next.address ?? 'on the map'
                }}</a>
            </p>
            <p v-else>That was the last one of the day. <Link href="/">Back to today</Link></p>
        </div>
        <section v-if="visit.late.length" class="since" aria-label="Came later">
            <p><b>Came after it was closed:</b></p>
            <p v-for="l in visit.late" :key="l.id">
                <small>{{ when(l.at) }}, {{ l.by }}</small> {{ l.what }}
            </p>
        </section>

        <section v-if="!begun && !closed" class="arrive">
            <p v-if="visit.away">
                <b>{{ visit.away }}.</b>
            </p>
            <p v-if="visit.address">
                <a v-if="visit.lat !== null" :href="`geo:${visit.lat},${visit.lon}`"
                    ><b>{{ visit.address }}</b></a
                ><b v-else>{{ visit.address }}</b>
            </p>
            <p>
                {{
                    [
                        visit.accessNote,
                        visit.parking ? `Parking ${visit.parking}.` : null,
                        visit.pets && visit.pets !== 'none' ? `Pets: ${visit.pets}.` : null,
                    ]
                        .filter(Boolean)
                        .join(' ')
                }}
            </p>
            <EmergencySheet :site-id="visit.siteId" />
            <p v-for="(label, id) in visit.codes" :key="id">
                <output v-if="codes[id]"
                    ><b>{{ label }}: {{ codes[id] }}</b></output
                ><button v-else type="button" class="outline" @click="look(String(id))">
                    {{ label }}: look (it is recorded)
                </button>
            </p>
            <template v-if="visit.carry.length"
                ><h2>Carry in</h2>
                <ul class="carry">
                    <li v-for="c in visit.carry" :key="c">{{ c }}</li>
                </ul></template
            >
        </section>

        <nav v-if="systems.length > 1" class="systemline" aria-label="Systems here">
            <button
                v-for="s in systems"
                :key="s.id"
                type="button"
                :class="{ on: s.id === system?.id }"
                :aria-pressed="s.id === system?.id"
                @click="
                    at = s.id;
                    chosen = null;
                "
            >
                {{ s.name }}<small>{{ s.tasks.filter((t) => t.state !== 'open').length }}/{{ s.tasks.length }}</small>
            </button>
        </nav>
        <template v-if="system">
            <p v-if="system.isolated" class="bar bad">
                <b>Isolated.</b> {{ system.isolated }}. Own tools, last of the day, wash after.
            </p>
            <p
                v-if="ammonia"
                class="bar"
                :class="{ bad: ammonia.severity !== 'fine' }"
                :role="ammonia.severity === 'fine' ? 'status' : 'alert'"
            >
                {{ ammonia.words }} <small>Looked up on this phone.</small>
            </p>
            <p v-else-if="system.ammoniaStands" class="bar bad" role="alert">
                <b>{{ system.ammoniaStands.what }}.</b> {{ system.ammoniaStands.why }} {{ system.ammoniaStands.remedy }}
            </p>
            <p v-for="n in system.notes" :key="n.id" class="standnote"><b>Standing note.</b> {{ n.text }}</p>
            <section
                v-if="
                    system.locks.length ||
                    system.changes.length ||
                    system.carried.length ||
                    system.ripples.length ||
                    system.settling ||
                    system.offs.some((o) => o.staysBecause)
                "
                class="since"
                aria-label="Different since last time"
            >
                <p v-if="system.settling">
                    <b>{{ system.settling }}</b>
                </p>
                <p v-for="l in system.locks" :key="l"><b>Not yet:</b> {{ l }}</p>
                <p v-for="o in system.offs.filter((f) => f.staysBecause)" :key="o.uuid">
                    <b>{{ o.what }} is off on purpose:</b> {{ o.staysBecause
                    }}<template v-if="o.substitute">; instead {{ o.substitute }}</template
                    >. Look again {{ whenDay(o.reviewOn ?? o.at) }}.
                </p>
                <p v-for="f in system.carried" :key="f.id">
                    <b>{{ f.kind }}, {{ date(f.dueOn) }}:</b> {{ f.text }}
                </p>
                <p v-for="r in system.ripples" :key="r"><b>To confirm:</b> {{ r }}</p>
                <p v-for="c in system.changes" :key="c.id">
                    <small>{{ when(c.at) }}, {{ c.by }}</small> {{ c.text }}
                </p>
            </section>
            <ol class="jobs">
                <li v-for="(t, n) in system.tasks" :key="jobRef(t)" :class="{ now: isNow(t), did: t.state !== 'open' }">
                    <button type="button" class="jobhead" :aria-expanded="isNow(t)" @click="chosen = jobRef(t)">
                        <span class="sq" aria-hidden="true">{{
                            t.state === 'done' ? '✓' : t.state === 'skipped' ? '–' : n + 1
                        }}</span><span
                            ><b>{{ t.name }}</b
                            ><small>{{
                                [
                                    t.turn,
                                    t.litresText,
                                    t.state === 'skipped' ? `not done: ${t.note}` : t.state === 'done' ? 'done' : null,
                                ]
                                    .filter(Boolean)
                                    .join(' · ')
                            }}</small></span
                        >
                    </button>
                    <VisitJob
                        v-if="isNow(t) && !closed"
                        :task="t"
                        :system="system"
                        :heard="box.heard.value"
                        :waiting="box.waiting.value.some((e) => e.payload.taskId === jobRef(t) && e.kind === 'water')"
                        @entry="(k, p) => box.keep(k, p)"
                        @read="(p) => (pad = p)"
                        @clock="clocks.start"
                        @picture="(file: File) => pictureBefore(t, file)"
                    />
                </li>
            </ol>
            <section class="tiles all" aria-label="Readings">
                <button
                    v-for="p in system.readings"
                    :key="p.parameter"
                    type="button"
                    class="tile"
                    :class="p.standing"
                    @click="pad = p"
                >
                    <span class="k">{{ p.label }}</span><b>{{ p.latest ?? '—' }}</b
                    ><small
                        >{{ p.latestAt ? when(p.latestAt) : 'never read'
                        }}{{ p.standingWords && p.standing !== 'none' ? `, ${p.standingWords}` : '' }}</small
                    >
                </button>
            </section>
            <p class="recordlink">
                <button type="button" class="outline" :aria-expanded="elsewhere" @click="elsewhere = !elsewhere">
                    {{ elsewhere ? 'Fewer' : 'Read something else' }}
                </button>
            </p>
            <section v-if="elsewhere" class="tiles all" aria-label="Other readings">
                <button v-for="p in system.others" :key="p.parameter" type="button" class="tile" @click="pad = p">
                    <span class="k">{{ p.label }}</span><b>{{ p.latest ?? '—' }}</b
                    ><small>not followed here</small>
                </button>
            </section>
            <nav class="extras" aria-label="Write down">
                <button
                    v-for="[key, label] in [
                        ['job', 'Job'],
                        ['seen', 'Seen'],
                        ['photo', `Photo${photoCount ? ` (${photoCount})` : ''}`],
                        ['part', 'Used'],
                        ['note', 'Note'],
                        ['later', 'Later'],
                        ['missed', 'Missing'],
                        ['clock', 'Clock'],
                    ]"
                    :key="key"
                    type="button"
                    @click="adding = key"
                >
                    {{ label }}
                </button>
            </nav>
            <p class="recordlink">
                <Link :href="`/systems/${system.id}`">{{ system.name }}: the whole record</Link> ·
                <Link :href="`/systems/${system.id}/fault`">find a fault</Link>
                <template v-for="c in controllers" :key="c.id">
                    · <a :href="`/control/${c.id}/by-hand.pdf`">{{ c.name }} dead: what to do by hand</a>
                </template>
            </p>
        </template>
        <footer v-if="!closed" class="visitfoot">
            <button v-if="now && now.state === 'open'" type="button" @click="skipping = true">Not done because…</button>
            <button v-else type="button" @click="leaving = true">Leave</button>
            <button v-if="!begun" type="button" class="primary" @click="box.keep('open', {})">I am here: begin</button>
            <button v-else-if="now && now.state === 'open'" type="button" class="primary" @click="finish(now)">
                Done{{ next ? `: next ${next.name.toLowerCase()}` : '' }}
            </button>
            <button v-else-if="undone.length" type="button" class="primary" @click="goOn">
                Next: {{ undone[0].name.toLowerCase() }}
            </button>
            <button v-else type="button" class="primary" @click="leaving = true">Leave safely</button>
        </footer>
        <ReadingPad
            :parameter="pad"
            :asked="isAsked ? (asked?.asked ?? null) : null"
            :first="firstTyped"
            @kept="read"
            @sure="sure"
            @drop="dropDoubt"
            @closed="pad = null"
        />
        <LitresSheet :task="measuring" @done="finishWith" @closed="measuring = null" />
        <AddSheet
            v-if="system"
            :what="adding"
            :visit-id="visit.id"
            :system="system"
            :signs="signs"
            :people="people"
            :me="shell.userId ?? 0"
            :van="van ?? []"
            @entry="(k, p, photo) => box.keep(k, p, photo)"
            @closed="adding = null"
            @clock="clocks.start"
        />
        <SkipSheet
            :visit-id="visit.id"
            :open="skipping"
            :name="now?.name ?? ''"
            @skip="skip"
            @closed="skipping = false"
        />
        <LeaveSheet
            :visit-id="visit.id"
            :open="leaving && !closed"
            :offs="offs"
            :undone="undone"
            :lifted="systems.flatMap((s) => s.lifted.filter((l) => !l.isBack).map((l) => l.what))"
            :doubted="box.doubted.value.map((d) => `${parameterOf(d)?.label ?? ''} ${d.payload.value}`)"
            :ticks="ticks"
            :closing="closing"
            :against="against"
            @close="
                (ticked, leftNote) => {
                    if (against)
                        box.heard.value.filter((h) => h.entry.kind === 'close').forEach((h) => box.forget(h.uuid));
                    box.keep('close', { ticked, leftNote, jobs: all.map(jobRef) });
                }
            "
            @closed="leaving = false"
        />
    </div>
</template>
