import { useTranslation } from 'react-i18next';
import { LANGUAGES, type Language } from './index';
import { chooseLanguage } from './chosen';

interface Props {
    path: string;
    spoken: Language;
    onChosen: (language: Language) => void;
}

/** The language of the page, each by its own name. */
export function LanguageChoice({ path, spoken, onChosen }: Props) {
    const { t } = useTranslation();
    return (
        <select
            aria-label={t('Language')}
            className="min-h-11 border border-line bg-paper px-1"
            value={spoken}
            onChange={(event) => {
                const language = event.target.value as Language;
                chooseLanguage(path, language);
                onChosen(language);
            }}
        >
            {Object.entries(LANGUAGES).map(([id, name]) => (
                <option key={id} value={id} lang={id}>
                    {name}
                </option>
            ))}
        </select>
    );
}
