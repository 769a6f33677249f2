<script setup lang="ts">
import { router, useForm } from '@inertiajs/vue3';
import { computed, ref } from 'vue';
import type { RemoteAccessView } from '../generated';
import { inDays, today } from '../shared/days';
import FieldError from '../shared/FieldError.vue';
import { date } from '../shared/units';

/** Who reaches this place’s devices from afar; what they switch off is written down as if by hand. */
const props = defineProps<{
    siteId: number;
    remote: RemoteAccessView[];
    holders?: { ours: Record<string, string>; theirs: Record<string, string> };
    devices?: Record<string, string>;
    mayUpdate: boolean;
}>();
const WEEK = 7;
const giving = ref(false);
const acting = ref<number | null>(null);
const given = useForm<{ what: string; holder: string; given_on: string }>({ what: '', holder: '', given_on: today() });
const act = useForm<{ item_id: number | null; because: string; until: string }>({
    item_id: null,
    because: '',
    until: inDays(WEEK),
});
const errors = computed(() => given.errors as Record<string, string | undefined>);
function openGiving() {
    if (!props.holders) router.reload({ only: ['holders'] });
    giving.value = true;
}
function openAct(id: number) {
    if (!props.devices) router.reload({ only: ['devices'] });
    acting.value = id;
}
function give() {
    const [kind, id] = given.holder.split('-');
    given
        .transform((f) => ({ what: f.what, given_on: f.given_on, [`${kind}_id`]: Number(id) }))
        .post(`/sites/${props.siteId}/remote`, {
            preserveScroll: true,
            onSuccess: () => {
                given.reset();
                giving.value = false;
            },
        });
}
const off = (id: number) =>
    act.post(`/remote/${id}/acts`, {
        preserveScroll: true,
        onSuccess: () => {
            act.reset();
            acting.value = null;
        },
    });
</script>

<template>
    <section aria-labelledby="remote-head">
        <h2 id="remote-head">Who reaches in from afar</h2>
        <ul v-if="remote.length" class="list">
            <li v-for="r in remote" :key="r.id">
                <span
                    ><b>{{ r.holder }}</b
                    >, {{ r.what }}, since {{ date(r.givenOn) }}.
                    <b v-if="r.hasLeft" class="open">Has left: take it back now, and change its password.</b>
                    <button v-if="r.mayAct && acting !== r.id" type="button" class="linkish" @click="openAct(r.id)">
                        I switched something off
                    </button>
                    <template v-if="mayUpdate && r.mayAct && acting !== r.id"> · </template>
                    <button
                        v-if="mayUpdate"
                        type="button"
                        class="linkish"
                        @click="router.post(`/remote/${r.id}/withdraw`, {}, { preserveScroll: true })"
                    >
                        it is taken back
                    </button></span
                >
                <form v-if="acting === r.id" class="form typing" @submit.prevent="off(r.id)">
                    <div>
                        <label :for="`ra-${r.id}`">What is off now</label
                        ><select :id="`ra-${r.id}`" v-model="act.item_id" required>
                            <option :value="null" disabled>choose</option>
                            <option v-for="(name, id) in devices ?? {}" :key="id" :value="Number(id)">
                                {{ name }}
                            </option></select
                        ><FieldError :words="act.errors.item_id" />
                    </div>
                    <div>
                        <label :for="`rb-${r.id}`">Why</label
                        ><input
                            :id="`rb-${r.id}`"
                            v-model="act.because"
                            type="text"
                            maxlength="300"
                            required
                        /><FieldError :words="act.errors.because" />
                    </div>
                    <div>
                        <label :for="`ru-${r.id}`">Until</label
                        ><input :id="`ru-${r.id}`" v-model="act.until" type="date" required /><FieldError
                            :words="act.errors.until"
                        />
                    </div>
                    <div>
                        <button class="btn-go" :disabled="act.processing">Write it down</button>
                        <button type="button" class="plain" @click="acting = null">leave it</button>
                    </div>
                </form>
            </li>
        </ul>
        <p v-else class="quiet">Nobody is written down as reaching in from afar.</p>
        <button v-if="mayUpdate && !giving" type="button" class="outline" @click="openGiving">
            Write down an access
        </button>
        <form v-else-if="mayUpdate" class="form typing" @submit.prevent="give">
            <div>
                <label for="rg-w">What is reached</label
                ><input
                    id="rg-w"
                    v-model="given.what"
                    type="text"
                    maxlength="160"
                    required
                    placeholder="the controller’s account"
                /><FieldError :words="errors.what" />
            </div>
            <div>
                <label for="rg-h">Who holds it</label
                ><select id="rg-h" v-model="given.holder" required>
                    <option value="" disabled>choose</option>
                    <option v-for="(name, id) in holders?.ours ?? {}" :key="`u${id}`" :value="`user-${id}`">
                        {{ name }}
                    </option>
                    <option v-for="(name, id) in holders?.theirs ?? {}" :key="`c${id}`" :value="`contact-${id}`">
                        {{ name }}, of the client
                    </option></select
                ><FieldError :words="errors.user_id ?? errors.contact_id" />
            </div>
            <div>
                <label for="rg-o">Since</label
                ><input id="rg-o" v-model="given.given_on" type="date" required /><FieldError
                    :words="errors.given_on"
                />
            </div>
            <div>
                <button class="btn-go" :disabled="given.processing">Keep</button>
                <button type="button" class="plain" @click="giving = false">leave it</button>
            </div>
        </form>
    </section>
</template>
