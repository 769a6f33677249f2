<script setup lang="ts">
import { useForm } from '@inertiajs/vue3';
import { BButton, BFormInput, BFormSelect } from 'bootstrap-vue-next';
import type { AnimalView } from '../generated';
import FieldError from '../shared/FieldError.vue';

/** Into another system, or gone: so many of them, and why. */
const props = defineProps<{ animal: AnimalView; others: { id: number; name: string }[] }>();
const emit = defineEmits<{ done: [] }>();
const form = useForm({ to_system_id: null as number | null, count: props.animal.count as number | string, why: '' });
const send = (path: string) =>
    form
        .transform((said) => ({ ...said, count: Number(said.count) }))
        .post(`/animals/${props.animal.id}/${path}`, { preserveScroll: true, onSuccess: () => emit('done') });
</script>

<template>
    <form class="workform" @submit.prevent="send('transfer')">
        <label for="sw-n"
            ><span>How many</span
            ><BFormInput id="sw-n" v-model="form.count" class="num" type="number" min="1" :max="animal.count"
        /></label>
        <label for="sw-to"
            ><span>Into</span
            ><BFormSelect
                id="sw-to"
                v-model="form.to_system_id"
                :options="[{ value: null, text: 'choose' }, ...others.map((o) => ({ value: o.id, text: o.name }))]"
        /></label>
        <label for="sw-why"
            ><span>Why</span><BFormInput id="sw-why" v-model="form.why" maxlength="300" required
        /></label>
        <p class="workbuttons">
            <BButton type="submit" variant="primary" :disabled="form.processing || form.to_system_id === null"
                >They go there</BButton
            >
            <BButton variant="outline-secondary" :disabled="form.processing" @click="send('out')"
                >They are gone</BButton
            >
        </p>
        <FieldError :words="form.errors.to_system_id ?? form.errors.count ?? form.errors.why" />
    </form>
</template>
