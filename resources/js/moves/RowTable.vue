<script setup lang="ts" generic="R extends { id: string }">
/** Rows somebody writes: one line each, a way to add one and to take one out. */
const props = defineProps<{ rows: R[]; what: string; add: string; heads: string[]; readonly: boolean }>();
const emit = defineEmits<{ add: []; change: [rows: R[]] }>();
function without(id: string) {
    emit(
        'change',
        props.rows.filter((r) => r.id !== id),
    );
}
function set(row: R) {
    emit(
        'change',
        props.rows.map((r) => (r.id === row.id ? row : r)),
    );
}
</script>

<template>
    <div class="tablebox" tabindex="0" role="region" :aria-label="what">
        <table v-if="rows.length" class="plainer rowtable">
            <thead>
                <tr>
                    <th v-for="h in heads" :key="h" scope="col">{{ h }}</th>
                    <th v-if="!readonly" scope="col"><span class="visually-hidden">Do</span></th>
                </tr>
            </thead>
            <tbody>
                <tr v-for="(row, n) in rows" :key="row.id">
                    <slot :row="row" :n="n" :set="set" />
                    <td v-if="!readonly">
                        <button
                            type="button"
                            class="linkish"
                            :aria-label="`take out row ${n + 1} of ${what}`"
                            @click="without(row.id)"
                        >
                            out
                        </button>
                    </td>
                </tr>
            </tbody>
        </table>
    </div>
    <p v-if="!readonly">
        <button type="button" class="outline" @click="emit('add')">{{ add }}</button>
    </p>
</template>
