<script setup lang="ts">
import { BFormSelect } from 'bootstrap-vue-next';
import FormField from '../shared/FormField.vue';

/** Where a leak’s sensor lies: one that water runs past counts for nothing. */
defineProps<{ id: string; error?: string }>();
const isLowest = defineModel<boolean | null>({ required: true });
const PLACES = [
    { value: null, text: 'nobody has looked' },
    { value: true, text: 'where the floor is lowest' },
    { value: false, text: 'not where it is lowest' },
];
</script>

<template>
    <FormField
        :id="id"
        v-slot="field"
        label="Where its sensor lies"
        hint="A cupful of water on the floor shows where it runs."
        :error="error"
    >
        <BFormSelect v-bind="field" v-model="isLowest" :options="PLACES" />
    </FormField>
</template>
