<script setup lang="ts">
import { router } from '@inertiajs/vue3';
import { reactive, ref } from 'vue';
import type { ContactView } from '../generated';
import FieldError from '../shared/FieldError.vue';
import KeepLine from '../shared/KeepLine.vue';
import { useSelfKeeping } from '../shared/selfKeeping';

/**
 * Somebody at the client’s: who is on record keeps itself; who is new stands on this device until it is written
 * down.
 */
const props = defineProps<{ clientId: number; contact: ContactView | null; sites: { id: number; name: string }[] }>();
const emit = defineEmits<{ closed: [] }>();
interface Person {
    name: string;
    role: string | null;
    phone: string | null;
    email: string | null;
    language: string | null;
    holds_key: boolean;
    can_operate: string | null;
    last_confirmed_on: string | null;
    shown: string | null;
    shown_on: string | null;
    training_owed: string | null;
    site_id: number | null;
}
const STORE = `velbrin-form-contact-new-${props.clientId}`;
const person = reactive<Person>({
    name: props.contact?.name ?? '',
    role: props.contact?.role ?? '',
    phone: props.contact?.phone ?? '',
    email: props.contact?.email ?? '',
    language: props.contact?.language ?? '',
    holds_key: props.contact?.holdsKey ?? false,
    can_operate: props.contact?.canOperate ?? '',
    last_confirmed_on: props.contact?.lastConfirmedOn ?? '',
    shown: props.contact?.shown ?? '',
    shown_on: props.contact?.shownOn ?? '',
    training_owed: props.contact?.trainingOwed ?? '',
    site_id: props.contact?.siteId ?? null,
});
const sent = () =>
    Object.fromEntries(Object.entries(person).map(([k, v]) => [k, v === '' ? null : v])) as unknown as Person;
const keeping = useSelfKeeping<Person>({
    key: `contact-${props.contact?.id ?? 'new'}`,
    url: `/contacts/${props.contact?.id ?? 0}`,
    data: sent,
    stamp: () => props.contact?.stamp ?? '',
    only: ['view'],
});
const wrong = ref<Record<string, string>>({});
const errors = () => (props.contact ? keeping.errors.value : wrong.value);
const earlier = props.contact
    ? keeping.left()
    : (JSON.parse(window.localStorage.getItem(STORE) ?? 'null') as Person | null);
if (earlier) {
    Object.assign(person, earlier);
    if (props.contact) keeping.touch();
}
function touch() {
    if (props.contact) keeping.touch();
    else window.localStorage.setItem(STORE, JSON.stringify(person));
}
function add() {
    router.post(`/clients/${props.clientId}/contacts`, sent() as never, {
        preserveScroll: true,
        onError: (e) => (wrong.value = e),
        onSuccess: () => {
            window.localStorage.removeItem(STORE);
            emit('closed');
        },
    });
}
</script>

<template>
    <form class="form typing" @submit.prevent="add" @input="touch" @change="touch">
        <div>
            <label for="k1">Name</label><input id="k1" v-model="person.name" type="text" required /><FieldError
                :words="errors().name"
            />
        </div>
        <div><label for="k2">Role there</label><input id="k2" v-model="person.role" type="text" /></div>
        <div><label for="k3">Phone</label><input id="k3" v-model="person.phone" type="tel" /></div>
        <div>
            <label for="k4">Mail</label><input id="k4" v-model="person.email" type="email" /><FieldError
                :words="errors().email"
            />
        </div>
        <div><label for="k5">Language</label><input id="k5" v-model="person.language" type="text" /></div>
        <div><label for="k6">May operate</label><input id="k6" v-model="person.can_operate" type="text" /></div>
        <div>
            <label for="k7">Last confirmed</label
            ><input id="k7" v-model="person.last_confirmed_on" type="date" /><FieldError
                :words="errors().last_confirmed_on"
            />
        </div>
        <div><label for="k9">Was shown how to</label><input id="k9" v-model="person.shown" type="text" /></div>
        <div>
            <label for="k10">Shown on</label><input id="k10" v-model="person.shown_on" type="date" /><FieldError
                :words="errors().shown_on"
            />
        </div>
        <div>
            <label for="k11">Still owed: to be shown</label
            ><input id="k11" v-model="person.training_owed" type="text" />
        </div>
        <div>
            <label for="k8">Only for</label
            ><select id="k8" v-model="person.site_id">
                <option :value="null">all places</option>
                <option v-for="s in sites" :key="s.id" :value="s.id">{{ s.name }}</option>
            </select>
        </div>
        <label class="check"><input v-model="person.holds_key" type="checkbox" /> holds a key</label>
        <div v-if="contact" class="wide">
            <KeepLine
                :state="keeping.state.value"
                :conflict="keeping.errors.value.stamp"
                @mine="keeping.keepMine"
                @theirs="keeping.takeTheirs"
            />
            <button type="button" class="plain" @click="emit('closed')">close</button>
        </div>
        <div v-else>
            <button class="btn-go">Keep</button>
            <button type="button" class="plain" @click="emit('closed')">leave it</button>
        </div>
    </form>
</template>
