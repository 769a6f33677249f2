<script setup lang="ts">
import { Head, Link, router, useForm } from '@inertiajs/vue3';
import { ref } from 'vue';
import type { ClientView, ContactView } from '../generated';
import Crumbs from '../shared/Crumbs.vue';
import FieldError from '../shared/FieldError.vue';
import { useShell } from '../shared/page';
import { date } from '../shared/units';

const props = defineProps<{ view: ClientView }>();
const { shell, errors } = useShell();
const site = useForm({ name: '', town: '', street: '' });
const file = useForm({ name: props.view.name, note: props.view.note });
const blank = { id: 0, name: '', role: '', phone: '', email: '', language: '', holds_key: false, can_operate: '', last_confirmed_on: '' as string | null, site_id: null as number | null };
const contact = useForm({ ...blank });
const editing = ref(false);
function edit(one: ContactView | null) {
    Object.assign(contact, one === null ? blank : { id: one.id, name: one.name, role: one.role ?? '', phone: one.phone ?? '', email: one.email ?? '', language: one.language ?? '', holds_key: one.holdsKey, can_operate: one.canOperate ?? '', last_confirmed_on: one.lastConfirmedOn, site_id: one.siteId });
    editing.value = true;
}
function keep() {
    const done = { preserveScroll: true, onSuccess: () => (editing.value = false) };
    if (contact.id) contact.put(`/contacts/${contact.id}`, done);
    else contact.post(`/clients/${props.view.id}/contacts`, done);
}
</script>

<template>
    <Head :title="view.name" />
    <div class="page">
        <Crumbs :crumbs="[{ label: 'Clients and places', href: '/places' }]" />
        <h1>{{ view.name }}</h1>
        <h2>Places</h2>
        <ul v-if="view.sites.length" class="list"><li v-for="s in view.sites" :key="s.id"><Link :href="`/sites/${s.id}`"><b>{{ s.name }}</b></Link> <small>{{ s.town }} · {{ s.systems }} systems · {{ s.plans }} plans</small></li></ul>
        <div v-else class="empty"><h2>No place yet</h2><p>Add the place first: its rooms and the way in decide what can be built.</p></div>
        <form v-if="shell.plans" class="form" @submit.prevent="site.post(`/clients/${view.id}/sites`)">
            <div><label for="sn">New place</label><input id="sn" v-model="site.name" type="text" data-new placeholder="Waiting room, Cliff house…"><FieldError :words="site.errors.name" /></div>
            <div><label for="ss">Street</label><input id="ss" v-model="site.street" type="text"></div>
            <div><label for="st">Town</label><input id="st" v-model="site.town" type="text"></div>
            <div><button class="btn-go" :disabled="site.processing">Add the place</button></div>
        </form>
        <h2>People there</h2>
        <div v-if="view.contacts.length" class="tablebox" tabindex="0" role="region" aria-label="Contacts">
            <table class="plainer">
                <caption class="visually-hidden">Contacts</caption>
                <thead><tr><th scope="col">Name</th><th scope="col">Phone</th><th scope="col">Language</th><th scope="col">Key</th><th scope="col">May operate</th><th scope="col">Last confirmed</th><th scope="col"><span class="visually-hidden">Do</span></th></tr></thead>
                <tbody>
                    <tr v-for="c in view.contacts" :key="c.id">
                        <td><b>{{ c.name }}</b> <small>{{ c.role }}</small></td><td>{{ c.phone }}<br><small>{{ c.email }}</small></td><td>{{ c.language }}</td><td>{{ c.holdsKey ? 'holds a key' : 'no key' }}</td><td>{{ c.canOperate }}</td><td>{{ c.lastConfirmedOn ? date(c.lastConfirmedOn) : 'never' }}</td>
                        <td><template v-if="shell.plans"><button type="button" class="linkish" @click="edit(c)">change</button> · <button type="button" class="linkish" @click="router.post(`/contacts/${c.id}/archive`, {}, { preserveScroll: true })">archive</button></template></td>
                    </tr>
                </tbody>
            </table>
        </div>
        <p v-else class="quiet">Nobody written down. Whom do we call at night?</p>
        <button v-if="shell.plans && !editing" type="button" class="outline" @click="edit(null)">Write somebody down</button>
        <form v-if="editing" class="form typing" @submit.prevent="keep">
            <div><label for="k1">Name</label><input id="k1" v-model="contact.name" type="text" required><FieldError :words="contact.errors.name" /></div>
            <div><label for="k2">Role there</label><input id="k2" v-model="contact.role" type="text"></div>
            <div><label for="k3">Phone</label><input id="k3" v-model="contact.phone" type="tel"></div>
            <div><label for="k4">Mail</label><input id="k4" v-model="contact.email" type="email"><FieldError :words="contact.errors.email" /></div>
            <div><label for="k5">Language</label><input id="k5" v-model="contact.language" type="text"></div>
            <div><label for="k6">May operate</label><input id="k6" v-model="contact.can_operate" type="text"></div>
            <div><label for="k7">Last confirmed</label><input id="k7" v-model="contact.last_confirmed_on" type="date"><FieldError :words="contact.errors.last_confirmed_on" /></div>
            <div><label for="k8">Only for</label><select id="k8" v-model="contact.site_id"><option :value="null">all places</option><option v-for="s in view.sites" :key="s.id" :value="s.id">{{ s.name }}</option></select></div>
            <label class="check"><input v-model="contact.holds_key" type="checkbox"> holds a key</label>
            <div><button class="btn-go" :disabled="contact.processing">Keep</button> <button type="button" class="plain" @click="editing = false">leave it</button></div>
        </form>
        <template v-if="shell.plans">
            <h2>The file</h2>
            <form class="form" @submit.prevent="file.put(`/clients/${view.id}`, { preserveScroll: true })">
                <div><label for="fn">Name</label><input id="fn" v-model="file.name" type="text"><FieldError :words="file.errors.name" /></div>
                <div class="wide"><label for="fo">Note</label><textarea id="fo" v-model="file.note" rows="3"></textarea></div>
                <div><button class="outline">Keep</button> <button type="button" class="plain" @click="router.post(`/clients/${view.id}/archive`)">Archive this client</button></div>
                <FieldError class="wide" :words="errors.archive" />
            </form>
        </template>
    </div>
</template>
