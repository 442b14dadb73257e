// Dates and numbers as the reader is used to; the words are English, so of his languages the first English one counts.

const LOCALE =
    Intl.getCanonicalLocales(typeof navigator === 'undefined' ? [] : [...navigator.languages]).find((one) =>
        one.toLowerCase().startsWith('en'),
    ) ?? 'en-GB';

const DAY = { day: 'numeric', month: 'short' } as const;

const dayOfYear = new Intl.DateTimeFormat(LOCALE, DAY);
const dayAndYear = new Intl.DateTimeFormat(LOCALE, { ...DAY, year: 'numeric' });
const dayAndTime = new Intl.DateTimeFormat(LOCALE, { ...DAY, hour: 'numeric', minute: '2-digit' });
const dayOfWeek = new Intl.DateTimeFormat(LOCALE, { ...DAY, weekday: 'short' });

export const decimal = new Intl.NumberFormat(LOCALE, { maximumFractionDigits: 1, useGrouping: false });

/** "24 Nov"; with its year where it is not this one */
export const day = (iso: string) => {
    const date = new Date(iso);
    return (date.getFullYear() === new Date().getFullYear() ? dayOfYear : dayAndYear).format(date);
};

/** "24 Nov, 10:32" */
export const moment = (iso: string) => dayAndTime.format(new Date(iso));

/** "Tue 24 Nov" of a date without a time */
export const weekday = (date: string) => dayOfWeek.format(new Date(`${date}T12:00:00`));
