<script setup lang="ts">
import { BModal } from 'bootstrap-vue-next';

const open = defineModel<boolean>({ required: true });
const keys = [
    ['/', 'go to a client, place, system or plan'],
    ['n', 'begin something new in this station'],
    ['w', 'show the working of the number under the focus'],
    ['p', 'play the power cut on the drawing'],
    ['← ↑ → ↓', 'move the grip, lamp, hole or thing under the focus; with Shift in larger steps'],
    ['t', 'turn the thing in the cabinet; Delete lets its place be proposed'],
    ['Ctrl Z', 'take the last change of a plan back; with Shift do it again'],
    ['?', 'this list'],
    ['Tab', 'from one thing to the next; Enter opens it'],
];
</script>

<template>
    <BModal v-model="open" title="What can I do here" no-footer lazy centered header-close-label="Close">
        <dl class="keys">
            <template v-for="[key, words] in keys" :key="key"
                ><dt>
                    <kbd>{{ key }}</kbd>
                </dt>
                <dd>{{ words }}</dd></template
            >
        </dl>
        <p>
            Every rule in the margin opens its page: what it says, why, its formula and source.
            <a href="/rules">All rules</a>
        </p>
    </BModal>
</template>
