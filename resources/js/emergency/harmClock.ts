import type { HarmCourseView } from '../generated';

/** What somebody has read, or done, on this phone. */
export interface Typed {
    kind: string;
    at: string;
    payload: Record<string, unknown>;
}
export interface Left {
    leftH: number | null;
    fittedH: number | null;
}
const H = 3_600_000;
/** Two readings nearer to each other say nothing. */
const APART_H = 0.5;
/** What is said to be done when the breaker of the wet gear is out. */
export const BREAKER_OUT = ['board-off', 'board-if-wet'];

/** Hours until the limit from a value, as the office's table has it: a straight line between two rows. */
export function hoursFrom(course: HarmCourseView, value: number): number | null {
    const away = course.rows[1][0] > course.rows[0][0] ? 1 : -1;
    if (away * (value - course.rows[0][0]) <= 0) return 0;
    const n = course.rows.findIndex(([v]) => away * (v - value) >= 0);
    if (n < 0) return course.rows[course.rows.length - 1][1];
    const [[fromValue, fromH], [toValue, toH]] = [course.rows[n - 1], course.rows[n]];
    if (fromH === null || toH === null) return null;
    return fromH + ((toH - fromH) * (value - fromValue)) / (toValue - fromValue);
}

/** Through the last reading and the latest one that lies far enough before it. */
function fit(course: HarmCourseView, readings: [number, number][], nowMs: number): number | null {
    const last = readings[readings.length - 1];
    const before = readings.filter(([at]) => last[0] - at >= APART_H * H).at(-1);
    if (!before) return null;
    const slope = (last[1] - before[1]) / ((last[0] - before[0]) / H);
    const towards = course.rises ? slope : -slope;
    const way = course.rises ? course.limit - last[1] : last[1] - course.limit;
    if (way <= 0) return 0;
    return towards <= 0 ? null : Math.max(0, way / towards - (nowMs - last[0]) / H);
}

/** Temperatures typed here, oldest first, on this phone's clock. */
export const typedReadings = (entries: Typed[]): [number, number][] =>
    entries
        .filter((e) => e.kind === 'reading' && e.payload.of === 'temperature' && typeof e.payload.value === 'number')
        .map((e): [number, number] => [Date.parse(e.at), e.payload.value as number]);

/** Hours left now, put right by what the office knew and by what was typed here since. The shorter shows. */
export function leftBy(
    course: HarmCourseView,
    typed: [number, number][],
    nowMs: number,
    beganMs = course.beganMs,
): Left {
    const all = [...(course.readings as [number, number][]), ...typed]
        .filter(([at]) => at <= nowMs)
        .sort((a, b) => a[0] - b[0]);
    const since = all.map(([at, value]): [number, number] => [Math.max(at, beganMs), value]);
    const last = since[since.length - 1] ?? [beganMs, course.start];
    const from = hoursFrom(course, last[1]);
    const computed = from === null ? null : Math.max(0, from - (nowMs - last[0]) / H);
    const fitted = since.length > 1 ? fit(course, since, nowMs) : null;
    const both = [computed, fitted].filter((h): h is number => h !== null);
    return { leftH: both.length ? Math.min(...both) : null, fittedH: fitted };
}

/** When somebody said on this phone that the breaker is out; null: nobody has. */
export function breakerOutMs(entries: Typed[]): number | null {
    const said = entries.filter((e) => e.kind === 'did' && BREAKER_OUT.includes(String(e.payload.of)));
    return said.length ? Math.min(...said.map((e) => Date.parse(e.at))) : null;
}
