<script setup lang="ts">
import { Head } from '@inertiajs/vue3';
import type { LabelView } from '../generated';
import CodePicture from '../shared/CodePicture.vue';
import ControlTabs from './ControlTabs.vue';

/** Labels to print, cut and stick: each code opens the record of its plug after sign-in. */
defineProps<{ controller: { id: number; name: string; site: string }; labels: LabelView[] }>();
const print = () => window.print();
</script>

<template>
    <Head :title="`${controller.name}: labels`" />
    <div class="page">
        <div class="head">
            <h1>{{ controller.name }}: labels</h1>
            <button v-if="labels.length" type="button" class="btn-go push" data-new @click="print">
                Print the sheet
            </button>
            <p class="sub">
                {{ controller.site }} · one for each plug. The code opens its record on a phone that is signed in.
            </p>
        </div>
        <ControlTabs :id="controller.id" tab="labels" />
        <ul v-if="labels.length" class="labelsheet">
            <li v-for="l in labels" :key="l.id">
                <CodePicture :address="l.address" :label="`Opens the record of ${l.plug}`" />
                <div>
                    <b class="plugname">{{ l.plug }}</b>
                    <span>{{ l.purpose }}</span>
                    <small>{{ [l.watts, `link lost: ${l.lost}`].filter(Boolean).join(' · ') }}</small>
                </div>
            </li>
        </ul>
        <div v-else class="empty">
            <h2>No plug to label yet</h2>
            <p>Add a strip first.</p>
        </div>
    </div>
</template>
