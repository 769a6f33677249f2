<script setup lang="ts">
import { Head, useForm } from '@inertiajs/vue3';
import { BButton, BFormInput } from 'bootstrap-vue-next';
import FormField from '../shared/FormField.vue';
import DoorPicture from './DoorPicture.vue';

defineOptions({ layout: [] });
const props = defineProps<{ token: string; email: string }>();
const form = useForm({ token: props.token, email: props.email, password: '', password_confirmation: '' });
</script>

<template>
    <Head title="Choose a password" />
    <div class="doorpage">
        <DoorPicture />
        <main class="inner">
            <h1>Choose a password</h1>
            <p class="quiet">Twelve characters or more. Three plain words do well.</p>
            <form class="doorform" @submit.prevent="form.post('/reset-password')">
                <FormField id="email" v-slot="field" label="Mail address" :error="form.errors.email">
                    <BFormInput v-bind="field" v-model="form.email" type="email" autocomplete="username" required />
                </FormField>
                <FormField id="password" v-slot="field" label="New password" :error="form.errors.password">
                    <BFormInput
                        v-bind="field"
                        v-model="form.password"
                        type="password"
                        autocomplete="new-password"
                        required
                    />
                </FormField>
                <FormField id="again" v-slot="field" label="Once more">
                    <BFormInput
                        v-bind="field"
                        v-model="form.password_confirmation"
                        type="password"
                        autocomplete="new-password"
                        required
                    />
                </FormField>
                <BButton type="submit" variant="primary" :disabled="form.processing">Keep it</BButton>
            </form>
        </main>
    </div>
</template>
