<script setup lang="ts">
import { computed, ref } from 'vue';
import type { LightMapView, TableSpecView } from '../generated';
import type { Row } from './draft';
import { useUnits } from './units';
import PlanTable from './PlanTable.vue';

/**
 * The tank from above with its lamps and the lines of equal light. Lamps are dragged, or moved by the arrow keys;
 * the lines follow.
 */
const props = defineProps<{
    spec: TableSpecView;
    maps: LightMapView[];
    inside: { length: number; width: number } | null;
    outline: [number, number][];
    library?: Row[];
    vessels?: number;
    errors: Record<string, string>;
    readonly: boolean;
}>();
const lamps = defineModel<Row[]>('lamps', { required: true });
const emit = defineEmits<{ change: [] }>();
const units = useUnits();
const level = ref(2);
const map = computed(() => props.maps[Math.min(level.value, props.maps.length - 1)] ?? null);
const size = computed(() => ({
    l: map.value?.lengthMm ?? props.inside?.length ?? 1000,
    w: map.value?.widthMm ?? props.inside?.width ?? 500,
}));
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
    place(
        held.value,
        view.x + ((event.clientX - box.left) / box.width) * view.width,
        view.y + ((event.clientY - box.top) / box.height) * view.height,
    );
}
function hold(event: PointerEvent, i: number) {
    if (props.readonly) return;
    held.value = i;
    (event.currentTarget as Element).setPointerCapture(event.pointerId);
}
function key(event: KeyboardEvent, i: number) {
    const step = event.shiftKey ? 100 : SNAP;
    const [dx, dy] = { ArrowLeft: [-step, 0], ArrowRight: [step, 0], ArrowUp: [0, -step], ArrowDown: [0, step] }[
        event.key
    ] ?? [0, 0];
    if (props.readonly || (!dx && !dy)) return;
    event.preventDefault();
    place(i, Number(lamps.value[i].xMm ?? 0) + dx, Number(lamps.value[i].yMm ?? 0) + dy);
}
const start = (last: Row | undefined): Row => {
    const { l, w } = size.value;
    const x = Math.round(Number(last?.xMm ?? l * 0.1) + l * 0.2);
    return {
        xMm: x > l ? Math.round(l / 2) : x,
        yMm: last?.yMm ?? Math.round(w / 2),
        ppf: last?.ppf ?? 180,
        halfAngleDeg: last?.halfAngleDeg ?? 45,
    };
};
const at = (lamp: Row, key: 'xMm' | 'yMm') => Number(lamp[key] ?? 0);
const without = computed(() => [
    ...(lamps.value.some((l) => l.leastMm !== null || l.mostMm !== null) ? [] : ['leastMm', 'mostMm']),
    ...(props.vessels || lamps.value.some((l) => l.over) ? [] : ['over']),
    'grid',
]);
const said = (i: number) =>
    lamps.value[i]?.grid
        ? {
              words: `${lamps.value[i].name || `Lamp ${i + 1}`} is read from its measured grid; µmol/s and half angle do not count.`,
          }
        : undefined;
/** A lamp of the company's own, placed beside the last one. */
function take(event: Event) {
    const select = event.target as HTMLSelectElement;
    const lamp = props.library?.find((l) => l.name === select.value);
    select.value = '';
    if (!lamp) return;
    lamps.value.push({ aboveRimMm: null, ...start(lamps.value[lamps.value.length - 1]), ...lamp });
    emit('change');
}
</script>

