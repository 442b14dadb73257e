import { useTranslation } from 'react-i18next';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useNavigate } from 'react-router-dom';
import { ulid } from 'ulid';
import { api, at } from '../api/client';
import { now } from '../api/clock';
import { ask, useCatalogue } from '../ask/queries';
import type { Brushed, Student } from '../api/types.gen';
import { useBench } from '../lesson/useBench';
import { Button } from '../ui/Button';
import type { Slope } from './SlopeTab';
import { told as whatIsWrong } from '../api/told';
import { Problem } from '../ui/Problem';

interface Props {
    /** Null while too few brushes were tapped. */
    slope: Slope | null;
    caution: string;
    student: Student | undefined;
    /** The set of a lesson that the ball's place is for. */
    into: { lesson: string | null; set: string | null };
}

/** Whether the brush repeats, where the ball belongs, and what the student's other slopes say. */
export function BrushAnswer({ slope, caution, student, into }: Props) {
    const { t } = useTranslation();
    const answer = useQuery(ask.brush(slope === null ? null : { ...slope, student_id: student?.id ?? null }));
    const told = slope === null ? undefined : answer.data;
    return (
        <aside className="space-y-3 border-line lg:border-l lg:pl-6" aria-live="polite">
            {told === undefined ? (
                <>
                    <h2 className="text-2xl">{t('Rehearse beside the ball')}</h2>
                    <p>
                        {t(
                            'Three to five practice swings on the slope. Tap where each brush begins: the ball belongs where it begins to repeat.',
                        )}
                    </p>
                </>
            ) : (
                <>
                    <h2 className="text-2xl">
                        {told.repeats
                            ? t('Ball at {{pct}} % of the stance', { pct: Math.round(told.ball_position_pct) })
                            : t('Not yet the same twice')}
                    </h2>
                    <p>{told.text}</p>
                    {told.own !== null && <p className="border-l-[6px] border-marram pl-3">{told.own}</p>}
                </>
            )}
            {told?.repeats === true && slope !== null && into.lesson !== null && into.set !== null && (
                <PlaceBall lessonId={into.lesson} setId={into.set} pct={told.ball_position_pct} />
            )}
            {told?.repeats === true && slope !== null && student !== undefined && (
                <KeepSlope key={JSON.stringify(slope)} {...{ slope, student, told }} />
            )}
            <Problem text={slope === null ? '' : whatIsWrong(answer.error)} />
            <p>{caution}</p>
        </aside>
    );
}

function KeepSlope({ slope, student, told }: { slope: Slope; student: Student; told: Brushed }) {
    const { t } = useTranslation();
    const queries = useQueryClient();
    const keeping = useMutation({
        mutationFn: (id: string) =>
            api.PUT('/api/students/{student}/brushes/{brush}', { ...at({ student: student.id, brush: id }), body: slope }),
        onSuccess: () => queries.invalidateQueries({ queryKey: ['brush'] }),
    });
    return (
        <Button
            disabled={keeping.isPending || keeping.isSuccess}
            onClick={() => {
                keeping.mutate(ulid(now()));
            }}
        >
            {keeping.isSuccess
                ? t('Kept: {{count}} slopes so far', { count: told.slopes })
                : t('Keep this slope for {{name}}', { name: student.name })}
        </Button>
    );
}

const BALL_POSITION = 'ball_position_pct';

/** The ball goes where the brush begins, in the lesson that asked for it. */
function PlaceBall({ lessonId, setId, pct }: { lessonId: string; setId: string; pct: number }) {
    const { t } = useTranslation();
    const navigate = useNavigate();
    const bench = useBench(lessonId);
    const { data: catalogue } = useCatalogue();
    const set = bench.lesson?.sets.find((one) => one.id === setId);
    const what = catalogue?.observables.find((one) => one.id === BALL_POSITION);
    if (set === undefined || what === undefined) return null;
    return (
        <Button
            main
            onClick={() => {
                bench.see(set, what, Math.round(pct));
                void navigate(`/lessons/${lessonId}?set=${setId}`);
            }}
        >
            {t('The ball there, in the lesson')}
        </Button>
    );
}
