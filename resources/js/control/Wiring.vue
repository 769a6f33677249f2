<script setup lang="ts">
import { computed } from 'vue';
import type { OutletView, StripView } from '../generated';

/** What feeds what: circuit, strip, outlet, and the water its work goes into. */
const props = defineProps<{
    strips: StripView[];
    waters: { key: string; label: string; role: string; system: number }[];
    chosen: string | null;
    on: Record<string, boolean>;
}>();
const emit = defineEmits<{ choose: [key: string] }>();
const ROW = 40;
const TOP = 26;
const GAP = 22;
const WIDE = 800;
const INTO = 640;
const laid = computed(() => {
    let y = TOP;
    return props.strips.map((strip) => {
        const rows = strip.outlets.map((outlet) => ({ outlet, y: (y += ROW) - ROW / 2 }));
        const from = rows[0]?.y ?? y;
        const to = rows[rows.length - 1]?.y ?? y;
        y += GAP;
        return { strip, rows, from, to, middle: (from + to) / 2 };
    });
});
const high = computed(() =>
    Math.max(160, TOP + props.strips.reduce((sum, s) => sum + s.outlets.length * ROW + GAP, 0)),
);
/** Waters one under another; the display is the large one. */
const pools = computed(() => {
    const known = props.waters.filter((w) => w.role === 'display' || w.role === 'sump');
    const named = new Set(props.strips.flatMap((s) => s.outlets.map((o) => o.into)));
    const systems = new Set(known.filter((w) => named.has(w.key)).map((w) => w.system));
    const used = systems.size ? known.filter((w) => systems.has(w.system)) : known;
    const each = Math.min(110, (high.value - 30) / Math.max(1, used.length) - 26);
    return used.map((w, n) => ({ ...w, y: TOP + n * (each + 26), high: each }));
});
const all = computed(() => laid.value.flatMap((s) => s.rows));
/** Two heaters that one strip feeds fail together. */
const shared = computed(() =>
    laid.value
        .map((s) => ({ ...s, heaters: s.rows.filter((r) => r.outlet.job === 'heater') }))
        .filter((s) => s.heaters.length > 1),
);
const pool = (outlet: OutletView) => {
    const direct = pools.value.find((p) => p.key === outlet.into);
    if (direct) return direct;
    const role = ['light', 'circulation-pump', 'fan'].includes(outlet.job ?? '') ? 'display' : 'sump';
    return outlet.load ? (pools.value.find((p) => p.role === role) ?? pools.value[0]) : undefined;
};
const lines = computed(() =>
    all.value.flatMap(({ outlet, y }, n) => {
        const to = pool(outlet);
        if (!to) return [];
        const endY = to.y + 16 + ((n * 17) % Math.max(20, to.high - 28));
        const endX = INTO + 18 + ((n * 31) % 116);
        return [
            {
                key: outlet.key,
                heats: outlet.job === 'heater',
                path: `M548 ${y} C 600 ${y} 600 ${endY} ${endX} ${endY}`,
                endX,
                endY,
            },
        ];
    }),
);
const lostX = (level: number | null) => (level === null ? 489 : 479 + 12 * Math.min(1, level));
const said = (o: OutletView) =>
    [
        `${o.name}, ${o.place}: ${o.does}`,
        o.lost ? `link lost: ${o.lost}` : '',
        o.notProved ? `its device is ${o.notProved}` : '',
        o.key in props.on ? `now ${props.on[o.key] ? 'on' : 'off'}` : '',
    ]
        .filter(Boolean)
        .join('; ');
const cut = (text: string, most: number) => (text.length > most ? `${text.slice(0, most - 1)}…` : text);
</script>

