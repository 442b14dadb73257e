import { word } from '../language/trade';
import { useTranslation } from 'react-i18next';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState, type FormEvent } from 'react';
import { api } from '../api/client';
import { schoolKept, schoolsOf, shotOf } from '../api/catalogue';
import { useCatalogue } from '../ask/queries';
import type { Catalogue, Coach, PutAccount } from '../api/types.gen';
import { Button } from '../ui/Button';
import { Problem } from '../ui/Problem';
import { SelectField } from '../ui/SelectField';
import { TextField } from '../ui/TextField';
import { numberOr, shownFactor, shownUnit } from '../ui/units';
import { told } from '../api/told';

interface Way {
    school: string;
    lie: string;
    carry: string;
}

/** How the coach begins with each shot: a lesson, a plan and a look at the model start from it. */
export function Ways({ coach }: { coach: Coach }) {
    const { t } = useTranslation();
    const { data: catalogue } = useCatalogue();
    if (catalogue === undefined) return null;
    return (
        <section aria-label={t('How you begin')}>
            <h2 className="mb-1 text-xl">{t('How you begin')}</h2>
            <p className="mb-2 text-soft">{t('What is left open goes by your academy, else by the lie.')}</p>
            <Shots key={JSON.stringify([coach.usual, coach.units])} coach={coach} catalogue={catalogue} />
        </section>
    );
}

function Shots({ coach, catalogue }: { coach: Coach; catalogue: Catalogue }) {
    const { t } = useTranslation();
    const queries = useQueryClient();
    const factor = shownFactor('m', coach.units);
    const [ways, setWays] = useState<Record<string, Way>>(() =>
        Object.fromEntries(
            catalogue.shots.map(({ id }) => {
                const { school = '', lie = '', carry_m: carry } = coach.usual[id] ?? {};
                return [id, { school, lie, carry: carry === undefined ? '' : String(Math.round((carry / factor) * 10) / 10) }];
            }),
        ),
    );
    const save = useMutation({
        mutationFn: (usual: PutAccount['usual']) => api.PUT('/api/me', { body: { name: coach.name, units: coach.units, usual } }),
        onSuccess: () => queries.invalidateQueries(),
    });
    const onSend = (event: FormEvent) => {
        event.preventDefault();
        const said = Object.entries(ways).map(([shot, { school, lie, carry }]) => {
            // What is no number goes out as typed: the server names what is wrong with it.
            const metres = carry.trim() === '' ? null : numberOr(carry);
            return [
                shot,
                {
                    school: school === '' ? null : school,
                    lie: lie === '' ? null : lie,
                    carry_m: typeof metres === 'number' ? metres * factor : metres,
                },
            ];
        });
        save.mutate(Object.fromEntries(said));
    };
    return (
        <form onSubmit={onSend} className="space-y-3">
            {catalogue.shots.map(({ id }) => {
                const way = ways[id] ?? { school: '', lie: '', carry: '' };
                const change = (part: Partial<Way>) => {
                    setWays({ ...ways, [id]: { ...way, ...part } });
                };
                const lies = shotOf(catalogue, id)?.lies ?? [];
                const schools = schoolsOf(catalogue, id, way.lie);
                return (
                    <fieldset key={id} className="grid grid-cols-[1fr_1fr_6rem] items-end gap-2">
                        <legend className="font-semibold">{word(id)}</legend>
                        <SelectField
                            label={t('Lie')}
                            outer="block"
                            className="w-full"
                            options={[{ value: '', label: t('the usual one') }, ...lies.map(({ id, label }) => ({ value: id, label }))]}
                            value={way.lie}
                            onValue={(lie) => {
                                change({ lie, school: schoolKept(catalogue, id, lie, way.school) });
                            }}
                        />
                        <SelectField
                            label={t('School')}
                            outer="block"
                            className="w-full"
                            options={[
                                { value: '', label: t('the usual one') },
                                ...schools.map(({ id: school, name }) => ({ value: school, label: name })),
                            ]}
                            value={way.school}
                            onValue={(school) => {
                                change({ school });
                            }}
                        />
                        <TextField
                            label={`${t('Carry')}, ${shownUnit('m', coach.units)}`}
                            outer="block"
                            inputMode="decimal"
                            value={way.carry}
                            onValue={(carry) => {
                                change({ carry });
                            }}
                        />
                    </fieldset>
                );
            })}
            <Problem text={told(save.error)} />
            <Button type="submit" disabled={save.isPending}>
                {t('Save')}
            </Button>
            {save.isSuccess && <span role="status"> {t('Saved.')}</span>}
        </form>
    );
}
