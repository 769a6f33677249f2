<script setup lang="ts">
import { Head, Link } from '@inertiajs/vue3';
import { computed, inject, onMounted } from 'vue';
import { keepSheets } from '../emergency/keptSheet';
import { dayWords } from '../shared/days';
import type { TodayGroupView } from '../generated';
import HoursLine from '../risk/HoursLine.vue';
import SeverityMark from '../shared/SeverityMark.vue';
import { useVanTicks } from './vanTicks';

const props = defineProps<{ date: string; role: string; name: string; groups: TodayGroupView[] }>();
const ticked = useVanTicks(props.date);
const signOut = inject<() => void>('signOut');
/** The day’s pack: the emergency sheets of its places, one after the other, each at most twice a day. */
onMounted(async () => {
    const places = new Set(props.groups.flatMap((g) => g.lines.map((l) => l.siteId)));
    await keepSheets([...places].filter((place) => place !== null));
});
const day = computed(() => dayWords(props.date, { weekday: 'long', day: 'numeric', month: 'long' }));
</script>

<template>
    <Head title="Today" />
    <div class="page today" :class="`is-${role}`">
        <div class="head">
            <h1>{{ day }}</h1>
        </div>
        <div class="todaygrid">
            <section v-for="g in groups" :key="g.title" :aria-label="g.title">
                <h2>
                    {{ g.title }} <Link v-if="g.moreHref && g.more" :href="g.moreHref" class="more">{{ g.more }}</Link>
                </h2>
                <ul v-if="g.ticks && g.lines.length" class="vanlist">
                    <li v-for="l in g.lines" :key="l.what">
                        <label class="check"
                            ><input v-model="ticked" type="checkbox" :value="l.what" /> {{ l.what }}</label
                        >
                    </li>
                    <li v-if="g.lines.every((l) => ticked.includes(l.what))" class="quiet">All in.</li>
                </ul>
                <ol v-else-if="g.lines.length" class="daylines">
                    <li v-for="(l, n) in g.lines" :key="n" :class="l.mark">
                        <span v-if="l.at" class="t">{{ l.at }}</span><SeverityMark
                            v-else-if="l.mark !== 'none'"
                            :severity="l.mark"
                        /><component :is="l.href ? Link : 'div'" :href="l.href ?? undefined" class="line"
                            ><b>{{ l.what }}</b
                            ><small v-if="l.about">{{ l.about }}</small></component
                        ><HoursLine v-if="l.harmH !== null" :harm="l.harmH" :acts="l.actsH" :span="12" :wide="190" />
                    </li>
                </ol>
                <p v-else class="quiet">{{ g.empty }}</p>
            </section>
        </div>
        <p v-if="signOut" class="daysend">
            <button type="button" class="outline" @click="signOut">Sign out {{ name }}</button>
        </p>
    </div>
</template>
