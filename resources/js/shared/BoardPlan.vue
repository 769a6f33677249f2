<script setup lang="ts">
import { computed } from 'vue';
import type { BoardView, TableSpecView } from '../generated';
import type { Row } from './draft';
import { useUnits } from './units';
import PlanTable from './PlanTable.vue';

/** The equipment board from the front, to scale; and the holes its cables leave by. */
const props = defineProps<{
    board: BoardView | null;
    full: Record<string, { words: string; bad: boolean }>;
    specs: { board: TableSpecView; ways: TableSpecView };
    errors: Record<string, string>;
    readonly: boolean;
}>();
const devices = defineModel<Row[]>('devices', { required: true });
const ways = defineModel<Row[]>('ways', { required: true });
const emit = defineEmits<{ change: [] }>();
const units = useUnits();
const font = computed(() => (props.board ? Math.max(props.board.widthMm / 46, 12) : 12));
/** A cable way drawn large enough to see its bundle: hole and cables at one scale. */
const bundle = (row: Row) => {
    const [hole, cable, n] = [Number(row.holeMm ?? 0), Number(row.cableMm ?? 0), Math.min(40, Number(row.cables ?? 0))];
    if (!hole || !cable || !n) return null;
    // Laid in rings from the middle, as a bundle lies.
    const places: [number, number][] = [[0, 0]];
    for (let ring = 1; places.length < n; ring++)
        for (let k = 0; k < 6 * ring && places.length < n; k++)
            places.push([
                ring * cable * Math.cos((k / (6 * ring)) * 2 * Math.PI),
                ring * cable * Math.sin((k / (6 * ring)) * 2 * Math.PI),
            ]);
    const rings = Math.max(...places.map(([x, y]) => Math.hypot(x, y))) + cable / 2;
    return { hole, cable, places, size: Math.max(hole / 2, rings) * 1.1 };
};
const said = (i: number) => props.full[i];
</script>

<template>
    <details class="metered" :open="devices.length > 0">
        <summary>
            Equipment board
            <small>{{ devices.length ? `${devices.length} devices` : 'strip, controller, drivers, dosers' }}</small>
        </summary>
        <svg
            v-if="board"
            class="cabinetplan boardplan"
            :viewBox="`${-font} ${-font} ${board.widthMm + 2 * font} ${board.heightMm + 2.4 * font}`"
            role="img"
            :aria-label="`The board from the front; ${board.standing.map((s) => `${s.name}, ${units.show(s.xMm, 'mm')} from the left, ${units.show(s.yMm, 'mm')} from the top`).join('; ')}`"
        >
            <rect x="0" y="0" :width="board.widthMm" :height="board.heightMm" class="box" />
            <g v-for="s in board.standing" :key="s.row">
                <rect
                    v-if="s.kind === 'strip'"
                    :x="s.xMm"
                    :y="s.yMm + s.heightMm"
                    :width="s.widthMm"
                    :height="board.plugsMm"
                    class="lift"
                />
                <rect :x="s.xMm" :y="s.yMm" :width="s.widthMm" :height="s.heightMm" class="thing" />
                <text
                    :x="s.xMm + s.widthMm / 2"
                    :y="s.yMm + s.heightMm / 2 + font * 0.35"
                    :font-size="Math.min(font, (s.widthMm / Math.max(4, s.name.length)) * 1.6)"
                    text-anchor="middle"
                >
                    {{ s.name }}
                </text>
            </g>
            <rect
                :x="board.widthMm - board.exitMm"
                :y="board.heightMm - board.exitMm"
                :width="board.exitMm"
                :height="board.exitMm"
                class="lift"
            />
            <text :x="board.widthMm" :y="board.heightMm + font * 1.1" :font-size="font * 0.8" text-anchor="end">
                cables and tubes leave here
            </text>
            <text x="0" :y="board.heightMm + font * 1.1" :font-size="font * 0.8">dashed: room for plugs</text>
        </svg>
        <PlanTable
            v-model:rows="devices"
            table="board"
            :spec="specs.board"
            :errors="errors"
            :readonly="readonly"
            caption="Devices on the board"
            first="list the first device"
            @change="emit('change')"
        />
        <p v-if="devices.length && !board" class="quiet">
            Give the board’s width and height under “Circuits, board, upkeep”: then it is drawn.
        </p>
    </details>
    <details class="metered" :open="ways.length > 0">
        <summary>
            Cable ways <small>{{ ways.length ? `${ways.length} holes` : 'plug, bundle, edge and drip loop' }}</small>
        </summary>
        <p v-if="ways.length" class="bundles">
            <template v-for="(row, i) in ways" :key="i"
                ><svg
                    v-if="bundle(row)"
                    :viewBox="`${-bundle(row)!.size} ${-bundle(row)!.size} ${2 * bundle(row)!.size} ${2 * bundle(row)!.size}`"
                    role="img"
                    :aria-label="`${row.name || `Cable way ${i + 1}`}: ${full[i]?.words ?? 'not worked out yet'}`"
                >
                    <circle r="0" />
                    <circle :r="bundle(row)!.hole / 2" class="edge" :class="{ bad: full[i]?.bad }" />
                    <circle
                        v-for="([x, y], k) in bundle(row)!.places"
                        :key="k"
                        :cx="x"
                        :cy="y"
                        :r="bundle(row)!.cable / 2"
                        class="cable"
                    /></svg
            ></template>
        </p>
        <PlanTable
            v-model:rows="ways"
            table="ways"
            :spec="specs.ways"
            :errors="errors"
            :readonly="readonly"
            caption="Cable ways"
            first="list the first hole"
            :said="said"
            @change="emit('change')"
        />
    </details>
</template>
