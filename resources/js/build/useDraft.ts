import type { RequestPayload } from '@inertiajs/core';
import { router } from '@inertiajs/vue3';
import { onBeforeUnmount, onMounted, reactive, ref } from 'vue';
import type { PlanDraftView, PlanLiveView } from '../generated';
import { copyOf, draftOf, giveIds, sameDraft, type Draft } from '../shared/draft';
import { useHistory } from './useHistory';

const WAIT_MS = 180;
const DRAG_MS = 40;
const AGAIN_MS = 4000;

/**
 * The plan's draft: every change is kept on this device at once and sent to the server soon after.
 * What could not be sent waits here, survives a reload, and goes out when the connection returns.
 */
export function useDraft(
    planId: number,
    sent: PlanDraftView,
    revision: number,
    toSend: (draft: Draft) => Draft = (d) => d,
) {
    const store = `velbrin-plan-${planId}`;
    const draft = reactive<Draft>(draftOf(sent));
    const state = ref<'kept' | 'sending' | 'waiting' | 'conflict' | 'signed-out'>('kept');
    /** This device cannot keep the draft: its storage is full or blocked. */
    const unkept = ref(false);
    function keepHere() {
        try {
            window.localStorage.setItem(store, JSON.stringify({ revision: at, draft }));
            unkept.value = false;
        } catch {
            unkept.value = true;
        }
    }
    let at = revision;
    let timer: number | undefined;
    let sending = false;
    let dirty = false;
    let touched = 0;

    const kept = window.localStorage.getItem(store);
    if (kept) {
        try {
            const local = JSON.parse(kept) as { revision: number; draft: Draft };
            if (local.revision === revision) {
                Object.assign(draft, copyOf(local.draft));
                dirty = true;
            } else if (sameDraft(local.draft, draftOf(sent))) {
                // It arrived, only its answer did not: the page was left too soon.
                window.localStorage.removeItem(store);
            } else {
                // Somebody, or this device in another window, went on from there: the newer one stands, this one is
                // offered.
                state.value = 'conflict';
            }
        } catch {
            window.localStorage.removeItem(store);
        }
    }

    const steps = useHistory(draft, () => keep());
    /**
     * While something is dragged there is `more` to come: answers are then asked for at once and again, not after a
     * pause.
     */
    function change(more = false) {
        giveIds(draft);
        steps.note(more);
        keep(more);
    }
    function keep(more = false) {
        touched++;
        dirty = true;
        keepHere();
        if (!more || timer === undefined) plan(more ? DRAG_MS : WAIT_MS);
    }
    function plan(ms: number) {
        window.clearTimeout(timer);
        timer = window.setTimeout(send, ms);
    }
    function send() {
        timer = undefined;
        if (sending || !dirty || state.value === 'conflict') return;
        sending = true;
        const mine = touched;
        state.value = 'sending';
        router.post(`/plans/${planId}/draft`, { revision: at, ...copyOf(toSend(draft)) } as unknown as RequestPayload, {
            only: ['live'],
            preserveState: true,
            preserveScroll: true,
            preserveUrl: true,
            replace: true,
            async: true,
            showProgress: false,
            onSuccess: (page) => {
                const live = page.props.live as PlanLiveView | undefined;
                // Another page stands there already: it was kept all the same, and the next visit reads it.
                if (live === undefined) return;
                if (live.conflict) {
                    state.value = 'conflict';
                    return;
                }
                at = live.revision;
                if (mine === touched) {
                    dirty = false;
                    window.localStorage.removeItem(store);
                    state.value = 'kept';
                } else {
                    keepHere();
                }
            },
            onNetworkError: () => {
                state.value = 'waiting';
                return false;
            },
            onHttpException: (response: { status: number }) => {
                state.value = response.status === 419 || response.status === 401 ? 'signed-out' : 'waiting';
                return false;
            },
            onFinish: () => {
                sending = false;
                if (state.value === 'sending') state.value = 'waiting';
                if (dirty && state.value !== 'conflict') plan(state.value === 'waiting' ? AGAIN_MS : WAIT_MS);
            },
        });
    }
    /** After a conflict: the draft of this device goes out on top of the newer one. */
    function insist(newest: number) {
        const local = JSON.parse(window.localStorage.getItem(store) ?? 'null') as { draft: Draft } | null;
        if (local) Object.assign(draft, copyOf(local.draft));
        at = newest;
        state.value = 'kept';
        change();
    }
    function giveUp() {
        window.localStorage.removeItem(store);
        window.location.reload();
    }
    const online = () => plan(0);
    onMounted(() => {
        window.addEventListener('online', online);
        if (dirty) plan(0);
    });
    const leave = (event: BeforeUnloadEvent) => {
        if (unkept.value && dirty) event.preventDefault();
    };
    window.addEventListener('beforeunload', leave);
    onBeforeUnmount(() => {
        window.removeEventListener('beforeunload', leave);
        window.removeEventListener('online', online);
        window.clearTimeout(timer);
    });

    return {
        draft,
        state,
        unkept,
        change,
        insist,
        giveUp,
        undo: steps.undo,
        redo: steps.redo,
        mayUndo: steps.mayUndo,
        mayRedo: steps.mayRedo,
    };
}
