<script setup lang="ts">
import { useForm } from '@inertiajs/vue3';
import { ref } from 'vue';
import FieldError from '../shared/FieldError.vue';

/** What is at stake: with it hazards are counted in money. */
const props = defineProps<{
    id: number;
    currency: string;
    worth: { animals_minor: number | null; floor_minor: number | null };
}>();
const shown = (minor: number | null) => (minor === null ? '' : (minor / 100).toFixed(0));
const animals = ref(shown(props.worth.animals_minor));
const floor = ref(shown(props.worth.floor_minor));
const wrong = ref('');
const form = useForm<{ animals_worth_minor: number | null; floor_worth_minor: number | null }>({
    animals_worth_minor: null,
    floor_worth_minor: null,
});
function minor(text: string): number | null | undefined {
    const plain = text.trim().replace(',', '.');
    if (plain === '') return null;
    return /^\d{1,9}(\.\d{1,2})?$/.test(plain) ? Math.round(Number(plain) * 100) : undefined;
}
function keep() {
    const [a, f] = [minor(animals.value), minor(floor.value)];
    wrong.value = a === undefined || f === undefined ? 'An amount in digits, please.' : '';
    if (a === undefined || f === undefined) return;
    form.animals_worth_minor = a;
    form.floor_worth_minor = f;
    form.put(`/systems/${props.id}/worth`, { preserveScroll: true });
}
</script>

<template>
    <form class="form typing" @submit.prevent="keep">
        <div>
            <label for="wa">Lost with its animals, contract included, {{ currency }}</label
            ><input id="wa" v-model="animals" type="text" inputmode="decimal" placeholder="nobody has said" />
            <FieldError :words="form.errors.animals_worth_minor" />
        </div>
        <div>
            <label for="wf">Lost with floor, furniture, equipment, {{ currency }}</label
            ><input id="wf" v-model="floor" type="text" inputmode="decimal" placeholder="nobody has said" />
            <FieldError :words="form.errors.floor_worth_minor" />
        </div>
        <div>
            <button class="outline" :disabled="form.processing">Keep what is at stake</button>
            <p v-if="wrong" class="wrong" role="alert">{{ wrong }}</p>
        </div>
    </form>
</template>
