<script setup lang="ts">
import { useForm } from '@inertiajs/vue3';
import { inDays } from '../shared/days';
import FieldError from '../shared/FieldError.vue';
import SystemPick from './SystemPick.vue';

/** One system lends another a device: a debt until it is back. */
const props = defineProps<{ systemId: number; devices: { id: number; name: string; harmH: number | null }[] }>();
const WEEK = 7;
const form = useForm<{ item_id: number | null; to_system_id: number | null; due_on: string; signed_by: string }>({
    item_id: null,
    to_system_id: null,
    due_on: inDays(WEEK),
    signed_by: '',
});
const lend = () =>
    form
        .transform((f) => ({ ...f, signed_by: f.signed_by || null }))
        .post(`/systems/${props.systemId}/loans`, { preserveScroll: true, onSuccess: () => form.reset() });
const without = (h: number | null) => (h === null ? 'it does without' : `without it harm after ${h.toFixed(1)} h`);
</script>

<template>
    <form class="form typing" @submit.prevent="lend">
        <div>
            <label for="le-i">Lend</label
            ><select id="le-i" v-model="form.item_id" required>
                <option :value="null" disabled>which device</option>
                <option v-for="d in devices" :key="d.id" :value="d.id">
                    {{ d.name }}: {{ without(d.harmH) }}
                </option></select
            ><FieldError :words="form.errors.item_id" />
        </div>
        <div>
            <SystemPick id="le-t" v-model="form.to_system_id" label="To which system" :except="systemId" /><FieldError
                :words="form.errors.to_system_id"
            />
        </div>
        <div>
            <label for="le-d">Back by</label><input id="le-d" v-model="form.due_on" type="date" required /><FieldError
                :words="form.errors.due_on"
            />
        </div>
        <div>
            <label for="le-s">Who signs for the hours, where it does not do without</label
            ><input id="le-s" v-model="form.signed_by" type="text" maxlength="120" /><FieldError
                :words="form.errors.signed_by"
            />
        </div>
        <div><button class="outline" :disabled="form.processing">Lend it</button></div>
    </form>
</template>
