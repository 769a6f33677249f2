<script setup lang="ts">
import { Head, Link, router, useForm } from '@inertiajs/vue3';
import { computed, reactive, ref } from 'vue';
import type { SiteView } from '../generated';
import Crumbs from '../shared/Crumbs.vue';
import FieldError from '../shared/FieldError.vue';
import { useShell } from '../shared/page';
import UploadForm from '../shared/UploadForm.vue';
import EnquiryForm from './EnquiryForm.vue';
import KeepLine from '../shared/KeepLine.vue';
import { useSelfKeeping } from '../shared/selfKeeping';
import PassageList from './PassageList.vue';
import RoomSheet from './RoomSheet.vue';

const props = defineProps<{ view: SiteView; regimes: Record<string, string> }>();
const { shell, errors } = useShell();
const DAYS: [string, string][] = [
    ['mon', 'Monday'],
    ['tue', 'Tuesday'],
    ['wed', 'Wednesday'],
    ['thu', 'Thursday'],
    ['fri', 'Friday'],
    ['sat', 'Saturday'],
    ['sun', 'Sunday'],
];
const TEXTS: [string, string, string][] = [
    ['access_note', 'How to get in', ''],
    ['parking', 'Parking', ''],
    ['floor_protection', 'Floor protection', ''],
    ['noise', 'Noise limits', ''],
    ['residents', 'Residents', 'Who lives or works here, and who is here at night?'],
    ['children', 'Children', ''],
    ['pets', 'Pets', 'Cables and open sand…'],
    ['absences', 'Absences and who covers them', ''],
];
const about = reactive<{
    access_hours: Record<string, string | null>;
    [key: string]: string | null | Record<string, string | null>;
}>({
    name: props.view.name,
    timezone: props.view.timezone,
    street: props.view.texts.street,
    town: props.view.texts.town,
    access_hours: Object.fromEntries(DAYS.map(([d]) => [d, props.view.accessHours[d] ?? null])),
    ...Object.fromEntries(TEXTS.map(([key]) => [key, props.view.texts[key]])),
});
const rounds = reactive({
    lat: props.view.rounds.lat,
    lon: props.view.rounds.lon,
    altitude_m: props.view.rounds.altitudeM,
    we_hold_key: props.view.rounds.weHoldKey,
    makes_water: props.view.rounds.makesWater,
    minutes_sold: props.view.rounds.minutesSold,
});
const away = ref(props.view.rounds.away.map((a) => ({ ...a })));
const looked = ref(props.view.rounds.lookedAt.join(', '));
type About = Record<string, unknown>;
function aboutNow(): About {
    return {
        ...about,
        ...Object.fromEntries(Object.entries(rounds).map(([k, v]) => [k, (v as unknown) === '' ? null : v])),
        away: away.value.filter((a) => a.from && a.until).map((a) => ({ ...a, sitter: a.sitter || null })),
        looked_at: looked.value.split(/[\s,;]+/).filter(Boolean),
    };
}
/** The household and the way to it keep themselves. */
const keeping = useSelfKeeping<About>({
    key: `site-${props.view.id}`,
    url: `/sites/${props.view.id}`,
    data: aboutNow,
    stamp: () => props.view.aboutStamp,
    only: ['view'],
});
const earlier = keeping.left();
if (earlier && shell.value.plans) {
    for (const key of Object.keys(about)) if (key in earlier) about[key] = earlier[key] as (typeof about)[string];
    for (const key of Object.keys(rounds) as (keyof typeof rounds)[])
        if (key in earlier) (rounds as Record<string, unknown>)[key] = earlier[key];
    away.value = (earlier.away as typeof away.value) ?? [];
    looked.value = ((earlier.looked_at as string[]) ?? []).join(', ');
    keeping.touch();
}
const room = useForm({ name: '' });
const plan = useForm<{ name: string; room_id: number | null }>({ name: '', room_id: props.view.rooms[0]?.id ?? null });
const system = useForm({ name: '', kind: 'mixed reef', regime: 'natural', started_precision: 'day' });
const code = useForm({ label: '', code: '' });
const seen = reactive<Record<number, string>>({});
const mine = computed(() => shell.value.plans);
async function look(id: number) {
    const token = decodeURIComponent(document.cookie.match(/XSRF-TOKEN=([^;]+)/)?.[1] ?? '');
    const answer = await fetch(`/codes/${id}/reveal`, {
        method: 'POST',
        headers: { Accept: 'application/json', 'X-XSRF-TOKEN': token },
    });
    seen[id] = answer.ok ? (await answer.json()).code : 'not shown: try again in a minute';
    window.setTimeout(() => delete seen[id], 20_000);
}
</script>

