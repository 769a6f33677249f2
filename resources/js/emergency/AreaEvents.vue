<script setup lang="ts">
import { Link, router, useForm } from '@inertiajs/vue3';
import { computed, ref } from 'vue';
import type { AreaEventView } from '../generated';
import { clock, dayOf, dayWords } from '../shared/days';
import FieldError from '../shared/FieldError.vue';
import { useUnits } from '../shared/units';

/** What is known to come over an area: written down ahead, with jobs for whoever would reach harm. */
const props = defineProps<{
    ahead: AreaEventView[];
    event: AreaEventView | null;
    mayPlan: boolean;
    kinds: Record<string, string>;
    darkKinds: string[];
    towns: string[];
}>();
const units = useUnits();
const open = ref(false);
const outside = ref('');
const form = useForm<{
    kind: string;
    towns: string[];
    starts_at: string;
    ends_at: string;
    dark_h: number | null;
    words: string;
}>({ kind: 'planned-cut', towns: [], starts_at: '', ends_at: '', dark_h: null, words: '' });
const errors = computed(() => form.errors as Record<string, string | undefined>);
const isDark = computed(() => props.darkKinds.includes(form.kind));
const when = (iso: string) =>
    `${dayWords(dayOf(iso), { weekday: 'short', day: 'numeric', month: 'short' })} ${clock(iso)}`;
const where = (e: AreaEventView) => e.towns.join(', ') || 'everywhere';
function keep() {
    form.transform((f) => ({
        ...f,
        dark_h: isDark.value ? f.dark_h : null,
        outside_c: outside.value.trim() === '' ? null : units.parse(outside.value, 'degC'),
        words: f.words || null,
    })).post('/risk/events', {
        onSuccess: () => {
            form.reset();
            outside.value = '';
            open.value = false;
        },
    });
}
</script>

<template>
    <section v-if="event" class="eventahead" :aria-label="event.kind">
        <h2>{{ event.kind }}, {{ when(event.startsAt) }} to {{ when(event.endsAt) }}</h2>
        <p>
            {{ where(event) }}<template v-if="event.darkH !== null">, {{ event.darkH }} h without power</template
            ><template v-if="event.outsideC !== null">, {{ units.show(event.outsideC, 'degC') }} outside</template>.
            {{ event.words }}
        </p>
        <p v-if="event.isCalledOff" class="standing"><b>Called off.</b></p>
        <p v-else>Beforehand, on site: {{ event.asks }}.</p>
        <p v-if="!event.isCalledOff && mayPlan">
            <button
                type="button"
                class="btn-go"
                @click="router.post(`/risk/events/${event.id}/jobs`, {}, { preserveScroll: true })"
            >
                {{ event.hasJobs ? 'Make jobs for who came in since' : 'Make a job for each of these systems' }}
            </button>
            <button type="button" class="plain" @click="router.post(`/risk/events/${event.id}/call-off`)">
                it is called off
            </button>
        </p>
        <p><Link href="/risk/storm">Ask about another storm</Link></p>
    </section>
    <template v-else>
        <ul v-if="ahead.length" class="list" aria-label="Known ahead">
            <li v-for="e in ahead" :key="e.id">
                <span
                    ><Link :href="`/risk/storm?event=${e.id}`"
                        ><b>{{ e.kind }}</b></Link
                    >, {{ when(e.startsAt) }}, {{ where(e)
                    }}{{ e.hasJobs ? '. Jobs are in the rounds' : '. No jobs made yet' }}</span
                >
            </li>
        </ul>
        <p v-if="mayPlan && !open">
            <button type="button" class="outline" @click="open = true">Write down what is coming</button>
        </p>
        <form v-else-if="mayPlan" class="form typing" @submit.prevent="keep">
            <div>
                <label for="ae-k">What comes</label
                ><select id="ae-k" v-model="form.kind">
                    <option v-for="(label, key) in kinds" :key="key" :value="key">{{ label }}</option>
                </select>
            </div>
            <div>
                <label for="ae-f">From</label
                ><input id="ae-f" v-model="form.starts_at" type="datetime-local" required /><FieldError
                    :words="errors.starts_at"
                />
            </div>
            <div>
                <label for="ae-u">Until</label
                ><input id="ae-u" v-model="form.ends_at" type="datetime-local" required /><FieldError
                    :words="errors.ends_at"
                />
            </div>
            <div v-if="isDark">
                <label for="ae-d">Hours without power</label
                ><input
                    id="ae-d"
                    v-model.number="form.dark_h"
                    type="number"
                    min="0.5"
                    max="240"
                    step="0.5"
                    required
                /><FieldError :words="errors.dark_h" />
            </div>
            <div>
                <label for="ae-o">Outside, {{ units.label('degC') }}</label
                ><input id="ae-o" v-model="outside" type="text" inputmode="decimal" placeholder="not said" /><FieldError
                    :words="errors.outside_c"
                />
            </div>
            <div class="wide">
                <label for="ae-w">Who says so, and what</label
                ><input id="ae-w" v-model="form.words" type="text" maxlength="300" />
            </div>
            <fieldset class="towns wide">
                <legend>Where; none ticked: everywhere</legend>
                <label v-for="t in towns" :key="t" class="check"
                    ><input v-model="form.towns" type="checkbox" :value="t" /> {{ t }}</label
                >
                <FieldError :words="errors.towns ?? errors['towns.0']" />
            </fieldset>
            <div>
                <button class="btn-go" :disabled="form.processing">Keep, and see who is exposed</button>
                <button type="button" class="plain" @click="open = false">leave it</button>
            </div>
        </form>
    </template>
</template>
