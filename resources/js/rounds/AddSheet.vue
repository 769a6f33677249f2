<script setup lang="ts">
import { BModal } from 'bootstrap-vue-next';
import { computed, ref } from 'vue';
import { inDays } from '../shared/days';
import type { VisitSystemView } from '../generated';
import { useKept } from '../shared/kept';

/** Whatever else is seen, used, promised or worth a note: one sheet, one field, one tap. */
const props = defineProps<{
    what: string | null;
    visitId: number;
    system: VisitSystemView;
    signs: Record<string, string>;
    people: Record<string, string>;
    me: number;
    van: { id: number; name: string; count: number }[];
}>();
const emit = defineEmits<{
    entry: [kind: string, payload: Record<string, unknown>, photo?: Blob];
    closed: [];
    clock: [label: string, minutes: number];
}>();
const SHORT = [2, 5, 10, 15, 20, 30, 45, 60];
const LONG = [90, 120, 180, 240, 480, 720, 1440];
/** What runs beside the hands at many jobs. */
const CLOCKS = [
    'Animals in bins',
    'Rock out of water',
    'Glue cures',
    'Silicone cures',
    'Dip',
    'Water mixes',
    'Carbon in',
    'Pause ends',
    'Lamp cools before it strikes again',
];
const TITLES: Record<string, string> = {
    seen: 'What you see, hear, smell',
    part: 'Used',
    note: 'Note',
    later: 'Later',
    photo: 'Photo',
    clock: 'A clock',
    job: 'One job more',
    missed: 'Missing here today',
};
const open = computed({
    get: () => props.what !== null,
    set: (on) => {
        if (!on) emit('closed');
    },
});
const text = useKept(`visit-${props.visitId}-words`);
const sign = ref('');
const quantity = ref(1);
const standing = ref(false);
const days = ref(7);
const owner = ref(props.me);
const minutes = ref(15);
const picture = ref<File | null>(null);
/** What is typed lies in the van, by the books. */
const lies = computed(() => props.van.find((v) => v.name.toLowerCase() === text.value.trim().toLowerCase()));
function see(grade: string) {
    emit('entry', 'seen', {
        systemId: props.system.id,
        sign: sign.value,
        grade,
        ...(text.value ? { note: text.value } : {}),
    });
    sign.value = text.value = '';
}
function keep() {
    const systemId = props.system.id;
    if (props.what === 'part') {
        const shelf = lies.value?.id;
        emit('entry', 'part', {
            systemId,
            name: text.value,
            quantity: quantity.value,
            ...(shelf === undefined ? {} : { shelf }),
        });
    }
    if (props.what === 'job') emit('entry', 'job', { systemId, text: text.value, minutes: minutes.value });
    if (props.what === 'missed') emit('entry', 'missed', { systemId, text: text.value });
    if (props.what === 'note') emit('entry', 'note', { systemId, text: text.value, standing: standing.value });
    if (props.what === 'later')
        emit('entry', 'follow-up', { systemId, text: text.value, dueOn: inDays(days.value), ownerId: owner.value });
    if (props.what === 'photo' && picture.value)
        emit('entry', 'photo', { caption: text.value, systemId }, picture.value);
    if (props.what === 'clock') emit('clock', text.value || 'Clock', minutes.value);
    text.value = '';
    picture.value = null;
    standing.value = false;
    emit('closed');
}
</script>

<template>
    <BModal
        v-model="open"
        :title="TITLES[what ?? ''] ?? ''"
        no-footer
        lazy
        centered
        scrollable
        header-close-label="Close"
    >
        <p class="quiet">{{ system.name }}</p>
        <template v-if="what === 'seen'">
            <div class="signs">
                <button
                    v-for="(label, key) in signs"
                    :key="key"
                    type="button"
                    :class="{ on: sign === key }"
                    :aria-pressed="sign === key"
                    @click="sign = String(key)"
                >
                    {{ label }}
                </button>
            </div>
            <template v-if="sign">
                <label for="seen-note">A word more, if it needs one</label
                ><input id="seen-note" v-model="text" class="cell" type="text" maxlength="300" />
                <div class="grades">
                    <button type="button" class="outline" @click="see('none')">none now</button
                    ><button type="button" class="outline" @click="see('little')">a little</button
                    ><button type="button" class="outline" @click="see('much')">much</button>
                </div>
            </template>
        </template>
        <form v-else class="sheetform" @submit.prevent="keep">
            <template v-if="what === 'photo'"
                ><label for="ph">Take it, or choose one</label
                ><input
                    id="ph"
                    type="file"
                    accept="image/jpeg,image/png,image/webp"
                    capture="environment"
                    required
                    @change="picture = ($event.target as HTMLInputElement).files?.[0] ?? null"
            /></template>
            <label for="words">{{
                what === 'part' || what === 'missed'
                    ? 'What'
                    : what === 'photo'
                      ? 'What it shows'
                      : what === 'clock'
                        ? 'For what'
                        : what === 'later' || what === 'job'
                          ? 'What is to be done'
                          : 'In a sentence'
            }}</label>
            <textarea
                v-if="what === 'note' || what === 'later'"
                id="words"
                v-model="text"
                class="cell"
                rows="3"
                maxlength="500"
                required
            ></textarea>
            <input
                v-else
                id="words"
                v-model="text"
                class="cell"
                type="text"
                maxlength="120"
                :required="what === 'part' || what === 'job' || what === 'missed'"
                :list="what === 'clock' ? 'clocks-for' : what === 'part' ? 'in-the-van' : undefined"
            />
            <datalist v-if="what === 'part'" id="in-the-van">
                <option v-for="v in van" :key="v.id" :value="v.name">{{ v.count }} in the van</option>
            </datalist>
            <p v-if="what === 'part' && lies" class="quiet">{{ lies.count }} in the van, by the books.</p>
            <datalist v-if="what === 'clock'" id="clocks-for">
                <option v-for="c in CLOCKS" :key="c" :value="c" />
            </datalist>
            <template v-if="what === 'part'"
                ><label for="qty">How many</label
                ><input id="qty" v-model.number="quantity" class="cell" type="number" min="0.01" step="any" required
            /></template>
            <label v-if="what === 'note'" class="check"
                ><input v-model="standing" type="checkbox" /> It stands: everybody sees it first, every time</label
            >
            <template v-if="what === 'later'">
                <label for="who">Whose</label
                ><select id="who" v-model="owner" class="cell">
                    <option v-for="(name, id) in people" :key="id" :value="Number(id)">{{ name }}</option>
                </select>
                <label for="when">By when</label
                ><select id="when" v-model.number="days" class="cell">
                    <option :value="1">tomorrow</option>
                    <option :value="3">in three days</option>
                    <option :value="7">in a week</option>
                    <option :value="14">in two weeks</option>
                    <option :value="30">in a month</option>
                </select>
            </template>
            <template v-if="what === 'clock' || what === 'job'"
                ><label for="mins">Minutes</label
                ><select id="mins" v-model.number="minutes" class="cell">
                    <option v-for="m in what === 'clock' ? [...SHORT, ...LONG] : SHORT" :key="m" :value="m">
                        {{ m < 120 ? m : `${m / 60} h` }}
                    </option>
                </select></template
            >
            <button class="btn-go wide">{{ what === 'clock' ? 'Start it' : 'Keep it' }}</button>
        </form>
    </BModal>
</template>
