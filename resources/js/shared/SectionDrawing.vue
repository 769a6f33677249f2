<script setup lang="ts">
import { computed, onBeforeUnmount, onMounted, ref, watch } from 'vue';
import type { FrameView, MarkView, SectionView, ShapeView } from '../generated';
import SectionHandles from './SectionHandles.vue';

/** A thin painter: shapes, levels and soundings come computed, in mm; here they are only scaled and drawn. */
const props = defineProps<{
    section: SectionView;
    frames?: FrameView[];
    clogged?: FrameView[];
    label: string;
    editable?: boolean;
    /** A moment of the frames that whoever shows them chooses, s; left out: the drawing has a slider of its own. */
    moment?: number;
    current?: (field: string) => number | null;
}>();
const emit = defineEmits<{ set: [field: string, value: number, more: boolean] }>();

const box = ref<HTMLElement | null>(null);
const width = ref(720);
let watcher: ResizeObserver | undefined;
onMounted(() => {
    watcher = new ResizeObserver((entries) => (width.value = Math.max(280, entries[0].contentRect.width)));
    if (box.value) watcher.observe(box.value);
    window.addEventListener('keydown', onKey);
});
onBeforeUnmount(() => {
    watcher?.disconnect();
    window.removeEventListener('keydown', onKey);
    cancelAnimationFrame(running);
});

/**
 * On a phone, or where the build is long and the column is not, the drawing takes the whole width and the soundings
 * become a list below.
 */
const narrow = computed(
    () => width.value < 480 || (width.value < 760 && props.section.width / props.section.height > 2.1),
);
const column = computed(() => (narrow.value ? 2 : width.value < 640 ? 124 : 136));
const scale = computed(() =>
    Math.min((width.value - 2 * column.value) / props.section.width, 520 / props.section.height),
);
const height = computed(() => props.section.height * scale.value);
const offset = computed(() => (width.value - props.section.width * scale.value) / 2);
const px = (x: number) => offset.value + (x - props.section.minX) * scale.value;
const py = (y: number) => y * scale.value;
const points = (shape: ShapeView) => shape.points.map(([x, y]) => `${px(x).toFixed(1)},${py(y).toFixed(1)}`).join(' ');
const line = (shape: ShapeView) => Math.max(2.4, shape.width * scale.value);

// ---- the power cut
const second = ref<number | null>(null);
watch(
    () => props.moment,
    (moment) => {
        if (moment !== undefined) second.value = moment;
    },
    { immediate: true },
);
const isClogged = ref(false);
const showTable = ref(false);
const playing = ref(false);
let running = 0;
const frames = computed(() => (isClogged.value && props.clogged?.length ? props.clogged : props.frames) ?? []);
const end = computed(() => frames.value.at(-1)?.second ?? 0);
const PLAY_MS = 7000;
watch(frames, () => {
    if (second.value !== null) second.value = Math.min(second.value, end.value);
});

const at = computed(() => {
    if (second.value === null || !frames.value.length) return null;
    const s = second.value;
    const list = frames.value;
    const i = Math.max(
        1,
        list.findIndex((f) => f.second >= s),
    );
    const [a, b] = [list[i - 1], list[i] ?? list[i - 1]];
    const share = b.second === a.second ? 1 : (s - a.second) / (b.second - a.second);
    const surfaces: Record<string, number> = {};
    for (const key of Object.keys(a.surfaces))
        surfaces[key] = a.surfaces[key] + share * (b.surfaces[key] - a.surfaces[key]);
    return { surfaces, frame: share >= 1 ? b : a, spills: (share >= 1 ? b : a).floorL > 0 };
});
const top = (shape: ShapeView) =>
    shape.key && at.value?.surfaces[shape.key] !== undefined ? at.value.surfaces[shape.key] : shape.points[0][1];

