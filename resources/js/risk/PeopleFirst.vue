<script setup lang="ts">
import { useForm } from '@inertiajs/vue3';
import { ref } from 'vue';
import type { FindingView } from '../generated';
import { today } from '../shared/days';
import FieldError from '../shared/FieldError.vue';
import SeverityMark from '../shared/SeverityMark.vue';
import { date } from '../shared/units';

/** What can hurt people: outside every price, answered only by somebody competent. */
const props = defineProps<{
    id: number;
    mayRecord: boolean;
    people: { hazard: string; finding: FindingView; who: string | null; on: string | null }[];
}>();
const asked = ref<string | null>(null);
const form = useForm({ hazard: '', holds: true, who_says: '', on: today() });
function answer(hazard: string, holds: boolean) {
    form.hazard = hazard;
    form.holds = holds;
    form.post(`/systems/${props.id}/people`, {
        preserveScroll: true,
        onSuccess: () => {
            asked.value = null;
            form.reset();
        },
    });
}
</script>

<template>
    <ul class="list people">
        <li v-for="p in people" :key="p.hazard" :class="p.finding.severity">
            <SeverityMark :severity="p.finding.severity" />
            <span
                ><b>{{ p.finding.what }}.</b> {{ p.finding.why }} {{ p.finding.remedy }}</span
            >
            <small v-if="p.who">{{ p.who }}, {{ p.on ? date(p.on) : '' }}</small>
            <template v-if="mayRecord">
                <button v-if="asked !== p.hazard" type="button" class="linkish" @click="asked = p.hazard">
                    somebody has looked
                </button>
                <form v-else class="filter" @submit.prevent="answer(p.hazard, true)">
                    <label :for="`w-${p.hazard}`">Who says so, and as what</label>
                    <input :id="`w-${p.hazard}`" v-model="form.who_says" type="text" maxlength="200" required />
                    <input v-model="form.on" type="date" aria-label="Looked at on" required />
                    <button class="outline">It holds</button>
                    <button type="button" class="plain" @click="answer(p.hazard, false)">it does not</button>
                    <FieldError :words="form.errors.who_says ?? form.errors.on" />
                </form>
            </template>
        </li>
    </ul>
</template>
