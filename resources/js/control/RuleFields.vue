<script setup lang="ts">
import { computed, inject, ref } from 'vue';
import type { SensorView } from '../generated';
import NumberCell from './NumberCell.vue';
import { STARTS, band, blankRule, clockOf, minuteOf, RULES, spread, type RuleDoc } from './setUp';

/** What an outlet does, asked in the words of the trade, each kind with its own few fields. */
const props = defineProps<{ own: string; sensors: SensorView[]; places: { key: string; label: string }[] }>();
const rule = defineModel<RuleDoc>({ required: true });
const starts = inject(STARTS, { startC: NaN, stopC: NaN, guardC: NaN });
const probes = computed(() => props.sensors.filter((s) => s.kind === 'probe'));
const switches = computed(() => props.sensors.filter((s) => s.kind === 'switch'));
const kindOf = (key: unknown) =>
    probes.value.find((p) => p.key === key)?.quantity === 'temperature' ? 'degC' : undefined;
const set = (key: string, value: unknown) => {
    const next = { ...rule.value, [key]: value };
    if (value === null || value === '') delete next[key];
    rule.value = next as RuleDoc;
};
const number = (key: string) => rule.value[key] as number | null | undefined;
const word = (key: string) => (rule.value[key] as string | undefined) ?? '';
const change = (kind: string) => (rule.value = blankRule(kind, probes.value[0]?.key, starts));
const points = computed(() => (rule.value.points ?? []) as { minute: number; level: string | number }[]);
const levelText = (level: string | number) =>
    level === 'on' ? 100 : level === 'off' ? 0 : Math.round(Number(level) * 100);
function point(n: number, key: 'minute' | 'level', text: string) {
    const next = points.value.map((p) => ({ ...p }));
    if (key === 'minute') {
        const minute = minuteOf(text);
        if (minute === null) return;
        next[n].minute = minute;
    } else {
        const share = Math.min(100, Math.max(0, Number(text))) / 100;
        next[n].level = share >= 1 ? 'on' : share <= 0 ? 'off' : share;
    }
    set(
        'points',
        next.sort((a, b) => a.minute - b.minute),
    );
}
const minutes = computed(() => (rule.value.minutes ?? []) as number[]);
const clocks = computed(() => minutes.value.map(clockOf).join(', '));
const badClocks = ref('');
function takeClocks(text: string) {
    const read = text
        .split(/[,;\s]+/)
        .filter(Boolean)
        .map(minuteOf);
    badClocks.value = !read.length || read.includes(null) ? 'Times like 01:00, 13:30, please.' : '';
    if (!badClocks.value)
        set(
            'minutes',
            [...new Set(read as number[])].sort((a, b) => a - b),
        );
}
const evenly = ref(12);
const middle = ref<number | null>(25.5);
const wide = ref<number | null>(0.4);
const counted = ref<'whole' | 'half'>('whole');
const cools = ref(false);
function takeBand() {
    if (middle.value === null || wide.value === null) return;
    rule.value = { ...rule.value, ...band(middle.value, wide.value, counted.value, cools.value) };
}
</script>

