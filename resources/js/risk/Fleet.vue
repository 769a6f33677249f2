<script setup lang="ts">
import { Head, Link, router } from '@inertiajs/vue3';
import { computed, ref } from 'vue';
import type { ExposureLineView, PageView } from '../generated';
import PageLinks from '../shared/PageLinks.vue';
import { send } from '../shared/send';
import SeverityMark from '../shared/SeverityMark.vue';
import { when } from '../shared/units';
import HoursLine from './HoursLine.vue';

const props = defineProps<{ lines: ExposureLineView[]; page: PageView; night: string; nights: Record<string, string>; workedOutAt: string | null; mayWorkOut: boolean; total: number }>();
const night = ref(props.night);
const done = ref<number | null>(null);
const wrong = ref('');
let stop = false;
const SPAN = 24;
const shown = computed(() => props.lines.some((l) => l.harmH !== null));
async function workOut() {
    stop = false;
    wrong.value = '';
    done.value = 0;
    let after = 0;
    try {
        for (;;) {
            const { status, body } = await send<{ after: number | null; done: boolean; count: number }>('/risk/work-out', { night: props.night, after });
            if (status !== 200 || !body) throw new Error('refused');
            done.value += body.count;
            if (body.done || body.after === null || stop) break;
            after = body.after;
        }
    } catch {
        wrong.value = `Stopped after ${done.value} systems. What was worked out stays; begin again when the connection is back.`;
    }
    done.value = null;
    router.reload();
}
</script>

<template>
    <Head title="Hours in hand" />
    <div class="page">
        <div class="head"><h1>Hours in hand</h1><p class="sub">If something fails at two at night: when harm comes, when help could act. Sorted by the gap.</p></div>
        <div class="filter">
            <select v-model="night" aria-label="Which night" @change="router.get('/risk', night === 'tonight' ? {} : { night }, { preserveState: false })"><option v-for="(label, key) in nights" :key="key" :value="key">{{ label }}</option></select>
            <template v-if="mayWorkOut">
                <button v-if="done === null" type="button" :class="workedOutAt ? 'outline' : 'btn-go'" data-new @click="workOut">{{ workedOutAt ? 'Work it out again' : 'Work it out' }}</button>
                <template v-else><progress :value="done" :max="total" aria-label="Systems worked out"></progress><span role="status">{{ done }} of {{ total }}</span><button type="button" class="plain" @click="stop = true">stop</button></template>
            </template>
            <span class="quiet stamp">{{ workedOutAt ? `oldest worked out ${when(workedOutAt)}` : 'not worked out yet for this night' }}</span>
        </div>
        <p v-if="wrong" class="wrong" role="alert">{{ wrong }}</p>
        <p v-if="shown" class="legend quiet"><svg width="14" height="14" aria-hidden="true"><path d="M2 2 L12 12 M12 2 L2 12" class="harm" /></svg> harm begins <svg width="14" height="14" aria-hidden="true"><circle cx="7" cy="7" r="5" class="acts" /></svg> help acts <svg width="26" height="14" aria-hidden="true"><rect x="1" y="2" width="24" height="10" class="inhand" /></svg> in hand <svg width="26" height="14" aria-hidden="true"><rect x="1" y="2" width="24" height="10" class="missing" /></svg> missing. The line is {{ SPAN }} hours from the fault, a mark every 6.</p>
        <table v-if="lines.length" class="fleet risklist">
            <caption class="visually-hidden">Systems, the shortest time in hand first</caption>
            <thead class="visually-hidden"><tr><th scope="col">System</th><th scope="col">Drawn</th><th scope="col">Said</th></tr></thead>
            <tbody>
                <tr v-for="l in lines" :key="l.id">
                    <td><Link :href="`/systems/${l.id}/risk${night === 'tonight' ? '' : `?night=${night}`}`">{{ l.name }}</Link><small>{{ l.where }}</small></td>
                    <td class="timeline"><HoursLine v-if="l.harmH !== null" :harm="l.harmH" :acts="l.actsH" :span="SPAN" /></td>
                    <td :class="l.severity"><SeverityMark :severity="l.severity" /><b>{{ l.words }}</b><small>{{ [l.why, l.remedy].filter(Boolean).join(' ') }}</small></td>
                </tr>
            </tbody>
        </table>
        <div v-else class="empty"><h2>No system yet</h2><p>Systems come from an accepted plan, or are taken on at a place.</p></div>
        <PageLinks :page="page" />
    </div>
</template>
