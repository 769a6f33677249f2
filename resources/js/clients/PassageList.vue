<script setup lang="ts">
import { ref } from 'vue';
import type { PassageView } from '../generated';
import FieldError from '../shared/FieldError.vue';
import KeepLine from '../shared/KeepLine.vue';
import LengthCell from '../shared/LengthCell.vue';
import { useSelfKeeping } from '../shared/selfKeeping';

const props = defineProps<{ siteId: number; passages: PassageView[]; stamp: string; readonly: boolean }>();
const rows = ref<PassageView[]>(props.passages.map((p) => ({ ...p })));
interface Way {
    passages: PassageView[];
}
/** The way in keeps itself; a row without a name and a size is still being written. */
const keeping = useSelfKeeping<Way>({
    key: `passages-${props.siteId}`,
    url: `/sites/${props.siteId}/passages`,
    data: () => ({ passages: rows.value.filter((r) => r.name || r.widthMm || r.heightMm).map((r) => ({ ...r })) }),
    stamp: () => props.stamp,
    only: ['view'],
});
const earlier = keeping.left();
if (earlier && !props.readonly) {
    rows.value = earlier.passages;
    keeping.touch();
}
function add() {
    rows.value.push({
        name: '',
        widthMm: 0,
        heightMm: 0,
        corridorAMm: null,
        corridorBMm: null,
        outWidthMm: null,
        outHeightMm: null,
        carDepthMm: null,
    });
}
function touch() {
    // A new row is sent when it says enough; until then it stands on this page.
    if (rows.value.every((r) => (r.name && r.widthMm && r.heightMm) || (!r.name && !r.widthMm && !r.heightMm)))
        keeping.touch();
}
</script>

<template>
    <h2>The way in</h2>
    <p class="quiet">
        Each door, stair turn and lift at its narrowest; where the way turns, both corridor widths. What is left once
        joinery, walls and ceiling are finished decides the way out. Plans check every large piece against them.
    </p>
    <div class="tablebox" tabindex="0" role="region" aria-label="The way in">
        <table class="chambers">
            <caption class="visually-hidden">
                The way in
            </caption>
            <thead>
                <tr>
                    <th scope="col">Passage</th>
                    <th scope="col">Width</th>
                    <th scope="col">Height</th>
                    <th scope="col">Corridor before the turn</th>
                    <th scope="col">and after</th>
                    <th scope="col">Finished: width</th>
                    <th scope="col">height</th>
                    <th scope="col">Lift car, deep</th>
                    <th scope="col"><span class="visually-hidden">Do</span></th>
                </tr>
            </thead>
            <tbody>
                <tr v-for="(row, i) in rows" :key="i">
                    <td>
                        <input
                            v-model="row.name"
                            class="cell"
                            type="text"
                            :aria-label="`Passage ${i + 1}: name`"
                            :readonly="readonly"
                            @input="touch()"
                        />
                    </td>
                    <td>
                        <LengthCell
                            :value="row.widthMm"
                            :label="`Passage ${i + 1}: width`"
                            :readonly="readonly"
                            @change="
                                (v) => {
                                    row.widthMm = v ?? 0;
                                    touch();
                                }
                            "
                        />
                    </td>
                    <td>
                        <LengthCell
                            :value="row.heightMm"
                            :label="`Passage ${i + 1}: height`"
                            :readonly="readonly"
                            @change="
                                (v) => {
                                    row.heightMm = v ?? 0;
                                    touch();
                                }
                            "
                        />
                    </td>
                    <td>
                        <LengthCell
                            :value="row.corridorAMm"
                            :label="`Passage ${i + 1}: corridor before the turn`"
                            :readonly="readonly"
                            @change="
                                (v) => {
                                    row.corridorAMm = v;
                                    touch();
                                }
                            "
                        />
                    </td>
                    <td>
                        <LengthCell
                            :value="row.corridorBMm"
                            :label="`Passage ${i + 1}: corridor after the turn`"
                            :readonly="readonly"
                            @change="
                                (v) => {
                                    row.corridorBMm = v;
                                    touch();
                                }
                            "
                        />
                    </td>
                    <td>
                        <LengthCell
                            :value="row.outWidthMm"
                            :label="`Passage ${i + 1}: width once everything is finished`"
                            :readonly="readonly"
                            @change="
                                (v) => {
                                    row.outWidthMm = v;
                                    touch();
                                }
                            "
                        />
                    </td>
                    <td>
                        <LengthCell
                            :value="row.outHeightMm"
                            :label="`Passage ${i + 1}: height once everything is finished`"
                            :readonly="readonly"
                            @change="
                                (v) => {
                                    row.outHeightMm = v;
                                    touch();
                                }
                            "
                        />
                    </td>
                    <td>
                        <LengthCell
                            :value="row.carDepthMm"
                            :label="`Passage ${i + 1}: depth of the lift car`"
                            :readonly="readonly"
                            @change="
                                (v) => {
                                    row.carDepthMm = v;
                                    touch();
                                }
                            "
                        />
                    </td>
                    <td>
                        <button
                            v-if="!readonly"
                            type="button"
                            class="linkish"
                            @click="
                                rows.splice(i, 1);
                                touch();
                            "
                        >
                            take out
                        </button>
                    </td>
                </tr>
            </tbody>
        </table>
    </div>
    <FieldError :words="Object.entries(keeping.errors.value).find(([key]) => key !== 'stamp')?.[1]" />
    <p v-if="!readonly"><button type="button" class="linkish" @click="add">another passage</button></p>
    <KeepLine
        v-if="!readonly"
        :state="keeping.state.value"
        :conflict="keeping.errors.value.stamp"
        @mine="keeping.keepMine"
        @theirs="keeping.takeTheirs"
    />
</template>
