<script setup lang="ts">
import { Head, Link, useForm } from '@inertiajs/vue3';
import { BButton, BFormInput } from 'bootstrap-vue-next';
import FormField from '../shared/FormField.vue';
import DoorPicture from './DoorPicture.vue';

defineOptions({ layout: [] });
const form = useForm({ code: '' });
</script>

<template>
    <Head title="Code" />
    <div class="doorpage">
        <DoorPicture />
        <main class="inner">
            <h1 class="brand">Velbrin<i>.</i></h1>
            <p class="quiet">One more step: the code your phone shows.</p>
            <form class="doorform" @submit.prevent="form.post('/sign-in/code', { onError: () => form.reset('code') })">
                <FormField
                    id="code"
                    v-slot="field"
                    label="Code"
                    hint="Six digits from the phone, or one of the codes on paper."
                    :error="form.errors.code"
                >
                    <BFormInput
                        v-bind="field"
                        v-model="form.code"
                        autocomplete="one-time-code"
                        autocapitalize="off"
                        spellcheck="false"
                        maxlength="20"
                        autofocus
                        required
                    />
                </FormField>
                <BButton type="submit" variant="primary" :disabled="form.processing">Go in</BButton>
            </form>
            <p>
                The phone is gone, and the paper too? Another owner takes the second factor off under Settings, People.
            </p>
            <p><Link href="/sign-in">Start again</Link></p>
        </main>
    </div>
</template>
