<script setup lang="ts">
import { Head, Link, router, useForm } from '@inertiajs/vue3';
import { computed } from 'vue';
import type { ReportDeliveryView, ReportView, SectionView } from '../generated';
import FieldError from '../shared/FieldError.vue';
import { useShell } from '../shared/page';
import SectionDrawing from '../shared/SectionDrawing.vue';
import { date, when } from '../shared/units';

const props = defineProps<{
    view: ReportView;
    section: SectionView | null;
    mayUpdate: boolean;
    maySend: boolean;
    mayCorrect: boolean;
    photos: { id: number; caption: string | null }[];
    recipients: string[];
    deliveries: ReportDeliveryView[];
    stamp: string;
}>();
const { shell, errors } = useShell();
const form = useForm<{
    words: string;
    next_on: string | null;
    photo_id: number | null;
    recommendations: { text: string; price: string; priceMinor: number | null }[];
}>({
    words: props.view.words ?? '',
    next_on: props.view.nextOn,
    photo_id: props.view.photoId,
    recommendations: props.view.recommendations.map((r) => ({
        text: r.text,
        price: r.priceMinor === null ? '' : (r.priceMinor / 100).toFixed(2),
        priceMinor: r.priceMinor,
    })),
});
const note = useForm({ text: '' });
const minor = (typed: string): number | null =>
    /^\d+([.,]\d{1,2})?$/.test(typed.trim()) ? Math.round(Number(typed.trim().replace(',', '.')) * 100) : null;
/** `over`: upon whatever somebody else has written meanwhile. */
function keep(then?: () => void, over = false) {
    form.transform((f) => ({
        stamp: over ? '' : props.stamp,
        words: f.words || null,
        next_on: f.next_on || null,
        photo_id: f.photo_id,
        recommendations: f.recommendations
            .filter((r) => r.text.trim() !== '')
            .map((r) => ({ text: r.text, priceMinor: r.price === '' ? null : minor(r.price) })),
    })).put(`/reports/${props.view.id}`, {
        preserveScroll: true,
        onSuccess: () => {
            form.defaults();
            then?.();
        },
    });
}
const failed = computed(() => props.deliveries.some((d) => d.state === 'failed'));
const WORDS: Record<string, string> = { waiting: 'on its way', failed: 'did not get through; check the address' };
const readTheirs = () => window.location.reload();
const sendIt = () => keep(() => router.post(`/reports/${props.view.id}/send`, {}, { preserveScroll: true }));
</script>

