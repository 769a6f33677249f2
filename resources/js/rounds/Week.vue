<script setup lang="ts">
import { Head, Link, router } from '@inertiajs/vue3';
import { computed, nextTick, onBeforeUnmount, ref, watch } from 'vue';
import { addDays, dayWords } from '../shared/days';
import type {
    AnnounceView,
    BoardView,
    ConsequenceView,
    CrewDayView,
    StopView,
    TellView,
    UnseatedListView,
    WeekRunView,
} from '../generated';
import FieldError from '../shared/FieldError.vue';
import { useShell } from '../shared/page';
import { useLast } from '../shared/last';
import { refusal, send } from '../shared/send';
import { date, whenDay } from '../shared/units';
import DayWater from './DayWater.vue';
import RoundsTabs from './RoundsTabs.vue';

const props = defineProps<{
    board: BoardView;
    monday: string;
    page: number;
    pages: number;
    mayPlan: boolean;
    today: string;
    run: WeekRunView | null;
    undo: string | null;
    tell: TellView[];
    /** What goes through all that is due comes once the board stands. */
    announce?: AnnounceView[];
    unseated?: UnseatedListView;
}>();
const { errors } = useShell();
const day = (iso: string) => dayWords(iso, { weekday: 'short', day: 'numeric', month: 'short' });
const shift = (days: number) => addDays(props.monday, days);
const chosen = ref<StopView | null>(null);
const crew = ref(0);
const on = ref('');
const position = ref<number | null>(null);
const would = ref<ConsequenceView | null>(null);
const wrong = ref('');
const busy = ref('');
const dragged = ref<StopView | null>(null);
const over = ref('');
const minutes = (n: number) => (n >= 60 ? `${Math.floor(n / 60)} h ${String(n % 60).padStart(2, '0')}` : `${n} min`);
const cell = computed(
    () => props.board.crews.find((c) => c.id === crew.value)?.days.find((d) => d.date === on.value) ?? null,
);
const places = computed(() => (cell.value?.stops ?? []).filter((s) => s.id !== chosen.value?.id));

async function choose(stop: StopView, toCrew?: number, toDay?: string) {
    chosen.value = stop;
    const where = props.board.crews.flatMap((c) =>
        c.days.filter((d) => d.stops.some((s) => s.id === stop.id)).map((d) => ({ c: c.id, d: d.date })),
    )[0];
    crew.value = toCrew ?? where?.c ?? props.board.crews[0]?.id ?? 0;
    on.value = toDay ?? where?.d ?? props.board.dates.find((d) => d >= props.today) ?? props.board.dates[0];
    position.value = null;
    await ask();
    await nextTick();
    document.getElementById('to-crew')?.focus();
}
let asked = 0;
async function ask() {
    wrong.value = '';
    would.value = null;
    if (!chosen.value) return;
    // Only the last question counts: an answer to an earlier choice may come after it.
    const mine = ++asked;
    try {
        const { status, body } = await send<ConsequenceView>(`/visits/${chosen.value.id}/consequence`, {
            crew_id: crew.value,
            on: on.value,
            position: position.value,
        });
        if (mine !== asked) return;
        if (status === 200 && body) would.value = body;
        else wrong.value = refusal(body);
    } catch {
        if (mine === asked) wrong.value = 'No signal: nothing was moved.';
    }
}
function act(url: string, body: Record<string, unknown> = {}, name = url) {
    busy.value = name;
    router.post(url, body as never, {
        preserveScroll: true,
        preserveState: true,
        onSuccess: () => {
            chosen.value = null;
            would.value = null;
        },
        onFinish: () => (busy.value = ''),
    });
}
function move() {
    if (chosen.value)
        act(`/visits/${chosen.value.id}/move`, { crew_id: crew.value, on: on.value, position: position.value });
}
function drop(toCrew: number, toDay: string) {
    over.value = '';
    if (dragged.value) void choose(dragged.value, toCrew, toDay);
    dragged.value = null;
}

