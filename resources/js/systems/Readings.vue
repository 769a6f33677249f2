<script setup lang="ts">
import { Link, router } from '@inertiajs/vue3';
import { computed, defineAsyncComponent, nextTick, onMounted, ref, watch } from 'vue';
import type { FindingView, ParameterView, SeriesView, SystemHeaderView } from '../generated';
import FieldError from '../shared/FieldError.vue';
import { date, when } from '../shared/units';
import SystemFrame from './SystemFrame.vue';
import { METHODS } from '../shared/choices';

const TrendChart = defineAsyncComponent(() => import('../shared/TrendChart.vue'));
const props = defineProps<{
    header: SystemHeaderView;
    parameters: ParameterView[];
    series: SeriesView;
    findings: FindingView[];
}>();
const days = ref(90);
const chosen = computed(() => props.parameters.find((p) => p.parameter === props.series.parameter) as ParameterView);
const listed = computed(() => props.parameters.filter((p) => p.latest !== null || p.fine !== null));
const rest = computed(() => props.parameters.filter((p) => p.latest === null && p.fine === null));

// ---- one reading
const value = ref('');
const unit = ref('');
const method = ref('kit');
const instrument = ref('');
const takenAt = ref('');
const wrong = ref<Record<string, string>>({});
const asked = ref('');
const first = ref('');
const busy = ref(false);
let uuid = window.crypto.randomUUID();
watch(
    () => props.series.parameter,
    () => {
        unit.value = chosen.value.units[0];
        value.value = '';
        asked.value = '';
        wrong.value = {};
    },
    { immediate: true },
);
onMounted(() => {
    if (new URLSearchParams(window.location.search).has('type')) document.getElementById('r-value')?.focus();
    value.value = new URLSearchParams(window.location.search).get('value') ?? '';
});

function send() {
    const number = Number(value.value.replace(/\s/g, '').replace(',', '.'));
    if (value.value.trim() === '' || Number.isNaN(number)) {
        wrong.value = { value: 'A number is needed.' };
        return;
    }
    const sure = asked.value !== '' && value.value.trim() === first.value;
    busy.value = true;
    router.post(
        `/systems/${props.header.id}/readings`,
        {
            parameter: chosen.value.parameter,
            value: number,
            unit: unit.value,
            method: method.value,
            instrument: instrument.value || null,
            taken_at: takenAt.value ? new Date(takenAt.value).toISOString() : null,
            client_uuid: uuid,
            sure,
        },
        {
            preserveScroll: true,
            preserveState: true,
            onSuccess: () => {
                uuid = window.crypto.randomUUID();
                value.value = '';
                asked.value = '';
                wrong.value = {};
            },
            onError: async (e) => {
                wrong.value = e;
                if (e.sure) {
                    asked.value = e.sure;
                    first.value = value.value.trim();
                    value.value = '';
                    await nextTick();
                    document.getElementById('r-value')?.focus();
                }
            },
            onFinish: () => (busy.value = false),
        },
    );
}

const marking = ref<number | null>(null);
const reason = ref('');
function mark(id: number) {
    router.post(
        `/readings/${id}/mark`,
        { reason: reason.value },
        {
            preserveScroll: true,
            onSuccess: () => {
                marking.value = null;
                reason.value = '';
            },
        },
    );
}
</script>

