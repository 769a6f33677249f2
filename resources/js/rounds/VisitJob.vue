<script setup lang="ts">
import { computed, ref } from 'vue';
import type { ParameterView, VisitSystemView, VisitTaskView } from '../generated';
import { useKept } from '../shared/kept';
import { useUnits } from '../shared/units';
import BeforePhoto from './BeforePhoto.vue';
import ProductCard from './ProductCard.vue';
import type { Heard } from './outbox';
import SandWork from './SandWork.vue';
import { jobRef } from './visitState';

/** One job, opened: what must be off, the steps with their cautions, and for a change the water itself. */
const props = defineProps<{ task: VisitTaskView; system: VisitSystemView; heard: Heard[]; waiting: boolean }>();
const emit = defineEmits<{
    entry: [kind: string, payload: Record<string, unknown>];
    read: [parameter: ParameterView];
    clock: [label: string, minutes: number];
    picture: [file: File];
}>();
const units = useUnits();
const wrong = ref('');
const [outL, inL, tempC, salinity, fall, rise] = ['out', 'in', 'temp', 'sal', 'fall', 'rise'].map((k) =>
    useKept(`visit-${props.task.id}-${k}`),
);
const REASONS: [string, string][] = [
    ['routine', 'routine'],
    ['nutrients', 'lower nutrients'],
    ['ammonia', 'ammonia'],
    ['toxin', 'dilute a toxin'],
    ['salinity', 'correct salinity'],
];
const named = computed(() => jobRef(props.task));
const isOff = (what: string) => props.system.offs.some((o) => o.what === what);
const asked = computed(() => props.system.readings.filter((r) => props.task.readings.includes(r.parameter)));
const words = computed(() => props.heard.filter((h) => h.entry.payload.taskId === named.value).slice(0, 3));
function number(text: string, kind: string, name: string): number | null {
    const value = units.parse(text, kind);
    wrong.value = value === null ? `${name}: a number, please.` : '';
    return value;
}
function litres(way: 'outL' | 'inL', text: string) {
    const value = number(text, 'L', way === 'outL' ? 'Out' : 'In');
    if (value !== null)
        emit('entry', 'litres', { taskId: named.value, [way]: value, reason: props.task.reason ?? 'routine' });
}
function level(way: 'outMm' | 'inMm', text: string) {
    const value = number(text, 'mm', 'Level');
    if (value !== null)
        emit('entry', 'litres', { taskId: named.value, [way]: value, reason: props.task.reason ?? 'routine' });
}
function water(sure = false) {
    const t = number(tempC.value, 'degC', 'Temperature');
    const s = t === null ? null : number(salinity.value, 'g/kg', 'Salinity');
    if (t !== null && s !== null)
        emit('entry', 'water', { taskId: named.value, tempC: t, salinity: s, ...(sure ? { sure: true } : {}) });
}
</script>

