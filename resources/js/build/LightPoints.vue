<script setup lang="ts">
import { computed } from 'vue';
import type { LightPointView } from '../generated';
import { useUnits } from '../shared/units';

/** What a meter read under the lamps, each beside what the plan predicts there. */
const props = defineProps<{ metered: string[]; errors: Record<string, string>; readonly: boolean }>();
const points = defineModel<LightPointView[]>('points', { required: true });
const emit = defineEmits<{ change: []; add: []; drop: [index: number] }>();
const units = useUnits();
const FIELDS: ['xMm' | 'yMm' | 'depthMm' | 'par', string | null, string][] = [['xMm', 'mm', 'from the left'], ['yMm', 'mm', 'from the back'], ['depthMm', 'mm', 'under the surface'], ['par', null, 'read, micromoles a second and square metre']];
const firstWrong = computed(() => Object.entries(props.errors).find(([k]) => k.startsWith('points')));
function number(event: Event, kind: string | null): number | null {
    const text = (event.target as HTMLInputElement).value;
    if (text.trim() === '') return null;
    const value = kind === null ? Number(text.replace(',', '.')) : units.parse(text, kind);
    return value === null || Number.isNaN(value) ? null : value;
}
</script>

<template>
    <details class="metered" :open="points.length > 0">
        <summary>Read with a meter <small>{{ points.length ? `${points.length} points` : 'three or more calibrate the maps' }}</small></summary>
        <div v-if="points.length" class="tablebox" tabindex="0" role="region" aria-label="Read with a meter"><table class="plainer lamps"><caption class="visually-hidden">Readings at full power beside the prediction</caption>
            <thead><tr><th scope="col" class="num">From left, {{ units.label('mm') }}</th><th scope="col" class="num">From back, {{ units.label('mm') }}</th><th scope="col" class="num">Deep, {{ units.label('mm') }}</th><th scope="col" class="num">Read, µmol/m²/s</th><th scope="col">Beside</th><th scope="col"><span class="visually-hidden">Do</span></th></tr></thead>
            <tbody><tr v-for="(point, i) in points" :key="i">
                <td v-for="[field, kind, label] in FIELDS" :key="field"><input class="cell num" type="text" inputmode="decimal" :value="point[field] === null ? '' : kind ? units.typed(point[field] as number, kind) : point[field]" :aria-label="`Point ${i + 1}: ${label}`" :aria-invalid="!!errors[`points.${i}.${field}`]" :readonly="readonly" @change="point[field] = number($event, kind); emit('change')"></td>
                <td class="quiet">{{ metered[i] ?? '' }}</td>
                <td><button v-if="!readonly" type="button" class="linkish" :aria-label="`Take point ${i + 1} out`" @click="emit('drop', i)">✕</button></td>
            </tr></tbody>
        </table></div>
        <p v-if="firstWrong" class="wrong" role="alert">{{ firstWrong[1] }}</p>
        <button v-if="!readonly && points.length < 40" type="button" class="linkish" @click="emit('add')">{{ points.length ? 'one more point' : 'write down the first reading' }}</button>
    </details>
</template>
