<script setup lang="ts">
import { Head, Link, router, useForm } from '@inertiajs/vue3';
import { computed, ref } from 'vue';
import type { ClientView } from '../generated';
import Crumbs from '../shared/Crumbs.vue';
import FieldError from '../shared/FieldError.vue';
import { useShell } from '../shared/page';
import { date } from '../shared/units';
import ContactForm from './ContactForm.vue';

const props = defineProps<{ view: ClientView }>();
const { shell, errors } = useShell();
const site = useForm({ name: '', town: '', street: '' });
const file = useForm({ name: props.view.name, note: props.view.note });
/** Null: nobody; 'new': somebody to be written down; else who is changed. */
const editing = ref<number | 'new' | null>(null);
const chosen = computed(() => props.view.contacts.find((c) => c.id === editing.value) ?? null);
</script>

<template>
    <Head :title="view.name" />
    <div class="page">
        <Crumbs :crumbs="[{ label: 'Clients and places', href: '/places' }]" />
        <h1>{{ view.name }}</h1>
        <h2>Places</h2>
        <ul v-if="view.sites.length" class="list">
            <li v-for="s in view.sites" :key="s.id">
                <Link :href="`/sites/${s.id}`"
                    ><b>{{ s.name }}</b></Link
                >
                <small>{{ s.town }} · {{ s.systems }} systems · {{ s.plans }} plans</small>
            </li>
        </ul>
        <div v-else class="empty">
            <h2>No place yet</h2>
            <p>Add the place first: its rooms and the way in decide what can be built.</p>
        </div>
        <form v-if="shell.plans" class="form" @submit.prevent="site.post(`/clients/${view.id}/sites`)">
            <div>
                <label for="sn">New place</label
                ><input
                    id="sn"
                    v-model="site.name"
                    type="text"
                    data-new
                    placeholder="Waiting room, Cliff house…"
                /><FieldError :words="site.errors.name" />
            </div>
            <div><label for="ss">Street</label><input id="ss" v-model="site.street" type="text" /></div>
            <div><label for="st">Town</label><input id="st" v-model="site.town" type="text" /></div>
            <div><button class="btn-go" :disabled="site.processing">Add the place</button></div>
        </form>
        <h2>People there</h2>
        <div v-if="view.contacts.length" class="tablebox" tabindex="0" role="region" aria-label="Contacts">
            <table class="plainer">
                <caption class="visually-hidden">
                    Contacts
                </caption>
                <thead>
                    <tr>
                        <th scope="col">Name</th>
                        <th scope="col">Phone</th>
                        <th scope="col">Language</th>
                        <th scope="col">Key</th>
                        <th scope="col">May operate</th>
                        <th scope="col">Last confirmed</th>
                        <th scope="col"><span class="visually-hidden">Do</span></th>
                    </tr>
                </thead>
                <tbody>
                    <tr v-for="c in view.contacts" :key="c.id">
                        <td>
                            <b>{{ c.name }}</b> <small>{{ c.role }}</small>
                        </td>
                        <td>
                            {{ c.phone }}<br /><small>{{ c.email }}</small>
                        </td>
                        <td>{{ c.language }}</td>
                        <td>{{ c.holdsKey ? 'holds a key' : 'no key' }}</td>
                        <td>{{ c.canOperate }}</td>
                        <td>{{ c.lastConfirmedOn ? date(c.lastConfirmedOn) : 'never' }}</td>
                        <td>
                            <template v-if="shell.plans"
                                ><button type="button" class="linkish" @click="editing = c.id">change</button> ·
                                <button
                                    type="button"
                                    class="linkish"
                                    @click="router.post(`/contacts/${c.id}/archive`, {}, { preserveScroll: true })"
                                >
                                    archive
                                </button></template
                            >
                        </td>
                    </tr>
                </tbody>
            </table>
        </div>
        <p v-else class="quiet">Nobody written down. Whom do we call at night?</p>
        <button v-if="shell.plans && editing === null" type="button" class="outline" @click="editing = 'new'">
            Write somebody down
        </button>
        <ContactForm
            v-if="editing !== null"
            :key="editing"
            :client-id="view.id"
            :contact="chosen"
            :sites="view.sites"
            @closed="editing = null"
        />
        <template v-if="shell.plans">
            <h2>The file</h2>
            <form class="form" @submit.prevent="file.put(`/clients/${view.id}`, { preserveScroll: true })">
                <div>
                    <label for="fn">Name</label><input id="fn" v-model="file.name" type="text" /><FieldError
                        :words="file.errors.name"
                    />
                </div>
                <div class="wide">
                    <label for="fo">Note</label><textarea id="fo" v-model="file.note" rows="3"></textarea>
                </div>
                <div>
                    <button class="outline">Keep</button>
                    <button type="button" class="plain" @click="router.post(`/clients/${view.id}/archive`)">
                        Archive this client
                    </button>
                </div>
                <FieldError class="wide" :words="errors.archive" />
                <p v-if="view.mayTakeOut" class="wide">
                    <Link :href="`/clients/${view.id}/data`">Everything about this client</Link> as a file, or erased
                </p>
            </form>
        </template>
    </div>
</template>
