<script setup lang="ts">
import { Head, Link, router, useForm } from '@inertiajs/vue3';
import { ref } from 'vue';
import type { SupplierView } from '../generated';
import FieldError from '../shared/FieldError.vue';
import { date } from '../shared/units';

defineProps<{ suppliers: SupplierView[]; mayEdit: boolean }>();
const WORDS: [string, string, string][] = [
    ['contact', 'Whom to ask for', ''],
    ['phone', 'Telephone', ''],
    ['email', 'Mail', ''],
    ['makes', 'Made or makes', 'which components: tanks, stands, weirs'],
    ['note', 'Note', ''],
];
const blank = { name: '', contact: '', phone: '', email: '', makes: '', note: '' };
const form = useForm<Record<string, string>>({ ...blank });
const editing = ref<number | null>(null);
function edit(s: SupplierView | null) {
    Object.assign(form, {
        ...blank,
        ...(s === null
            ? {}
            : { name: s.name, ...Object.fromEntries(Object.entries(s.words).map(([k, v]) => [k, v ?? ''])) }),
    });
    form.clearErrors();
    editing.value = s?.id ?? 0;
}
function keep() {
    const done = { preserveScroll: true, onSuccess: () => (editing.value = null) };
    if (editing.value) form.put(`/settings/suppliers/${editing.value}`, done);
    else form.post('/settings/suppliers', done);
}
</script>

<template>
    <Head title="Suppliers" />
    <div class="page">
        <h1>Suppliers</h1>
        <p class="quiet">
            Days are counted from the orders of every build. A new name in an order comes into this list by itself.
            <Link href="/settings">Settings</Link>
        </p>
        <ul v-if="suppliers.length" class="list">
            <li v-for="s in suppliers" :key="s.id">
                <b>{{ s.name }}</b>
                <small v-if="s.days !== null"
                    >{{ s.days }} days in the mean, at most {{ s.longestDays }};
                    {{ s.late ? `${s.late} of ${s.count} late` : 'never late'
                    }}{{ s.notWhole ? `, ${s.notWhole} not whole` : '' }}</small
                ><small v-else>{{ s.count ? 'nothing has come yet' : 'nothing ordered yet' }}</small>
                <small v-if="s.words.makes">makes {{ s.words.makes }}</small>
                <small
                    >{{ [s.words.contact, s.words.phone].filter(Boolean).join(', ') }}
                    <a v-if="s.words.email" :href="`mailto:${s.words.email}`">{{ s.words.email }}</a></small
                >
                <small v-if="s.orders.length"
                    >{{ s.orders.length < s.count ? 'latest: ' : ''
                    }}<template v-for="(o, i) in s.orders" :key="i"
                        ><template v-if="i">, </template
                        ><Link :href="`/plan-versions/${o.versionId}`">{{ o.what }}</Link>
                        {{ o.out ? 'promised for' : 'came' }} {{ date(o.on) }}</template
                    ></small
                >
                <small v-if="s.words.note">{{ s.words.note }}</small>
                <template v-if="mayEdit"
                    ><button type="button" class="linkish" :aria-label="`Change ${s.name}`" @click="edit(s)">
                        change
                    </button>
                    <button
                        type="button"
                        class="linkish"
                        :aria-label="`Offer ${s.name} no more`"
                        @click="router.post(`/settings/suppliers/${s.id}/archive`, {}, { preserveScroll: true })"
                    >
                        offer no more
                    </button></template
                >
            </li>
        </ul>
        <div v-else class="empty">
            <h2>No supplier yet</h2>
            <p>Write one down, or write down an order: its supplier comes into this list.</p>
        </div>
        <p v-if="mayEdit && editing === null">
            <button type="button" class="outline" @click="edit(null)">One more supplier</button>
        </p>
        <form v-if="editing !== null" class="form" @submit.prevent="keep">
            <div>
                <label for="su0">Name</label
                ><input id="su0" v-model="form.name" type="text" maxlength="120" required /><FieldError
                    :words="form.errors.name"
                />
            </div>
            <div v-for="[key, label, hint] in WORDS" :key="key">
                <label :for="`su-${key}`">{{ label }}</label><input
                    :id="`su-${key}`"
                    v-model="form[key]"
                    :type="key === 'email' ? 'email' : key === 'phone' ? 'tel' : 'text'"
                    :placeholder="hint"
                /><FieldError :words="form.errors[key]" />
            </div>
            <div>
                <button class="btn-go" :disabled="form.processing">Keep</button>
                <button type="button" class="plain" @click="editing = null">leave it</button>
            </div>
        </form>
    </div>
</template>
