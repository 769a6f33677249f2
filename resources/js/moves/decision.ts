import type { MoveGateView } from '../generated';
import { moment } from '../shared/units';

/** What was decided at a gate, by whom and when: “went on, Ines Callard, 3 Dec, 09:40”. */
export function decision(gate: MoveGateView): string {
    const decided = gate.decided ?? '';
    const said =
        decided === 'yes' ? 'went on' : decided === 'plan-b' ? 'plan B' : decided.replace(/^reason: /, 'went on: ');
    return [said, gate.decidedBy, gate.decidedAt ? moment(gate.decidedAt) : null].filter(Boolean).join(', ');
}