<template>
    <Head :title="view.name" />
    <div class="withmargin">
        <div class="page">
            <Crumbs :crumbs="[{ label: view.clientName, href: `/clients/${view.clientId}` }]" />
            <div class="head">
                <h1>{{ view.name }}</h1>
                <Link class="outline push" :href="`/sites/${view.id}/jobs`">Jobs as done here</Link
                ><Link class="outline" :href="`/sites/${view.id}/ready`">Ready: shut-offs, emergency sheet</Link
                ><a class="outline" :href="`/sites/${view.id}/survey.pdf`">Survey to fill in, PDF</a>
                <p class="sub">{{ [view.texts.street, view.texts.town].filter(Boolean).join(', ') }}</p>
            </div>

            <h2>Stands here</h2>
            <ul v-if="view.systems.length" class="list">
                <li v-for="s in view.systems" :key="s.id">
                    <Link :href="s.href"
                        ><b>{{ s.name }}</b></Link
                    >
                    <small>{{ s.about }}</small>
                </li>
            </ul>
            <p v-else class="quiet">No system yet. Plan one, or take one on that already runs.</p>
            <p v-if="view.systems.length > 1"><Link :href="`/sites/${view.id}/systems`">See them side by side</Link></p>
            <ul v-if="view.plans.length" class="list">
                <li v-for="p in view.plans" :key="p.id">
                    <small>plan</small>
                    <Link :href="p.href"
                        ><b>{{ p.name }}</b></Link
                    >
                    <small>{{ p.about }}</small>
                </li>
            </ul>
            <p v-if="mine && view.plans.length > 1">
                <Link :href="`/sites/${view.id}/options`">Compare them as options</Link>
            </p>
            <form v-if="mine" class="form" @submit.prevent="plan.post(`/sites/${view.id}/plans`)">
                <div>
                    <label for="pn">New plan</label
                    ><input
                        id="pn"
                        v-model="plan.name"
                        type="text"
                        data-new
                        placeholder="Lobby reef, 2 m wall…"
                    /><FieldError :words="plan.errors.name" />
                </div>
                <div>
                    <label for="pr">In which room</label
                    ><select id="pr" v-model="plan.room_id">
                        <option :value="null">not chosen yet</option>
                        <option v-for="r in view.rooms" :key="r.id" :value="r.id">{{ r.name }}</option>
                    </select>
                </div>
                <div><button class="btn-go" :disabled="plan.processing || !plan.name">Begin to plan</button></div>
            </form>

            <EnquiryForm
                :site-id="view.id"
                :enquiry="view.enquiry"
                :asks="view.asks"
                :stamp="view.enquiryStamp"
                :readonly="!mine"
            />

            <h2>Rooms</h2>
            <RoomSheet
                v-for="r in view.rooms"
                :key="r.id"
                :site-id="view.id"
                :room="r"
                :sheet="view.sheet"
                :groups="view.groups"
                :attachments="view.attachments"
                :readonly="!mine"
            />
            <div v-if="!view.rooms.length" class="empty">
                <h2>No room yet</h2>
                <p>Name the room the tank will stand in; its floor and climate decide most of the plan.</p>
            </div>
            <form
                v-if="mine"
                class="form"
                @submit.prevent="
                    room.post(`/sites/${view.id}/rooms`, { preserveScroll: true, onSuccess: () => room.reset() })
                "
            >
                <div>
                    <label for="rn">Another room</label><input id="rn" v-model="room.name" type="text" /><FieldError
                        :words="room.errors.name"
                    />
                </div>
                <div><button class="outline">Add it</button></div>
            </form>

            <PassageList :site-id="view.id" :passages="view.passages" :stamp="view.passagesStamp" :readonly="!mine" />

            <h2>The household and the way to it</h2>
            <form class="form" @submit.prevent @input="keeping.touch" @change="keeping.touch">
                <div>
                    <label for="a-name">Name of the place</label
                    ><input id="a-name" v-model="about.name as string" type="text" :readonly="!mine" /><FieldError
                        :words="keeping.errors.value.name"
                    />
                </div>
                <div>
                    <label for="a-street">Street</label
                    ><input id="a-street" v-model="about.street as string" type="text" :readonly="!mine" />
                </div>
                <div>
                    <label for="a-town">Town</label
                    ><input id="a-town" v-model="about.town as string" type="text" :readonly="!mine" />
                </div>
                <div>
                    <label for="a-tz">Time zone</label
                    ><input id="a-tz" v-model="about.timezone as string" type="text" :readonly="!mine" /><FieldError
                        :words="keeping.errors.value.timezone"
                    />
                </div>
                <div v-for="[key, label, hint] in TEXTS" :key="key">
                    <label :for="`a-${key}`">{{ label }}</label><input
                        :id="`a-${key}`"
                        v-model="about[key] as string"
                        type="text"
                        :placeholder="hint || 'not known'"
                        :readonly="!mine"
                    /><FieldError :words="keeping.errors.value[key]" />
                </div>
                <div v-for="[day, label] in DAYS" :key="day">
                    <label :for="`h-${day}`">Open {{ label }}</label
                    ><input
                        :id="`h-${day}`"
                        v-model="about.access_hours[day]"
                        type="text"
                        placeholder="8-12, 14-17; closed; empty: not known"
                        :readonly="!mine"
                    /><FieldError :words="keeping.errors.value[`access_hours.${day}`]" />
                </div>
                <div>
                    <label for="g1">Latitude, degrees</label
                    ><input
                        id="g1"
                        v-model.number="rounds.lat"
                        type="number"
                        step="any"
                        placeholder="not known: ways are guessed"
                        :readonly="!mine"
                    /><FieldError :words="keeping.errors.value.lat" />
                </div>
                <div>
                    <label for="g2">Longitude, degrees</label
                    ><input id="g2" v-model.number="rounds.lon" type="number" step="any" :readonly="!mine" /><FieldError
                        :words="keeping.errors.value.lon"
                    />
                </div>
                <div>
                    <label for="g3">Metres above the sea</label
                    ><input
                        id="g3"
                        v-model.number="rounds.altitude_m"
                        type="number"
                        step="any"
                        placeholder="0"
                        :readonly="!mine"
                    /><FieldError :words="keeping.errors.value.altitude_m" />
                </div>
                <div>
                    <label for="g4">Somebody looks at it daily at</label
                    ><input
                        id="g4"
                        v-model="looked"
                        type="text"
                        placeholder="07:30, 18:00; empty: nobody"
                        :readonly="!mine"
                    /><FieldError
                        :words="
                            keeping.errors.value.looked_at ??
                            Object.entries(keeping.errors.value).find(([k]) => k.startsWith('looked_at.'))?.[1]
                        "
                    />
                </div>
                <div>
                    <label for="g5">Minutes sold for a visit</label
                    ><input
                        id="g5"
                        v-model.number="rounds.minutes_sold"
                        type="number"
                        min="5"
                        :readonly="!mine"
                    /><FieldError :words="keeping.errors.value.minutes_sold" />
                </div>
                <div v-for="(a, i) in away" :key="i" class="wide awayrow">
                    <label :for="`aw${i}`">Away from</label
                    ><input :id="`aw${i}`" v-model="a.from" type="date" :readonly="!mine" /><label :for="`au${i}`"
                        >until</label
                    ><input :id="`au${i}`" v-model="a.until" type="date" :readonly="!mine" /><label :for="`as${i}`"
                        >looked in on by</label
                    ><input
                        :id="`as${i}`"
                        v-model="a.sitter"
                        type="text"
                        maxlength="120"
                        placeholder="nobody"
                        :readonly="!mine"
                    /><button
                        v-if="mine"
                        type="button"
                        class="plain"
                        :aria-label="`Take absence ${i + 1} out`"
                        @click="
                            away.splice(i, 1);
                            keeping.touch();
                        "
                    >
                        ✕
                    </button>
                </div>
                <FieldError
                    class="wide"
                    :words="Object.entries(keeping.errors.value).find(([k]) => k.startsWith('away.'))?.[1]"
                />
                <div v-if="mine" class="wide">
                    <button type="button" class="linkish" @click="away.push({ from: '', until: '', sitter: '' })">
                        they will be away
                    </button>
                </div>
                <div class="check">
                    <label
                        ><input v-model="rounds.we_hold_key" type="checkbox" :disabled="!mine" /> we hold a key</label
                    >
                </div>
                <div class="check">
                    <label
                        ><input v-model="rounds.makes_water" type="checkbox" :disabled="!mine" /> salt water is mixed
                        there</label
                    >
                </div>
                <div v-if="mine" class="wide">
                    <KeepLine
                        :state="keeping.state.value"
                        :conflict="keeping.errors.value.stamp"
                        @mine="keeping.keepMine"
                        @theirs="keeping.takeTheirs"
                    />
                    <button type="button" class="plain" @click="router.post(`/sites/${view.id}/archive`)">
                        Archive this place
                    </button>
                </div>
                <FieldError class="wide" :words="errors.archive" />
            </form>

            <h2>Door and alarm codes</h2>
            <ul class="list">
                <li v-for="c in view.codes" :key="c.id">
                    <b>{{ c.label }}</b> <output v-if="seen[c.id]">{{ seen[c.id] }}</output><button
                        v-else-if="view.mayReveal"
                        type="button"
                        class="linkish"
                        @click="look(c.id)"
                    >
                        look (it is recorded)</button
                    ><small v-else>shown around your visit</small>
                    <button
                        v-if="mine"
                        type="button"
                        class="linkish"
                        @click="router.post(`/codes/${c.id}/archive`, {}, { preserveScroll: true })"
                    >
                        archive
                    </button>
                </li>
            </ul>
            <form
                v-if="mine"
                class="form"
                @submit.prevent="
                    code.post(`/sites/${view.id}/codes`, { preserveScroll: true, onSuccess: () => code.reset() })
                "
            >
                <div><label for="cl">What it opens</label><input id="cl" v-model="code.label" type="text" /></div>
                <div>
                    <label for="cc">Code</label><input id="cc" v-model="code.code" type="password" autocomplete="off" />
                </div>
                <div><button class="outline">Lock it away</button></div>
            </form>

            <h2>Photos and papers</h2>
            <UploadForm
                :to="`/sites/${view.id}/attachments`"
                :attachments="view.attachments"
                :may-add="mine"
                :may-archive="mine"
            />

            <template v-if="mine">
                <h2>Take on a system that already runs</h2>
                <form class="form" @submit.prevent="system.post(`/sites/${view.id}/systems`)">
                    <div>
                        <label for="yn">Name</label><input id="yn" v-model="system.name" type="text" /><FieldError
                            :words="system.errors.name"
                        />
                    </div>
                    <div><label for="yk">What it is</label><input id="yk" v-model="system.kind" type="text" /></div>
                    <div>
                        <label for="yr">Regime</label
                        ><select id="yr" v-model="system.regime">
                            <option v-for="(label, key) in regimes" :key="key" :value="key">{{ label }}</option>
                        </select>
                    </div>
                    <div><button class="outline" :disabled="!system.name">Open its record</button></div>
                </form>
            </template>
        </div>
        <aside class="margin" aria-label="Still to survey">
            <h2>Still to survey</h2>
            <p v-if="!view.missing.length && view.rooms.every((r) => !r.toSurvey.length)" class="quiet">
                Nothing. This place is known.
            </p>
            <template v-for="r in view.rooms" :key="r.id">
                <article v-for="fact in r.toSurvey" :key="fact.key" class="note">
                    <h3>{{ fact.label }}</h3>
                    <small>{{ r.name }} · waits for it: {{ fact.dependsOn }}</small>
                </article>
            </template>
            <article v-for="label in view.missing" :key="label" class="note">
                <h3>{{ label }}</h3>
                <small>nobody has said; write “none” when it is so</small>
            </article>
        </aside>
    </div>
</template>
