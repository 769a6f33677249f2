<script setup lang="ts">
import { computed, reactive, ref } from 'vue';
import type { TableSpecView } from '../generated';
import type { Row } from './draft';
import { useUnits } from './units';

/** Any table of a plan: rows added, typed and taken out, each cell in the reader's unit, faults named beneath. */
const props = defineProps<{
    table: string;
    spec: TableSpecView;
    errors: Record<string, string>;
    readonly: boolean;
    caption: string;
    /** What the button says before the first row. */
    first: string;
    /** What is said of a row, under it or in a last column with this head. */
    said?: (row: number) => { words: string; bad?: boolean } | undefined;
    beside?: string;
    /** How a new row begins. */
    start?: (last: Row | undefined) => Row;
    /** Columns that stand elsewhere, or the name where it says nothing. */
    without?: string[];
    /** Words offered in a column of free words. */
    offers?: Record<string, string[]>;
}>();
const rows = defineModel<Row[]>('rows', { required: true });
const emit = defineEmits<{ change: [] }>();
const units = useUnits();
const columns = computed(() => props.spec.columns.filter((c) => !props.without?.includes(c.key)));
const named = computed(() => !props.without?.includes('name'));
const word = computed(() => props.spec.word[0].toUpperCase() + props.spec.word.slice(1));
const firstWrong = computed(() =>
    Object.entries(props.errors).find(([k]) => k === props.table || k.startsWith(`${props.table}.`)),
);
const head = (c: TableSpecView['columns'][number]) =>
    c.kind && units.label(c.kind) ? `${c.head}, ${units.label(c.kind)}` : c.head;
const text = (value: Row[string], kind: string) => (typeof value === 'number' ? units.typed(value, kind) : '');
/** The cell under the hand as it is typed: an answer that arrives meanwhile must not take it away. */
const hand = ref<{ at: string; text: string } | null>(null);
/** What is no number stays in its cell, and changes nothing. */
const unread = reactive<Record<string, string>>({});
const at = (i: number, key: string) => `${props.table}.${i}.${key}`;
const shown = (row: Row, i: number, key: string, kind: string) =>
    hand.value?.at === at(i, key) ? hand.value.text : (unread[at(i, key)] ?? text(row[key], kind));
function hold(i: number, key: string, event: Event) {
    hand.value = { at: at(i, key), text: (event.target as HTMLInputElement).value };
}
function type(row: Row, i: number, key: string, kind: string, event: Event) {
    const typed = (event.target as HTMLInputElement).value;
    const number = typed.trim() === '' ? null : units.parse(typed, kind);
    if (number === null && typed.trim() !== '') {
        unread[at(i, key)] = typed;
        return;
    }
    delete unread[at(i, key)];
    row[key] = number;
    emit('change');
}
function add() {
    const blank: Row = { name: '' };
    for (const c of props.spec.columns)
        blank[c.key] = c.flag
            ? false
            : c.letters
              ? ''
              : c.kind
                ? null
                : c.otherwise
                  ? ''
                  : (Object.keys(c.choices)[0] ?? '');
    rows.value.push({ ...blank, ...props.start?.(rows.value[rows.value.length - 1]) });
    emit('change');
}
function drop(i: number) {
    rows.value.splice(i, 1);
    for (const key of Object.keys(unread)) delete unread[key];
    emit('change');
}
</script>

<template>
    <div v-if="rows.length" class="tablebox" tabindex="0" role="region" :aria-label="caption">
        <table class="plainer lamps" :class="{ named }">
            <caption class="visually-hidden">
                {{
                    caption
                }}
            </caption>
            <thead>
                <tr>
                    <th v-if="named" scope="col">{{ word }}</th>
                    <th v-for="c in columns" :key="c.key" scope="col" :class="{ num: c.kind }">{{ head(c) }}</th>
                    <th v-if="beside" scope="col">{{ beside }}</th>
                    <th scope="col"><span class="visually-hidden">Do</span></th>
                </tr>
            </thead>
            <tbody>
                <template v-for="(row, i) in rows" :key="i"
                    ><tr :class="{ upper: said?.(i) && !beside }">
                        <td v-if="named">
                            <input
                                v-model="row.name"
                                class="cell"
                                type="text"
                                maxlength="60"
                                :placeholder="`${spec.word} ${i + 1}`"
                                :aria-label="`${word} ${i + 1}: name`"
                                :readonly="readonly"
                                @input="emit('change')"
                            />
                        </td>
                        <td v-for="c in columns" :key="c.key">
                            <input
                                v-if="c.flag"
                                v-model="row[c.key]"
                                type="checkbox"
                                :aria-label="`${word} ${i + 1}: ${c.label}`"
                                :disabled="readonly"
                                @change="emit('change')"
                            />
                            <input
                                v-else-if="c.letters"
                                v-model="row[c.key]"
                                class="cell"
                                type="text"
                                :maxlength="c.letters"
                                :list="offers?.[c.key] ? `${table}-${c.key}` : undefined"
                                :placeholder="c.otherwise"
                                :aria-label="`${word} ${i + 1}: ${c.label}`"
                                :aria-invalid="!!errors[`${table}.${i}.${c.key}`]"
                                :readonly="readonly"
                                @input="emit('change')"
                            />
                            <select
                                v-else-if="!c.kind"
                                v-model="row[c.key]"
                                class="cell"
                                :aria-label="`${word} ${i + 1}: ${c.label}`"
                                :disabled="readonly"
                                @change="emit('change')"
                            >
                                <option v-if="c.otherwise" value="">{{ c.otherwise }}</option>
                                <option v-for="(words, value) in c.choices" :key="value" :value="value">
                                    {{ words }}
                                </option>
                            </select>
                            <input
                                v-else
                                class="cell num"
                                type="text"
                                inputmode="decimal"
                                :value="shown(row, i, c.key, c.kind)"
                                :placeholder="c.otherwise"
                                :aria-label="`${word} ${i + 1}: ${c.label}`"
                                :aria-invalid="!!errors[at(i, c.key)] || !!unread[at(i, c.key)]"
                                :readonly="readonly"
                                @focus="hold(i, c.key, $event)"
                                @input="hold(i, c.key, $event)"
                                @change="type(row, i, c.key, c.kind, $event)"
                                @blur="hand = null"
                            />
                        </td>
                        <td v-if="beside" class="quiet" :class="{ wrong: said?.(i)?.bad }">
                            {{ said?.(i)?.words ?? '' }}
                        </td>
                        <td>
                            <button
                                v-if="!readonly"
                                type="button"
                                class="linkish"
                                :aria-label="`Take ${spec.word} ${i + 1} out`"
                                @click="drop(i)"
                            >
                                ✕
                            </button>
                        </td>
                    </tr>
                    <tr v-if="said?.(i) && !beside">
                        <td :colspan="columns.length + 2" class="quiet" :class="{ wrong: said(i)?.bad }">
                            {{ said(i)?.words }}
                        </td>
                    </tr></template
                >
            </tbody>
        </table>
    </div>
    <datalist v-for="(list, key) in offers" :id="`${table}-${key}`" :key="key">
        <option v-for="o in list" :key="o" :value="o" />
    </datalist>
    <p v-for="(typed, key) in unread" :key="key" class="wrong" role="alert">
        “{{ typed }}” is no number: what stood there before still counts.
    </p>
    <p v-if="firstWrong" class="wrong" role="alert">{{ firstWrong[1] }}</p>
    <button v-if="!readonly && rows.length < spec.most" type="button" class="linkish" @click="add">
        {{ rows.length ? `one more ${spec.word}` : first }}
    </button>
</template>
