<script setup lang="ts">
import { BModal } from 'bootstrap-vue-next';
import { computed, ref, watch } from 'vue';
import type { VisitTaskView } from '../generated';
import { useUnits } from '../shared/units';

/** A change is done with its litres: as planned in one tap, or as it was. */
const props = defineProps<{ task: VisitTaskView | null }>();
const emit = defineEmits<{ done: [outL: number, inL: number]; closed: [] }>();
const units = useUnits();
const open = computed({
    get: () => props.task !== null,
    set: (on) => {
        if (!on) emit('closed');
    },
});
const out = ref('');
const back = ref('');
const wrong = ref('');
watch(
    () => props.task,
    (task) => {
        out.value = task?.outL == null ? '' : units.typed(task.outL, 'L');
        back.value = task?.inL == null ? '' : units.typed(task.inL, 'L');
        wrong.value = '';
    },
);

function keep() {
    const [outL, inL] = [units.parse(out.value, 'L'), units.parse(back.value, 'L')];
    if (outL === null || inL === null) wrong.value = 'Both, please: out and in.';
    else emit('done', outL, inL);
}
</script>

<template>
    <BModal v-model="open" title="How many litres?" no-footer lazy centered header-close-label="Close">
        <form v-if="task" class="sheetform" @submit.prevent="keep">
            <button
                v-if="task.litres !== null"
                type="button"
                class="btn-go wide"
                @click="emit('done', task.litres, task.litres)"
            >
                As planned: {{ task.litresText }} out and in
            </button>
            <label for="lo">Out, {{ units.label('L') }}</label
            ><input id="lo" v-model="out" class="cell" inputmode="decimal" autocomplete="off" />
            <label for="li">In, {{ units.label('L') }}</label
            ><input id="li" v-model="back" class="cell" inputmode="decimal" autocomplete="off" />
            <p v-if="wrong" class="wrong" role="alert">{{ wrong }}</p>
            <button class="outline wide">That is how it was: done</button>
        </form>
    </BModal>
</template>
