<script setup lang="ts">
import { computed } from 'vue';
import NumberIn from './NumberIn.vue';
import { usePlanDesk, word } from './planDesk';

/** In which vehicle a box or a piece rides, and as what number it comes off. */
const props = defineProps<{ rides?: string | null; cabin?: 'yes' | 'no'; leaves?: number | null; what: string }>();
const emit = defineEmits<{ change: [said: { rides: string | null; cabin: boolean }]; leaves: [n: number | null] }>();
const { doc } = usePlanDesk();
const vehicles = computed(() => [
    { id: 'truck', label: 'the truck' },
    ...(doc.value.vehicles ?? []).map((v) => ({ id: v.id, label: v.label || v.id })),
]);
const value = computed(() => (props.cabin === 'yes' ? 'cabin' : (props.rides ?? 'any')));
function choose(event: Event) {
    const said = word(event);
    emit('change', { rides: ['any', 'cabin'].includes(said) ? null : said, cabin: said === 'cabin' });
}
</script>

<template>
    <td>
        <select class="cell" :aria-label="`where ${what} rides`" :value="value" @change="choose">
            <option value="any">{{ vehicles.length > 1 ? 'where there is room' : 'load space' }}</option>
            <template v-if="vehicles.length > 1">
                <option v-for="v in vehicles" :key="v.id" :value="v.id">{{ v.label }}</option>
            </template>
            <option v-if="cabin !== undefined" value="cabin">cabin</option>
        </select>
    </td>
    <td>
        <NumberIn
            :value="leaves"
            :label="`${what} comes off as number`"
            @change="emit('leaves', $event === null ? null : Math.round($event))"
        />
    </td>
</template>
