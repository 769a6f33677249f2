/** JSON to the server with the session's token, outside of page visits. */
export interface Sent<T> {
    status: number;
    body: T | null;
}

const token = (): string => decodeURIComponent(document.cookie.match(/XSRF-TOKEN=([^;]+)/)?.[1] ?? '');

/** Throws only when there is no connection. */
export async function send<T>(url: string, body: unknown, method = 'POST'): Promise<Sent<T>> {
    const form = body instanceof FormData;
    const response = await fetch(url, {
        method,
        headers: { Accept: 'application/json', 'X-XSRF-TOKEN': token(), ...(form ? {} : { 'Content-Type': 'application/json' }) },
        body: form ? body : JSON.stringify(body),
        redirect: 'error',
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

export const newId = (): string => window.crypto.randomUUID();
