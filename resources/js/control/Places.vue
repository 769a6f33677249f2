<script setup lang="ts">
import { Head, Link, router, useForm } from '@inertiajs/vue3';
import { computed, reactive, ref } from 'vue';
import type { ControlPlaceView, PageView } from '../generated';
import FieldError from '../shared/FieldError.vue';
import FormField from '../shared/FormField.vue';
import PageLinks from '../shared/PageLinks.vue';
import SeverityMark from '../shared/SeverityMark.vue';
import { date } from '../shared/units';

const props = defineProps<{ places: ControlPlaceView[]; page: PageView; sites: { id: number; name: string }[] }>();
const adding = ref(false);
const form = useForm({ site: props.sites[0]?.id ?? 0, name: '' });
const strips = reactive<Record<number, number | null>>({});
const withControllers = computed(() => props.places.filter((p) => p.controllers.length));
const waiting = computed(() => props.places.filter((p) => p.words.length));
function add() {
    form.post(`/sites/${form.site}/controllers`);
}
function confirmOutlet(id: number) {
    if (strips[id]) router.post(`/outlets/${id}/confirm`, { strip_id: strips[id] }, { preserveScroll: true });
}
</script>

<template>
    <Head title="Control" />
    <div class="page">
        <div class="head">
            <h1>Control</h1>
            <button v-if="sites.length" type="button" class="btn-go push" data-new @click="adding = !adding">
                Add a controller
            </button>
            <p class="sub">What drives what: circuits, strips, outlets, and what each does when nobody is there.</p>
        </div>
        <form v-if="adding" class="sheetform" @submit.prevent="add">
            <FormField id="c-site" v-slot="part" label="At which place">
                <select v-bind="part" v-model.number="form.site" class="cell">
                    <option v-for="s in sites" :key="s.id" :value="s.id">{{ s.name }}</option>
                </select>
            </FormField>
            <FormField id="c-name" v-slot="part" label="What people call it" :error="form.errors.name">
                <input v-bind="part" v-model="form.name" class="cell" type="text" maxlength="80" required />
            </FormField>
            <p class="wide"><button class="btn-go" :disabled="form.processing">Add it</button></p>
        </form>
        <ul v-if="withControllers.length" class="controllines">
            <li v-for="p in withControllers" :key="p.siteId">
                <h2>
                    <Link :href="`/sites/${p.siteId}`">{{ p.name }}</Link> <small class="quiet">{{ p.client }}</small>
                </h2>
                <Link v-for="c in p.controllers" :key="c.id" :href="`/control/${c.id}`" class="controlline">
                    <SeverityMark v-if="c.worst" :severity="c.worst" />
                    <b>{{ c.name }}</b>
                    <span>{{ c.outlets }} {{ c.outlets === 1 ? 'outlet' : 'outlets' }}</span>
                    <span v-if="c.running"
                        >version {{ c.running }} runs<template v-if="c.runningSince"
                            >, since {{ date(c.runningSince) }}</template
                        ></span
                    >
                    <span v-else class="watchword">nothing runs yet</span>
                    <span v-if="c.draft">draft {{ c.draft }}</span>
                    <span :class="{ quiet: !c.open }">{{
                        c.open ? `${c.open} ${c.open === 1 ? 'thing' : 'things'} to look at` : 'nothing against it'
                    }}</span>
                </Link>
            </li>
        </ul>
        <div v-else-if="page.number === 1" class="empty">
            <h2>No controller is on record yet</h2>
            <p>
                Add the head of a set-up, then its strips. What is plugged in where comes from the registers of the
                place.
            </p>
        </div>
        <template v-if="waiting.length">
            <h2>Words for plugs that nobody has confirmed</h2>
            <p class="quiet">
                Each was written in a register. Until somebody has looked, whether two devices share a strip is not
                known.
            </p>
            <div v-for="p in waiting" :key="p.siteId" class="plugwords">
                <h3>{{ p.name }}</h3>
                <ul>
                    <li v-for="w in p.words" :key="`${w.kind}${w.id}`">
                        <b>{{ w.name }}</b> <small class="quiet">{{ w.kind }}</small>
                        <span>{{ w.items.join(', ') || 'nothing hangs on it' }}</span>
                        <template v-if="p.mayWrite && w.kind === 'outlet' && p.strips.length">
                            <select
                                v-model.number="strips[w.id]"
                                class="cell"
                                :aria-label="`${w.name}: on which strip`"
                            >
                                <option :value="undefined">on which strip?</option>
                                <option v-for="s in p.strips" :key="s.id" :value="s.id">strip {{ s.name }}</option>
                            </select>
                            <button
                                type="button"
                                class="outline"
                                :disabled="!strips[w.id]"
                                @click="confirmOutlet(w.id)"
                            >
                                I have looked
                            </button>
                        </template>
                        <small v-else-if="p.mayWrite && w.kind === 'outlet'" class="quiet"
                            >add a controller and its strips first</small
                        >
                        <button
                            v-else-if="p.mayWrite"
                            type="button"
                            class="outline"
                            @click="router.post(`/circuits/${w.id}/confirm`, {}, { preserveScroll: true })"
                        >
                            I have looked
                        </button>
                    </li>
                </ul>
            </div>
        </template>
        <PageLinks :page="page" />
        <FieldError :words="Object.values(form.errors)[0]" />
    </div>
</template>
