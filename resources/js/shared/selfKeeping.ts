import { router } from '@inertiajs/vue3';
import { computed, onBeforeUnmount, onMounted, ref, shallowRef } from 'vue';

const WAIT_MS = 900;
const AGAIN_MS = 5_000;

export type KeepState = 'kept' | 'typing' | 'sending' | 'waiting' | 'wrong' | 'conflict' | 'unkept';

interface Of<T> {
    /** Its own name on this device. */
    key: string;
    url: string;
    data: () => T;
    /** What of it this page has read; somebody else's newer state is refused. */
    stamp: () => string;
    /** Props that are read anew afterwards. */
    only: string[];
}

/**
 * A form that keeps itself: every change stands on this device at once and goes to the office soon after. What
 * could not go waits here,
 * survives leaving and a reload, and goes later; whoever writes on top of somebody else is asked.
 */
export function useSelfKeeping<T>(of: Of<T>) {
    const store = `velbrin-form-${of.key}`;
    const state = ref<KeepState>('kept');
    const errors = shallowRef<Record<string, string>>({});
    let timer: number | undefined;
    let touched = 0;
    let insists: string | null = null;

    /** What an earlier page left unsent; whoever uses this lays it over the form. */
    function left(): T | null {
        try {
            const kept = JSON.parse(window.localStorage.getItem(store) ?? 'null') as { data: T } | null;
            return kept?.data ?? null;
        } catch {
            window.localStorage.removeItem(store);
            return null;
        }
    }

    function touch() {
        touched++;
        try {
            window.localStorage.setItem(store, JSON.stringify({ data: of.data() }));
            state.value = 'typing';
        } catch {
            state.value = 'unkept';
        }
        plan(WAIT_MS);
    }

    function plan(ms: number) {
        window.clearTimeout(timer);
        timer = window.setTimeout(send, ms);
    }

    function send() {
        if (state.value === 'conflict' && insists === null) return;
        const mine = touched;
        state.value = 'sending';
        const body = { ...of.data(), stamp: insists ?? of.stamp(), quiet: true };
        router.put(of.url, body as never, {
            only: of.only,
            preserveScroll: true,
            preserveState: true,
            preserveUrl: true,
            async: true,
            showProgress: false,
            onSuccess: () => {
                insists = null;
                errors.value = {};
                if (mine !== touched) return;
                state.value = 'kept';
                window.localStorage.removeItem(store);
            },
            onError: (wrong) => {
                errors.value = wrong;
                state.value = wrong.stamp ? 'conflict' : 'wrong';
            },
            onNetworkError: () => {
                state.value = 'waiting';
                return false;
            },
            onHttpException: () => {
                state.value = 'waiting';
                return false;
            },
            onFinish: () => {
                if (state.value === 'sending') state.value = mine === touched ? 'waiting' : 'typing';
                if (state.value === 'waiting') plan(AGAIN_MS);
                else if (mine !== touched) plan(WAIT_MS);
            },
        });
    }

    /** After a conflict: what stands here goes out on top of the newer state, knowingly. */
    function keepMine() {
        router.reload({
            only: of.only,
            onSuccess: () => {
                insists = of.stamp();
                send();
            },
        });
    }

    function takeTheirs() {
        window.localStorage.removeItem(store);
        window.location.reload();
    }

    const online = () => {
        if (state.value === 'waiting') plan(0);
    };
    onMounted(() => window.addEventListener('online', online));
    onBeforeUnmount(() => {
        window.removeEventListener('online', online);
        window.clearTimeout(timer);
        if (state.value === 'typing') send();
    });

    return { state, errors, touch, left, keepMine, takeTheirs, isOpen: computed(() => state.value !== 'kept') };
}
