import { useKeptDocument } from '../shared/keptDocument';
import { corrected, type Change, type SetUpDoc } from './setUp';

interface Kept {
    written: SetUpDoc;
    controller: { id: number; revision: number };
    conflict: boolean;
}

/** Keeps a set-up while it is written, and takes the checker’s corrections. */
export function useSetUp(props: Kept) {
    const kept = useKeptDocument<SetUpDoc>({
        url: () => `/control/${props.controller.id}`,
        written: () => props.written,
        revision: () => props.controller.revision,
        conflict: () => props.conflict,
    });
    const correct = (changes: Change[]) => kept.change(corrected(kept.doc.value, changes));

    return { ...kept, correct };
}
