<script setup lang="ts">
import { computed, inject, ref } from 'vue';
import type { OutletView, SensorView } from '../generated';
import GuardFields from './GuardFields.vue';
import NumberCell from './NumberCell.vue';
import RuleFields from './RuleFields.vue';
import type { GuardDoc, OutletDoc } from './setUp';
import { STARTS } from './setUp';

/** One outlet: what it does, what it does without its link, its times, its pauses, its guards. */
const props = defineProps<{
    outlet: OutletView;
    sensors: SensorView[];
    places: { key: string; label: string }[];
    groups: string[];
}>();
const doc = defineModel<OutletDoc>('doc', { required: true });
const guards = defineModel<GuardDoc[]>('guards', { required: true });
const emit = defineEmits<{ remove: [] }>();
const starts = inject(STARTS, { startC: NaN, stopC: NaN, guardC: NaN });
const put = (change: Partial<OutletDoc>) => (doc.value = { ...doc.value, ...change });
const id = (part: string) => `${doc.value.id}-${part}`;
const pauses = computed(() => Object.entries(doc.value.pauses ?? {}));
const newGroup = ref('');
function pause(group: string, change: { state?: string | number; s?: number; timesADay?: number } | null) {
    const next = { ...(doc.value.pauses ?? {}) };
    if (change === null) delete next[group];
    else next[group] = { ...(next[group] ?? { state: 'off', s: 720 }), ...change };
    put({ pauses: next });
}
const comesBack = (word: string) => put({ comesBack: word === '' ? undefined : (word as OutletDoc['comesBack']) });
const override = (word: string) => put({ override: word === '' ? undefined : (word as OutletDoc['override']) });
const mine = computed(() => guards.value.filter((g) => g.outlet === doc.value.id));
function guardNumber() {
    const used = mine.value.map((g) => Number(g.id.split('-')[1] ?? 0));
    return Math.max(0, ...used) + 1;
}
function addGuard() {
    const first = props.sensors[0];
    if (!first) return;
    const when =
        first.kind === 'switch' ? { switch: first.key, closed: true } : { probe: first.key, above: starts.guardC };
    guards.value = [
        ...guards.value,
        {
            id: `${doc.value.id}-${guardNumber()}`,
            outlet: doc.value.id,
            when: [when],
            forS: 60,
            then: 'off',
            rank: 'animals',
        },
    ];
}
const setGuard = (guard: GuardDoc) => (guards.value = guards.value.map((g) => (g.id === guard.id ? guard : g)));
const lost = computed(() =>
    doc.value.lostLink === undefined || doc.value.lostLink === null ? '' : String(doc.value.lostLink),
);
</script>

