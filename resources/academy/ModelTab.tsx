import { useTranslation } from 'react-i18next';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState, type FormEvent } from 'react';
import { answer, api } from '../api/client';
import { ask } from '../ask/queries';
import type { Calibration, Recalibrate } from '../api/types.gen';
import { told } from '../api/told';
import { Button } from '../ui/Button';
import { Skeleton, Trouble } from '../frame/Page';
import { Problem } from '../ui/Problem';
import { day } from '../ui/reader';
import { TextField } from '../ui/TextField';
import { numberOr } from '../ui/units';

/** The strike model as this academy has calibrated it. */
export function ModelTab() {
    const calibration = useQuery(ask.calibration());
    if (calibration.isError) return <Trouble error={calibration.error} onRetry={() => void calibration.refetch()} />;
    if (calibration.data === undefined) return <Skeleton />;
    return <Constants key={JSON.stringify(calibration.data.changes)} calibration={calibration.data} />;
}

function Constants({ calibration }: { calibration: Calibration }) {
    const { t } = useTranslation();
    const queries = useQueryClient();
    const [typed, setTyped] = useState<Record<string, string>>(() =>
        Object.fromEntries(Object.entries(calibration.changes).map(([key, value]) => [key, String(value)])),
    );
    const [reason, setReason] = useState('');
    const save = useMutation({
        mutationFn: (body: Recalibrate) => answer(api.PUT('/api/academy/calibration', { body })),
        // Every reading, and all that was summed up from readings.
        onSuccess: () => queries.invalidateQueries(),
    });
    const onSend = (event: FormEvent) => {
        event.preventDefault();
        const filled = Object.entries(typed).filter(([, value]) => value.trim() !== '');
        // What is no number goes out as typed: the server names what is wrong with it.
        save.mutate({
            changes: Object.fromEntries(filled.map(([key, value]) => [key, numberOr(value)])) as Record<string, number>,
            reason,
        });
    };
    return (
        <div>
            <p className="max-w-4xl">
                {t(
                    'The constants of the strike model. Change one only where your own ground has shown it; every reading says from then on that it goes by this academy’s figures, and why. What is left empty stays as it ships.',
                )}
            </p>
            <form onSubmit={onSend} className="mt-3">
                {groupsOf(calibration).map(([of, constants]) => (
                    <fieldset key={of} className="mt-3">
                        <legend className="text-lg font-semibold">{of}</legend>
                        <div className="grid gap-x-8 sm:grid-cols-2 lg:grid-cols-3">
                            {constants.map((one) => (
                                <label key={one.key} className="flex min-h-12 items-center gap-3 border-b border-line py-1">
                                    <span className="min-w-0 flex-1">
                                        <span className="block leading-tight">
                                            {one.label}
                                            {one.unit !== '' && `, ${shownConstant(one.unit)}`}
                                        </span>
                                        <span className="text-sm text-soft">{t('{{from}} to {{to}}', { from: one.min, to: one.max })}</span>
                                    </span>
                                    <input
                                        inputMode="decimal"
                                        className="min-h-11 w-24 border-[1.5px] border-ink bg-press px-2"
                                        placeholder={String(one.standard)}
                                        value={typed[one.key] ?? ''}
                                        onChange={(event) => {
                                            setTyped({ ...typed, [one.key]: event.target.value });
                                        }}
                                    />
                                </label>
                            ))}
                        </div>
                    </fieldset>
                ))}
                <div className="mt-4 flex flex-wrap items-end gap-3">
                    <TextField label={t('Why')} outer="block flex-1 font-semibold" value={reason} onValue={setReason} />
                    <Button type="submit" main disabled={save.isPending || reason.trim() === ''}>
                        {t('Recalibrate')}
                    </Button>
                </div>
                <Problem text={told(save.error)} className="mt-2" />
            </form>
            <h2 className="mt-6 mb-1 text-xl">{t('So far')}</h2>
            {calibration.history.length === 0 && <p>{t('As it ships.')}</p>}
            <ul>
                {calibration.history.map((one, at) => (
                    <li key={at} className="border-b border-line py-1.5">
                        {day(one.at)}, {one.by}: <strong>{one.reason}</strong>{' '}
                        {Object.keys(one.changes).length === 0
                            ? t('As it ships.')
                            : Object.entries(one.changes)
                                  .map(([key, value]) => `${nameOf(calibration, key)} ${String(value)}`)
                                  .join('; ')}
                    </li>
                ))}
            </ul>
        </div>
    );
}

const shownConstant = (unit: string) => (unit === 'degrees' ? '°' : unit);

/** The constants under what they are of, in the order in which they come. */
const groupsOf = ({ constants }: Calibration): [string, Calibration['constants']][] =>
    [...new Set(constants.map((one) => one.of))].map((of) => [of, constants.filter((one) => one.of === of)]);

function nameOf({ constants }: Calibration, key: string): string {
    const constant = constants.find((one) => one.key === key);
    return constant === undefined ? key : `${constant.of}: ${constant.label}`;
}
