<script setup lang="ts">
import { Head, Link, router, useForm } from '@inertiajs/vue3';
import { BButton, BFormCheckbox, BFormInput, BFormSelect } from 'bootstrap-vue-next';
import { ref } from 'vue';
import type { PersonView } from '../generated';
import FormField from '../shared/FormField.vue';

defineProps<{ people: PersonView[]; clients: Record<string, string>; factorIsAsked: boolean }>();
const ask = (holds: boolean) => router.put('/settings/people/second-factor', { holds }, { preserveScroll: true });
type Ways = {
    phone: string;
    home_lat: number | null;
    home_lon: number | null;
    may_silence: boolean;
    skills: string[];
};
const ways = useForm<Ways>({
    phone: '',
    home_lat: null,
    home_lon: null,
    may_silence: true,
    skills: [],
});
const role = useForm({ role: 'technician' });
const editing = ref<number | null>(null);
const skills = ref('');
function edit(p: PersonView) {
    editing.value = p.id;
    Object.assign(ways, { phone: p.phone ?? '', home_lat: p.homeLat, home_lon: p.homeLon, may_silence: p.maySilence });
    skills.value = p.skills;
    role.clearErrors();
    role.role = p.role.toLowerCase();
}
function keep() {
    ways.skills = skills.value
        .split(',')
        .map((w) => w.trim())
        .filter(Boolean);
    ways.put(`/settings/people/${editing.value}`, { preserveScroll: true, onSuccess: () => (editing.value = null) });
}
const ROLES = [
    { value: 'technician', text: 'Technician' },
    { value: 'planner', text: 'Planner' },
    { value: 'owner', text: 'Owner' },
    { value: 'client', text: 'Client' },
];
const form = useForm<{ name: string; email: string; role: string; client_id: number | null }>({
    name: '',
    email: '',
    role: 'technician',
    client_id: null,
});
</script>

