<script setup lang="ts">
import { Head } from '@inertiajs/vue3';
import { computed } from 'vue';

defineOptions({ layout: [] });
const props = defineProps<{ status: number; why?: string; said?: string }>();
const AWAY = [
    'The database does not answer',
    'Everything kept before is safe. What you just sent was not kept: drafts and entries stay on this device. ' +
        'Wait a minute, then try again.',
];
const words = computed(
    () =>
        (props.why === 'database' && AWAY) ||
        {
            400: ['Not readable', 'The address holds characters that cannot be read. Go back and try the link again.'],
            403: ['Not for you to see', 'Your role does not open this page. If it should, ask an owner.'],
            404: ['Not here', 'The page does not exist, or was archived. Search for it by name.'],
            413: [
                'Too large',
                'What you sent is larger than 15 MB. Send a smaller file; the rest of your work is safe.',
            ],
            419: ['Too long away', 'The session has ended. Sign in again; drafts on this device are kept.'],
            421: ['Another name', 'This server answers under its own address only. Use the address you were given.'],
            429: ['Too often', 'Too many tries in a minute. Wait a minute, then try again.'],
            500: [
                'Something broke here',
                'It is our fault and it is written down. What was kept before is safe. Try again, or go back.',
            ],
            507: [
                'No room on the server',
                'The disk is almost full, so nothing new is taken. What was kept before is safe, and what you typed stays ' +
                    'on this device. Call whoever runs the server.',
            ],
            503: ['Closed for a moment', 'Velbrin is being updated. Try again in a minute.'],
        }[props.status] || ['Something went wrong', 'Try again, or go back.'],
);
const back = () => window.history.back();
</script>

<template>
    <Head :title="said ? 'Not yours just now' : words[0]" />
    <main class="page door">
        <p class="quiet">{{ status }}</p>
        <h1>{{ said ? 'Not yours just now' : words[0] }}</h1>
        <p>{{ said || words[1] }}</p>
        <p>
            <template v-if="said"><button type="button" class="linkish" @click="back">Back</button> · </template
            ><a href="/">To the start</a> · <a href="/sign-in">To the door</a>
        </p>
    </main>
</template>
