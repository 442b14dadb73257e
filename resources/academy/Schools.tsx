import { word } from '../language/trade';
import { useTranslation } from 'react-i18next';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState, type FormEvent } from 'react';
import { answer, api } from '../api/client';
import { schoolsOf } from '../api/catalogue';
import { changed, useCatalogue } from '../ask/queries';
import type { Academy, PutAcademy } from '../api/types.gen';
import { told } from '../api/told';
import { Button } from '../ui/Button';
import { Problem } from '../ui/Problem';
import { SelectField } from '../ui/SelectField';
import { TextField } from '../ui/TextField';
import { Check } from '../ui/Check';

/** What all coaches have in common: the name, and the school a shot is taught in unless a coach says otherwise. */
export function Schools({ academy }: { academy: Academy }) {
    const { t } = useTranslation();
    const queries = useQueryClient();
    const { data: catalogue } = useCatalogue();
    const [name, setName] = useState(academy.name);
    const [schools, setSchools] = useState(academy.schools);
    const [asksCode, setAsksCode] = useState(academy.asks_second_factor);
    const save = useMutation({
        mutationFn: (body: PutAcademy) => answer(api.PUT('/api/academy', { body })),
        onSuccess: () => Promise.all([changed.academy, { queryKey: ['catalogue'] }].map((one) => queries.invalidateQueries(one))),
    });
    const onSend = (event: FormEvent) => {
        event.preventDefault();
        save.mutate({ name, schools, asks_second_factor: asksCode });
    };
    if (catalogue === undefined) return null;
    return (
        <form className="max-w-xl space-y-4" onSubmit={onSend}>
            <TextField label={t('Name of the academy')} value={name} onValue={setName} />
            {catalogue.shots.map((shot) => (
                <SelectField
                    key={shot.id}
                    label={t('{{shot}}: taught as', { shot: word(shot.id) })}
                    className="w-full"
                    options={[
                        { value: '', label: t('the usual one for the lie') },
                        ...schoolsOf(catalogue, shot.id).map(({ id, name }) => ({ value: id, label: name })),
                    ]}
                    value={schools[shot.id] ?? ''}
                    onValue={(school) => {
                        const others = Object.fromEntries(Object.entries(schools).filter(([one]) => one !== shot.id));
                        setSchools(school === '' ? others : { ...others, [shot.id]: school as Academy['schools'][string] });
                    }}
                />
            ))}
            <Check checked={asksCode} onCheck={setAsksCode}>
                {t('A second factor is asked of all coaches: without one, exports, erasing and the like are closed to them')}
            </Check>
            <Problem text={told(save.error)} />
            <Button type="submit" main disabled={save.isPending || name.trim() === ''}>
                {t('Save')}
            </Button>
            {save.isSuccess && <p role="status">{t('Saved.')}</p>}
        </form>
    );
}