<template>
    <Head title="People" />
    <div class="page">
        <h1>People</h1>
        <p class="quiet">Who may sign in, and as what. <Link href="/settings">Settings</Link></p>
        <div class="tablebox" tabindex="0" role="region" aria-label="People">
            <table class="plainer">
                <caption class="visually-hidden">
                    People
                </caption>
                <thead>
                    <tr>
                        <th scope="col">Name</th>
                        <th scope="col">Role</th>
                        <th scope="col">Mail</th>
                        <th scope="col">Client</th>
                        <th scope="col"><span class="visually-hidden">Do</span></th>
                    </tr>
                </thead>
                <tbody>
                    <tr v-for="person in people" :key="person.id">
                        <td>
                            <b>{{ person.name }}</b><br
                                v-if="person.phone || person.skills || person.hasFactor"
                            /><small class="quiet">{{
                                [person.phone, person.skills, person.hasFactor ? 'second factor' : '']
                                    .filter(Boolean)
                                    .join(' · ')
                            }}</small>
                        </td>
                        <td>{{ person.role }}</td>
                        <td>{{ person.email }}</td>
                        <td>{{ person.client }}</td>
                        <td>
                            <template v-if="person.ours && !person.archived"
                                ><button type="button" class="linkish" @click="edit(person)">
                                    phone, home, skills
                                </button>
                                · </template
                            ><template v-if="person.hasFactor && !person.archived"
                                ><button
                                    type="button"
                                    class="linkish"
                                    :aria-label="`take the second factor off ${person.name}`"
                                    @click="
                                        router.post(
                                            `/settings/people/${person.id}/factor-off`,
                                            {},
                                            { preserveScroll: true },
                                        )
                                    "
                                >
                                    phone is gone
                                </button>
                                · </template
                            ><template v-if="person.archived"
                                ><span class="quiet">cannot sign in · </span
                                ><button
                                    type="button"
                                    class="linkish"
                                    :aria-label="`let ${person.name} in again`"
                                    @click="
                                        router.post(
                                            `/settings/people/${person.id}/return`,
                                            {},
                                            { preserveScroll: true },
                                        )
                                    "
                                >
                                    let in again
                                </button></template
                            ><button
                                v-else
                                type="button"
                                class="linkish"
                                @click="
                                    router.post(`/settings/people/${person.id}/archive`, {}, { preserveScroll: true })
                                "
                            >
                                lock out
                            </button>
                        </td>
                    </tr>
                </tbody>
            </table>
        </div>
        <form v-if="editing !== null" class="sheetform typing" @submit.prevent="keep">
            <b class="wide">{{ people.find((p) => p.id === editing)?.name }}</b>
            <FormField id="e1" v-slot="field" label="Phone" :error="ways.errors.phone">
                <BFormInput v-bind="field" v-model="ways.phone" type="tel" maxlength="60" />
            </FormField>
            <FormField
                id="e2"
                v-slot="field"
                label="Home, latitude"
                hint="How long the way to a tank takes at night is counted from here."
                :error="ways.errors.home_lat"
            >
                <BFormInput v-bind="field" v-model.number="ways.home_lat" type="number" step="any" />
            </FormField>
            <FormField id="e3" v-slot="field" label="Home, longitude" :error="ways.errors.home_lon">
                <BFormInput v-bind="field" v-model.number="ways.home_lon" type="number" step="any" />
            </FormField>
            <FormField
                id="e4"
                v-slot="field"
                label="Skills"
                hint="With commas between, for example acrylic, lifting."
                :error="ways.errors.skills"
            >
                <BFormInput v-bind="field" v-model="skills" type="text" />
            </FormField>
            <div class="wide">
                <BFormCheckbox v-model="ways.may_silence"
                    >May answer an alarm, and silence it for an hour</BFormCheckbox
                >
            </div>
            <div class="wide">
                <BButton type="submit" variant="primary" :disabled="ways.processing">Keep</BButton>
                <BButton type="button" variant="link" @click="editing = null">leave it</BButton>
            </div>
            <FormField
                id="e5"
                v-slot="field"
                label="Role"
                hint="They are signed out everywhere, and sign in anew."
                :error="role.errors.role"
            >
                <BFormSelect v-bind="field" v-model="role.role" :options="ROLES.filter((r) => r.value !== 'client')" />
            </FormField>
            <div class="wide">
                <BButton
                    type="button"
                    variant="outline-secondary"
                    :disabled="role.processing"
                    @click="
                        role.put(`/settings/people/${editing}/role`, {
                            preserveScroll: true,
                            onSuccess: () => (editing = null),
                        })
                    "
                    >Change the role</BButton
                >
            </div>
        </form>
        <h2>Second factor</h2>
        <BFormCheckbox :model-value="factorIsAsked" @update:model-value="ask($event === true)">
            Owners and planners sign in with a code from their phone beside the password
        </BFormCheckbox>
        <p class="quiet hint">Whoever has none yet sets it up with their next page; nothing else opens before.</p>
        <h2>Somebody new</h2>
        <form
            class="sheetform"
            @submit.prevent="form.post('/settings/people', { preserveScroll: true, onSuccess: () => form.reset() })"
        >
            <FormField id="n" v-slot="field" label="Name" :error="form.errors.name">
                <BFormInput v-bind="field" v-model="form.name" type="text" data-new />
            </FormField>
            <FormField
                id="m"
                v-slot="field"
                label="Mail address"
                hint="A link to choose a password is sent there."
                :error="form.errors.email"
            >
                <BFormInput v-bind="field" v-model="form.email" type="email" />
            </FormField>
            <FormField id="r" v-slot="field" label="Role" :error="form.errors.role">
                <BFormSelect v-bind="field" v-model="form.role" :options="ROLES" />
            </FormField>
            <FormField
                v-if="form.role === 'client'"
                id="c"
                v-slot="field"
                label="Of which client"
                :error="form.errors.client_id"
            >
                <BFormSelect
                    v-bind="field"
                    v-model="form.client_id"
                    :options="Object.entries(clients).map(([id, text]) => ({ value: Number(id), text }))"
                />
            </FormField>
            <div class="wide">
                <BButton type="submit" variant="primary" :disabled="form.processing">Let them in</BButton>
            </div>
        </form>
    </div>
</template>
