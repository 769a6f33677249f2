<script setup lang="ts">
import { BModal } from 'bootstrap-vue-next';
import { computed, ref } from 'vue';
import { inDays } from '../shared/days';
import { useKept } from '../shared/kept';

/** Not now, with a reason: it comes back by itself on that day. */
const props = defineProps<{ visitId: number; open: boolean; name: string }>();
const emit = defineEmits<{ skip: [reason: string, againOn: string]; closed: [] }>();
const shown = computed({
    get: () => props.open,
    set: (on) => {
        if (!on) emit('closed');
    },
});
const reason = useKept(`visit-${props.visitId}-skip`);
const days = ref(7);
const QUICK = ['no time', 'part missing', 'they asked us not to', 'animals disturbed', 'not needed'];
function go() {
    emit('skip', reason.value, inDays(days.value));
    reason.value = '';
}
</script>

<template>
    <BModal
        v-model="shown"
        :title="`Not done: ${name.toLowerCase()}`"
        no-footer
        lazy
        centered
        header-close-label="Close"
    >
        <form class="sheetform" @submit.prevent="go">
            <div class="signs">
                <button
                    v-for="q in QUICK"
                    :key="q"
                    type="button"
                    :class="{ on: reason === q }"
                    :aria-pressed="reason === q"
                    @click="reason = q"
                >
                    {{ q }}
                </button>
            </div>
            <label for="why">Because</label
            ><input id="why" v-model="reason" class="cell" type="text" maxlength="200" required />
            <label for="again">It comes back</label
            ><select id="again" v-model.number="days" class="cell">
                <option :value="1">tomorrow</option>
                <option :value="3">in three days</option>
                <option :value="7">in a week</option>
                <option :value="14">in two weeks</option>
            </select>
            <button class="btn-go wide" :disabled="!reason">Carry it over</button>
        </form>
    </BModal>
</template>
