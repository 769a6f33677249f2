<script setup lang="ts">
import type { FigureView } from '../generated';
import { openWorking } from './working';

defineProps<{ figures: FigureView[]; title: string }>();

function onKey(event: KeyboardEvent, figure: FigureView) {
    if (event.key === 'w' && figure.working) openWorking.value = figure.working;
}
</script>

<template>
    <table class="figures">
        <caption>
            {{
                title
            }}
        </caption>
        <tbody>
            <tr v-for="figure in figures" :key="figure.key" :class="{ waits: figure.text === null }">
                <th scope="row">{{ figure.label }}</th>
                <td class="num">
                    <button
                        v-if="figure.text !== null && figure.working"
                        type="button"
                        class="number"
                        :class="{ assumed: figure.assumed }"
                        :title="`rests on: ${figure.basis}. Show the working (w)`"
                        @click="openWorking = figure.working"
                        @keydown="onKey($event, figure)"
                    >
                        {{ figure.text }}
                    </button>
                    <span v-else-if="figure.text !== null" class="number" :class="{ assumed: figure.assumed }">{{
                        figure.text
                    }}</span>
                    <span v-else class="needs">needs</span>
                </td>
                <td class="why">{{ figure.text === null ? figure.needs.join(', ') : figure.note }}</td>
            </tr>
        </tbody>
    </table>
</template>
