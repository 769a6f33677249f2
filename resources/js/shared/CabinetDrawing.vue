<script setup lang="ts">
import { computed, ref } from 'vue';
import type { PackingView } from '../generated';
import type { Row } from './draft';
import { useUnits } from './units';

/** One compartment of a cabinet: what stands in it from the front and from above, to scale. */
const props = defineProps<{ packing: PackingView; alone: boolean; readonly: boolean }>();
const gear = defineModel<Row[]>('gear', { required: true });
const emit = defineEmits<{ change: [] }>();
const units = useUnits();
const held = ref<{ row: number; dx: number; dy: number } | null>(null);
const above = ref<SVGGElement | null>(null);
const SNAP = 10;
type Place = PackingView['standing'][number];
/** The row of the list that stands there; none for the sump, for what stands in it and for what is only reserved. */
const own = (s: Place): Row | undefined => (s.gear === null || s.inSump ? undefined : gear.value[s.gear]);
const pinned = (s: Place) => typeof own(s)?.xMm === 'number' && typeof own(s)?.yMm === 'number';
function put(s: Place, x: number, y: number) {
    const row = own(s);
    if (!row) return;
    const fit = (mm: number, most: number) => Math.min(Math.max(0, most), Math.max(0, Math.round(mm / SNAP) * SNAP));
    row.turned = s.turned;
    if (props.packing.number > 1) row.in = props.packing.number;
    row.xMm = fit(x, props.packing.lengthMm - s.alongMm);
    row.yMm = fit(y, props.packing.depthMm - s.deepMm);
    emit('change');
}
/** Where the pointer is in the view from above, mm. */
function point(event: PointerEvent): { x: number; y: number } {
    const m = above.value!.getScreenCTM()!.inverse();
    return { x: event.clientX * m.a + event.clientY * m.c + m.e, y: event.clientX * m.b + event.clientY * m.d + m.f };
}
function hold(event: PointerEvent, s: Place) {
    if (props.readonly || !own(s)) return;
    const at = point(event);
    held.value = { row: s.row, dx: at.x - s.xMm, dy: at.y - s.yMm };
    (event.currentTarget as Element).setPointerCapture(event.pointerId);
}
function move(event: PointerEvent) {
    const s = props.packing.standing.find((p) => p.row === held.value?.row);
    if (!held.value || !s) return;
    const at = point(event);
    put(s, at.x - held.value.dx, at.y - held.value.dy);
}
function key(event: KeyboardEvent, s: Place) {
    const row = own(s);
    if (props.readonly || !row) return;
    const step = event.shiftKey ? 100 : SNAP;
    const [dx, dy] = { ArrowLeft: [-step, 0], ArrowRight: [step, 0], ArrowUp: [0, -step], ArrowDown: [0, step] }[
        event.key
    ] ?? [0, 0];
    if (dx || dy) put(s, Number(row.xMm ?? s.xMm) + dx, Number(row.yMm ?? s.yMm) + dy);
    else if (event.key === 'Delete' || event.key === 'Backspace') {
        row.xMm = row.yMm = null;
        row.turned = false;
        emit('change');
    } else if (event.key === 't') {
        put(
            { ...s, turned: !s.turned, alongMm: s.deepMm, deepMm: s.alongMm },
            Number(row.xMm ?? s.xMm),
            Number(row.yMm ?? s.yMm),
        );
    } else return;
    event.preventDefault();
}
const letter = (n: number) => String.fromCharCode(65 + n);
const font = computed(() =>
    Math.max(props.packing.lengthMm / 42, (props.packing.heightMm + props.packing.depthMm) / 28),
);
/** From the front: so far down from the brace. */
const topMm = (s: Place) => props.packing.heightMm - s.zMm - s.highMm;
const stands = (s: Place) =>
    `${letter(s.row)}, ${s.name}, ${units.show(s.xMm, 'mm')} from the left, ${units.show(s.yMm, 'mm')} from the back` +
    (s.inSump ? ', in the sump' : s.zMm ? `, on a shelf at ${units.show(s.zMm, 'mm')}` : '');
const builtIn = (l: PackingView['ledges'][number]) => `${l.name}, its underside at ${units.show(l.bottomMm, 'mm')}`;
const called = computed(() =>
    props.alone ? 'The cabinet' : `Compartment ${props.packing.number}, ${props.packing.name}`,
);
const opening = computed(() => {
    const { doorFromLeftMm: left, doorWidthMm: wide, doorHeightMm: high, heightMm } = props.packing;
    return `M${left} ${heightMm} v${-high} h${wide} v${high}`;
});
const handled = (s: Place) =>
    `${s.name}: ${units.show(s.xMm, 'mm')} from the left, ${units.show(s.yMm, 'mm')} from the back` +
    (pinned(s) ? ', placed by hand' : '') +
    '. Arrow keys move it, t turns it, Delete lets its place be proposed.';
