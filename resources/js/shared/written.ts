/**
 * A number as people write it: "4500 mm", "4.5 m", "4 ft 7", "55 1/8", "1,5". Reading letters is done here, what a
 * unit is worth the server says.
 */
export interface WrittenUnit {
    factor: number;
    offset: number;
}

export interface Written {
    value: number;
    /** As written, in small letters; none: the unit of the field. */
    unit: string | null;
}

const SPACES = /[\u00a0\u202f\s]+/g;
const PART =
    /^(-?)(?:(\d+)\s+(\d+)\/(\d+)|(\d+)\/(\d+)|(\d+(?:\.\d*)?|\.\d+))\s*(°?[a-zµ]+[²³23]?(?:\/(?:h|min))?|["'″′%])?\s*/iu;

/** Thousands apart and decimal commas made plain. */
function plain(text: string): string {
    const spaced = text.trim().replace(SPACES, ' ');
    // "4 500" is four thousand five hundred; "55 1/8" is not.
    const joined = spaced.replace(
        /(?<![\d./])(\d{1,3})((?: \d{3})+)(?![\d/])/g,
        (_, head: string, rest: string) => head + rest.replace(/ /g, ''),
    );
    return joined.includes(',') && joined.includes('.') ? joined.replace(/,/g, '') : joined.replace(/,/g, '.');
}

/** Its parts, "4 ft 7" has two; null when it is no number. */
export function readWritten(text: string): Written[] | null {
    let rest = plain(text);
    const parts: Written[] = [];
    while (rest !== '') {
        const match = PART.exec(rest);
        if (!match) return null;
        const [all, sign, whole, over, under, top, bottom, decimal, unit] = match;
        const size =
            decimal !== undefined
                ? Number(decimal)
                : whole !== undefined
                  ? Number(whole) + Number(over) / Number(under)
                  : Number(top) / Number(bottom);
        if (!Number.isFinite(size) || (sign && parts.length)) return null;
        parts.push({ value: sign ? -size : size, unit: unit?.toLowerCase() ?? null });
        rest = rest.slice(all.length);
    }
    return parts.length ? parts : null;
}

const FEET = ['ft', 'feet', "'", '′'];

/**
 * In the core's unit; null when it cannot be read.
 *
 * @param own turns a number in the field's own unit into the core's
 */
export function worth(text: string, units: Record<string, WrittenUnit>, own: (value: number) => number): number | null {
    const parts = readWritten(text);
    if (!parts) return null;
    if (parts.length === 1 && parts[0].unit === null) return own(parts[0].value);
    let sum = 0;
    for (const [n, part] of parts.entries()) {
        // "4 ft 7": what follows feet without a word is inches. Nothing else may stand without one.
        const word = part.unit ?? (n > 0 && FEET.includes(parts[n - 1].unit ?? '') ? 'in' : null);
        const unit = word === null ? undefined : units[word];
        if (!unit || (parts.length > 1 && unit.offset !== 0)) return null;
        sum += part.value * unit.factor + unit.offset;
    }
    return sum;
}
