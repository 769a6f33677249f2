<script setup lang="ts">
import { useForm } from '@inertiajs/vue3';
import type { LogLineView, FindingView, SystemHeaderView } from '../generated';
import FieldError from '../shared/FieldError.vue';
import { when } from '../shared/units';
import SystemFrame from './SystemFrame.vue';

defineProps<{
    header: SystemHeaderView;
    findings: FindingView[];
    entries: LogLineView[];
    kinds: Record<string, string>;
}>();
const form = useForm({ kind: 'observed', text: '' });
</script>

<template>
    <SystemFrame :header="header" tab="log" :findings="findings">
        <form
            v-if="header.mayRecord"
            class="form typing"
            @submit.prevent="
                form.post(`/systems/${header.id}/log`, { preserveScroll: true, onSuccess: () => form.reset('text') })
            "
        >
            <div>
                <label for="l1">What</label
                ><select id="l1" v-model="form.kind">
                    <option v-for="(label, key) in kinds" :key="key" :value="key">{{ label }}</option>
                </select>
            </div>
            <div class="wide">
                <label for="l2">In a sentence</label
                ><input id="l2" v-model="form.text" type="text" maxlength="1000" required /><FieldError
                    :words="form.errors.text"
                />
            </div>
            <div><button class="btn-go" :disabled="form.processing">Into the log</button></div>
        </form>
        <ul v-if="entries.length" class="list">
            <li v-for="e in entries" :key="e.id">
                <small>{{ when(e.at) }}</small> <b>{{ e.kind }}</b> <span>{{ e.text }}</span> <small>{{ e.by }}</small>
            </li>
        </ul>
        <div v-else class="empty">
            <h2>An empty log</h2>
            <p>Write what you saw, did or changed. It outlives us all.</p>
        </div>
    </SystemFrame>
</template>
