<script setup lang="ts">
import { Head, Link, useForm } from '@inertiajs/vue3';
import type { PreferencesView } from '../generated';
import FieldError from '../shared/FieldError.vue';
import { useShell } from '../shared/page';

const props = defineProps<{ view: PreferencesView }>();
const { shell } = useShell();
const form = useForm({
    unit_system: props.view.unitSystem,
    alkalinity_unit: props.view.alkalinityUnit,
    salinity_unit: props.view.salinityUnit,
    decimal_mark: props.view.decimalMark,
    theme: props.view.theme,
});
const secret = useForm({ current_password: '', password: '', password_confirmation: '' });
</script>

<template>
    <Head title="Settings" />
    <div class="page">
        <h1>Settings</h1>
        <p class="quiet">{{ view.name }}, {{ view.role.toLowerCase() }}, {{ view.email }}</p>
        <nav class="tabs" aria-label="Settings">
            <Link href="/settings" class="on" aria-current="page">Yours</Link>
            <template v-if="view.isOwner"
                ><Link href="/settings/people">People</Link><Link href="/settings/audit">Audit trail</Link
                ><Link v-if="view.catchesMail" href="/settings/mail">Caught mail</Link></template
            >
            <template v-if="shell.plans"
                ><Link href="/settings/parameters">Own parameters</Link><Link href="/settings/products">Products</Link
                ><Link href="/settings/jobs">Job sheets</Link><Link href="/settings/prices">Price list</Link
                ><Link href="/settings/suppliers">Suppliers</Link><Link href="/settings/lamps">Lamps</Link
                ><Link href="/settings/house">House rules</Link></template
            >
            <Link href="/settings/tokens">Tokens</Link><Link href="/settings/api">The API</Link
            ><Link href="/rules">Rules</Link>
        </nav>
        <h2>How you read</h2>
        <form class="form" @submit.prevent="form.put('/settings')">
            <div>
                <label for="u">Units</label
                ><select id="u" v-model="form.unit_system">
                    <option value="metric">litres, mm, °C, kg</option>
                    <option value="us">US gallons, inches, °F, lb</option>
                </select>
            </div>
            <div>
                <label for="a">Alkalinity</label
                ><select id="a" v-model="form.alkalinity_unit">
                    <option>dKH</option>
                    <option>meq/L</option>
                    <option>ppm CaCO₃</option>
                </select>
            </div>
            <div>
                <label for="s">Salinity</label
                ><select id="s" v-model="form.salinity_unit">
                    <option value="g/kg">g/kg</option>
                    <option value="SG">specific gravity 25/25</option>
                    <option value="mS/cm">conductivity at 25 °C</option>
                </select>
            </div>
            <div>
                <label for="d">Numbers</label
                ><select id="d" v-model="form.decimal_mark">
                    <option value=".">1 062.5</option>
                    <option value=",">1 062,5</option>
                </select>
            </div>
            <div>
                <label for="t">Light</label
                ><select id="t" v-model="form.theme">
                    <option value="paper">paper</option>
                    <option value="night">night watch</option>
                </select>
            </div>
            <div><button class="btn-go" :disabled="form.processing">Keep</button></div>
            <FieldError class="wide" :words="Object.values(form.errors)[0]" />
        </form>
        <h2>Password</h2>
        <form class="form" @submit.prevent="secret.put('/settings/password', { onSuccess: () => secret.reset() })">
            <div>
                <label for="p0">Now</label
                ><input
                    id="p0"
                    v-model="secret.current_password"
                    type="password"
                    autocomplete="current-password"
                /><FieldError :words="secret.errors.current_password" />
            </div>
            <div>
                <label for="p1">New, twelve characters or more</label
                ><input id="p1" v-model="secret.password" type="password" autocomplete="new-password" /><FieldError
                    :words="secret.errors.password"
                />
            </div>
            <div>
                <label for="p2">Once more</label
                ><input id="p2" v-model="secret.password_confirmation" type="password" autocomplete="new-password" />
            </div>
            <div><button class="btn-go" :disabled="secret.processing">Change it</button></div>
        </form>
    </div>
</template>
