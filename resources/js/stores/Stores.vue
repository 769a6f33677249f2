<script setup lang="ts">
import { Head, Link, router, useForm } from '@inertiajs/vue3';
import { computed, ref } from 'vue';
import { today } from '../shared/days';
import FieldError from '../shared/FieldError.vue';
import { newId } from '../shared/send';
import { date, when } from '../shared/units';
import SystemPick from './SystemPick.vue';

type Stock = {
    id: number;
    place: string;
    placeKind: string;
    state: string;
    count: number;
    lot: string | null;
    expiresOn: string | null;
    testedOn: string | null;
    testedOk: boolean | null;
    needsTest: boolean;
    good: boolean;
};
type Part = {
    id: number;
    name: string;
    job: string | null;
    readyFor: string | null;
    for: string;
    unit: string;
    capacity: number | null;
    supplierId: number | null;
    supplier: string | null;
    leadDays: number | null;
    priceMinor: number | null;
    pack: number;
    good: number;
    least: { stock: number; level: number; demand: number; fleet: number } | null;
    short: number;
    hours: number | null;
    stocks: Stock[];
};
/** What lies where, what must lie there, who owes whom. */
const props = defineProps<{
    parts: Part[];
    places: { key: string; name: string; kind: string }[];
    loans: {
        id: number;
        item: string;
        from: string;
        fromId: number;
        to: string;
        toId: number;
        since: string;
        dueOn: string;
        late: boolean;
        exposes: string | null;
        signedBy: string | null;
    }[];
    moves: { id: number; part: string; kind: string; count: number; why: string | null; at: string }[];
    jobs: Record<string, string>;
    uses: Record<string, string>;
    states: Record<string, string>;
    suppliers: Record<string, string>;
    levelPct: number;
    mayKeep: boolean;
}>();
const wanted = computed(() => props.parts.filter((p) => p.short > 0));
const opened = ref<number | null>(null);
const adding = ref(false);
const part = useForm({
    name: '',
    job: '' as string | null,
    ready_for: '' as string | null,
    unit: 'piece',
    capacity: null as number | null,
    supplier_id: null as number | null,
    lead_days: null as number | null,
    pack: 1,
});
const keepPart = () =>
    part
        .transform((p) => ({ ...p, job: p.job || null, ready_for: p.ready_for || null }))
        .post('/parts', {
            preserveScroll: true,
            onSuccess: () => {
                part.reset();
                adding.value = false;
            },
        });
const bring = useForm({ uuid: '', place: '', count: 1, state: 'new', lot: '', expires_on: '' });
const bringIn = (id: number) =>
    bring
        .transform((b) => ({ ...b, uuid: newId(), lot: b.lot || null, expires_on: b.expires_on || null }))
        .post(`/parts/${id}/stocks`, {
            preserveScroll: true,
            onSuccess: () => bring.reset('count', 'lot', 'expires_on'),
        });
const doing = ref<{ stock: number; what: 'move' | 'use' | 'test' } | null>(null);
const act = useForm({ count: 1, to: '', system_id: null as number | null, why: '', kind: 'used' });
function go(stock: Stock) {
    const done = { preserveScroll: true, onSuccess: () => (doing.value = null) };
    if (doing.value?.what === 'move')
        act.transform((a) => ({ uuid: newId(), to: a.to, count: a.count })).post(`/stocks/${stock.id}/move`, done);
    else
        act.transform((a) => ({
            uuid: newId(),
            kind: a.kind,
            count: a.count,
            system_id: a.system_id,
            why: a.why || null,
        })).post(`/stocks/${stock.id}/use`, done);
}
const tested = (stock: Stock, ok: boolean) =>
    router.post(`/stocks/${stock.id}/test`, { tested_on: today(), tested_ok: ok }, { preserveScroll: true });
const settling = ref<number | null>(null);
const how = useForm({ how: '' });
const settle = (id: number) =>
    how.post(`/loans/${id}/settle`, {
        preserveScroll: true,
        onSuccess: () => {
            how.reset();
            settling.value = null;
        },
    });
const hours = (h: number) => (h < 48 ? `${h.toFixed(1)} h` : `${Math.round(h / 24)} days`);
const dots = (p: Part) => Math.min(24, Math.max(p.least?.stock ?? 0, Math.ceil(p.good)));
</script>

