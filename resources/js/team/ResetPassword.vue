<script setup lang="ts">
import { Head, useForm } from '@inertiajs/vue3';
import FieldError from '../shared/FieldError.vue';
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
                <div>
                    <label for="email">Mail address</label
                    ><input id="email" v-model="form.email" type="email" autocomplete="username" required /><FieldError
                        :words="form.errors.email"
                    />
                </div>
                <div>
                    <label for="password">New password</label
                    ><input
                        id="password"
                        v-model="form.password"
                        type="password"
                        autocomplete="new-password"
                        required
                    /><FieldError :words="form.errors.password" />
                </div>
                <div>
                    <label for="again">Once more</label
                    ><input
                        id="again"
                        v-model="form.password_confirmation"
                        type="password"
                        autocomplete="new-password"
                        required
                    />
                </div>
                <button class="btn-go" :disabled="form.processing">Keep it</button>
            </form>
        </main>
    </div>
</template>
