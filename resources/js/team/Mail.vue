<script setup lang="ts">
import { Head, Link } from '@inertiajs/vue3';
import type { CaughtMailView } from '../generated';
import { when } from '../shared/units';

defineProps<{ mails: CaughtMailView[] }>();
/** The address inside a mail, so that it can be followed here. */
const link = (body: string) => body.match(/https?:\/\/\S+\/reset-password\/\S+/)?.[0];
</script>

<template>
    <Head title="Caught mail" />
    <div class="page">
        <h1>Caught mail</h1>
        <p class="quiet">
            The demo sends no mail: what would have gone out stands here. <Link href="/settings">Settings</Link>
        </p>
        <div v-if="!mails.length" class="empty">
            <h2>Nothing caught yet</h2>
            <p>Ask for a new password at the door; the mail lands here.</p>
        </div>
        <article v-for="mail in mails" :key="mail.id" class="note">
            <h3>{{ mail.subject }}</h3>
            <small>to {{ mail.to }}, {{ when(mail.at) }}</small>
            <pre>{{ mail.body }}</pre>
            <a v-if="link(mail.body)" :href="link(mail.body)">Follow the link</a>
        </article>
    </div>
</template>
