<script setup lang="ts">
import { Head, router, useForm } from '@inertiajs/vue3';
import { ref } from 'vue';
import type { CrumbView, SiteJobView, WishView } from '../generated';
import Crumbs from '../shared/Crumbs.vue';
import FieldError from '../shared/FieldError.vue';
import { date } from '../shared/units';
import SiteEvents from './SiteEvents.vue';

/** The jobs of one place as they are worked there, its differences beside the sheet's own words. */
const props = defineProps<{
    crumbs: CrumbView[];
    siteId: number;
    name: string;
    jobs: SiteJobView[];
    does: Record<string, string>;
    wishes: WishView[];
    events: { id: number; text: string; on: string; clearDays: number }[];
    clearDays: number;
    people: Record<string, string>;
    mayPlan: boolean;
    mayDiffer: boolean;
}>();
const at = ref<number | null>(null);
const form = useForm<{
    task_type_id: number;
    step: number;
    does: string;
    text: string;
    why: string;
    photo: File | null;
}>({ task_type_id: 0, step: 0, does: 'instead', text: '', why: '', photo: null });
const DAYS: [number, string][] = [
    [1, 'Mon'],
    [2, 'Tue'],
    [3, 'Wed'],
    [4, 'Thu'],
    [5, 'Fri'],
];
const wishing = ref(false);
const wish = useForm<{
    text: string;
    weekdays: number[];
    hours: string;
    person_id: number | null;
    not_before: string | null;
    not_after: string | null;
}>({
    text: '',
    weekdays: [],
    hours: '',
    person_id: null,
    not_before: null,
    not_after: null,
});
function wishFor() {
    wish.post(`/sites/${props.siteId}/wishes`, {
        preserveScroll: true,
        onSuccess: () => {
            wishing.value = false;
            wish.reset();
        },
    });
}
function toggle(day: number) {
    wish.weekdays = wish.weekdays.includes(day)
        ? wish.weekdays.filter((d) => d !== day)
        : [...wish.weekdays, day].sort();
}
function open(job: SiteJobView) {
    form.reset();
    form.clearErrors();
    form.task_type_id = job.typeId;
    at.value = job.typeId;
}
function keep() {
    form.post(`/sites/${props.siteId}/jobs`, {
        preserveScroll: true,
        forceFormData: true,
        onSuccess: () => (at.value = null),
    });
}
</script>

