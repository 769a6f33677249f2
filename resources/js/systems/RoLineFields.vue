<script setup lang="ts">
import FieldError from '../shared/FieldError.vue';

/** What a filling line’s run limit rests on: measured, since a line from the mains has no end of its own. */
const props = defineProps<{
    form: {
        ro_span_l: number | null;
        ro_lh: number | null;
        ro_limit_min: number | null;
        ro_takes_l: number | null;
        ro_float: boolean | null;
        ro_feed_stop: boolean | null;
        errors: Record<string, string | undefined>;
    };
}>();
const NUMBERS = [
    { key: 'ro_span_l', label: 'From its low level to its high one, L' },
    { key: 'ro_lh', label: 'Litres an hour at the coldest feed' },
    { key: 'ro_limit_min', label: 'Run limit that is set, minutes' },
    { key: 'ro_takes_l', label: 'Tray, drain and overflow take, L' },
] as const;
const YES_NO = [
    { key: 'ro_float', label: 'A float on the product line' },
    { key: 'ro_feed_stop', label: 'Something shuts the feed too' },
] as const;
const form = props.form;
</script>

<template>
    <div v-for="f in NUMBERS" :key="f.key">
        <label :for="f.key">{{ f.label }}</label><input
            :id="f.key"
            v-model.number="form[f.key]"
            type="number"
            step="any"
            min="0"
        /><FieldError :words="form.errors[f.key]" />
    </div>
    <div v-for="f in YES_NO" :key="f.key">
        <label :for="f.key">{{ f.label }}</label><select :id="f.key" v-model="form[f.key]">
            <option :value="null">not said</option>
            <option :value="true">yes</option>
            <option :value="false">no</option>
        </select>
    </div>
</template>
