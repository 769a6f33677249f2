<script setup lang="ts">
import { USUAL_BOX, freshId, type AnimalDoc, type MoveProps } from './move';
import NumberIn from './NumberIn.vue';
import RowTable from './RowTable.vue';
import { checked, word, usePlanDesk } from './planDesk';

/** Who rides, and in which box. */
const props = defineProps<{ boxing: MoveProps['boxing'] }>();
const { doc, change, locked, set } = usePlanDesk();
function addAnimal(coral: boolean) {
    const row: AnimalDoc = { id: freshId('a', doc.value.animals), label: '', count: 1, coral, box: null };
    set('animals', [...doc.value.animals, row]);
}
/** As few boxes as may be: those there are first, as many more of the first one’s size as it takes. */
function putIntoBoxes() {
    const proposed = props.boxing?.boxes ?? [];
    const boxes = [...doc.value.boxes];
    const like = boxes[0] ?? USUAL_BOX;
    while (boxes.length < proposed.length)
        boxes.push({ ...like, id: freshId('b', boxes), label: `box ${boxes.length + 1}` });
    const box = (id: string) => boxes[proposed.findIndex((in_) => in_.includes(id))]?.id ?? null;
    change({ ...doc.value, boxes, animals: doc.value.animals.map((a) => ({ ...a, box: box(a.id) })) });
}
const nameOf = (id: string) => doc.value.animals.find((a) => a.id === id)?.label || 'one without a name';
</script>

<template>
    <section>
        <h2>Animals</h2>
        <RowTable
            :rows="doc.animals"
            what="animals"
            add="Add fish"
            :heads="['What', 'How many', 'Length or across, cm', 'It is', 'Box', 'Over in, min']"
            :readonly="locked"
            @add="addAnimal(false)"
            @change="set('animals', $event)"
        >
            <template #default="{ row, n, set: setRow }">
                <td>
                    <input
                        class="cell"
                        type="text"
                        maxlength="80"
                        :aria-label="`animal ${n + 1}`"
                        :value="row.label"
                        @change="setRow({ ...row, label: word($event) })"
                    />
                </td>
                <td>
                    <NumberIn
                        :value="row.count"
                        :label="`how many of animal ${n + 1}`"
                        @change="setRow({ ...row, count: $event === null ? null : Math.round($event) })"
                    />
                </td>
                <td>
                    <NumberIn
                        :value="row.lengthCm"
                        :label="row.coral ? `animal ${n + 1} is so far across, cm` : `length of animal ${n + 1}, cm`"
                        @change="setRow({ ...row, lengthCm: $event })"
                    />
                    <small v-if="row.coral" class="quiet">coral</small>
                </td>
                <td class="ticks">
                    <label
                        v-for="[key, label] in (row.coral
                            ? [
                                  ['glued', 'glued'],
                                  ['fleshy', 'large flesh'],
                                  ['toxic', 'zoanthid'],
                              ]
                            : [
                                  ['deep', 'deep'],
                                  ['alone', 'alone'],
                                  ['toxic', 'toxic'],
                              ]) as ['glued' | 'fleshy' | 'toxic' | 'deep' | 'alone', string][]"
                        :key="key"
                        class="check"
                        ><input
                            type="checkbox"
                            :checked="row[key] === true"
                            @change="setRow({ ...row, [key]: checked($event) })"
                        />
                        {{ label }}</label
                    >
                </td>
                <td>
                    <select
                        class="cell"
                        :aria-label="`box of animal ${n + 1}`"
                        :value="row.box ?? ''"
                        @change="setRow({ ...row, box: word($event) || null })"
                    >
                        <option value="">no box yet</option>
                        <option v-for="b in doc.boxes" :key="b.id" :value="b.id">{{ b.label }}</option>
                    </select>
                </td>
                <td>
                    <NumberIn
                        :value="row.acclimationMin"
                        :label="`animal ${n + 1} is brought over in, min; left open, as the waters say`"
                        @change="setRow({ ...row, acclimationMin: $event })"
                    />
                </td>
            </template>
        </RowTable>
        <p v-if="!locked">
            <button type="button" class="outline" @click="addAnimal(true)">Add corals</button>
            <button v-if="boxing?.boxes.length" type="button" class="outline" @click="putIntoBoxes">
                Put them into {{ boxing.boxes.length }}
                {{ boxing.boxes.length === 1 ? 'box' : 'boxes' }}
            </button>
            <small v-if="boxing?.proven" class="quiet"> no fewer will do</small>
        </p>
        <p v-if="boxing?.left.length" class="wrong">
            Into no box of that size, or not measured: {{ boxing.left.map(nameOf).join(', ') }}
        </p>
    </section>
</template>
