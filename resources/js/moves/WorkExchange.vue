<script setup lang="ts">
import { BButton, BFormInput } from 'bootstrap-vue-next';
import { inject, ref } from 'vue';
import type { WorkView } from '../generated';
import { SAY } from './workSaid';

/** The new device in its place and in the register; what the old one was set to is written down for it. */
const props = defineProps<{ work: WorkView }>();
const say = inject(SAY);
const name = ref(props.work.bringsNew ? (props.work.device ?? '') : '');
const watts = ref<string | number>('');
const serial = ref('');
const why = ref('');
const keeping = ref(false);
async function send() {
    keeping.value = true;
    await say?.('exchange', {
        name: name.value || null,
        watts: watts.value === '' ? null : Number(watts.value),
        serial: serial.value || null,
        why: why.value,
    });
    keeping.value = false;
}
</script>

<template>
    <form class="workform" @submit.prevent="send">
        <template v-if="work.bringsNew">
            <label for="wx-name"
                ><span>What it is called now</span><BFormInput id="wx-name" v-model="name" maxlength="120" required
            /></label>
            <label for="wx-watts"
                ><span>It draws, W</span><BFormInput id="wx-watts" v-model="watts" class="num" type="number" min="0"
            /></label>
            <label for="wx-serial"
                ><span>Serial number</span><BFormInput id="wx-serial" v-model="serial" maxlength="60"
            /></label>
        </template>
        <label for="wx-why"
            ><span>Why, in a few words</span><BFormInput id="wx-why" v-model="why" maxlength="300" required
        /></label>
        <p class="workbuttons">
            <BButton type="submit" variant="primary" :disabled="keeping">{{
                work.bringsNew ? 'It is in its place' : 'It is out'
            }}</BButton>
            <span class="quiet">Same plug; what was set is written down for it, to be looked at.</span>
        </p>
    </form>
</template>
