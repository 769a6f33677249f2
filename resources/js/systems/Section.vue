<script setup lang="ts">
import type { RequestPayload } from '@inertiajs/core';
import { Link, router } from '@inertiajs/vue3';
import { computed, reactive, ref } from 'vue';
import BriefSheet from '../shared/BriefSheet.vue';
import type {
    AnswersView,
    ChamberView,
    FactSpecView,
    FindingView,
    ParameterView,
    SystemHeaderView,
    TableSpecView,
    WorkingView,
} from '../generated';
import BoardPlan from '../shared/BoardPlan.vue';
import CabinetFit from '../shared/CabinetFit.vue';
import type { Row } from '../shared/draft';
import FigureList from '../shared/FigureList.vue';
import HolePlan from '../shared/HolePlan.vue';
import OpenChecks from '../shared/OpenChecks.vue';
import PowerTree from '../shared/PowerTree.vue';
import DayOfLight from '../shared/DayOfLight.vue';
import LightPlan from '../shared/LightPlan.vue';
import LightPoints from '../shared/LightPoints.vue';
import SectionDrawing from '../shared/SectionDrawing.vue';
import SystemFrame from './SystemFrame.vue';

const props = defineProps<{
    header: SystemHeaderView;
    answers: AnswersView;
    findings: FindingView[];
    strip: ParameterView[];
    facts: {
        values: Record<string, number | string>;
        bases: Record<string, string>;
        chambers: ChamberView[];
        defaults: Record<string, number | string>;
    } | null;
    sheet: FactSpecView[];
    groups: Record<string, string>;
    tables: Record<string, Row[]>;
    specs: Record<string, TableSpecView>;
}>();
const workings = computed(() =>
    Object.fromEntries(props.answers.figures.filter((f) => f.working).map((f) => [f.key, f.working as WorkingView])),
);
const rank: Record<string, number> = { stop: 0, fix: 1, watch: 2, fine: 3 };
const all = computed(() =>
    [...props.findings, ...props.answers.findings].sort((a, b) => rank[a.severity] - rank[b.severity]),
);
const draft = reactive({
    values: { ...props.facts?.values } as Record<string, number | string | null>,
    bases: { ...props.facts?.bases },
    chambers: (props.facts?.chambers ?? []).map((c) => ({ ...c })),
});
const placed = reactive(
    Object.fromEntries(
        Object.entries(props.tables).map(([name, rows]) => [name, rows.map((row) => ({ ...row }))]),
    ) as Record<string, Row[]>,
);
const readonly = computed(() => props.facts === null);
const inside = computed(() =>
    props.answers.outline.length
        ? {
              length: Math.max(...props.answers.outline.map((c) => c[0])),
              width: Math.max(...props.answers.outline.map((c) => c[1])),
          }
        : null,
);
const dirty = ref(false);
const wrong = ref<Record<string, string>>({});
function keep() {
    router.put(
        `/systems/${props.header.id}/facts`,
        {
            values: { ...draft.values } as Record<string, number | string>,
            bases: { ...draft.bases },
            chambers: draft.chambers.map((c) => ({ ...c })),
            tables: Object.fromEntries(
                Object.entries(placed).filter(([name]) => !['chambers', 'vessels', 'phases'].includes(name)),
            ),
        } as unknown as RequestPayload,
        {
            preserveScroll: true,
            onSuccess: () => {
                dirty.value = false;
                wrong.value = {};
            },
            onError: (e) =>
                (wrong.value = Object.fromEntries(Object.entries(e).map(([k, v]) => [k.replace(/^values\./, ''), v]))),
        },
    );
}
</script>

<template>
    <SystemFrame :header="header" tab="" :findings="all" :workings="workings">
        <SectionDrawing
            v-if="answers.section"
            :section="answers.section"
            :frames="answers.powerCut"
            :clogged="answers.cloggedCut"
            label="Section through the system, to scale; its numbers stand in the table below"
        />
        <div v-else class="empty">
            <h2>No drawing yet</h2>
            <p>
                Length, front to back and height of the display are enough to begin. Write them under “What was
                measured”.
            </p>
        </div>
        <div v-if="strip.length" class="strip">
            <Link v-for="p in strip" :key="p.parameter" :href="`/systems/${header.id}/readings?of=${p.parameter}`"
                ><div class="k">{{ p.label }}</div>
                <div class="v">{{ p.latest }}</div>
                <div class="n">{{ [p.way, p.leaves].filter(Boolean).join(', ') }}</div></Link
            >
        </div>
        <FigureList
            :figures="answers.figures.filter((f) => f.text !== null)"
            title="Computed from the record. A dotted line: it rests on something assumed."
        />
        <OpenChecks v-if="header.working" :open="answers.open" />
        <template v-if="!readonly || placed.lamps.length"
            ><LightPlan
                v-model:lamps="placed.lamps"
                :spec="specs.lamps"
                :maps="answers.light"
                :inside="inside"
                :outline="answers.outline"
                :errors="wrong"
                :readonly="readonly"
                @change="dirty = true" /><LightPoints
                v-if="placed.lamps.length"
                v-model:points="placed.points"
                :spec="specs.points"
                :metered="answers.metered"
                :inside="inside"
                :errors="wrong"
                :readonly="readonly"
                @change="dirty = true" /><DayOfLight
                v-if="placed.lamps.length"
                v-model:channels="placed.channels"
                :day="answers.day"
                :spec="specs.channels"
                :errors="wrong"
                :readonly="readonly"
                @change="dirty = true"
        /></template>
        <HolePlan
            v-if="answers.panes.length"
            :holes="placed.holes"
            :spec="specs.holes"
            :panes="answers.panes"
            :proposed="[]"
            :errors="{}"
            readonly
        />
        <CabinetFit
            v-if="!readonly || answers.cabinet.length"
            v-model:gear="placed.gear"
            v-model:compartments="placed.compartments"
            v-model:ledges="placed.ledges"
            :specs="{ gear: specs.gear, compartments: specs.compartments, ledges: specs.ledges }"
            :packings="answers.cabinet"
            :errors="wrong"
            :readonly="readonly"
            @change="dirty = true"
        />
        <BoardPlan
            v-if="!readonly || placed.board.length"
            v-model:devices="placed.board"
            v-model:ways="placed.ways"
            :specs="{ board: specs.board, ways: specs.ways }"
            :board="answers.board"
            :full="answers.cableWays"
            :errors="wrong"
            :readonly="readonly"
            @change="dirty = true"
        />
        <PowerTree
            v-if="!readonly || placed.loads.length"
            v-model:loads="placed.loads"
            :tree="answers.power"
            :spec="specs.loads"
            :errors="wrong"
            :readonly="readonly"
            @change="dirty = true"
        />
        <section v-if="facts" class="brief">
            <h2>What was measured</h2>
            <BriefSheet
                :draft="draft"
                :sheet="sheet"
                :groups="groups"
                :defaults="facts.defaults"
                :errors="wrong"
                :readonly="false"
                @change="dirty = true"
            />
            <p>
                <button type="button" class="outline" :disabled="!dirty" @click="keep">
                    {{ dirty ? 'Keep what you measured' : 'Kept' }}
                </button>
            </p>
        </section>
    </SystemFrame>
</template>
