import { ref, watch, type Ref } from 'vue';

const STORE = 'velbrin-ticks';

/** The van is loaded line by line; a new day begins anew, and a device that keeps nothing still ticks. */
export function useVanTicks(date: string): Ref<string[]> {
    const ticked = ref<string[]>(kept(date));
    watch(
        ticked,
        (lines) => {
            try {
                window.localStorage.setItem(STORE, JSON.stringify({ day: date, lines }));
            } catch {
                // They stand on this page until it is left.
            }
        },
        { deep: true },
    );

    return ticked;
}

function kept(date: string): string[] {
    try {
        const stored = JSON.parse(window.localStorage.getItem(STORE) ?? '{}') as { day?: unknown; lines?: unknown };
        return stored.day === date && Array.isArray(stored.lines)
            ? stored.lines.filter((l): l is string => typeof l === 'string')
            : [];
    } catch {
        return [];
    }
}
