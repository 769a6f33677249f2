<script setup lang="ts">
import { Head, Link } from '@inertiajs/vue3';
import { computed } from 'vue';
import type { RuleView } from '../generated';

const props = defineProps<{ rules: RuleView[]; current: string | null }>();
const rule = computed(() => props.rules.find((r) => r.number === props.current));
</script>

<template>
    <Head :title="rule ? `${rule.number} ${rule.title}` : 'Rules'" />
    <div class="page rulebook">
        <nav aria-label="Rules">
            <h2>Rules</h2>
            <ul>
                <li v-for="r in rules" :key="r.number">
                    <Link
                        :href="`/rules/${r.number}`"
                        :class="{ on: r.number === current }"
                        :aria-current="r.number === current ? 'page' : undefined"
                        preserve-scroll
                        >{{ r.number }} {{ r.title }}</Link
                    >
                </li>
            </ul>
        </nav>
        <article v-if="rule">
            <h1>{{ rule.number }} {{ rule.title }}</h1>
            <h2>What it says</h2>
            <p>{{ rule.says }}</p>
            <h2>Why</h2>
            <p>{{ rule.why }}</p>
            <template v-if="rule.formula"
                ><h2>Formula</h2>
                <p class="formula">{{ rule.formula }}</p></template
            >
            <template v-if="rule.source"
                ><h2>Source</h2>
                <p>{{ rule.source }}</p></template
            >
        </article>
        <div v-else class="empty">
            <h2>What the findings rest on</h2>
            <p>Each finding in a margin names its rule. Choose one to see what it says, why, its formula and source.</p>
        </div>
    </div>
</template>
