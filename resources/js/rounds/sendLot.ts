import type { OffView } from '../generated';
import { refusal, send } from '../shared/send';
import { placeOf, type Entry } from './phoneStore';

export interface Answer {
    uuid: string;
    outcome: 'ok' | 'asked' | 'refused' | 'wait' | 'moved';
    words: string | null;
    others?: { id: number; label: string }[];
}

export interface LotSent {
    /** 200, or why not. */
    status: number;
    answers: Answer[];
    state: string | null;
    offs: OffView[];
    /** How far this phone’s clock is off, seconds. */
    skewS: number;
}

const AT_ONCE = 20;

/** Words of a visit in order, photos apart from them: one photo that does not go holds up nothing. */
export async function sendWords(visitId: number, entries: Entry[]): Promise<LotSent> {
    const some = entries.filter((e) => !e.photo).slice(0, AT_ONCE);
    const lot = some.map(({ uuid, kind, at, payload }) => ({ uuid, kind, at, payload }));
    const { status, body } = await send<{ answers: Answer[]; state: string; offs: OffView[]; skewS: number }>(
        `${placeOf(visitId)}/entries`,
        { entries: lot, sent_at: new Date().toISOString() },
    );
    const good = status === 200 && body !== null;
    return {
        status,
        answers: good ? body.answers : [],
        state: good ? body.state : null,
        offs: good ? body.offs : [],
        skewS: good ? body.skewS : 0,
    };
}

/** One step of a work as it was said, with its photo, by the hour it was said at. */
export async function sendInTurn(entry: Entry): Promise<{ status: number; answer: Answer | null }> {
    const form = new FormData();
    form.append('uuid', entry.uuid);
    form.append('at', entry.at);
    form.append('sent_at', new Date().toISOString());
    for (const [key, value] of Object.entries(entry.payload)) {
        if (value !== null && value !== '')
            form.append(key, typeof value === 'boolean' ? (value ? '1' : '0') : String(value));
    }
    if (entry.photo) form.append('photo', entry.photo, 'photo.jpg');
    const to = entry.kind === 'exchange' ? 'exchange' : 'marks';
    const { status, body } = await send<{ message?: string; errors?: Record<string, string[]> }>(
        `${placeOf(entry.visitId)}/${to}`,
        form,
    );
    if (status === 200) return { status, answer: { uuid: entry.uuid, outcome: 'ok', words: null } };
    if ([403, 404, 413, 422].includes(status)) {
        const words = status === 403 ? 'This work is no longer yours to write in.' : refusal(body);
        return { status, answer: { uuid: entry.uuid, outcome: 'refused', words } };
    }
    return { status, answer: null };
}

export async function sendPhoto(entry: Entry): Promise<{ status: number; answer: Answer | null }> {
    const form = new FormData();
    form.append('uuid', entry.uuid);
    form.append('caption', String(entry.payload.caption ?? ''));
    if (typeof entry.payload.about === 'string') form.append('about', entry.payload.about);
    form.append('file', entry.photo as Blob, 'photo.jpg');
    const { status, body } = await send<{
        outcome?: string;
        message?: string;
        errors?: Record<string, string[]>;
        others?: { id: number; label: string }[];
    }>(`${placeOf(entry.visitId)}/photos`, form);
    if (status === 200) return { status, answer: { uuid: entry.uuid, outcome: 'ok', words: null } };
    if (status === 403)
        return {
            status,
            answer: {
                uuid: entry.uuid,
                outcome: 'moved',
                words: body?.message ?? 'This visit is no longer yours.',
                others: body?.others ?? [],
            },
        };
    if (status === 422 || status === 413) {
        const words =
            Object.values(body?.errors ?? {})[0]?.[0] ?? 'The photo is too large or cannot be read. Take it again.';
        return { status, answer: { uuid: entry.uuid, outcome: 'refused', words } };
    }
    return { status, answer: null };
}
