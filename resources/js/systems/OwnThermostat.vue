<script setup lang="ts">
import { BFormInput, BFormSelect } from 'bootstrap-vue-next';
import NumberCell from '../control/NumberCell.vue';
import FieldError from '../shared/FieldError.vue';

/** Whether a heater stops by itself, and where somebody saw it do so. */
const props = defineProps<{
    form: {
        own_thermostat: boolean | null;
        thermostat_c: number | null;
        thermostat_tried_on: string | null;
        errors: Record<string, string | undefined>;
    };
}>();
const form = props.form;
const HAS = [
    { value: null, text: 'nobody has looked' },
    { value: true, text: 'it has one' },
    { value: false, text: 'it has none' },
];
</script>

<template>
    <div>
        <label for="ot1">A thermostat of its own</label>
        <BFormSelect id="ot1" v-model="form.own_thermostat" :options="HAS" />
        <small class="quiet">It may stay on without its link only where this one stops it in time.</small>
        <FieldError :words="form.errors.own_thermostat" />
    </div>
    <template v-if="form.own_thermostat !== false">
        <div>
            <NumberCell id="ot2" v-model="form.thermostat_c" label="It stopped at" kind="degC" optional />
            <FieldError :words="form.errors.thermostat_c" />
        </div>
        <div>
            <label for="ot3">Seen to stop on</label>
            <BFormInput id="ot3" v-model="form.thermostat_tried_on" type="date" />
            <small class="quiet">Untried it does not count.</small>
            <FieldError :words="form.errors.thermostat_tried_on" />
        </div>
    </template>
</template>
