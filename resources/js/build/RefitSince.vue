<script setup lang="ts">
import { router } from '@inertiajs/vue3';
import { BButton } from 'bootstrap-vue-next';
import type { ThreeWaysView } from '../generated';

/** The system runs on while it is planned: what its record moved since, and whose word counts. */
const props = defineProps<{ planId: number; since: ThreeWaysView[]; may: boolean }>();
/** The page is read anew: the draft on this device is an older one by then. */
const decide = (field: string, choice: 'record' | 'plan') =>
    router.post(
        `/plans/${props.planId}/since`,
        { field, choice },
        { preserveScroll: true, preserveState: false, onSuccess: () => window.location.reload() },
    );
</script>

<template>
    <section class="standing" aria-labelledby="since">
        <h2 id="since">The record moved since</h2>
        <ul class="plain">
            <li v-for="s in since" :key="s.field">
                <b>{{ s.label }}</b>
                <small>
                    was {{ s.base }} when this began; the record says <b>{{ s.record }}</b> now<template
                        v-if="s.isConflict"
                        >, the plan <b>{{ s.plan }}</b></template
                    ><template v-else>, the plan still what it was</template>.
                </small>
                <span v-if="may" class="filter">
                    <BButton variant="outline-secondary" size="sm" @click="decide(s.field, 'record')">
                        take the record’s
                    </BButton>
                    <BButton variant="outline-secondary" size="sm" @click="decide(s.field, 'plan')">
                        stay with the plan’s
                    </BButton>
                </span>
            </li>
        </ul>
        <p class="quiet">A version is accepted once these are decided.</p>
    </section>
</template>