<template>
    <svg
        class="wiring"
        :viewBox="`0 0 ${WIDE} ${high}`"
        role="group"
        aria-label="What feeds what: circuit, strip, outlet, water"
    >
        <text x="0" y="14" class="s g">circuit</text>
        <text x="72" y="14" class="s g">strip</text>
        <text x="150" y="14" class="s g">outlet, and what it does</text>
        <text x="470" y="14" class="s g">link lost</text>
        <text :x="INTO" y="14" class="s g">into</text>
        <g v-for="p in pools" :key="p.key">
            <rect :x="INTO" :y="p.y" width="152" :height="p.high" class="pool" />
            <text :x="INTO + 76" :y="p.y + p.high + 15" text-anchor="middle" class="s">{{ cut(p.label, 28) }}</text>
        </g>
        <g v-for="l in lines" :key="l.key" class="works" :class="{ heats: l.heats, chosen: l.key === chosen }">
            <path :d="l.path" />
            <circle :cx="l.endX" :cy="l.endY" r="3.4" />
        </g>
        <g v-for="s in laid" :key="s.strip.id">
            <path v-if="s.rows.length" :d="`M84 ${s.from}V${s.to}`" class="striprail" />
            <path :d="`M16 ${s.middle}H84`" class="lead" />
            <circle cx="12" :cy="s.middle" r="5" :class="s.strip.circuit ? 'known' : 'unknown'" />
            <text x="0" :y="s.middle + 20" class="s">{{ cut(s.strip.circuit ?? 'which circuit?', 14) }}</text>
            <text v-if="s.strip.rating" x="0" :y="s.middle + 33" class="s g">{{ s.strip.rating }}</text>
            <text x="84" :y="s.to + 19" text-anchor="middle" class="s g">{{ s.strip.name }}</text>
            <g
                v-for="r in s.rows"
                :key="r.outlet.id"
                class="outletrow"
                :class="{ chosen: r.outlet.key === chosen }"
                role="button"
                tabindex="0"
                :aria-pressed="r.outlet.key === chosen"
                :aria-label="said(r.outlet)"
                @click="emit('choose', r.outlet.key)"
                @keydown.enter="emit('choose', r.outlet.key)"
                @keydown.space.prevent="emit('choose', r.outlet.key)"
            >
                <rect x="96" :y="r.y - 17" width="462" height="36" class="hit" />
                <path :d="`M84 ${r.y}H123`" class="lead" />
                <circle cx="128" :cy="r.y" r="4.5" class="plug" :class="{ free: !r.outlet.load }" />
                <circle v-if="on[r.outlet.key]" cx="128" :cy="r.y" r="8" class="draws" />
                <text x="150" :y="r.y - 3" class="b">
                    {{
                        cut(r.outlet.place === r.outlet.name ? r.outlet.name : `${r.outlet.name} ${r.outlet.place}`, 40)
                    }}
                    <tspan v-if="r.outlet.notProved" class="s c" dx="6">{{ r.outlet.notProved }}</tspan>
                </text>
                <text
                    x="150"
                    :y="r.y + 12"
                    class="s"
                    :class="r.outlet.wrong || (!r.outlet.isSet && r.outlet.load) ? 'c' : 'g'"
                >
                    {{ cut(r.outlet.wrong ?? (r.outlet.load || r.outlet.isSet ? r.outlet.does : 'free'), 62) }}
                </text>
                <g v-if="r.outlet.mark" class="rowmark" :class="r.outlet.mark">
                    <rect x="446" :y="r.y - 6" width="12" height="12" />
                </g>
                <g v-if="r.outlet.isSet" class="lost" :class="{ on: (r.outlet.lostLevel ?? 0) > 0 }">
                    <rect x="472" :y="r.y - 7" width="26" height="13" rx="6.5" />
                    <circle :cx="lostX(r.outlet.lostLevel)" :cy="r.y - 0.5" r="4.6" />
                    <text x="504" :y="r.y + 4" class="s g">
                        {{ r.outlet.lostLevel === null ? 'said?' : r.outlet.lost }}
                    </text>
                </g>
            </g>
        </g>
        <g v-for="s in shared" :key="s.strip.id" class="together">
            <path :d="`M112 ${s.heaters[0].y - 9}h-6V${s.heaters[s.heaters.length - 1].y + 9}h6`" aria-hidden="true" />
            <text x="300" :y="s.heaters[0].y - 3" class="s c">one strip feeds both</text>
        </g>
    </svg>
</template>
