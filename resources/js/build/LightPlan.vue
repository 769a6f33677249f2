<script setup lang="ts">
import { computed, ref } from 'vue';
import type { LampView, LightMapView } from '../generated';
import { useUnits } from '../shared/units';

/** The tank from above with its lamps and the lines of equal light. Lamps are dragged, or moved by the arrow keys; the lines follow. */
const props = defineProps<{ maps: LightMapView[]; inside: { length: number; width: number } | null; errors: Record<string, string>; readonly: boolean }>();
const lamps = defineModel<LampView[]>('lamps', { required: true });
const emit = defineEmits<{ change: []; add: []; drop: [index: number] }>();
const units = useUnits();
const at = ref(1);
const map = computed(() => props.maps[Math.min(at.value, props.maps.length - 1)] ?? null);
const size = computed(() => ({ l: map.value?.lengthMm ?? props.inside?.length ?? 1000, w: map.value?.widthMm ?? props.inside?.width ?? 500 }));
const font = computed(() => size.value.l / 42);
const drawing = ref<SVGSVGElement | null>(null);
const held = ref<number | null>(null);
const SNAP = 10;
const snap = (mm: number, most: number) => Math.min(most, Math.max(0, Math.round(mm / SNAP) * SNAP));
function place(i: number, x: number, y: number) {
    lamps.value[i].xMm = snap(x, size.value.l);
    lamps.value[i].yMm = snap(y, size.value.w);
    emit('change');
}
function move(event: PointerEvent) {
    if (held.value === null || !drawing.value) return;
    const box = drawing.value.getBoundingClientRect();
    const view = drawing.value.viewBox.baseVal;
    place(held.value, view.x + ((event.clientX - box.left) / box.width) * view.width, view.y + ((event.clientY - box.top) / box.height) * view.height);
}
function hold(event: PointerEvent, i: number) {
    if (props.readonly) return;
    held.value = i;
    (event.currentTarget as Element).setPointerCapture(event.pointerId);
}
function key(event: KeyboardEvent, i: number) {
    const step = event.shiftKey ? 100 : SNAP;
    const [dx, dy] = { ArrowLeft: [-step, 0], ArrowRight: [step, 0], ArrowUp: [0, -step], ArrowDown: [0, step] }[event.key] ?? [0, 0];
    if (props.readonly || (!dx && !dy)) return;
    event.preventDefault();
    place(i, (lamps.value[i].xMm ?? 0) + dx, (lamps.value[i].yMm ?? 0) + dy);
}
const wrong = (i: number, field: string) => props.errors[`lamps.${i}.${field}`];
function number(event: Event, kind: string | null): number | null {
    const text = (event.target as HTMLInputElement).value;
    if (text.trim() === '') return null;
    return kind === null ? Number(text.replace(',', '.')) : units.parse(text, kind);
}
const firstWrong = computed(() => Object.entries(props.errors).find(([k]) => k.startsWith('lamps')));
</script>

