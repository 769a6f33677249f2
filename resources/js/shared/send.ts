/** JSON to the server with the session's token, outside of page visits. */
export interface Sent<T> {
    status: number;
    body: T | null;
}

const token = (): string => decodeURIComponent(document.cookie.match(/XSRF-TOKEN=([^;]+)/)?.[1] ?? '');

/** A line that answers no sooner counts as none: what waits is tried again instead of standing. */
const WORDS_MS = 60_000;
const FILE_MS = 240_000;
let asking = new AbortController();

/** Whoever signs out leaves nothing under way: an answer that comes late would speak for them still. */
export function dropSending(): void {
    asking.abort();
    asking = new AbortController();
}

/** Throws only when there is no connection, or none that answers in time. */
export async function send<T>(url: string, body: unknown, method = 'POST'): Promise<Sent<T>> {
    const form = body instanceof FormData;
    const response = await fetch(url, {
        method,
        headers: {
            Accept: 'application/json',
            'X-XSRF-TOKEN': token(),
            ...(form ? {} : { 'Content-Type': 'application/json' }),
        },
        body: form ? body : JSON.stringify(body),
        redirect: 'error',
        signal: AbortSignal.any([asking.signal, AbortSignal.timeout(form ? FILE_MS : WORDS_MS)]),
    });
    const text = await response.text();
    let parsed: T | null = null;
    try {
        parsed = JSON.parse(text) as T;
    } catch {
        parsed = null;
    }
    return { status: response.status, body: parsed };
}

/** The first thing a refusal says. */
export function refusal(body: unknown): string {
    const said = body as { message?: string; errors?: Record<string, string[]> } | null;
    return Object.values(said?.errors ?? {})[0]?.[0] ?? said?.message ?? 'That did not work. Try again.';
}

/** A number of its own (UUID, version 4). On plain HTTP there is no `randomUUID`, but there is chance. */
export function newId(): string {
    const bytes = globalThis.crypto.getRandomValues(new Uint8Array(16));
    bytes[6] = (bytes[6] & 0x0f) | 0x40;
    bytes[8] = (bytes[8] & 0x3f) | 0x80;
    const hex = [...bytes].map((b) => b.toString(16).padStart(2, '0')).join('');
    return [hex.slice(0, 8), hex.slice(8, 12), hex.slice(12, 16), hex.slice(16, 20), hex.slice(20)].join('-');
}
