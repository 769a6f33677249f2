<script setup lang="ts">
import { router, useForm } from '@inertiajs/vue3';
import { ref } from 'vue';
import FieldError from '../shared/FieldError.vue';
import { date } from '../shared/units';

/** What they hold: no messy work on the days before it. */
const props = defineProps<{
    siteId: number;
    events: { id: number; text: string; on: string; clearDays: number }[];
    clearDays: number;
    mayPlan: boolean;
}>();
const adding = ref(false);
const form = useForm<{ text: string; on: string; clear_days: number | null }>({
    text: '',
    on: '',
    clear_days: props.clearDays,
});

function keep() {
    form.transform((data) => ({ ...data, clear_days: typeof data.clear_days === 'number' ? data.clear_days : null }));
    form.post(`/sites/${props.siteId}/events`, {
        preserveScroll: true,
        onSuccess: () => {
            adding.value = false;
            form.reset();
        },
    });
}
</script>

<template>
    <section class="sitejob" aria-labelledby="events">
        <h2 id="events">What they hold</h2>
        <ul v-if="events.length" class="list">
            <li v-for="e in events" :key="e.id">
                <b>{{ date(e.on) }}: {{ e.text }}</b>
                <small>no messy work on the {{ e.clearDays }} days before it</small>
                <button
                    v-if="mayPlan"
                    type="button"
                    class="linkish"
                    :aria-label="`Take away: ${e.text}`"
                    @click="router.post(`/events/${e.id}/archive`, {}, { preserveScroll: true })"
                >
                    it does not take place
                </button>
            </li>
        </ul>
        <p v-else class="quiet">
            Nothing is coming. Write down a party, an opening or an inspection: sand and big changes then keep off the
            days before it.
        </p>
        <button v-if="mayPlan && !adding" type="button" class="linkish" @click="adding = true">
            write down what they hold
        </button>
        <form v-if="adding" class="form typing" @submit.prevent="keep">
            <div class="wide">
                <label for="ev1">What it is</label><input id="ev1" v-model="form.text" type="text" maxlength="160" />
                <FieldError :words="form.errors.text" />
            </div>
            <div>
                <label for="ev2">On</label><input id="ev2" v-model="form.on" type="date" />
                <FieldError :words="form.errors.on" />
            </div>
            <div>
                <label for="ev3">Days before it without messy work</label>
                <input id="ev3" v-model.number="form.clear_days" type="number" min="0" max="60" />
                <FieldError :words="form.errors.clear_days" />
            </div>
            <div>
                <button class="btn-go" :disabled="form.processing">Keep</button>
                <button type="button" class="plain" @click="adding = false">leave it</button>
            </div>
        </form>
    </section>
</template>
