<script setup lang="ts">
import { Link, router } from '@inertiajs/vue3';
import { computed, onMounted, onUnmounted, provide, ref, watch } from 'vue';
import { forgetSheets } from '../emergency/keptSheet';
import HelpSheet from './HelpSheet.vue';
import { useWaitingLine } from '../rounds/waitingLine';
import { pageOf } from '../rounds/phoneStore';
import { useShell } from './page';
import { dropSending } from './send';
import TypeToGo from './TypeToGo.vue';
import WorkingSheet from './WorkingSheet.vue';

const { shell, said, url } = useShell();
const here = computed(() => {
    const path = url.value.split('?')[0];
    if (/^\/(places|clients|sites\/\d+$|plans|plan-versions)/.test(path)) return 'survey';
    if (/^\/(systems|sites\/\d+\/systems)/.test(path)) return 'systems';
    if (/^\/reports/.test(path)) return shell.value.role === 'client' ? 'reports' : 'rounds';
    if (path === '/' || path === '/alarms') return 'today';
    if (/^\/(incidents|sites\/\d+\/ready)/.test(path)) return 'risk';
    return /^\/(settings|rules)/.test(path)
        ? 'settings'
        : (/^\/(control|risk|stores|water|rounds|moves|works|visits)/
              .exec(path)?.[1]
              .replace('visits', 'rounds')
              .replace('works', 'moves') ?? '');
});
const waits = useWaitingLine(
    computed(() => shell.value.userId ?? null),
    () => (signedOut.value = true),
);
const leaving = ref(false);
/** Whoever signs out while something waits is told first: it stays here, and goes when they come back. */
function signOut() {
    if (waits.toSend.value.length && !leaving.value) leaving.value = true;
    else {
        void forgetSheets();
        dropSending();
        router.cancelAll();
        router.post('/sign-out');
    }
}
provide('signOut', signOut);
const help = ref(false);
const shownSaid = ref<string | null>(null);
watch(said, (words) => (shownSaid.value = words), { immediate: true });
watch(
    () => shell.value.theme,
    (theme) => (document.documentElement.dataset.bsTheme = theme === 'night' ? 'dark' : 'light'),
    { immediate: true },
);

/** Asked for its news by a page left open, the office says who is there no more: the page stays with what was typed. */
const signedOut = ref(false);
const offHttp = router.on('httpException', (event) => {
    if (event.detail.response.status !== 401) return;
    event.preventDefault();
    signedOut.value = here.value !== 'rounds' || !url.value.startsWith('/visits/');
});
const offPage = router.on('success', () => (signedOut.value = false));

function onKey(event: KeyboardEvent) {
    const target = event.target as HTMLElement;
    if (event.ctrlKey || event.metaKey || event.altKey || /^(INPUT|TEXTAREA|SELECT)$/.test(target.tagName)) return;
    if (event.key === '/') {
        event.preventDefault();
        document.getElementById('type-to-go')?.focus();
    } else if (event.key === '?') {
        help.value = true;
    } else if (event.key === 'n') {
        const target = document.querySelector<HTMLElement>('[data-new]');
        if (target) {
            event.preventDefault();
            target.focus();
            target.click();
        }
    }
}
onMounted(() => window.addEventListener('keydown', onKey));
onUnmounted(() => {
    window.removeEventListener('keydown', onKey);
    offHttp();
    offPage();
});
</script>

<template>
    <a class="skip" href="#main">To the page</a>
    <header class="top">
        <Link href="/" class="brand" aria-label="Velbrin, start">Velbrin<i>.</i></Link>
        <TypeToGo />
        <div class="me">
            <Link
                href="/settings"
                class="initials"
                :title="`${shell.userName}, ${shell.role}`"
                :aria-label="`${shell.userName}: settings`"
                >{{ shell.initials }}</Link
            >
            <button type="button" class="plain" @click="signOut">Sign out</button>
        </div>
    </header>
    <nav class="rail" aria-label="The order of work">
        <Link
            v-for="station in shell.stations"
            :key="station.key"
            :href="station.href"
            :class="{ on: station.key === here }"
            :aria-current="station.key === here ? 'page' : undefined"
            >{{ station.label }}</Link
        >
        <button type="button" class="plain helper" @click="help = true">What can I do here <kbd>?</kbd></button>
    </nav>
    <main id="main" tabindex="-1">
        <p v-if="signedOut" class="said" role="alert">
            <span
                >Your sign-in ran out. What you typed stands here.
                <a href="/sign-in" target="_blank">Sign in again in a new tab</a>, then go on.</span
            >
        </p>
        <p v-if="leaving" class="said" role="alert">
            {{
                waits.toSend.value.length === 1
                    ? '1 entry waits on this phone. It stays on it and goes'
                    : `${waits.toSend.value.length} entries wait on this phone. They stay on it and go`
            }}
            when you sign in here again.
            <button type="button" class="linkish" @click="signOut">sign out all the same</button>
            <button type="button" class="plain" @click="leaving = false">stay</button>
        </p>
        <p
            v-else-if="waits.toSend.value.length || waits.toAnswer.value.length || waits.others.value"
            class="said waits"
            role="status"
        >
            <template v-if="waits.toSend.value.length"
                >{{
                    waits.toSend.value.length === 1
                        ? '1 entry waits on this phone and goes'
                        : `${waits.toSend.value.length} entries wait on this phone and go`
                }}
                when there is a signal.
            </template>
            <template v-if="waits.toAnswer.value.length"
                ><Link :href="pageOf(waits.toAnswer.value[0].visitId)"
                    >{{
                        waits.toAnswer.value.length === 1
                            ? '1 entry wants'
                            : `${waits.toAnswer.value.length} entries want`
                    }}
                    a word from you</Link
                >.
            </template>
            <template v-if="waits.others.value"
                >{{
                    waits.others.value === 1
                        ? '1 entry of somebody else waits here; it goes'
                        : `${waits.others.value} entries of somebody else wait here; they go`
                }}
                when that person signs in.</template
            >
        </p>
        <p v-if="shownSaid" class="said" role="status">
            {{ shownSaid }}
            <button type="button" class="plain" aria-label="Put this message away" @click="shownSaid = null">✕</button>
        </p>
        <slot />
    </main>
    <WorkingSheet />
    <HelpSheet v-model="help" />
</template>
