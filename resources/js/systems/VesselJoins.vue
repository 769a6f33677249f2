<script setup lang="ts">
import { useForm } from '@inertiajs/vue3';
import { ref } from 'vue';
import NumberCell from '../control/NumberCell.vue';
import FieldError from '../shared/FieldError.vue';
import { date } from '../shared/units';

/** A vessel joins a running system, or leaves it; those that were part of it stay on record. */
const props = defineProps<{
    systemId: number;
    vessels: { id: number; name: string; mayLeave: boolean }[];
    left: { id: number; name: string; from: string | null; until: string | null; because: string | null }[];
    rooms: Record<string, string>;
    may: boolean;
}>();
const joining = ref(false);
const going = ref<number | null>(null);
const form = useForm({
    name: '',
    lengthMm: null as number | null,
    widthMm: null as number | null,
    heightMm: null as number | null,
    wallMm: null as number | null,
    waterMm: null as number | null,
    bottomMm: null as number | null,
    downMm: null as number | null,
    ownPump: false,
    reversed: false,
    room_id: null as number | null,
    leak_tested: false,
    behind_valve: false,
});
const leave = useForm({ because: '' });
const SIZES = [
    ['lengthMm', 'Long, outside'],
    ['widthMm', 'Front to back'],
    ['heightMm', 'High'],
    ['waterMm', 'Water in it, deep'],
    ['wallMm', 'Panes'],
    ['bottomMm', 'Stands above the floor'],
    ['downMm', 'Runs down when its pump stops'],
] as const;
const NEEDED = ['lengthMm', 'widthMm', 'heightMm', 'waterMm'];
function join() {
    form.post(`/systems/${props.systemId}/vessels`, {
        preserveScroll: true,
        onSuccess: () => {
            joining.value = false;
            form.reset();
        },
    });
}
function go() {
    leave.post(`/vessels/${going.value}/leave`, {
        preserveScroll: true,
        onSuccess: () => {
            going.value = null;
            leave.reset();
        },
    });
}
</script>

<template>
    <p v-if="left.length" class="quiet">
        No longer part of it:
        <template v-for="(v, n) in left" :key="v.id"
            >{{ n ? '; ' : '' }}{{ v.name }}<template v-if="v.until">, until {{ date(v.until) }}</template
            ><template v-if="v.because"> ({{ v.because }})</template></template
        >
    </p>
    <p v-if="may && !joining && going === null">
        <button type="button" class="outline" @click="joining = true">A vessel joins</button>
        <template v-for="v in vessels.filter((x) => x.mayLeave)" :key="v.id">
            · <button type="button" class="linkish" @click="going = v.id">{{ v.name }} goes</button></template
        >
    </p>
    <form v-if="joining" class="form typing" @submit.prevent="join">
        <div>
            <label for="vj-name">What people call it</label
            ><input id="vj-name" v-model="form.name" type="text" maxlength="120" required placeholder="Refugium" />
            <FieldError :words="form.errors.name" />
        </div>
        <div v-for="[key, label] in SIZES" :key="key">
            <NumberCell
                :id="`vj-${key}`"
                v-model="form[key]"
                :label="label"
                kind="mm"
                :optional="!NEEDED.includes(key)"
            />
            <FieldError :words="form.errors[key]" />
        </div>
        <div>
            <label for="vj-room">Stands in</label
            ><select id="vj-room" v-model="form.room_id">
                <option :value="null">the system’s room</option>
                <option v-for="(name, id) in rooms" :key="id" :value="Number(id)">{{ name }}</option>
            </select>
        </div>
        <div class="wide">
            <label class="check"><input v-model="form.ownPump" type="checkbox" /> fed by a pump of its own</label>
            <label class="check"><input v-model="form.reversed" type="checkbox" /> lit while the display is dark</label>
            <label class="check"
                ><input v-model="form.behind_valve" type="checkbox" /> filled behind its closed valve, with water mixed
                and warm</label
            >
            <FieldError :words="form.errors.behind_valve" />
            <label class="check"
                ><input v-model="form.leak_tested" type="checkbox" /> it has held water on its place for a day, dry
                beneath; skimmer and top-off are off until the levels stand</label
            >
            <FieldError :words="form.errors.leak_tested" />
        </div>
        <div class="wide">
            <button class="btn-go" :disabled="form.processing">It is part of it from today</button>
            <button type="button" class="linkish" @click="joining = false">leave it</button>
        </div>
    </form>
    <form v-if="going !== null" class="form typing" @submit.prevent="go">
        <div class="wide">
            <label for="vl-why">Why {{ vessels.find((v) => v.id === going)?.name }} goes</label
            ><input id="vl-why" v-model="leave.because" type="text" maxlength="300" required />
            <FieldError :words="leave.errors.because" />
        </div>
        <div class="wide">
            <button class="btn-go" :disabled="leave.processing">It is no longer part of it</button>
            <button type="button" class="linkish" @click="going = null">leave it</button>
        </div>
    </form>
</template>
