<script setup lang="ts">
import { Link, router, useForm } from '@inertiajs/vue3';
import { computed, ref } from 'vue';
import FieldError from '../shared/FieldError.vue';
import MarginNotes from '../shared/MarginNotes.vue';
import { newId, send } from '../shared/send';
import { date, useUnits } from '../shared/units';
import CourseChart from './CourseChart.vue';
import { countedWords } from './boxHeads';
import { decision } from './decision';
import { clockOf, type MoveProps } from './move';
import MoveTabs from './MoveTabs.vue';
import TruckPlan from './TruckPlan.vue';

const props = defineProps<MoveProps>();
const units = useUnits();
const isRunning = computed(() => (props.course?.steps ?? []).some((s) => s.state !== 'open'));
const saysMore = computed(() => {
    const course = props.course;
    if (!course) return '';
    const learned = course.learned.map((l) => `${l.label} ${Math.round(l.percent)} %`).join(', ');
    const rests = course.steps.filter((s) => s.isRest).length;
    return [
        course.isProven ? 'No order of work is quicker.' : '',
        learned ? `Our last five moves: ${learned} of the house values.` : '',
        rests
            ? `${rests} ${rests === 1 ? 'rest is' : 'rests are'} in it: half an hour within six hours of work, ` +
              '45 min after four and a half at the wheel. Local rules on hours go before that.'
            : '',
        isRunning.value ? `Today takes ${Math.round(course.factor * 100)} % of what was planned.` : '',
    ]
        .filter(Boolean)
        .join(' ');
});
const costs = (m: { cost: string | null; end: string | null }) =>
    m.cost ? `costs about ${m.cost}` : 'ask what it costs';
const at = (minute: number) => clockOf(props.move.beginsMin + minute);
const closing = ref(false);
const close = useForm({
    words: '',
    stands_there: props.move.kind === 'house' && props.move.toId !== null,
    left: Object.fromEntries(Object.keys(props.move.leftAsked).map((key) => [key, false])),
    signed_by: '',
    still_open: '',
});
const busy = ref(false);
/** What is left for another day is said like anything else on the day. */
async function drop(steps: string[]) {
    busy.value = true;
    const now = new Date().toISOString();
    const entries = steps.map((of) => ({ uuid: newId(), kind: 'drop', at: now, payload: { of } }));
    await send(`/moves/${props.move.id}/entries`, { entries, sent_at: now });
    router.reload({ onFinish: () => (busy.value = false) });
}
const hands = (n: number) => (n === 1 ? 'one' : `${n} together`);
const BINDS: Record<string, string> = { oxygen: 'oxygen', ammonia: 'ammonia', temperature: 'temperature' };
</script>

