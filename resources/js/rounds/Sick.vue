<script setup lang="ts">
import { Head, Link, router, useForm } from '@inertiajs/vue3';
import { computed, ref } from 'vue';
import type { SickVisitView } from '../generated';
import FieldError from '../shared/FieldError.vue';
import { date } from '../shared/units';
import RoundsTabs from './RoundsTabs.vue';

const props = defineProps<{
    people: Record<string, string>;
    who: { id: number; name: string } | null;
    until: string;
    today: string;
    visits: SickVisitView[];
    nights: { from: string; until: string; position: number }[];
    standIns: { id: number; name: string }[];
}>();
const person = ref<number | ''>(props.who?.id ?? '');
const last = ref(props.until);
const form = useForm<{ who: number | null; until: string; stand_in: number | null }>({
    who: null,
    until: '',
    stand_in: props.standIns[0]?.id ?? null,
});
const placed = computed(() => props.visits.filter((v) => v.becomes !== null).length);

function look() {
    if (person.value !== '')
        router.get('/rounds/sick', { who: person.value, until: last.value }, { preserveState: false });
}

function confirm() {
    form.who = props.who?.id ?? null;
    form.until = props.until;
    if (!props.nights.length) form.stand_in = null;
    form.post('/rounds/sick');
}
</script>

<template>
    <Head title="Somebody is ill" />
    <div class="page">
        <div class="head">
            <h1>Somebody is ill</h1>
            <p class="sub">First see what it does to the plan; nothing moves before you say so.</p>
        </div>
        <RoundsTabs on="week" />
        <form class="form" @submit.prevent="look">
            <div>
                <label for="who">Who</label>
                <select id="who" v-model="person" required @change="look">
                    <option value="" disabled>choose</option>
                    <option v-for="(name, id) in people" :key="id" :value="Number(id)">{{ name }}</option>
                </select>
            </div>
            <div>
                <label for="until">From now, until and with</label
                ><input id="until" v-model="last" type="date" :min="today" required @change="look" />
            </div>
            <div><button class="outline">See what it does</button></div>
        </form>
        <template v-if="who">
            <h2>
                {{ who.name }}, ill until {{ date(until) }}:
                {{ visits.length === 1 ? '1 visit' : `${visits.length} visits` }} nobody would come to
            </h2>
            <table v-if="visits.length" class="fleet sickplan">
                <caption class="visually-hidden">
                    Before and after
                </caption>
                <thead>
                    <tr>
                        <th scope="col">Place</th>
                        <th scope="col">Stood</th>
                        <th scope="col">Would go to</th>
                    </tr>
                </thead>
                <tbody>
                    <tr v-for="v in visits" :key="v.id">
                        <td>
                            <b>{{ v.place }}</b><small>{{ v.client }}</small>
                        </td>
                        <td>{{ v.was }}</td>
                        <td>
                            <template v-if="v.becomes"
                                >{{ v.becomes }}<small v-if="v.knows">{{ v.knows }}</small></template
                            ><span v-else class="needs">no place: {{ v.why }}</span>
                        </td>
                    </tr>
                </tbody>
            </table>
            <p v-else class="quiet">No visit of the next three weeks needs {{ who.name }}: the crew goes on without.</p>
            <p v-if="visits.length" class="quiet">
                {{ placed }} find a place with nothing else moved. Their clients are listed on the week, with telephone
                numbers, until each one knows.
            </p>
            <form @submit.prevent="confirm">
                <template v-if="nights.length">
                    <h2>On call</h2>
                    <p>
                        {{ who.name }} would answer
                        <template v-for="(n, i) in nights" :key="n.from"
                            >{{ i ? ', ' : '' }}{{ date(n.from) }} to {{ date(n.until) }} ({{
                                n.position === 1 ? 'first' : 'second'
                            }})</template
                        >.
                    </p>
                    <div class="form">
                        <div>
                            <label for="stand">Who takes the telephone</label
                            ><select id="stand" v-model="form.stand_in">
                                <option v-for="s in standIns" :key="s.id" :value="s.id">{{ s.name }}</option>
                                <option :value="null">nobody: the next on the list is rung</option></select
                            ><FieldError :words="form.errors.stand_in" />
                        </div>
                    </div>
                </template>
                <FieldError :words="form.errors.who ?? form.errors.until" />
                <p class="acts">
                    <button class="btn-go" :disabled="form.processing">
                        {{
                            form.processing
                                ? 'Moving…'
                                : visits.length
                                  ? `Mark ${who.name} ill and move them`
                                  : `Mark ${who.name} ill`
                        }}
                    </button>
                    <Link href="/rounds">leave it</Link>
                </p>
            </form>
        </template>
        <div v-else class="empty">
            <h2>Choose who is ill</h2>
            <p>You see each visit before and after, who must be told, and who takes the telephone at night.</p>
        </div>
    </div>
</template>
