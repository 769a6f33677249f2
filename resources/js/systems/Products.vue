<script setup lang="ts">
import { Head, Link, router, useForm } from '@inertiajs/vue3';
import type { ProductView } from '../generated';
import FieldError from '../shared/FieldError.vue';

defineProps<{ products: ProductView[]; kinds: Record<string, string>; parameters: Record<string, string> }>();
const form = useForm<{ name: string; kind: string; raises: string[]; lowers: string[]; note: string }>({ name: '', kind: 'food', raises: [], lowers: [], note: '' });
</script>

<template>
    <Head title="Products" />
    <div class="page">
        <h1>Products</h1>
        <p class="quiet">Salts, foods, additives, media, cleaners: what each raises and lowers. In use on a system, it counts as an input there. <Link href="/settings">Settings</Link></p>
        <table v-if="products.length" class="plainer">
            <caption class="visually-hidden">Products</caption>
            <thead><tr><th scope="col">Name</th><th scope="col">Kind</th><th scope="col">Raises</th><th scope="col">Lowers</th><th scope="col">Note</th><th scope="col"><span class="visually-hidden">Do</span></th></tr></thead>
            <tbody><tr v-for="p in products" :key="p.id"><td><b>{{ p.name }}</b></td><td>{{ p.kind }}</td><td>{{ p.raises || 'nothing' }}</td><td>{{ p.lowers || 'nothing' }}</td><td class="quiet">{{ p.note }}</td><td><button type="button" class="linkish" @click="router.post(`/settings/products/${p.id}/archive`, {}, { preserveScroll: true })">archive</button></td></tr></tbody>
        </table>
        <div v-else class="empty"><h2>None yet</h2><p>Begin with the food most of your tanks get: it raises nitrate and phosphate.</p></div>
        <h2>Another one</h2>
        <form class="form" @submit.prevent="form.post('/settings/products', { preserveScroll: true, onSuccess: () => form.reset() })">
            <div><label for="p1">Name</label><input id="p1" v-model="form.name" type="text" maxlength="120" data-new required><FieldError :words="form.errors.name" /></div>
            <div><label for="p2">Kind</label><select id="p2" v-model="form.kind"><option v-for="(label, key) in kinds" :key="key" :value="key">{{ label }}</option></select></div>
            <div><label for="p3">Raises</label><select id="p3" v-model="form.raises" multiple size="5"><option v-for="(label, key) in parameters" :key="key" :value="key">{{ label }}</option></select></div>
            <div><label for="p4">Lowers</label><select id="p4" v-model="form.lowers" multiple size="5"><option v-for="(label, key) in parameters" :key="key" :value="key">{{ label }}</option></select></div>
            <div class="wide"><label for="p5">Note</label><input id="p5" v-model="form.note" type="text" maxlength="300"></div>
            <div><button class="btn-go" :disabled="form.processing">Add it</button></div>
        </form>
    </div>
</template>
