<script setup lang="ts">
import { Head, Link, useForm } from '@inertiajs/vue3';
import { BFormCheckbox } from 'bootstrap-vue-next';
import { ref } from 'vue';
import type { JobSheetView, SheetVersionView } from '../generated';
import FieldError from '../shared/FieldError.vue';
import { date } from '../shared/units';

/** The company's job sheets: the one in force, and how it came to be. */
const props = defineProps<{
    types: { id: number; name: string; version: number; build: boolean }[];
    sheet: JobSheetView;
    history: SheetVersionView[];
    places: { siteId: number; name: string; count: number }[];
    products: Record<string, string>;
    mayUpdate: boolean;
}>();
const editing = ref(false);
const form = useForm<{
    version: number;
    steps: { text: string; product_id: number | null; hold: boolean }[];
    cautions: string[];
    reason: string;
    photo_first: boolean;
    about: { purpose: string; whenNot: string; tools: string[]; materials: string[]; proof: string; record: string };
}>({
    version: 1,
    steps: [],
    cautions: [],
    reason: '',
    photo_first: false,
    about: { purpose: '', whenNot: '', tools: [], materials: [], proof: '', record: '' },
});
const WORDS: ['purpose' | 'whenNot' | 'proof' | 'record', string][] = [
    ['purpose', 'What it is for'],
    ['whenNot', 'When not to'],
    ['proof', 'What proves it'],
    ['record', 'What is written down'],
];
const LISTS: ['tools' | 'materials', string][] = [
    ['tools', 'Tools, one a line'],
    ['materials', 'Materials, one a line'],
];
function edit() {
    form.clearErrors();
    Object.assign(form, {
        version: props.sheet.version,
        steps: props.sheet.steps.map((s) => ({ text: s.text, product_id: s.productId, hold: s.hold })),
        cautions: [...props.sheet.cautions],
        reason: '',
        photo_first: props.sheet.photoFirst,
        about: {
            purpose: props.sheet.purpose,
            whenNot: props.sheet.whenNot,
            tools: [...props.sheet.tools],
            materials: [...props.sheet.materials],
            proof: props.sheet.proof,
            record: props.sheet.record,
        },
    });
    editing.value = true;
}
function move(n: number, by: number) {
    const [step] = form.steps.splice(n, 1);
    form.steps.splice(n + by, 0, step);
}
const words = (n: number) =>
    (form.errors as Record<string, string>)[`steps.${n}.text`] ??
    (form.errors as Record<string, string>)[`steps.${n}.product_id`];
</script>

