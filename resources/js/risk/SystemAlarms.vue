<script setup lang="ts">
import { router } from '@inertiajs/vue3';
import { BButton } from 'bootstrap-vue-next';
import { ref } from 'vue';
import type { AlarmView } from '../generated';
import SeverityMark from '../shared/SeverityMark.vue';
import { useLast } from '../shared/last';
import { date, useUnits } from '../shared/units';
import SystemAlarmForm from './SystemAlarmForm.vue';

/** What calls when something goes wrong, whom, and whether anybody has made it call. */
const props = defineProps<{
    systemId: number;
    mayRecord: boolean;
    alarms: AlarmView[];
    watches: Record<string, string>;
    colleagues?: Record<string, string>;
    quantities: Record<string, string>;
    withLimits: string[];
}>();
const units = useUnits();
/** They are asked for with the form, and stand while it is refused. */
const people = useLast(() => props.colleagues);
/** The one that is written, none of them yet: a new one; null: nobody writes. */
const writing = ref<{ alarm: AlarmView | null } | null>(null);
function write(alarm: AlarmView | null) {
    router.reload({ only: ['colleagues'] });
    writing.value = { alarm };
}
const limit = (value: number, quantity: string | null) =>
    quantity === 'temperature' ? units.show(value, 'degC') : `${value} mg/L`;
function says(a: AlarmView): string {
    const measures = a.measures ? `measures ${a.measures}` : 'nobody has said what it measures';
    const low = a.lowLimit === null ? '' : `, calls under ${limit(a.lowLimit, a.quantity)}`;
    const high = a.highLimit === null ? '' : `, over ${limit(a.highLimit, a.quantity)}`;
    return measures + low + high;
}
const tried = (a: AlarmView) =>
    a.testedOn
        ? `made to call ${date(a.testedOn)}${a.tested ? '' : ', too long ago'}`
        : 'never made to call: it counts for nothing';
const test = (a: AlarmView, answered: boolean) =>
    router.post(`/alarms/${a.id}/test`, { answered }, { preserveScroll: true });
const archive = (a: AlarmView) => router.post(`/alarms/${a.id}/archive`, {}, { preserveScroll: true });
</script>

<template>
    <section>
        <h2>Alarms</h2>
        <ul v-if="alarms.length" class="list">
            <li v-for="a in alarms" :key="a.id">
                <SeverityMark :severity="a.mark" /> <b>{{ a.name }}</b>, {{ a.standing }}
                <small
                    >{{ a.watches.map((w) => watches[w]?.toLowerCase()).join(', ') }} · calls
                    {{ a.calls.join(', then ') || 'nobody' }} after {{ a.delayMin }} min · {{ says(a) }} ·
                    {{ a.onItsOwn ? 'lives through a power cut' : 'dies with the mains' }} · {{ tried(a) }}</small
                >
                <span v-for="f in a.findings" :key="f.key" class="alarmsays" :class="f.severity"
                    ><SeverityMark :severity="f.severity" /> {{ f.what }}. {{ f.why }}</span
                >
                <span v-if="mayRecord" class="alarmdo">
                    <BButton variant="link" @click="write(a)">change</BButton>
                    <BButton variant="link" @click="test(a, true)">it called, somebody answered</BButton>
                    <BButton variant="link" @click="test(a, false)">nobody answered</BButton>
                    <BButton variant="link" @click="archive(a)">archive</BButton>
                </span>
            </li>
        </ul>
        <p v-else class="quiet">No alarm is written down: somebody has to look.</p>
        <template v-if="mayRecord">
            <BButton v-if="!writing" variant="outline-secondary" @click="write(null)">Write down an alarm</BButton>
            <SystemAlarmForm
                v-else
                :key="writing.alarm?.id ?? 0"
                :system-id="systemId"
                :alarm="writing.alarm"
                :watches="watches"
                :colleagues="people ?? {}"
                :quantities="quantities"
                :with-limits="withLimits"
                @done="writing = null"
            />
        </template>
    </section>
</template>
