<script setup lang="ts">
import { Head, Link, useForm } from '@inertiajs/vue3';
import { BButton, BFormInput } from 'bootstrap-vue-next';
import FormField from '../shared/FormField.vue';
import { useShell } from '../shared/page';
import DoorPicture from './DoorPicture.vue';

defineOptions({ layout: [] });
const { said } = useShell();
const form = useForm({ email: '' });
</script>

<template>
    <Head title="New password" />
    <div class="doorpage">
        <DoorPicture />
        <main class="inner">
            <h1>A new password</h1>
            <p class="quiet">We send a link to your mail address. It holds for an hour.</p>
            <p v-if="said" role="status">
                <b>{{ said }}</b>
            </p>
            <form class="doorform" @submit.prevent="form.post('/forgot-password')">
                <FormField id="email" v-slot="field" label="Mail address" :error="form.errors.email">
                    <BFormInput v-bind="field" v-model="form.email" type="email" autocomplete="username" required />
                </FormField>
                <BButton type="submit" variant="primary" :disabled="form.processing">Send the link</BButton>
            </form>
            <p><Link href="/sign-in">Back to the door</Link></p>
        </main>
    </div>
</template>
