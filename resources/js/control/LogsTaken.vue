<script setup lang="ts">
import { useForm } from '@inertiajs/vue3';
import { BButton, BFormInput } from 'bootstrap-vue-next';
import { ref } from 'vue';
import type { LogView } from '../generated';
import FieldError from '../shared/FieldError.vue';
import { date } from '../shared/units';

/** Logs that are in, and the way back for one that was the wrong file or went to the wrong probe. */
defineProps<{ logs: LogView[] }>();
const asked = ref<number | null>(null);
const form = useForm({ because: '' });
const takeBack = (id: number) =>
    form.post(`/devices/${id}/take-back`, {
        preserveScroll: true,
        onSuccess: () => {
            asked.value = null;
            form.reset();
        },
    });
</script>

<template>
    <ul v-if="logs.length" class="sensorlines" aria-label="Logs that were taken in">
        <li v-for="log in logs" :key="log.id">
            <b>{{ log.name }}</b>
            <small class="quiet">
                {{ log.rows }} values<template v-if="log.from && log.to">
                    from {{ date(log.from) }} to {{ date(log.to) }}</template
                >, taken in {{ date(log.takenInAt) }} by {{ log.by }}
            </small>
            <small v-if="log.takenBackAt" class="watchword">
                taken back {{ date(log.takenBackAt) }}: {{ log.because }}. It counts no more.
            </small>
            <BButton v-else-if="asked !== log.id" variant="link" size="sm" @click="asked = log.id">
                take it back
            </BButton>
            <form v-else class="plugform" @submit.prevent="takeBack(log.id)">
                <label class="numbercell wide" :for="`back-${log.id}`"
                    ><span>What was wrong with it</span>
                    <BFormInput
                        :id="`back-${log.id}`"
                        v-model="form.because"
                        maxlength="200"
                        required
                        placeholder="the other probe’s column"
                    />
                </label>
                <FieldError :words="form.errors.because" />
                <BButton type="submit" variant="outline-secondary" :disabled="form.processing">
                    Take it back; its readings are marked
                </BButton>
            </form>
        </li>
    </ul>
</template>
