import '../css/app.css';
import { createInertiaApp } from '@inertiajs/vue3';
import { createBootstrap } from 'bootstrap-vue-next/plugins/createBootstrap';
import { createApp, h, type Component, type DefineComponent } from 'vue';
import AppShell from './shared/AppShell.vue';

const pages = import.meta.glob<{ default: DefineComponent & { layout?: Component | Component[] } }>(
    './{team,clients,build,systems,control,alerts,house,risk,stores,emergency,moves,water,rounds,reports}/*.vue',
);
const nonce = document.querySelector<HTMLMetaElement>('meta[name="csp-nonce"]')?.content;

createInertiaApp({
    title: (title) => (title ? `${title} · Velbrin` : 'Velbrin'),
    progress: { color: '#c8452d', delay: 250 },
    nonce,
    resolve: async (name) => {
        const page = await pages[`./${name}.vue`]();
        // A page that stands outside the house (the door) says so with an empty layout.
        if (page.default.layout === undefined) page.default.layout = AppShell;
        return page.default;
    },
    setup({ el, App, props, plugin }) {
        createApp({ render: () => h(App, props) })
            .use(plugin)
            .use(createBootstrap())
            .mount(el!);
    },
});
