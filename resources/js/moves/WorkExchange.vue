<script setup lang="ts">
import { useForm } from '@inertiajs/vue3';
import { BButton, BFormInput } from 'bootstrap-vue-next';
import type { WorkView } from '../generated';
import FieldError from '../shared/FieldError.vue';

/** The new device in its place and in the register; what the old one was set to is written down for it. */
const props = defineProps<{ work: WorkView }>();
const form = useForm({
    name: props.work.bringsNew ? (props.work.device ?? '') : '',
    watts: '' as string | number,
    serial: '',
    why: '',
});
const send = () =>
    form
        .transform((given) => ({
            ...given,
            watts: given.watts === '' ? null : Number(given.watts),
            serial: given.serial || null,
        }))
        .post(`/works/${props.work.id}/exchange`, { preserveScroll: true });
</script>

<template>
    <form class="workform" @submit.prevent="send">
        <template v-if="work.bringsNew">
            <label for="wx-name"
                ><span>What it is called now</span
                ><BFormInput id="wx-name" v-model="form.name" maxlength="120" required
            /></label>
            <label for="wx-watts"
                ><span>It draws, W</span
                ><BFormInput id="wx-watts" v-model="form.watts" class="num" type="number" min="0"
            /></label>
            <label for="wx-serial"
                ><span>Serial number</span><BFormInput id="wx-serial" v-model="form.serial" maxlength="60"
            /></label>
        </template>
        <label for="wx-why"
            ><span>Why, in a few words</span><BFormInput id="wx-why" v-model="form.why" maxlength="300" required
        /></label>
        <p class="workbuttons">
            <BButton type="submit" variant="primary" :disabled="form.processing">{{
                work.bringsNew ? 'It is in its place' : 'It is out'
            }}</BButton>
            <span class="quiet">Same plug; what was set is written down for it, to be looked at.</span>
        </p>
        <FieldError :words="form.errors.name ?? form.errors.watts ?? form.errors.serial ?? form.errors.why" />
    </form>
</template>
