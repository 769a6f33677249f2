<script setup lang="ts">
import { useForm } from '@inertiajs/vue3';
import { ref } from 'vue';
import FieldError from '../shared/FieldError.vue';
import NumberCell from './NumberCell.vue';

/** A new strip with its outlets, on a circuit of the place; or a circuit that is not on record yet. */
const props = defineProps<{ controllerId: number; siteId: number; circuits: { id: number; name: string }[] }>();
const emit = defineEmits<{ done: [] }>();
const form = useForm({
    name: '',
    circuit_id: props.circuits[0]?.id ?? null,
    own_clock: false,
    rated_w: null,
    count: 6 as number | null,
});
const circuit = useForm({ name: '', rating_a: 16 as number | null, residual_ma: 30 as number | null });
const adding = ref(props.circuits.length === 0);
const keep = () =>
    form.post(`/control/${props.controllerId}/strips`, { preserveScroll: true, onSuccess: () => emit('done') });
const keepCircuit = () =>
    circuit.post(`/sites/${props.siteId}/circuits`, { preserveScroll: true, onSuccess: () => (adding.value = false) });
</script>

<template>
    <form v-if="adding" class="plugform" @submit.prevent="keepCircuit">
        <label class="numbercell" for="circuit-name"
            ><span>The circuit, as the board says</span>
            <input id="circuit-name" v-model="circuit.name" class="cell" type="text" maxlength="80" required
        /></label>
        <NumberCell id="circuit-rating" v-model="circuit.rating_a" label="Its breaker" kind="A" optional />
        <NumberCell id="circuit-rcd" v-model="circuit.residual_ma" label="Residual-current trip" unit="mA" optional />
        <FieldError :words="Object.values(circuit.errors)[0]" />
        <p class="wide">
            <button class="outline" :disabled="circuit.processing">Put the circuit on record</button>
            <button v-if="circuits.length" type="button" class="linkish" @click="adding = false">not now</button>
        </p>
        <p class="wide quiet">Work on a board or a circuit is for a licensed electrician.</p>
    </form>
    <form v-else class="plugform" @submit.prevent="keep">
        <label class="numbercell" for="strip-name"
            ><span>The strip, as it is marked</span>
            <input id="strip-name" v-model="form.name" class="cell" type="text" maxlength="80" required placeholder="A"
        /></label>
        <label class="numbercell" for="strip-circuit"
            ><span>On circuit</span>
            <select id="strip-circuit" v-model.number="form.circuit_id" class="cell">
                <option :value="null">nobody has looked</option>
                <option v-for="c in circuits" :key="c.id" :value="c.id">{{ c.name }}</option>
            </select></label
        >
        <NumberCell id="strip-count" v-model="form.count" label="Outlets" />
        <label class="check"><input v-model="form.own_clock" type="checkbox" /> it has a clock of its own</label>
        <FieldError :words="Object.values(form.errors)[0]" />
        <p class="wide">
            <button class="outline" :disabled="form.processing">Add the strip</button>
            <button type="button" class="linkish" @click="adding = true">a circuit that is not in the list</button>
        </p>
    </form>
</template>
