<script setup lang="ts">
import { router, useForm } from '@inertiajs/vue3';
import { ref } from 'vue';
import FieldError from '../shared/FieldError.vue';
import { when } from '../shared/units';

/** Devices that report for this controller; a simulated one can be broken from here. */
const props = defineProps<{
    controllerId: number;
    devices: {
        id: number;
        name: string;
        kind: string;
        heardAt: string | null;
        breaks: { kind: string; of?: string | null; value?: number | null }[];
        differs: boolean;
    }[];
    outlets: { key: string; label: string; job: string | null }[];
    probes: { key: string; label: string }[];
    mayWrite: boolean;
    mayActivate: boolean;
}>();
const form = useForm({ name: '', kind: 'real' });
const adding = ref(false);
const add = () =>
    form.post(`/control/${props.controllerId}/devices`, {
        preserveScroll: true,
        onSuccess: () => {
            adding.value = false;
            form.reset();
        },
    });
type Break = { kind: string; of: string | null; value: number | null };
function choices(): { label: string; make: Break }[] {
    const heaters = props.outlets.filter((o) => o.job === 'heater');
    const pumps = props.outlets.filter((o) => o.job === 'return-pump');
    return [
        { label: 'pull the line to us', make: { kind: 'report-lost', of: null, value: null } },
        { label: 'cut the power', make: { kind: 'outage', of: null, value: null } },
        { label: 'block the main drain', make: { kind: 'drain-blocked', of: null, value: 1 } },
        ...heaters.map((o) => ({ label: `stick ${o.label}`, make: { kind: 'relay-welded', of: o.key, value: null } })),
        ...heaters.map((o) => ({ label: `kill ${o.label}`, make: { kind: 'load-dead', of: o.key, value: null } })),
        ...pumps.map((o) => ({ label: `stop ${o.label}`, make: { kind: 'load-dead', of: o.key, value: null } })),
        ...props.probes.map((p) => ({
            label: `freeze ${p.label}`,
            make: { kind: 'probe-frozen', of: p.key, value: null },
        })),
        ...props.probes.map((p) => ({
            label: `pull ${p.label} out of the water`,
            make: { kind: 'probe-dry', of: p.key, value: null },
        })),
    ];
}
const wordsOf = (b: { kind: string; of?: string | null }) =>
    choices().find((c) => c.make.kind === b.kind && (c.make.of ?? null) === (b.of ?? null))?.label ?? b.kind;
function put(id: number, breaks: unknown[]) {
    router.put(`/devices/${id}/breaks`, { breaks } as never, { preserveScroll: true });
}
</script>

<template>
    <h2>What reports</h2>
    <ul v-if="devices.length" class="sensorlines">
        <li v-for="d in devices" :key="d.id">
            <b>{{ d.name }}</b> <template v-if="d.kind === 'simulated'">simulated</template>
            <small class="quiet">{{ d.heardAt ? `heard ${when(d.heardAt)}` : 'never heard' }}</small>
            <span v-if="d.differs" class="watchword">runs something else than what is written</span>
            <template v-if="mayWrite && d.kind === 'simulated'">
                <select
                    class="cell"
                    :aria-label="`Break something at ${d.name}`"
                    @change="
                        put(d.id, [...d.breaks, choices()[Number(($event.target as HTMLSelectElement).value)].make]);
                        ($event.target as HTMLSelectElement).value = '';
                    "
                >
                    <option value="">break something…</option>
                    <option v-for="(c, n) in choices()" :key="n" :value="n">{{ c.label }}</option>
                </select>
                <button v-if="d.breaks.length" type="button" class="outline" @click="put(d.id, [])">mend all</button>
                <small v-if="d.breaks.length" class="watchword">broken: {{ d.breaks.map(wordsOf).join(', ') }}</small>
            </template>
            <button
                v-if="mayWrite"
                type="button"
                class="linkish"
                :aria-label="`Take the token of ${d.name} back`"
                @click="router.post(`/devices/${d.id}/revoke`, {}, { preserveScroll: true })"
            >
                take its token back
            </button>
        </li>
    </ul>
    <p v-else class="quiet">Nothing reports yet: alarms on a sensor wait for it.</p>
    <form v-if="adding" class="plugform" @submit.prevent="add">
        <label class="numbercell" for="device-name"
            ><span>What it is called</span>
            <input id="device-name" v-model="form.name" class="cell" type="text" maxlength="80" required
        /></label>
        <label class="numbercell" for="device-kind"
            ><span>Kind</span>
            <select id="device-kind" v-model="form.kind" class="cell">
                <option value="real">a controller that reports over the link</option>
                <option value="simulated">simulated, against the plant model</option>
            </select></label
        >
        <FieldError :words="Object.values(form.errors)[0]" />
        <p class="wide"><button class="outline" :disabled="form.processing">Make its token</button></p>
    </form>
    <p v-else-if="mayActivate">
        <button type="button" class="linkish" @click="adding = true">let a device report</button>
    </p>
</template>
