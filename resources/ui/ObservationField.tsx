import { LookPicture } from './LookPicture';
import { Problem } from './Problem';
import { useTranslation } from 'react-i18next';
import { Popover } from 'radix-ui';
import { useId, useState } from 'react';
import type { Handed, Observable, Units } from '../api/types.gen';
import { Button } from './Button';
import { numberOr, observed, off, shownFactor, shownUnit } from './units';

interface Props {
    what: Observable;
    value: number | string | null | undefined;
    units: Units;
    handed: Handed;
    /** What the server said against the value that was entered last. */
    fault?: string;
    stock?: [number, number];
    /** Half of the 90 % interval, where it was measured. */
    half?: number | null;
    /** Since when it stands, where it was seen in an earlier set. */
    since?: string;
    onSee: (value: number | string | null) => void;
}

/** One thing to look at: quiet until it was; a press offers the usual answers, an exact figure and the way back. */
export function ObservationField({ what, value, units, handed, fault, stock, half, since, onSee }: Props) {
    const { t } = useTranslation();
    const [open, setOpen] = useState(false);
    const seen = value !== null && value !== undefined;
    const see = (next: number | string | null) => {
        onSee(next);
        setOpen(false);
    };
    return (
        <Popover.Root open={open} onOpenChange={setOpen}>
            <Popover.Trigger
                data-look={what.id}
                data-since={since}
                className={`min-h-11 w-full py-0.5 text-left leading-tight ${fault === undefined ? '' : 'outline-3 outline-rust'}`}
            >
                <span className={seen ? '' : 'text-soft'}>{what.label}</span>{' '}
                {seen ? (
                    <>
                        {since === undefined ? (
                            <strong className="whitespace-nowrap">{observed(what, value, units)}</strong>
                        ) : (
                            <span className="text-soft">{t('{{seen}}, {{since}}', { seen: observed(what, value, units), since })}</span>
                        )}
                        {half != null && (
                            <span className="whitespace-nowrap" title={t('measured')}>
                                {' '}
                                {off(half, what.unit, units)}
                            </span>
                        )}
                    </>
                ) : (
                    <span className="sr-only">{t('not looked at')}</span>
                )}
            </Popover.Trigger>
            <Popover.Portal>
                <Popover.Content
                    sideOffset={6}
                    collisionPadding={12}
                    className="z-10 w-80 border-[1.5px] border-ink bg-paper p-4"
                    aria-label={what.label}
                >
                    <LookPicture look={what.id} handed={handed} className="mb-2 h-20 w-20" />
                    <div className="grid grid-cols-2 gap-2">
                        {what.answers.map((answer) => (
                            <Button
                                key={answer.label}
                                chosen={answer.value === value}
                                onClick={() => {
                                    see(answer.value);
                                }}
                            >
                                {answer.label}
                                {typeof answer.value === 'number' && (
                                    <span className="block text-sm font-normal">{observed(what, answer.value, units)}</span>
                                )}
                            </Button>
                        ))}
                    </div>
                    {what.kind === 'number' && <Exact what={what} value={value} units={units} stock={stock} onSee={see} />}
                    <Problem text={fault} className="mt-3" />
                    {seen && (
                        <button
                            type="button"
                            className="mt-3 min-h-12 underline"
                            onClick={() => {
                                see(null);
                            }}
                        >
                            {t('Not looked at after all')}
                        </button>
                    )}
                </Popover.Content>
            </Popover.Portal>
        </Popover.Root>
    );
}

function Exact({ what, value, units, stock, onSee }: Omit<Props, 'fault' | 'half' | 'handed'>) {
    const { t } = useTranslation();
    const id = useId();
    const factor = shownFactor(what.unit, units);
    const [typed, setTyped] = useState(typeof value === 'number' ? String(Math.round((value / factor) * 10) / 10) : '');
    return (
        <form
            className="mt-3"
            onSubmit={(event) => {
                event.preventDefault();
                const value = numberOr(typed);
                if (typed.trim() !== '') onSee(typeof value === 'number' ? value * factor : value);
            }}
        >
            <label htmlFor={id} className="text-sm">
                {t('Exactly, in {{unit}}', { unit: shownUnit(what.unit, units) })}
                {stock && (
                    <>
                        {' '}
                        {t('(card: {{from}} to {{to}})', {
                            from: observed(what, stock[0], units),
                            to: observed(what, stock[1], units),
                        })}
                    </>
                )}
            </label>
            <span className="flex gap-2">
                <input
                    id={id}
                    inputMode="decimal"
                    autoComplete="off"
                    value={typed}
                    onChange={(event) => {
                        setTyped(event.target.value);
                    }}
                    className="min-h-12 w-full border-[1.5px] border-ink bg-press px-2"
                />
                <button type="submit" className="min-h-12 border-[1.5px] border-ink bg-press px-4 font-semibold">
                    {t('Set')}
                </button>
            </span>
        </form>
    );
}
