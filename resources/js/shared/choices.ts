/** Choices several forms offer, in the words they all use. */

/** What a reading was taken with. */
export const METHODS = ['kit', 'probe', 'laboratory'] as const;

/** How exactly a date is known. */
export const PRECISIONS = {
    day: 'exact',
    month: 'good to a month',
    year: 'good to a year',
    about: 'about',
} as const;