function play() {
    if (!frames.value.length) return;
    cancelAnimationFrame(running);
    if (window.matchMedia('(prefers-reduced-motion: reduce)').matches) {
        second.value = end.value;
        return;
    }
    playing.value = true;
    const from = performance.now();
    const step = (now: number) => {
        const share = Math.min(1, (now - from) / PLAY_MS);
        second.value = share * end.value;
        if (share < 1 && playing.value) running = requestAnimationFrame(step);
        else playing.value = false;
    };
    running = requestAnimationFrame(step);
}
function stop() {
    playing.value = false;
    cancelAnimationFrame(running);
    second.value = null;
}
function onKey(event: KeyboardEvent) {
    if (
        event.key === 'p' &&
        props.moment === undefined &&
        !/^(INPUT|TEXTAREA|SELECT)$/.test((event.target as HTMLElement).tagName) &&
        !event.ctrlKey &&
        !event.metaKey
    ) {
        if (second.value === null) play();
        else stop();
    }
}

// ---- soundings: the columns keep their labels from touching, nothing else
const LINE = 14;
const columns = computed(() => {
    if (narrow.value) return { placed: [], over: 0 };
    const placed: { mark: MarkView; x: number; y: number; fromX: number; anchor: 'start' | 'end' }[] = [];
    for (const side of ['left', 'right'] as const) {
        const marks = props.section.marks.filter((m) => m.side === side).sort((a, b) => a.y - b.y);
        let next = 10;
        for (const mark of marks) {
            const y = Math.max(next, py(mark.y) - 4);
            const x =
                side === 'left'
                    ? Math.max(2, offset.value - column.value + 2)
                    : Math.min(width.value - column.value + 8, offset.value + props.section.width * scale.value + 8);
            placed.push({
                mark,
                x,
                y,
                fromX: side === 'left' ? Math.max(2, offset.value - column.value + 2) + column.value - 6 : x - 4,
                anchor: 'start',
            });
            next = y + mark.lines.length * LINE + 4;
        }
    }
    const over = Math.max(0, ...placed.map((p) => p.y + p.mark.lines.length * LINE - height.value));
    return { placed, over };
});
/** Words that have no room where they stand are left out; the table holds them all. */
const inside = computed(() =>
    props.section.marks
        .filter((m) => m.side === 'in')
        .map((mark) => {
            const fits = (i: number) =>
                (mark.roomHeight === 0 || mark.roomHeight * scale.value > 20 + i * 16) &&
                (mark.roomWidth === 0 || mark.roomWidth * scale.value > mark.lines[i].length * 5.6 + 2);
            return { mark, lines: mark.lines.filter((_, i) => fits(i)) };
        }),
);
</script>

