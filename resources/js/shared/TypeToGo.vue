<script setup lang="ts">
import { router } from '@inertiajs/vue3';
import { ref } from 'vue';
import type { FoundView } from '../generated';

const typed = ref('');
const found = ref<FoundView[]>([]);
const at = ref(0);
const open = ref(false);
const failed = ref(false);
let timer: number | undefined;
let asked = 0;

function search() {
    window.clearTimeout(timer);
    timer = window.setTimeout(async () => {
        const mine = ++asked;
        try {
            const answer = await fetch(`/go?q=${encodeURIComponent(typed.value)}`, {
                headers: { Accept: 'application/json' },
            });
            if (mine !== asked) return;
            found.value = answer.ok ? await answer.json() : [];
            failed.value = !answer.ok;
        } catch {
            failed.value = true;
        }
        at.value = 0;
        open.value = typed.value.trim() !== '';
    }, 120);
}
function go(one: FoundView | undefined) {
    if (!one) return;
    typed.value = '';
    open.value = false;
    (document.activeElement as HTMLElement | null)?.blur();
    router.visit(one.href);
}
function onKey(event: KeyboardEvent) {
    if (event.key === 'ArrowDown' || event.key === 'ArrowUp') {
        event.preventDefault();
        at.value =
            (at.value + (event.key === 'ArrowDown' ? 1 : -1) + found.value.length) % Math.max(1, found.value.length);
    } else if (event.key === 'Enter') {
        event.preventDefault();
        go(found.value[at.value]);
    } else if (event.key === 'Escape') {
        open.value = false;
        (event.target as HTMLElement).blur();
    }
}
</script>

<template>
    <div
        class="go"
        @focusout="
            (e) => {
                if (!(e.currentTarget as HTMLElement).contains(e.relatedTarget as Node)) open = false;
            }
        "
    >
        <input
            id="type-to-go"
            v-model="typed"
            type="text"
            autocomplete="off"
            role="combobox"
            aria-label="Go to a client, place, system or plan"
            aria-controls="go-list"
            :aria-expanded="open"
            :aria-activedescendant="open && found.length ? `go-${at}` : undefined"
            placeholder="Go to a client, place, system, plan…"
            @input="search"
            @keydown="onKey"
        />
        <kbd aria-hidden="true">/</kbd>
        <ul v-show="open" id="go-list" role="listbox" aria-label="Found">
            <li
                v-for="(one, i) in found"
                :id="`go-${i}`"
                :key="one.href"
                role="option"
                :aria-selected="i === at"
                :class="{ at: i === at }"
                @mousedown.prevent="go(one)"
            >
                <span class="kind">{{ one.kind }}</span> <b>{{ one.label }}</b> <small>{{ one.where }}</small>
            </li>
            <li v-if="!found.length" role="option" aria-selected="false" class="none">
                {{ failed ? 'The search did not answer. Try again.' : 'Nothing by that name.' }}
            </li>
        </ul>
    </div>
</template>