<template>
    <Head :title="`Jobs at ${name}`" />
    <div class="page">
        <Crumbs :crumbs="crumbs" />
        <h1>Jobs as they are done here</h1>
        <p class="quiet">
            The company’s sheets, with what {{ name }} does differently. Every visit here shows it, with its photo; a
            visit that began keeps what it began with.
        </p>
        <section class="sitejob" aria-labelledby="wishes">
            <h2 id="wishes">Standing wishes</h2>
            <ul v-if="wishes.length" class="list">
                <li v-for="w in wishes" :key="w.id">
                    <b>{{ w.text }}</b> <small>{{ w.says }} · {{ w.by }}, {{ date(w.on) }}</small>
                    <button
                        v-if="mayPlan"
                        type="button"
                        class="linkish"
                        :aria-label="`Release: ${w.text}`"
                        @click="router.post(`/wishes/${w.id}/release`, {}, { preserveScroll: true })"
                    >
                        release it
                    </button>
                </li>
            </ul>
            <p v-else class="quiet">
                None. A wish is kept by every proposal until somebody releases it: days, hours, one person, not before a
                date. Opening hours stand with the survey.
            </p>
            <button v-if="mayPlan && !wishing" type="button" class="linkish" @click="wishing = true">
                write down a wish
            </button>
            <form v-if="wishing" class="form typing" @submit.prevent="wishFor">
                <div class="wide">
                    <label for="w1">What they wish, in their words</label
                    ><input id="w1" v-model="wish.text" type="text" maxlength="300" /><FieldError
                        :words="wish.errors.text"
                    />
                </div>
                <div class="wide">
                    <span id="w2l" class="label">On these days only; none chosen: any day</span
                    ><span class="days" role="group" aria-labelledby="w2l"
                        ><button
                            v-for="[d, day] in DAYS"
                            :key="d"
                            type="button"
                            class="daychip"
                            :aria-pressed="wish.weekdays.includes(d)"
                            @click="toggle(d)"
                        >
                            {{ day }}
                        </button></span
                    ><FieldError :words="wish.errors.weekdays" />
                </div>
                <div>
                    <label for="w3">Between, for example 8-12</label
                    ><input id="w3" v-model="wish.hours" type="text" maxlength="60" /><FieldError
                        :words="wish.errors.hours"
                    />
                </div>
                <div>
                    <label for="w4">This person</label
                    ><select id="w4" v-model="wish.person_id">
                        <option :value="null">anybody</option>
                        <option v-for="(who, id) in people" :key="id" :value="Number(id)">{{ who }}</option>
                    </select>
                </div>
                <div>
                    <label for="w5">Not before</label><input id="w5" v-model="wish.not_before" type="date" /><FieldError
                        :words="wish.errors.not_before"
                    />
                </div>
                <div>
                    <label for="w6">Not after</label><input id="w6" v-model="wish.not_after" type="date" /><FieldError
                        :words="wish.errors.not_after"
                    />
                </div>
                <div>
                    <button class="btn-go" :disabled="wish.processing">Keep the wish</button>
                    <button type="button" class="plain" @click="wishing = false">leave it</button>
                </div>
            </form>
        </section>
        <SiteEvents :site-id="siteId" :events="events" :clear-days="clearDays" :may-plan="mayPlan" />
        <div v-if="!jobs.length" class="empty">
            <h2>Nothing recurs here yet</h2>
            <p>Give a system of this place its tasks; their sheets then stand here.</p>
        </div>
        <section v-for="job in jobs" :key="job.typeId" class="sitejob">
            <h2>
                {{ job.name }} <small class="quiet">version {{ job.version }}</small>
            </h2>
            <ol class="sheetsteps">
                <li v-for="(s, n) in job.steps" :key="n" :class="{ left: s.left }">
                    <span>{{ s.text }}</span>
                    <small v-if="s.was !== null" class="here"
                        ><b>{{
                            s.adrift
                                ? 'Its step is gone from the sheet'
                                : s.left
                                  ? 'Not here'
                                  : s.was
                                    ? 'Here, instead of'
                                    : 'Here, too'
                        }}</b
                        >{{ s.was && !s.left ? ` “${s.was}”` : '' }}: {{ s.why }}</small
                    >
                    <a v-if="s.photoId" :href="`/attachments/${s.photoId}`" class="thumb"
                        ><img
                            :src="`/attachments/${s.photoId}`"
                            :alt="`How it is done here: ${s.text}`"
                            width="72"
                            loading="lazy"
                    /></a>
                </li>
            </ol>
            <ul v-if="job.own.length" class="list">
                <li v-for="o in job.own" :key="o.id">
                    <small>{{ o.by }}, {{ date(o.on) }}</small> {{ o.text }}
                    <button
                        v-if="mayDiffer"
                        type="button"
                        class="linkish"
                        @click="router.post(`/site-steps/${o.id}/archive`, {}, { preserveScroll: true })"
                    >
                        as everywhere again
                    </button>
                </li>
            </ul>
            <button v-if="mayDiffer && at !== job.typeId" type="button" class="linkish" @click="open(job)">
                something is different here
            </button>
            <form v-else-if="mayDiffer" class="form typing" @submit.prevent="keep">
                <div class="wide">
                    <label :for="`sj1-${job.typeId}`">At which step</label
                    ><select :id="`sj1-${job.typeId}`" v-model="form.step">
                        <option v-for="(text, n) in job.sheet" :key="n" :value="n">
                            {{ n + 1 }}. {{ text }}
                        </option></select
                    ><FieldError :words="form.errors.step" />
                </div>
                <div>
                    <label :for="`sj2-${job.typeId}`">Here it is done</label
                    ><select :id="`sj2-${job.typeId}`" v-model="form.does">
                        <option v-for="(label, key) in does" :key="key" :value="key">{{ label }}</option>
                    </select>
                </div>
                <div v-if="form.does !== 'skip'" class="wide">
                    <label :for="`sj3-${job.typeId}`">What is done</label
                    ><input :id="`sj3-${job.typeId}`" v-model="form.text" type="text" maxlength="300" /><FieldError
                        :words="form.errors.text"
                    />
                </div>
                <div class="wide">
                    <label :for="`sj4-${job.typeId}`">Why this place differs</label
                    ><input :id="`sj4-${job.typeId}`" v-model="form.why" type="text" maxlength="300" /><FieldError
                        :words="form.errors.why"
                    />
                </div>
                <div>
                    <label :for="`sj5-${job.typeId}`">Photo</label
                    ><input
                        :id="`sj5-${job.typeId}`"
                        type="file"
                        accept="image/jpeg,image/png,image/webp"
                        @change="form.photo = ($event.target as HTMLInputElement).files?.[0] ?? null"
                    /><FieldError :words="form.errors.photo" />
                </div>
                <div>
                    <button class="btn-go" :disabled="form.processing">Keep it for this place</button>
                    <button type="button" class="plain" @click="at = null">leave it</button>
                </div>
            </form>
        </section>
    </div>
</template>
