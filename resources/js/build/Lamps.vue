<script setup lang="ts">
import { Head, Link, router, useForm } from '@inertiajs/vue3';
import FieldError from '../shared/FieldError.vue';
import { ref } from 'vue';
import { useUnits } from '../shared/units';

type Lamp = {
    id: number;
    name: string;
    ppf: number;
    half_angle_deg: number;
    watts: number | null;
    kg: number | null;
    least_mm: number | null;
    most_mm: number | null;
    grid: string | null;
};
defineProps<{ lamps: Lamp[] }>();
const units = useUnits();
const FIELDS: [keyof Lamp, string, string, string | null][] = [
    ['ppf', 'Light, µmol/s', 'from its sheet, all channels full', 'x'],
    ['half_angle_deg', 'Half angle, °', 'axis to half the intensity: half of a maker’s beam angle', 'x'],
    ['watts', 'Takes', '', 'W'],
    ['kg', 'Weighs', '', 'kg'],
    ['least_mm', 'Lowest above the rim', '', 'mm'],
    ['most_mm', 'Highest', '', 'mm'],
];
const form = useForm<Record<string, string | number | null>>({
    name: '',
    ppf: null,
    half_angle_deg: null,
    watts: null,
    kg: null,
    least_mm: null,
    most_mm: null,
});
const file = useForm<{ file: File | null }>({ file: null });
const gridOf = ref<number | null>(null);
const grid = useForm<{ distance_mm: number | null; step_mm: number | null; rows: string }>({
    distance_mm: 600,
    step_mm: 100,
    rows: '',
});
function type(key: string, kind: string | null, event: Event) {
    const text = (event.target as HTMLInputElement).value;
    form[key] = text.trim() === '' ? null : (units.parse(text, kind ?? 'x') ?? text);
}
const shown = (lamp: Lamp, key: keyof Lamp, kind: string | null) =>
    lamp[key] === null ? '–' : kind === 'x' ? String(lamp[key]) : units.show(lamp[key] as number, kind!);
</script>

