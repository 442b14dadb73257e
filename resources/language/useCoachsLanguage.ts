import { useQueryClient } from '@tanstack/react-query';
import { useTranslation } from 'react-i18next';
import { speak, type Language } from './index';

/** Where the choice of whoever coaches on this device is kept. */
export const COACH = 'coach';

/** The language of the coach's screens, and how to change it: what the server has said so far is asked for anew. */
export function useCoachsLanguage(): [Language, (language: Language) => void] {
    const { i18n } = useTranslation();
    const queries = useQueryClient();
    return [
        i18n.language as Language,
        (language) => {
            void speak(language).then(() => queries.invalidateQueries());
        },
    ];
}
