<script setup lang="ts">
import { computed } from 'vue';
import type { AnimalView } from '../generated';

/** The tank from above, front below: where each animal stands. A click says where the chosen one goes. */
const props = defineProps<{
    tank: { lengthMm: number; widthMm: number };
    animals: AnimalView[];
    chosen: number | null;
    spot: { x: number; y: number } | null;
}>();
const emit = defineEmits<{ choose: [id: number]; point: [xMm: number, yMm: number] }>();
const WIDE = 760;
const NAME_BELOW = 32;
const NAME_ABOVE = 36;
const scale = computed(() => WIDE / props.tank.lengthMm);
const high = computed(() => props.tank.widthMm * scale.value);
const placed = computed(() =>
    props.animals.flatMap((a) => (a.xMm === null || a.yMm === null ? [] : [{ ...a, x: a.xMm, y: a.yMm }])),
);
/** Its name stands below it, near the front pane above it. */
const named = (yMm: number) => {
    const y = high.value - yMm * scale.value;
    return y + NAME_BELOW > high.value - NAME_ABOVE ? y - NAME_ABOVE : y + NAME_BELOW;
};
function point(event: MouseEvent) {
    const box = (event.currentTarget as SVGElement).getBoundingClientRect();
    const x = ((event.clientX - box.left) / box.width) * props.tank.lengthMm;
    const y = (1 - (event.clientY - box.top) / box.height) * props.tank.widthMm;
    emit('point', Math.round(x), Math.round(y));
}
</script>

<template>
    <svg class="stockplan" :viewBox="`0 0 ${WIDE} ${high}`" role="group" aria-label="The tank from above; front below">
        <rect class="tank" x="0.5" y="0.5" :width="WIDE - 1" :height="high - 1" @click="point" />
        <text class="s" x="10" :y="high - 8">front</text>
        <g
            v-for="a in placed"
            :key="a.id"
            class="stockdot"
            :class="{ lifted: a.isLifted, off: a.light !== null, chosen: a.id === chosen }"
            role="button"
            tabindex="0"
            :aria-label="`${a.name}${a.isLifted ? ', lifted' : ''}${a.light ? ', outside its light' : ''}`"
            @click="emit('choose', a.id)"
            @keydown.enter="emit('choose', a.id)"
            @keydown.space.prevent="emit('choose', a.id)"
        >
            <circle :cx="a.x * scale" :cy="high - a.y * scale" r="12" />
            <text class="s" :x="a.x * scale" :y="named(a.y)" text-anchor="middle">{{ a.name }}</text>
        </g>
        <circle v-if="spot" class="spot" :cx="spot.x * scale" :cy="high - spot.y * scale" r="8" />
    </svg>
</template>
