<script setup lang="ts">
import { Head, Link, router, useForm } from '@inertiajs/vue3';
import { ref } from 'vue';
import type { PersonView } from '../generated';
import FieldError from '../shared/FieldError.vue';

defineProps<{ people: PersonView[]; clients: Record<string, string> }>();
const ways = useForm<{ phone: string; home_lat: number | null; home_lon: number | null; skills: string[] }>({
    phone: '',
    home_lat: null,
    home_lon: null,
    skills: [],
});
const editing = ref<number | null>(null);
const skills = ref('');
function edit(p: PersonView) {
    editing.value = p.id;
    Object.assign(ways, { phone: p.phone ?? '', home_lat: p.homeLat, home_lon: p.homeLon });
    skills.value = p.skills;
}
function keep() {
    ways.skills = skills.value
        .split(',')
        .map((w) => w.trim())
        .filter(Boolean);
    ways.put(`/settings/people/${editing.value}`, { preserveScroll: true, onSuccess: () => (editing.value = null) });
}
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
                            <b>{{ person.name }}</b><br v-if="person.phone || person.skills" /><small class="quiet">{{
                                [person.phone, person.skills].filter(Boolean).join(' · ')
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
                            ><span v-if="person.archived" class="quiet">cannot sign in</span
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
        <form v-if="editing !== null" class="form typing" @submit.prevent="keep">
            <div class="wide">
                <b>{{ people.find((p) => p.id === editing)?.name }}</b>
            </div>
            <div><label for="e1">Phone</label><input id="e1" v-model="ways.phone" type="tel" maxlength="60" /></div>
            <div>
                <label for="e2">Home, latitude</label
                ><input id="e2" v-model.number="ways.home_lat" type="number" step="any" /><FieldError
                    :words="ways.errors.home_lat"
                />
            </div>
            <div>
                <label for="e3">Home, longitude</label
                ><input id="e3" v-model.number="ways.home_lon" type="number" step="any" /><FieldError
                    :words="ways.errors.home_lon"
                />
            </div>
            <div>
                <label for="e4">Skills</label
                ><input id="e4" v-model="skills" type="text" placeholder="acrylic, lifting" /><FieldError
                    :words="ways.errors.skills"
                />
            </div>
            <div>
                <button class="btn-go" :disabled="ways.processing">Keep</button>
                <button type="button" class="plain" @click="editing = null">leave it</button>
            </div>
        </form>
        <h2>Somebody new</h2>
        <form
            class="form"
            @submit.prevent="form.post('/settings/people', { preserveScroll: true, onSuccess: () => form.reset() })"
        >
            <div>
                <label for="n">Name</label><input id="n" v-model="form.name" type="text" data-new /><FieldError
                    :words="form.errors.name"
                />
            </div>
            <div>
                <label for="m">Mail address</label><input id="m" v-model="form.email" type="email" /><FieldError
                    :words="form.errors.email"
                />
            </div>
            <div>
                <label for="r">Role</label
                ><select id="r" v-model="form.role">
                    <option value="technician">Technician</option>
                    <option value="planner">Planner</option>
                    <option value="owner">Owner</option>
                    <option value="client">Client</option>
                </select>
            </div>
            <div v-if="form.role === 'client'">
                <label for="c">Of which client</label
                ><select id="c" v-model="form.client_id">
                    <option v-for="(name, id) in clients" :key="id" :value="Number(id)">{{ name }}</option></select
                ><FieldError :words="form.errors.client_id" />
            </div>
            <div><button class="btn-go" :disabled="form.processing">Let them in</button></div>
        </form>
    </div>
</template>
