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
    zone = timezone ?? undefined;
}

/** A date without a time is the same everywhere: it is read and written as of here. */
const ANYWHERE = 'UTC';

function formats(language: string, timeZone: string | undefined) {
    const locale = localeOf(language);
    return {
        dayOfYear: new Intl.DateTimeFormat(locale, { ...DAY, timeZone }),
        dayAndYear: new Intl.DateTimeFormat(locale, { ...DAY, year: 'numeric', timeZone }),
        dayAndTime: new Intl.DateTimeFormat(locale, { ...DAY, hour: 'numeric', minute: '2-digit', timeZone }),
        weekdayAlone: new Intl.DateTimeFormat(locale, { weekday: 'short', timeZone }),
        dayOfWeek: new Intl.DateTimeFormat(locale, { ...DAY, weekday: 'short', timeZone }),
        decimal: new Intl.NumberFormat(locale, { maximumFractionDigits: 1, useGrouping: false }),
    };
}

function reader(timeZone = zone) {
    const key = `${i18next.language} ${timeZone ?? ''}`;
    const known = made.get(key) ?? formats(i18next.language, timeZone);
    made.set(key, known);
    return known;
}

export const decimal = (value: number) => reader().decimal.format(value);

/** The reader's day of a moment, not the one in Greenwich. */
export const dayIso = (at: Date) => at.toLocaleDateString('sv', { timeZone: zone });

export const todayIso = () => dayIso(new Date());

/** "24 Nov", of a time or of a date; with its year where it is not this one */
export const day = (iso: string) => {
    const { dayOfYear, dayAndYear } = reader(iso.includes('T') ? zone : ANYWHERE);
    return (iso.slice(0, 4) === todayIso().slice(0, 4) ? dayOfYear : dayAndYear).format(new Date(iso));
};

/** "24 Nov, 10:32" */
export const moment = (iso: string) => reader().dayAndTime.format(new Date(iso));

/** "Tue 24 Nov" of a date without a time */
export const weekday = (date: string) => reader(ANYWHERE).dayOfWeek.format(new Date(date));

const A_MONDAY = Date.UTC(2024, 0, 1);
const A_DAY_MS = 86_400_000;

/** "Mon" to "Sun" with their ISO numbers, from the day on which the week begins */
export const weekdays = (starts = 1) =>
    Array.from({ length: 7 }, (_, i) => {
        const day = ((starts - 1 + i) % 7) + 1;
        return { day, name: reader(ANYWHERE).weekdayAlone.format(new Date(A_MONDAY + (day - 1) * A_DAY_MS)) };
    });
