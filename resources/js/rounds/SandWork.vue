<script setup lang="ts">
import { reactive, ref, watch } from 'vue';
import type { VisitSystemView } from '../generated';
import { useUnits } from '../shared/units';

/** A sand top-up: how deep it lies, what is lifted off it and where that goes back (S-40). */
const props = defineProps<{ system: VisitSystemView }>();
const emit = defineEmits<{ entry: [kind: string, payload: Record<string, unknown>] }>();
const units = useUnits();
const depths = reactive<Record<string, string>>({});
const aim = ref('');
const isLive = ref(false);
const what = ref('');
const place = ref('');
const wrong = ref('');
watch(
    () => props.system.sand?.aimMm,
    (mm) => (aim.value = mm == null ? '' : units.typed(mm, 'mm')),
    { immediate: true },
);

function measure() {
    const places = (props.system.sand?.places ?? [])
        .map((name) => ({ place: name, mm: units.parse(depths[name] ?? '', 'mm') }))
        .filter((p): p is { place: string; mm: number } => p.mm !== null);
    const aimMm = units.parse(aim.value, 'mm');
    wrong.value = places.length ? '' : 'The depth at one place at least, please.';
    if (places.length)
        emit('entry', 'depths', {
            systemId: props.system.id,
            places,
            ...(aimMm === null ? {} : { aimMm }),
            ...(isLive.value ? { live: true } : {}),
        });
}

function lift() {
    wrong.value = what.value && place.value ? '' : 'What is lifted, and where it stood.';
    if (wrong.value) return;
    emit('entry', 'lift', { systemId: props.system.id, what: what.value, place: place.value });
    what.value = place.value = '';
}
</script>

<template>
    <section v-if="system.sand" class="sandwork" aria-label="Sand">
        <p v-if="system.sand.words">{{ system.sand.words }}</p>
        <p v-for="s in system.sand.staying" :key="s" class="caution"><b aria-hidden="true">▲</b> {{ s }}</p>
        <div class="tiles">
            <div v-for="(name, n) in system.sand.places" :key="name" class="tile">
                <label :for="`sd${n}`">{{ name }}, {{ units.label('mm') }}</label
                ><input :id="`sd${n}`" v-model="depths[name]" inputmode="decimal" autocomplete="off" />
            </div>
            <div class="tile">
                <label for="sa">Wanted, {{ units.label('mm') }}</label
                ><input id="sa" v-model="aim" inputmode="decimal" autocomplete="off" />
            </div>
        </div>
        <label class="check"><input v-model="isLive" type="checkbox" /> wet live sand, as bagged</label>
        <button type="button" class="outline" @click="measure">Keep the depths: how much is lacking?</button>
        <h3>Off its place: {{ system.lifted.filter((l) => !l.isBack).length }} of {{ system.lifted.length }}</h3>
        <ul class="list">
            <li v-for="l in system.lifted" :key="l.uuid">
                <b>{{ l.what }}</b> <small>{{ l.place }}</small> <span v-if="l.isBack">✓ back</span
                ><button
                    v-else
                    type="button"
                    class="outline"
                    :aria-label="`${l.what} is back in its place`"
                    @click="emit('entry', 'put-back', { lift: l.uuid })"
                >
                    back
                </button>
            </li>
        </ul>
        <div class="tiles">
            <div class="tile">
                <label for="lw">Lifted</label><input id="lw" v-model="what" maxlength="120" autocomplete="off" />
            </div>
            <div class="tile">
                <label for="lp">Stood at</label><input id="lp" v-model="place" maxlength="160" autocomplete="off" />
            </div>
        </div>
        <button type="button" class="outline" @click="lift">Write its place down</button>
        <p v-if="wrong" class="wrong" role="alert">{{ wrong }}</p>
    </section>
</template>
