import { inSentence } from '../language/trade';
import { useTranslation } from 'react-i18next';
import { t } from '../language';
import { useState } from 'react';
import type { BallSet, Handed, Observable, Reading, Units } from '../api/types.gen';
import { ObservationField } from '../ui/ObservationField';
import { Standing } from './Standing';

interface Props {
    looks: Observable[];
    set: BallSet;
    reading: Reading | undefined;
    units: Units;
    handed: Handed;
    /** When the lesson began. */
    began: string;
    faultOf: (key: string) => string | undefined;
    onSee: (what: Observable, value: number | string | null) => void;
}

/** What was seen as a short list; what was not is a press further. */
export function Looks({ looks, set, reading, units, handed, began, faultOf, onSee }: Props) {
    const { t } = useTranslation();
    const [open, setOpen] = useState(false);
    const seen = (one: Observable) => set[one.group][one.id] !== undefined && set[one.group][one.id] !== null;
    const fault = (one: Observable) => faultOf(`${one.group}.${one.id}`);
    // One that was entered just now stands no longer, whatever the reading that is on its way still says.
    const standing = (reading?.standing ?? []).filter((one) => !looks.some((look) => look.id === one.observable && seen(look)));
    const rest = looks.filter(
        (one) => !seen(one) && fault(one) === undefined && !standing.some((earlier) => earlier.observable === one.id),
    );
    const field = (one: Observable) => (
        <ObservationField
            key={one.id}
            what={one}
            value={set[one.group][one.id]}
            half={set.measured?.[one.id]}
            units={units}
            handed={handed}
            stock={reading?.card[one.id]}
            fault={fault(one)}
            onSee={(value) => {
                onSee(one, value);
            }}
        />
    );
    const listed = looks.filter((one) => seen(one) || (fault(one) !== undefined && !standing.some((s) => s.observable === one.id)));
    return (
        <div className="mt-2">
            {listed.length > 0 && (
                <>
                    <h2 className="mb-1 border-t border-line pt-2 text-lg">{t('Seen')}</h2>
                    <div className="grid grid-cols-2 gap-x-3">{listed.map(field)}</div>
                </>
            )}
            <Standing {...{ standing, looks, began, units, handed, onSee }} faultOf={fault} />
            <div className="mt-2 border-t border-line pt-1">
                <button
                    type="button"
                    aria-expanded={open}
                    className="min-h-11 w-full text-left leading-tight"
                    onClick={() => {
                        setOpen(!open);
                    }}
                >
                    <span className="underline underline-offset-4">{t('{{count}} more checks', { count: rest.length })}</span>
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
