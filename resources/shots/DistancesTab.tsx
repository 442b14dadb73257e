import { useTranslation } from 'react-i18next';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useSearchParams } from 'react-router-dom';
import { ask } from '../ask/queries';
import type { Distances, Units } from '../api/types.gen';
import { word } from '../language/trade';
import { Button } from '../ui/Button';
import { Skeleton, Trouble } from '../frame/Page';
import { TextField } from '../ui/TextField';
import { numberOr, shownFactor, shownUnit, withUnit } from '../ui/units';
import { CarryLadder } from './CarryLadder';
import { CarryTable } from './CarryTable';
import { useSettled, type OfShots } from './shots';
import { told as whatIsWrong } from '../api/told';
import { Problem } from '../ui/Problem';

/** A carry from the address, m, as it would be typed. */
const shown = (metres: string | null, units: Units) =>
    metres === null || Number(metres) <= 0 ? '' : String(Math.round((Number(metres) / shownFactor('m', units)) * 10) / 10);

/** How far a student hits what, what to take for a number, and what the spread says. */
export function DistancesTab({ units, student }: OfShots) {
    const { t } = useTranslation();
    const [asked] = useSearchParams();
    const [typed, setTyped] = useState(() => shown(asked.get('for'), units));
    const number = numberOr(typed);
    const target = useSettled(typeof number === 'number' ? String(number * shownFactor('m', units)) : typed);
    const distances = useQuery({ ...ask.distances(student?.id ?? '', ''), enabled: student !== undefined });
    const forNumber = useQuery({ ...ask.distances(student?.id ?? '', target), enabled: student !== undefined && target !== '' });
    const told = target === '' || forNumber.data === undefined ? distances.data : forNumber.data;
    if (student === undefined)
        return (
            <p>
                {t('Distances are a student’s own.')}{' '}
                <Link to="/" className="underline underline-offset-4">
                    {t('Choose one')}
                </Link>
            </p>
        );
    if (distances.data === undefined || told === undefined)
        return distances.isError ? <Trouble error={distances.error} onRetry={() => void distances.refetch()} /> : <Skeleton />;
    const { chart } = distances.data.distances;
    return (
        <div className="grid gap-x-8 gap-y-4 lg:grid-cols-[1fr_20rem]">
            <div className="min-w-0">
                {chart.length === 0 ? <NoChart /> : <CarryLadder chart={chart} target={Number(target) || null} units={units} />}
                {chart.length > 0 && <CarryTable chart={chart} units={units} />}
                {distances.data.unplaced > 0 && (
                    <p className="mt-3 text-soft">
                        {t('{{count}} clean balls with a carry are in no chart: their backswing was not noted.', {
                            count: distances.data.unplaced,
                        })}
                    </p>
                )}
            </div>
            <aside className="space-y-4 border-line lg:border-l lg:pl-6">
                <p className="text-lg">{told.distances.finding.text}</p>
                <div className="print:hidden">
                    <TextField
                        label={t('For a carry of, {{unit}}', { unit: shownUnit('m', units) })}
                        className="w-28"
                        inputMode="decimal"
                        value={typed}
                        onValue={setTyped}
                    />
                    <Problem text={target === '' ? '' : whatIsWrong(forNumber.error)} className="mt-2" />
                </div>
                <ForNumber distances={told} units={units} />
                {chart.length > 0 && (
                    <Button
                        className="print:hidden"
                        onClick={() => {
                            window.print();
                        }}
                    >
                        {t('Print the card for the bag')}
                    </Button>
                )}
            </aside>
        </div>
    );
}

function NoChart() {
    const { t } = useTranslation();
    return (
        <div className="border-l-[6px] border-ochre bg-ochre-wash p-4">
            <p>
                {t(
                    'No chart yet. It is made of clean balls at free speed whose carry and backswing were noted: five at one length begin it.',
                )}
            </p>
            <p>{t('The drill “Backswing stations” logs fifteen in one go.')}</p>
        </div>
    );
}

function ForNumber({ distances, units }: { distances: Distances; units: Units }) {
    const { t } = useTranslation();
    const { for_target: choices } = distances.distances;
    if (choices.length === 0) return null;
    return (
        <ol className="space-y-2" aria-live="polite">
            {choices.map((one, i) => (
                <li
                    key={`${one.club} ${one.backswing} ${one.note}`}
                    className={i === 0 ? 'border-l-[6px] border-marram pl-3' : 'pl-[18px]'}
                >
                    <strong className={`inline-block first-letter:uppercase ${i === 0 ? 'display text-xl' : ''}`}>
                        {one.note === '' ? t('{{club}} to the {{length}}', { club: one.club, length: word(one.backswing) }) : one.note}
                    </strong>
                    <span className="block">
                        {t('carries {{far}}, off by {{off}} on average', {
                            far: withUnit(one.expected_m, 'm', units),
                            off: withUnit(one.expected_error_m, 'm', units),
                        })}
                    </span>
                </li>
            ))}
        </ol>
    );
}
