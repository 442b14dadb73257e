import { LanguageChoice } from './LanguageChoice';
import { COACH, useCoachsLanguage } from './useCoachsLanguage';

/** The language in which this device speaks with the coach. */
export function CoachsLanguage() {
    const [spoken, choose] = useCoachsLanguage();
    return <LanguageChoice path={COACH} spoken={spoken} onChosen={choose} />;
}
