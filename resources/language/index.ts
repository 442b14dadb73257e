import i18next from 'i18next';
import { initReactI18next } from 'react-i18next';
import english from './en.json';

/** Languages there are; the first is the one in which keys are written. */
export const LANGUAGES = { en: 'English', de: 'Deutsch' } as const;

export type Language = keyof typeof LANGUAGES;

const books: Record<Exclude<Language, 'en'>, () => Promise<{ default: Record<string, string> }>> = {
    de: () => import('./de.json'),
};

// Keys are whole English sentences, so that code can be read and a sentence that is not translated yet is still one.
void i18next.use(initReactI18next).init({
    lng: 'en',
    fallbackLng: 'en',
    resources: { en: { translation: english } },
    keySeparator: false,
    nsSeparator: false,
    interpolation: { escapeValue: false },
    react: { useSuspense: false },
});

/** The first of the reader's languages that there is. */
export function readersLanguage(): Language {
    const known = navigator.languages.map((one) => one.split('-')[0] ?? '').find((one) => one in LANGUAGES);
    return (known as Language | undefined) ?? 'en';
}

/** From now on this language is spoken; pages are marked with it, so that a screen reader reads it as it is. */
export async function speak(language: Language): Promise<void> {
    if (language !== 'en' && !i18next.hasResourceBundle(language, 'translation'))
        i18next.addResourceBundle(language, 'translation', (await books[language]()).default);
    await i18next.changeLanguage(language);
    document.documentElement.lang = language;
}

/** For what is no component: those use useTranslation(). */
export const t = (key: string, values: Record<string, string | number> = {}): string => i18next.t(key, values);

/** A sentence that is said later, through t(): so that its language can change meanwhile. */
export const said = <T extends string>(key: T): T => key;

export { i18next };