<template>
    <div class="rulefields">
        <label class="numbercell" :for="`${own}-kind`"
            ><span>What it does</span>
            <select
                :id="`${own}-kind`"
                class="cell"
                :value="rule.kind"
                @change="change(($event.target as HTMLSelectElement).value)"
            >
                <option v-for="[key, label] in RULES" :key="key" :value="key">{{ label }}</option>
            </select></label
        >
        <template v-if="rule.kind === 'hold'">
            <label class="numbercell" :for="`${own}-probe`"
                ><span>By which probe</span>
                <select
                    :id="`${own}-probe`"
                    class="cell"
                    :value="word('probe')"
                    @change="set('probe', ($event.target as HTMLSelectElement).value)"
                >
                    <option value="">which?</option>
                    <option v-for="p in probes" :key="p.key" :value="p.key">{{ p.name }}</option>
                </select></label
            >
            <NumberCell
                :id="`${own}-start`"
                label="Starts at"
                :kind="kindOf(rule.probe)"
                :model-value="number('startAt')"
                @update:model-value="set('startAt', $event)"
            />
            <NumberCell
                :id="`${own}-stop`"
                label="Stops at"
                :kind="kindOf(rule.probe)"
                :model-value="number('stopAt')"
                @update:model-value="set('stopAt', $event)"
            />
            <label class="numbercell" :for="`${own}-blind`"
                ><span>When the probe is missing</span>
                <select
                    :id="`${own}-blind`"
                    class="cell"
                    :value="word('blind')"
                    @change="set('blind', ($event.target as HTMLSelectElement).value)"
                >
                    <option value="">nobody has said</option>
                    <option value="off">off</option>
                    <option value="on">on</option>
                    <option value="as-it-was">as it was</option>
                </select></label
            >
            <details class="wide">
                <summary>From a middle and a band</summary>
                <div class="rulefields">
                    <NumberCell :id="`${own}-middle`" v-model="middle" label="Middle" :kind="kindOf(rule.probe)" />
                    <NumberCell
                        :id="`${own}-wide`"
                        v-model="wide"
                        label="Band"
                        :kind="kindOf(rule.probe) ? 'K' : undefined"
                    />
                    <label class="numbercell" :for="`${own}-counted`"
                        ><span>Counted</span>
                        <select :id="`${own}-counted`" v-model="counted" class="cell">
                            <option value="whole">whole: from start to stop</option>
                            <option value="half">each way from the middle</option>
                        </select></label
                    >
                    <label class="check"><input v-model="cools" type="checkbox" /> it cools</label>
                    <button type="button" class="outline" @click="takeBand">Take start and stop from it</button>
                </div>
            </details>
        </template>
        <template v-else-if="rule.kind === 'day'">
            <div class="wide daypoints">
                <div v-for="(p, n) in points" :key="n" class="daypoint">
                    <input
                        class="cell"
                        type="time"
                        :value="clockOf(p.minute)"
                        :aria-label="`Point ${n + 1}: at`"
                        @change="point(n, 'minute', ($event.target as HTMLInputElement).value)"
                    />
                    <input
                        class="cell num"
                        type="number"
                        min="0"
                        max="100"
                        :value="levelText(p.level)"
                        :aria-label="`Point ${n + 1}: to, %`"
                        @change="point(n, 'level', ($event.target as HTMLInputElement).value)"
                    />
                    %
                    <button
                        v-if="points.length > 1"
                        type="button"
                        class="linkish"
                        :aria-label="`Take point ${n + 1} out`"
                        @click="
                            set(
                                'points',
                                points.filter((_, i) => i !== n),
                            )
                        "
                    >
                        take out
                    </button>
                </div>
                <button
                    type="button"
                    class="linkish"
                    @click="
                        set('points', [
                            ...points,
                            { minute: Math.min(1439, (points[points.length - 1]?.minute ?? 0) + 60), level: 'off' },
                        ])
                    "
                >
                    add a point
                </button>
                <label class="check"
                    ><input
                        type="checkbox"
                        :checked="rule.ramp === true"
                        @change="set('ramp', ($event.target as HTMLInputElement).checked || null)"
                    />
                    ramps from point to point</label
                >
            </div>
        </template>
        <template v-else-if="rule.kind === 'follow'">
            <label class="numbercell" :for="`${own}-leader`"
                ><span>Which outlet</span>
                <select
                    :id="`${own}-leader`"
                    class="cell"
                    :value="word('outlet')"
                    @change="set('outlet', ($event.target as HTMLSelectElement).value)"
                >
                    <option value="">which?</option>
                    <option v-for="p in places.filter((o) => o.key !== own)" :key="p.key" :value="p.key">
                        {{ p.label }}
                    </option>
                </select></label
            >
            <NumberCell
                :id="`${own}-ondelay`"
                label="On, later by"
                unit="s"
                :model-value="number('onDelayS')"
                @update:model-value="set('onDelayS', $event ?? 0)"
            />
            <NumberCell
                :id="`${own}-offdelay`"
                label="Off, later by"
                unit="s"
                :model-value="number('offDelayS')"
                @update:model-value="set('offDelayS', $event ?? 0)"
            />
            <label class="check"
                ><input
                    type="checkbox"
                    :checked="rule.inverse === true"
                    @change="set('inverse', ($event.target as HTMLInputElement).checked || null)"
                />
                the other way round: on while it is off</label
            >
        </template>
        <template v-else-if="rule.kind === 'pulse'">
            <NumberCell
                :id="`${own}-s`"
                label="Each dose lasts"
                unit="s"
                :model-value="number('s')"
                @update:model-value="set('s', $event)"
            />
            <NumberCell
                :id="`${own}-ml`"
                label="It gives"
                unit="mL/min"
                :model-value="number('mlPerMin')"
                @update:model-value="set('mlPerMin', $event)"
            />
            <NumberCell
                :id="`${own}-cap`"
                label="In 24 h at most"
                unit="mL"
                optional
                :model-value="number('capMl')"
                @update:model-value="set('capMl', $event)"
            />
            <label class="numbercell wide" :for="`${own}-times`"
                ><span>At</span>
                <input
                    :id="`${own}-times`"
                    class="cell"
                    type="text"
                    :value="clocks"
                    @change="takeClocks(($event.target as HTMLInputElement).value)"
                />
                <small v-if="badClocks" class="wrong">{{ badClocks }}</small></label
            >
            <p class="wide">
                <input
                    v-model.number="evenly"
                    class="cell num few"
                    type="number"
                    min="1"
                    max="96"
                    aria-label="How many doses"
                />
                doses
                <button
                    type="button"
                    class="linkish"
                    @click="set('minutes', spread(Math.min(96, Math.max(1, evenly)), minutes[0] ?? 60))"
                >
                    spread evenly over the day
                </button>
            </p>
        </template>
        <template v-else-if="rule.kind === 'refill'">
            <label
                v-for="[key, label] in [
                    ['low', 'Low switch: begins when dry'],
                    ['high', 'High switch: ends when wet'],
                    ['store', 'Store switch: has water while wet'],
                ]"
                :key="key"
                class="numbercell"
                :for="`${own}-${key}`"
                ><span>{{ label }}</span>
                <select
                    :id="`${own}-${key}`"
                    class="cell"
                    :value="word(key)"
                    @change="set(key, ($event.target as HTMLSelectElement).value)"
                >
                    <option value="">{{ key === 'store' ? 'none' : 'which?' }}</option>
                    <option v-for="s in switches" :key="s.key" :value="s.key">{{ s.name }}</option>
                </select></label
            >
            <NumberCell
                :id="`${own}-dry`"
                label="Dry for so long first"
                unit="s"
                :model-value="number('dryS')"
                @update:model-value="set('dryS', $event ?? 0)"
            />
            <NumberCell
                :id="`${own}-longest`"
                label="One run at most"
                unit="s"
                optional
                :model-value="number('longestS')"
                @update:model-value="set('longestS', $event)"
            />
            <NumberCell
                :id="`${own}-rest`"
                label="Rest between two runs"
                unit="s"
                :model-value="number('restS')"
                @update:model-value="set('restS', $event ?? 0)"
            />
            <NumberCell
                :id="`${own}-lh`"
                label="Its pump gives"
                kind="L/h"
                :model-value="number('litresPerH')"
                @update:model-value="set('litresPerH', $event)"
            />
            <NumberCell
                :id="`${own}-most`"
                label="In 24 h at most"
                kind="L"
                optional
                :model-value="number('mostL')"
                @update:model-value="set('mostL', $event)"
            />
        </template>
        <NumberCell
            v-else-if="rule.kind === 'timed-run'"
            :id="`${own}-run`"
            label="Runs for"
            unit="min"
            :factor="60"
            :model-value="number('s')"
            @update:model-value="set('s', $event)"
        />
    </div>
</template>
