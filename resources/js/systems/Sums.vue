<script setup lang="ts">
import { Link, router } from '@inertiajs/vue3';
import { reactive, ref } from 'vue';
import type { SumFieldView, SumLineView, SystemHeaderView } from '../generated';
import FactField from '../shared/FactField.vue';
import { openWorking } from '../shared/working';
import SystemFrame from './SystemFrame.vue';

const props = defineProps<{
    header: SystemHeaderView;
    sums: Record<string, string>;
    chosen: string;
    why: string;
    fields: SumFieldView[];
    given: Record<string, string>;
    lines: SumLineView[];
    wrong: Record<string, string>;
    missing: string[];
}>();
const typed = reactive<Record<string, number | string | null>>(
    Object.fromEntries(
        props.fields.map((f) => [
            f.spec.key,
            props.given[f.spec.key] === undefined
                ? null
                : f.spec.kind
                  ? Number(props.given[f.spec.key])
                  : props.given[f.spec.key],
        ]),
    ),
);
const busy = ref(false);
let timer: number | undefined;
function change(key: string, value: number | string | null) {
    typed[key] = value;
    window.clearTimeout(timer);
    timer = window.setTimeout(
        () =>
            router.get(
                `/systems/${props.header.id}/sums/${props.chosen}`,
                Object.fromEntries(Object.entries(typed).filter(([, v]) => v !== null && v !== '')) as Record<
                    string,
                    string | number
                >,
                {
                    preserveState: true,
                    preserveScroll: true,
                    replace: true,
                    only: ['lines', 'wrong', 'missing', 'given'],
                    onStart: () => (busy.value = true),
                    onFinish: () => (busy.value = false),
                },
            ),
        250,
    );
}
function keepVolume(line: SumLineView) {
    router.post(
        `/systems/${props.header.id}/volume`,
        { measured_volume_l: line.value, measured_how: props.sums[props.chosen].toLowerCase() },
        { preserveScroll: true },
    );
}
</script>

<template>
    <SystemFrame :header="header" tab="sums">
        <nav class="tabs sub" aria-label="Which sum">
            <Link
                v-for="(title, key) in sums"
                :key="key"
                :href="`/systems/${header.id}/sums/${key}`"
                :class="{ on: key === chosen }"
                :aria-current="key === chosen ? 'page' : undefined"
                >{{ title }}</Link
            >
        </nav>
        <p class="quiet">{{ why }}</p>
        <div class="sum">
            <div class="facts">
                <FactField
                    v-for="f in fields"
                    :key="f.spec.key"
                    :spec="f.spec"
                    :value="typed[f.spec.key]"
                    :fallback="f.known"
                    fallback-from="record"
                    :error="wrong[f.spec.key]"
                    plain
                    @change="change(f.spec.key, $event)"
                />
            </div>
            <div class="answer" :class="{ stale: busy }" aria-live="polite">
                <h2>The answer</h2>
                <p v-if="missing.length" class="quiet">Still to say: {{ missing.join(', ') }}.</p>
                <p v-else-if="!lines.length" class="quiet">Put right what is marked.</p>
                <dl v-else>
                    <template v-for="line in lines" :key="line.key">
                        <dt>{{ line.label }}</dt>
                        <dd>
                            <button
                                v-if="line.working"
                                type="button"
                                class="number"
                                title="Show the working"
                                @click="openWorking = line.working"
                            >
                                {{ line.text }}</button><b v-else>{{ line.text }}</b
                            >{{ ' ' }} <small v-if="line.note">{{ line.note }}</small>{{ ' ' }}
                            <Link
                                v-if="line.key === 'salinity' && header.mayRecord"
                                class="outline"
                                :href="`/systems/${header.id}/readings?of=salinity&type=1&value=${line.value?.toFixed(1)}`"
                                >Write it down as a reading</Link
                            >
                            <button
                                v-if="line.key === 'measuredL' && header.mayUpdate"
                                type="button"
                                class="outline"
                                @click="keepVolume(line)"
                            >
                                Let this volume count
                            </button>
                        </dd>
                    </template>
                </dl>
            </div>
        </div>
    </SystemFrame>
</template>
