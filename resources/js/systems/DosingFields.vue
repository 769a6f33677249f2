<script setup lang="ts">
import FieldError from '../shared/FieldError.vue';

/** What a head, a reactor or a valve gives, how strong, from what vessel, and whether its line can siphon. */
const props = defineProps<{
    form: {
        job: string;
        doses: string | null;
        strength_meq_ml: number | null;
        holds_ml: number | null;
        ml_per_min: number | null;
        vessel_above_mm: number | null;
        line_break: boolean | null;
        line_bore_mm: number | null;
        line_length_m: number | null;
        errors: Record<string, string | undefined>;
    };
    liquids: Record<string, string>;
}>();
const LINE = [
    {
        key: 'vessel_above_mm',
        label: 'Its vessel stands over the end of its line by, mm',
        help: 'From the full level to where the line ends; negative: it stands lower.',
    },
    { key: 'line_bore_mm', label: 'Bore of the line, mm', help: 'Inside the tube.' },
    { key: 'line_length_m', label: 'Length of the line, m', help: 'With these two it is known how fast it would run.' },
] as const;
const form = props.form;
</script>

<template>
    <div>
        <label for="id1">It gives</label>
        <select id="id1" v-model="form.doses">
            <option :value="null">{{ form.job === 'top-off' ? 'fresh water' : 'not said' }}</option>
            <option v-for="(label, key) in liquids" :key="key" :value="key">{{ label }}</option>
        </select>
        <small class="quiet">So that doses that must not meet, and guards that see nothing, are found.</small>
    </div>
    <div v-if="form.job !== 'valve' && (form.job !== 'top-off' || form.doses)">
        <label for="id2">Strength, meq of alkalinity a mL</label
        ><input id="id2" v-model.number="form.strength_meq_ml" type="number" step="any" min="0" />
        <FieldError :words="form.errors.strength_meq_ml" />
        <small v-if="form.job === 'top-off'" class="quiet">Clear limewater: 0.041.</small>
        <small v-if="form.job === 'reactor'" class="quiet"
            >Of what leaves it, beyond the tank’s own. Carbon or phosphate media give something else.</small
        >
    </div>
    <template v-if="form.job === 'doser'">
        <div>
            <label for="id3">Its vessel holds, mL</label
            ><input id="id3" v-model.number="form.holds_ml" type="number" step="any" min="0" />
            <FieldError :words="form.errors.holds_ml" />
        </div>
        <div v-for="f in LINE" :key="f.key">
            <label :for="f.key">{{ f.label }}</label><input
                :id="f.key"
                v-model.number="form[f.key]"
                type="number"
                step="any"
            />
            <FieldError :words="form.errors[f.key]" />
            <small class="quiet">{{ f.help }}</small>
        </div>
        <div>
            <label for="id5">A break lets air into the line at its highest point</label
            ><select id="id5" v-model="form.line_break">
                <option :value="null">nobody has looked</option>
                <option :value="true">yes, it cannot siphon</option>
                <option :value="false">no</option>
            </select>
            <small class="quiet">No relay stops a line that siphons; an end above the water does not either.</small>
        </div>
    </template>
    <div v-if="form.job === 'reactor'">
        <label for="id4">Leaves it, mL a minute</label
        ><input id="id4" v-model.number="form.ml_per_min" type="number" step="any" min="0" />
        <FieldError :words="form.errors.ml_per_min" />
    </div>
</template>
