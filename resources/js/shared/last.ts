import { ref, watch, type Ref } from 'vue';

/** What was last there: what comes after the page does not vanish while it is asked for anew. */
export function useLast<T>(of: () => T | undefined): Ref<T | undefined> {
    const last = ref(of()) as Ref<T | undefined>;
    watch(of, (now) => {
        if (now !== undefined) last.value = now;
    });
    return last;
}
