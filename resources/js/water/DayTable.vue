<script setup lang="ts">
import { computed, onMounted, onUnmounted, ref } from 'vue';
import { clock as clockOf } from '../shared/days';
import type { WaterDayView } from '../generated';

/** The day’s water as a time table: RO on top, a row for each vessel, the departures they serve. */
const props = defineProps<{ view: WaterDayView; zone: string }>();
const box = ref<HTMLElement | null>(null);
const W = ref(760);
let watcher: ResizeObserver | null = null;
onMounted(() => {
    watcher = new ResizeObserver(([entry]) => (W.value = Math.max(640, Math.floor(entry.contentRect.width))));
    if (box.value) watcher.observe(box.value);
});
onUnmounted(() => watcher?.disconnect());
const LEFT = 92;
const ROW = 46;
const ms = (iso: string) => new Date(iso).getTime();
const from = computed(() => ms(props.view.now));
const to = computed(
    () =>
        Math.max(
            from.value + 12 * 3_600_000,
            ...props.view.departures.map((d) => ms(d.at)),
            ...props.view.batches.map((b) => ms(b.readyAt)),
        ) + 3_600_000,
);
const x = (iso: string | number) =>
    LEFT +
    ((Math.max(typeof iso === 'number' ? iso : ms(iso), from.value) - from.value) / (to.value - from.value)) *
        (W.value - LEFT - 14);
const clock = (iso: string | number) => clockOf(iso, props.zone);
const hours = computed(() => {
    const step = (to.value - from.value) / 3_600_000 > 30 ? 6 : 3;
    const first = Math.ceil(from.value / (step * 3_600_000)) * step * 3_600_000;
    return Array.from(
        { length: Math.floor((to.value - first) / (step * 3_600_000)) + 1 },
        (_, n) => first + n * step * 3_600_000,
    );
});
const row = (vessel: number) => 30 + ROW * vessel;
const height = computed(() => 30 + ROW * (props.view.vessels + 1) + 34);
const leaving = computed(() => [
    ...new Map(props.view.departures.map((d) => [d.at, props.view.departures.filter((e) => e.at === d.at)])).entries(),
]);
const day = (n: number) => clockOf(n, props.zone, { weekday: 'short', day: 'numeric' });
</script>

<template>
    <div ref="box" class="tablebox" tabindex="0" role="region" aria-label="The water’s time table">
        <svg
            class="watertable"
            :width="W"
            :height="height"
            :viewBox="`0 0 ${W} ${height}`"
            role="img"
            aria-label="RO, vessels and departures by the hour; the same stands in the table below"
        >
            <g v-for="h in hours" :key="h">
                <line :x1="x(h)" :x2="x(h)" y1="20" :y2="height - 30" class="hour" />
                <text :x="x(h)" y="13" text-anchor="middle">{{ clock(h) === '00:00' ? day(h) : clock(h) }}</text>
            </g>
            <text x="0" :y="row(0) + 20">RO</text>
            <g v-if="view.roFrom && view.roTo">
                <rect
                    :x="x(view.flushAt ?? view.roFrom)"
                    :y="row(0) + 8"
                    :width="Math.max(1, x(view.roFrom) - x(view.flushAt ?? view.roFrom))"
                    height="18"
                    class="flush"
                />
                <rect
                    :x="x(view.roFrom)"
                    :y="row(0) + 8"
                    :width="Math.max(2, x(view.roTo) - x(view.roFrom))"
                    height="18"
                    class="ro"
                />
                <text :x="x(view.roFrom) + 5" :y="row(0) + 22">
                    {{ view.roToMake }}, from {{ clock(view.flushAt ?? view.roFrom) }}
                </text>
            </g>
            <text v-else :x="LEFT + 8" :y="row(0) + 22" class="faint">nothing to make: {{ view.roStored }} stand</text>
            <g v-for="v in view.vessels" :key="v">
                <text x="0" :y="row(v) + 20">vessel {{ v }}</text>
                <line :x1="LEFT" :x2="W" :y1="row(v) + 38" :y2="row(v) + 38" class="hour" />
            </g>
            <g v-for="b in view.batches" :key="b.title + b.fillAt">
                <rect
                    :x="x(b.fillAt)"
                    :y="row(b.vessel) + 6"
                    :width="Math.max(2, x(b.mixAt) - x(b.fillAt))"
                    height="24"
                    class="fill"
                />
                <rect
                    :x="x(b.mixAt)"
                    :y="row(b.vessel) + 6"
                    :width="Math.max(2, x(b.testAt) - x(b.mixAt))"
                    height="24"
                    class="mix"
                />
                <rect
                    :x="x(b.testAt)"
                    :y="row(b.vessel) + 6"
                    :width="Math.max(2, x(b.readyAt) - x(b.testAt))"
                    height="24"
                    class="test"
                />
                <line
                    :x1="x(b.readyAt)"
                    :x2="x(b.loadAt)"
                    :y1="row(b.vessel) + 18"
                    :y2="row(b.vessel) + 18"
                    class="stands"
                />
                <text :x="x(b.fillAt) - 5" :y="row(b.vessel) + 22" text-anchor="end" class="inbar">{{ b.litres }}</text>
            </g>
            <g v-for="[at, list] in leaving" :key="at">
                <path :d="`M${x(at)} 20 V${height - 30}`" class="leave" :class="{ late: list.some((d) => d.late) }" />
                <text
                    :x="Math.min(x(at), W - 90)"
                    :y="height - 14"
                    text-anchor="middle"
                    :class="{ late: list.some((d) => d.late) }"
                >
                    {{ clock(at) }} · {{ list.length === 1 ? list[0].litres : `${list.length} loads`
                    }}{{ list.some((d) => d.late) ? ', late' : '' }}
                </text>
            </g>
            <path :d="`M${x(from)} 18 V${height - 30}`" class="now" />
        </svg>
    </div>
</template>
