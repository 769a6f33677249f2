<script setup lang="ts">
import { router, useForm } from '@inertiajs/vue3';
import { computed } from 'vue';
import type { KitLineView, MoveHeadView } from '../generated';
import { useOutbox } from '../rounds/outbox';
import CodePicture from '../shared/CodePicture.vue';
import { useShell } from '../shared/page';
import { useUnits } from '../shared/units';
import { byOwner, lineNow } from './kit';
import KitList from './KitList.vue';
import MoveTabs from './MoveTabs.vue';

/** Labels for the boxes, and what is taken along: printed, or packed and counted back on a phone. */
const props = defineProps<{
    move: MoveHeadView;
    labels: {
        id: string;
        label: string;
        animals: string[];
        litres: number;
        kg: number;
        lastsUntil: string | null;
        air: boolean;
        rides: string;
    }[];
    takeAlong: KitLineView[];
    leftOff: { id: number; what: string }[];
    own: { id: number; what: string }[];
    maySay: boolean;
    missed: string[];
    address: string;
}>();
const units = useUnits();
const { shell } = useShell();
const print = () => window.print();
const outbox = useOutbox(-props.move.id, shell.value.userId ?? 0, () => {
    const before = outbox.taken.value;
    if (navigator.onLine) router.reload({ only: ['takeAlong'], onSuccess: () => outbox.readAnew(before) });
});
const lines = computed(() => props.takeAlong.map((l) => lineNow(l, outbox.beyond.value)));
const groups = computed(() => byOwner(lines.value));
const along = computed(() => lines.value.filter((l) => l.taken !== null).length);
const missing = computed(() => lines.value.filter((l) => l.missing > 0).length);
const line = useForm({ what: '', count: '', owner: '' });
function keepOwn() {
    line.transform((given) => ({
        what: given.what.trim(),
        count: given.count.trim() === '' ? null : Number(given.count),
        owner: given.owner.trim() || null,
    })).post('/moves/kit', { preserveScroll: true, onSuccess: () => line.reset() });
}
const always = (what: string) => router.post('/moves/kit', { what }, { preserveScroll: true });
const never = (code: string) => router.post('/moves/kit', { drops: code }, { preserveScroll: true });
const takeBack = (id: number) => router.post(`/moves/kit/${id}/archive`, {}, { preserveScroll: true });
const isOurs = (what: string) => props.own.some((o) => o.what === what);
</script>

<template>
    <div class="page">
        <MoveTabs :move="move" here="papers" />
        <p v-if="labels.length">
            <button type="button" class="outline" data-new @click="print">Print the sheet</button>
        </p>
        <h2>Labels for the boxes</h2>
        <ul v-if="labels.length" class="labelsheet">
            <li v-for="l in labels" :key="l.id">
                <CodePicture :address="address" :label="`Opens the day of ${move.name}`" />
                <div>
                    <b class="plugname">{{ l.label }}</b>
                    <span>{{ l.animals.join(', ') || 'nobody yet' }}</span>
                    <small
                        >{{ units.show(l.litres, 'L') }}, {{ units.show(l.kg, 'kg') }}, {{ l.rides
                        }}{{ l.air ? ', air on' : '' }}</small
                    >
                    <small v-if="l.lastsUntil"
                        >as planned it lasts until <b>{{ l.lastsUntil }}</b></small
                    >
                </div>
            </li>
        </ul>
        <p v-else class="quiet">No box is planned yet.</p>
        <h2>Take along</h2>
        <p v-if="!takeAlong.length" class="quiet">The plan cannot be read yet: put it right first.</p>
        <p v-else class="quiet" role="status">
            {{ along }} of {{ lines.length }} packed<template v-if="along"
                >, {{ missing ? `${missing} not back` : 'all of it back' }}</template
            ><template v-if="outbox.waiting.value.length">; {{ outbox.waiting.value.length }} not sent yet</template>
        </p>
        <template v-for="g in groups" :key="g.owner ?? ''">
            <h3 v-if="g.owner">{{ g.owner }}’s</h3>
            <ul class="packing kit" :aria-label="g.owner ? `What is ${g.owner}’s` : 'What is ours'">
                <KitList
                    v-for="l in g.lines"
                    :key="l.code"
                    :line="l"
                    :may-record="move.mayRecord"
                    :may-leave="maySay && !l.code.startsWith('own-')"
                    @say="(kind, value) => outbox.keep(kind, { of: l.code, value })"
                    @leave="never(l.code)"
                />
            </ul>
        </template>
        <template v-if="missed.length">
            <h2>Missed at the last moves</h2>
            <ul class="packing">
                <li v-for="m in missed" :key="m">
                    <span class="tickbox" aria-hidden="true"></span> {{ m }}
                    <button v-if="maySay && !isOurs(m)" type="button" class="linkish" @click="always(m)">
                        take “{{ m }}” along from now on
                    </button>
                </li>
            </ul>
        </template>
        <section v-if="maySay" class="kitours">
            <h2>To every move</h2>
            <form class="cells" @submit.prevent="keepOwn">
                <label class="numbercell" for="kit-what"
                    ><span>What else is taken along</span>
                    <input id="kit-what" v-model="line.what" class="cell" type="text" maxlength="120" required
                /></label>
                <label class="numbercell" for="kit-count"
                    ><span>How many</span>
                    <input id="kit-count" v-model="line.count" class="cell num" type="text" inputmode="numeric"
                /></label>
                <label class="numbercell" for="kit-owner"
                    ><span>Whose, if it is not ours</span>
                    <input id="kit-owner" v-model="line.owner" class="cell" type="text" maxlength="80"
                /></label>
                <button class="outline" :disabled="line.processing">Add it</button>
            </form>
            <p v-for="words in Object.values(line.errors)" :key="words" class="wrong" role="alert">{{ words }}</p>
            <ul class="packing">
                <li v-for="o in props.own" :key="o.id">
                    {{ o.what }}
                    <button type="button" class="linkish" :aria-label="`${o.what}: no more`" @click="takeBack(o.id)">
                        no more
                    </button>
                </li>
                <li v-for="l in leftOff" :key="l.id" class="quiet">
                    left off: {{ l.what }}
                    <button
                        type="button"
                        class="linkish"
                        :aria-label="`${l.what}: put it back`"
                        @click="takeBack(l.id)"
                    >
                        put it back
                    </button>
                </li>
            </ul>
        </section>
        <p class="caution">
            Lifting, glass, wet electrics: power off and unplugged from a dry place first. Zoanthids wet, gloved, eyes
            covered.
        </p>
    </div>
</template>
