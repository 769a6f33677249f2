<script setup lang="ts">
import { ref } from 'vue';
import type { HandleView } from '../generated';
import { useUnits } from './units';

/**
 * Grips on the section: each is dragged along its axis, or moved by the arrow keys, and snaps to the unit in use.
 * What was last set stands in the draft; the drawing itself may still be on its way.
 */
const props = defineProps<{
    handles: HandleView[];
    px: (x: number) => number;
    py: (y: number) => number;
    scale: number;
    current: (field: string) => number | null;
}>();
const emit = defineEmits<{ set: [field: string, value: number, more: boolean] }>();
const units = useUnits();
const INCH = 25.4;
const steps = () =>
    units.label('mm') === 'in' ? { drag: INCH / 4, key: INCH / 16, far: INCH / 2 } : { drag: 5, key: 1, far: 10 };
const held = ref<{ handle: HandleView; from: number; scale: number; start: number } | null>(null);
const value = (handle: HandleView) => props.current(handle.field) ?? handle.value;
const said = ref<string | null>(null);

function settled(handle: HandleView, value: number, step: number): number {
    const snapped = Math.round(value / step) * step;
    return Number(Math.min(handle.most, Math.max(handle.least, snapped)).toFixed(4));
}
function hold(event: PointerEvent, handle: HandleView) {
    (event.currentTarget as Element).setPointerCapture(event.pointerId);
    held.value = {
        handle,
        from: handle.axis === 'x' ? event.clientX : event.clientY,
        scale: props.scale,
        start: value(handle),
    };
}
function move(event: PointerEvent) {
    if (!held.value) return;
    const { handle, from, scale, start } = held.value;
    const way = ((handle.axis === 'x' ? event.clientX : event.clientY) - from) / scale;
    const to = settled(handle, start + way * handle.sign, steps().drag);
    if (to !== value(handle)) emit('set', handle.field, to, true);
}
function letGo() {
    if (held.value && value(held.value.handle) !== held.value.start)
        emit('set', held.value.handle.field, value(held.value.handle), false);
    held.value = null;
}
function key(event: KeyboardEvent, handle: HandleView) {
    const ways = handle.axis === 'x' ? { ArrowLeft: -1, ArrowRight: 1 } : { ArrowUp: -1, ArrowDown: 1 };
    const way = ways[event.key as keyof typeof ways];
    if (way === undefined) return;
    event.preventDefault();
    const step = event.shiftKey ? steps().far : steps().key;
    emit('set', handle.field, settled(handle, value(handle) + way * handle.sign * step, steps().key), false);
}
/** The grip stands where its fact puts it, whatever the drawing has caught up with. */
const shift = (handle: HandleView, axis: string) =>
    handle.axis === axis ? (value(handle) - handle.value) * handle.sign : 0;
</script>

<template>
    <g
        v-for="handle in handles"
        :key="handle.field"
        class="grip"
        :class="{ held: held?.handle.field === handle.field }"
        role="slider"
        tabindex="0"
        :aria-label="`Grip: ${handle.label}`"
        :aria-orientation="handle.axis === 'x' ? 'horizontal' : 'vertical'"
        :aria-valuemin="handle.least"
        :aria-valuemax="handle.most"
        :aria-valuenow="value(handle)"
        :aria-valuetext="units.show(value(handle), 'mm')"
        :data-field="handle.field"
        @pointerdown.prevent="hold($event, handle)"
        @pointermove="move"
        @pointerup="letGo"
        @pointercancel="letGo"
        @keydown="key($event, handle)"
        @pointerenter="said = handle.field"
        @pointerleave="said = null"
        @focus="said = handle.field"
        @blur="said = null"
    >
        <circle class="reach" :cx="px(handle.x + shift(handle, 'x'))" :cy="py(handle.y + shift(handle, 'y'))" r="14" />
        <circle class="dot" :cx="px(handle.x + shift(handle, 'x'))" :cy="py(handle.y + shift(handle, 'y'))" r="5" />
        <text
            v-if="said === handle.field || held?.handle.field === handle.field"
            class="griptext"
            :x="px(handle.x + shift(handle, 'x')) + 10"
            :y="py(handle.y + shift(handle, 'y')) - 9"
            >{{ handle.label }} {{ units.show(value(handle), 'mm') }}</text
        >
    </g>
</template>
