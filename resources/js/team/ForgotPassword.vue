<script setup lang="ts">
import { Head, Link, useForm } from '@inertiajs/vue3';
import FieldError from '../shared/FieldError.vue';
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
                <div>
                    <label for="email">Mail address</label
                    ><input id="email" v-model="form.email" type="email" autocomplete="username" required /><FieldError
                        :words="form.errors.email"
                    />
                </div>
                <button class="btn-go" :disabled="form.processing">Send the link</button>
            </form>
            <p><Link href="/sign-in">Back to the door</Link></p>
        </main>
    </div>
</template>
