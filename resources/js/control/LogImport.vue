<script setup lang="ts">
import { router } from '@inertiajs/vue3';
import { computed, ref } from 'vue';
import type { SensorView } from '../generated';
import { refusal, send } from '../shared/send';
import { date } from '../shared/units';
import {
    COLUMNS,
    digestOf,
    guess,
    lineOf,
    readLog,
    tooLarge,
    tooMany,
    valuesOf,
    type LogFile,
    type LogRow,
} from './logFile';

/** A controller's log from a file: looked at first, then taken in by batches; what cannot be told is named. */
const props = defineProps<{ controllerId: number; sensors: SensorView[] }>();
interface Taken {
    stored: number;
    repeated: number;
    refused: { seq: number; message: string }[];
    from: string | null;
    to: string | null;
}
const AT_ONCE = 1000;
const SHOWN = 12;
const probes = computed(() => props.sensors.filter((s) => s.kind === 'probe'));
const name = ref('');
const text = ref('');
const log = ref<LogFile | null>(null);
const columns = ref<string[]>([]);
const order = ref<'day-first' | 'month-first'>('day-first');
const wrong = ref('');
const looked = ref<Taken | null>(null);
const sent = ref(0);
const running = ref(false);
const stopped = ref(false);
const done = ref<Taken | null>(null);
const values = computed(() => (log.value ? valuesOf(log.value, columns.value) : { rows: [], unread: [] }));
const ready = computed(() => columns.value.includes('at') && values.value.rows.length > 0);
const lines = computed(() => [
    ...values.value.unread.map((u) => ({ line: u.line, words: `“${u.words}” is no number` })),
    ...((done.value ?? looked.value)?.refused ?? []).map((r) => ({ line: lineOf(r.seq), words: r.message })),
]);
async function choose(event: Event) {
    const file = (event.target as HTMLInputElement).files?.[0];
    log.value = looked.value = done.value = null;
    wrong.value = file ? tooLarge(file.size) : '';
    if (!file || wrong.value) return;
    text.value = await file.text();
    const read = readLog(text.value);
    if (!read) {
        wrong.value = 'This is no table: a first line with names, then lines parted by ; or , or tabs.';
        return;
    }
    name.value = file.name.slice(0, 80);
    log.value = read;
    columns.value = guess(read.header, probes.value).slice(0, COLUMNS);
    await look();
}
/** The first, the last and some between: moments of all of the file, not of its first hour. */
function sample(rows: LogRow[]): LogRow[] {
    const step = Math.max(1, Math.floor(rows.length / 200));
    return rows.filter((_, n) => n % step === 0 || n === rows.length - 1).slice(0, AT_ONCE);
}
async function look() {
    looked.value = done.value = null;
    wrong.value = ready.value ? tooMany(values.value.rows.length) : '';
    if (!ready.value || wrong.value) return;
    const run = await digestOf(text.value, '');
    looked.value = await ask(sample(values.value.rows), run, true);
}
async function ask(rows: LogRow[], run: string, isLook: boolean): Promise<Taken | null> {
    const body = { name: name.value, run, order: order.value, look: isLook, rows };
    try {
        const answer = await send<Taken>(`/control/${props.controllerId}/log`, body);
        if (answer.status === 200 && answer.body) return answer.body;
        wrong.value = refusal(answer.body);
    } catch {
        wrong.value = 'No connection. What is in is in; take it in again when it is back: nothing comes twice.';
    }
    return null;
}
async function takeIn() {
    running.value = true;
    wrong.value = '';
    stopped.value = false;
    sent.value = 0;
    const all: Taken = { stored: 0, repeated: 0, refused: [], from: null, to: null };
    for (const id of columns.value.filter((c) => c !== '' && c !== 'at')) {
        const run = await digestOf(text.value, id);
        const rows = values.value.rows.filter((r) => r.id === id);
        for (let n = 0; n < rows.length && !stopped.value && !wrong.value; n += AT_ONCE) {
            const some = await ask(rows.slice(n, n + AT_ONCE), run, false);
            all.stored += some?.stored ?? 0;
            all.repeated += some?.repeated ?? 0;
            all.refused.push(...(some?.refused ?? []));
            sent.value += some ? Math.min(rows.length - n, AT_ONCE) : 0;
        }
    }
    running.value = false;
    done.value = all;
    router.reload({ only: ['devices', 'logs'] });
}
</script>

<template>
    <section class="logimport" aria-labelledby="log-title">
        <h2 id="log-title">A log from a file</h2>
        <p class="quiet">
            CSV as a controller writes it: a line of names, then a moment and values in each line. It is the past: no
            alarm is raised by it.
        </p>
        <input type="file" accept=".csv,.txt,text/csv" aria-label="A log from a file" @change="choose" />
        <template v-if="log">
            <div class="tablebox">
                <table class="fleet">
                    <caption class="visually-hidden">
                        The first lines of
                        {{
                            name
                        }}
                    </caption>
                    <thead>
                        <tr>
                            <th v-for="(h, n) in log.header.slice(0, 100)" :key="n" scope="col">
                                {{ h }}
                                <select v-model="columns[n]" class="cell" :aria-label="`What ${h} is`" @change="look">
                                    <option value="">leave it out</option>
                                    <option value="at">the moment</option>
                                    <option v-for="s in probes" :key="s.key" :value="s.key">{{ s.name }}</option>
                                </select>
                            </th>
                        </tr>
                    </thead>
                    <tbody>
                        <tr v-for="(row, n) in log.rows.slice(0, 4)" :key="n">
                            <td v-for="(_, c) in log.header.slice(0, 100)" :key="c">{{ row[c] }}</td>
                        </tr>
                    </tbody>
                </table>
            </div>
            <label class="numbercell" for="log-order"
                ><span>03/04 is</span>
                <select id="log-order" v-model="order" class="cell" @change="look">
                    <option value="day-first">the third of April</option>
                    <option value="month-first">the fourth of March</option>
                </select></label
            >
            <p v-if="!ready" class="watchword">Say which column is the moment, and which is a probe.</p>
            <p v-else-if="looked && !done" role="status">
                {{ log.rows.length }} lines, {{ values.rows.length }} values<template v-if="looked.from">
                    from {{ date(looked.from) }} to {{ date(looked.to ?? looked.from) }}</template
                >.
            </p>
            <p v-if="running" role="status">
                <progress :value="sent" :max="values.rows.length">{{ sent }}</progress>
                {{ sent }} of {{ values.rows.length }} values
                <button type="button" class="linkish" @click="stopped = true">stop here</button>
            </p>
            <p v-else-if="looked?.from && !done">
                <button type="button" class="outline" @click="takeIn">Take in {{ values.rows.length }} values</button>
            </p>
            <p v-if="done" class="said" role="status">
                {{ done.stored }} values are in<template v-if="done.repeated"
                    >, {{ done.repeated }} were there before</template
                ><template v-if="stopped">; stopped by you, the same file goes on where it stopped</template>. Whole
                days become readings.
            </p>
            <details v-if="lines.length" open>
                <summary>{{ lines.length }} {{ lines.length === 1 ? 'value was' : 'values were' }} left out</summary>
                <ul>
                    <li v-for="l in lines.slice(0, SHOWN)" :key="`${l.line}${l.words}`">
                        line {{ l.line }}: {{ l.words }}
                    </li>
                    <li v-if="lines.length > SHOWN">and {{ lines.length - SHOWN }} more</li>
                </ul>
            </details>
        </template>
        <p v-if="wrong" class="wrong" role="alert">{{ wrong }}</p>
    </section>
</template>
