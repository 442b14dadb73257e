import { useTranslation } from 'react-i18next';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect, useEffectEvent, useRef } from 'react';
import { api, at } from '../api/client';
import { ask, changed } from '../ask/queries';
import { Button } from '../ui/Button';
import { inDrill, startMadeUp } from './madeUp';
import { Problem } from '../ui/Problem';

interface Props {
    studentId: string;
    /** What of a ball is counted in this drill. */
    figure: 'carry_m' | 'roll_m';
    /** The number that is asked for; null where none is. */
    targetM: number | null;
    /** Balls that came before are of another run. */
    since: string | undefined;
    /** Balls that are counted already. */
    fed: string[];
    onBall: (id: string, metres: number) => void;
}

/** Measuring devices in a running drill: a ball of one that is joined counts by itself, at once. */
export function DrillFeed({ studentId, figure, targetM, since = '', fed, onBall }: Props) {
    const { t } = useTranslation();
    const queries = useQueryClient();
    const feed = useQuery(ask.drillFeed(studentId));
    const asked = useRef(targetM);
    useEffect(() => {
        asked.current = targetM;
    }, [targetM]);
    const again = () => queries.invalidateQueries(changed.drillFeed(studentId));
    const join = useMutation({
        mutationFn: ({ device, to }: { device: string; to: string | null }) =>
            api.PUT('/api/feed-devices/{device}/student', { ...at({ device }), body: { student_id: to } }),
        onSuccess: again,
    });
    const tried = useMutation({
        mutationFn: () =>
            startMadeUp(
                inDrill(studentId, () => asked.current),
                () => void again(),
            ),
        onSuccess: again,
    });
    const next = feed.data?.waiting.find((one) => one.came_at >= since && !fed.includes(one.id));
    const take = (ball: NonNullable<typeof next>, counts: boolean) => {
        const metres = ball.figures[figure];
        if (counts && metres !== undefined) onBall(ball.id, metres);
        // What is not told is kept out by its id; the next drill begins without it anyway.
        void api
            .DELETE('/api/students/{student}/feed/{feedBall}', at({ student: studentId, feedBall: ball.id }))
            .then(again, () => undefined);
    };
    const takeByItself = useEffectEvent(take);
    const nextId = next?.id;
    useEffect(() => {
        if (next !== undefined && !next.doubt) takeByItself(next, true);
        // Once for each ball, however often it is told.
        // eslint-disable-next-line react-hooks/exhaustive-deps
    }, [nextId]);
    const devices = feed.data?.devices ?? [];
    const trouble = join.error ?? tried.error;
    return (
        <div className="border-l-[6px] border-slate bg-press px-3 py-2" aria-live="polite">
            <div className="flex flex-wrap items-center gap-2">
                {devices.map((one) => {
                    const here = one.student_id === studentId;
                    return (
                        <Button
                            key={one.id}
                            chosen={here}
                            onClick={() => {
                                join.mutate({ device: one.id, to: here ? null : studentId });
                            }}
                        >
                            {here ? t('{{device}} counts', { device: one.name }) : t('Let {{device}} count', { device: one.name })}
                        </Button>
                    );
                })}
                <button
                    type="button"
                    className="min-h-12 px-2 underline underline-offset-4"
                    disabled={tried.isPending}
                    onClick={() => {
                        tried.mutate();
                    }}
                >
                    {t('Try with a made-up device')}
                </button>
            </div>
            {next?.doubt === true && (
                <div className="mt-2 flex flex-wrap items-center gap-2">
                    <span>{t('Hit as the device changed hands: is it this student’s?')}</span>
                    <Button
                        onClick={() => {
                            take(next, true);
                        }}
                    >
                        {t('Yes, count it')}
                    </Button>
                    <Button
                        onClick={() => {
                            take(next, false);
                        }}
                    >
                        {t('Not ours')}
                    </Button>
                </div>
            )}
            <Problem text={trouble?.message} />
        </div>
    );
}
