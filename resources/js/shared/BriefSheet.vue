<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import type { FactSpecView } from '../generated';
import FactField from './FactField.vue';
import LengthCell from './LengthCell.vue';
import type { BuildFacts } from './draft';

/** The facts of a build, in the order people know them. */
const props = defineProps<{
    sheet: FactSpecView[];
    groups: Record<string, string>;
    survey?: Record<string, number | string>;
    defaults: Record<string, number | string>;
    errors: Record<string, string>;
    readonly: boolean;
}>();
const draft = defineModel<BuildFacts>('draft', { required: true });
const emit = defineEmits<{ change: [] }>();

const word = (key: string) => String(draft.value.values[key] ?? props.survey?.[key] ?? props.defaults[key] ?? '');
const asked = (group: string) =>
    props.sheet.filter((s) => s.group === group && (!s.when || s.in.includes(word(s.when))));
const missing = (group: string) =>
    asked(group).filter(
        (s) =>
            draft.value.values[s.key] === undefined &&
            props.survey?.[s.key] === undefined &&
            props.defaults[s.key] === undefined,
    ).length;
const chambersWrong = computed(() => Object.entries(props.errors).find(([key]) => key.startsWith('chambers')));

function set(key: string, value: number | string | null) {
    if (value === null) {
        delete draft.value.values[key];
        delete draft.value.bases[key];
    } else {
        draft.value.values[key] = value;
        draft.value.bases[key] ??= source.value;
    }
    emit('change');
}
/**
 * What is typed from now on comes from there: said once, not at each field. A fact of which nobody says that is
 * assumed.
 */
const SOURCES: Record<string, string> = {
    assumed: 'assumed for now',
    measured: 'measured by me, here',
    recalled: 'told to me',
    rated: 'from a maker’s papers',
};
const STORE = 'velbrin-source';
const source = ref(window.sessionStorage.getItem(STORE) ?? 'assumed');
watch(source, (word) => window.sessionStorage.setItem(STORE, word));
function basis(key: string, word: string) {
    draft.value.bases[key] = word;
    emit('change');
}
function addChamber() {
    const rows = draft.value.chambers;
    if (!rows.length)
        rows.push(
            { name: 'Intake', lengthMm: null, baffleMm: null },
            { name: 'Return', lengthMm: null, baffleMm: null },
        );
    else rows.splice(rows.length - 1, 0, { name: 'Skimmer', lengthMm: null, baffleMm: null });
    emit('change');
}
function drop(i: number) {
    draft.value.chambers.splice(i, 1);
    if (draft.value.chambers.length === 1) draft.value.chambers.splice(0, 1);
    emit('change');
}
</script>

<template>
    <p v-if="!readonly" class="source">
        <label for="source">What I type now is</label>
        <select id="source" v-model="source">
            <option v-for="(words, key) in SOURCES" :key="key" :value="key">{{ words }}</option>
        </select>
    </p>
    <details v-for="(title, group) in groups" :key="group" :open="group === 'display'">
        <summary>
            {{ title }} <small>{{ missing(String(group)) ? `${missing(String(group))} missing` : 'known' }}</small>
        </summary>
        <FactField
            v-for="spec in asked(String(group))"
            :key="spec.key"
            :spec="spec"
            :value="draft.values[spec.key]"
            :basis="draft.bases[spec.key]"
            :fallback="survey?.[spec.key] ?? defaults[spec.key]"
            :fallback-from="survey?.[spec.key] !== undefined ? 'survey' : 'assumed'"
            :error="errors[spec.key]"
            :readonly="readonly"
            @change="(v) => set(spec.key, v)"
            @basis="(b) => basis(spec.key, b)"
        />
        <div v-if="group === 'sump'" class="fact given">
            <span id="chambers-label">Chambers in flow order</span>
            <table v-if="draft.chambers.length" class="chambers" aria-labelledby="chambers-label">
                <thead>
                    <tr>
                        <th scope="col">Name</th>
                        <th scope="col" class="num">Clear length</th>
                        <th scope="col" class="num">Baffle</th>
                        <th scope="col"><span class="visually-hidden">Do</span></th>
                    </tr>
                </thead>
                <tbody>
                    <tr v-for="(chamber, i) in draft.chambers" :key="i">
                        <td>
                            <input
                                v-model="chamber.name"
                                class="cell"
                                type="text"
                                :aria-label="`Chamber ${i + 1}: name`"
                                :readonly="readonly"
                                @input="emit('change')"
                            />
                        </td>
                        <template v-if="i < draft.chambers.length - 1">
                            <td>
                                <LengthCell
                                    :value="chamber.lengthMm"
                                    :label="`Chamber ${i + 1}: clear length`"
                                    :wrong="!!errors[`chambers.${i}.lengthMm`]"
                                    :readonly="readonly"
                                    @change="
                                        (v) => {
                                            chamber.lengthMm = v;
                                            emit('change');
                                        }
                                    "
                                />
                            </td>
                            <td>
                                <LengthCell
                                    :value="chamber.baffleMm"
                                    :label="`Chamber ${i + 1}: baffle`"
                                    :wrong="!!errors[`chambers.${i}.baffleMm`]"
                                    :readonly="readonly"
                                    @change="
                                        (v) => {
                                            chamber.baffleMm = v;
                                            emit('change');
                                        }
                                    "
                                />
                            </td>
                            <td>
                                <button
                                    v-if="!readonly"
                                    type="button"
                                    class="linkish"
                                    :aria-label="`Take chamber ${i + 1} out`"
                                    @click="drop(i)"
                                >
                                    ✕
                                </button>
                            </td>
                        </template>
                        <td v-else colspan="3" class="quiet">takes the rest</td>
                    </tr>
                </tbody>
            </table>
            <p v-else class="quiet">One open sump, no chambers.</p>
            <p v-if="chambersWrong" class="wrong" role="alert">{{ chambersWrong[1] }}</p>
            <button v-if="!readonly && draft.chambers.length < 6" type="button" class="linkish" @click="addChamber">
                {{ draft.chambers.length ? 'one more chamber' : 'divide it into chambers' }}
            </button>
        </div>
    </details>
</template>
