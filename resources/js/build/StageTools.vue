<script setup lang="ts">
import { router, useForm } from '@inertiajs/vue3';
import { ref } from 'vue';
import { inDays } from '../shared/days';
import type { StageView } from '../generated';
import FieldError from '../shared/FieldError.vue';

/** What goes along to a stage, what was missed there, and what it leaves over for the next visit. */
const props = defineProps<{
    stage: StageView;
    versionId: number;
    people: Record<string, string>;
    accepted: boolean;
    mayEdit: boolean;
    mayProve: boolean;
}>();
const at = `/plan-versions/${props.versionId}/stages/${props.stage.key}`;
const editing = ref(false);
const list = ref(props.stage.tools.join('\n'));
const missed = useForm({ name: '' });
const week = () => inDays(7);
const carry = useForm<{ text: string; owner_id: string; due_on: string }>({ text: '', owner_id: '', due_on: week() });
const firm = useForm({
    firm: props.stage.firm?.firm ?? '',
    scope: props.stage.firm?.scope ?? '',
    contact: props.stage.firm?.contact ?? '',
    liable: props.stage.firm?.liable ?? '',
});
const id = (part: string) => `${props.stage.key}-${part}`;
function keep() {
    router.put(
        `${at}/tools`,
        {
            tools: list.value
                .split('\n')
                .map((t) => t.trim())
                .filter(Boolean),
        },
        { preserveScroll: true, onSuccess: () => (editing.value = false) },
    );
}
</script>

<template>
    <p v-if="!editing" class="taken">
        <b>Take along:</b> {{ stage.tools.join(' · ') || 'nothing listed' }}
        <button v-if="mayEdit" type="button" class="linkish" @click="editing = true">change the list</button>
    </p>
    <form v-else class="form" @submit.prevent="keep">
        <div class="wide">
            <label :for="id('tools')">One thing a line; empty: the house’s list again</label
            ><textarea :id="id('tools')" v-model="list" rows="6" />
        </div>
        <div>
            <button class="outline">Keep the list</button>
            <button type="button" class="plain" @click="editing = false">Leave it</button>
        </div>
    </form>
    <p v-if="stage.firm" class="taken">
        <b>In charge:</b> {{ stage.firm.firm }}, {{ stage.firm.scope
        }}{{ stage.firm.contact ? ` · ${stage.firm.contact}` : ''
        }}{{ stage.firm.liable ? ` · answers for ${stage.firm.liable}` : '' }}
    </p>
    <details v-if="mayEdit" class="metered">
        <summary>{{ stage.firm ? 'Change the firm in charge' : 'Another firm is in charge' }}</summary>
        <form class="form" @submit.prevent="firm.put(`${at}/firm`, { preserveScroll: true })">
            <div>
                <label :for="id('firm')">Firm; empty: ours</label
                ><input :id="id('firm')" v-model="firm.firm" type="text" maxlength="120" /><FieldError
                    :words="firm.errors.firm"
                />
            </div>
            <div class="wide">
                <label :for="id('scope')">What it does here</label
                ><input :id="id('scope')" v-model="firm.scope" type="text" maxlength="300" /><FieldError
                    :words="firm.errors.scope"
                />
            </div>
            <div>
                <label :for="id('contact')">Whom to call</label
                ><input :id="id('contact')" v-model="firm.contact" type="text" maxlength="160" />
            </div>
            <div>
                <label :for="id('liable')">Answers for</label
                ><input :id="id('liable')" v-model="firm.liable" type="text" maxlength="300" />
            </div>
            <div><button class="outline" :disabled="firm.processing">Keep it</button></div>
        </form>
    </details>
    <details v-if="mayProve" class="metered">
        <summary>Something was missing, or is left over</summary>
        <form
            class="form"
            @submit.prevent="missed.post(`${at}/missed`, { preserveScroll: true, onSuccess: () => missed.reset() })"
        >
            <div class="wide">
                <label :for="id('missed')">A tool that was missing</label
                ><input :id="id('missed')" v-model="missed.name" type="text" maxlength="120" required /><FieldError
                    :words="missed.errors.name"
                />
            </div>
            <div><button class="outline" :disabled="missed.processing">Offer it next time</button></div>
        </form>
        <form
            v-if="accepted"
            class="form"
            @submit.prevent="carry.post(`${at}/carry`, { preserveScroll: true, onSuccess: () => carry.reset('text') })"
        >
            <div class="wide">
                <label :for="id('left')">Left over for the next visit</label
                ><input :id="id('left')" v-model="carry.text" type="text" maxlength="400" required /><FieldError
                    :words="carry.errors.text"
                />
            </div>
            <div>
                <label :for="id('owner')">Whose</label
                ><select :id="id('owner')" v-model="carry.owner_id" required>
                    <option value="" disabled>choose</option>
                    <option v-for="(name, key) in people" :key="key" :value="key">{{ name }}</option></select
                ><FieldError :words="carry.errors.owner_id" />
            </div>
            <div>
                <label :for="id('due')">By</label
                ><input :id="id('due')" v-model="carry.due_on" type="date" required /><FieldError
                    :words="carry.errors.due_on"
                />
            </div>
            <div><button class="outline" :disabled="carry.processing">Carry it over</button></div>
        </form>
    </details>
</template>
