<script setup lang="ts">
import { computed } from 'vue';
import type { GearView, PackingView } from '../generated';
import { useUnits } from '../shared/units';

/** What stands in the cabinet: the proposed places from the front and from above, to scale. */
const props = defineProps<{ packing: PackingView | null; errors: Record<string, string>; readonly: boolean }>();
const gear = defineModel<GearView[]>('gear', { required: true });
const emit = defineEmits<{ change: []; add: []; drop: [index: number] }>();
const units = useUnits();
const letter = (n: number) => String.fromCharCode(65 + n);
const font = computed(() => (props.packing ? Math.max(props.packing.lengthMm / 42, (props.packing.heightMm + props.packing.depthMm) / 28) : 20));
// From the front the nearest is drawn last.
const nearestLast = computed(() => [...(props.packing?.standing ?? [])].sort((a, b) => a.yMm + a.deepMm - (b.yMm + b.deepMm)));
function number(event: Event): number | null {
    const text = (event.target as HTMLInputElement).value;
    return text.trim() === '' ? null : units.parse(text, 'mm');
}
const wrong = (i: number, field: string) => props.errors[`gear.${i}.${field}`];
const firstWrong = computed(() => Object.entries(props.errors).find(([k]) => k.startsWith('gear')));
</script>

<template>
    <h2>In the cabinet</h2>
    <template v-if="packing">
        <svg class="cabinetplan" :viewBox="`${-font} ${-font} ${packing.lengthMm + 2 * font} ${packing.heightMm + packing.depthMm + font * 4}`" role="img" :aria-label="`The cabinet from the front and from above; ${packing.standing.map((s) => `${letter(s.row)}, ${s.name}, ${units.show(s.xMm, 'mm')} from the left, ${units.show(s.yMm, 'mm')} from the back`).join('; ')}`">
            <rect x="0" y="0" :width="packing.lengthMm" :height="packing.heightMm" class="box" />
            <g v-for="s in nearestLast" :key="s.row" :class="{ held: s.held }"><rect v-if="s.liftMm" :x="s.xMm" :y="packing.heightMm - s.highMm - s.liftMm" :width="s.alongMm" :height="s.liftMm" class="lift" /><rect :x="s.xMm" :y="packing.heightMm - s.highMm" :width="s.alongMm" :height="s.highMm" class="thing" /><text :x="s.xMm + s.alongMm / 2" :y="packing.heightMm - s.highMm + font * 1.2" :font-size="font" text-anchor="middle">{{ letter(s.row) }}</text></g>
            <path :d="`M${packing.doorFromLeftMm} ${packing.heightMm} v${-packing.doorHeightMm} h${packing.doorWidthMm} v${packing.doorHeightMm}`" class="opening" />
            <text x="0" :y="-font * 0.25" :font-size="font * 0.8">from the front</text>
            <g :transform="`translate(0 ${packing.heightMm + font * 2})`">
                <text x="0" :y="-font * 0.25" :font-size="font * 0.8">from above, back on top</text>
                <rect x="0" y="0" :width="packing.lengthMm" :height="packing.depthMm" class="box" />
                <g v-for="s in packing.standing" :key="s.row" :class="{ held: s.held }"><rect :x="s.xMm" :y="s.yMm" :width="s.alongMm" :height="s.deepMm" class="thing" /><text :x="s.xMm + s.alongMm / 2" :y="s.yMm + s.deepMm / 2 + font * 0.35" :font-size="font" text-anchor="middle">{{ letter(s.row) }}</text></g>
                <path :d="`M${packing.doorFromLeftMm} ${packing.depthMm} h${packing.doorWidthMm}`" class="opening" />
            </g>
        </svg>
        <p class="legend quiet"><span v-for="s in packing.standing" :key="s.row"><b>{{ letter(s.row) }}</b> {{ s.name }} · </span>the coral line is the opening; dashed: room for service</p>
    </template>
    <template v-if="gear.length">
        <div class="tablebox" tabindex="0" role="region" aria-label="Things for the cabinet"><table class="plainer lamps named"><caption class="visually-hidden">What is to stand in the cabinet besides the sump</caption>
            <thead><tr><th scope="col">Thing</th><th scope="col" class="num">Wide, {{ units.label('mm') }}</th><th scope="col" class="num">Deep, {{ units.label('mm') }}</th><th scope="col" class="num">High, {{ units.label('mm') }}</th><th scope="col" class="num">Room over it, {{ units.label('mm') }}</th><th scope="col">Room air</th><th scope="col"><span class="visually-hidden">Do</span></th></tr></thead>
            <tbody><tr v-for="(thing, i) in gear" :key="i">
                <td><input v-model="thing.name" class="cell" type="text" maxlength="60" :placeholder="`thing ${i + 1}`" :aria-label="`Thing ${i + 1}: name`" :readonly="readonly" @input="emit('change')"></td>
                <td v-for="[field, label] in ([['widthMm', 'wide'], ['depthMm', 'deep'], ['heightMm', 'high'], ['liftMm', 'room over it for service']] as ['widthMm' | 'depthMm' | 'heightMm' | 'liftMm', string][])" :key="field"><input class="cell num" type="text" inputmode="decimal" :value="thing[field] === null ? '' : units.typed(thing[field] as number, 'mm')" :aria-label="`Thing ${i + 1}: ${label}`" :aria-invalid="!!wrong(i, field)" :readonly="readonly" @change="thing[field] = number($event); emit('change')"></td>
                <td><input v-model="thing.needsAir" type="checkbox" :aria-label="`Thing ${i + 1}: takes its air from the room`" :disabled="readonly" @change="emit('change')"></td>
                <td><button v-if="!readonly" type="button" class="linkish" :aria-label="`Take thing ${i + 1} out`" @click="emit('drop', i)">✕</button></td>
            </tr></tbody>
        </table></div>
        <p v-if="firstWrong" class="wrong" role="alert">{{ firstWrong[1] }}</p>
    </template>
    <p v-else class="quiet">List what stands beside the sump: skimmer, reservoir, doser, power strip. The places are proposed, and each must come out alone.</p>
    <button v-if="!readonly && gear.length < 20" type="button" class="linkish" @click="emit('add')">{{ gear.length ? 'one more thing' : 'list the first thing' }}</button>
</template>