<template>
    <Head title="Lamps" />
    <div class="page">
        <h1>Our lamps</h1>
        <p class="quiet">
            A plan’s light plan offers them. What stands in a plan stays as it was when a lamp changes here.
            <Link href="/settings">Settings</Link>
        </p>
        <div v-if="lamps.length" class="tablebox" tabindex="0" role="region" aria-label="Lamps">
            <table class="plainer">
                <caption class="visually-hidden">
                    Lamps of the company
                </caption>
                <thead>
                    <tr>
                        <th scope="col">Lamp</th>
                        <th v-for="[key, head] in FIELDS" :key="key" scope="col" class="num">{{ head }}</th>
                        <th scope="col"><span class="visually-hidden">Do</span></th>
                    </tr>
                </thead>
                <tbody>
                    <tr v-for="lamp in lamps" :key="lamp.id">
                        <th scope="row">
                            {{ lamp.name }}<br /><small v-if="lamp.grid" class="quiet"
                                >measured grid, {{ lamp.grid.split(';').length }} rows</small
                            >
                        </th>
                        <td v-for="[key, , , kind] in FIELDS" :key="key" class="num">{{ shown(lamp, key, kind) }}</td>
                        <td>
                            <button
                                type="button"
                                class="linkish"
                                :aria-label="`Measured grid of ${lamp.name}`"
                                @click="gridOf = lamp.id"
                            >
                                grid
                            </button>
                            ·
                            <button
                                type="button"
                                class="linkish"
                                :aria-label="`Offer ${lamp.name} no more`"
                                @click="router.post(`/settings/lamps/${lamp.id}/archive`, {}, { preserveScroll: true })"
                            >
                                offer no more
                            </button>
                        </td>
                    </tr>
                </tbody>
            </table>
        </div>
        <div v-else class="empty">
            <h2>No lamp yet</h2>
            <p>Write down the first one, or read a list in.</p>
        </div>
        <p v-if="lamps.length"><a class="outline" href="/settings/lamps.csv">As CSV</a></p>
        <form
            v-if="gridOf"
            class="form typing"
            @submit.prevent="
                grid.put(`/settings/lamps/${gridOf}/grid`, {
                    preserveScroll: true,
                    onSuccess: () => {
                        gridOf = null;
                        grid.reset();
                    },
                })
            "
        >
            <div class="wide">
                <b>Read with a meter under {{ lamps.find((l) => l.id === gridOf)?.name }}, in air</b>
            </div>
            <div>
                <label for="lg1">Meter under the lamp, {{ units.label('mm') }}</label
                ><input
                    id="lg1"
                    type="text"
                    inputmode="decimal"
                    :value="grid.distance_mm === null ? '' : units.typed(grid.distance_mm, 'mm')"
                    @change="grid.distance_mm = units.parse(($event.target as HTMLInputElement).value, 'mm')"
                /><FieldError :words="grid.errors.distance_mm" />
            </div>
            <div>
                <label for="lg2">Between two points, {{ units.label('mm') }}</label
                ><input
                    id="lg2"
                    type="text"
                    inputmode="decimal"
                    :value="grid.step_mm === null ? '' : units.typed(grid.step_mm, 'mm')"
                    @change="grid.step_mm = units.parse(($event.target as HTMLInputElement).value, 'mm')"
                /><FieldError :words="grid.errors.step_mm" />
            </div>
            <div class="wide">
                <label for="lg3"
                    >Readings, µmol/m²/s: one row a line, from the back to the front; the middle lies under the
                    lamp</label
                ><textarea
                    id="lg3"
                    v-model="grid.rows"
                    rows="6"
                    placeholder="12 40 12&#10;40 180 40&#10;12 40 12"
                ></textarea
                ><FieldError :words="grid.errors.rows" />
            </div>
            <div>
                <button class="btn-go" :disabled="grid.processing">Keep the grid</button>
                <button type="button" class="plain" @click="gridOf = null">leave it</button>
            </div>
        </form>
        <h2>One more lamp</h2>
        <form
            class="form"
            @submit.prevent="form.post('/settings/lamps', { preserveScroll: true, onSuccess: () => form.reset() })"
        >
            <div class="wide">
                <label for="lamp-name">Name</label
                ><input id="lamp-name" v-model="form.name" type="text" maxlength="60" required /><FieldError
                    :words="form.errors.name"
                />
            </div>
            <div v-for="[key, head, hint, kind] in FIELDS" :key="key">
                <label :for="`lamp-${key}`">{{ head }}{{ kind !== 'x' ? `, ${units.label(kind!)}` : '' }}</label
                ><input
                    :id="`lamp-${key}`"
                    type="text"
                    inputmode="decimal"
                    :value="
                        form[key] === null
                            ? ''
                            : typeof form[key] === 'number'
                              ? units.typed(form[key] as number, kind ?? 'x')
                              : form[key]
                    "
                    :aria-describedby="hint ? `lamp-${key}-hint` : undefined"
                    @change="type(key, kind, $event)"
                /><small v-if="hint" :id="`lamp-${key}-hint`" class="quiet">{{ hint }}</small
                ><FieldError :words="form.errors[key]" />
            </div>
            <div><button class="btn-go" :disabled="form.processing">Keep the lamp</button></div>
        </form>
        <h2>Read a list in</h2>
        <p class="quiet">
            name, ppf, half_angle_deg, watts, kg, least_mm, most_mm. A name that is known is written anew; a wrong line
            changes nothing.
        </p>
        <form
            class="filter"
            @submit.prevent="
                file.post('/settings/lamps/import', {
                    preserveScroll: true,
                    forceFormData: true,
                    onSuccess: () => file.reset(),
                })
            "
        >
            <input
                type="file"
                accept=".csv,text/csv"
                aria-label="Lamps as CSV"
                required
                @change="file.file = ($event.target as HTMLInputElement).files?.[0] ?? null"
            /><button class="outline" :disabled="file.processing">Read it in</button>
        </form>
        <FieldError :words="file.errors.file" />
    </div>
</template>