<template>
    <h2>Light from above</h2>
    <template v-if="lamps.length">
        <p v-if="maps.length" class="tabs sub">
            <button
                v-for="(m, i) in maps"
                :key="m.where"
                type="button"
                class="linkish"
                :class="{ on: i === level }"
                :aria-pressed="i === level"
                @click="level = i"
            >
                {{ m.where }}, {{ m.depth }}
            </button>
        </p>
        <svg
            ref="drawing"
            class="lightplan"
            :viewBox="`${-font} ${-font} ${size.l + 2 * font} ${size.w + 2 * font}`"
            role="group"
            :aria-label="`The tank from above, ${units.show(size.l, 'mm')} by ${units.show(size.w, 'mm')} inside; lamps can be moved`"
            @pointermove="move"
            @pointerup="held = null"
            @pointercancel="held = null"
        >
            <polygon v-if="outline.length" :points="outline.map((c) => c.join(',')).join(' ')" class="tank" />
            <rect v-else x="0" y="0" :width="size.l" :height="size.w" class="tank" />
            <g v-for="l in map?.lines ?? []" :key="l.level">
                <path :d="l.path" class="iso" :class="{ strong: l.level % 100 === 0 }" />
                <text
                    :x="Math.min(size.l - font * 1.4, Math.max(font * 1.4, l.x))"
                    :y="Math.min(size.w - font, Math.max(font * 1.2, l.y))"
                    :font-size="font"
                    text-anchor="middle"
                    class="isolabel"
                >
                    {{ l.level }}
                </text>
            </g>
            <template v-for="(lamp, i) in lamps" :key="i">
                <g
                    v-if="!lamp.over"
                    class="lamp"
                    :class="{ held: held === i }"
                    tabindex="0"
                    role="button"
                    :aria-label="`${lamp.name || `Lamp ${i + 1}`}: ${units.show(at(lamp, 'xMm'), 'mm')} from the left, ${units.show(at(lamp, 'yMm'), 'mm')} from the back. Arrow keys move it.`"
                    @pointerdown="hold($event, i)"
                    @keydown="key($event, i)"
                >
                    <rect
                        :x="at(lamp, 'xMm') - font * 1.6"
                        :y="at(lamp, 'yMm') - font * 0.9"
                        :width="font * 3.2"
                        :height="font * 1.8"
                    />
                    <text
                        :x="at(lamp, 'xMm')"
                        :y="at(lamp, 'yMm') + font * 0.35"
                        :font-size="font"
                        text-anchor="middle"
                    >
                        {{ i + 1 }}
                    </text>
                </g>
            </template>
            <text x="0" :y="size.w + font * 0.9" :font-size="font * 0.85">front</text>
            <text x="0" :y="-font * 0.25" :font-size="font * 0.85">back</text>
        </svg>
        <table v-if="map" class="figures">
            <caption>
                µmol/m²/s at full power,
                {{
                    map.where
                }}; lines at 50, 100, 150, 200, 300 and on
            </caption>
            <tbody>
                <tr>
                    <th scope="row">Mean</th>
                    <td class="num">
                        <b>{{ map.mean }}</b>
                    </td>
                    <td class="why">
                        {{ map.least }} to {{ map.most }}, dimmest corner {{ map.corner }}, evenness {{ map.even }}
                    </td>
                </tr>
                <tr v-for="(share, group) in map.groups" :key="group">
                    <th scope="row">Fit for {{ group }}</th>
                    <td class="num">
                        <b>{{ share }}</b>
                    </td>
                    <td class="why">of the area</td>
                </tr>
            </tbody>
        </table>
    </template>
    <p v-else class="quiet">No lamp is placed yet.</p>
    <PlanTable
        v-model:rows="lamps"
        table="lamps"
        :spec="spec"
        :errors="errors"
        :readonly="readonly"
        caption="Lamps"
        first="place the first lamp"
        :start="start"
        :without="without"
        :said="said"
        @change="emit('change')"
    />
    <p v-if="library?.length && !readonly && lamps.length < spec.most">
        <label class="quiet" for="own-lamp">or one of our own: </label
        ><select id="own-lamp" class="cell inline" @change="take">
            <option value="">choose</option>
            <option v-for="l in library" :key="String(l.name)" :value="l.name">{{ l.name }}</option>
        </select>
    </p>
</template>
