<script setup lang="ts">
import { router, useForm } from '@inertiajs/vue3';
import { ref } from 'vue';
import { today } from '../shared/days';
import FieldError from '../shared/FieldError.vue';
import { date, useUnits } from '../shared/units';

/** Rock, sand, media, glue and sealant as they went in: when a lot turns out bad, this says who has it. */
type Material = {
    id: number;
    kind: string;
    name: string;
    facts: string;
    kg: number | null;
    on: string;
    note: string | null;
};
const props = defineProps<{
    systemId: number;
    materials: Material[];
    kinds: Record<string, string>;
    mayRecord: boolean;
}>();
const units = useUnits();
const adding = ref(false);
const form = useForm({
    kind: 'rock',
    name: '',
    grain: '',
    colour: '',
    origin: '',
    lot: '',
    mass_kg: null as number | null,
    in_on: today(),
    note: '',
});
const WORDS: ['grain' | 'colour' | 'origin' | 'lot' | 'note', string][] = [
    ['grain', 'Grain'],
    ['colour', 'Colour'],
    ['origin', 'Origin'],
    ['lot', 'Lot'],
    ['note', 'Note'],
];
function keep() {
    form.post(`/systems/${props.systemId}/materials`, {
        preserveScroll: true,
        onSuccess: () => {
            form.reset();
            adding.value = false;
        },
    });
}
</script>

<template>
    <h2>Rock, sand, media, glue</h2>
    <ul v-if="materials.length" class="list">
        <li v-for="m in materials" :key="m.id">
            <b>{{ m.name }}</b>
            <small
                >{{ kinds[m.kind] }}{{ m.kg === null ? '' : `, ${units.show(m.kg, 'kg')}` }}, in since
                {{ date(m.on) }}</small
            >
            <small v-if="m.facts">{{ m.facts }}</small> <small v-if="m.note">{{ m.note }}</small>
            <button
                v-if="mayRecord"
                type="button"
                class="linkish"
                :aria-label="`Take ${m.name} out of the record`"
                @click="router.post(`/materials/${m.id}/archive`, {}, { preserveScroll: true })"
            >
                it is out again
            </button>
        </li>
    </ul>
    <p v-else class="quiet">Nothing is written down. Grain, origin and lot are found on the bag, once.</p>
    <template v-if="mayRecord">
        <button v-if="!adding" type="button" class="linkish" @click="adding = true">write down what went in</button>
        <form v-else class="form" @submit.prevent="keep">
            <div>
                <label for="mk">What it is</label
                ><select id="mk" v-model="form.kind">
                    <option v-for="(label, key) in kinds" :key="key" :value="key">{{ label }}</option>
                </select>
            </div>
            <div>
                <label for="mn">Its name</label
                ><input id="mn" v-model="form.name" type="text" maxlength="120" required /><FieldError
                    :words="form.errors.name"
                />
            </div>
            <div v-for="[key, label] in WORDS" :key="key">
                <label :for="`m-${key}`">{{ label }}</label><input
                    :id="`m-${key}`"
                    v-model="form[key]"
                    type="text"
                    maxlength="120"
                /><FieldError :words="form.errors[key]" />
            </div>
            <div>
                <label for="mm">Mass, {{ units.label('kg') }}</label
                ><input
                    id="mm"
                    type="text"
                    inputmode="decimal"
                    :value="form.mass_kg === null ? '' : units.typed(form.mass_kg, 'kg')"
                    @change="form.mass_kg = units.parse(($event.target as HTMLInputElement).value, 'kg')"
                /><FieldError :words="form.errors.mass_kg" />
            </div>
            <div>
                <label for="mo">Went in on</label><input id="mo" v-model="form.in_on" type="date" required /><FieldError
                    :words="form.errors.in_on"
                />
            </div>
            <div>
                <button class="btn-go" :disabled="form.processing">Keep</button>
                <button type="button" class="plain" @click="adding = false">leave it</button>
            </div>
        </form>
    </template>
</template>