<template>
    <SystemFrame :header="header" tab="readings" :findings="findings">
        <div class="params">
            <Link
                v-for="p in listed"
                :key="p.parameter"
                :href="`/systems/${header.id}/readings?of=${p.parameter}`"
                preserve-scroll
                preserve-state
                :class="{ on: p.parameter === series.parameter }"
                :aria-current="p.parameter === series.parameter ? 'true' : undefined"
            >
                <span class="k">{{ p.label }}</span><br /><b
                    :class="{ out: p.standing !== 'aim' && p.standing !== 'fine' && p.standing !== 'none' }"
                    >{{ p.latest ?? 'never read' }}</b
                ><small>{{ p.leaves ?? (p.latest ? p.way : '') }}</small>
            </Link>
        </div>
        <h2>
            {{ series.label }}
            <small class="quiet">{{
                [
                    chosen.standingWords,
                    chosen.way,
                    chosen.leaves,
                    chosen.fine ? `fine band ${chosen.fine}` : 'no band: not judged',
                    chosen.scatter ? `scatter ${chosen.scatter}` : null,
                    chosen.spread,
                ]
                    .filter(Boolean)
                    .join(' · ')
            }}</small>
        </h2>
        <form v-if="header.mayRecord" class="form typing" @submit.prevent="send">
            <div>
                <label for="r-value">{{ asked ? 'Again, to be sure' : `${series.label} now` }}</label><input
                    id="r-value"
                    v-model="value"
                    type="text"
                    inputmode="decimal"
                    autocomplete="off"
                    :aria-invalid="!!wrong.value"
                />
            </div>
            <div>
                <label for="r-unit">Unit</label
                ><select id="r-unit" v-model="unit">
                    <option v-for="u in chosen.units" :key="u">{{ u }}</option>
                </select>
            </div>
            <div>
                <label for="r-method">Read with</label
                ><select id="r-method" v-model="method">
                    <option v-for="m in METHODS" :key="m">{{ m }}</option>
                </select>
            </div>
            <div>
                <label for="r-inst">Which one</label
                ><input id="r-inst" v-model="instrument" type="text" placeholder="refractometer A" />
            </div>
            <div>
                <label for="r-at">When, if not now</label><input id="r-at" v-model="takenAt" type="datetime-local" />
            </div>
            <div>
                <button class="btn-go" :disabled="busy">{{ asked ? 'That is what it says' : 'Keep it' }}</button>
            </div>
            <p v-if="asked" class="wide wrong" role="alert">{{ asked }}</p>
            <FieldError class="wide" :words="wrong.value ?? wrong.unit ?? wrong.taken_at" />
        </form>
        <template v-if="series.readings.length">
            <p class="quiet">
                <label for="days">Show</label>
                <select id="days" v-model.number="days">
                    <option :value="30">30 days</option>
                    <option :value="90">90 days</option>
                    <option :value="430">14 months</option>
                </select>
                The band is tinted, its aim darker; dashed lines are the act limits; the coral line is where it is
                going.
            </p>
            <Suspense
                ><TrendChart :series="series" :days="days" /><template #fallback
                    ><div class="chart quiet">Drawing…</div></template
                ></Suspense
            >
            <div class="tablebox" tabindex="0" role="region" :aria-label="`${series.label}, all readings`">
                <table class="plainer">
                    <caption>
                        {{
                            series.readings.length > 60
                                ? `The last 60 of ${series.readings.length} readings, newest first`
                                : 'All readings, newest first'
                        }}
                    </caption>
                    <thead>
                        <tr>
                            <th scope="col">When</th>
                            <th scope="col" class="num">{{ series.label }}</th>
                            <th scope="col">As typed</th>
                            <th scope="col">With</th>
                            <th scope="col">By</th>
                            <th scope="col"><span class="visually-hidden">State</span></th>
                        </tr>
                    </thead>
                    <tbody>
                        <tr v-for="r in series.readings.slice(0, 60)" :key="r.id" :class="{ marked: r.marked }">
                            <td :title="date(r.at)">{{ when(r.at) }}</td>
                            <td class="num">
                                <b>{{ r.text }}</b>
                            </td>
                            <td class="quiet">{{ r.typed }}</td>
                            <td>{{ r.instrument ?? r.method }}</td>
                            <td>{{ r.by }}</td>
                            <td>
                                <template v-if="r.marked">not judged: {{ r.marked }}</template
                                ><template v-else
                                    ><span v-if="r.doubtful">confirmed twice</span>
                                    <template v-if="header.mayRecord"
                                        ><button
                                            v-if="marking !== r.id"
                                            type="button"
                                            class="linkish"
                                            @click="marking = r.id"
                                        >
                                            mark as wrong
                                        </button>
                                        <form v-else @submit.prevent="mark(r.id)">
                                            <input
                                                v-model="reason"
                                                class="cell"
                                                type="text"
                                                aria-label="Why it is wrong"
                                                placeholder="why it is wrong"
                                                required
                                            /><button class="linkish">mark it</button>
                                        </form></template
                                    ></template
                                >
                            </td>
                        </tr>
                    </tbody>
                </table>
            </div>
        </template>
        <div v-else class="empty">
            <h2>Never read</h2>
            <p>Write the first value above. Three readings over three days say which way it goes.</p>
        </div>
        <p v-if="rest.length" class="quiet">
            Not tracked here:
            <template v-for="(p, i) in rest" :key="p.parameter"
                >{{ i ? ', ' : ''
                }}<Link :href="`/systems/${header.id}/readings?of=${p.parameter}`">{{ p.label }}</Link></template
            >
        </p>
    </SystemFrame>
</template>
