import { useTranslation } from 'react-i18next';
import type { WeighedCause } from '../api/types.gen';
import { Button } from '../ui/Button';
import { SelectField } from '../ui/SelectField';

/** So many are offered at a touch, in the order of the alphabet: their order tells nothing. */
const OFFERED = 6;

const NOTHING = 'none';

interface Props {
    causes: WeighedCause[];
    onThink: (cause: string) => void;
    /** The reading is wanted without an answer. */
    onSkip: () => void;
}

/** What the coach thinks it is, before he sees what the reading says: one touch. */
export function AskFirst({ causes, onThink, onSkip }: Props) {
    const { t } = useTranslation();
    const named = (one: WeighedCause) => one.name.split(':')[0] ?? one.name;
    const byName = (one: WeighedCause, other: WeighedCause) => named(one).localeCompare(named(other));
    const offered = causes.slice(0, OFFERED).sort(byName);
    const others = causes.slice(OFFERED).sort(byName);
    return (
        <div role="group" aria-labelledby="ask-first" className="border-t border-line pt-2">
            <h3 id="ask-first" className="text-xl">
                {t('What do you think it is?')}
            </h3>
            <p className="mb-2 text-sm text-soft">{t('Asked first, as you wished. The reading comes with your answer.')}</p>
            <div className="grid gap-1.5">
                {offered.map((one) => (
                    <Button
                        key={one.id}
                        className="text-left leading-tight"
                        onClick={() => {
                            onThink(one.id);
                        }}
                    >
                        {named(one)}
                    </Button>
                ))}
                <Button
                    className="text-left leading-tight"
                    onClick={() => {
                        onThink(NOTHING);
                    }}
                >
                    {t('Nothing wrong')}
                </Button>
                {others.length > 0 && (
                    <SelectField
                        unseen
                        label={t('Another cause')}
                        className="w-full"
                        value=""
                        options={[{ value: '', label: t('Another cause') }, ...others.map((one) => ({ value: one.id, label: named(one) }))]}
                        onValue={onThink}
                    />
                )}
                <button type="button" className="min-h-11 text-left underline underline-offset-4" onClick={onSkip}>
                    {t('Show the reading without an answer')}
                </button>
            </div>
        </div>
    );
}
