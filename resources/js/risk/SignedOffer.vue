<script setup lang="ts">
import { useForm } from '@inertiajs/vue3';
import { computed, ref } from 'vue';
import type { MeasureView, SignedOfferView } from '../generated';
import { today } from '../shared/days';
import FieldError from '../shared/FieldError.vue';
import { date } from '../shared/units';

/** What the client signed last: taken, or put off until when. The paper is written down here when it comes back. */
const props = defineProps<{
    id: number;
    signed: SignedOfferView | null;
    /** What the offer of today puts off; null: nobody may write a paper down here. */
    later: MeasureView[] | null;
    budgetMinor: number | null;
}>();
const open = ref(false);
const form = useForm<{ signed_by: string; signed_on: string; until: Record<string, string> }>({
    signed_by: '',
    signed_on: today(),
    until: {},
});
const errors = computed(() => form.errors as Record<string, string | undefined>);
const due = computed(() => props.signed?.putOff.filter((p) => p.isDue) ?? []);
function keep() {
    form.transform((f) => ({ ...f, budget: props.budgetMinor })).post(`/systems/${props.id}/risk/offers`, {
        preserveScroll: true,
        onSuccess: () => {
            form.reset();
            open.value = false;
        },
    });
}
</script>

<template>
    <section v-if="signed || later" aria-labelledby="signed-head">
        <h2 id="signed-head">Signed</h2>
        <template v-if="signed">
            <p>
                {{ signed.signedBy }} signed on {{ date(signed.signedOn) }}, for {{ signed.cost }}:
                {{ signed.taken.length ? signed.taken.join('; ') : 'nothing was taken' }}.
            </p>
            <ul v-if="signed.putOff.length" class="list">
                <li v-for="p in signed.putOff" :key="p.label">
                    <span
                        >{{ p.label }}: put off until <b>{{ date(p.until) }}</b>{{
                            p.isDue ? ', a day that has passed: speak of it again' : ''
                        }}. Meanwhile {{ p.meanwhile }} a year is accepted.</span
                    >
                </li>
            </ul>
            <p v-if="due.length" class="standing">
                <b>{{ due.length === 1 ? 'One risk is' : `${due.length} risks are` }} no longer accepted by anybody.</b>
                Make the offer again.
            </p>
        </template>
        <p v-else class="quiet">No offer has come back signed.</p>
        <button v-if="later && !open" type="button" class="outline" @click="open = true">
            The offer came back signed
        </button>
        <form v-else-if="later" class="form typing" @submit.prevent="keep">
            <div>
                <label for="so-by">Signed by</label
                ><input id="so-by" v-model="form.signed_by" type="text" maxlength="120" required /><FieldError
                    :words="errors.signed_by"
                />
            </div>
            <div>
                <label for="so-on">On</label
                ><input id="so-on" v-model="form.signed_on" type="date" required /><FieldError
                    :words="errors.signed_on"
                />
            </div>
            <div v-for="m in later" :key="m.kind" class="wide">
                <label :for="`so-${m.kind}`">{{ m.label }}: put off until</label
                ><input :id="`so-${m.kind}`" v-model="form.until[m.kind]" type="date" required /><FieldError
                    :words="errors[`until.${m.kind}`]"
                />
            </div>
            <div>
                <button class="btn-go" :disabled="form.processing">Keep it as signed</button>
                <button type="button" class="plain" @click="open = false">leave it</button>
            </div>
        </form>
    </section>
</template>