<template>
    <figure ref="box" class="section" :class="{ cut: second !== null }">
        <svg
            :width="width"
            :height="height + columns.over + 6"
            :role="editable ? 'group' : 'img'"
            :aria-label="label"
            data-testid="section"
            :data-scale="scale"
        >
            <template v-for="(shape, i) in section.shapes" :key="i">
                <rect
                    v-if="shape.kind === 'rect'"
                    :class="shape.role"
                    :x="px(shape.points[0][0])"
                    :y="py(top(shape))"
                    :width="(shape.points[1][0] - shape.points[0][0]) * scale"
                    :height="Math.max(0, (shape.points[1][1] - top(shape)) * scale)"
                    :data-key="shape.key"
                />
                <polygon v-else-if="shape.kind === 'area'" :class="shape.role" :points="points(shape)" />
                <template v-else-if="shape.role === 'pipe' || shape.role === 'dry'">
                    <polyline class="pipewall" :points="points(shape)" :stroke-width="line(shape) + 2.4" />
                    <polyline :class="shape.role" :points="points(shape)" :stroke-width="line(shape)" />
                </template>
                <polyline
                    v-else
                    :class="shape.role"
                    :points="points(shape)"
                    :stroke-width="shape.width ? line(shape) : undefined"
                />
            </template>
            <template v-for="shape in section.shapes.filter((s) => s.key)" :key="`s-${shape.key}`">
                <line
                    class="surface"
                    :x1="px(shape.points[0][0])"
                    :x2="px(shape.points[1][0])"
                    :y1="py(top(shape))"
                    :y2="py(top(shape))"
                />
            </template>
            <g v-for="({ mark, lines }, i) in inside" :key="`in${i}`" text-anchor="middle">
                <text
                    v-for="(words, n) in lines"
                    :key="n"
                    :class="n === 0 ? mark.role : 'label'"
                    :x="px(mark.x)"
                    :y="py(mark.y) + n * LINE"
                >
                    {{ words }}
                </text>
            </g>
            <g v-for="(p, i) in columns.placed" :key="`col${i}`" :class="p.mark.role">
                <line class="leader" :x1="p.fromX" :y1="p.y - 4" :x2="px(p.mark.x)" :y2="py(p.mark.y)" />
                <text
                    v-for="(words, n) in p.mark.lines"
                    :key="n"
                    :class="p.mark.role"
                    :x="p.x"
                    :y="p.y + n * LINE"
                    :text-anchor="p.anchor"
                >
                    {{ words }}
                </text>
            </g>
            <SectionHandles
                v-if="editable && second === null"
                :handles="section.handles"
                :px="px"
                :py="py"
                :scale="scale"
                :current="current ?? (() => null)"
                @set="(field, value, more) => emit('set', field, value, more)"
            />
            <g v-if="at?.spills" class="spillsign">
                <line
                    :x1="px(section.minX)"
                    :x2="px(section.minX + section.width)"
                    :y1="height - 40 * scale + 3"
                    :y2="height - 40 * scale + 3"
                />
            </g>
        </svg>
        <ul v-if="narrow" class="soundings">
            <li v-for="(mark, i) in section.marks.filter((m) => m.side !== 'in')" :key="i" :class="mark.role">
                {{ mark.lines.join(', ') }}
            </li>
        </ul>
        <figcaption v-if="frames.length && moment === undefined" class="cutbar">
            <button
                type="button"
                class="outline"
                :aria-pressed="second !== null"
                @click="second === null ? play() : stop()"
            >
                {{ second === null ? 'Play a power cut' : 'Back to running' }} <kbd>p</kbd>
            </button>
            <template v-if="second !== null">
                <label class="slider"
                    ><span class="visually-hidden">Seconds after the power went</span>
                    <input
                        v-model.number="second"
                        type="range"
                        min="0"
                        :max="end"
                        step="0.25"
                        @input="playing = false"
                    />
                </label>
                <output class="clock" aria-live="off"
                    >{{ Math.round(second) }} s of {{ Math.round(end) }} s<template v-if="at?.frame.phase">
                        · {{ at.frame.phase }}</template
                    ><b v-if="at?.spills"> · {{ at.frame.floor }} on the floor</b></output
                >
                <label v-if="clogged?.length" class="check"
                    ><input v-model="isClogged" type="checkbox" /> siphon break clogged</label
                >
            </template>
            <button type="button" class="linkish" :aria-expanded="showTable" @click="showTable = !showTable">
                {{ showTable ? 'hide the table' : 'the same as a table' }}
            </button>
        </figcaption>
        <div
            v-if="showTable && frames.length"
            class="tablebox"
            tabindex="0"
            role="region"
            aria-label="Power cut, moment by moment"
        >
            <table class="plainer">
                <caption>
                    Litres at each moment{{
                        isClogged ? ', siphon break clogged' : ''
                    }}; together they never change
                </caption>
                <thead>
                    <tr>
                        <th scope="col" class="num">Second</th>
                        <th scope="col">What</th>
                        <th scope="col" class="num">Level to weir edge</th>
                        <th scope="col" class="num">Still to come</th>
                        <th scope="col" class="num">In the pipes</th>
                        <th scope="col" class="num">In the sump</th>
                        <th scope="col" class="num">On the floor</th>
                        <th scope="col" class="num">Together</th>
                    </tr>
                </thead>
                <tbody>
                    <tr v-for="frame in frames" :key="frame.second">
                        <td class="num">{{ Math.round(frame.second * 10) / 10 }}</td>
                        <td>{{ frame.phase }}</td>
                        <td class="num">{{ frame.level }}</td>
                        <td class="num">{{ frame.display }}</td>
                        <td class="num">{{ frame.pipes }}</td>
                        <td class="num">{{ frame.sump }}</td>
                        <td class="num">{{ frame.floor }}</td>
                        <td class="num">{{ frame.total }}</td>
                    </tr>
                </tbody>
            </table>
        </div>
    </figure>
</template>
