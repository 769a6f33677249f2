<script setup lang="ts">
import { Head, Link, router } from '@inertiajs/vue3';
import { reactive, ref } from 'vue';
import type { HouseLimitView } from '../generated';
import { useUnits } from '../shared/units';

/** Limits of the house: the usual one, or the company's own with its reason. */
const props = defineProps<{ limits: HouseLimitView[] }>();
const units = useUnits();
const typed = reactive<Record<string, { value: string; reason: string }>>(
    Object.fromEntries(
        props.limits.map((l) => [
            l.key,
            { value: l.value === null ? '' : units.typed(l.value, l.kind), reason: l.reason ?? '' },
        ]),
    ),
);
const wrong = ref<Record<string, string>>({});
function keep(l: HouseLimitView) {
    const text = typed[l.key].value.trim();
    router.put(
        `/settings/house/${l.key}`,
        { value: text === '' ? null : units.parse(text, l.kind), reason: typed[l.key].reason },
        {
            preserveScroll: true,
            preserveState: true,
            onError: (e) => (wrong.value = { [l.key]: Object.values(e)[0] }),
            onSuccess: () => (wrong.value = {}),
        },
    );
}
</script>

<template>
    <Head title="House rules" />
    <div class="page">
        <h1>House rules</h1>
        <p class="quiet">
            What stands empty is as usual. A limit of our own needs its reason; none can be weaker than what keeps
            people and floors safe. <Link href="/settings">Settings</Link>
        </p>
        <ul class="list stages">
            <li v-for="l in limits" :key="l.key">
                <b>{{ l.label }}</b>
                <small
                    ><Link :href="`/rules/${l.rule}`">{{ l.rule }}</Link> · usually {{ l.usual }}; {{ l.range
                    }}{{ l.by ? ` · set by ${l.by}` : '' }}</small
                >
                <div>
                    <form class="form inrow" @submit.prevent="keep(l)">
                        <div>
                            <label :for="`h-${l.key}`"
                                >Ours{{ units.label(l.kind) ? `, ${units.label(l.kind)}` : '' }}</label
                            ><input
                                :id="`h-${l.key}`"
                                v-model="typed[l.key].value"
                                type="text"
                                inputmode="decimal"
                                :placeholder="l.usual"
                            />
                        </div>
                        <div>
                            <label :for="`r-${l.key}`">Because</label
                            ><input :id="`r-${l.key}`" v-model="typed[l.key].reason" type="text" maxlength="300" />
                        </div>
                        <div><button class="outline">Keep it</button></div>
                    </form>
                    <p v-if="wrong[l.key]" class="wrong" role="alert">{{ wrong[l.key] }}</p>
                </div>
            </li>
        </ul>
    </div>
</template>
