<script setup lang="ts">
import type { WayThroughView } from '../generated';

/**
 * Each large piece at each narrow place, drawn to scale: its face in the opening, and from above where the way
 * turns.
 */
defineProps<{ ways: WayThroughView[] }>();
const H = 150;
const open = (w: WayThroughView) => {
    const scale = H / Math.max(w.openHigh, w.faceHigh, 1);
    return {
        scale,
        width: Math.max(w.openWide, w.faceWide) * scale + 12,
        high: Math.max(w.openHigh, w.faceHigh) * scale,
    };
};
/** The piece leans on both outer walls where the corner is tightest. */
const turn = (w: WayThroughView) => {
    const c = w.corner!;
    const phi = (c.deg * Math.PI) / 180;
    const [p, q] = [
        { x: c.long * Math.sin(phi), y: 0 },
        { x: 0, y: c.long * Math.cos(phi) },
    ];
    const n = { x: c.short * Math.cos(phi), y: c.short * Math.sin(phi) };
    const size = Math.max(p.x + n.x, q.y + n.y, c.a, c.b) * 1.15;
    const s = H / size;
    const at = (x: number, y: number) => `${(x * s).toFixed(1)},${(y * s).toFixed(1)}`;
    return {
        piece: [at(p.x, 0), at(0, q.y), at(n.x, q.y + n.y), at(p.x + n.x, n.y)].join(' '),
        walls: `${at(c.a, size)} ${at(c.a, c.b)} ${at(size, c.b)}`,
        outer: `${at(0, size)} ${at(0, 0)} ${at(size, 0)}`,
    };
};
</script>

<template>
    <h2>The way in, and out</h2>
    <div class="ways">
        <figure v-for="(w, i) in ways" :key="i" :class="{ stuck: w.stuck }">
            <svg
                :width="open(w).width"
                :height="H + 8"
                role="img"
                :aria-label="`${w.piece} ${w.out ? 'out' : 'in'} through ${w.name}: ${w.words}`"
            >
                <rect
                    x="4"
                    :y="4 + open(w).high - w.openHigh * open(w).scale"
                    :width="w.openWide * open(w).scale"
                    :height="w.openHigh * open(w).scale"
                    class="opening"
                />
                <rect
                    :x="4 + Math.max(0, ((w.openWide - w.faceWide) * open(w).scale) / 2)"
                    :y="4 + open(w).high - w.faceHigh * open(w).scale"
                    :width="w.faceWide * open(w).scale"
                    :height="w.faceHigh * open(w).scale"
                    class="piece"
                />
            </svg>
            <svg v-if="w.corner" :width="H" :height="H" viewBox="-3 -3 156 156" aria-hidden="true">
                <polyline :points="turn(w).outer" class="wall" />
                <polyline :points="turn(w).walls" class="wall" />
                <polygon :points="turn(w).piece" class="piece" />
            </svg>
            <figcaption>
                <b>{{ w.piece }}</b> {{ w.out ? 'out, once finished,' : 'in' }} through {{ w.name }}:
                <b :class="{ wrong: w.stuck }">{{ w.words }}</b>
            </figcaption>
        </figure>
    </div>
</template>