const said = computed(() => [...props.packing.standing.map(stands), ...props.packing.ledges.map(builtIn)].join('; '));
// From above the lower is drawn first, so that what stands in the sump or on a shelf lies over what it stands on.
// Those of one height go by their letter, however they were packed: what keys move keeps its place, and the focus.
const highestLast = computed(() => [...props.packing.standing].sort((a, b) => a.zMm - b.zMm || a.row - b.row));
// From the front the nearest is drawn last; what stands in the sump is seen through its pane.
const frontMm = (s: Place) => (s.inSump ? props.packing.depthMm + 1 : s.yMm + s.deepMm);
const nearestLast = computed(() => [...props.packing.standing].sort((a, b) => frontMm(a) - frontMm(b)));
const byLetter = computed(() => [...props.packing.standing].sort((a, b) => a.row - b.row));
</script>

<template>
    <div class="compartment">
        <svg
            class="cabinetplan"
            :viewBox="`${-font} ${-font} ${packing.lengthMm + 2 * font} ${packing.heightMm + packing.depthMm + font * 4}`"
            role="group"
            :aria-label="`${called} from the front and from above; ${said}`"
            @pointermove="move"
            @pointerup="held = null"
            @pointercancel="held = null"
        >
            <rect x="0" y="0" :width="packing.lengthMm" :height="packing.heightMm" class="box" />
            <g v-for="s in nearestLast" :key="s.row" :class="{ held: s.held, within: s.inSump }">
                <rect
                    v-if="s.liftMm"
                    :x="s.xMm"
                    :y="topMm(s) - s.liftMm"
                    :width="s.alongMm"
                    :height="s.liftMm"
                    class="lift"
                />
                <rect :x="s.xMm" :y="topMm(s)" :width="s.alongMm" :height="s.highMm" class="thing" />
                <text :x="s.xMm + s.alongMm / 2" :y="topMm(s) + font * 1.2" :font-size="font" text-anchor="middle">
                    {{ letter(s.row) }}
                </text>
            </g>
            <rect
                v-for="(l, i) in packing.ledges"
                :key="`l${i}`"
                :x="l.patch.xMm"
                :y="packing.heightMm - l.bottomMm - l.thickMm"
                :width="l.patch.alongMm"
                :height="l.thickMm"
                class="ledge"
            />
            <path :d="opening" class="opening" />
            <text x="0" :y="-font * 0.25" :font-size="font * 0.8">
                {{ alone ? '' : `${packing.number}, ${packing.name}: ` }}from the front
            </text>
            <g ref="above" :transform="`translate(0 ${packing.heightMm + font * 2})`">
                <text x="0" :y="-font * 0.25" :font-size="font * 0.8">from above, back on top</text>
                <rect x="0" y="0" :width="packing.lengthMm" :height="packing.depthMm" class="box" />
                <g
                    v-for="s in highestLast"
                    :key="s.row"
                    :class="{
                        held: s.held,
                        within: s.inSump,
                        l: s.patches.length > 1,
                        mine: !readonly && own(s),
                        pinned: pinned(s),
                    }"
                    :tabindex="!readonly && own(s) ? 0 : undefined"
                    :role="!readonly && own(s) ? 'button' : undefined"
                    :aria-label="handled(s)"
                    @pointerdown="hold($event, s)"
                    @keydown="key($event, s)"
                >
                    <rect
                        v-for="(p, i) in s.patches"
                        :key="i"
                        :x="p.xMm"
                        :y="p.yMm"
                        :width="p.alongMm"
                        :height="p.deepMm"
                        class="thing"
                    />
                    <rect
                        v-for="(p, i) in s.patches.length > 1 ? s.patches : []"
                        :key="`in${i}`"
                        :x="p.xMm"
                        :y="p.yMm"
                        :width="p.alongMm"
                        :height="p.deepMm"
                        class="seamless"
                    />
                    <text
                        :x="s.patches[0].xMm + s.patches[0].alongMm / 2"
                        :y="s.patches[0].yMm + s.patches[0].deepMm / 2 + font * 0.35"
                        :font-size="font"
                        text-anchor="middle"
                    >
                        {{ letter(s.row) }}
                    </text>
                </g>
                <rect
                    v-for="(l, i) in packing.ledges"
                    :key="`l${i}`"
                    :x="l.patch.xMm"
                    :y="l.patch.yMm"
                    :width="l.patch.alongMm"
                    :height="l.patch.deepMm"
                    class="ledge over"
                />
                <path :d="`M${packing.doorFromLeftMm} ${packing.depthMm} h${packing.doorWidthMm}`" class="opening" />
            </g>
        </svg>
        <p class="legend quiet">
            <span v-for="s in byLetter" :key="s.row"
                ><b>{{ letter(s.row) }}</b> {{ s.name }} · </span
            >the coral line is the opening; dashed: room for service<template v-if="packing.ledges.length"
                >; grey bars: {{ packing.ledges.map((l) => l.name).join(', ') }}</template
            ><template v-if="!readonly && gear.length"
                >. Drag a thing in the view from above, or move it with the arrow keys; t turns it, Delete gives its
                place back</template
            >
        </p>
    </div>
</template>
