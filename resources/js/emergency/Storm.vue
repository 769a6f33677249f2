<script setup lang="ts">
import { Head, Link, router } from '@inertiajs/vue3';
import { computed, ref } from 'vue';
import type { AreaEventView } from '../generated';
import RiskNav from '../risk/RiskNav.vue';
import { useUnits } from '../shared/units';
import AreaEvents from './AreaEvents.vue';

type Line = {
    id: number;
    name: string;
    where: string;
    harmH: number;
    by: string;
    needs: string;
    crew: string | null;
    arrivesH: number | null;
    inTime: boolean;
};
/** Power gone in an area: who reaches harm when, who goes where, how much would be enough. */
const props = defineProps<{
    asked: { towns: string[]; hours: number; leave: number; night: string; outside: number | null; isDark: boolean };
    event: AreaEventView | null;
    ahead: AreaEventView[];
    mayPlan: boolean;
    kinds: Record<string, string>;
    darkKinds: string[];
    towns: string[];
    nights: Record<string, string>;
    lines: Line[];
    harmed: number;
    late: number;
    holds: number;
    crews: { name: string; stops: number; batteries: number; generators: number }[];
    stock: { battery: number; generator: number };
    unmet: number;
    enough?: { crews: number | null; batteries: number; generators: number };
}>();
const units = useUnits();
const form = ref({ ...props.asked, towns: [...props.asked.towns] });
const outside = ref(props.asked.outside === null ? '' : units.typed(props.asked.outside, 'degC'));
const look = () =>
    router.get(
        '/risk/storm',
        {
            hours: form.value.hours,
            leave: form.value.leave,
            ...(outside.value.trim() === '' ? {} : { outside: units.parse(outside.value, 'degC') }),
            ...(form.value.night === 'tonight' ? {} : { night: form.value.night }),
            ...(form.value.towns.length ? { towns: form.value.towns } : {}),
        },
        { preserveState: true },
    );
const span = computed(() => Math.max(4, props.asked.hours));
const at = (h: number) => `${Math.min(100, (100 * h) / span.value)}%`;
const hours = (h: number) => (h < 1 ? `${Math.round(h * 60)} min` : `${h.toFixed(1)} h`);
const many = (n: number, one: string, more = `${one}s`) => `${n} ${n === 1 ? one : more}`;
const loads = (c: { batteries: number; generators: number }) =>
    [
        c.batteries ? many(c.batteries, 'battery with air', 'batteries with air') : '',
        c.generators ? many(c.generators, 'generator') : '',
    ]
        .filter(Boolean)
        .join(', ') || 'nothing but hands';
const going = computed(() => props.crews.filter((c) => c.stops > 0));
</script>

<template>
    <Head title="Storm" />
    <div class="page">
        <div class="head">
            <h1>Storm</h1>
            <p class="sub">Power gone in an area for some hours: who is harmed when, and who goes where.</p>
        </div>
        <RiskNav here="storm" />
        <AreaEvents
            :ahead="ahead"
            :event="event"
            :may-plan="mayPlan"
            :kinds="kinds"
            :dark-kinds="darkKinds"
            :towns="towns"
        />
        <form v-if="!event" class="filter" @submit.prevent="look">
            <label for="st-h">Hours without power</label>
            <input
                id="st-h"
                v-model.number="form.hours"
                type="number"
                min="0.5"
                max="240"
                step="0.5"
                class="cell num"
            />
            <label for="st-o">Outside, {{ units.label('degC') }}</label>
            <input
                id="st-o"
                v-model="outside"
                type="text"
                inputmode="decimal"
                class="cell num"
                placeholder="not said"
            />
            <label for="st-l">Crews leave after, h</label>
            <input id="st-l" v-model.number="form.leave" type="number" min="0" max="48" step="0.5" class="cell num" />
            <select v-model="form.night" aria-label="Which night">
                <option v-for="(label, key) in nights" :key="key" :value="key">{{ label }}</option>
            </select>
            <fieldset class="towns">
                <legend>Where</legend>
                <label v-for="t in towns" :key="t" class="check"
                    ><input v-model="form.towns" type="checkbox" :value="t" /> {{ t }}</label
                >
            </fieldset>
            <button class="btn-go">Work it out</button>
        </form>
        <p class="yearsum">
            <b>{{ harmed }}</b> reach harm within {{ asked.hours }} h, {{ holds }} hold through.
            <template v-if="asked.isDark && asked.outside === null"
                >Rooms are taken to stay as cold as on their worst night: say how it is outside, and they follow
                it.</template
            >
            {{ many(crews.length, 'crew') }}, {{ stock.battery }}
            {{ stock.battery === 1 ? 'battery' : 'batteries' }} with air, {{ stock.generator }}
            {{ stock.generator === 1 ? 'generator' : 'generators' }} stand ready:
            <b>{{ late ? `${late} are not reached in time` : 'all are reached in time' }}</b>.
            <template v-if="late && !enough">What would be enough is being worked out.</template>
            <template v-else-if="late && enough"
                >Enough would be
                {{ enough.crews === null ? 'more crews than could be sent' : `${enough.crews} crews` }},
                {{ enough.batteries }} batteries, {{ enough.generators }} generators.</template
            >
        </p>
        <ul v-if="going.length" class="list" aria-label="What each crew loads">
            <li v-for="c in going" :key="c.name">
                <span
                    ><b>{{ c.name }}</b> loads {{ loads(c) }}, for {{ many(c.stops, 'stop') }}.</span
                >
            </li>
        </ul>
        <p class="standing">
            <b>People first.</b> Where somebody depends on power, or water meets electricity, go there before any tank.
            Generators stand outdoors only; an electrician connects them.
        </p>
        <table v-if="lines.length" class="fleet stormlist">
            <caption class="visually-hidden">
                Systems that reach harm, the soonest first
            </caption>
            <thead>
                <tr>
                    <th scope="col">System</th>
                    <th scope="col">0 to {{ span }} h</th>
                    <th scope="col">Harm</th>
                    <th scope="col">Who comes</th>
                </tr>
            </thead>
            <tbody>
                <tr v-for="l in lines" :key="l.id" :class="{ late: !l.inTime }">
                    <td>
                        <Link :href="`/systems/${l.id}/risk`">{{ l.name }}</Link><small>{{ l.where }}</small>
                    </td>
                    <td class="until storm">
                        <span :style="{ width: at(l.harmH) }"></span
                        ><i
                            v-if="l.arrivesH !== null"
                            :style="{ left: at(l.arrivesH) }"
                            :class="{ late: !l.inTime }"
                        ></i>
                    </td>
                    <td class="num">
                        <b>{{ hours(l.harmH) }}</b><small>{{ l.by }}</small>
                    </td>
                    <td>
                        <template v-if="l.crew"
                            >{{ l.crew }}, there after {{ hours(l.arrivesH ?? 0)
                            }}<small>{{ l.needs }}{{ l.inTime ? '' : ', too late' }}</small></template
                        ><template v-else
                            ><b>nobody</b><small>wants {{ l.needs }}</small></template
                        >
                    </td>
                </tr>
            </tbody>
        </table>
        <p v-if="harmed > lines.length" class="quiet">and {{ harmed - lines.length }} more, later than these.</p>
        <div v-if="!lines.length" class="empty">
            <h2>Nobody reaches harm</h2>
            <p>As far as worked out for this night. <Link href="/risk">Hours in hand</Link> works the fleet out.</p>
        </div>
    </div>
</template>