<template>
    <Head :title="`Job sheet: ${sheet.name}`" />
    <div class="page rulebook">
        <nav aria-label="Job sheets">
            <template
                v-for="[build, head] in [
                    [false, 'Of service'],
                    [true, 'Of a build'],
                ] as [boolean, string][]"
                :key="head"
                ><h2>{{ head }}</h2>
                <ul>
                    <li v-for="t in types.filter((s) => s.build === build)" :key="t.id">
                        <Link
                            :href="`/settings/jobs/${t.id}`"
                            :class="{ on: t.id === sheet.id }"
                            :aria-current="t.id === sheet.id ? 'page' : undefined"
                            preserve-scroll
                            >{{ t.name }}
                            <small v-if="t.version > 1" class="quiet">version {{ t.version }}</small></Link
                        >
                    </li>
                </ul></template
            >
        </nav>
        <article :key="sheet.id">
            <div class="head">
                <h1>{{ sheet.name }}</h1>
                <button v-if="mayUpdate && !editing" type="button" class="outline push" data-new @click="edit">
                    Make the next version
                </button>
                <p class="sub">
                    Version {{ sheet.version }}{{ sheet.on ? ` of ${date(sheet.on)}` : '' }}
                    <template v-if="!sheet.build"> · every {{ sheet.everyDays }} days</template> ·
                    {{ sheet.minutes }} minutes · {{ sheet.persons === 1 ? 'one person' : `${sheet.persons} people` }}
                </p>
            </div>
            <template v-if="!editing">
                <dl class="about">
                    <template v-if="sheet.purpose"
                        ><dt>For</dt>
                        <dd>{{ sheet.purpose }}</dd></template
                    ><template v-if="sheet.whenNot"
                        ><dt>When not to</dt>
                        <dd>{{ sheet.whenNot }}</dd></template
                    ><template v-if="sheet.tools.length"
                        ><dt>Tools</dt>
                        <dd>{{ sheet.tools.join(', ') }}</dd></template
                    ><template v-if="sheet.materials.length"
                        ><dt>Materials</dt>
                        <dd>{{ sheet.materials.join(', ') }}</dd></template
                    >
                </dl>
                <p v-for="c in sheet.cautions" :key="c" class="caution"><b aria-hidden="true">▲</b> {{ c }}</p>
                <ol class="sheetsteps">
                    <li v-for="(s, n) in sheet.steps" :key="n">
                        {{ s.text }} <b v-if="s.hold" class="holdword">hold</b>
                        <small v-if="s.productId" class="opens"
                            >opens {{ products[String(s.productId)] ?? 'an archived product' }}</small
                        >
                    </li>
                </ol>
                <dl class="about">
                    <template v-if="sheet.proof"
                        ><dt>Proof</dt>
                        <dd>{{ sheet.proof }}</dd></template
                    ><template v-if="sheet.record"
                        ><dt>Write down</dt>
                        <dd>{{ sheet.record }}</dd></template
                    >
                </dl>
            </template>
            <form
                v-else
                class="jobform"
                @submit.prevent="
                    form.put(`/settings/jobs/${sheet.id}`, { preserveScroll: true, onSuccess: () => (editing = false) })
                "
            >
                <ol class="sheetsteps">
                    <li v-for="(s, n) in form.steps" :key="n">
                        <input
                            v-model="s.text"
                            class="cell"
                            type="text"
                            maxlength="200"
                            :aria-label="`Step ${n + 1}`"
                            required
                        />
                        <select v-model="s.product_id" class="cell" :aria-label="`Product that step ${n + 1} opens`">
                            <option :value="null">opens nothing</option>
                            <option v-for="(name, id) in products" :key="id" :value="Number(id)">
                                opens {{ name }}
                            </option>
                        </select>
                        <label class="check"
                            ><input
                                v-model="s.hold"
                                type="checkbox"
                                :aria-label="`Step ${n + 1} must be ticked before the job is done`"
                            />
                            hold</label
                        >
                        <button
                            type="button"
                            class="plain"
                            :disabled="n === 0"
                            :aria-label="`Step ${n + 1} up`"
                            @click="move(n, -1)"
                        >
                            ↑</button
                        ><button
                            type="button"
                            class="plain"
                            :disabled="n === form.steps.length - 1"
                            :aria-label="`Step ${n + 1} down`"
                            @click="move(n, 1)"
                        >
                            ↓</button
                        ><button
                            type="button"
                            class="plain"
                            :aria-label="`Take step ${n + 1} out`"
                            @click="form.steps.splice(n, 1)"
                        >
                            ✕
                        </button>
                        <FieldError :words="words(n)" />
                    </li>
                </ol>
                <p>
                    <button
                        type="button"
                        class="linkish"
                        @click="form.steps.push({ text: '', product_id: null, hold: false })"
                    >
                        add a step
                    </button>
                </p>
                <FieldError :words="form.errors.steps" />
                <h2>Cautions at the hand</h2>
                <p v-for="(_, n) in form.cautions" :key="n" class="sheetcaution">
                    <b aria-hidden="true">▲</b
                    ><input
                        v-model="form.cautions[n]"
                        class="cell"
                        type="text"
                        maxlength="200"
                        :aria-label="`Caution ${n + 1}`"
                        required
                    /><button
                        type="button"
                        class="plain"
                        :aria-label="`Take caution ${n + 1} out`"
                        @click="form.cautions.splice(n, 1)"
                    >
                        ✕
                    </button>
                </p>
                <p><button type="button" class="linkish" @click="form.cautions.push('')">add a caution</button></p>
                <div class="form">
                    <div v-for="[key, label] in WORDS" :key="key" class="wide">
                        <label :for="`js-${key}`">{{ label }}</label><input
                            :id="`js-${key}`"
                            v-model="form.about[key]"
                            type="text"
                            maxlength="300"
                        />
                    </div>
                    <div v-for="[key, label] in LISTS" :key="key">
                        <label :for="`js-${key}`">{{ label }}</label><textarea
                            :id="`js-${key}`"
                            rows="4"
                            :value="form.about[key].join('\n')"
                            @change="
                                form.about[key] = ($event.target as HTMLTextAreaElement).value
                                    .split('\n')
                                    .map((l) => l.trim())
                                    .filter(Boolean)
                            "
                        ></textarea>
                    </div>
                    <div class="wide">
                        <BFormCheckbox v-model="form.photo_first">a photo before the first step</BFormCheckbox>
                    </div>
                    <div class="wide">
                        <label for="js-why">Why it changes</label
                        ><input id="js-why" v-model="form.reason" type="text" maxlength="300" required /><FieldError
                            :words="form.errors.reason"
                        />
                    </div>
                </div>
                <FieldError :words="form.errors.version" />
                <p>
                    <button class="btn-go" :disabled="form.processing">Make version {{ form.version + 1 }}</button>
                    <button type="button" class="plain" @click="editing = false">leave it</button>
                </p>
            </form>

            <template v-if="places.length"
                ><h2>Places with their own way</h2>
                <ul class="list">
                    <li v-for="p in places" :key="p.siteId">
                        <Link :href="`/sites/${p.siteId}/jobs`">{{ p.name }}</Link>
                        <small>{{ p.count === 1 ? 'one step differs' : `${p.count} steps differ` }}</small>
                    </li>
                </ul></template
            >
            <h2>How it came to be</h2>
            <ul class="list versions">
                <li v-for="v in history" :key="v.version">
                    <b>Version {{ v.version }}</b> <small>{{ date(v.on) }}, {{ v.by }}</small> {{ v.reason }}
                    <p v-for="([mark, text], n) in v.lines" :key="n" :class="mark === '+' ? 'came' : 'went'">
                        <b>{{ mark }}</b> {{ text }}
                    </p>
                </li>
            </ul>
        </article>
    </div>
</template>
