import { computed, onBeforeUnmount, onMounted, ref } from 'vue';
import { copyOf, type Draft } from '../shared/draft';

const TOGETHER_MS = 700;
const MOST = 100;

/**
 * Steps back and forward through a whole draft. Changes in quick succession (typing) are one step,
 * and so is a drag, however slow.
 * Ctrl+Z and Ctrl+Shift+Z work outside text fields; inside one the browser's own undo stays.
 */
export function useHistory(draft: Draft, changed: () => void) {
    const past = ref<string[]>([]);
    const future = ref<string[]>([]);
    let last = JSON.stringify(draft);
    let at = 0;
    let dragging = false;

    /** After each change: the state before it becomes a step. While something is dragged there is `more` to come. */
    function note(more = false) {
        const now = JSON.stringify(draft);
        const held = dragging;
        dragging = more;
        if (held && !more) at = 0;
        if (now === last) return;
        const time = Date.now();
        if ((!held && time - at > TOGETHER_MS) || past.value.length === 0)
            past.value = [...past.value.slice(1 - MOST), last];
        at = held && !more ? 0 : time;
        last = now;
        future.value = [];
    }
    function go(from: typeof past, to: typeof past) {
        const step = from.value.pop();
        if (step === undefined) return;
        to.value.push(last);
        last = step;
        at = 0;
        Object.assign(draft, copyOf(JSON.parse(step) as Draft));
        changed();
    }
    const undo = () => go(past, future);
    const redo = () => go(future, past);

    function keys(event: KeyboardEvent) {
        const target = event.target as HTMLElement;
        if (
            !(event.ctrlKey || event.metaKey) ||
            event.altKey ||
            target.matches('input[type="text"], input:not([type]), textarea')
        )
            return;
        const key = event.key.toLowerCase();
        if (key !== 'z' && key !== 'y') return;
        event.preventDefault();
        if (key === 'y' || event.shiftKey) redo();
        else undo();
    }
    onMounted(() => window.addEventListener('keydown', keys));
    onBeforeUnmount(() => window.removeEventListener('keydown', keys));

    return {
        note,
        undo,
        redo,
        mayUndo: computed(() => past.value.length > 0),
        mayRedo: computed(() => future.value.length > 0),
    };
}
