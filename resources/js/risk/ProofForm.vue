<script setup lang="ts">
import { useForm } from '@inertiajs/vue3';
import { computed } from 'vue';
import { today } from '../shared/days';
import FieldError from '../shared/FieldError.vue';

/** Somebody made a protection act: from that day on it is counted as proved, or as failed. */
const props = defineProps<{
    id: number;
    whats: Record<string, string>;
    devices: { id: number; name: string }[];
}>();
const form = useForm<{ target: string; method: string; passed: boolean; on: string }>({
    target: '',
    method: '',
    passed: true,
    on: today(),
});
const errors = computed(() => form.errors as Record<string, string | undefined>);
function keep(passed: boolean) {
    form.transform((f) => ({
        what: f.target.startsWith('item-') ? 'item' : f.target,
        item_id: f.target.startsWith('item-') ? Number(f.target.slice(5)) : null,
        method: f.method || null,
        passed,
        on: f.on,
    })).post(`/systems/${props.id}/proofs`, { preserveScroll: true, onSuccess: () => form.reset() });
}
</script>

<template>
    <form class="form typing" @submit.prevent="keep(true)">
        <div>
            <label for="pr-what">What was made to act</label
            ><select id="pr-what" v-model="form.target" required>
                <option value="" disabled>choose</option>
                <option v-for="(label, key) in whats" :key="key" :value="key">{{ label }}</option>
                <option v-for="d in devices" :key="d.id" :value="`item-${d.id}`">
                    {{ d.name }}, by itself
                </option></select
            ><FieldError :words="errors.what ?? errors.item_id" />
        </div>
        <div>
            <label for="pr-how">How</label
            ><input id="pr-how" v-model="form.method" type="text" maxlength="200" placeholder="ran alone for an hour" />
        </div>
        <div>
            <label for="pr-on">On</label><input id="pr-on" v-model="form.on" type="date" /><FieldError
                :words="errors.on"
            />
        </div>
        <div>
            <button class="outline" :disabled="form.processing || !form.target">It acted</button>
            <button type="button" class="plain" :disabled="form.processing || !form.target" @click="keep(false)">
                it did not
            </button>
        </div>
    </form>
</template>