<template>
    <div class="withmargin">
        <div class="page">
            <MoveTabs :move="move" here="course" />
            <p v-if="wrong" class="wrong" role="alert">
                {{ wrong.words }}. <Link :href="`/moves/${move.id}/plan`">Put it right in the plan.</Link>
            </p>
            <div v-if="missing.length && !wrong" class="empty">
                <h2>No course yet</h2>
                <p>
                    It needs {{ missing.join('; ') }}. <Link :href="`/moves/${move.id}/plan`">Say it in the plan.</Link>
                </p>
            </div>
            <template v-if="course">
                <p class="coursesays">
                    <b>Done by {{ at(course.finishMin) }}.</b> {{ saysMore }}
                </p>
                <div class="tablebox" tabindex="0" role="region" aria-label="The course of the day">
                    <CourseChart :course="course" :begins-min="move.beginsMin" :is-running="isRunning" />
                </div>
                <section v-if="course.drops.length" class="drops" aria-label="What may be left">
                    <h2>What to leave so that it holds</h2>
                    <ul class="sensorlines">
                        <li v-for="d in course.drops" :key="d.steps.join()">
                            <b>{{ d.labels.join(' and ') }}</b>
                            <span>
                                done by {{ at(d.finishMin) }}{{ d.holds ? '' : ', and it still does not hold' }}.</span
                            >
                            <small class="quiet">{{ d.becomes.join(' ') }}</small>
                            <button
                                v-if="move.mayRecord"
                                type="button"
                                class="outline"
                                :disabled="busy"
                                @click="drop(d.steps)"
                            >
                                Leave it
                            </button>
                        </li>
                    </ul>
                </section>
                <section v-if="course.mends.length" class="drops" aria-label="What else would mend it">
                    <h2>{{ course.drops.length ? 'Or' : 'What would mend it' }}</h2>
                    <ul class="sensorlines">
                        <li v-for="m in course.mends" :key="m.kind + (m.end ?? '') + (m.persons ?? '')">
                            <template v-if="m.kind === 'hands'"
                                ><b>{{ m.persons === 1 ? 'one more pair of hands' : `${m.persons} more` }}</b>
                                <span
                                    >there by {{ at(m.byMin ?? 0) }}:
                                    {{
                                        m.pastMin
                                            ? `it is still missed by ${m.pastMin} min`
                                            : `all of it holds, done by ${at(m.finishMin)}`
                                    }}.</span
                                >
                                <small v-if="course.spares.length" class="quiet"
                                    >stands by: {{ course.spares.join(', ') }}</small
                                ></template
                            >
                            <template v-else-if="m.kind === 'end-moved'"
                                ><b>move “{{ m.end }}”</b> <span>to {{ at(m.atMin ?? 0) }}.</span>
                                <small class="quiet"
                                    >{{ costs(m)
                                    }}<template v-if="m.pastMin">; others are missed all the same</template></small
                                ></template
                            >
                            <template v-else
                                ><b>plan B</b>
                                <span
                                    >the animals stay in the holding, and the rest goes on another day.</span
                                ></template
                            >
                        </li>
                    </ul>
                </section>
            </template>
            <template v-for="(t, n) in trucks" :key="n">
                <h2>In {{ t.label }}, from above</h2>
                <p class="quiet">
                    What leaves first stands at the door; nothing stands on animals.<template v-if="t.isHired">
                        Hired: looked over and photographed before and after.</template
                    >
                </p>
                <TruckPlan :truck="t" :longest-mm="Math.max(...trucks.map((one) => one.lengthMm))" />
            </template>
            <template v-if="boxes.length">
                <h2>Boxes</h2>
                <div class="tablebox" tabindex="0" role="region" aria-label="Boxes">
                    <table class="plainer">
                        <thead>
                            <tr>
                                <th scope="col">Box</th>
                                <th scope="col">In it</th>
                                <th scope="col" class="num">Weighs</th>
                                <th scope="col" class="num">Lasts</th>
                                <th scope="col" class="num">Coldest on its way</th>
                            </tr>
                        </thead>
                        <tbody>
                            <tr v-for="b in boxes" :key="b.id">
                                <th scope="row">
                                    {{ b.label }}<br /><small class="quiet"
                                        >{{ units.show(b.litres, 'L') }}, {{ b.wall }}</small
                                    >
                                </th>
                                <td>
                                    {{ b.animals.join(', ') || 'nobody yet' }}
                                    <template v-if="b.heads && countedWords(b.heads)"
                                        ><br /><b>{{ countedWords(b.heads) }}</b></template
                                    >
                                </td>
                                <td class="num">{{ units.show(b.kg, 'kg') }}</td>
                                <td class="num">
                                    <template v-if="b.hours !== null"
                                        >{{ b.hours.toFixed(1) }} h<br /><small class="quiet">{{
                                            BINDS[b.binds ?? ''] ?? ''
                                        }}</small></template
                                    ><small v-else-if="b.needs.length" class="wrong"
                                        >needs {{ b.needs.join(', ') }}</small
                                    ><span v-else class="quiet">corals: by temperature</span>
                                </td>
                                <td class="num">
                                    {{ b.arrivesC === null ? 'not known' : units.show(b.arrivesC, 'degC')
                                    }}<template v-if="b.readC !== null"
                                        ><br /><b>read {{ units.show(b.readC, 'degC') }}</b></template
                                    >
                                </td>
                            </tr>
                        </tbody>
                    </table>
                </div>
                <details v-if="carried.length" class="carried">
                    <summary>Who carries what</summary>
                    <p class="caution">
                        Close to the body, at waist height, nobody beneath; these are best cases, local handling rules
                        decide.
                    </p>
                    <div class="tablebox" tabindex="0" role="region" aria-label="Who carries what">
                        <table class="plainer">
                            <thead>
                                <tr>
                                    <th scope="col">What</th>
                                    <th scope="col" class="num">Weighs</th>
                                    <th scope="col">By hand</th>
                                    <th scope="col">With a trolley</th>
                                </tr>
                            </thead>
                            <tbody>
                                <tr v-for="(c, n) in carried" :key="n">
                                    <th scope="row">{{ c.label }}</th>
                                    <td class="num">{{ c.kg === null ? 'weigh it' : units.show(c.kg, 'kg') }}</td>
                                    <td>
                                        <template v-if="c.persons !== null">{{ hands(c.persons) }}</template><span
                                            v-else-if="c.kg !== null"
                                            class="wrong"
                                            >more than three</span
                                        >
                                    </td>
                                    <td>
                                        <template v-if="c.persons === 1"></template
                                        ><template v-else-if="c.withAid !== null">{{ hands(c.withAid) }}</template
                                        ><template v-else-if="c.kg !== null">stairs: a carrier or hoist</template>
                                    </td>
                                </tr>
                            </tbody>
                        </table>
                    </div>
                </details>
            </template>
            <template v-if="course">
                <h2>The same in words</h2>
                <div class="tablebox" tabindex="0" role="region" aria-label="Steps">
                    <table class="plainer">
                        <thead>
                            <tr>
                                <th scope="col" class="num">No.</th>
                                <th scope="col">From</th>
                                <th scope="col">Until</th>
                                <th scope="col">Step</th>
                                <th scope="col">Who</th>
                            </tr>
                        </thead>
                        <tbody>
                            <tr v-for="(s, n) in course.steps" :key="s.id" :class="{ quiet: s.state === 'done' }">
                                <td class="num">{{ n + 1 }}</td>
                                <td>{{ at(s.fromMin) }}</td>
                                <td>{{ at(s.untilMin) }}</td>
                                <td>
                                    {{ s.label }}
                                    <small v-if="s.state !== 'open'">{{ s.state }}</small>{{ ' ' }}
                                    <small v-if="s.mayDrop" class="quiet">may be left</small>
                                </td>
                                <td>{{ s.hands.join(', ') }}</td>
                            </tr>
                        </tbody>
                    </table>
                </div>
            </template>
            <template v-if="before.length">
                <h2>Before the day</h2>
                <p class="quiet">In the rounds by itself: it moves with the day, and goes when the move is given up.</p>
                <ul class="list" aria-label="Before the day">
                    <li v-for="b in before" :key="b.text">
                        <span>{{ b.text }}</span>
                        <small v-if="b.doneOn" class="quiet">done {{ date(b.doneOn) }}</small>
                        <small v-else :class="b.isLate ? 'wrong' : 'quiet'">
                            {{ b.isLate ? 'late: was due' : 'by' }} {{ date(b.dueOn) }}
                        </small>
                    </li>
                </ul>
            </template>
            <h2>Go or not</h2>
            <ol class="gates">
                <li v-for="g in gates" :key="g.key" :class="{ isopen: g.isOpen }">
                    <b>{{ g.key }} {{ g.label }}</b>
                    <span v-if="g.decided" class="quiet">{{ decision(g) }}</span>
                    <ul>
                        <li v-for="a in g.asked" :key="a.key">{{ a.isSo ? '✓' : '·' }} {{ a.label }}</li>
                        <li v-for="w in g.against" :key="w" class="wrong">{{ w }}</li>
                    </ul>
                </li>
            </ol>
            <p v-if="move.mayPlan && !closing">
                <button type="button" class="outline" @click="closing = true">It is over: close it</button>
            </p>
            <form v-if="closing" class="sheetform" @submit.prevent="close.post(`/moves/${move.id}/close`)">
                <label class="numbercell wide" for="close-words"
                    ><span>How it ended, and what was missed</span>
                    <input id="close-words" v-model="close.words" class="cell" type="text" maxlength="500" required
                /></label>
                <label v-if="move.toId && move.systemId" class="check wide"
                    ><input v-model="close.stands_there" type="checkbox" /> {{ move.system }} stands at
                    {{ move.to }} now: its record goes there, and its devices count as mounted until they are
                    tested</label
                >
                <fieldset v-if="Object.keys(move.leftAsked).length" class="wide">
                    <legend>The old place, {{ move.from }}</legend>
                    <label v-for="(words, key) in move.leftAsked" :key="key" class="check"
                        ><input v-model="close.left[key]" type="checkbox" /> {{ words }}</label
                    >
                    <label class="numbercell" for="close-signed"
                        ><span>Signed for by</span>
                        <input id="close-signed" v-model="close.signed_by" class="cell" type="text" maxlength="120"
                    /></label>
                    <p class="quiet">
                        A photo of the place as it was left stands with
                        <Link :href="`/sites/${move.fromId}`">{{ move.from }}</Link>, dated on or after the day.
                    </p>
                </fieldset>
                <label class="numbercell wide" for="close-open"
                    ><span>What stays open, if anything: it becomes a job</span>
                    <input id="close-open" v-model="close.still_open" class="cell" type="text" maxlength="200"
                /></label>
                <FieldError :words="close.errors.words ?? (close.errors as Record<string, string>).left" />
                <p class="wide"><button class="btn-go" :disabled="close.processing">Close it</button></p>
            </form>
        </div>
        <aside class="margin" aria-label="Margin"><MarginNotes :findings="findings" /></aside>
    </div>
</template>
