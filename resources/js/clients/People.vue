<script setup lang="ts">
import { Head, Link, router, useForm } from '@inertiajs/vue3';
import type { PersonView } from '../generated';
import FieldError from '../shared/FieldError.vue';

defineProps<{ people: PersonView[]; clients: Record<string, string> }>();
const form = useForm<{ name: string; email: string; role: string; client_id: number | null }>({ name: '', email: '', role: 'technician', client_id: null });
</script>

<template>
    <Head title="People" />
    <div class="page">
        <h1>People</h1>
        <p class="quiet">Who may sign in, and as what. <Link href="/settings">Settings</Link></p>
        <div class="tablebox" tabindex="0" role="region" aria-label="People">
            <table class="plainer">
                <caption class="visually-hidden">People</caption>
                <thead><tr><th scope="col">Name</th><th scope="col">Role</th><th scope="col">Mail</th><th scope="col">Client</th><th scope="col"><span class="visually-hidden">Do</span></th></tr></thead>
                <tbody>
                    <tr v-for="person in people" :key="person.id">
                        <td><b>{{ person.name }}</b></td><td>{{ person.role }}</td><td>{{ person.email }}</td><td>{{ person.client }}</td>
                        <td><span v-if="person.archived" class="quiet">cannot sign in</span><button v-else type="button" class="linkish" @click="router.post(`/settings/people/${person.id}/archive`, {}, { preserveScroll: true })">lock out</button></td>
                    </tr>
                </tbody>
            </table>
        </div>
        <h2>Somebody new</h2>
        <form class="form" @submit.prevent="form.post('/settings/people', { preserveScroll: true, onSuccess: () => form.reset() })">
            <div><label for="n">Name</label><input id="n" v-model="form.name" type="text" data-new><FieldError :words="form.errors.name" /></div>
            <div><label for="m">Mail address</label><input id="m" v-model="form.email" type="email"><FieldError :words="form.errors.email" /></div>
            <div><label for="r">Role</label><select id="r" v-model="form.role"><option value="technician">Technician</option><option value="planner">Planner</option><option value="owner">Owner</option><option value="client">Client</option></select></div>
            <div v-if="form.role === 'client'"><label for="c">Of which client</label><select id="c" v-model="form.client_id"><option v-for="(name, id) in clients" :key="id" :value="Number(id)">{{ name }}</option></select><FieldError :words="form.errors.client_id" /></div>
            <div><button class="btn-go" :disabled="form.processing">Let them in</button></div>
        </form>
    </div>
</template>
