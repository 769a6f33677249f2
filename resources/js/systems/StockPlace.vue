<script setup lang="ts">
import { useForm } from '@inertiajs/vue3';
import { BButton, BFormInput } from 'bootstrap-vue-next';
import { watch } from 'vue';
import type { AnimalView } from '../generated';
import FieldError from '../shared/FieldError.vue';
import { useUnits } from '../shared/units';

/** Where it stands: its home, or where it was put for a while. Measured light and flow with it. */
const props = defineProps<{ animal: AnimalView; point: { x: number; y: number } | null }>();
const emit = defineEmits<{ done: [] }>();
const units = useUnits();
const form = useForm({ x: '', y: '', depth: '', par: '', flow: '', why: '' });
const typed = (v: number | null) => (v === null ? '' : units.typed(v, 'mm'));
function begin() {
    form.x = typed(props.point?.x ?? props.animal.xMm);
    form.y = typed(props.point?.y ?? props.animal.yMm);
    form.depth = typed(props.animal.depthMm);
}
watch(() => [props.animal.id, props.point], begin, { immediate: true });
const number = (text: string, kind?: string) =>
    text.trim() === '' ? null : kind ? units.parse(text, kind) : Number(text.replace(',', '.'));
const send = (isHome: boolean) =>
    form
        .transform((said) => ({
            x_mm: number(said.x, 'mm'),
            y_mm: number(said.y, 'mm'),
            depth_mm: number(said.depth, 'mm'),
            par: number(said.par),
            flow_cms: number(said.flow),
            is_home: isHome,
            why: said.why || null,
        }))
        .post(`/animals/${props.animal.id}/places`, {
            preserveScroll: true,
            onSuccess: () => {
                form.reset('par', 'flow', 'why');
                emit('done');
            },
        });
const error = (key: string) => (form.errors as Record<string, string | undefined>)[key];
const FIELDS = [
    { key: 'x', label: 'From the left', unit: 'mm' },
    { key: 'y', label: 'From the front', unit: 'mm' },
    { key: 'depth', label: 'Under the surface', unit: 'mm' },
    { key: 'par', label: 'Light there, µmol/m²/s', unit: null },
    { key: 'flow', label: 'Flow there, cm/s', unit: null },
] as const;
</script>

<template>
    <form class="workform" @submit.prevent="send(true)">
        <label v-for="f in FIELDS" :key="f.key" :for="`sp-${f.key}`"
            ><span
                >{{ f.label }}<template v-if="f.unit">, {{ units.label(f.unit) }}</template></span
            ><BFormInput :id="`sp-${f.key}`" v-model="form[f.key]" class="num" inputmode="decimal"
        /></label>
        <label for="sp-why"><span>Why</span><BFormInput id="sp-why" v-model="form.why" maxlength="200" /></label>
        <p class="workbuttons">
            <BButton type="submit" variant="primary" :disabled="form.processing">Its home</BButton>
            <BButton variant="outline-secondary" :disabled="form.processing" @click="send(false)"
                >Lifted to there</BButton
            >
        </p>
        <FieldError
            :words="
                error('x_mm') ?? error('y_mm') ?? error('depth_mm') ?? error('par') ?? error('flow_cms') ?? error('why')
            "
        />
    </form>
</template>
