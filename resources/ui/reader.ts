import { i18next } from '../language';

// Dates and numbers as the reader is used to: of his languages the first that goes with the words on the screen.

/** Where the reader has no language of these words, the way they are written at their home. */
const HOME: Record<string, string> = { en: 'en-GB', de: 'de-DE' };

const DAY = { day: 'numeric', month: 'short' } as const;

function localeOf(language: string): string {
    const readers = Intl.getCanonicalLocales(typeof navigator === 'undefined' ? [] : [...navigator.languages]);
    return readers.find((one) => one.toLowerCase().startsWith(language)) ?? HOME[language] ?? language;
}

const made = new Map<string, ReturnType<typeof formats>>();

/** Where the reader is; undefined = where his device is. */
let zone: string | undefined;

/** Days and times are those of this place from now on. */
export function readAt(timezone: string | null): void {
    if ((timezone ?? undefined) === zone) return;
    zone = timezone ?? undefined;
    made.clear();
}

function formats(language: string) {
    const locale = localeOf(language);
    return {
        dayOfYear: new Intl.DateTimeFormat(locale, { ...DAY, timeZone: zone }),
        dayAndYear: new Intl.DateTimeFormat(locale, { ...DAY, year: 'numeric', timeZone: zone }),
        dayAndTime: new Intl.DateTimeFormat(locale, { ...DAY, hour: 'numeric', minute: '2-digit', timeZone: zone }),
        weekdayAlone: new Intl.DateTimeFormat(locale, { weekday: 'short', timeZone: 'UTC' }),
        dayOfWeek: new Intl.DateTimeFormat(locale, { ...DAY, weekday: 'short' }),
        decimal: new Intl.NumberFormat(locale, { maximumFractionDigits: 1, useGrouping: false }),
    };
}

function reader() {
    const { language } = i18next;
    const known = made.get(language) ?? formats(language);
    made.set(language, known);
    return known;
}

export const decimal = (value: number) => reader().decimal.format(value);

/** The reader's day, not the one in Greenwich. */
export const todayIso = () => new Date().toLocaleDateString('sv', { timeZone: zone });

/** "24 Nov"; with its year where it is not this one */
export const day = (iso: string) => {
    const date = new Date(iso);
    return (date.getFullYear() === new Date().getFullYear() ? reader().dayOfYear : reader().dayAndYear).format(date);
};

/** "24 Nov, 10:32" */
export const moment = (iso: string) => reader().dayAndTime.format(new Date(iso));

/** "Tue 24 Nov" of a date without a time */
export const weekday = (date: string) => reader().dayOfWeek.format(new Date(`${date}T12:00:00`));

const A_MONDAY = Date.UTC(2024, 0, 1);
const A_DAY_MS = 86_400_000;

/** "Mon" to "Sun" with their ISO numbers, from the day on which the week begins */
export const weekdays = (starts = 1) =>
    Array.from({ length: 7 }, (_, i) => {
        const day = ((starts - 1 + i) % 7) + 1;
        return { day, name: reader().weekdayAlone.format(new Date(A_MONDAY + (day - 1) * A_DAY_MS)) };
    });
