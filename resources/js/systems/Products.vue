<script setup lang="ts">
import { Head, Link, router, useForm } from '@inertiajs/vue3';
import { nextTick, ref } from 'vue';
import type { ProductView } from '../generated';
import FieldError from '../shared/FieldError.vue';

defineProps<{ products: ProductView[]; kinds: Record<string, string>; parameters: Record<string, string> }>();
const blank = {
    name: '',
    kind: 'food',
    raises: [] as string[],
    lowers: [] as string[],
    note: '',
    instructions: '',
    cautions: '',
    contents: '',
    packets: null as number | null,
    effect: '',
    open_days: null as number | null,
};
const form = useForm({ ...blank });
const editing = ref<number | null>(null);
const wrong = ref('');
function edit(p: ProductView) {
    form.clearErrors();
    Object.assign(form, {
        name: p.name,
        kind: p.kindKey,
        raises: [...p.raisesKeys],
        lowers: [...p.lowersKeys],
        note: p.note ?? '',
        instructions: p.card.instructions ?? '',
        cautions: p.cautions ?? '',
        contents: p.contents ?? '',
        packets: p.packets,
        effect: p.card.effect ?? '',
        open_days: p.card.openDays,
    });
    editing.value = p.id;
    void nextTick(() => document.getElementById('p1')?.focus());
}
function leave() {
    Object.assign(form, blank);
    editing.value = null;
}
function keep() {
    for (const key of ['packets', 'open_days'] as const) if ((form[key] as unknown) === '') form[key] = null;
    const done = { preserveScroll: true, onSuccess: leave };
    if (editing.value) form.put(`/settings/products/${editing.value}`, done);
    else form.post('/settings/products', done);
}
function sheet(id: number, event: Event) {
    const file = (event.target as HTMLInputElement).files?.[0];
    if (file)
        router.post(
            `/settings/products/${id}/attachments`,
            { file, caption: 'Maker’s sheet' },
            {
                preserveScroll: true,
                forceFormData: true,
                onError: (e) => (wrong.value = e.file ?? ''),
                onSuccess: () => (wrong.value = ''),
            },
        );
}
</script>

<template>
    <Head title="Products" />
    <div class="page">
        <h1>Products</h1>
        <p class="quiet">
            Salts, foods, additives, media, cleaners: what each raises and lowers, and the card a technician reads at
            the step that opens it. <Link href="/settings/jobs">Job sheets</Link> say which step that is.
            <Link href="/settings">Settings</Link>
        </p>
        <FieldError :words="wrong" />
        <div v-if="products.length" class="tablebox" tabindex="0" role="region" aria-label="Products">
            <table class="plainer">
                <caption class="visually-hidden">
                    Products
                </caption>
                <thead>
                    <tr>
                        <th scope="col">Name</th>
                        <th scope="col">Kind</th>
                        <th scope="col">Raises</th>
                        <th scope="col">Lowers</th>
                        <th scope="col">Its card</th>
                        <th scope="col"><span class="visually-hidden">Do</span></th>
                    </tr>
                </thead>
                <tbody>
                    <tr v-for="p in products" :key="p.id">
                        <td>
                            <b>{{ p.name }}</b><br /><small class="quiet">{{
                                [p.card.contents, p.note].filter(Boolean).join(' · ')
                            }}</small>
                        </td>
                        <td>{{ p.kind }}</td>
                        <td>{{ p.raises || 'nothing' }}</td>
                        <td>{{ p.lowers || 'nothing' }}</td>
                        <td>
                            <template v-if="p.card.instructions">{{ p.card.instructions }}<br /></template
                            ><small v-for="c in p.card.cautions" :key="c" class="quiet">▲ {{ c }}<br /></small
                            ><small v-if="p.card.openDays" class="quiet"
                                >keeps {{ p.card.openDays }} days once opened<br /></small
                            ><a v-if="p.card.sheetId" :href="`/attachments/${p.card.sheetId}`">maker’s sheet</a
                            ><span v-else-if="!p.card.instructions" class="quiet">none yet</span>
                        </td>
                        <td>
                            <button type="button" class="linkish" @click="edit(p)">change</button> ·
                            <label class="linkish"
                                >sheet<input
                                    type="file"
                                    class="visually-hidden"
                                    accept="application/pdf,image/jpeg,image/png,image/webp"
                                    :aria-label="`Maker’s sheet of ${p.name}`"
                                    @change="sheet(p.id, $event)"
                            /></label>
                            ·
                            <button
                                type="button"
                                class="linkish"
                                @click="router.post(`/settings/products/${p.id}/archive`, {}, { preserveScroll: true })"
                            >
                                archive
                            </button>
                        </td>
                    </tr>
                </tbody>
            </table>
        </div>
        <div v-else class="empty">
            <h2>None yet</h2>
            <p>Begin with the food most of your tanks get: it raises nitrate and phosphate.</p>
        </div>
        <h2>{{ editing ? 'Change it' : 'Another one' }}</h2>
        <form class="form" @submit.prevent="keep">
            <div>
                <label for="p1">Name</label
                ><input id="p1" v-model="form.name" type="text" maxlength="120" data-new required /><FieldError
                    :words="form.errors.name"
                />
            </div>
            <div>
                <label for="p2">Kind</label
                ><select id="p2" v-model="form.kind">
                    <option v-for="(label, key) in kinds" :key="key" :value="key">{{ label }}</option>
                </select>
            </div>
            <div>
                <label for="p3">Raises</label
                ><select id="p3" v-model="form.raises" multiple size="5">
                    <option v-for="(label, key) in parameters" :key="key" :value="key">{{ label }}</option>
                </select>
            </div>
            <div>
                <label for="p4">Lowers</label
                ><select id="p4" v-model="form.lowers" multiple size="5">
                    <option v-for="(label, key) in parameters" :key="key" :value="key">{{ label }}</option>
                </select>
            </div>
            <div class="wide">
                <label for="p6">How to use it, in our own words</label
                ><textarea id="p6" v-model="form.instructions" rows="3" maxlength="1000"></textarea
                ><FieldError :words="form.errors.instructions" />
            </div>
            <div class="wide">
                <label for="p7">Cautions, one a line</label
                ><textarea id="p7" v-model="form.cautions" rows="2" maxlength="500"></textarea
                ><FieldError :words="form.errors.cautions" />
            </div>
            <div>
                <label for="p8">What is in it</label
                ><input
                    id="p8"
                    v-model="form.contents"
                    type="text"
                    maxlength="160"
                    placeholder="25 g sachets"
                /><FieldError :words="form.errors.contents" />
            </div>
            <div>
                <label for="p9">Packets in a pack</label
                ><input id="p9" v-model.number="form.packets" type="number" min="1" /><FieldError
                    :words="form.errors.packets"
                />
            </div>
            <div>
                <label for="p10">Keeps once opened, days</label
                ><input id="p10" v-model.number="form.open_days" type="number" min="1" /><FieldError
                    :words="form.errors.open_days"
                />
            </div>
            <div class="wide">
                <label for="p11">What it does in the tank</label
                ><input id="p11" v-model="form.effect" type="text" maxlength="300" /><FieldError
                    :words="form.errors.effect"
                />
            </div>
            <div class="wide">
                <label for="p5">Note</label><input id="p5" v-model="form.note" type="text" maxlength="300" />
            </div>
            <div>
                <button class="btn-go" :disabled="form.processing">{{ editing ? 'Keep' : 'Add it' }}</button>
                <button v-if="editing" type="button" class="plain" @click="leave">leave it</button>
            </div>
        </form>
    </div>
</template>
