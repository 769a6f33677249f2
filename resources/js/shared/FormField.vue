<script setup lang="ts">
import { BFormGroup } from 'bootstrap-vue-next';
import { computed } from 'vue';
import FieldError from './FieldError.vue';

/**
 * A labelled field of the kit. What it means and what is wrong with it are read out with it; the part inside takes
 * what the slot hands it.
 */
const props = defineProps<{ id: string; label: string; hint?: string; error?: string }>();
const part = computed(() => {
    const described = [props.hint ? `${props.id}-hint` : '', props.error ? `${props.id}-error` : ''].filter(Boolean);
    return {
        id: props.id,
        state: props.error ? false : null,
        'aria-describedby': described.join(' ') || undefined,
    };
});
</script>

<template>
    <BFormGroup :label="label" :label-for="id" class="field">
        <slot v-bind="part" />
        <p v-if="hint" :id="`${id}-hint`" class="quiet hint">{{ hint }}</p>
        <FieldError :id="`${id}-error`" :words="error" />
    </BFormGroup>
</template>