<template>
    <h2>Light from above</h2>
    <template v-if="lamps.length">
        <p v-if="maps.length" class="tabs sub"><button v-for="(m, i) in maps" :key="m.where" type="button" class="linkish" :class="{ on: i === at }" :aria-pressed="i === at" @click="at = i">{{ m.where }}, {{ m.depth }}</button></p>
        <svg ref="drawing" class="lightplan" :viewBox="`${-font} ${-font} ${size.l + 2 * font} ${size.w + 2 * font}`" role="group" :aria-label="`The tank from above, ${units.show(size.l, 'mm')} by ${units.show(size.w, 'mm')} inside; lamps can be moved`" @pointermove="move" @pointerup="held = null" @pointercancel="held = null">
            <rect x="0" y="0" :width="size.l" :height="size.w" class="tank" />
            <g v-for="l in map?.lines ?? []" :key="l.level"><path :d="l.path" class="iso" :class="{ strong: l.level % 100 === 0 }" /><text :x="Math.min(size.l - font * 1.4, Math.max(font * 1.4, l.x))" :y="Math.min(size.w - font, Math.max(font * 1.2, l.y))" :font-size="font" text-anchor="middle" class="isolabel">{{ l.level }}</text></g>
            <g v-for="(lamp, i) in lamps" :key="i" class="lamp" :class="{ held: held === i }" tabindex="0" role="button" :aria-label="`${lamp.name || `Lamp ${i + 1}`}: ${units.show(lamp.xMm ?? 0, 'mm')} from the left, ${units.show(lamp.yMm ?? 0, 'mm')} from the back. Arrow keys move it.`" @pointerdown="hold($event, i)" @keydown="key($event, i)"><rect :x="(lamp.xMm ?? 0) - font * 1.6" :y="(lamp.yMm ?? 0) - font * 0.9" :width="font * 3.2" :height="font * 1.8" /><text :x="lamp.xMm ?? 0" :y="(lamp.yMm ?? 0) + font * 0.35" :font-size="font" text-anchor="middle">{{ i + 1 }}</text></g>
            <text x="0" :y="size.w + font * 0.9" :font-size="font * 0.85">front</text><text x="0" :y="-font * 0.25" :font-size="font * 0.85">back</text>
        </svg>
        <table v-if="map" class="figures"><caption>µmol/m²/s at full power, {{ map.where }}; lines at 50, 100, 150, 200, 300 and on</caption><tbody>
            <tr><th scope="row">Mean</th><td class="num"><b>{{ map.mean }}</b></td><td class="why">{{ map.least }} to {{ map.most }}, dimmest corner {{ map.corner }}, evenness {{ map.even }}</td></tr>
            <tr v-for="(share, group) in map.groups" :key="group"><th scope="row">Fit for {{ group }}</th><td class="num"><b>{{ share }}</b></td><td class="why">of the area</td></tr>
        </tbody></table>
        <div class="tablebox" tabindex="0" role="region" aria-label="Lamps"><table class="plainer lamps"><caption class="visually-hidden">Lamps</caption>
            <thead><tr><th scope="col">Lamp</th><th scope="col" class="num">From left, {{ units.label('mm') }}</th><th scope="col" class="num">From back, {{ units.label('mm') }}</th><th scope="col" class="num">Above rim, {{ units.label('mm') }}</th><th scope="col" class="num">µmol/s</th><th scope="col" class="num">Half angle, °</th><th scope="col"><span class="visually-hidden">Do</span></th></tr></thead>
            <tbody><tr v-for="(lamp, i) in lamps" :key="i">
                <td><input v-model="lamp.name" class="cell" type="text" maxlength="60" :placeholder="`lamp ${i + 1}`" :aria-label="`Lamp ${i + 1}: name`" :readonly="readonly" @input="emit('change')"></td>
                <td v-for="[field, kind, label] in ([['xMm', 'mm', 'from left'], ['yMm', 'mm', 'from back'], ['aboveRimMm', 'mm', 'above the rim'], ['ppf', null, 'micromoles a second'], ['halfAngleDeg', null, 'half angle']] as ['xMm' | 'yMm' | 'aboveRimMm' | 'ppf' | 'halfAngleDeg', string | null, string][])" :key="field"><input class="cell num" type="text" inputmode="decimal" :value="lamp[field] === null ? '' : kind ? units.typed(lamp[field] as number, kind) : lamp[field]" :placeholder="field === 'aboveRimMm' ? 'as all' : ''" :aria-label="`Lamp ${i + 1}: ${label}`" :aria-invalid="!!wrong(i, field)" :readonly="readonly" @change="lamp[field] = number($event, kind); emit('change')"></td>
                <td><button v-if="!readonly" type="button" class="linkish" :aria-label="`Take lamp ${i + 1} out`" @click="emit('drop', i)">✕</button></td>
            </tr></tbody>
        </table></div>
        <p v-if="firstWrong" class="wrong" role="alert">{{ firstWrong[1] }}</p>
    </template>
    <p v-else class="quiet">No lamp is placed yet.</p>
    <button v-if="!readonly && lamps.length < 24" type="button" class="linkish" @click="emit('add')">{{ lamps.length ? 'one more lamp' : 'place the first lamp' }}</button>
</template>
