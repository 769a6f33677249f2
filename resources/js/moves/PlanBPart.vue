<script setup lang="ts">
import { BFormInput } from 'bootstrap-vue-next';
import { computed } from 'vue';
import NumberCell from '../control/NumberCell.vue';
import type { FindingView } from '../generated';
import { usePlanDesk } from './planDesk';

/** What happens when it does not go on, and who has said yes to that. */
const props = defineProps<{ drives: boolean; findings: FindingView[] }>();
const { doc, put, of, num, locked } = usePlanDesk();
const text = (key: string) => (of('planB', key) ?? '') as string;
const day = (key: string, value: unknown) => put('planB', key, value || null);
/** A holding that is not proved has none: it is the plan B of all others. */
const stops = computed(() => props.findings.filter((f) => f.severity === 'stop' && f.key !== 'move-holding'));
const said = computed(() => doc.value.planB?.stops ?? []);
const then = (key: string) => said.value.find((s) => s.stop === key)?.then ?? '';
const say = (key: string, words: unknown) =>
    put('planB', 'stops', [...said.value.filter((s) => s.stop !== key), { stop: key, then: String(words) || null }]);
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
        <template v-if="stops.length">
            <h3>If a Stop is still one on the day</h3>
            <label v-for="s in stops" :key="s.key" class="numbercell stopthen" :for="`pb-${s.key}`"
                ><span>{{ s.what }}: what then</span>
                <BFormInput
                    :id="`pb-${s.key}`"
                    :model-value="then(s.key)"
                    :disabled="locked"
                    class="cell"
                    maxlength="200"
                    lazy
                    @update:model-value="say(s.key, $event)"
            /></label>
        </template>
    </section>
</template>
