<script setup lang="ts">
import { Head, Link, router, useForm } from '@inertiajs/vue3';
import { ref } from 'vue';
import { today } from '../shared/days';
import FieldError from '../shared/FieldError.vue';
import type { RemoteAccessView } from '../generated';
import { date } from '../shared/units';
import GeneratorNeeds, { type OnGenerator } from './GeneratorNeeds.vue';
import RemoteAccess from './RemoteAccess.vue';

type Need = {
    code: string;
    label: string;
    amount: number;
    unit: string;
    has: number | null;
    where: string | null;
    withinH: number | null;
    good: boolean | null;
    serves: string[];
    enough: boolean;
    restInH: number | null;
    testedOn: string | null;
    goodUntil: string | null;
};
/** Ready before it happens: where to shut off, what stands ready, whom to ring. */
const props = defineProps<{
    site: { id: number; name: string; client: string | null; clientId: number };
    shutOffs: {
        kind: string;
        label: string;
        asks: string;
        words: string | null;
        whoMay: string | null;
        on: string | null;
        photo: number | null;
    }[];
    systems: {
        id: number;
        name: string;
        needs: string | null;
        ready: {
            needs: Need[];
            share: number;
            shareByLoss: number | null;
            served: string[];
            unserved: string[];
            power: { label: string; runsH: number | null; harmH: number | null }[];
            generator: OnGenerator | null;
        } | null;
    }[];
    chain: { name: string; phone: string | null; what: string }[];
    remote: RemoteAccessView[];
    holders?: { ours: Record<string, string>; theirs: Record<string, string> };
    devices?: Record<string, string>;
    mayUpdate: boolean;
}>();
const editing = ref<string | null>(null);
const form = useForm<{ kind: string; words: string; who_may: string; looked_on: string; file: File | null }>({
    kind: '',
    words: '',
    who_may: '',
    looked_on: today(),
    file: null,
});
function edit(kind: string, words: string | null, whoMay: string | null) {
    editing.value = kind;
    form.kind = kind;
    form.words = words ?? '';
    form.who_may = whoMay ?? '';
    form.looked_on = today();
    form.file = null;
    form.clearErrors();
}
const keep = () =>
    form.post(`/sites/${props.site.id}/shut-offs`, {
        preserveScroll: true,
        forceFormData: true,
        onSuccess: () => (editing.value = null),
    });
const counted = (n: number, unit: string) =>
    `${Number.isInteger(n) ? n : n.toFixed(1)} ${unit === 'pieces' && n === 1 ? 'piece' : unit}`;
const hours = (h: number | null) =>
    h === null ? 'nobody can say' : h < 1 ? `${Math.round(h * 60)} min` : `${h.toFixed(1)} h`;
</script>

