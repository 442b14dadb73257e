import { LANGUAGES, type Language } from './index';

const placeOf = (path: string) => `low-point-language ${path}`;

/** The language that the reader of a page has chosen on this device; else the server goes by coach and device. */
export function chosenLanguage(path: string): Language | undefined {
    try {
        const kept = localStorage.getItem(placeOf(path));
        return kept !== null && kept in LANGUAGES ? (kept as Language) : undefined;
    } catch {
        return undefined;
    }
}

export function chooseLanguage(path: string, language: Language): void {
    try {
        localStorage.setItem(placeOf(path), language);
    } catch {
        // A device that keeps nothing asks again.
    }
}
