<script setup lang="ts">
import { useForm } from '@inertiajs/vue3';
import { computed } from 'vue';
import type { SensorView } from '../generated';
import FieldError from '../shared/FieldError.vue';
import LeakPlace from './LeakPlace.vue';
import NumberCell from './NumberCell.vue';

/** An alarm: what it watches, how long it waits, what it says, whom it calls. */
const props = defineProps<{
    controllerId: number;
    sensors: SensorView[];
    acts: { key: string; label: string }[];
    outlets: { id: number; label: string }[];
    systems: { id: number; name: string }[];
    people: { id: number; name: string }[];
}>();
const emit = defineEmits<{ done: [] }>();
const form = useForm({
    system_id: props.systems[0]?.id ?? 0,
    name: '',
    watches: props.sensors[0] ? `sensor:${props.sensors[0].id}` : 'silence',
    low_limit: null as number | null,
    high_limit: null as number | null,
    rate_per_h: null as number | null,
    most_w: null as number | null,
    is_frozen: false,
    is_lowest: null as boolean | null,
    waits_at_night: false,
    delay_min: 10 as number | null,
    message: '',
    calls: [] as number[],
});
const sensor = computed(() => props.sensors.find((s) => form.watches === `sensor:${s.id}`));
const kind = computed(() => (sensor.value?.quantity === 'temperature' ? 'degC' : undefined));
function call(id: number, on: boolean) {
    form.calls = on ? [...form.calls, id] : form.calls.filter((c) => c !== id);
}
function keep() {
    form.transform(({ watches, ...rest }) => ({
        ...rest,
        waits_at_night: sensor.value?.kind === 'probe' && rest.waits_at_night,
        sensor_id: sensor.value?.id ?? null,
        act: watches.startsWith('act:') ? watches.slice(4) : null,
        outlet_id: watches.startsWith('outlet:') ? Number(watches.slice(7)) : null,
        low_limit: sensor.value?.kind === 'probe' ? rest.low_limit : null,
        high_limit: sensor.value?.kind === 'probe' ? rest.high_limit : null,
        rate_per_h: sensor.value?.kind === 'probe' ? rest.rate_per_h : null,
        is_frozen: sensor.value?.kind === 'probe' && rest.is_frozen,
        most_w: watches.startsWith('outlet:') ? rest.most_w : null,
    })).post(`/control/${props.controllerId}/alarms`, { preserveScroll: true, onSuccess: () => emit('done') });
}
</script>

<template>
    <form class="plugform" @submit.prevent="keep">
        <label class="numbercell" for="alarm-name"
            ><span>What it is called</span>
            <input id="alarm-name" v-model="form.name" class="cell" type="text" maxlength="120" required
        /></label>
        <label class="numbercell" for="alarm-watches"
            ><span>Watches</span>
            <select id="alarm-watches" v-model="form.watches" class="cell">
                <option v-for="s in sensors" :key="s.key" :value="`sensor:${s.id}`">{{ s.name }}</option>
                <option v-for="a in acts" :key="a.key" :value="`act:${a.key}`">the guard of {{ a.label }}</option>
                <option v-for="o in outlets" :key="o.id" :value="`outlet:${o.id}`">{{ o.label }}: what it draws</option>
                <option value="silence">nothing is heard from the controller</option>
            </select></label
        >
        <template v-if="sensor?.kind === 'probe'">
            <NumberCell id="alarm-low" v-model="form.low_limit" label="Calls below" :kind="kind" optional />
            <NumberCell id="alarm-high" v-model="form.high_limit" label="Calls above" :kind="kind" optional />
            <NumberCell
                id="alarm-rate"
                v-model="form.rate_per_h"
                label="Calls when it goes faster than, an hour, seen over half of one"
                :kind="kind === 'degC' ? 'K' : undefined"
                optional
            />
            <label class="check"
                ><input v-model="form.is_frozen" type="checkbox" /> calls when it does not move at all: for six hours,
                or three times the longest it stood still in a fortnight</label
            >
            <label class="check"
                ><input v-model="form.waits_at_night" type="checkbox" /> may wait until 07:00, unless it harms</label
            >
        </template>
        <NumberCell
            v-if="form.watches.startsWith('outlet:')"
            id="alarm-most"
            v-model="form.most_w"
            label="Calls only when it draws more than"
            unit="W"
            optional
        />
        <LeakPlace
            v-if="sensor?.hangsIn === 'floor'"
            id="alarm-lowest"
            v-model="form.is_lowest"
            :error="form.errors.is_lowest"
        />
        <NumberCell id="alarm-delay" v-model="form.delay_min" label="After" unit="min" />
        <label v-if="systems.length > 1" class="numbercell" for="alarm-system"
            ><span>Of</span>
            <select id="alarm-system" v-model="form.system_id" class="cell">
                <option v-for="s in systems" :key="s.id" :value="s.id">{{ s.name }}</option>
            </select></label
        >
        <label class="numbercell wide" for="alarm-message"
            ><span>What it says, with what to do</span>
            <input
                id="alarm-message"
                v-model="form.message"
                class="cell"
                type="text"
                maxlength="300"
                required
                placeholder="The water cools. Look at heater 1, the spare is in the cabinet."
        /></label>
        <fieldset class="wide">
            <legend>
                Calls, in this order
                <small>{{ form.calls.map((c) => people.find((p) => p.id === c)?.name).join(', then ') }}</small>
            </legend>
            <label v-for="p in people" :key="p.id" class="check"
                ><input
                    type="checkbox"
                    :checked="form.calls.includes(p.id)"
                    @change="call(p.id, ($event.target as HTMLInputElement).checked)"
                />
                {{ p.name }}</label
            >
        </fieldset>
        <FieldError :words="Object.values(form.errors)[0]" />
        <p class="wide"><button class="outline" :disabled="form.processing">Write the alarm down</button></p>
    </form>
</template>