<template>
    <Head title="Stores" />
    <div class="page">
        <div class="head">
            <h1>Stores</h1>
            <button v-if="mayKeep && !adding" type="button" class="btn-go push" data-new @click="adding = true">
                Keep another part
            </button>
            <p class="sub">
                What lies where. A spare has to be there when one fails, {{ levelPct }} times in a hundred, while used
                ones are on their way. <Link href="/stores/ready">What stands ready at each depot</Link>
            </p>
        </div>
        <form v-if="adding" class="form typing" @submit.prevent="keepPart">
            <div>
                <label for="p-n">What it is</label
                ><input id="p-n" v-model="part.name" type="text" maxlength="120" /><FieldError
                    :words="part.errors.name"
                />
            </div>
            <div>
                <label for="p-j">It stands in for</label
                ><select id="p-j" v-model="part.job">
                    <option value="">no device</option>
                    <option v-for="(label, key) in jobs" :key="key" :value="key">{{ label }}</option></select
                ><FieldError :words="part.errors.job" />
            </div>
            <div>
                <label for="p-r">It stands ready for</label
                ><select id="p-r" v-model="part.ready_for">
                    <option value="">nothing else</option>
                    <option v-for="(label, key) in uses" :key="key" :value="key">{{ label }}</option>
                </select>
            </div>
            <div>
                <label for="p-u">Counted in</label
                ><select id="p-u" v-model="part.unit">
                    <option v-for="u in ['piece', 'L', 'kg', 'm']" :key="u">{{ u }}</option>
                </select>
            </div>
            <div>
                <label for="p-c">Gives, W or L/h</label
                ><input id="p-c" v-model.number="part.capacity" type="number" min="0" />
            </div>
            <div>
                <label for="p-s">From</label
                ><select id="p-s" v-model="part.supplier_id">
                    <option :value="null">nobody said</option>
                    <option v-for="(name, id) in suppliers" :key="id" :value="Number(id)">{{ name }}</option>
                </select>
            </div>
            <div>
                <label for="p-l">Takes, days</label
                ><input id="p-l" v-model.number="part.lead_days" type="number" min="0" max="365" /><small class="quiet"
                    >Empty: as its supplier took, else 14.</small
                >
            </div>
            <div>
                <label for="p-p">In packs of</label><input id="p-p" v-model.number="part.pack" type="number" min="1" />
            </div>
            <div>
                <button class="btn-go" :disabled="part.processing">Keep</button>
                <button type="button" class="plain" @click="adding = false">leave it</button>
            </div>
        </form>
        <template v-if="wanted.length">
            <h2>Wanted, the most urgent first</h2>
            <ul class="list">
                <li v-for="p in wanted" :key="p.id">
                    <span
                        ><b>{{ Math.ceil(p.short / p.pack) * p.pack }} × {{ p.name }}</b
                        >{{ p.supplier ? `, ${p.supplier}` : '' }}</span
                    >
                    <small
                        >{{ p.good }} of {{ p.least?.stock }} there; {{ p.least?.fleet }} stand in the fleet{{
                            p.hours === null ? '' : `; without one the first harm comes after ${hours(p.hours)}`
                        }}</small
                    >
                </li>
            </ul>
            <div class="filter">
                <a class="outline" href="/stores/reorder.pdf">Reorder list, paper</a>
                <a class="outline" href="/stores/reorder.csv">CSV</a>
            </div>
        </template>
        <template v-if="loans.length">
            <h2>Lent</h2>
            <ul class="list loans">
                <li v-for="l in loans" :key="l.id" :class="{ late: l.late }">
                    <span
                        ><b>{{ l.item }}</b> of <Link :href="`/systems/${l.fromId}/risk`">{{ l.from }}</Link> is at
                        <Link :href="`/systems/${l.toId}/risk`">{{ l.to }}</Link>, back by {{ date(l.dueOn)
                        }}{{ l.late ? ': overdue' : '' }}.</span
                    >
                    <small v-if="l.exposes">{{ l.from }} is exposed: {{ l.exposes }}; signed by {{ l.signedBy }}</small>
                    <button v-if="settling !== l.id" type="button" class="linkish" @click="settling = l.id">
                        it is back
                    </button>
                    <form v-else class="filter" @submit.prevent="settle(l.id)">
                        <input v-model="how.how" type="text" maxlength="200" aria-label="How it was settled" required />
                        <button class="outline">Settled</button><FieldError :words="how.errors.how" />
                    </form>
                </li>
            </ul>
        </template>
        <h2>On the shelves</h2>
        <table v-if="parts.length" class="fleet shelves">
            <caption class="visually-hidden">
                Parts and what lies where
            </caption>
            <thead>
                <tr>
                    <th scope="col">Part</th>
                    <th scope="col">There, and must be</th>
                    <th scope="col">Where</th>
                    <th scope="col" class="num">Fleet</th>
                </tr>
            </thead>
            <tbody v-for="p in parts" :key="p.id">
                <tr>
                    <td>
                        <button
                            type="button"
                            class="linkish"
                            :aria-expanded="opened === p.id"
                            @click="opened = opened === p.id ? null : p.id"
                        >
                            {{ p.name }}</button><small>{{ p.for }}{{ p.capacity ? `, ${p.capacity}` : '' }}</small>
                    </td>
                    <td>
                        <span v-if="p.unit === 'piece'" class="dots" aria-hidden="true"
                            ><i v-for="n in dots(p)" :key="n" :class="{ there: n <= p.good, wanted: n > p.good }"></i
                        ></span>
                        <b>{{ p.good }} {{ p.unit === 'piece' ? '' : p.unit }}</b
                        ><small v-if="p.least">at least {{ p.least.stock }}</small>
                    </td>
                    <td>
                        <span v-for="s in p.stocks" :key="s.id" class="lies" :class="{ bad: !s.good }"
                            >{{ s.count }} {{ s.place }}<template v-if="!s.good">, does not count</template></span
                        ><span v-if="!p.stocks.length" class="quiet">nowhere</span>
                    </td>
                    <td class="num">{{ p.least?.fleet ?? '' }}</td>
                </tr>
                <tr v-if="opened === p.id" class="opened">
                    <td colspan="4">
                        <ul class="list">
                            <li v-for="s in p.stocks" :key="s.id">
                                <b>{{ s.count }}</b> {{ s.place }} · {{ s.state }}{{ s.lot ? ` · lot ${s.lot}` : ''
                                }}{{ s.expiresOn ? ` · good until ${date(s.expiresOn)}` : '' }} ·
                                {{
                                    s.testedOn
                                        ? `${s.testedOk ? 'works' : 'does not work'}, tried ${date(s.testedOn)}`
                                        : s.needsTest
                                          ? 'never tried: it counts for nothing'
                                          : 'not tried'
                                }}
                                <button type="button" class="linkish" @click="doing = { stock: s.id, what: 'use' }">
                                    use
                                </button>
                                <button type="button" class="linkish" @click="doing = { stock: s.id, what: 'move' }">
                                    move
                                </button>
                                <button type="button" class="linkish" @click="tested(s, true)">tried, works</button>
                                <button type="button" class="linkish" @click="tested(s, false)">tried, does not</button>
                                <form v-if="doing?.stock === s.id" class="filter" @submit.prevent="go(s)">
                                    <input
                                        v-model.number="act.count"
                                        type="number"
                                        min="0.01"
                                        step="any"
                                        class="cell num"
                                        aria-label="How many"
                                    />
                                    <select
                                        v-if="doing.what === 'move'"
                                        v-model="act.to"
                                        aria-label="Where to"
                                        required
                                    >
                                        <option v-for="w in places" :key="w.key" :value="w.key">{{ w.name }}</option>
                                    </select>
                                    <template v-else>
                                        <select v-model="act.kind" aria-label="What for">
                                            <option value="used">went to work</option>
                                            <option value="thrown">thrown away</option>
                                        </select>
                                        <SystemPick
                                            v-if="act.kind === 'used'"
                                            :id="`at-${s.id}`"
                                            v-model="act.system_id"
                                            label="At which system"
                                        />
                                    </template>
                                    <button class="outline" :disabled="act.processing">Book it</button>
                                    <FieldError :words="act.errors.count ?? act.errors.to ?? act.errors.system_id" />
                                </form>
                            </li>
                        </ul>
                        <form class="filter" @submit.prevent="bringIn(p.id)">
                            <input
                                v-model.number="bring.count"
                                type="number"
                                min="0.01"
                                step="any"
                                class="cell num"
                                aria-label="How many came"
                            />
                            <select v-model="bring.place" aria-label="Where they lie" required>
                                <option value="" disabled>where</option>
                                <option v-for="w in places" :key="w.key" :value="w.key">{{ w.name }}</option>
                            </select>
                            <select v-model="bring.state" aria-label="In which state">
                                <option v-for="(label, key) in states" :key="key" :value="key">{{ label }}</option>
                            </select>
                            <input
                                v-model="bring.lot"
                                type="text"
                                maxlength="60"
                                class="cell"
                                aria-label="Lot"
                                placeholder="lot"
                            />
                            <input v-model="bring.expires_on" type="date" aria-label="Good until" />
                            <button class="outline" :disabled="bring.processing">Bring in</button>
                            <FieldError :words="Object.values(bring.errors)[0]" />
                        </form>
                    </td>
                </tr>
            </tbody>
        </table>
        <div v-else class="empty">
            <h2>Nothing is kept yet</h2>
            <p>Begin with what harms soonest when it fails: a heater, a return pump, air for a power cut.</p>
        </div>
        <template v-if="moves.length">
            <h2>Lately</h2>
            <ul class="list">
                <li v-for="m in moves" :key="m.id">
                    <small>{{ when(m.at) }}</small> {{ m.count }} × {{ m.part }} {{ m.kind }} {{ m.why }}
                </li>
            </ul>
        </template>
    </div>
</template>
