<script setup lang="ts">
import { router, useForm } from '@inertiajs/vue3';
import { ref } from 'vue';
import { today } from '../shared/days';
import type { ChargeView, TaskLineView } from '../generated';
import FieldError from '../shared/FieldError.vue';
import SeverityMark from '../shared/SeverityMark.vue';
import { date, useUnits, whenDay } from '../shared/units';

/** Each charge of media has its own day, so that one that has run in always stays. */
const props = defineProps<{ systemId: number; charges: ChargeView[]; tasks: TaskLineView[]; mayRecord: boolean }>();
const units = useUnits();
const now = today();
const adding = ref(false);
const mass = ref('');
const form = useForm<{
    name: string;
    place: string;
    mass_kg: number | null;
    lot: string;
    in_on: string;
    life_days: number | null;
    task_id: number | null;
}>({ name: '', place: '', mass_kg: null, lot: '', in_on: now, life_days: null, task_id: null });

function keep() {
    form.mass_kg = mass.value === '' ? null : units.parse(mass.value, 'kg');
    form.transform((data) => ({ ...data, life_days: typeof data.life_days === 'number' ? data.life_days : null }));
    form.post(`/systems/${props.systemId}/charges`, {
        preserveScroll: true,
        onSuccess: () => {
            form.reset();
            mass.value = '';
            adding.value = false;
        },
    });
}

function job(charge: ChargeView): string {
    return props.tasks.find((t) => t.id === charge.taskId)?.type.toLowerCase() ?? 'no job';
}
</script>

<template>
    <h2>Media in the water</h2>
    <ul v-if="charges.length" class="list">
        <li v-for="c in charges" :key="c.id">
            <SeverityMark :severity="c.dueOn && c.dueOn <= now ? 'watch' : 'none'" />
            <b>{{ c.name }}</b>
            {{ [c.place, c.mass].filter(Boolean).join(', ') }}
            <small
                >in since {{ date(c.inOn) }}, exchanged {{ c.dueOn ? whenDay(c.dueOn) : 'never' }} with
                {{ job(c) }}</small
            >
            <small>{{ c.lot ? `lot ${c.lot}` : 'lot not written down' }}</small>
            <small v-if="c.stagger" class="needs">{{ c.stagger }}</small>
            <button
                v-if="mayRecord"
                type="button"
                class="linkish"
                :aria-label="`${c.name}, ${c.place ?? ''}: exchanged today`"
                @click="router.post(`/materials/${c.id}/exchange`, { on: now }, { preserveScroll: true })"
            >
                exchanged today
            </button>
            <button
                v-if="mayRecord"
                type="button"
                class="linkish"
                :aria-label="`${c.name}, ${c.place ?? ''}: taken out of the record`"
                @click="router.post(`/materials/${c.id}/archive`, {}, { preserveScroll: true })"
            >
                it is not there
            </button>
        </li>
    </ul>
    <p v-else class="quiet">
        No charge is written down. Carbon, phosphate media and the like then come due each on its own day.
    </p>
    <template v-if="mayRecord">
        <button v-if="!adding" type="button" class="linkish" @click="adding = true">write down a charge</button>
        <form v-else class="form typing" @submit.prevent="keep">
            <div>
                <label for="cn">Media</label><input id="cn" v-model="form.name" type="text" maxlength="120" />
                <FieldError :words="form.errors.name" />
            </div>
            <div>
                <label for="cp">Where it sits</label>
                <input
                    id="cp"
                    v-model="form.place"
                    type="text"
                    maxlength="120"
                    placeholder="left reactor, bag in the sump…"
                />
                <FieldError :words="form.errors.place" />
            </div>
            <div>
                <label for="cm">How much, {{ units.label('kg') }}</label>
                <input id="cm" v-model="mass" type="text" inputmode="decimal" />
                <FieldError :words="form.errors.mass_kg" />
            </div>
            <div>
                <label for="cl">Lot on the bag</label><input id="cl" v-model="form.lot" type="text" maxlength="120" />
                <FieldError :words="form.errors.lot" />
            </div>
            <div>
                <label for="ci">Went in on</label><input id="ci" v-model="form.in_on" type="date" :max="now" />
                <FieldError :words="form.errors.in_on" />
            </div>
            <div>
                <label for="cd">Lasts here, days</label>
                <input id="cd" v-model.number="form.life_days" type="number" min="1" step="any" />
                <FieldError :words="form.errors.life_days" />
            </div>
            <div>
                <label for="ct">Exchanged with</label>
                <select id="ct" v-model="form.task_id">
                    <option v-for="t in tasks" :key="t.id" :value="t.id">{{ t.type }}</option>
                </select>
                <FieldError :words="form.errors.task_id" />
            </div>
            <div>
                <button class="btn-go" :disabled="form.processing">Keep</button>
                <button type="button" class="plain" @click="adding = false">leave it</button>
            </div>
        </form>
    </template>
</template>