<template>
    <section class="outletform" :aria-label="`${outlet.name}: what it does`">
        <h3>
            {{ outlet.name }} <small>{{ outlet.load ?? 'nothing is plugged in' }}</small>
        </h3>
        <p v-if="outlet.notProved" class="watchword">
            What hangs here is {{ outlet.notProved }}: animals rely on it. Make it act, then write it down in the
            register.
        </p>
        <p v-if="outlet.wrong" class="wrong" role="alert">{{ outlet.wrong }}</p>
        <label class="numbercell wide" :for="id('place')"
            ><span>What it is for, as people say it</span>
            <input
                :id="id('place')"
                class="cell"
                type="text"
                maxlength="80"
                :value="doc.place"
                @change="put({ place: ($event.target as HTMLInputElement).value.trim() || outlet.name })"
        /></label>
        <RuleFields
            :own="doc.id"
            :sensors="sensors"
            :places="places"
            :model-value="doc.rule"
            @update:model-value="put({ rule: $event })"
        />
        <div class="rulefields">
            <label class="numbercell" :for="id('lost')"
                ><span>When the link is lost</span>
                <select
                    :id="id('lost')"
                    class="cell"
                    :value="lost"
                    @change="put({ lostLink: ($event.target as HTMLSelectElement).value || null })"
                >
                    <option value="">nobody has said</option>
                    <option value="off">off</option>
                    <option value="on">on</option>
                </select></label
            >
            <label class="numbercell" :for="id('lostsummer')"
                ><span>In the warm months</span>
                <select
                    :id="id('lostsummer')"
                    class="cell"
                    :value="String(doc.lostLinkSummer ?? '')"
                    @change="put({ lostLinkSummer: ($event.target as HTMLSelectElement).value || undefined })"
                >
                    <option value="">the same</option>
                    <option value="off">off</option>
                    <option value="on">on</option>
                </select></label
            >
            <label class="numbercell" :for="id('override')"
                ><span>Who may override it</span>
                <select
                    :id="id('override')"
                    class="cell"
                    :value="doc.override ?? ''"
                    @change="override(($event.target as HTMLSelectElement).value)"
                >
                    <option value="">nobody has said: planners</option>
                    <option value="works-there">whoever works there</option>
                    <option value="planners">planners only</option>
                    <option value="nobody">nobody</option>
                </select></label
            >
            <NumberCell
                :id="id('return')"
                label="Waits when power returns"
                unit="s"
                optional
                :model-value="doc.powerReturnS"
                @update:model-value="put({ powerReturnS: $event ?? undefined })"
            />
            <NumberCell
                :id="id('minon')"
                label="On at least"
                unit="s"
                optional
                :model-value="doc.minimumOnS"
                @update:model-value="put({ minimumOnS: $event ?? undefined })"
            />
            <NumberCell
                :id="id('minoff')"
                label="Off at least"
                unit="s"
                optional
                :model-value="doc.minimumOffS"
                @update:model-value="put({ minimumOffS: $event ?? undefined })"
            />
            <NumberCell
                :id="id('maxon')"
                label="On at most"
                unit="min"
                :factor="60"
                optional
                :model-value="doc.maximumOnS"
                @update:model-value="put({ maximumOnS: $event ?? undefined })"
            />
            <label v-if="doc.maximumOnS" class="numbercell" :for="id('after')"
                ><span>Then it</span>
                <select
                    :id="id('after')"
                    class="cell"
                    :value="doc.afterMaximum ?? 'latch'"
                    @change="put({ afterMaximum: ($event.target as HTMLSelectElement).value })"
                >
                    <option value="latch">waits for somebody to look</option>
                    <option value="rest">rests</option>
                    <option value="tell">goes on, and tells</option>
                </select></label
            >
        </div>
        <div v-if="outlet.job === 'light'" class="rulefields">
            <label class="numbercell" :for="id('comesback')"
                ><span>After a cut it comes back, as tried</span>
                <select
                    :id="id('comesback')"
                    class="cell"
                    :value="doc.comesBack ?? ''"
                    @change="comesBack(($event.target as HTMLSelectElement).value)"
                >
                    <option value="">nobody has tried</option>
                    <option value="plan">by its plan, or slowly</option>
                    <option value="full">at full light at once</option>
                    <option value="dark">not by itself</option>
                </select></label
            >
            <label v-if="doc.rule.kind === 'day'" class="numbercell" :for="id('reversed')"
                ><span>Meant to be lit while the display is dark</span>
                <input
                    :id="id('reversed')"
                    type="checkbox"
                    :checked="doc.reversed ?? false"
                    @change="put({ reversed: ($event.target as HTMLInputElement).checked || undefined })"
            /></label>
        </div>
        <div v-for="[group, p] in pauses" :key="group" class="condition">
            <span
                >pause <b>{{ group }}</b></span
            >
            <select
                class="cell"
                :value="p.state"
                :aria-label="`In the pause ${group} it is`"
                @change="pause(group, { state: ($event.target as HTMLSelectElement).value })"
            >
                <option value="off">off</option>
                <option value="on">on</option>
            </select>
            <NumberCell
                :id="id(`pause-${group}`)"
                label="for"
                unit="min"
                :factor="60"
                :model-value="p.s"
                @update:model-value="pause(group, { s: $event ?? 0 })"
            />
            <NumberCell
                :id="id(`times-${group}`)"
                label="begun, on a usual day"
                unit="times"
                optional
                :model-value="p.timesADay"
                @update:model-value="pause(group, { timesADay: $event ?? undefined })"
            />
            <button type="button" class="linkish" @click="pause(group, null)">take out</button>
        </div>
        <p class="condition">
            <input
                v-model="newGroup"
                class="cell"
                type="text"
                maxlength="40"
                :list="id('groups')"
                aria-label="A pause it obeys"
                placeholder="feeding"
            />
            <datalist :id="id('groups')">
                <option v-for="g in groups" :key="g" :value="g" />
            </datalist>
            <button
                type="button"
                class="linkish"
                :disabled="!newGroup.trim()"
                @click="
                    pause(newGroup.trim(), {});
                    newGroup = '';
                "
            >
                obeys this pause
            </button>
        </p>
        <GuardFields
            v-for="g in mine"
            :key="g.id"
            :sensors="sensors"
            :model-value="g"
            @update:model-value="setGuard"
            @remove="guards = guards.filter((other) => other.id !== g.id)"
        />
        <p>
            <button v-if="sensors.length" type="button" class="outline" @click="addGuard">Add a guard</button>
            <button type="button" class="linkish" @click="emit('remove')">take it out of the set-up</button>
        </p>
    </section>
</template>
