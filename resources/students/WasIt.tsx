import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useTranslation } from 'react-i18next';
import { answer, api, at } from '../api/client';
import { told } from '../api/told';
import type { Work } from '../api/types.gen';
import { changed } from '../ask/queries';
import { Button } from '../ui/Button';
import { Problem } from '../ui/Problem';
import { SelectField } from '../ui/SelectField';

/** Nothing was wrong. */
const NOTHING = 'none';

interface Props {
    studentId: string;
    work: Work;
    was: NonNullable<Work['was']>;
}

/** What it really was, once that is known: one touch, and what the academy learns from. A second one takes it back. */
export function WasIt({ studentId, work, was: { lesson, confirmed, could_be: couldBe } }: Props) {
    const { t } = useTranslation();
    const queries = useQueryClient();
    const say = useMutation({
        mutationFn: (was: string | null) =>
            answer(api.PUT('/api/lessons/{lesson}/confirmed', { ...at({ lesson }), body: { confirmed: was } })),
        onSuccess: () => queries.invalidateQueries(changed.student(studentId)),
    });
    const pick = (was: string) => {
        say.mutate(was === confirmed ? null : was);
    };
    const others = couldBe.filter((one) => one.cause !== work.cause);
    const other = others.find((one) => one.cause === confirmed);
    return (
        <div role="group" aria-label={t('It really was')}>
            <h2 className="text-lg">{t('It really was')}</h2>
            <div className="mt-1 flex flex-wrap gap-1.5">
                {[
                    { cause: work.cause, name: work.name },
                    { cause: NOTHING, name: t('Nothing wrong') },
                ].map((one) => (
                    <Button
                        key={one.cause}
                        className="text-left text-sm leading-tight"
                        chosen={one.cause === confirmed}
                        disabled={say.isPending}
                        onClick={() => {
                            pick(one.cause);
                        }}
                    >
                        {one.name.split(':')[0]}
                    </Button>
                ))}
                <SelectField
                    unseen
                    label={t('It was another cause')}
                    className="max-w-full text-sm"
                    value={other?.cause ?? ''}
                    options={[
                        { value: '', label: t('Another cause') },
                        ...others.map((one) => ({ value: one.cause, label: one.name.split(':')[0] ?? one.name })),
                    ]}
                    onValue={(was) => {
                        say.mutate(was === '' ? null : was);
                    }}
                />
            </div>
            <Problem text={told(say.error)} className="mt-1" />
        </div>
    );
}
