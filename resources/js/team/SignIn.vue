<script setup lang="ts">
import { Head, Link, useForm } from '@inertiajs/vue3';
import { BButton, BFormCheckbox, BFormInput } from 'bootstrap-vue-next';
import type { DemoAccountView } from '../generated';
import FormField from '../shared/FormField.vue';
import { useShell } from '../shared/page';
import DoorPicture from './DoorPicture.vue';

defineOptions({ layout: [] });
defineProps<{ accounts: DemoAccountView[] }>();
const { said } = useShell();
const form = useForm({ email: '', password: '', remember: false });
function enter(account: DemoAccountView) {
    form.email = account.email;
    form.password = account.password;
    form.post('/sign-in');
}
</script>

<template>
    <Head title="Sign in" />
    <div class="doorpage">
        <DoorPicture />
        <main class="inner">
            <h1 class="brand">Velbrin<i>.</i></h1>
            <p class="quiet">Plans, keeps and guards reef aquariums.</p>
            <p v-if="said" role="status">{{ said }}</p>
            <form class="doorform" @submit.prevent="form.post('/sign-in', { onFinish: () => form.reset('password') })">
                <FormField id="email" v-slot="field" label="Mail address" :error="form.errors.email">
                    <BFormInput v-bind="field" v-model="form.email" type="email" autocomplete="username" required />
                </FormField>
                <FormField id="password" v-slot="field" label="Password" :error="form.errors.password">
                    <BFormInput
                        v-bind="field"
                        v-model="form.password"
                        type="password"
                        autocomplete="current-password"
                        required
                    />
                </FormField>
                <BFormCheckbox v-model="form.remember">Stay signed in on this device</BFormCheckbox>
                <BButton type="submit" variant="primary" :disabled="form.processing">Sign in</BButton>
            </form>
            <p><Link href="/forgot-password">Forgot the password?</Link></p>
            <template v-if="accounts.length">
                <h2>Demo accounts</h2>
                <table class="accounts">
                    <caption class="visually-hidden">
                        Accounts of the demo world
                    </caption>
                    <tbody>
                        <tr v-for="account in accounts" :key="account.email">
                            <td>{{ account.role }}</td>
                            <td>{{ account.name }}</td>
                            <td><button type="button" class="linkish" @click="enter(account)">enter</button></td>
                        </tr>
                    </tbody>
                </table>
            </template>
        </main>
    </div>
</template>
