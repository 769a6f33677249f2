<script setup lang="ts">
import { BButton } from 'bootstrap-vue-next';
import { computed, ref } from 'vue';
import type { AnimalView, FindingView, SystemHeaderView } from '../generated';
import PhotoOf from '../shared/PhotoOf.vue';
import { date, moment, useUnits } from '../shared/units';
import StockForm from './StockForm.vue';
import StockPlace from './StockPlace.vue';
import StockPlan from './StockPlan.vue';
import StockWay from './StockWay.vue';
import SystemFrame from './SystemFrame.vue';

/** What lives in a system: where each stands, where it stood, where it came from and went. */
const props = defineProps<{
    header: SystemHeaderView;
    findings: FindingView[];
    animals: AnimalView[];
    gone: AnimalView[];
    tank: { lengthMm: number; widthMm: number } | null;
    kinds: Record<string, string>;
    states: Record<string, string>;
    others: { id: number; name: string }[];
    /** How an animal grows, the oldest first. */
    photos: { id: number; animal: number; on: string; href: string }[];
}>();
const photosOf = (id: number) => props.photos.filter((p) => p.animal === id);
const units = useUnits();
const adding = ref(false);
const chosenId = ref<number | null>(null);
const doing = ref<'place' | 'way' | 'edit' | null>(null);
const point = ref<{ x: number; y: number } | null>(null);
const chosen = computed(() => props.animals.find((a) => a.id === chosenId.value) ?? null);
function choose(id: number, what: typeof doing.value = null) {
    chosenId.value = id;
    doing.value = what;
    point.value = null;
}
function pointAt(x: number, y: number) {
    if (chosen.value?.lives && props.header.mayRecord) {
        point.value = { x, y };
        doing.value = 'place';
    }
}
</script>

<template>
    <SystemFrame :header="header" tab="stock" :findings="findings">
        <p v-if="header.mayRecord" class="filter">
            <BButton variant="primary" data-new @click="adding = !adding">Add an animal</BButton>
        </p>
        <StockForm
            v-if="adding"
            :system-id="header.id"
            :animal="null"
            :kinds="kinds"
            :states="states"
            @done="adding = false"
        />
        <template v-if="tank && animals.length">
            <StockPlan
                :tank="tank"
                :animals="animals"
                :chosen="chosenId"
                :spot="point"
                @choose="choose"
                @point="pointAt"
            />
            <p v-if="header.mayRecord" class="quiet">
                Choose an animal, then a spot in the tank. A coral that is lifted keeps its home.
            </p>
        </template>
        <ul v-if="animals.length" class="stocklist">
            <li v-for="a in animals" :key="a.id" :class="{ chosen: a.id === chosenId }">
                <p>
                    <button type="button" class="linkish" @click="choose(a.id)">
                        <b>{{ a.count }} × {{ a.name }}</b>
                    </button>
                    <span>{{ a.kindLabel }}</span>
                    <span v-if="a.lengthCm">{{ a.lengthCm }} cm</span>
                    <span>{{ a.stateLabel }}</span>
                    <span v-if="a.inOn">since {{ date(a.inOn) }}</span>
                    <span v-if="a.source">from {{ a.source }}</span>
                    <span v-if="a.isLifted" class="watchword">lifted; home: {{ a.home }}</span>
                    <span v-if="a.staysPut" class="watchword">not to be moved: {{ a.staysPut }}</span>
                    <span v-if="a.light" class="wrong">{{ a.light }}</span>
                </p>
                <template v-if="a.id === chosenId">
                    <p v-if="a.home && !a.isLifted" class="quiet">Home: {{ a.home }}.</p>
                    <p v-if="a.note" class="quiet">{{ a.note }}</p>
                    <ul v-if="photosOf(a.id).length" class="growth" :aria-label="`How ${a.name} grew`">
                        <li v-for="p in photosOf(a.id)" :key="p.id">
                            <a :href="p.href" class="thumb"
                                ><img :src="p.href" :alt="`${a.name}, ${date(p.on)}`" width="96" loading="lazy" /></a
                            ><small>{{ date(p.on) }}</small>
                        </li>
                    </ul>
                    <PhotoOf
                        :to="`/systems/${header.id}/attachments`"
                        :about="`animal:${a.id}`"
                        :label="a.name"
                        :photos="[]"
                        :may-add="header.mayRecord"
                    />
                    <p v-if="header.mayRecord" class="workbuttons">
                        <BButton v-if="a.lives" size="sm" variant="outline-secondary" @click="doing = 'place'"
                            >Its place</BButton
                        >
                        <BButton v-if="a.lives" size="sm" variant="outline-secondary" @click="doing = 'way'"
                            >Goes elsewhere</BButton
                        >
                        <BButton size="sm" variant="outline-secondary" @click="doing = 'edit'">Change</BButton>
                    </p>
                    <StockPlace v-if="doing === 'place'" :animal="a" :point="point" @done="doing = null" />
                    <StockWay v-if="doing === 'way'" :animal="a" :others="others" @done="choose(0)" />
                    <StockForm
                        v-if="doing === 'edit'"
                        :system-id="header.id"
                        :animal="a"
                        :kinds="kinds"
                        :states="states"
                        @done="doing = null"
                    />
                    <ul v-if="a.history.length" class="workmarks">
                        <li v-for="(h, n) in a.history" :key="n">{{ moment(h.at) }}: {{ h.words }}</li>
                    </ul>
                </template>
            </li>
        </ul>
        <div v-else class="empty">
            <h2>Nobody is on the list</h2>
            <p>
                Write down who lives here, fish with their length: hours in hand, moves and transfers then count with
                {{ units.label('kg') }} instead of guesses.
            </p>
        </div>
        <details v-if="gone.length" class="workdone">
            <summary>{{ gone.length }} gone</summary>
            <ul class="workmarks">
                <li v-for="a in gone" :key="a.id">{{ a.count }} × {{ a.name }}, {{ a.gone }}</li>
            </ul>
        </details>
    </SystemFrame>
</template>
