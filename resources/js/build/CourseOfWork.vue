<script setup lang="ts">
import { Link } from '@inertiajs/vue3';
import { computed, ref } from 'vue';
import type { JointView, StageView } from '../generated';
import { date } from '../shared/units';
import JointLooks from './JointLooks.vue';
import StageGate from './StageGate.vue';
import StageTools from './StageTools.vue';

/**
 * The stages on a line of days: the work itself dark, what it waits for light; each with its gate, proof and
 * cautions.
 */
const props = defineProps<{
    stages: StageView[];
    joints: JointView[];
    looks: Record<string, string>;
    people: Record<string, string>;
    versionId: number;
    systemId: number | null;
    accepted: boolean;
    mayProve: boolean;
    mayWaive: boolean;
    mayEdit: boolean;
}>();
const W = 720;
const LEFT = 168;
const ROW = 22;
const total = computed(() => Math.max(7, ...props.stages.map((s) => s.stands)));
const x = (d: number) => LEFT + (d / total.value) * (W - LEFT - 8);
const weeks = computed(() => Array.from({ length: Math.floor(total.value / 14) + 1 }, (_, n) => n * 14));
const next = computed(() => (props.accepted ? props.stages.find((s) => !s.passedBy) : undefined));
const last = computed(() => props.stages.filter((s) => s.passedBy).at(-1));
const days = computed(() => Math.ceil(Math.max(0, ...props.stages.map((s) => s.stands))));
const open = ref<string | null>(null);
const BY: Record<string, string> = { proof: 'proved', waiver: 'waived', document: 'cleared by a document' };
</script>

<template>
    <h2>
        Course of work
        <small
            >{{ next ? `${next.label} is next; ` : '' }}{{ days === 1 ? '1 day' : `${days} days` }} from today at the
            earliest</small
        >
    </h2>
    <div class="tablebox" tabindex="0" role="region" aria-label="Course of work">
        <svg
            class="course"
            :width="W"
            :height="24 + stages.length * ROW"
            role="img"
            aria-label="Stages by day; the same stands in the list below"
        >
            <g v-for="d in weeks" :key="d">
                <line :x1="x(d)" :x2="x(d)" y1="16" :y2="20 + stages.length * ROW" class="hour" />
                <text :x="x(d)" y="12" :text-anchor="x(d) > W - 40 ? 'end' : 'middle'">
                    {{ d === 0 ? 'today' : `day ${d}` }}
                </text>
            </g>
            <g v-for="(s, n) in stages" :key="s.key" :class="{ past: s.passedBy }">
                <text x="0" :y="35 + n * ROW">{{ s.passedBy ? '✓ ' : '' }}{{ s.label }}</text>
                <template v-if="!s.passedBy">
                    <rect
                        :x="x(s.begins)"
                        :y="24 + n * ROW"
                        :width="Math.max(1.5, x(s.stands) - x(s.begins))"
                        height="14"
                        class="wait"
                    />
                    <rect
                        :x="x(s.begins)"
                        :y="24 + n * ROW"
                        :width="Math.max(2.5, x(s.workedBy) - x(s.begins))"
                        height="14"
                        class="work"
                    />
                </template>
            </g>
        </svg>
    </div>
    <p v-if="!accepted" class="quiet">Gates open when this version is accepted.</p>
    <ul class="list stages">
        <li v-for="s in stages" :key="s.key">
            <button
                type="button"
                class="linkish"
                :aria-expanded="open === s.key"
                @click="open = open === s.key ? null : s.key"
            >
                <b>{{ s.label }}</b>
            </button>
            <small v-if="s.passedBy"
                ><b :class="{ waived: s.passedBy === 'waiver' }">{{ BY[s.passedBy] }}</b> {{ date(s.passedOn!) }},
                {{ s.signedBy }}: {{ s.words }} <a v-if="s.document" :href="s.document">the document</a></small
            >
            <small v-else
                >{{ s.hours }} h, {{ s.persons === 1 ? 'one person' : `${s.persons} people`
                }}{{ s.waits ? ` · ${s.waits}` : '' }} · stands by {{ date(s.earliestOn) }} at the earliest</small
            >
            <div v-if="open === s.key || s === next">
                <p>
                    Passes by: {{ s.proof }}.
                    {{ s.mayBeWaived ? 'Or by a signed waiver with its reason.' : 'No waiver: it can hurt people.' }}
                </p>
                <p v-if="s.holds.length && s !== next">Looked at first: {{ s.holds.join('; ') }}.</p>
                <p v-for="c in s.cautions" :key="c" class="caution"><b aria-hidden="true">▲</b> {{ c }}</p>
                <p v-if="Object.keys(s.sheets).length">
                    Job sheets:
                    <template v-for="(name, key, n) in s.sheets" :key="key"
                        ><template v-if="n">, </template
                        ><Link :href="`/settings/jobs?sheet=${key}`">{{ name }}</Link></template
                    >
                </p>
                <StageTools
                    :key="`${s.key}-tools-${s.tools.length}`"
                    :stage="s"
                    :version-id="versionId"
                    :people="people"
                    :accepted="accepted"
                    :may-edit="mayEdit"
                    :may-prove="mayProve"
                />
                <JointLooks
                    v-if="s.key === 'filled' && joints.length && accepted"
                    :joints="joints"
                    :looks="looks"
                    :version-id="versionId"
                    :system-id="systemId"
                    :may-look="mayProve"
                />
                <StageGate
                    v-if="accepted && mayProve && (s === next || (s === last && mayWaive) || !s.passedBy)"
                    :key="`${s.key}${s.passedBy}`"
                    :stage="s"
                    :version-id="versionId"
                    :is-last="s === last"
                    :may-waive="mayWaive"
                />
            </div>
        </li>
    </ul>
</template>
