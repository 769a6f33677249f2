<script setup lang="ts">
import NumberCell from '../control/NumberCell.vue';
import { usePlanDesk } from './planDesk';

/** The truck’s bed and axles. */
const { put, num } = usePlanDesk();
</script>

<template>
    <section>
        <h2>The truck</h2>
        <div class="cells">
            <NumberCell
                v-for="[key, label, kind] in [
                    ['lengthMm', 'Bed, long', 'mm'],
                    ['widthMm', 'wide', 'mm'],
                    ['heightMm', 'high', 'mm'],
                    ['payloadKg', 'May carry', 'kg'],
                    ['crewKg', 'Crew in it', 'kg'],
                    ['wheelbaseMm', 'Wheelbase', 'mm'],
                    ['bulkheadMm', 'Bed behind the front axle', 'mm'],
                    ['emptyFrontKg', 'Empty, front axle', 'kg'],
                    ['emptyRearKg', 'Empty, rear axle', 'kg'],
                    ['frontMostKg', 'Front axle bears', 'kg'],
                    ['rearMostKg', 'Rear axle bears', 'kg'],
                ] as [string, string, string][]"
                :id="`k-${key}`"
                :key="key"
                :model-value="num('truck', key)"
                :label="label"
                :kind="kind"
                optional
                @update:model-value="put('truck', key, $event)"
            />
        </div>
    </section>
</template>