<template>
    <Head :title="`Visit report, ${view.place}`" />
    <div :class="{ withmargin: shell.role !== 'client' }">
        <article class="page report">
            <nav class="crumbs" aria-label="Where am I">
                <Link href="/reports">Reports</Link><i aria-hidden="true"> ▸ </i>
            </nav>
            <div class="head">
                <h1>{{ view.place }}</h1>
                <b v-if="!view.sentOn" class="word watch">draft</b
                ><a class="outline push" :href="`/reports/${view.id}/report.pdf`" target="_blank" rel="noopener"
                    >As PDF</a
                >
                <p class="sub">{{ view.client }} · {{ view.date }}, {{ view.from }} to {{ view.to }} · {{ view.by }}</p>
            </div>
            <div v-for="n in view.notes" :key="n.on" class="standing">
                <b>Correction of {{ date(n.on) }}.</b> {{ n.text }} <small>{{ n.by }}</small>
            </div>
            <p v-if="view.words && !mayUpdate" class="lead">{{ view.words }}</p>
            <figure v-if="view.photo && !mayUpdate">
                <img :src="`/reports/${view.id}/photo`" :alt="view.photoCaption ?? 'Photo of the visit'" />
                <figcaption class="quiet">{{ view.photoCaption }}</figcaption>
            </figure>
            <SectionDrawing
                v-if="section"
                :section="section"
                :frames="[]"
                :clogged="[]"
                :label="`Section through ${view.systems[0]?.name}, to scale`"
            />
            <section v-for="s in view.systems" :key="s.id" :aria-label="s.name">
                <h2>{{ s.name }}</h2>
                <ul v-if="s.done.length" class="did">
                    <li v-for="d in s.done" :key="d">{{ d }}</li>
                </ul>
                <table v-if="s.readings.length" class="figures">
                    <caption>
                        Measured
                    </caption>
                    <tbody>
                        <tr v-for="r in s.readings" :key="r.label">
                            <th scope="row">{{ r.label }}</th>
                            <td class="num">
                                <b>{{ r.value }}</b>
                            </td>
                            <td class="why">{{ r.words }}</td>
                        </tr>
                    </tbody>
                </table>
                <p v-if="s.seen.length"><b>Seen:</b> {{ s.seen.join(', ') }}.</p>
                <p v-for="n in s.notDone" :key="n"><b>Not done.</b> {{ n }}</p>
                <p v-for="k in s.know" :key="k" class="know">{{ k }}</p>
            </section>
            <p v-if="view.parts.length"><b>Used:</b> {{ view.parts.join(', ') }}</p>
            <template v-if="view.recommendations.length && !mayUpdate"
                ><h2>We recommend</h2>
                <ul class="list">
                    <li v-for="r in view.recommendations" :key="r.text">
                        {{ r.text }} <b class="push">{{ r.price ?? 'ask us' }}</b>
                    </li>
                </ul></template
            >
            <p class="next">
                <b>{{
                    view.nextOn ? `Next visit: ${date(view.nextOn)}.` : 'Next visit: we write to you with a date.'
                }}</b>
                If fish gasp, water stands on the floor or a tank is cold to the hand, ring us at any hour.
            </p>
        </article>
        <aside v-if="shell.role !== 'client'" class="margin" aria-label="Finish it">
            <template v-if="mayUpdate">
                <h2>Finish it</h2>
                <form @submit.prevent="keep()">
                    <label for="w">A word to the client</label
                    ><textarea id="w" v-model="form.words" class="cell" rows="4" maxlength="2000"></textarea
                    ><FieldError :words="form.errors.words" />
                    <fieldset>
                        <legend>We recommend</legend>
                        <div v-for="(r, n) in form.recommendations" :key="n" class="reco">
                            <input
                                v-model="r.text"
                                class="cell"
                                type="text"
                                maxlength="300"
                                :aria-label="`Recommendation ${n + 1}`"
                            /><input
                                v-model="r.price"
                                class="cell num"
                                type="text"
                                inputmode="decimal"
                                placeholder="price"
                                :aria-label="`Price of recommendation ${n + 1}`"
                            /><button
                                type="button"
                                class="plain"
                                :aria-label="`Take recommendation ${n + 1} out`"
                                @click="form.recommendations.splice(n, 1)"
                            >
                                ✕
                            </button>
                        </div>
                        <button
                            type="button"
                            class="linkish"
                            @click="form.recommendations.push({ text: '', price: '', priceMinor: null })"
                        >
                            recommend something
                        </button>
                    </fieldset>
                    <label for="n">Next visit</label
                    ><input id="n" v-model="form.next_on" class="cell" type="date" /><FieldError
                        :words="form.errors.next_on"
                    />
                    <template v-if="photos.length"
                        ><label for="p">Photo</label
                        ><select id="p" v-model="form.photo_id" class="cell">
                            <option :value="null">the section’s drawing</option>
                            <option v-for="(p, n) in photos" :key="p.id" :value="p.id">
                                {{ p.caption ?? `photo ${n + 1}` }}
                            </option>
                        </select></template
                    >
                    <p v-else class="quiet">No photo was taken: the paper carries the section’s drawing.</p>
                    <div v-if="errors.stamp" class="standing" role="alert">
                        {{ errors.stamp }}
                        <button type="button" class="outline" @click="keep(undefined, true)">Write over it</button>
                        <button type="button" class="plain" @click="readTheirs">read theirs</button>
                    </div>
                    <p><button class="outline" :disabled="form.processing">Keep</button></p>
                </form>
            </template>
            <template v-if="maySend">
                <p v-if="recipients.length">
                    It goes to {{ recipients.join(', ') }}. Once sent it never changes; a dated note corrects it.
                </p>
                <p v-else class="wrong">Nobody there has a mail address. Give one to a contact of the client first.</p>
                <FieldError :words="errors.send" />
                <button type="button" class="btn-go" :disabled="form.processing || !recipients.length" @click="sendIt">
                    Send it
                </button>
            </template>
            <template v-if="view.sentOn"
                ><h2>Sent {{ date(view.sentOn) }}</h2>
                <ul v-if="deliveries.length" class="list">
                    <li v-for="d in deliveries" :key="d.address">
                        <span
                            >{{ d.address }}
                            <small :class="d.state === 'failed' ? 'wrong' : 'quiet'">{{
                                d.goneAt ? `gone ${when(d.goneAt)}` : WORDS[d.state]
                            }}</small></span
                        >
                    </li>
                </ul>
                <p v-else class="quiet">to {{ view.sentTo.join(', ') }}</p>
                <button
                    v-if="failed"
                    type="button"
                    class="outline"
                    @click="router.post(`/reports/${view.id}/again`, {}, { preserveScroll: true })"
                >
                    Try those again
                </button></template
            >
            <form
                v-if="mayCorrect"
                @submit.prevent="
                    note.post(`/reports/${view.id}/notes`, { preserveScroll: true, onSuccess: () => note.reset() })
                "
            >
                <label for="c">Correct it with a note</label
                ><textarea id="c" v-model="note.text" class="cell" rows="3" maxlength="1000" required></textarea
                ><FieldError :words="note.errors.text" /><button class="outline" :disabled="note.processing">
                    Add the correction
                </button>
            </form>
            <p><Link :href="`/visits/${view.visitId}`" class="roomy">the visit</Link></p>
        </aside>
    </div>
</template>