<template>
    <Head :title="`Ready: ${site.name}`" />
    <div class="page">
        <div class="head">
            <h1>Ready: {{ site.name }}</h1>
            <a class="btn-go push" :href="`/sites/${site.id}/emergency.pdf`">The emergency sheet, PDF</a>
            <a class="outline" :href="`/sites/${site.id}/household.pdf`">For the household, PDF</a>
            <p class="sub">
                <Link :href="`/clients/${site.clientId}`">{{ site.client }}</Link> ▸
                <Link :href="`/sites/${site.id}`">{{ site.name }}</Link>
            </p>
        </div>
        <h2>Where to shut off</h2>
        <ul class="list shutoffs">
            <li v-for="s in shutOffs" :key="s.kind" :class="{ missing: !s.words }">
                <b>{{ s.label }}</b>
                <template v-if="s.words">
                    <span>{{ s.words }}</span>
                    <small
                        >{{ s.whoMay ? `${s.whoMay} · ` : '' }}looked at {{ s.on ? date(s.on) : '' }}
                        <a v-if="s.photo" :href="`/attachments/${s.photo}`">photo</a></small
                    >
                </template>
                <span v-else class="wrong">still to survey</span>
                <button
                    v-if="mayUpdate && editing !== s.kind"
                    type="button"
                    class="linkish"
                    @click="edit(s.kind, s.words, s.whoMay)"
                >
                    {{ s.words ? 'change' : 'write it down' }}
                </button>
                <form v-if="editing === s.kind" class="form typing" @submit.prevent="keep">
                    <div>
                        <label :for="`so-${s.kind}`">In words a stranger follows in the dark</label
                        ><textarea
                            :id="`so-${s.kind}`"
                            v-model="form.words"
                            rows="2"
                            maxlength="400"
                            :placeholder="s.asks"
                        ></textarea
                        ><FieldError :words="form.errors.words" />
                    </div>
                    <div>
                        <label :for="`sw-${s.kind}`">Who may use it</label
                        ><input :id="`sw-${s.kind}`" v-model="form.who_may" type="text" maxlength="200" />
                    </div>
                    <div>
                        <label :for="`sf-${s.kind}`">A photo</label
                        ><input
                            :id="`sf-${s.kind}`"
                            type="file"
                            accept="image/jpeg,image/png,image/webp"
                            @change="form.file = ($event.target as HTMLInputElement).files?.[0] ?? null"
                        /><FieldError :words="form.errors.file" />
                    </div>
                    <div>
                        <button class="btn-go" :disabled="form.processing">Keep</button>
                        <button type="button" class="plain" @click="editing = null">leave it</button>
                    </div>
                </form>
            </li>
        </ul>
        <p class="quiet">
            Only from a dry place. Where you would have to reach over water, an electrician or the fire service does it.
        </p>
        <section v-for="s in systems" :key="s.id" :aria-label="s.name">
            <h2>
                <Link :href="`/systems/${s.id}/risk`">{{ s.name }}</Link>
            </h2>
            <p v-if="s.needs" class="standing">Still to say: {{ s.needs }}.</p>
            <template v-else-if="s.ready">
                <p class="yearsum">
                    Ready in time for <b>{{ Math.round(100 * s.ready.share) }} %</b> of what can happen<template
                        v-if="s.ready.shareByLoss !== null"
                        >, {{ Math.round(100 * s.ready.shareByLoss) }} % by what it costs</template
                    >.
                    <template v-if="s.ready.unserved.length"
                        >Not for: {{ s.ready.unserved.join(', ').toLowerCase() }}.</template
                    >
                </p>
                <table class="functions">
                    <caption class="visually-hidden">
                        What stands ready
                    </caption>
                    <thead>
                        <tr>
                            <th scope="col">Needed here</th>
                            <th scope="col" class="num">How much</th>
                            <th scope="col" class="num">There is</th>
                            <th scope="col">Where</th>
                            <th scope="col" class="num">In use after</th>
                            <th scope="col">For</th>
                        </tr>
                    </thead>
                    <tbody>
                        <tr v-for="n in s.ready.needs" :key="n.code" :class="{ missing: !n.enough || !n.good }">
                            <th scope="row">{{ n.label }}</th>
                            <td class="num">{{ counted(n.amount, n.unit) }}</td>
                            <td class="num">
                                <b>{{ n.has === null ? 'nothing' : counted(n.has, n.unit) }}</b><small
                                    v-if="n.has !== null && n.restInH !== null"
                                    >all of it in use after {{ hours(n.restInH) }}</small
                                ><small v-else-if="n.has !== null && !n.good">not tested, or out of date</small>
                            </td>
                            <td>
                                {{ n.where ?? '' }}
                                <small v-if="n.testedOn">tried {{ date(n.testedOn) }}</small
                                >{{ ' ' }}
                                <small v-if="n.goodUntil">good until {{ date(n.goodUntil) }}</small>
                            </td>
                            <td class="num">{{ n.has === null ? '' : hours(n.withinH) }}</td>
                            <td>{{ n.serves.join(', ').toLowerCase() }}</td>
                        </tr>
                    </tbody>
                </table>
                <h3 v-if="s.ready.power.length" class="gone">Mains gone: how long until harm</h3>
                <ul v-if="s.ready.power.length" class="list without" aria-label="Without mains">
                    <li v-for="p in s.ready.power" :key="p.label">
                        <b>{{ p.harmH === null ? 'no harm' : hours(p.harmH) }}</b> {{ p.label
                        }}<small>{{
                            p.runsH === null ? 'as long as it has fuel' : p.runsH > 0 ? `runs ${hours(p.runsH)}` : ''
                        }}</small>
                    </li>
                </ul>
                <GeneratorNeeds v-if="s.ready.generator?.kept.length" :on="s.ready.generator" />
            </template>
            <button
                v-if="mayUpdate"
                type="button"
                class="outline"
                @click="router.post(`/systems/${s.id}/drills`, {}, { preserveScroll: true })"
            >
                Put its proofs and drills into the round
            </button>
        </section>
        <p class="quiet">What lies where is kept in <Link href="/stores">Stores</Link>.</p>
        <RemoteAccess
            :site-id="site.id"
            :remote="remote"
            :holders="holders"
            :devices="devices"
            :may-update="mayUpdate"
        />
        <template v-if="chain.length">
            <h2>Whom to ring</h2>
            <ol class="list ringing">
                <li v-for="p in chain" :key="`${p.name}${p.what}`">
                    <a v-if="p.phone" :href="`tel:${p.phone.replace(/\s/g, '')}`">{{ p.phone }}</a><i v-else
                        >no number</i
                    >
                    <b>{{ p.name }}</b>, {{ p.what }}
                </li>
            </ol>
        </template>
    </div>
</template>
