<script setup lang="ts">
import { ref } from 'vue';
import type { HandleView } from '../generated';
import { useUnits } from './units';

/** Grips on the section: each is dragged along its axis, or moved by the arrow keys, and snaps to the unit in use. */
const props = defineProps<{ handles: HandleView[]; px: (x: number) => number; py: (y: number) => number; scale: number }>();
const emit = defineEmits<{ set: [field: string, value: number, more: boolean] }>();
const units = useUnits();
const INCH = 25.4;
const steps = () => (units.label('mm') === 'in' ? { drag: INCH / 4, key: INCH / 16, far: INCH / 2 } : { drag: 5, key: 1, far: 10 });
const held = ref<{ handle: HandleView; from: number; scale: number; value: number } | null>(null);
const said = ref<string | null>(null);

function settled(handle: HandleView, value: number, step: number): number {
    const snapped = Math.round(value / step) * step;
    return Number(Math.min(handle.most, Math.max(handle.least, snapped)).toFixed(4));
}
function hold(event: PointerEvent, handle: HandleView) {
    (event.currentTarget as Element).setPointerCapture(event.pointerId);
    held.value = { handle, from: handle.axis === 'x' ? event.clientX : event.clientY, scale: props.scale, value: handle.value };
}
function move(event: PointerEvent) {
    if (!held.value) return;
    const { handle, from, scale } = held.value;
    const way = ((handle.axis === 'x' ? event.clientX : event.clientY) - from) / scale;
    const value = settled(handle, handle.value + way * handle.sign, steps().drag);
    if (value === held.value.value) return;
    held.value.value = value;
    emit('set', handle.field, value, true);
}
function letGo() {
    if (held.value) emit('set', held.value.handle.field, held.value.value, false);
    held.value = null;
}
function key(event: KeyboardEvent, handle: HandleView) {
    const ways = handle.axis === 'x' ? { ArrowLeft: -1, ArrowRight: 1 } : { ArrowUp: -1, ArrowDown: 1 };
    const way = ways[event.key as keyof typeof ways];
    if (way === undefined) return;
    event.preventDefault();
    const step = event.shiftKey ? steps().far : steps().key;
    emit('set', handle.field, settled(handle, handle.value + way * handle.sign * step, steps().key), false);
}
/** Where the grip is drawn: under the finger while it is held, whatever the drawing has caught up with. */
const shift = (handle: HandleView, axis: string) => (held.value?.handle.field === handle.field && handle.axis === axis ? (held.value.value - handle.value) * handle.sign : 0);
</script>

<template>
    <g
        v-for="handle in handles" :key="handle.field" class="grip" :class="{ held: held?.handle.field === handle.field }" role="slider" tabindex="0" :aria-label="`Grip: ${handle.label}`" :aria-orientation="handle.axis === 'x' ? 'horizontal' : 'vertical'"
        :aria-valuemin="handle.least" :aria-valuemax="handle.most" :aria-valuenow="handle.value" :aria-valuetext="units.show(handle.value, 'mm')" :data-field="handle.field"
        @pointerdown.prevent="hold($event, handle)" @pointermove="move" @pointerup="letGo" @pointercancel="letGo" @keydown="key($event, handle)" @pointerenter="said = handle.field" @pointerleave="said = null" @focus="said = handle.field" @blur="said = null"
    >
        <circle class="reach" :cx="px(handle.x + shift(handle, 'x'))" :cy="py(handle.y + shift(handle, 'y'))" r="14" />
        <circle class="dot" :cx="px(handle.x + shift(handle, 'x'))" :cy="py(handle.y + shift(handle, 'y'))" r="5" />
        <text v-if="said === handle.field || held?.handle.field === handle.field" class="griptext" :x="px(handle.x + shift(handle, 'x')) + 10" :y="py(handle.y + shift(handle, 'y')) - 9">{{ handle.label }} {{ units.show(held?.handle.field === handle.field ? held.value : handle.value, 'mm') }}</text>
    </g>
</template>
