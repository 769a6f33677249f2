import { ref, watch, type Ref } from 'vue';

/** Half-typed words survive a reload: kept on this device until they are sent and emptied. */
export function useKept(key: string): Ref<string> {
    const stored = `velbrin-typed-${key}`;
    const words = ref(window.localStorage.getItem(stored) ?? '');
    watch(words, (now) =>
        now === '' ? window.localStorage.removeItem(stored) : window.localStorage.setItem(stored, now),
    );
    return words;
}
