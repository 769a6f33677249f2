<script setup lang="ts">
import { computed, inject } from 'vue';
import type { SensorView } from '../generated';
import NumberCell from './NumberCell.vue';
import type { ConditionDoc, GuardDoc } from './setUp';
import { STARTS } from './setUp';

/** A guard of an outlet: up to three conditions together, for how long, what then, and what clears it. */
const props = defineProps<{ sensors: SensorView[] }>();
const guard = defineModel<GuardDoc>({ required: true });
const emit = defineEmits<{ remove: [] }>();
const MOST = 3;
const starts = inject(STARTS, { startC: NaN, stopC: NaN, guardC: NaN });
const byKey = (key: string | undefined) => props.sensors.find((s) => s.key === key);
const kindOf = (key: string | undefined) => (byKey(key)?.quantity === 'temperature' ? 'degC' : undefined);
const put = (change: Partial<GuardDoc>) => (guard.value = { ...guard.value, ...change });
const when = computed(() => guard.value.when);
function condition(n: number, next: ConditionDoc) {
    put({ when: when.value.map((c, i) => (i === n ? next : c)) });
}
const blank = (key: string): ConditionDoc =>
    byKey(key)?.kind === 'switch'
        ? { switch: key, closed: true }
        : { probe: key, above: byKey(key)?.quantity === 'temperature' ? starts.guardC : 0 };
const way = (c: ConditionDoc) =>
    c.switch !== undefined ? (c.closed === false ? 'dry' : 'wet') : c.below !== undefined ? 'below' : 'above';
function turn(n: number, to: string) {
    const c = when.value[n];
    if (c.switch !== undefined) condition(n, { switch: c.switch, closed: to === 'wet' });
    else condition(n, { probe: c.probe, [to]: c.above ?? c.below ?? 0 });
}
const limit = (c: ConditionDoc) => c.above ?? c.below ?? null;
const id = (part: string) => `${guard.value.id}-${part}`;
function clears(key: string) {
    const first = when.value[0];
    if (key === 'latch' || !first) put({ clears: null });
    else
        put({
            clears:
                first.switch !== undefined
                    ? { switch: first.switch, closed: first.closed === false }
                    : { probe: first.probe, [first.above !== undefined ? 'below' : 'above']: limit(first) ?? 0 },
        });
}
</script>

<template>
    <fieldset class="guardfields">
        <legend>Guard</legend>
        <div v-for="(c, n) in when" :key="n" class="condition">
            <span>{{ n === 0 ? 'when' : 'and' }}</span>
            <select
                class="cell"
                :value="c.probe ?? c.switch"
                :aria-label="`Condition ${n + 1}: probe or switch`"
                @change="condition(n, blank(($event.target as HTMLSelectElement).value))"
            >
                <option v-for="s in sensors" :key="s.key" :value="s.key">{{ s.name }}</option>
            </select>
            <select
                class="cell"
                :value="way(c)"
                :aria-label="`Condition ${n + 1}: how`"
                @change="turn(n, ($event.target as HTMLSelectElement).value)"
            >
                <template v-if="c.switch !== undefined">
                    <option value="wet">is wet</option>
                    <option value="dry">is dry</option>
                </template>
                <template v-else>
                    <option value="above">is above</option>
                    <option value="below">is below</option>
                </template>
            </select>
            <NumberCell
                v-if="c.switch === undefined"
                :id="id(`l${n}`)"
                label=""
                :aria-label="`Condition ${n + 1}: limit`"
                :kind="kindOf(c.probe)"
                :model-value="limit(c)"
                @update:model-value="condition(n, { probe: c.probe, [way(c)]: $event ?? 0 })"
            />
            <button
                v-if="when.length > 1"
                type="button"
                class="linkish"
                @click="put({ when: when.filter((_, i) => i !== n) })"
            >
                take out
            </button>
        </div>
        <div class="rulefields">
            <NumberCell
                :id="id('for')"
                label="For"
                unit="s"
                :model-value="guard.forS"
                @update:model-value="put({ forS: $event ?? 0 })"
            />
            <label class="numbercell" :for="id('then')"
                ><span>Then it is</span>
                <select
                    :id="id('then')"
                    class="cell"
                    :value="guard.then"
                    @change="put({ then: ($event.target as HTMLSelectElement).value })"
                >
                    <option value="off">off</option>
                    <option value="on">on</option>
                </select></label
            >
            <label class="numbercell" :for="id('clears')"
                ><span>Until</span>
                <select
                    :id="id('clears')"
                    class="cell"
                    :value="guard.clears ? 'clears' : 'latch'"
                    @change="clears(($event.target as HTMLSelectElement).value)"
                >
                    <option value="latch">somebody has looked</option>
                    <option value="clears">it is back at a limit</option>
                </select></label
            >
            <NumberCell
                v-if="guard.clears?.probe"
                :id="id('clearlimit')"
                label="Back at"
                :kind="kindOf(guard.clears.probe)"
                :model-value="limit(guard.clears)"
                @update:model-value="
                    put({ clears: { probe: guard.clears?.probe, [way(guard.clears ?? {})]: $event ?? 0 } })
                "
            />
            <label class="numbercell" :for="id('rank')"
                ><span>It protects</span>
                <select
                    :id="id('rank')"
                    class="cell"
                    :value="guard.rank"
                    @change="put({ rank: ($event.target as HTMLSelectElement).value })"
                >
                    <option value="people">people and floor</option>
                    <option value="animals">animals</option>
                    <option value="equipment">equipment</option>
                </select></label
            >
            <label class="numbercell" :for="id('blind')"
                ><span>When it cannot see</span>
                <select
                    :id="id('blind')"
                    class="cell"
                    :value="guard.blind ?? ''"
                    @change="put({ blind: ($event.target as HTMLSelectElement).value || null })"
                >
                    <option value="">nobody has said</option>
                    <option value="off">it acts</option>
                    <option value="as-it-was">as it was</option>
                    <option value="on">it lets be</option>
                </select></label
            >
        </div>
        <p>
            <button
                v-if="when.length < MOST && sensors.length"
                type="button"
                class="linkish"
                @click="put({ when: [...when, blank(sensors[0].key)] })"
            >
                and one condition more
            </button>
            <button type="button" class="linkish" @click="emit('remove')">take this guard out</button>
        </p>
    </fieldset>
</template>
