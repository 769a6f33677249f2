import { computed, inject, type ComputedRef, type InjectionKey, type Ref } from 'vue';
import type { MoveDoc } from './move';

type Part = 'way' | 'holding' | 'truck' | 'waters' | 'planB' | 'late';

/** The document of a move as its parts write it: each change is kept and worked out at once. */
export interface PlanDesk {
    doc: Ref<MoveDoc>;
    change: (next: MoveDoc) => void;
    locked: ComputedRef<boolean>;
}

export const DESK = Symbol('the plan of a move') as InjectionKey<PlanDesk>;

/** What every part of the plan writes and reads with. */
export function usePlanDesk() {
    const desk = inject(DESK);
    if (!desk) throw new Error('A part of a plan stands in a plan.');
    const { doc, change, locked } = desk;
    function set<K extends keyof MoveDoc>(key: K, value: MoveDoc[K]) {
        change({ ...doc.value, [key]: value });
    }
    function put(part: Part, key: string, value: unknown) {
        change({ ...doc.value, [part]: { ...(doc.value[part] ?? {}), [key]: value } });
    }
    const of = (part: Part, key: string) => (doc.value[part] as Record<string, unknown> | null | undefined)?.[key];
    return {
        doc: computed(() => doc.value),
        change,
        locked,
        set,
        put,
        of,
        num: (part: Part, key: string) => (of(part, key) ?? null) as number | null,
        yes: (part: Part, key: string) => of(part, key) === true,
    };
}

export const word = (event: Event) => (event.target as HTMLInputElement).value;
export const checked = (event: Event) => (event.target as HTMLInputElement).checked;
