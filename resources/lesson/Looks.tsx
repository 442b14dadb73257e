import { inSentence } from '../language/trade';
import { useTranslation } from 'react-i18next';
import { t } from '../language';
import { useState } from 'react';
import type { BallSet, Observable, Reading, Units } from '../api/types.gen';
import { ObservationField } from '../ui/ObservationField';

interface Props {
    looks: Observable[];
    set: BallSet;
    reading: Reading | undefined;
    units: Units;
    faultOf: (key: string) => string | undefined;
    onSee: (what: Observable, value: number | string | null) => void;
}

/** What was seen as a short list; what was not is a press further. */
export function Looks({ looks, set, reading, units, faultOf, onSee }: Props) {
    const { t } = useTranslation();
    const [open, setOpen] = useState(false);
    const seen = (one: Observable) => set[one.group][one.id] !== undefined && set[one.group][one.id] !== null;
    const fault = (one: Observable) => faultOf(`${one.group}.${one.id}`);
    const rest = looks.filter((one) => !seen(one) && fault(one) === undefined);
    const field = (one: Observable) => (
        <ObservationField
            key={one.id}
            what={one}
            value={set[one.group][one.id]}
            half={set.measured?.[one.id]}
            units={units}
            stock={reading?.card[one.id]}
            fault={fault(one)}
            onSee={(value) => {
                onSee(one, value);
            }}
        />
    );
    const listed = looks.filter((one) => !rest.includes(one));
    return (
        <div className="mt-2">
            {listed.length > 0 && (
                <>
                    <h2 className="mb-1 border-t border-line pt-2 text-lg">{t('Seen')}</h2>
                    <div className="grid grid-cols-2 gap-x-3">{listed.map(field)}</div>
                </>
            )}
            <div className="mt-2 border-t border-line pt-1">
                <button
                    type="button"
                    aria-expanded={open}
                    className="min-h-11 w-full text-left leading-tight"
                    onClick={() => {
                        setOpen(!open);
                    }}
                >
                    <span className="underline underline-offset-4">{t('{{count}} more looks', { count: rest.length })}</span>
                    {!open && <span className="block text-sm text-soft">{namesOf(rest)}</span>}
                </button>
                {open && <div className="grid grid-cols-2 gap-x-3">{rest.map(field)}</div>}
            </div>
        </div>
    );
}

const NAMED = 8;

function namesOf(looks: Observable[]): string {
    const names = looks.slice(0, NAMED).map((one) => inSentence(one.label));
    return names.join(', ') + (looks.length > NAMED ? ' ' + t('and others') : '');
}
