<script setup lang="ts">
import { computed } from 'vue';
import type { OtherVesselView } from '../generated';
import { useUnits } from '../shared/units';

/** Further vessels on the same water, each at its own height; they stand in the drawing and in every sum. */
const props = defineProps<{ errors: Record<string, string>; readonly: boolean }>();
const vessels = defineModel<OtherVesselView[]>('vessels', { required: true });
const emit = defineEmits<{ change: []; add: []; drop: [index: number] }>();
const units = useUnits();
type Size = 'lengthMm' | 'widthMm' | 'heightMm' | 'wallMm' | 'waterMm' | 'bottomMm' | 'downMm';
const SIZES: [Size, string, string][] = [['lengthMm', 'Length', 'length, outside'], ['widthMm', 'Depth', 'front to back, outside'], ['heightMm', 'Height', 'height, outside'], ['wallMm', 'Panes', 'thickness of its panes'], ['waterMm', 'Water', 'water in it, deep'], ['bottomMm', 'Stands at', 'underside above its floor'], ['downMm', 'Runs down', 'runs down when its pump stops']];
const firstWrong = computed(() => Object.entries(props.errors).find(([k]) => k.startsWith('vessels')));
function number(event: Event): number | null {
    const text = (event.target as HTMLInputElement).value;
    return text.trim() === '' ? null : units.parse(text, 'mm');
}
</script>

<template>
    <details class="metered" :open="vessels.length > 0">
        <summary>Other vessels on this water <small>{{ vessels.length || 'refugium, frag tank, second display' }}</small></summary>
        <div v-if="vessels.length" class="tablebox" tabindex="0" role="region" aria-label="Other vessels"><table class="plainer lamps named"><caption class="visually-hidden">Other vessels, {{ units.label('mm') }}</caption>
            <thead><tr><th scope="col">Vessel</th><th v-for="[f, head] in SIZES" :key="f" scope="col" class="num">{{ head }}, {{ units.label('mm') }}</th><th scope="col">Own pump</th><th scope="col"><span class="visually-hidden">Do</span></th></tr></thead>
            <tbody><tr v-for="(vessel, i) in vessels" :key="i">
                <td><input v-model="vessel.name" class="cell" type="text" maxlength="60" :placeholder="`vessel ${i + 1}`" :aria-label="`Vessel ${i + 1}: name`" :readonly="readonly" @input="emit('change')"></td>
                <td v-for="[field, , label] in SIZES" :key="field"><input class="cell num" type="text" inputmode="decimal" :value="vessel[field] === null ? '' : units.typed(vessel[field] as number, 'mm')" :placeholder="field === 'wallMm' ? units.typed(8, 'mm') : ''" :aria-label="`Vessel ${i + 1}: ${label}`" :aria-invalid="!!errors[`vessels.${i}.${field}`]" :readonly="readonly" @change="vessel[field] = number($event); emit('change')"></td>
                <td><input v-model="vessel.ownPump" type="checkbox" :aria-label="`Vessel ${i + 1}: fed by a pump of its own`" :disabled="readonly" @change="emit('change')"></td>
                <td><button v-if="!readonly" type="button" class="linkish" :aria-label="`Take vessel ${i + 1} out`" @click="emit('drop', i)">✕</button></td>
            </tr></tbody>
        </table></div>
        <p v-if="firstWrong" class="wrong" role="alert">{{ firstWrong[1] }}</p>
        <button v-if="!readonly && vessels.length < 4" type="button" class="linkish" @click="emit('add')">{{ vessels.length ? 'one more vessel' : 'add the first one' }}</button>
    </details>
</template>
