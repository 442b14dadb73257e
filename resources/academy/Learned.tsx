import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useTranslation } from 'react-i18next';
import { answer, api } from '../api/client';
import { told } from '../api/told';
import type { Ledger } from '../api/types.gen';
import { ask } from '../ask/queries';
import { Skeleton, Trouble } from '../frame/Page';
import { said } from '../language';
import { Button } from '../ui/Button';
import { HelperSilent } from '../ui/HelperSilent';
import { Problem } from '../ui/Problem';
import { moment } from '../ui/reader';

/** What this academy has learned from its own outcomes, in sentences; used where it proves itself, and only while its lead wants it. */
export function Learned() {
    const { t } = useTranslation();
    const ledger = useQuery(ask.ledger());
    const queries = useQueryClient();
    const take = (now: Ledger) => {
        queries.setQueryData(ask.ledger().queryKey, now);
    };
    const want = useMutation({
        mutationFn: (wanted: boolean) => answer(api.PUT('/api/academy/ledger', { body: { wanted } })),
        // Every reading goes by it, or no longer does.
        onSuccess: () => queries.invalidateQueries(),
    });
    const learn = useMutation({ mutationFn: () => answer(api.POST('/api/academy/ledger/learn')), onSuccess: take });
    if (ledger.isError && ledger.data === undefined) return <Trouble error={ledger.error} onRetry={() => void ledger.refetch()} />;
    if (ledger.data === undefined) return <Skeleton />;
    const { least, wanted, used, finding, at_work: atWork, learned_at: learnedAt } = ledger.data;
    return (
        <div className="max-w-4xl">
            <p>
                {t(
                    'Each night the app holds what was worked on against what became of it, and asks which causes and which kinds of evidence tell more here than elsewhere. It begins with {{least}} works of which a coach said what it really was: one touch on the student’s page. Nothing leaves this installation.',
                    { least },
                )}
            </p>
            <p className="mt-4 text-xl font-semibold">{t(state(ledger.data))}</p>
            {finding !== null && (
                <p className="mt-1">
                    {t('{{lines}} works that came to an end, {{confirmed}} of them confirmed.', {
                        lines: finding.lines,
                        confirmed: finding.confirmed,
                    })}{' '}
                    {finding.why}
                </p>
            )}
            <div className="mt-4 flex flex-wrap items-center gap-3">
                <div role="group" aria-label={t('Use what was learned')} className="flex">
                    <Button
                        chosen={wanted}
                        disabled={want.isPending}
                        onClick={() => {
                            want.mutate(true);
                        }}
                    >
                        {t('Use it where it proves itself')}
                    </Button>
                    <Button
                        className="-ml-[1.5px]"
                        chosen={!wanted}
                        disabled={want.isPending}
                        onClick={() => {
                            want.mutate(false);
                        }}
                    >
                        {t('Do not use it')}
                    </Button>
                </div>
                <Button
                    disabled={atWork !== null || learn.isPending}
                    onClick={() => {
                        learn.mutate();
                    }}
                >
                    {t('Learn now')}
                </Button>
                <a
                    className="inline-flex min-h-12 items-center border-[1.5px] border-ink bg-press px-3 font-semibold"
                    href="/api/academy/ledger.jsonl"
                >
                    {t('The ledger (.jsonl)')}
                </a>
                {learnedAt !== null && atWork === null && <span>{t('Learned {{at}}.', { at: moment(learnedAt) })}</span>}
            </div>
            {atWork !== null && (
                <p className="mt-2" role="status">
                    {ledger.data.helper_silent ? (
                        <HelperSilent />
                    ) : (
                        <>
                            {t(STEPS[atWork.step])} {atWork.of > 0 && t('{{done}} of {{of}}', { done: atWork.done, of: atWork.of })}
                        </>
                    )}
                </p>
            )}
            <Problem text={told(want.error ?? learn.error)} className="mt-2" />
            {finding !== null && finding.sentences.length > 0 && (
                <>
                    <h2 className="mt-4 text-lg">{used ? t('What is other here') : t('What would be other here')}</h2>
                    <ul>
                        {finding.sentences.map((one) => (
                            <li key={one} className="border-b border-line py-1.5">
                                {one}
                            </li>
                        ))}
                    </ul>
                </>
            )}
        </div>
    );
}

const STEPS: Record<NonNullable<Ledger['at_work']>['step'], string> = {
    waiting: said('Waiting for its turn.'),
    works: said('Reading what was worked on.'),
    lines: said('Reading the sets anew.'),
    blocks: said('Holding it against later lessons.'),
    fit: said('Fitting.'),
};

function state({ used, finding, wanted }: Ledger): string {
    if (used) return said('Readings go by what was learned here.');
    if (finding === null) return said('Nothing was learned yet.');
    return finding.adopted && !wanted ? said('It proved itself, and is switched off.') : said('Readings go by the engine as it ships.');
}
