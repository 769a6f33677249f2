<script setup lang="ts">
import { computed } from 'vue';
import type { PackingView, TableSpecView } from '../generated';
import type { Row } from './draft';
import { useUnits } from './units';
import PlanTable from './PlanTable.vue';

/** What stands in the cabinet: the proposed places from the front and from above, to scale. */
const props = defineProps<{ spec: TableSpecView; packing: PackingView | null; errors: Record<string, string>; readonly: boolean }>();
const gear = defineModel<Row[]>('gear', { required: true });
const emit = defineEmits<{ change: [] }>();
const units = useUnits();
const letter = (n: number) => String.fromCharCode(65 + n);
const font = computed(() => (props.packing ? Math.max(props.packing.lengthMm / 42, (props.packing.heightMm + props.packing.depthMm) / 28) : 20));
// From the front the nearest is drawn last.
const nearestLast = computed(() => [...(props.packing?.standing ?? [])].sort((a, b) => a.yMm + a.deepMm - (b.yMm + b.deepMm)));
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
    <p v-if="!gear.length" class="quiet">List what stands beside the sump: skimmer, reservoir, doser, power strip. The places are proposed, and each must come out alone.</p>
    <PlanTable v-model:rows="gear" table="gear" :spec="spec" :errors="errors" :readonly="readonly" caption="Things for the cabinet" first="list the first thing" @change="emit('change')" />
</template>
