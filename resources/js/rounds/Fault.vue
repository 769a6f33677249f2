<script setup lang="ts">
import { Link, useForm } from '@inertiajs/vue3';
import { watch } from 'vue';
import type { FaultView, SystemHeaderView } from '../generated';
import FieldError from '../shared/FieldError.vue';
import { date } from '../shared/units';
import SystemFrame from '../systems/SystemFrame.vue';

/** One look at a time: the next question, what was answered, and at the end the cause with its follow-up. */
const props = defineProps<{
    header: SystemHeaderView;
    symptoms: Record<string, string>;
    walk: FaultView | null;
    devices: { name: string; watts: number | null; plug: string | null; spare: string | null }[];
    people: Record<string, string>;
    me: number;
}>();
const form = useForm<{
    symptom: string;
    answers: number[];
    note: string;
    mended: boolean;
    owner_id: number | null;
    due_on: string | null;
}>({ symptom: '', answers: [], note: '', mended: false, owner_id: props.me, due_on: null });
const to = (answers: number[]) =>
    `/systems/${props.header.id}/fault?symptom=${props.walk?.symptom}${answers.length ? `&answers=${answers.join(',')}` : ''}`;
watch(
    () => props.walk,
    (w) => {
        if (w) Object.assign(form, { symptom: w.symptom, answers: [...w.given], due_on: w.followOn });
    },
    { immediate: true },
);
</script>

<template>
    <SystemFrame :header="header" tab="fault">
        <template v-if="!walk">
            <h2>What was noticed?</h2>
            <ul class="choices">
                <li v-for="(label, key) in symptoms" :key="key">
                    <Link :href="`/systems/${header.id}/fault?symptom=${key}`">{{ label }}</Link>
                </li>
            </ul>
        </template>
        <div v-else class="fault">
            <h2>{{ walk.label }} <Link :href="`/systems/${header.id}/fault`" class="quiet">something else</Link></h2>
            <ol v-if="walk.trail.length" class="trail">
                <li v-for="(t, n) in walk.trail" :key="n">
                    <small>{{ t.way }}</small> {{ t.ask }} <b>{{ t.answer }}</b>{{ ' ' }}
                    <Link :href="to(walk.given.slice(0, n))" preserve-scroll>answer again</Link>
                </li>
            </ol>
            <section v-if="walk.ask" class="ask">
                <small class="way">{{ walk.way }}</small>
                <h3>{{ walk.ask }}</h3>
                <p v-if="walk.how">{{ walk.how }}</p>
                <p v-if="walk.caution" class="caution"><b aria-hidden="true">▲</b> {{ walk.caution }}</p>
                <ul class="choices">
                    <li v-for="(answer, n) in walk.answers" :key="n">
                        <Link :href="to([...walk.given, n])" preserve-scroll>{{ answer }}</Link>
                    </li>
                </ul>
                <table v-if="walk.power && devices.length" class="plainer">
                    <caption>
                        What the register says
                    </caption>
                    <thead>
                        <tr>
                            <th scope="col">Device</th>
                            <th scope="col" class="num">Watts on the label</th>
                            <th scope="col">Plug</th>
                            <th scope="col">Spare at</th>
                        </tr>
                    </thead>
                    <tbody>
                        <tr v-for="(d, n) in devices" :key="n">
                            <td>{{ d.name }}</td>
                            <td class="num">{{ d.watts === null ? 'not known' : `${d.watts} W` }}</td>
                            <td>{{ d.plug ?? 'no label' }}</td>
                            <td>{{ d.spare ?? '—' }}</td>
                        </tr>
                    </tbody>
                </table>
            </section>
            <section v-else class="cause" role="status">
                <h3>{{ walk.cause }}</h3>
                <p><b>Part:</b> {{ walk.part }}</p>
                <p v-if="walk.caution" class="caution"><b aria-hidden="true">▲</b> {{ walk.caution }}</p>
                <p><b>What follows:</b> {{ walk.follow }}</p>
                <form class="form typing" @submit.prevent="form.post(`/systems/${header.id}/fault`)">
                    <div class="wide">
                        <label for="ft1">To add</label
                        ><input id="ft1" v-model="form.note" type="text" maxlength="300" /><FieldError
                            :words="form.errors.note"
                        />
                    </div>
                    <div class="check">
                        <label><input v-model="form.mended" type="checkbox" /> it is mended and looked at</label>
                    </div>
                    <template v-if="!form.mended">
                        <div>
                            <label for="ft2">Who follows it up</label
                            ><select id="ft2" v-model="form.owner_id">
                                <option v-for="(name, id) in people" :key="id" :value="Number(id)">
                                    {{ name }}
                                </option></select
                            ><FieldError :words="form.errors.owner_id" />
                        </div>
                        <div>
                            <label for="ft3"
                                >Until<template v-if="walk.followOn"
                                    >, {{ date(walk.followOn) }} at the latest</template
                                ></label
                            ><input id="ft3" v-model="form.due_on" type="date" /><FieldError
                                :words="form.errors.due_on"
                            />
                        </div>
                    </template>
                    <div><button class="btn-go" :disabled="form.processing">Write it down</button></div>
                    <FieldError class="wide" :words="form.errors.answers" />
                </form>
            </section>
        </div>
    </SystemFrame>
</template>
