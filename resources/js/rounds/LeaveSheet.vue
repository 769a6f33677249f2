<script setup lang="ts">
import { BModal } from 'bootstrap-vue-next';
import { computed, ref } from 'vue';
import type { OffView, VisitTaskView } from '../generated';
import { useKept } from '../shared/kept';

/** A short list that must be empty before anybody leaves; the server holds to it too. */
const props = defineProps<{
    visitId: number;
    open: boolean;
    offs: OffView[];
    undone: VisitTaskView[];
    lifted: string[];
    doubted: string[];
    ticks: Record<string, string>;
    closing: boolean;
    against: string | null;
}>();
const emit = defineEmits<{ close: [ticked: string[], note: string | null]; closed: [] }>();
const shown = computed({
    get: () => props.open,
    set: (on) => {
        if (!on) emit('closed');
    },
});
const ticked = ref<string[]>([]);
const note = useKept(`visit-${props.visitId}-left`);
const ready = computed(
    () =>
        props.offs.length === 0 &&
        props.undone.length === 0 &&
        props.lifted.length === 0 &&
        props.doubted.length === 0 &&
        ticked.value.length === Object.keys(props.ticks).length,
);
</script>

<template>
    <BModal v-model="shown" title="Before you leave" no-footer lazy centered scrollable header-close-label="Close">
        <p v-if="offs.length" class="wrong">Still off: {{ offs.map((o) => o.what.toLowerCase()).join(', ') }}.</p>
        <p v-if="undone.length" class="wrong">
            Neither done nor put off: {{ undone.map((t) => t.name.toLowerCase()).join(', ') }}.
        </p>
        <p v-if="lifted.length" class="wrong">Still off its place: {{ lifted.join(', ') }}.</p>
        <p v-if="doubted.length" class="wrong">Doubtful, and not answered: {{ doubted.join(', ') }}.</p>
        <label v-for="(label, key) in ticks" :key="key" class="step"
            ><input v-model="ticked" type="checkbox" :value="key" /><span>{{ label }}</span></label
        >
        <label for="left">For whoever comes next</label
        ><input id="left" v-model="note" class="cell" type="text" maxlength="500" placeholder="nothing odd" />
        <p v-if="against" class="wrong" role="alert">{{ against }}</p>
        <button
            type="button"
            class="btn-go wide"
            :disabled="!ready || closing"
            @click="emit('close', ticked, note || null)"
        >
            {{ closing ? 'Kept here: it closes when the signal is back' : 'Close the visit' }}
        </button>
    </BModal>
</template>
