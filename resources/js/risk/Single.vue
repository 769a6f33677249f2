<script setup lang="ts">
import { Link } from '@inertiajs/vue3';
import { computed, ref } from 'vue';
import type { FunctionRowView, PersonGoneView, SingleLossView, SystemHeaderView } from '../generated';
import SeverityMark from '../shared/SeverityMark.vue';
import { useUnits } from '../shared/units';
import LendForm from '../stores/LendForm.vue';
import SystemFrame from '../systems/SystemFrame.vue';
import RiskTabs from './RiskTabs.vue';

/** One thing gone at a time: what goes with it, drawn by when it harms. */
const props = defineProps<{
    header: SystemHeaderView;
    needs: string | null;
    losses: SingleLossView[];
    /** Comes after the rest. */
    pairs?: SingleLossView[];
    functions: FunctionRowView[];
    people: PersonGoneView[];
    coldC: number | null;
    hotC: number | null;
}>();
const units = useUnits();
const all = ref(false);
const harming = computed(() => props.losses.filter((l) => l.harmH !== null));
const harmless = computed(() => props.losses.filter((l) => l.harmH === null));
const FEW = 12;
/** Devices that could be lent, with the hours their own system has without them. */
const lendable = computed(() =>
    props.losses
        .filter((l) => l.id.startsWith('device:') && l.mode === 'is dead')
        .map((l) => ({ id: Number(l.id.slice(7)), name: l.name, harmH: l.harmH })),
);
const shown = computed(() => (all.value ? harming.value : harming.value.slice(0, FEW)));
const most = computed(() => Math.max(12, ...shown.value.map((l) => Math.min(72, l.harmH ?? 0))));
const wide = (h: number) => `${Math.max(1, (100 * Math.min(h, most.value)) / most.value)}%`;
const hours = (h: number | null) =>
    h === null
        ? 'never'
        : h < 1
          ? `${Math.round(h * 60)} min`
          : h > 72
            ? `${Math.round(h / 24)} days`
            : `${h.toFixed(1)} h`;
/** Hazards whose help comes later without them, in time or too late as before. */
function onlyLater(p: PersonGoneView): string {
    if (p.later === 0) return p.tooLate.length ? '' : 'help comes no later.';
    const by = p.mostLaterH === null ? '' : `, by ${hours(p.mostLaterH)} at most`;
    const many = `${p.later} ${p.later === 1 ? 'hazard' : 'hazards'}`;
    return `${p.tooLate.length ? 'Later' : 'later'} for ${many}${by}; in time or too late as before.`;
}
</script>