<template>
    <div class="job">
        <p v-if="task.asked">{{ task.asked }}</p>
        <p v-for="c in task.cautions" :key="c" class="caution"><b aria-hidden="true">▲</b> {{ c }}</p>
        <ul v-if="task.charges.length" class="waterwords">
            <li v-for="c in task.charges" :key="c">{{ c }}</li>
        </ul>
        <p v-if="task.messy" class="caution">
            <b aria-hidden="true">▲</b> It clouds the water: tell them before you begin; somebody looks again tomorrow.
        </p>
        <div v-if="task.off.length" class="offneeds">
            <button
                v-for="o in task.off"
                :key="o.what"
                type="button"
                class="offbtn"
                :class="{ isoff: isOff(o.what) }"
                :disabled="isOff(o.what)"
                @click="emit('entry', 'off', { systemId: system.id, what: o.what })"
            >
                <b>{{ isOff(o.what) ? `${o.what} is off` : `${o.what} off` }}</b><small>{{ o.why }}</small>
            </button>
        </div>
        <BeforePhoto
            v-if="task.photoFirst && task.state === 'open'"
            :id="task.id"
            :before="task.before"
            @picture="(file: File) => emit('picture', file)"
            @because="(because: string) => emit('entry', 'before', { taskId: named, because })"
        />
        <template v-for="(step, n) in task.steps" :key="n">
            <p v-if="step.left" class="step left">
                <span
                    ><s>{{ step.text }}</s
                    ><small class="here"><b>Not here:</b> {{ step.why }}</small></span
                >
            </p>
            <label v-else class="step">
                <input
                    type="checkbox"
                    :checked="task.ticked.includes(n)"
                    :disabled="task.state !== 'open' || (task.photoFirst && !task.before)"
                    @change="
                        emit('entry', 'step', {
                            taskId: named,
                            step: n,
                            ...(task.ticked.includes(n) ? { undone: true } : {}),
                        })
                    "
                /><span
                    >{{ step.text }} <b v-if="step.hold" class="holdword">hold</b
                    ><small v-if="step.was !== null" class="here"
                        ><b>{{
                            step.adrift
                                ? 'This place’s own, its step is gone from the sheet:'
                                : step.was
                                  ? `Here, instead of “${step.was}”:`
                                  : 'Here, too:'
                        }}</b>
                        {{ step.why }}</small
                    ></span
                >
            </label>
            <a v-if="step.photoId" :href="`/attachments/${step.photoId}`" class="thumb stepphoto"
                ><img
                    :src="`/attachments/${step.photoId}`"
                    :alt="`How it is done here: ${step.text}`"
                    width="120"
                    loading="lazy"
            /></a>
            <ProductCard
                v-if="step.card"
                :card="step.card"
                @opened="(text) => emit('entry', 'note', { systemId: system.id, text })"
            />
        </template>
        <SandWork v-if="task.key === 'sand-topup'" :system="system" @entry="(k, p) => emit('entry', k, p)" />
        <p v-if="task.state !== 'open'" class="undo">
            <button type="button" class="outline" @click="emit('entry', 'undo', { taskId: named })">
                {{ task.state === 'done' ? 'Not done after all' : 'Do it after all' }}
            </button>
        </p>
        <p class="quiet sheetof">Job sheet, {{ task.sheet }}.</p>
        <template v-if="task.key === 'change'">
            <ul v-if="task.waterWords.length" class="waterwords">
                <li v-for="w in task.waterWords" :key="w">{{ w }}</li>
            </ul>
            <details v-if="task.methods.length">
                <summary>The same {{ task.litresText }}, used differently</summary>
                <table class="plainer">
                    <thead>
                        <tr>
                            <th scope="col">Way</th>
                            <th scope="col" class="num">Old water left</th>
                            <th scope="col" class="num">Nitrate after</th>
                        </tr>
                    </thead>
                    <tbody>
                        <tr v-for="m in task.methods" :key="m.name">
                            <td>{{ m.name }}</td>
                            <td class="num">{{ m.oldShare }}</td>
                            <td class="num">{{ m.nitrate ?? 'not read' }}</td>
                        </tr>
                    </tbody>
                </table>
            </details>
            <div class="tiles">
                <div class="tile">
                    <label :for="`t${task.id}`">New water, {{ units.label('degC') }}</label
                    ><input :id="`t${task.id}`" v-model="tempC" inputmode="decimal" autocomplete="off" />
                </div>
                <div class="tile">
                    <label :for="`s${task.id}`">Salinity, {{ units.label('g/kg') }}</label
                    ><input :id="`s${task.id}`" v-model="salinity" inputmode="decimal" autocomplete="off" />
                </div>
                <button type="button" class="outline" @click="water()">Compare with the tank</button>
                <button
                    v-if="words.some((w) => w.entry.kind === 'water' && w.outcome === 'asked')"
                    type="button"
                    class="outline"
                    @click="water(true)"
                >
                    Use it as it is
                </button>
            </div>
            <div class="tiles">
                <div class="tile">
                    <label :for="`o${task.id}`">Out, {{ units.label('L') }}</label
                    ><input
                        :id="`o${task.id}`"
                        v-model="outL"
                        inputmode="decimal"
                        :placeholder="task.litresText ?? ''"
                        @change="litres('outL', outL)"
                    />
                </div>
                <div class="tile">
                    <label :for="`i${task.id}`">In, {{ units.label('L') }}</label
                    ><input
                        :id="`i${task.id}`"
                        v-model="inL"
                        inputmode="decimal"
                        :placeholder="task.litresText ?? ''"
                        @change="litres('inL', inL)"
                    />
                </div>
                <div class="tile">
                    <label :for="`r${task.id}`">Why</label
                    ><select
                        :id="`r${task.id}`"
                        :value="task.reason ?? 'routine'"
                        @change="
                            emit('entry', 'litres', {
                                taskId: named,
                                reason: ($event.target as HTMLSelectElement).value,
                            })
                        "
                    >
                        <option v-for="[key, label] in REASONS" :key="key" :value="key">{{ label }}</option>
                    </select>
                </div>
                <div class="tile quietly">
                    By the gauge or the marks on the wall:
                    {{ task.outL === null ? 'nothing out yet' : `${units.show(task.outL, 'L')} out` }},
                    {{ task.inL === null ? 'nothing in yet' : `${units.show(task.inL, 'L')} in` }}
                </div>
            </div>
            <details>
                <summary>By the level instead</summary>
                <div class="tiles">
                    <div class="tile">
                        <label :for="`f${task.id}`">Display fell, {{ units.label('mm') }}</label
                        ><input :id="`f${task.id}`" v-model="fall" inputmode="decimal" @change="level('outMm', fall)" />
                    </div>
                    <div class="tile">
                        <label :for="`u${task.id}`">and rose again, {{ units.label('mm') }}</label
                        ><input :id="`u${task.id}`" v-model="rise" inputmode="decimal" @change="level('inMm', rise)" />
                    </div>
                </div>
            </details>
            <p v-if="wrong" class="wrong" role="alert">{{ wrong }}</p>
        </template>
        <div v-if="asked.length" class="tiles">
            <button v-for="p in asked" :key="p.parameter" type="button" class="tile" @click="emit('read', p)">
                <span class="k">{{ p.label }}</span><b>{{ p.latest ?? '—' }}</b
                ><small>{{ p.fine ? `fine ${p.fine}` : 'no band' }}</small>
            </button>
        </div>
        <p v-for="w in words" :key="w.uuid" class="heard" :class="w.outcome" role="status">{{ w.words }}</p>
        <p v-if="waiting" class="quiet">Kept here; it is judged when the signal is back.</p>
        <button type="button" class="linkish" @click="emit('clock', task.name, task.key === 'pump-soak' ? 30 : 15)">
            start a clock for this
        </button>
    </div>
</template>
