<script setup lang="ts">
import { Head, Link, router } from '@inertiajs/vue3';
import { ref } from 'vue';
import type { FollowUpView, PageView, TaskLineView } from '../generated';
import PageLinks from '../shared/PageLinks.vue';
import SeverityMark from '../shared/SeverityMark.vue';
import { date, whenDay } from '../shared/units';
import RoundsTabs from './RoundsTabs.vue';
import WindowLine from './WindowLine.vue';

const props = defineProps<{
    tasks: TaskLineView[];
    page: PageView;
    later: FollowUpView[];
    counts: { due: number; overdue: number; later: number };
    what: string;
    type: number | null;
    types: Record<string, string>;
    mayPlan: boolean;
}>();
const type = ref(props.type ?? '');
const VIEWS: [string, string][] = [
    ['due', `Due now, ${props.counts.due}`],
    ['soon', 'The next 14 days'],
    ['suspended', 'Suspended on purpose'],
    ['later', `Later, ${props.counts.later}`],
];
const url = (what: string) => `/rounds/due?what=${what}${type.value ? `&type=${type.value}` : ''}`;
</script>

<template>
    <Head title="Due list" />
    <div class="page">
        <div class="head">
            <h1>Rounds</h1>
            <p class="sub">
                {{
                    counts.overdue
                        ? `${counts.overdue} overdue: past the last day their range allows.`
                        : 'Nothing is overdue.'
                }}
            </p>
        </div>
        <RoundsTabs on="due" />
        <nav class="tabs sub" aria-label="Which">
            <Link
                v-for="[key, label] in VIEWS"
                :key="key"
                :href="url(key)"
                :class="{ on: key === what }"
                :aria-current="key === what ? 'true' : undefined"
                >{{ label }}</Link
            >
        </nav>
        <template v-if="what === 'later'">
            <ul v-if="later.length" class="list">
                <li v-for="f in later" :key="f.id">
                    <SeverityMark :severity="f.late ? 'fix' : 'none'" /> <b>{{ f.text }}</b>
                    <small
                        ><Link :href="`/systems/${f.systemId}/tasks`">{{ f.system }}</Link> · {{ f.kind }} ·
                        {{ f.owner }} · {{ date(f.dueOn) }}</small
                    >
                    <button
                        type="button"
                        class="linkish"
                        @click="router.post(`/follow-ups/${f.id}/done`, {}, { preserveScroll: true })"
                    >
                        done
                    </button>
                </li>
            </ul>
            <div v-else class="empty">
                <h2>Nothing was put off</h2>
                <p>What is skipped at a visit, or promised for later, comes to stand here with an owner and a day.</p>
            </div>
        </template>
        <template v-else>
            <div class="filter">
                <select
                    v-model="type"
                    aria-label="Kind of job"
                    @change="router.get(url(what), {}, { preserveState: true })"
                >
                    <option value="">every job</option>
                    <option v-for="(name, id) in types" :key="id" :value="Number(id)">{{ name }}</option></select
                ><Link v-if="mayPlan && what === 'due' && tasks.length" class="btn-go" href="/rounds">To the week</Link>
            </div>
            <table v-if="tasks.length" class="fleet duelist">
                <caption class="visually-hidden">
                    Jobs, the most pressing first
                </caption>
                <tbody>
                    <tr v-for="t in tasks" :key="t.id">
                        <td>
                            <Link :href="`/systems/${t.systemId}/tasks`">{{ t.type }}</Link><small>{{ t.turn }}</small>
                        </td>
                        <td>
                            {{ t.system }}<small>{{ t.where }}</small>
                        </td>
                        <td class="timeline">
                            <WindowLine :last="t.lastDoneOn" :due="t.dueOn" :latest="t.latestOn" />
                        </td>
                        <td>
                            <SeverityMark
                                :severity="t.standing === 'overdue' ? 'fix' : t.standing === 'due' ? 'watch' : 'none'"
                            /><b>{{ t.standingWords }}</b
                            ><small v-if="t.suspendedUntil"
                                >{{ t.suspendedReason }}, looked at again {{ whenDay(t.suspendedUntil) }}</small
                            ><small v-else-if="t.dueOn"
                                >due {{ whenDay(t.dueOn) }}, last done
                                {{ t.lastDoneOn ? whenDay(t.lastDoneOn) : 'never' }}</small
                            >
                        </td>
                    </tr>
                </tbody>
            </table>
            <div v-else class="empty">
                <h2>{{ what === 'due' ? 'Nothing is due' : 'Nothing here' }}</h2>
                <p>Jobs recur by each system’s range. Give a system its standard set on its page, under Tasks.</p>
            </div>
            <PageLinks :page="page" />
        </template>
    </div>
</template>
