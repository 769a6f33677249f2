<script setup lang="ts">
import { router } from '@inertiajs/vue3';
import { ref } from 'vue';
import type { PassageView } from '../generated';
import FieldError from '../shared/FieldError.vue';
import LengthCell from '../shared/LengthCell.vue';

const props = defineProps<{ siteId: number; passages: PassageView[]; readonly: boolean }>();
const rows = ref<PassageView[]>(props.passages.map((p) => ({ ...p })));
const dirty = ref(false);
const wrong = ref<Record<string, string>>({});
function add() {
    rows.value.push({ name: '', widthMm: 0, heightMm: 0, corridorAMm: null, corridorBMm: null, outWidthMm: null, outHeightMm: null, carDepthMm: null });
    dirty.value = true;
}
function keep() {
    router.put(`/sites/${props.siteId}/passages`, { passages: rows.value.map((r) => ({ ...r })) }, { preserveScroll: true, onSuccess: () => { dirty.value = false; wrong.value = {}; }, onError: (e) => (wrong.value = e) });
}
</script>

<template>
    <h2>The way in</h2>
    <p class="quiet">Each door, stair turn and lift at its narrowest; where the way turns, both corridor widths. What is left once joinery, walls and ceiling are finished decides the way out. Plans check every large piece against them.</p>
    <div class="tablebox" tabindex="0" role="region" aria-label="The way in">
        <table class="chambers">
            <caption class="visually-hidden">The way in</caption>
            <thead><tr><th scope="col">Passage</th><th scope="col">Width</th><th scope="col">Height</th><th scope="col">Corridor before the turn</th><th scope="col">and after</th><th scope="col">Finished: width</th><th scope="col">height</th><th scope="col">Lift car, deep</th><th scope="col"><span class="visually-hidden">Do</span></th></tr></thead>
            <tbody>
                <tr v-for="(row, i) in rows" :key="i">
                    <td><input v-model="row.name" class="cell" type="text" :aria-label="`Passage ${i + 1}: name`" :readonly="readonly" @input="dirty = true"></td>
                    <td><LengthCell :value="row.widthMm" :label="`Passage ${i + 1}: width`" :readonly="readonly" @change="(v) => { row.widthMm = v ?? 0; dirty = true; }" /></td>
                    <td><LengthCell :value="row.heightMm" :label="`Passage ${i + 1}: height`" :readonly="readonly" @change="(v) => { row.heightMm = v ?? 0; dirty = true; }" /></td>
                    <td><LengthCell :value="row.corridorAMm" :label="`Passage ${i + 1}: corridor before the turn`" :readonly="readonly" @change="(v) => { row.corridorAMm = v; dirty = true; }" /></td>
                    <td><LengthCell :value="row.corridorBMm" :label="`Passage ${i + 1}: corridor after the turn`" :readonly="readonly" @change="(v) => { row.corridorBMm = v; dirty = true; }" /></td>
                    <td><LengthCell :value="row.outWidthMm" :label="`Passage ${i + 1}: width once everything is finished`" :readonly="readonly" @change="(v) => { row.outWidthMm = v; dirty = true; }" /></td>
                    <td><LengthCell :value="row.outHeightMm" :label="`Passage ${i + 1}: height once everything is finished`" :readonly="readonly" @change="(v) => { row.outHeightMm = v; dirty = true; }" /></td>
                    <td><LengthCell :value="row.carDepthMm" :label="`Passage ${i + 1}: depth of the lift car`" :readonly="readonly" @change="(v) => { row.carDepthMm = v; dirty = true; }" /></td>
                    <td><button v-if="!readonly" type="button" class="linkish" @click="rows.splice(i, 1); dirty = true">take out</button></td>
                </tr>
            </tbody>
        </table>
    </div>
    <FieldError :words="Object.values(wrong)[0]" />
    <p v-if="!readonly"><button type="button" class="linkish" @click="add">another passage</button> &nbsp; <button v-if="dirty" type="button" class="outline" @click="keep">Keep the way in</button></p>
</template>
