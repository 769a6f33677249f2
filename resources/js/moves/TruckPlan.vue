<script setup lang="ts">
import { computed } from 'vue';
import type { MoveTruckView } from '../generated';
import { useUnits } from '../shared/units';

/** The truck from above, to scale: the bulkhead left, the door right. */
const props = defineProps<{ truck: MoveTruckView; longestMm: number }>();
const units = useUnits();
const WIDE = 560;
const scale = computed(() => WIDE / props.longestMm);
const wide = computed(() => props.truck.lengthMm * scale.value);
const high = computed(() => props.truck.widthMm * scale.value);
const floor = computed(() => [...props.truck.stowed].sort((a, b) => a.zMm - b.zMm));
</script>

<template>
    <div class="truckbox">
        <svg
            class="truckplan"
            :viewBox="`-4 -4 ${WIDE + 60} ${high + 8}`"
            role="img"
            aria-label="Where everything rides, from above; the list has it in words"
        >
            <rect class="bed" x="0" y="0" :width="wide" :height="high" />
            <line class="door" :x1="wide" :x2="wide" y1="4" :y2="high - 4" />
            <text class="c" :x="wide + 8" :y="high / 2 + 4">door</text>
            <g v-for="s in floor" :key="s.id">
                <rect
                    class="cargo"
                    :class="{ alive: s.isAlive, upper: s.zMm > 0 }"
                    :x="s.xMm * scale"
                    :y="s.yMm * scale"
                    :width="s.alongMm * scale"
                    :height="s.acrossMm * scale"
                />
                <text
                    v-if="s.alongMm * scale > s.label.length * 5.5 && s.zMm === 0"
                    class="s"
                    :x="(s.xMm + s.alongMm / 2) * scale"
                    :y="(s.yMm + s.acrossMm / 2) * scale + 4"
                    text-anchor="middle"
                >
                    {{ s.label }}
                </text>
            </g>
        </svg>
        <ul class="truckfacts">
            <li>
                <b>{{ units.show(truck.kg, 'kg') }}</b> of {{ units.show(truck.payloadKg, 'kg') }}, crew counted
            </li>
            <li v-if="truck.frontKg !== null && truck.rearKg !== null">
                front axle {{ units.show(truck.frontKg, 'kg') }}, rear {{ units.show(truck.rearKg, 'kg') }}
            </li>
            <li v-else>axles: nobody has said the wheelbase</li>
            <li v-if="!truck.stowed.length">nothing rides in it</li>
            <li v-else>
                left {{ Math.round(truck.leftPercent) }} %, right {{ 100 - Math.round(truck.leftPercent) }} %
            </li>
            <li v-if="truck.straps">
                {{ truck.straps }} {{ truck.straps === 1 ? 'strap' : 'straps' }} where gaps are not filled
            </li>
            <li v-if="truck.oldMostL !== null">
                room for {{ units.show(truck.oldMostL, 'L') }} of old water beside it
            </li>
            <li v-if="truck.left.length" class="wrong">no place for: {{ truck.left.join(', ') }}</li>
        </ul>
    </div>
</template>
