<script setup lang="ts">
import { Link, useForm } from '@inertiajs/vue3';
import { ref } from 'vue';
import { inDays, today } from '../shared/days';
import type { SystemHeaderView, TrialView } from '../generated';
import FieldError from '../shared/FieldError.vue';
import { date } from '../shared/units';
import SystemFrame from '../systems/SystemFrame.vue';

/** What is tried here, what was expected, and what became of it. */
const props = defineProps<{
    header: SystemHeaderView;
    trials: TrialView[];
    parameters: Record<string, string>;
    methods: string[];
    people: Record<string, string>;
    me: number;
}>();
const now = today();
const beginning = ref(false);
const form = useForm<{
    method: string;
    expectation: string;
    parameter: string | null;
    measure: string;
    started_on: string;
    judge_on: string;
    owner_id: number;
}>({
    method: '',
    expectation: '',
    parameter: null,
    measure: '',
    started_on: now,
    judge_on: inDays(56),
    owner_id: props.me,
});
const judging = ref<number | null>(null);
const verdict = useForm({ verdict: 'keep', verdict_words: '' });
const VERDICTS: [string, string][] = [
    ['keep', 'keep it'],
    ['drop', 'drop it'],
    ['unclear', 'cannot be told'],
];
</script>

<template>
    <SystemFrame :header="header" tab="trials">
        <p class="filter">
            <button
                v-if="header.mayRecord && !beginning"
                type="button"
                class="btn-go"
                data-new
                @click="beginning = true"
            >
                Put something on trial</button
            ><Link href="/trials" class="outline">By method, across systems</Link>
        </p>
        <form
            v-if="beginning"
            class="form typing"
            @submit.prevent="
                form.post(`/systems/${header.id}/trials`, {
                    preserveScroll: true,
                    onSuccess: () => {
                        beginning = false;
                        form.reset();
                    },
                })
            "
        >
            <div class="wide">
                <label for="tr1">What is tried</label
                ><input
                    id="tr1"
                    v-model="form.method"
                    type="text"
                    maxlength="120"
                    list="tr-methods"
                    required
                /><datalist id="tr-methods"><option v-for="m in methods" :key="m" :value="m" /></datalist
                ><FieldError :words="form.errors.method" />
            </div>
            <div class="wide">
                <label for="tr2">What is expected</label
                ><input
                    id="tr2"
                    v-model="form.expectation"
                    type="text"
                    maxlength="300"
                    placeholder="nitrate below 10 in eight weeks, corals as open as now"
                    required
                /><FieldError :words="form.errors.expectation" />
            </div>
            <div>
                <label for="tr3">Measured by</label
                ><select id="tr3" v-model="form.parameter">
                    <option :value="null">the eye</option>
                    <option v-for="(label, key) in parameters" :key="key" :value="key">{{ label }}</option></select
                ><FieldError :words="form.errors.parameter" />
            </div>
            <div v-if="!form.parameter" class="wide">
                <label for="tr4">How it will be judged</label
                ><input id="tr4" v-model="form.measure" type="text" maxlength="200" /><FieldError
                    :words="form.errors.measure"
                />
            </div>
            <div>
                <label for="tr5">Began on</label
                ><input id="tr5" v-model="form.started_on" type="date" :max="now" /><FieldError
                    :words="form.errors.started_on"
                />
            </div>
            <div>
                <label for="tr6">Judged on</label><input id="tr6" v-model="form.judge_on" type="date" /><FieldError
                    :words="form.errors.judge_on"
                />
            </div>
            <div>
                <label for="tr7">By</label
                ><select id="tr7" v-model="form.owner_id">
                    <option v-for="(name, id) in people" :key="id" :value="Number(id)">{{ name }}</option></select
                ><FieldError :words="form.errors.owner_id" />
            </div>
            <div>
                <button class="btn-go" :disabled="form.processing">Begin</button>
                <button type="button" class="plain" @click="beginning = false">leave it</button>
            </div>
        </form>
        <article v-for="t in trials" :key="t.id" class="trial" :class="t.verdict ?? 'open'">
            <h2>
                {{ t.method }} <b v-if="t.verdictLabel" class="word" :class="t.verdict">{{ t.verdictLabel }}</b><b
                    v-else-if="t.due"
                    class="word watch"
                    >to be judged</b
                >
            </h2>
            <p>
                Expected: {{ t.expectation }}.
                <small class="quiet"
                    >{{ t.measuredBy }} · began {{ date(t.startedOn) }},
                    {{ t.verdict ? `judged by ${t.judgedBy}` : `judged ${date(t.judgeOn)}` }} · {{ t.by }}</small
                >
            </p>
            <p v-if="t.effect">
                <b>{{ t.effect }}</b>, {{ t.clear }}.
            </p>
            <p v-else-if="!t.verdict" class="quiet">
                No number yet: it needs a reading before it began and one in its later half.
            </p>
            <p v-if="t.verdictWords">{{ t.verdictWords }}</p>
            <template v-if="!t.verdict && header.mayRecord">
                <button v-if="judging !== t.id" type="button" class="linkish" @click="judging = t.id">
                    judge it{{ t.due ? '' : ' early' }}
                </button>
                <form
                    v-else
                    class="form"
                    @submit.prevent="
                        verdict.post(`/trials/${t.id}/judge`, {
                            preserveScroll: true,
                            onSuccess: () => {
                                judging = null;
                                verdict.reset();
                            },
                        })
                    "
                >
                    <div>
                        <label :for="`v1-${t.id}`">Verdict</label
                        ><select :id="`v1-${t.id}`" v-model="verdict.verdict">
                            <option v-for="[key, label] in VERDICTS" :key="key" :value="key">
                                {{ label }}
                            </option></select
                        ><FieldError :words="verdict.errors.verdict" />
                    </div>
                    <div class="wide">
                        <label :for="`v2-${t.id}`">What was seen</label
                        ><input
                            :id="`v2-${t.id}`"
                            v-model="verdict.verdict_words"
                            type="text"
                            maxlength="300"
                        /><FieldError :words="verdict.errors.verdict_words" />
                    </div>
                    <div>
                        <button class="btn-go" :disabled="verdict.processing">Judge it</button>
                        <button type="button" class="plain" @click="judging = null">leave it</button>
                    </div>
                </form>
            </template>
        </article>
        <div v-if="!trials.length && !beginning" class="empty">
            <h2>Nothing on trial</h2>
            <p>
                A new food, another flow, a dosed carbon source: say what you expect and when you judge it. Then it can
                be compared with the same on other systems.
            </p>
        </div>
    </SystemFrame>
</template>
