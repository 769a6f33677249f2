<script setup lang="ts">
import { useForm } from '@inertiajs/vue3';
import { computed, ref } from 'vue';
import type { ItemView, SettingView } from '../generated';
import FieldError from '../shared/FieldError.vue';
import { date } from '../shared/units';

/** What each device is set to: speed, valve, thermostat, height, times. A value is never written over. */
const props = defineProps<{ systemId: number; items: ItemView[]; settings: SettingView[]; mayRecord: boolean }>();
const standing = computed(() => props.items.filter((i) => i.retired === null));
const adding = ref(false);
const form = useForm({ item_id: 0, name: '', value: '', why: '' });
const names = computed(() => [...new Set(props.settings.map((s) => s.name))]);
function again(s: SettingView) {
    form.item_id = s.itemId;
    form.name = s.name;
    form.value = s.value;
    form.why = '';
    adding.value = true;
}
const keep = () =>
    form.post(`/items/${form.item_id}/settings`, {
        preserveScroll: true,
        onSuccess: () => {
            form.reset();
            adding.value = false;
        },
    });
</script>

<template>
    <section aria-labelledby="settings-h">
        <h2 id="settings-h">Settings</h2>
        <p v-if="settings.length">
            <a :href="`/systems/${systemId}/settings.pdf`">To put it back as it was, PDF</a>
        </p>
        <div v-if="settings.length" class="tablebox" tabindex="0" role="region" aria-label="What devices are set to">
            <table class="plainer">
                <caption class="visually-hidden">
                    What devices are set to
                </caption>
                <thead>
                    <tr>
                        <th scope="col">Device</th>
                        <th scope="col">Setting</th>
                        <th scope="col">Set to</th>
                        <th scope="col">Since, why</th>
                    </tr>
                </thead>
                <tbody>
                    <tr v-for="s in settings" :key="`${s.itemId}${s.name}`">
                        <td>{{ s.item }}</td>
                        <td>{{ s.name }}</td>
                        <td>
                            <b>{{ s.value }}</b>
                            <button
                                v-if="mayRecord"
                                type="button"
                                class="linkish"
                                :aria-label="`${s.item}, ${s.name}: set to something else`"
                                @click="again(s)"
                            >
                                change
                            </button>
                        </td>
                        <td>
                            {{ date(s.on) }}, {{ s.by }}: {{ s.why }}
                            <details v-if="s.before.length">
                                <summary>before</summary>
                                <div v-for="b in s.before" :key="b.on">
                                    {{ b.value }}, {{ date(b.on) }}, {{ b.by }}: {{ b.why }}
                                </div>
                            </details>
                        </td>
                    </tr>
                </tbody>
            </table>
        </div>
        <p v-else class="quiet">
            Nothing is written down yet. After a reset nobody knows how it was set: speed, valve, thermostat, heights,
            times.
        </p>
        <form v-if="adding" class="form typing" @submit.prevent="keep">
            <div>
                <label for="set-item">Device</label>
                <select id="set-item" v-model.number="form.item_id" required>
                    <option v-for="i in standing" :key="i.id" :value="i.id">{{ i.name }}</option>
                </select>
            </div>
            <div>
                <label for="set-name">What is set</label>
                <input id="set-name" v-model="form.name" type="text" maxlength="80" list="set-names" required />
                <datalist id="set-names"><option v-for="n in names" :key="n" :value="n" /></datalist>
                <FieldError :words="form.errors.name" />
            </div>
            <div>
                <label for="set-value">To, with its unit</label>
                <input id="set-value" v-model="form.value" type="text" maxlength="160" required />
                <FieldError :words="form.errors.value" />
            </div>
            <div>
                <label for="set-why">Why</label>
                <input id="set-why" v-model="form.why" type="text" maxlength="300" required />
                <FieldError :words="form.errors.why" />
            </div>
            <p>
                <button class="btn-go" :disabled="form.processing">Write it down</button>
                <button type="button" class="outline" @click="adding = false">Not now</button>
            </p>
        </form>
        <p v-else-if="mayRecord && standing.length">
            <button type="button" class="outline" @click="adding = true">Write a setting down</button>
        </p>
    </section>
</template>
