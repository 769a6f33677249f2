<script setup lang="ts">
import { Head, Link, router, useForm } from '@inertiajs/vue3';
import { computed, ref } from 'vue';
import type { FindingView, SystemHeaderView, WorkingView } from '../generated';
import Crumbs from '../shared/Crumbs.vue';
import FieldError from '../shared/FieldError.vue';
import MarginNotes from '../shared/MarginNotes.vue';
import SeverityMark from '../shared/SeverityMark.vue';
import { date } from '../shared/units';

/** What every page of a system has: who it is, its tabs, and the margin with its standing notes. */
const props = defineProps<{
    header: SystemHeaderView;
    tab: string;
    findings?: FindingView[];
    workings?: Record<string, WorkingView>;
}>();
const tabs = computed(() => [
    ['', 'Section'],
    ...(props.header.working ? [['register', 'Register']] : []),
    ['readings', 'Readings'],
    ...(props.header.working
        ? [
              ['tasks', 'Tasks'],
              ['risk', 'Risk'],
              ['regime', 'Regime'],
              ['trials', 'Trials'],
              ['stock', 'Stock'],
              ['works', 'Works'],
              ['log', 'Log'],
              ['papers', 'Papers'],
              ['sums', 'Sums'],
          ]
        : []),
]);
/** A plan that begins as this record stands. */
const refit = () => router.post(`/systems/${props.header.id}/refits`, { name: `Refit of ${props.header.name}` });
const note = useForm({ text: '' });
const adding = ref(false);
const found = useForm({ found: '' });
const confirming = ref<number | null>(null);
</script>

<template>
    <Head :title="header.name" />
    <div :class="{ withmargin: header.working }">
        <div class="page">
            <Crumbs :crumbs="header.crumbs" />
            <div class="head">
                <h1>{{ header.name }}</h1>
                <b v-if="header.settling" class="word watch">{{ header.settling }}</b>
                <Link
                    v-if="header.mayRecord && tab !== 'readings'"
                    class="btn-go push"
                    :href="`/systems/${header.id}/readings?type=1`"
                    data-new
                    >Write down a reading</Link
                >
                <p class="sub">
                    {{
                        [
                            header.kind,
                            header.regime,
                            header.volume,
                            header.age,
                            header.keeper ? `kept by ${header.keeper}` : null,
                        ]
                            .filter(Boolean)
                            .join(' · ')
                    }}
                    · <a :href="`/systems/${header.id}/handover.pdf`">handover file, PDF</a
                    ><template v-if="header.mayRecord">
                        · <Link :href="`/systems/${header.id}/fault`">find a fault</Link></template
                    ><template v-if="header.mayUpdate">
                        ·
                        <button type="button" class="linkish" @click="refit">plan a refit</button></template
                    >
                </p>
            </div>
            <p v-if="header.mayCallOut && !header.mayRecord" class="standing">
                <b>Not on your round.</b> You read here; whoever goes there writes.
                <Link :href="`/systems/${header.id}/tasks`">Call-out: you go now</Link>
            </p>
            <p v-if="header.unprotected" class="standing unprotected">
                <b>Unprotected.</b> {{ header.unprotected }}.
                <Link :href="`/systems/${header.id}/register`">Test it in the register</Link>
            </p>
            <div v-for="n in header.notes" :key="n.id" class="standing first">
                <b>Standing note.</b> {{ n.text }} <small>{{ n.by }}, {{ date(n.on) }}</small>
            </div>
            <nav class="tabs" aria-label="The record">
                <Link
                    v-for="[key, label] in tabs"
                    :key="key"
                    :href="`/systems/${header.id}${key ? `/${key}` : ''}`"
                    :class="{ on: key === tab }"
                    :aria-current="key === tab ? 'page' : undefined"
                    >{{ label }}</Link
                >
            </nav>
            <slot />
        </div>
        <aside v-if="header.working" class="margin" aria-label="Standing notes and findings">
            <div v-for="n in header.notes" :key="n.id" class="standing">
                <b>Standing note.</b> {{ n.text }} <small>{{ n.by }}, {{ date(n.on) }}</small>
                <button
                    v-if="header.mayRecord"
                    type="button"
                    class="linkish"
                    @click="router.post(`/notes/${n.id}/archive`, {}, { preserveScroll: true })"
                >
                    take it down
                </button>
            </div>
            <template v-if="header.ripples.length">
                <h2>Re-opened: {{ header.ripples.length }} to confirm</h2>
                <article v-for="r in header.ripples" :key="r.id" class="note watch">
                    <SeverityMark severity="watch" />
                    <h3>{{ r.label }}</h3>
                    <p>
                        <template v-if="r.moved"
                            ><b>{{ r.moved }}.</b> </template
                        >{{ r.check }}
                    </p>
                    <small
                        ><Link :href="`/rules/${r.rule}`">{{ r.rule }}</Link> · {{ r.cause }}, {{ date(r.on)
                        }}<template v-if="header.mayRecord">
                            ·
                            <button v-if="confirming !== r.id" type="button" class="linkish" @click="confirming = r.id">
                                confirm it
                            </button></template
                        ></small
                    >
                    <form
                        v-if="confirming === r.id"
                        @submit.prevent="
                            found.post(`/ripples/${r.id}/confirm`, {
                                preserveScroll: true,
                                onSuccess: () => {
                                    found.reset();
                                    confirming = null;
                                },
                            })
                        "
                    >
                        <input
                            v-model="found.found"
                            class="cell"
                            type="text"
                            maxlength="300"
                            :aria-label="`${r.label}: what you looked at and set`"
                            placeholder="looked at, set to…"
                            required
                        /><FieldError :words="found.errors.found" /> <button class="linkish">confirmed</button>
                    </form>
                </article>
            </template>
            <MarginNotes v-if="findings" :findings="findings" :workings="workings" />
            <template v-if="header.mayRecord">
                <button v-if="!adding" type="button" class="linkish" @click="adding = true">
                    write a standing note
                </button>
                <form
                    v-else
                    @submit.prevent="
                        note.post(`/systems/${header.id}/notes`, {
                            preserveScroll: true,
                            onSuccess: () => {
                                note.reset();
                                adding = false;
                            },
                        })
                    "
                >
                    <label for="sn">What is odd here, on purpose?</label
                    ><textarea id="sn" v-model="note.text" class="cell" rows="3" maxlength="500"></textarea
                    ><FieldError :words="note.errors.text" />
                    <button class="outline">Let it stand</button>
                </form>
            </template>
        </aside>
    </div>
</template>
