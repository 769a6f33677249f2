<script setup lang="ts">
import { router, useForm } from '@inertiajs/vue3';
import { computed } from 'vue';
import type { SensorView } from '../generated';
import FieldError from '../shared/FieldError.vue';
import NumberCell from './NumberCell.vue';

/** A probe or a switch: what it reads, where it hangs, when it was calibrated. */
const props = defineProps<{
    controllerId: number;
    sensor: SensorView | null;
    systems: { id: number; name: string }[];
}>();
const emit = defineEmits<{ done: [] }>();
const own = props.sensor;
const form = useForm({
    kind: own?.kind ?? 'probe',
    name: own?.name ?? '',
    quantity: own?.quantity ?? 'temperature',
    resolution: own?.resolution ?? 0.1,
    hangs_in: own?.hangsIn ?? 'sump',
    at: own?.at ?? null,
    system_id: own?.systemId ?? props.systems[0]?.id ?? null,
    calibrated_on: own?.calibratedOn ?? null,
    calibrate_every_days: own?.calibrateEveryDays ?? null,
});
const QUANTITIES = { temperature: 'temperature', ph: 'pH', salinity: 'salinity', oxygen: 'oxygen', level: 'level' };
const PLACES: Record<string, Record<string, string>> = {
    probe: { display: 'in the display', sump: 'in the sump', room: 'in the room' },
    switch: {
        return: 'in the last chamber, mm above the intake',
        display: 'in the display, mm over the edge',
        store: 'in the store, litres left',
        floor: 'on the floor, litres on it',
    },
};
const places = computed(() => PLACES[form.kind]);
function turned() {
    form.hangs_in = Object.keys(places.value)[0];
}
function keep() {
    const options = { preserveScroll: true, onSuccess: () => emit('done') };
    if (own) form.put(`/sensors/${own.id}`, options);
    else form.post(`/control/${props.controllerId}/sensors`, options);
}
</script>

<template>
    <form class="plugform" @submit.prevent="keep">
        <label class="numbercell" for="sensor-kind"
            ><span>Kind</span>
            <select id="sensor-kind" v-model="form.kind" class="cell" :disabled="own !== null" @change="turned">
                <option value="probe">probe</option>
                <option value="switch">switch</option>
            </select></label
        >
        <label class="numbercell" for="sensor-name"
            ><span>What people call it</span>
            <input id="sensor-name" v-model="form.name" class="cell" type="text" maxlength="80" required
        /></label>
        <template v-if="form.kind === 'probe'">
            <label class="numbercell" for="sensor-quantity"
                ><span>Reads</span>
                <select id="sensor-quantity" v-model="form.quantity" class="cell">
                    <option v-for="(label, key) in QUANTITIES" :key="key" :value="key">{{ label }}</option>
                </select></label
            >
            <NumberCell id="sensor-step" v-model="form.resolution" label="In steps of" />
        </template>
        <label class="numbercell" for="sensor-place"
            ><span>Hangs</span>
            <select id="sensor-place" v-model="form.hangs_in" class="cell">
                <option v-for="(label, key) in places" :key="key" :value="key">{{ label }}</option>
            </select></label
        >
        <NumberCell v-if="form.kind === 'switch'" id="sensor-at" v-model="form.at" label="Wet from" />
        <label v-if="systems.length > 1" class="numbercell" for="sensor-system"
            ><span>Of</span>
            <select id="sensor-system" v-model="form.system_id" class="cell">
                <option v-for="s in systems" :key="s.id" :value="s.id">{{ s.name }}</option>
            </select></label
        >
        <template v-if="form.kind === 'probe'">
            <label class="numbercell" for="sensor-cal"
                ><span>Calibrated on</span><input id="sensor-cal" v-model="form.calibrated_on" class="cell" type="date"
            /></label>
            <NumberCell
                id="sensor-every"
                v-model="form.calibrate_every_days"
                label="Calibrated every"
                unit="days"
                optional
            />
        </template>
        <FieldError :words="Object.values(form.errors)[0]" />
        <p class="wide">
            <button class="outline" :disabled="form.processing">
                {{ own ? 'Keep it' : 'Put it on record' }}
            </button>
            <button
                v-if="own"
                type="button"
                class="linkish"
                @click="
                    router.post(
                        `/sensors/${own.id}/archive`,
                        {},
                        { preserveScroll: true, onSuccess: () => emit('done') },
                    )
                "
            >
                archive it
            </button>
        </p>
    </form>
</template>
