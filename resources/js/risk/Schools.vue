<script setup lang="ts">
import { computed } from 'vue';
import type { SchoolView } from '../generated';

/** Few things and much attention, or many layers: judged by the same arithmetic, the shorter bar is the better year. */
const props = defineProps<{ schools: SchoolView[]; amount: (value: number) => string }>();
const WORDS: Record<string, { name: string; what: string }> = {
    stands: { name: 'As it stands', what: 'what the register has' },
    simple: {
        name: 'Kept simple',
        what: 'no controller; people, keys, small vessels, new heaters: whatever helps without one more device',
    },
    layered: { name: 'In layers', what: 'controller, doubles, alarms: everything that fits here' },
};
const most = computed(() => Math.max(1e-9, ...props.schools.map((s) => s.year)));
const devices = (n: number) => (n === 0 ? 'as many devices' : n > 0 ? `${n} devices more` : `${-n} fewer`);
</script>

<template>
    <section aria-labelledby="two-ways">
        <h2 id="two-ways">Two ways of keeping it</h2>
        <ul class="schools">
            <li v-for="s in schools" :key="s.name">
                <b>{{ WORDS[s.name]?.name ?? s.name }}</b> <small class="quiet">{{ WORDS[s.name]?.what }}</small>
                <span class="yearbar" aria-hidden="true"
                    ><span :style="{ width: `${(100 * s.year) / most}%` }"></span></span
                ><span>{{ amount(s.year) }} a year</span>
                <small v-if="s.measures.length" class="quiet">
                    {{ s.price ?? 'no price yet'
                    }}<template v-if="s.price && s.unpriced">, {{ s.unpriced }} of it without a price</template> ·
                    {{ s.upkeepMin }} min a year · {{ devices(s.devices) }}
                    <details>
                        <summary>{{ s.measures.length }} measures</summary>
                        {{ s.measures.join('; ') }}
                    </details>
                </small>
            </li>
        </ul>
    </section>
</template>
