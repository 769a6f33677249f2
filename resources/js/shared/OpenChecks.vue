<script setup lang="ts">
import { Link } from '@inertiajs/vue3';
import { computed, ref } from 'vue';
import type { OpenCheckView } from '../generated';

const props = defineProps<{ open: OpenCheckView[]; mayConfirm?: boolean }>();
const emit = defineEmits<{ confirm: [fields: string[]] }>();
const safety = computed(() => props.open.filter((o) => o.isSafety));
const rest = computed(() => props.open.filter((o) => !o.isSafety));
const assumed = computed(() => Object.assign({}, ...props.open.map((o) => o.assumed)) as Record<string, string>);
const fields = computed(() => Object.keys(assumed.value));
const showAll = ref(false);
const few = computed(() => (showAll.value ? rest.value : []));
const waitsFor = (o: OpenCheckView) => [...o.needs, ...Object.values(o.assumed).map((label) => `${label} (assumed)`)];
</script>

<template>
    <section v-if="open.length" class="open-checks" aria-label="Open">
        <h2>Open</h2>
        <p class="quiet">Nothing here counts as passed. Silence is never fine.</p>
        <article v-for="check in safety" :key="check.key" class="note open">
            <h3><span class="word">Open</span> {{ check.asks }}</h3>
            <p v-if="check.needs.length">Needs: {{ check.needs.join(', ') }}.</p>
            <p v-if="Object.keys(check.assumed).length">
                Counted, but nobody has said: {{ Object.values(check.assumed).join(', ') }}.
            </p>
            <small
                ><Link :href="`/rules/${check.rule}`">{{ check.rule }}</Link></small
            >
        </article>
        <template v-if="rest.length">
            <button type="button" class="linkish" :aria-expanded="showAll" @click="showAll = !showAll">
                {{ rest.length }} more {{ rest.length === 1 ? 'answer rests' : 'answers rest' }} on starting values
            </button>
            <article v-for="check in few" :key="check.key" class="note open">
                <h3><span class="word">Open</span> {{ check.asks }}</h3>
                <p>If this is right: {{ waitsFor(check).join(', ') }}.</p>
                <small
                    ><Link :href="`/rules/${check.rule}`">{{ check.rule }}</Link></small
                >
            </article>
        </template>
        <details v-if="fields.length && mayConfirm" class="assumed">
            <summary>
                {{ fields.length }} starting {{ fields.length === 1 ? 'value stands' : 'values stand' }} in for facts
            </summary>
            <ul class="list-unstyled">
                <li v-for="(label, field) in assumed" :key="field">
                    {{ label }}
                    <button type="button" class="linkish" @click="emit('confirm', [String(field)])">
                        that is right
                    </button>
                </li>
            </ul>
            <button type="button" class="outline" @click="emit('confirm', fields)">All of them are right</button>
        </details>
    </section>
</template>
