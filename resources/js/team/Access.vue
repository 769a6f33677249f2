<script setup lang="ts">
import { Head, Link, router } from '@inertiajs/vue3';
import { BButton, BFormInput } from 'bootstrap-vue-next';
import { ref } from 'vue';
import type { AccessView } from '../generated';
import FormField from '../shared/FormField.vue';
import { refusal, send } from '../shared/send';
import { when } from '../shared/units';
import FactorPicture from './FactorPicture.vue';

const props = defineProps<{ view: AccessView }>();
const password = ref('');
const code = ref('');
const wrong = ref<{ password?: string; code?: string }>({});
const shown = ref<{ secret: string; address: string } | null>(null);
const paper = ref<string[]>([]);
const busy = ref(false);

async function ask<T>(url: string, data: Record<string, unknown>, method: 'POST' | 'PUT' = 'POST'): Promise<T | null> {
    busy.value = true;
    wrong.value = {};
    try {
        const { status, body } = await send<T>(url, data, method);
        if (status === 200) return body;
        wrong.value = { [shown.value ? 'code' : 'password']: refusal(body) };
    } catch {
        wrong.value = { [shown.value ? 'code' : 'password']: 'No signal. Try again.' };
    } finally {
        busy.value = false;
    }
    return null;
}
async function begin() {
    shown.value = await ask('/settings/access/factor', { password: password.value });
    if (shown.value) password.value = '';
}
async function confirm() {
    const answer = await ask<{ codes: string[] }>('/settings/access/factor', { code: code.value }, 'PUT');
    if (!answer) return;
    paper.value = answer.codes;
    shown.value = null;
    code.value = '';
    router.reload();
}
async function newCodes() {
    const answer = await ask<{ codes: string[] }>('/settings/access/factor/codes', { password: password.value });
    if (!answer) return;
    paper.value = answer.codes;
    password.value = '';
    router.reload();
}
function off() {
    router.post(
        '/settings/access/factor/off',
        { password: password.value },
        {
            preserveScroll: true,
            onError: (errors) => (wrong.value = errors),
            onSuccess: () => (password.value = ''),
        },
    );
}
const inFours = (secret: string) => secret.match(/.{4}/g)?.join(' ') ?? secret;
const others = () => props.view.sessions.filter((s) => !s.isHere).length;
</script>

<template>
    <Head title="How you get in" />
    <div class="page">
        <h1>How you get in</h1>
        <p class="quiet">Your second factor, and where you are signed in. <Link href="/settings">Settings</Link></p>

        <h2>Second factor</h2>
        <div v-if="paper.length" class="standing" role="status">
            <b>Write these down or print them now: they are shown once.</b>
            <p>Each opens one time, for the day the phone is gone. Those before hold no more.</p>
            <ul class="papercodes">
                <li v-for="one in paper" :key="one">
                    <code>{{ one }}</code>
                </li>
            </ul>
            <BButton type="button" variant="outline-secondary" @click="paper = []">I have them</BButton>
        </div>
        <template v-if="view.factorIsOn">
            <p>
                On. Signing in asks for the code your phone shows. Codes on paper left: <b>{{ view.codesLeft }}</b> of
                10{{ view.codesLeft < 3 ? '; make new ones before they run out' : '' }}.
            </p>
            <form class="sheetform" @submit.prevent="newCodes">
                <FormField
                    id="f-pw"
                    v-slot="field"
                    label="Your password"
                    hint="To show that it is you."
                    :error="wrong.password"
                >
                    <BFormInput
                        v-bind="field"
                        v-model="password"
                        type="password"
                        autocomplete="current-password"
                        required
                    />
                </FormField>
                <div class="wide">
                    <BButton type="submit" variant="outline-secondary" :disabled="busy">New codes on paper</BButton>
                    <BButton v-if="!view.factorIsAsked" type="button" variant="link" :disabled="busy" @click="off"
                        >turn it off</BButton
                    >
                    <span v-else class="quiet">The company asks for it: it stays on.</span>
                </div>
            </form>
        </template>
        <form v-else-if="shown" class="sheetform" @submit.prevent="confirm">
            <div class="wide factor">
                <FactorPicture :address="shown.address" />
                <div>
                    <p>Read this with the authenticator on your phone, or type it there:</p>
                    <p>
                        <code>{{ inFours(shown.secret) }}</code>
                    </p>
                    <FormField
                        id="f-code"
                        v-slot="field"
                        label="The code it shows now"
                        hint="Six digits; a new one every half minute."
                        :error="wrong.code"
                    >
                        <BFormInput
                            v-bind="field"
                            v-model="code"
                            inputmode="numeric"
                            autocomplete="one-time-code"
                            maxlength="20"
                            required
                        />
                    </FormField>
                </div>
            </div>
            <div class="wide">
                <BButton type="submit" variant="primary" :disabled="busy">Turn it on</BButton>
                <BButton type="button" variant="link" @click="shown = null">leave it</BButton>
            </div>
        </form>
        <form v-else class="sheetform" @submit.prevent="begin">
            <p class="wide">
                {{
                    view.factorIsAsked
                        ? 'The company asks owners and planners for it. Nothing else opens before it is set up.'
                        : 'Off. With it, a stolen password alone opens nothing: signing in also asks for a code from your phone.'
                }}
            </p>
            <FormField
                id="f-pw"
                v-slot="field"
                label="Your password"
                hint="To show that it is you."
                :error="wrong.password"
            >
                <BFormInput
                    v-bind="field"
                    v-model="password"
                    type="password"
                    autocomplete="current-password"
                    required
                />
            </FormField>
            <div class="wide">
                <BButton type="submit" variant="primary" :disabled="busy">Set it up</BButton>
            </div>
        </form>

        <h2>Signed in on</h2>
        <ul class="list">
            <li v-for="s in view.sessions" :key="s.name">
                <b>{{ s.device }}</b>
                <small>{{ s.from }} · {{ s.isHere ? 'this one' : `last seen ${when(s.lastSeen)}` }}</small>
                <button
                    v-if="!s.isHere"
                    type="button"
                    class="linkish"
                    :aria-label="`end it on ${s.device}, ${s.from}`"
                    @click="router.post(`/settings/access/sessions/${s.name}/end`, {}, { preserveScroll: true })"
                >
                    end it
                </button>
            </li>
        </ul>
        <p class="quiet mt-3">
            Tokens of yours: {{ view.tokens }}. <Link href="/settings/tokens">Look at them</Link>. A new password ends
            them all.
        </p>
        <BButton
            type="button"
            variant="outline-secondary"
            :disabled="others() + view.tokens === 0"
            @click="router.post('/settings/access/end-all', {}, { preserveScroll: true })"
            >End all but this one, tokens too</BButton
        >
    </div>
</template>
