<script setup lang="ts">
import { useForm } from '@inertiajs/vue3';
import type { OutletView } from '../generated';
import FieldError from '../shared/FieldError.vue';

/** What is plugged in at an outlet, and whether its label is on. */
const props = defineProps<{
    outlet: OutletView;
    stripId: number;
    here: { id: number; name: string }[];
    loose: { id: number; name: string; system: string }[];
    strips: { id: number; name: string }[];
}>();
const form = useForm({
    name: props.outlet.name,
    strip_id: props.stripId,
    is_labelled: props.outlet.isLabelled,
    items: props.here.map((i) => i.id),
});
const keep = () => form.put(`/outlets/${props.outlet.id}`, { preserveScroll: true });
</script>

<template>
    <form class="plugform" @submit.prevent="keep">
        <label class="numbercell" :for="`plug-name-${outlet.id}`"
            ><span>Written on the plug</span>
            <input :id="`plug-name-${outlet.id}`" v-model="form.name" class="cell" type="text" maxlength="80" required
        /></label>
        <label class="numbercell" :for="`plug-strip-${outlet.id}`"
            ><span>On strip</span>
            <select :id="`plug-strip-${outlet.id}`" v-model.number="form.strip_id" class="cell">
                <option v-for="s in strips" :key="s.id" :value="s.id">{{ s.name }}</option>
            </select></label
        >
        <label class="check"><input v-model="form.is_labelled" type="checkbox" /> its label is on</label>
        <fieldset v-if="here.length || loose.length" class="wide">
            <legend>Plugged in here</legend>
            <label v-for="i in here" :key="i.id" class="check"
                ><input v-model="form.items" type="checkbox" :value="i.id" /> {{ i.name }}</label
            >
            <details v-if="loose.length" :open="!here.length">
                <summary>{{ loose.length }} devices here hang on no outlet of a strip</summary>
                <label v-for="i in loose" :key="i.id" class="check"
                    ><input v-model="form.items" type="checkbox" :value="i.id" /> {{ i.name }}
                    <small class="quiet">{{ i.system }}</small></label
                >
            </details>
        </fieldset>
        <p v-else class="quiet wide">Every device of the registers here hangs on an outlet already.</p>
        <FieldError :words="Object.values(form.errors)[0]" />
        <p class="wide"><button class="outline" :disabled="form.processing">Keep the plug</button></p>
    </form>
</template>
