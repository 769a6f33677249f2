/** A log as a file has it: lines of values, read on the page, before anything is sent. */
export interface LogFile {
    header: string[];
    rows: string[][];
}
export interface LogRow {
    seq: number;
    at: string;
    id: string;
    value: number;
}
/** A line that says no number where one is wanted. */
export interface Unread {
    line: number;
    words: string;
}

const SEPARATORS = [';', '\t', ','];
/** So many columns are numbered in one line: the number of a value never changes. */
export const COLUMNS = 100;
const MOST_BYTES = 20_000_000;
const MOST_VALUES = 500_000;

/** Why a file is not read at all; empty: it is. */
export const tooLarge = (bytes: number): string =>
    bytes > MOST_BYTES ? 'A file of 20 MB at most: cut it by months.' : '';

/** Why so many values are not taken in; empty: they are. */
export const tooMany = (values: number): string =>
    values > MOST_VALUES ? 'Half a million values at most: choose fewer columns, or cut the file by months.' : '';

/** One line in pieces; quotes hold what belongs together. */
export function pieces(line: string, separator: string): string[] {
    const found: string[] = [];
    let piece = '';
    let quoted = false;
    for (let n = 0; n < line.length; n++) {
        const letter = line[n];
        if (letter === '"' && quoted && line[n + 1] === '"') {
            piece += '"';
            n++;
        } else if (letter === '"') quoted = !quoted;
        else if (letter === separator && !quoted) {
            found.push(piece.trim());
            piece = '';
        } else piece += letter;
    }
    return [...found, piece.trim()];
}

/** The sign that parts the first lines alike, and into most pieces. */
export function separatorOf(lines: string[]): string {
    const count = (s: string) => Math.min(...lines.map((line) => pieces(line, s).length));
    return [...SEPARATORS].sort((a, b) => count(b) - count(a))[0];
}

/** Null: fewer than two lines, or nothing that parts them. */
export function readLog(text: string): LogFile | null {
    const lines = text
        .replace(/^\uFEFF/, '')
        .split(/\r\n|\n|\r/)
        .filter((line) => line.trim() !== '');
    if (lines.length < 2) return null;
    const separator = separatorOf(lines.slice(0, 20));
    const [header, ...rows] = lines.map((line) => pieces(line, separator));
    return header.length < 2 ? null : { header, rows };
}

/** A number as loggers write it: a point or a comma before the parts of one. Null: none. */
export function numberOf(words: string): number | null {
    const plain = words.replace(/[\s\u00a0]/g, '');
    if (!/^[+-]?\d+([.,]\d+)?$/.test(plain)) return null;
    return Number(plain.replace(',', '.'));
}

/** Which column is which: by its name, where that says so. */
export function guess(header: string[], sensors: { key: string; name: string; quantity: string | null }[]): string[] {
    const taken = new Set<string>();
    return header.map((name) => {
        const said = name.toLowerCase();
        const is = /time|date|when|zeit|datum/.test(said) ? 'at' : undefined;
        const sensor = sensors.find(
            (s) => said === s.name.toLowerCase() || (s.quantity !== null && said.includes(s.quantity)),
        );
        const meant = is ?? sensor?.key ?? '';
        if (taken.has(meant)) return '';
        taken.add(meant);
        return meant;
    });
}

/** All values of the chosen columns, numbered by line and column; what is empty is none, what is no number is told. */
export function valuesOf(log: LogFile, columns: string[]): { rows: LogRow[]; unread: Unread[] } {
    const at = columns.indexOf('at');
    const rows: LogRow[] = [];
    const unread: Unread[] = [];
    log.rows.forEach((line, n) =>
        columns.forEach((id, column) => {
            const words = line[column] ?? '';
            if (id === '' || id === 'at' || words === '') return;
            const value = numberOf(words);
            if (value === null) unread.push({ line: n + 2, words });
            else rows.push({ seq: n * COLUMNS + column, at: line[at] ?? '', id, value });
        }),
    );
    return { rows, unread };
}

/** The line of the file a value stood in. */
export const lineOf = (seq: number): number => Math.floor(seq / COLUMNS) + 2;

/** What makes a file this file, for one probe: the same one again is the same, whatever it is called. */
export async function digestOf(text: string, id: string): Promise<string> {
    const bytes = new TextEncoder().encode(`${id}\n\n${text}`);
    if (!globalThis.crypto.subtle) return plainDigest(bytes);
    const digest = new Uint8Array(await globalThis.crypto.subtle.digest('SHA-256', bytes));
    return [...digest]
        .map((b) => b.toString(16).padStart(2, '0'))
        .join('')
        .slice(0, 36);
}

/** On plain HTTP there is no digest in the browser: five sums, each begun from another number (FNV-1a). */
function plainDigest(bytes: Uint8Array): string {
    return [0, 1, 2, 3, 4]
        .map((begun) => {
            let sum = (0x811c9dc5 ^ (begun * 0x9e3779b1)) >>> 0;
            for (const byte of bytes) sum = Math.imul(sum ^ byte, 0x01000193) >>> 0;
            return sum.toString(16).padStart(8, '0');
        })
        .join('')
        .slice(0, 36);
}
