<script setup lang="ts">
import { useForm } from '@inertiajs/vue3';
import { today } from '../shared/days';
import type { RiskView } from '../generated';
import FieldError from '../shared/FieldError.vue';
import { date } from '../shared/units';

/** What the client declined or put off, the risk until then, and who signed. */
const props = defineProps<{ risks: RiskView[]; versionId: number; mayWrite: boolean }>();
const form = useForm({
    kind: 'declined',
    liable: '',
    declined: '',
    risk: '',
    review_on: '',
    signed_by: '',
    signed_on: today(),
});
const keep = () =>
    form.post(`/plan-versions/${props.versionId}/risks`, { preserveScroll: true, onSuccess: () => form.reset() });
</script>

<template>
    <h2>Declined, put off, or handed over unfinished</h2>
    <ul v-if="risks.length" class="list stages">
        <li v-for="r in risks" :key="r.id">
            <b>{{ r.declined }}</b>
            <small
                ><template v-if="r.unfinished">handed over unfinished, liable: {{ r.liable }} · </template
                >{{ r.risk }} · signed by {{ r.signedBy }}, {{ date(r.signedOn) }} ·
                <b :class="{ waived: r.isDue }"
                    >{{ r.isDue ? 'to be looked at again since' : 'looked at again on' }} {{ date(r.reviewOn) }}</b
                ></small
            >
        </li>
    </ul>
    <p v-else class="quiet">
        Nothing. What a client leaves out for its price is written here with its risk, and signed; so is work of ours
        that the client takes over unfinished.
    </p>
    <details v-if="mayWrite" class="metered">
        <summary>Write one down</summary>
        <form class="form" @submit.prevent="keep">
            <div class="wide">
                <label for="risk-kind">It is</label
                ><select id="risk-kind" v-model="form.kind">
                    <option value="declined">declined or put off by the client</option>
                    <option value="unfinished">work of ours, handed over unfinished</option>
                </select>
            </div>
            <div v-if="form.kind === 'unfinished'">
                <label for="risk-liable">Who is liable for it from now on</label
                ><input id="risk-liable" v-model="form.liable" type="text" maxlength="160" required /><FieldError
                    :words="form.errors.liable"
                />
            </div>
            <div class="wide">
                <label for="risk-what">{{
                    form.kind === 'unfinished' ? 'What is not finished' : 'What is declined or comes later'
                }}</label><input
                    id="risk-what"
                    v-model="form.declined"
                    type="text"
                    maxlength="300"
                    required
                /><FieldError :words="form.errors.declined" />
            </div>
            <div class="wide">
                <label for="risk-risk">What can happen in the meantime</label
                ><input id="risk-risk" v-model="form.risk" type="text" maxlength="500" required /><FieldError
                    :words="form.errors.risk"
                />
            </div>
            <div>
                <label for="risk-on">Looked at again on</label
                ><input id="risk-on" v-model="form.review_on" type="date" required /><FieldError
                    :words="form.errors.review_on"
                />
            </div>
            <div>
                <label for="risk-by">Signed for the client by</label
                ><input id="risk-by" v-model="form.signed_by" type="text" maxlength="120" required /><FieldError
                    :words="form.errors.signed_by"
                />
            </div>
            <div>
                <label for="risk-day">On</label
                ><input id="risk-day" v-model="form.signed_on" type="date" required /><FieldError
                    :words="form.errors.signed_on"
                />
            </div>
            <div><button class="outline" :disabled="form.processing">Keep it, signed</button></div>
        </form>
    </details>
</template>
