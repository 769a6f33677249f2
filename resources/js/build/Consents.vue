<script setup lang="ts">
import { router, useForm } from '@inertiajs/vue3';
import { computed, ref } from 'vue';
import { today } from '../shared/days';
import type { ConsentView } from '../generated';
import FieldError from '../shared/FieldError.vue';
import { date } from '../shared/units';

/** Who must agree before the structure is cleared, and the papers that say so. */
const props = defineProps<{
    consents: ConsentView[];
    of: Record<string, string>;
    versionId: number;
    mayOrder: boolean;
}>();
const give = useForm<{ given_on: string; conditions: string; file: File | null }>({
    given_on: today(),
    conditions: '',
    file: null,
});
const giving = ref<number | null>(null);
const left = computed(() => Object.entries(props.of).filter(([key]) => !props.consents.some((c) => c.of === key)));
const need = useForm({ of: left.value[0]?.[0] ?? '' });
</script>

<template>
    <h2>Consents</h2>
    <ul v-if="consents.length" class="list">
        <li v-for="c in consents" :key="c.id">
            <b>{{ c.words }}</b>
            <small v-if="c.givenOn"
                >consented {{ date(c.givenOn) }}{{ c.conditions ? `, on condition: ${c.conditions}` : '' }}
                <a v-if="c.document" :href="c.document">the paper</a></small
            >
            <small v-else class="wrong">not yet: the structure is not cleared before</small>
            <template v-if="!c.givenOn && mayOrder">
                <button
                    v-if="giving !== c.id"
                    type="button"
                    class="linkish"
                    @click="
                        giving = c.id;
                        give.clearErrors();
                    "
                >
                    the paper is here
                </button>
                <form
                    v-else
                    class="form"
                    @submit.prevent="
                        give.post(`/consents/${c.id}/give`, {
                            preserveScroll: true,
                            forceFormData: true,
                            onSuccess: () => {
                                giving = null;
                                give.reset();
                            },
                        })
                    "
                >
                    <div>
                        <label :for="`cg${c.id}`">Given on</label
                        ><input :id="`cg${c.id}`" v-model="give.given_on" type="date" required /><FieldError
                            :words="give.errors.given_on"
                        />
                    </div>
                    <div class="wide">
                        <label :for="`cc${c.id}`">Conditions</label
                        ><input :id="`cc${c.id}`" v-model="give.conditions" type="text" maxlength="500" /><FieldError
                            :words="give.errors.conditions"
                        />
                    </div>
                    <div>
                        <label :for="`cf${c.id}`">The paper, PDF or photo</label
                        ><input
                            :id="`cf${c.id}`"
                            type="file"
                            accept="image/jpeg,image/png,image/webp,application/pdf"
                            @change="give.file = ($event.target as HTMLInputElement).files?.[0] ?? null"
                        /><FieldError :words="give.errors.file" />
                    </div>
                    <div>
                        <button class="btn-go" :disabled="give.processing">Store it</button>
                        <button type="button" class="plain" @click="giving = null">leave it</button>
                    </div>
                </form>
                <button
                    type="button"
                    class="linkish"
                    @click="router.post(`/consents/${c.id}/remove`, {}, { preserveScroll: true })"
                >
                    not needed
                </button>
            </template>
        </li>
    </ul>
    <p v-else class="quiet">
        Nobody’s consent is on the list. In a let flat, over another household, or in a listed building somebody must
        agree first.
    </p>
    <form
        v-if="mayOrder && left.length"
        class="filter"
        @submit.prevent="
            need.post(`/plan-versions/${versionId}/consents`, {
                preserveScroll: true,
                onSuccess: () => (need.of = left[0]?.[0] ?? ''),
            })
        "
    >
        <label
            >Consent is needed of
            <select v-model="need.of">
                <option v-for="[key, words] in left" :key="key" :value="key">{{ words }}</option>
            </select></label
        >
        <button class="outline">Put it on the list</button><FieldError :words="need.errors.of" />
    </form>
</template>
