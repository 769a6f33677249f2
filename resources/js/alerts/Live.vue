<script setup lang="ts">
import { Head, Link, router } from '@inertiajs/vue3';
import { onBeforeUnmount, onMounted, ref } from 'vue';
import StartIncident from '../emergency/StartIncident.vue';
import type { TroubleView } from '../generated';
import { clock } from '../shared/days';
import { date, when } from '../shared/units';

/** Alarms as they happen. The page reads itself again every few seconds, so that the chain is seen walking. */
defineProps<{
    maySilence: boolean;
    open: TroubleView[];
    past: TroubleView[];
    messages: { id: number; recipient: string; words: string; at: string }[];
}>();
const EVERY_MS = 4000;
const busy = ref(0);
let asking = 0;
onMounted(() => (asking = window.setInterval(() => router.reload({ only: ['open', 'past', 'messages'] }), EVERY_MS)));
onBeforeUnmount(() => window.clearInterval(asking));
function acknowledge(id: number) {
    busy.value = id;
    router.post(`/alarm-events/${id}/acknowledge`, {}, { preserveScroll: true, onFinish: () => (busy.value = 0) });
}
const utc = (at: string) => `${at.replace(' ', 'T')}Z`;
</script>

<template>
    <Head title="Alarms" />
    <div class="page">
        <div class="head">
            <h1>Alarms</h1>
            <p class="sub">What goes on now, who was called, and who is next.</p>
        </div>
        <div v-if="!open.length" class="empty">
            <h2>No trouble now</h2>
            <p>
                An alarm calls only once it watches a sensor and somebody has made it call.
                <Link href="/control">To what drives what</Link>
            </p>
        </div>
        <article v-for="t in open" :key="t.id" class="trouble" :class="{ answered: t.answeredBy }">
            <h2>
                {{ t.name }}: <Link :href="`/systems/${t.systemId}/risk`">{{ t.system }}, {{ t.site }}</Link>
            </h2>
            <p class="troublewords">{{ t.words }}</p>
            <p class="quiet">
                raised {{ when(t.raisedAt) }}, {{ clock(t.raisedAt)
                }}<template v-if="t.clearedAt"> · over since {{ clock(t.clearedAt) }}</template
                ><template v-if="t.joined.length"> · with it: {{ t.joined.join(', ') }}</template>
            </p>
            <ol class="chain" :aria-label="`Who is called about ${t.name}`">
                <li v-for="(c, n) in t.calls" :key="n" :class="{ sent: c.sent, dropped: c.dropped }">
                    <b>{{ c.who }}</b>&nbsp;<small
                        >{{ clock(c.at) }}{{ c.sent ? ', called' : c.dropped ? ', left to sleep' : '' }}</small
                    >
                </li>
                <li v-if="!t.calls.length && t.heldUntil">
                    it waits: it calls at {{ clock(t.heldUntil) }} if it is still so
                </li>
                <li v-else-if="!t.calls.length" class="nobody">
                    Nobody can be called: all are away, or nobody is named.
                </li>
            </ol>
            <p v-if="t.answeredBy">
                <b>{{ t.answeredBy }}</b> has it since {{ t.answeredAt ? clock(t.answeredAt) : '' }}.
                <template v-if="t.silentUntil && !t.clearedAt"
                    >If it is still so at {{ clock(t.silentUntil) }}, it calls again.</template
                >
            </p>
            <p v-else-if="!maySilence">Only some of you may silence an alarm. Ring whoever is next, or an owner.</p>
            <button v-else type="button" class="btn-go big" :disabled="busy === t.id" @click="acknowledge(t.id)">
                I have it
            </button>
            <StartIncident :system-id="t.systemId" says="Lead it as an incident" />
        </article>
        <template v-if="past.length">
            <h2>Over</h2>
            <ul class="sensorlines">
                <li v-for="t in past" :key="t.id">
                    <b>{{ t.name }}</b> {{ t.system }}, {{ t.site }}
                    <small class="quiet"
                        >{{ date(t.raisedAt) }} {{ clock(t.raisedAt) }}, {{ t.answeredBy }} had it</small
                    >
                </li>
            </ul>
        </template>
        <template v-if="messages.length">
            <h2>What went out</h2>
            <p class="quiet">The gateway is simulated: what would have been a text or a voice stands here.</p>
            <ul class="sensorlines">
                <li v-for="m in messages" :key="m.id">
                    <b>{{ m.recipient }}</b> {{ m.words }} <small class="quiet">{{ when(utc(m.at)) }}</small>
                </li>
            </ul>
        </template>
    </div>
</template>
