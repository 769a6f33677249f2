<script setup lang="ts">
import { Head, Link, router } from '@inertiajs/vue3';
import { ref } from 'vue';
import type { PageView, SystemLineView } from '../generated';
import PageLinks from '../shared/PageLinks.vue';
import SeverityMark from '../shared/SeverityMark.vue';

const props = defineProps<{
    lines: SystemLineView[];
    page: PageView;
    q: string;
    regime: string;
    regimes: Record<string, string>;
}>();
const q = ref(props.q);
const regime = ref(props.regime);
const SPAN = 30;
let timer: number | undefined;
function search() {
    window.clearTimeout(timer);
    timer = window.setTimeout(
        () =>
            router.get(
                '/systems',
                { ...(q.value ? { q: q.value } : {}), ...(regime.value ? { regime: regime.value } : {}) },
                { preserveState: true, replace: true },
            ),
        250,
    );
}
</script>

<template>
    <Head title="Systems" />
    <div class="page">
        <h1>Systems</h1>
        <p class="quiet">What leaves its band first stands on top. The line shows the next {{ SPAN }} days.</p>
        <div class="filter">
            <input
                v-model="q"
                type="search"
                aria-label="Find a system, place or client"
                placeholder="Find a system, place or client"
                @input="search"
            />
            <select v-model="regime" aria-label="Regime" @change="search">
                <option value="">every regime</option>
                <option v-for="(label, key) in regimes" :key="key" :value="key">{{ label }}</option>
            </select>
        </div>
        <table v-if="lines.length" class="fleet">
            <caption class="visually-hidden">
                Systems, soonest trouble first
            </caption>
            <tbody>
                <tr v-for="line in lines" :key="line.id">
                    <td>
                        <Link :href="`/systems/${line.id}`">{{ line.name }}</Link><small>{{ line.where }}</small>
                    </td>
                    <td>
                        <small
                            >{{ line.kind }}<template v-if="line.volume">, {{ line.volume }}</template></small
                        >
                    </td>
                    <td class="timeline">
                        <div class="track" aria-hidden="true">
                            <svg width="190" height="11">
                                <circle
                                    v-if="line.days !== null && line.days <= SPAN"
                                    class="dotmark"
                                    :cx="5 + (line.days / SPAN) * 178"
                                    cy="6"
                                    r="4"
                                />
                            </svg>
                        </div>
                    </td>
                    <td>
                        <SeverityMark :severity="line.mark" />
                        <template v-if="line.worst"
                            ><b>{{ line.worst }}</b
                            ><small>{{ line.way }}</small></template
                        ><template v-else-if="line.mark === 'none'">never read</template
                        ><template v-else>in its bands</template>
                    </td>
                </tr>
            </tbody>
        </table>
        <div v-else class="empty">
            <h2>No system {{ q || regime ? 'like that' : 'yet' }}</h2>
            <p>
                Systems begin as an accepted plan, or are taken on at a place under
                <Link href="/places">Survey &amp; plan</Link>.
            </p>
        </div>
        <PageLinks :page="page" />
    </div>
</template>
