<script setup lang="ts">
import { computed, provide } from 'vue';
import { useKeptDocument } from '../shared/keptDocument';
import MarginNotes from '../shared/MarginNotes.vue';
import AnimalsPart from './AnimalsPart.vue';
import BoxesPart from './BoxesPart.vue';
import EndsLine from './EndsLine.vue';
import HoldingPart from './HoldingPart.vue';
import HoldingRecord from './HoldingRecord.vue';
import { type MoveDoc, type MoveProps } from './move';
import MoveTabs from './MoveTabs.vue';
import PiecesPart from './PiecesPart.vue';
import PlanBPart from './PlanBPart.vue';
import { DESK } from './planDesk';
import TeamPart from './TeamPart.vue';
import TicksPart from './TicksPart.vue';
import TruckPart from './TruckPart.vue';
import WaterPart from './WaterPart.vue';
import WayPart from './WayPart.vue';

/** What is known of a move, part by part, with what speaks against it in the margin. */
const props = defineProps<MoveProps>();
const { doc, past, standing, change, undo, send, takeTheirs } = useKeptDocument<MoveDoc>({
    url: () => `/moves/${props.move.id}`,
    written: () => props.written,
    revision: () => props.move.revision,
    conflict: () => props.conflict,
});
const locked = computed(() => !props.move.mayPlan);
const drives = computed(() => ['house', 'removal'].includes(props.move.kind));
const listed = computed(() => doc.value.animals.reduce((sum, a) => sum + (a.count ?? 1), 0));
provide(DESK, { doc, change, locked });
const STANDINGS = {
    kept: 'Everything here is kept.',
    typing: 'typing…',
    sending: 'being kept and worked out…',
    failed: 'Not kept: no connection, or something cannot be read. It is tried again with your next change.',
    conflict: 'Somebody else has written since.',
};
</script>

<template>
    <div class="withmargin">
        <div class="page">
            <MoveTabs :move="move" here="plan" />
            <p class="keepline" :class="{ wrong: standing === 'failed' || standing === 'conflict' }" role="status">
                {{ STANDINGS[standing] }}
                <button v-if="standing === 'conflict'" type="button" class="linkish" @click="takeTheirs">
                    take theirs
                </button>
                <button v-if="standing === 'failed'" type="button" class="linkish" @click="send">try again</button>
                <button v-if="past.length && !locked" type="button" class="linkish" @click="undo">one step back</button>
            </p>
            <p v-if="wrong" class="wrong" role="alert">{{ wrong.words }}.</p>
            <p v-if="missing.length" class="standing"><b>The course still needs</b> {{ missing.join('; ') }}.</p>
            <EndsLine v-if="course" :course="course" :begins-min="move.beginsMin" />
            <fieldset class="moveplan" :disabled="locked">
                <HoldingPart :waters="waters">
                    <HoldingRecord v-if="!locked" :move="move" :listed="listed" />
                </HoldingPart>
                <PlanBPart :drives="drives" :findings="findings" />
                <TeamPart
                    :people="people"
                    :drives="drives"
                    :dark-min="darkMin"
                    :currency="currency"
                    :crew-needed="crewNeeded"
                />
                <WayPart :drives="drives" />
                <AnimalsPart :boxing="boxing" />
                <BoxesPart />
                <PiecesPart :move="move.id" :photos="photos" :fates="fates" />
                <WaterPart :waters="waters" />
                <TruckPart v-if="drives" />
                <TicksPart :gates="gates" />
            </fieldset>
        </div>
        <aside class="margin" aria-label="Margin"><MarginNotes :findings="findings" /></aside>
    </div>
</template>