/** A proposal is worked out beside the page: it is asked after until it has ended. */
const ASK_EVERY_MS = 700;
let asking: number | undefined;
const isOpen = computed(() => props.run?.isOpen === true);
watch(
    isOpen,
    (open) => {
        window.clearInterval(asking);
        if (open)
            asking = window.setInterval(
                () => router.reload({ only: ['board', 'run', 'undo', 'tell', 'announce', 'unseated'] }),
                ASK_EVERY_MS,
            );
    },
    { immediate: true },
);
onBeforeUnmount(() => window.clearInterval(asking));
/** When the crew is back, how much longer than their day, and how much of it is driving. */
function wayBack(day: CrewDayView): string {
    if (!day.backAt) return 'free';
    const over = day.overtimeMin > 0 ? `, ${minutes(day.overtimeMin)} over` : '';
    return `back ${day.backAt}${over} · ${minutes(day.drivingMin)} driving`;
}
const due = useLast(() => props.unseated);
const coming = useLast(() => props.announce);
const everything = computed(() => !props.board.unplanned.length && !props.board.more && due.value?.count === 0);
function close(event: KeyboardEvent) {
    if (event.key === 'Escape') chosen.value = null;
}
</script>

<template>
    <Head title="The week" />
    <div class="page board" @keydown="close">
        <div class="head">
            <h1>Rounds</h1>
            <nav class="weeknav" aria-label="Weeks">
                <Link :href="`/rounds?week=${shift(-7)}`" aria-label="The week before">‹</Link
                ><b>{{ day(board.dates[0]) }} to {{ day(board.dates[board.dates.length - 1]) }}</b
                ><Link :href="`/rounds?week=${shift(7)}`" aria-label="The week after">›</Link>
            </nav>
            <template v-if="mayPlan">
                <template v-if="isOpen && run">
                    <span class="running"
                        ><label for="share">Working the week out</label>
                        <progress id="share" :value="run.share" max="1" /> {{ Math.round(run.share * 100) }} %</span
                    >
                    <button type="button" class="outline" @click="act(`/rounds/runs/${run.id}/stop`, {}, 'stop')">
                        Stop it
                    </button>
                </template>
                <template v-else>
                    <button
                        v-if="board.proposed"
                        type="button"
                        class="btn-go push"
                        :disabled="busy !== ''"
                        @click="act('/rounds/accept', { week: monday })"
                    >
                        Accept the proposal
                    </button>
                    <button
                        v-else
                        type="button"
                        class="btn-go push"
                        data-new
                        :disabled="busy !== ''"
                        @click="act('/rounds/propose', { week: monday }, 'propose')"
                    >
                        Propose the week
                    </button>
                    <button
                        v-if="board.proposed"
                        type="button"
                        class="outline"
                        :disabled="busy !== ''"
                        @click="act('/rounds/propose', { week: monday }, 'propose')"
                    >
                        Propose again
                    </button>
                </template>
                <button
                    v-if="undo"
                    type="button"
                    class="outline"
                    :disabled="busy !== '' || isOpen"
                    :title="`Take back ${undo}`"
                    @click="act('/rounds/undo', { week: monday })"
                >
                    Undo<span class="visually-hidden"> {{ undo }}</span>
                </button>
                <Link class="outline" href="/rounds/sick">Somebody is ill</Link>
            </template>
        </div>
        <div
            v-if="run && !run.isOpen && run.said.length && run.monday === monday"
            class="standing said"
            role="status"
            :data-run="run.id"
        >
            <p v-for="line in run.said" :key="line">{{ line }}</p>
        </div>
        <section v-if="mayPlan && tell.length" class="tellers" aria-labelledby="tell-head">
            <h2 id="tell-head">Clients to tell: {{ tell.length }}</h2>
            <ul class="list">
                <li v-for="t in tell" :key="t.id">
                    <b>{{ t.place }}</b> <small>{{ t.client }}</small> {{ t.words }}
                    <a v-if="t.phone" :href="`tel:${t.phone}`">{{ t.contact }}, {{ t.phone }}</a
                    ><small v-else>no telephone on record</small>
                    <button
                        type="button"
                        class="linkish"
                        :aria-label="`${t.place} knows`"
                        @click="act(`/rounds/moves/${t.id}/told`)"
                    >
                        they know
                    </button>
                </li>
            </ul>
        </section>
        <details v-if="mayPlan && coming?.length" class="announce">
            <summary>
                To announce, what it will look like: {{ coming.length }} <small>next {{ coming[0].place }}</small>
            </summary>
            <ul class="list">
                <li v-for="a in coming" :key="a.visitId">
                    <b>{{ a.place }}</b> <small>{{ a.client }}</small> {{ a.words }}
                    <a v-if="a.phone" :href="`tel:${a.phone}`">{{ a.contact }}, {{ a.phone }}</a
                    ><small v-else>no telephone on record</small>
                    <button
                        type="button"
                        class="linkish"
                        :aria-label="`${a.place} knows what it will look like`"
                        @click="act(`/visits/${a.visitId}/told`)"
                    >
                        they know
                    </button>
                </li>
            </ul>
        </details>
        <RoundsTabs on="week" />
        <FieldError :words="errors.week ?? errors.move" />
        <div class="tablebox" tabindex="0" role="region" aria-label="The board">
            <table class="weekboard">
                <caption class="visually-hidden">
                    Crews by day: stops in order, the vehicle’s salt water running down
                </caption>
                <thead>
                    <tr>
                        <th scope="col"><span class="visually-hidden">Crew</span></th>
                        <th v-for="d in board.dates" :key="d" scope="col" :class="{ today: d === today }">
                            {{ day(d) }}{{ d === today ? ', today' : '' }}
                        </th>
                    </tr>
                </thead>
                <tbody>
                    <tr v-for="c in board.crews" :key="c.id">
                        <th scope="row">
                            <b>{{ c.name }}</b><small>{{ c.members }}</small
                            ><small>{{ c.vehicle }}</small>
                        </th>
                        <td
                            v-for="d in c.days"
                            :key="d.date"
                            :class="{ none: !d.works, over: over === `${c.id}@${d.date}`, past: d.date < today }"
                            @dragover.prevent="over = `${c.id}@${d.date}`"
                            @dragleave="over = ''"
                            @drop.prevent="drop(c.id, d.date)"
                        >
                            <template v-if="d.works">
                                <p v-if="d.away" class="dayfoot awayhere">{{ d.away }}</p>
                                <DayWater :day="d" />
                                <ol>
                                    <li
                                        v-for="s in d.stops"
                                        :key="s.id"
                                        :class="[s.state, { moved: s.moved, chosen: s.id === chosen?.id }]"
                                    >
                                        <button
                                            v-if="mayPlan && s.state === 'planned' && d.date >= today"
                                            type="button"
                                            draggable="true"
                                            :aria-label="`${s.place}, ${s.at}: move it`"
                                            @dragstart="dragged = s"
                                            @click="choose(s)"
                                        >
                                            <span class="t">{{ s.at }}</span> <b>{{ s.place }}</b><span
                                                v-if="s.pinned"
                                                class="pin"
                                                title="pinned to its hour"
                                            >
                                                ●<span class="visually-hidden"> pinned</span></span
                                            ><span
                                                v-else-if="s.promised"
                                                class="pin"
                                                title="promised: a proposal leaves it here"
                                            >
                                                ○<span class="visually-hidden"> promised</span></span
                                            ><small>{{
                                                [s.water, s.lateDays ? `${s.lateDays} d late` : null]
                                                    .filter(Boolean)
                                                    .join(' · ')
                                            }}</small>
                                        </button>
                                        <Link v-else :href="`/visits/${s.id}`"
                                            ><span class="t">{{ s.at }}</span> {{ s.place
                                            }}<small>{{
                                                s.state === 'closed'
                                                    ? '✓ closed'
                                                    : s.state === 'underway'
                                                      ? 'at work'
                                                      : ''
                                            }}</small></Link
                                        >
                                    </li>
                                </ol>
                                <p class="dayfoot" :class="{ wrongly: d.refusal || d.overtimeMin > 0 }">
                                    {{ d.refusal ?? wayBack(d) }}<br v-if="d.water" /><template v-if="d.water"
                                        >{{ d.water }} · {{ d.load }}</template
                                    >
                                </p>
                            </template>
                            <p v-else class="dayfoot">{{ d.away }}</p>
                        </td>
                    </tr>
                </tbody>
            </table>
        </div>
        <nav v-if="pages > 1" class="pages" aria-label="Crews">
            <Link
                v-for="n in pages"
                :key="n"
                :href="`/rounds?week=${monday}&page=${n}`"
                :class="{ on: n === page }"
                :aria-current="n === page ? 'page' : undefined"
                >crews {{ n }}</Link
            >
        </nav>
        <div v-if="!board.crews.length" class="empty">
            <h2>No crew drives this week</h2>
            <p>
                Put one or two people and a vehicle together under <Link href="/rounds/crews">Crews</Link>; then the
                week can be proposed.
            </p>
        </div>

        <h2>
            Without a place: {{ board.unplanned.length + board.more }}
            <button
                v-if="mayPlan && board.unplanned.some((s) => s.state === 'planned')"
                type="button"
                class="outline"
                :disabled="busy !== ''"
                @click="act('/rounds/rescue', { week: monday })"
            >
                Place those of crews away, with nothing else moved
            </button>
        </h2>
        <ul v-if="board.unplanned.length" class="list unplanned">
            <li v-for="s in board.unplanned" :key="s.id">
                <button
                    v-if="mayPlan"
                    type="button"
                    class="stopchip"
                    draggable="true"
                    :aria-label="`${s.place}: give it a place`"
                    @dragstart="dragged = s"
                    @click="choose(s)"
                >
                    <b>{{ s.place }}</b></button
                ><b v-else>{{ s.place }}</b
                ><small
                    >{{ s.client }} · due {{ whenDay(s.dueOn) }} · {{ s.minutes }} min{{
                        s.water ? ` · ${s.water}` : ''
                    }}
                    · {{ s.work }}</small
                ><span v-if="s.why" class="needs">{{ s.why }}</span
                ><span v-if="s.knows" class="needs">{{ s.knows }}</span
                ><span v-if="s.asks" class="needs">{{ s.asks }} <Link :href="`/sites/${s.siteId}`">say it</Link></span>
            </li>
        </ul>
        <p v-else-if="everything" class="quiet">
            Everything due has a crew and a day. Propose the week again when more comes due.
        </p>
        <p v-if="board.more" class="quiet">
            and {{ board.more }} more: propose the week, or see the <Link href="/rounds/due">due list</Link>.
        </p>

        <template v-if="due?.count">
            <h2>Due, and on no visit yet: {{ due.count }}</h2>
            <ul class="list">
                <li v-for="u in due.shown" :key="`${u.systemId}-${u.what}`">
                    <Link :href="`/systems/${u.systemId}/tasks`"
                        ><b>{{ u.what }}</b></Link
                    >
                    <small>{{ u.system }}, {{ u.place }} · due {{ whenDay(u.dueOn) }}</small>
                    <span class="needs">{{ u.why }}</span>
                </li>
                <li v-if="due.count > due.shown.length">
                    and {{ due.count - due.shown.length }} more: see the
                    <Link href="/rounds/due">due list</Link>
                </li>
            </ul>
        </template>

        <section v-if="chosen" class="wouldbar" aria-label="What moving it would do">
            <div>
                <h2>
                    {{ chosen.place }}
                    <small>{{ chosen.client }}, {{ chosen.minutes }} min, due {{ date(chosen.dueOn) }}</small>
                </h2>
                <p class="form3">
                    <label for="to-crew">Crew</label
                    ><select
                        id="to-crew"
                        v-model="crew"
                        @change="
                            position = null;
                            ask();
                        "
                    >
                        <option v-for="c in board.crews" :key="c.id" :value="c.id">{{ c.name }}</option>
                    </select>
                    <label for="to-day">Day</label
                    ><select
                        id="to-day"
                        v-model="on"
                        @change="
                            position = null;
                            ask();
                        "
                    >
                        <option v-for="d in board.dates.filter((x) => x >= today)" :key="d" :value="d">
                            {{ day(d) }}
                        </option>
                    </select>
                    <label for="to-place">Place</label
                    ><select id="to-place" v-model="position" @change="ask">
                        <option :value="null">where it costs least</option>
                        <option v-for="(s, n) in places" :key="s.id" :value="n">before {{ s.place }}</option>
                        <option :value="places.length">last</option>
                    </select>
                </p>
            </div>
            <div class="says" role="status" aria-live="polite">
                <p v-if="chosen.asks" class="wrong">{{ chosen.asks }}</p>
                <p v-if="chosen.knows">{{ chosen.knows }}</p>
                <p v-if="wrong" class="wrong">{{ wrong }}</p>
                <template v-else-if="would"
                    ><p v-for="s in would.sentences" :key="s">{{ s }}</p></template
                >
                <p v-else class="quiet">Working it out…</p>
            </div>
            <p class="acts">
                <button type="button" class="btn-go" :disabled="!would?.may || busy !== ''" @click="move">
                    Move it
                </button>
                <button
                    type="button"
                    class="outline"
                    @click="act(`/visits/${chosen.id}/pin`, { pinned: !chosen.pinned })"
                >
                    {{ chosen.pinned ? 'Unpin' : 'Pin it' }}
                </button>
                <button
                    v-if="chosen.promised"
                    type="button"
                    class="outline"
                    @click="act(`/visits/${chosen.id}/release`)"
                >
                    Release it
                </button>
                <button
                    v-if="chosen.state === 'planned'"
                    type="button"
                    class="outline"
                    @click="act(`/visits/${chosen.id}/take-off`)"
                >
                    Off the board
                </button>
                <Link :href="`/visits/${chosen.id}`">open the visit</Link>
                <button type="button" class="plain" @click="chosen = null">leave it</button>
            </p>
        </section>
    </div>
</template>
