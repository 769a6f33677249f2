<script setup lang="ts">
import { Head, Link } from '@inertiajs/vue3';
import { computed } from 'vue';
import type { MethodResultView, TrialView } from '../generated';
import { date } from '../shared/units';
import RoundsTabs from './RoundsTabs.vue';

/**
 * The same method on different systems: each result a mark on one line, so that spread is seen before the mean is
 * read.
 */
const props = defineProps<{ methods: MethodResultView[]; open: TrialView[] }>();
const W = 560;
const drawn = computed(() =>
    props.methods.map((m) => {
        const values = m.trials.map((t) => t.change).filter((c): c is number => c !== null);
        const far = Math.max(...values.map(Math.abs), 1e-9) * 1.1;
        const x = (v: number) => W / 2 + (v / far) * (W / 2 - 12);
        return { ...m, x, has: values.length > 0 };
    }),
);
</script>

<template>
    <Head title="Trials" />
    <div class="page">
        <h1>Rounds</h1>
        <RoundsTabs on="trials" />
        <h2>By method</h2>
        <section v-for="m in drawn" :key="`${m.method}${m.parameter}`" class="method">
            <h3>
                {{ m.method }}
                <small class="quiet"
                    >{{ m.parameter ?? 'judged by eye' }} ·
                    {{ m.count === 1 ? 'tried once' : `tried ${m.count} times` }}:
                    {{
                        [
                            m.kept ? `${m.kept} kept` : null,
                            m.dropped ? `${m.dropped} dropped` : null,
                            m.unclear ? `${m.unclear} not told` : null,
                        ]
                            .filter(Boolean)
                            .join(', ')
                    }}</small
                >
            </h3>
            <svg
                v-if="m.has"
                :viewBox="`0 0 ${W} 46`"
                class="dots"
                role="img"
                :aria-label="`${m.method}: ${m.trials
                    .filter((t) => t.text)
                    .map((t) => `${t.system} ${t.text}`)
                    .join(', ')}`"
            >
                <line x1="0" :x2="W" y1="24" y2="24" />
                <line :x1="W / 2" :x2="W / 2" y1="8" y2="38" class="zero" />
                <text :x="W / 2" y="46" text-anchor="middle">as before</text>
                <path v-if="m.meanAt !== null && m.count > 1" :d="`M${m.x(m.meanAt)} 6l5 7h-10z`" class="mean" />
                <circle
                    v-for="(t, n) in m.trials.filter((d) => d.change !== null)"
                    :key="n"
                    :cx="m.x(t.change ?? 0)"
                    cy="24"
                    r="6"
                    :class="t.verdict"
                >
                    <title>{{ t.system }}: {{ t.text }}</title>
                </circle>
            </svg>
            <p v-if="m.mean">
                Mean change <b>{{ m.mean }}</b>{{
                    m.spread ? `, spread ± ${m.spread} between systems` : ', one system only: nothing to compare yet'
                }}.
            </p>
            <ul class="list">
                <li v-for="(t, n) in m.trials" :key="n">
                    <Link :href="`/systems/${t.systemId}/trials`">{{ t.system }}</Link>{{ ' ' }}
                    <b v-if="t.text">{{ t.text }}</b> {{ t.words }}
                </li>
            </ul>
        </section>
        <div v-if="!methods.length" class="empty">
            <h2>Nothing judged yet</h2>
            <p>
                Put a choice on trial in a system’s record; once it is judged it stands here beside the same choice
                elsewhere.
            </p>
        </div>
        <h2>Running</h2>
        <ul v-if="open.length" class="list">
            <li v-for="t in open" :key="t.id">
                <Link :href="`/systems/${t.systemId}/trials`">{{ t.system }}</Link> <b>{{ t.method }}</b>
                {{ t.expectation }}
                <small>{{ t.due ? 'to be judged now' : `judged ${date(t.judgeOn)}` }} · {{ t.by }}</small>
            </li>
        </ul>
        <p v-else class="quiet">Nothing is on trial.</p>
    </div>
</template>
