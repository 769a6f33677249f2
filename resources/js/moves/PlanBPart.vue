<script setup lang="ts">
import { BFormInput } from 'bootstrap-vue-next';
import NumberCell from '../control/NumberCell.vue';
import { usePlanDesk } from './planDesk';

/** What happens when it does not go on, and who has said yes to that. */
defineProps<{ drives: boolean }>();
const { put, of, num, locked } = usePlanDesk();
const text = (key: string) => (of('planB', key) ?? '') as string;
const day = (key: string, value: unknown) => put('planB', key, value || null);
</script>

<template>
    <section>
        <h2>If it does not go on</h2>
        <p class="quiet">
            A crack, frost, a truck that does not come: then the animals stay in the holding. Whoever they belong to
            says yes to that before a date is promised.
        </p>
        <div class="cells">
            <NumberCell
                id="pb-d"
                :model-value="num('planB', 'days')"
                label="They may stay"
                unit="days"
                optional
                @update:model-value="put('planB', 'days', $event)"
            />
            <label class="numbercell" for="pb-w"
                ><span>Agreed by</span>
                <BFormInput
                    id="pb-w"
                    :model-value="text('agreedBy')"
                    :disabled="locked"
                    class="cell"
                    maxlength="80"
                    lazy
                    @update:model-value="day('agreedBy', $event)"
            /></label>
            <label class="numbercell" for="pb-o"
                ><span>on</span>
                <BFormInput
                    id="pb-o"
                    :model-value="text('agreedOn')"
                    :disabled="locked"
                    class="cell"
                    type="date"
                    @update:model-value="day('agreedOn', $event)"
            /></label>
            <label v-if="drives" class="numbercell" for="pb-n"
                ><span>Another day kept for it</span>
                <BFormInput
                    id="pb-n"
                    :model-value="text('otherDay')"
                    :disabled="locked"
                    class="cell"
                    type="date"
                    @update:model-value="day('otherDay', $event)"
            /></label>
        </div>
    </section>
</template>
