<script setup lang="ts">
import { BModal } from 'bootstrap-vue-next';
import { computed, onBeforeUnmount, onMounted } from 'vue';
import { openWorking } from './working';

const shown = computed({
    get: () => openWorking.value !== null,
    set: (on) => {
        if (!on) openWorking.value = null;
    },
});
function onKey(event: KeyboardEvent) {
    if (event.key === 'Escape') openWorking.value = null;
}
onMounted(() => window.addEventListener('keydown', onKey));
onBeforeUnmount(() => window.removeEventListener('keydown', onKey));
</script>

<template>
    <BModal
        v-model="shown"
        :title="openWorking?.title ?? ''"
        no-footer
        lazy
        centered
        scrollable
        header-close-label="Close"
    >
        <template v-if="openWorking">
            <p class="formula">
                <span>{{ openWorking.formula }}</span> = <b>{{ openWorking.result }}</b><template
                    v-if="openWorking.result !== openWorking.shownResult"
                >
                    = <b>{{ openWorking.shownResult }}</b></template
                >
            </p>
            <table class="plainer">
                <caption class="visually-hidden">
                    What goes into it
                </caption>
                <thead>
                    <tr>
                        <th scope="col">Sign</th>
                        <th scope="col">What it is</th>
                        <th scope="col" class="num">Value</th>
                        <th scope="col">Where from</th>
                    </tr>
                </thead>
                <tbody>
                    <tr v-for="input in openWorking.inputs" :key="input.symbol">
                        <td>
                            <b>{{ input.symbol }}</b>
                        </td>
                        <td>{{ input.label }}</td>
                        <td class="num">{{ input.value }}</td>
                        <td :class="{ assumed: input.assumed }">{{ input.basis }}</td>
                    </tr>
                </tbody>
            </table>
            <p class="source">{{ openWorking.source }}</p>
        </template>
    </BModal>
</template>
