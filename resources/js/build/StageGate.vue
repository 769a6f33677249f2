<script setup lang="ts">
import { router, useForm } from '@inertiajs/vue3';
import { computed } from 'vue';
import { today } from '../shared/days';
import type { StageView } from '../generated';
import FieldError from '../shared/FieldError.vue';

/** The gate of one stage: what proves it, or why it is passed without. */
const props = defineProps<{ stage: StageView; versionId: number; isLast: boolean; mayWaive: boolean }>();
const address = computed(() => `/plan-versions/${props.versionId}/stages/${props.stage.key}`);
const WAYS: Record<string, string> = {
    proof: 'It is proved',
    document: 'The signed document is here',
    waiver: 'Waive it, with a reason',
};
const ways = computed(() => props.stage.ways.filter((w) => w !== 'waiver' || props.mayWaive));
const form = useForm<{
    by: string;
    words: string;
    signed_by: string;
    passed_on: string;
    file: File | null;
    held: string[];
    stage: string;
}>({
    by: ways.value[0],
    words: '',
    signed_by: '',
    passed_on: today(),
    file: null,
    held: [],
    stage: '',
});
const id = (part: string) => `${props.stage.key}-${part}`;
</script>

<template>
    <p v-if="stage.passedBy">
        <button
            v-if="isLast && mayWaive"
            type="button"
            class="linkish"
            @click="router.post(`${address}/reopen`, {}, { preserveScroll: true })"
        >
            entered by mistake: open it again
        </button>
    </p>
    <form v-else class="form" @submit.prevent="form.post(address, { preserveScroll: true, forceFormData: true })">
        <div>
            <label :for="id('by')">It passes by</label
            ><select :id="id('by')" v-model="form.by">
                <option v-for="w in ways" :key="w" :value="w">{{ WAYS[w] }}</option></select
            ><FieldError :words="form.errors.by ?? form.errors.stage" />
        </div>
        <fieldset v-if="stage.holds.length && form.by !== 'waiver'" class="wide holds">
            <legend>Looked at first</legend>
            <label v-for="h in stage.holds" :key="h" class="check"
                ><input v-model="form.held" type="checkbox" :value="h" /> {{ h }}</label
            ><FieldError :words="form.errors.held" />
        </fieldset>
        <div class="wide">
            <label :for="id('words')">{{ form.by === 'waiver' ? 'Reason' : 'What was seen or written' }}</label><input
                :id="id('words')"
                v-model="form.words"
                type="text"
                maxlength="500"
                required
            /><FieldError :words="form.errors.words" />
        </div>
        <div>
            <label :for="id('who')">Signed by</label
            ><input :id="id('who')" v-model="form.signed_by" type="text" maxlength="120" required /><FieldError
                :words="form.errors.signed_by"
            />
        </div>
        <div>
            <label :for="id('on')">On</label
            ><input :id="id('on')" v-model="form.passed_on" type="date" required /><FieldError
                :words="form.errors.passed_on"
            />
        </div>
        <div>
            <label :for="id('file')">{{
                form.by === 'document' ? 'The document, PDF or photo' : 'Photo or paper, if there is one'
            }}</label><input
                :id="id('file')"
                type="file"
                accept="image/jpeg,image/png,image/webp,application/pdf"
                @change="form.file = ($event.target as HTMLInputElement).files?.[0] ?? null"
            /><FieldError :words="form.errors.file" />
        </div>
        <div>
            <button class="btn-go" :disabled="form.processing">
                {{ form.by === 'waiver' ? 'Waive' : 'Let it pass' }}
            </button>
        </div>
    </form>
</template>
