<script setup lang="ts">
import { ref } from 'vue';
import type { DrilledPaneView, HoleView, TableSpecView } from '../generated';
import type { Row } from './draft';
import { useUnits } from './units';
import PlanTable from './PlanTable.vue';

/** The drilled panes from outside, to scale. Holes are dragged, or moved by the arrow keys; distances follow. */
const props = defineProps<{
    spec: TableSpecView;
    panes: DrilledPaneView[];
    proposed: HoleView[];
    errors: Record<string, string>;
    readonly: boolean;
}>();
const holes = defineModel<Row[]>('holes', { required: true });
const emit = defineEmits<{ change: []; propose: [] }>();
const units = useUnits();
const held = ref<{ row: number; pane: DrilledPaneView; svg: SVGSVGElement } | null>(null);
const SNAP = 5;
const snap = (mm: number, most: number) => Math.min(most, Math.max(0, Math.round(mm / SNAP) * SNAP));
function place(row: number, pane: DrilledPaneView, x: number, y: number) {
    const r = Number(holes.value[row].diameterMm ?? 0) / 2;
    holes.value[row].xMm = Math.min(pane.widthMm - r, Math.max(r, snap(x, pane.widthMm)));
    holes.value[row].yMm = Math.min(pane.heightMm - r, Math.max(r, snap(y, pane.heightMm)));
    emit('change');
}
function hold(event: PointerEvent, row: number, pane: DrilledPaneView) {
    if (props.readonly) return;
    const target = event.currentTarget as SVGGElement;
    target.setPointerCapture(event.pointerId);
    held.value = { row, pane, svg: target.ownerSVGElement as SVGSVGElement };
}
function move(event: PointerEvent) {
    if (!held.value) return;
    const { row, pane, svg } = held.value;
    const box = svg.getBoundingClientRect();
    const view = svg.viewBox.baseVal;
    const scale = Math.max(view.width / box.width, view.height / box.height);
    const x = view.x + (view.width - box.width * scale) / 2 + (event.clientX - box.left) * scale;
    const y = view.y + (view.height - box.height * scale) / 2 + (event.clientY - box.top) * scale;
    place(row, pane, x, pane.heightMm - y);
}
function key(event: KeyboardEvent, row: number, pane: DrilledPaneView) {
    const step = event.shiftKey ? 50 : SNAP;
    const [dx, dy] = { ArrowLeft: [-step, 0], ArrowRight: [step, 0], ArrowUp: [0, step], ArrowDown: [0, -step] }[
        event.key
    ] ?? [0, 0];
    if (props.readonly || (!dx && !dy)) return;
    event.preventDefault();
    place(row, pane, Number(holes.value[row].xMm ?? 0) + dx, Number(holes.value[row].yMm ?? 0) + dy);
}
const said = (row: number) => {
    const hole = props.panes.flatMap((p) => p.holes).find((h) => h.row === row);
    return hole && { words: hole.words, bad: hole.tight };
};
const start = (last: Row | undefined): Row => ({
    pane: last?.pane ?? 'back',
    xMm: last ? Number(last.xMm ?? 0) + 2 * Number(last.diameterMm ?? 60) : 100,
    yMm: last?.yMm ?? 400,
    diameterMm: last?.diameterMm ?? 60,
});
</script>

<template>
    <h2>Holes in the panes</h2>
    <template v-if="holes.length">
        <figure v-for="p in panes" :key="p.pane" class="pane">
            <figcaption>
                {{ p.words }}, {{ units.show(p.widthMm, 'mm') }} by {{ units.show(p.heightMm, 'mm') }}
            </figcaption>
            <svg
                class="paneplan"
                :viewBox="`-20 -20 ${p.widthMm + 40} ${p.heightMm + 40}`"
                role="group"
                :aria-label="`${p.words}; holes can be moved`"
                @pointermove="move"
                @pointerup="held = null"
                @pointercancel="held = null"
            >
                <ellipse
                    v-if="p.round"
                    :cx="p.widthMm / 2"
                    :cy="p.heightMm / 2"
                    :rx="p.widthMm / 2"
                    :ry="p.heightMm / 2"
                    class="glass"
                />
                <rect v-else x="0" y="0" :width="p.widthMm" :height="p.heightMm" class="glass" />
                <g
                    v-for="h in p.holes"
                    :key="h.row"
                    class="hole"
                    :class="{ tight: h.tight, held: held?.row === h.row }"
                    tabindex="0"
                    role="button"
                    :aria-label="`${h.name || `Hole ${h.row + 1}`}: ${units.show(h.xMm, 'mm')} from the left, ${units.show(h.yMm, 'mm')} up. ${h.words}. Arrow keys move it.`"
                    @pointerdown="hold($event, h.row, p)"
                    @keydown="key($event, h.row, p)"
                >
                    <circle :cx="h.xMm" :cy="p.heightMm - h.yMm" :r="h.needMm" class="keepout" />
                    <circle :cx="h.xMm" :cy="p.heightMm - h.yMm" :r="h.diameterMm / 2" class="bore" />
                    <text
                        :x="h.xMm"
                        :y="p.heightMm - h.yMm + p.widthMm / 130"
                        :font-size="Math.min(p.widthMm / 44, h.diameterMm * 0.7)"
                        text-anchor="middle"
                    >
                        {{ h.row + 1 }}
                    </text>
                </g>
            </svg>
        </figure>
        <p class="quiet">The dashed ring is one and a half hole diameters: no edge may lie within it.</p>
    </template>
    <p v-else class="quiet">
        No hole is planned yet.<template v-if="!readonly && proposed.length">
            <button type="button" class="linkish" @click="emit('propose')">
                Begin with the drains: {{ proposed.length }} in the back pane
            </button></template
        >
    </p>
    <PlanTable
        v-model:rows="holes"
        table="holes"
        :spec="spec"
        :errors="errors"
        :readonly="readonly"
        caption="Holes"
        first="place one by hand"
        :said="said"
        :start="start"
        @change="emit('change')"
    />
</template>