<template>
    <SystemFrame :header="header" tab="risk">
        <RiskTabs :id="header.id" here="single" :site="header.siteId" />
        <div v-if="needs" class="empty">
            <h2>Not known yet</h2>
            <p>Still to say: {{ needs }}. It stands in the room’s survey, the register or the section’s facts.</p>
        </div>
        <template v-else>
            <p class="quiet">
                Each thing is taken away by itself on its worst day: heat at
                {{ coldC === null ? '?' : units.show(coldC, 'degC') }} in the room, air and cooling at
                {{ hotC === null ? '?' : units.show(hotC, 'degC') }}. What is left has to carry it alone.
            </p>
            <h2>What falls with one</h2>
            <table v-if="shown.length" class="singles">
                <caption class="visually-hidden">
                    What harms when it is gone, the soonest first
                </caption>
                <thead>
                    <tr>
                        <th scope="col">Gone</th>
                        <th scope="col">Until harm</th>
                        <th scope="col" class="num">Hours</th>
                        <th scope="col">What goes with it</th>
                    </tr>
                </thead>
                <tbody>
                    <tr v-for="l in shown" :key="`${l.id}-${l.mode}`" :class="{ shared: l.isShared }">
                        <th scope="row">
                            {{ l.name }} <small>{{ l.mode }}</small>
                        </th>
                        <td class="until"><span :style="{ width: wide(l.harmH ?? 0) }"></span></td>
                        <td class="num">
                            <b>{{ hours(l.harmH) }}</b><small>{{ l.harm }}</small>
                        </td>
                        <td>
                            {{ l.events.join(' ') }}
                            <small v-if="l.id.startsWith('device:') && l.mode === 'is dead'"
                                ><Link :href="`/items/${l.id.slice(7)}/lenders`">where another comes from</Link></small
                            >
                            <small v-if="l.isShared && l.devices.length">takes {{ l.devices.join(', ') }}</small>
                            <small v-if="l.floor">{{ l.floor }} on the floor</small>
                            <small v-if="l.needs.length" class="open">open: {{ l.needs.join('; ') }}</small>
                        </td>
                    </tr>
                </tbody>
            </table>
            <p v-else class="standing first">Nothing here harms by itself, as far as written down.</p>
            <button v-if="!all && harming.length > FEW" type="button" class="linkish" @click="all = true">
                and {{ harming.length - FEW }} more
            </button>
            <p v-if="harmless.length" class="quiet">
                Does no harm by itself: {{ harmless.map((l) => `${l.name} ${l.mode}`).join(', ') }}.
            </p>
            <h2>What falls with two</h2>
            <p v-if="pairs === undefined" class="quiet" role="status">Two at a time are being tried …</p>
            <ol v-else-if="pairs.length" class="pairs">
                <li v-for="l in pairs" :key="l.id">
                    <b>{{ hours(l.harmH) }}</b> {{ l.name }} <small>{{ l.harm }}</small>
                    <small v-if="l.floor">{{ l.floor }} on the floor</small>
                </li>
            </ol>
            <p v-else class="quiet">No two devices harm sooner together than one of them by itself.</p>
            <h2>What it cannot be without</h2>
            <table class="functions">
                <caption class="visually-hidden">
                    Critical functions
                </caption>
                <thead>
                    <tr>
                        <th scope="col">Function</th>
                        <th scope="col">Carried by</th>
                        <th scope="col">Behind it</th>
                        <th scope="col">Any one gone</th>
                        <th scope="col">Noticed by</th>
                        <th scope="col" class="num">Harm</th>
                        <th scope="col" class="num">Help</th>
                        <th scope="col">Proved</th>
                    </tr>
                </thead>
                <tbody>
                    <tr v-for="f in functions" :key="f.function" :class="f.severity">
                        <th scope="row">{{ f.function }}</th>
                        <td>{{ f.primary.join(', ') }}</td>
                        <td>{{ f.backup }}</td>
                        <td>
                            <SeverityMark :severity="f.severity" /> {{ f.survives }}
                            <small v-if="f.breaks.length">{{ f.breaks.slice(0, 3).join(', ') }}</small>
                        </td>
                        <td>{{ f.detects.join(', ') || 'nobody’s alarm' }}</td>
                        <td class="num">{{ f.harmH === null ? 'none' : hours(f.harmH) }}</td>
                        <td class="num">{{ f.helpH === null ? 'nobody' : hours(f.helpH) }}</td>
                        <td>{{ f.proved ?? 'never' }}</td>
                    </tr>
                </tbody>
            </table>
            <h2>One person not there</h2>
            <p v-if="people.length" class="quiet">
                On the worst night, one by one; whoever is rung next comes after the usual wait. What finds help too
                late with everybody there is not counted again here.
            </p>
            <ul v-if="people.length" class="list">
                <li v-for="p in people" :key="p.name">
                    <span
                        ><SeverityMark v-if="p.tooLate.length" severity="fix" /> <b>Without {{ p.name }}:</b>
                        <template v-for="(l, n) in p.tooLate" :key="l.hazard"
                            >{{ n ? '; ' : ' too late for ' }}{{ l.hazard.toLowerCase() }} (harm after
                            {{ hours(l.harmH) }}, help
                            {{ l.withoutH === null ? 'never' : `after ${hours(l.withoutH)}` }} instead of
                            {{ hours(l.withH) }})</template
                        >{{ p.tooLate.length ? '. ' : ' ' }}{{ onlyLater(p) }}</span
                    >
                </li>
            </ul>
            <p v-else class="quiet">Nobody is on call and no alarm calls anybody here: there is nobody to miss.</p>
            <template v-if="header.mayRecord && lendable.length">
                <h2>Lend a device to another system</h2>
                <p class="quiet">
                    Its donor is exposed until it is back; that stands in Stores until somebody settles it.
                </p>
                <LendForm :system-id="header.id" :devices="lendable" />
            </template>
        </template>
    </SystemFrame>
</template>
