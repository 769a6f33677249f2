<script setup lang="ts">
import type { PowerTreeView, TableSpecView } from '../generated';
import type { Row } from './draft';
import PlanTable from './PlanTable.vue';

/** What hangs on what. Each bar is a circuit as long as its rating; a plug takes its share of it, strip by strip. */
const props = defineProps<{
    tree: PowerTreeView | null;
    spec: TableSpecView;
    errors: Record<string, string>;
    readonly: boolean;
}>();
const loads = defineModel<Row[]>('loads', { required: true });
const emit = defineEmits<{ change: [] }>();
const WIDE = 560;
const HIGH = 64;
type Circuit = PowerTreeView['circuits'][number];
/** Strips and plugs of a circuit one after another; past the rating the bar is cut, the words say how much. */
function laid(circuit: Circuit) {
    const scale = WIDE / Math.max(1, circuit.full);
    let x = 0;
    return {
        rated: scale,
        strips: circuit.strips.map((s) => {
            const from = x;
            const plugs = s.loads.map((l) => ({
                ...l,
                x: (x += l.share * scale) - l.share * scale,
                wide: l.share * scale,
            }));
            return { ...s, from, to: x, plugs };
        }),
    };
}
const words = (c: Circuit) =>
    c.strips.map((s) => `strip ${s.number}: ${s.loads.map((l) => `${l.name} ${l.watts}`).join(', ')}`).join('; ');
const start = (last: Row | undefined): Row => ({ circuit: last?.circuit ?? 1, strip: last?.strip ?? 1, outage: '' });
</script>

<template>
    <details class="metered" :open="loads.length > 0">
        <summary>
            Circuits and strips
            <small>{{ loads.length ? `${loads.length} plugs` : 'every plug: what it takes, where it hangs' }}</small>
        </summary>
        <figure v-for="c in props.tree?.circuits ?? []" :key="c.number" class="circuit">
            <figcaption>
                Circuit {{ c.number }}: <b :class="{ wrong: c.bad }">{{ c.says }}</b>, {{ c.start }}
            </figcaption>
            <svg
                :viewBox="`0 0 ${WIDE} ${HIGH}`"
                role="img"
                :aria-label="`Circuit ${c.number}, ${c.says}; ${words(c)}`"
            >
                <rect x="0" y="6" :width="laid(c).rated" height="30" class="rated" />
                <g v-for="s in laid(c).strips" :key="s.number">
                    <rect
                        v-for="l in s.plugs"
                        :key="l.row"
                        :x="l.x"
                        y="6"
                        :width="l.wide"
                        height="30"
                        class="plug"
                        :class="l.kind"
                    >
                        <title>{{ l.name }}, {{ l.watts }}</title>
                    </rect>
                    <template v-for="l in s.plugs" :key="l.row">
                        <text v-if="l.wide > 6 + l.name.length * 6.4" :x="l.x + l.wide / 2" y="26" text-anchor="middle">
                            {{ l.name }}
                        </text>
                    </template>
                    <path
                        v-if="s.to > s.from"
                        :d="`M${s.from + 1} 40 v5 H${s.to - 1} v-5`"
                        class="strip"
                        :class="{ bad: s.bad }"
                    />
                    <text
                        v-if="s.to - s.from > 84"
                        :x="(s.from + s.to) / 2"
                        y="60"
                        text-anchor="middle"
                        :class="{ bad: s.bad }"
                    >
                        strip {{ s.number }}, {{ s.says }}
                    </text>
                </g>
                <path :d="`M${laid(c).rated * (props.tree?.allDay ?? 0.8)} 0 v42`" class="allday" />
            </svg>
            <p class="quiet plugs">{{ words(c) }}</p>
        </figure>
        <p v-if="props.tree" class="legend quiet">
            A bar is as long as the circuit’s rating; the coral line is what it carries all day. An electrician installs
            and confirms.
        </p>
        <PlanTable
            v-model:rows="loads"
            table="loads"
            :spec="spec"
            :errors="errors"
            :readonly="readonly"
            caption="Plugs, circuits and strips"
            first="list the first plug"
            :start="start"
            @change="emit('change')"
        />
    </details>
</template>
