import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { api, asForm, at } from '../api/client';
import { ask } from '../ask/queries';
import type { Still } from '../api/types.gen';
import { notify } from '../ui/notices';
import { moment } from '../ui/reader';

const addressOf = (still: Still) => `/api/lessons/${still.lesson_id}/stills/${still.id}`;

const putBack = (still: Still, file: File) =>
    api.POST('/api/lessons/{lesson}/stills', {
        ...at({ lesson: still.lesson_id }),
        body: {
            still: file,
            id: still.id,
            in_report: still.in_report ? '1' : '0',
            ...(still.ball === null ? {} : { ball_x: String(still.ball[0]), ball_y: String(still.ball[1]) }),
            ...(still.mm_per_px === null ? {} : { mm_per_px: String(still.mm_per_px) }),
        },
        bodySerializer: asForm,
    });

/** Pictures kept of a student: two of them chosen lie side by side at one scale, ball on ball. */
export function Stills({ studentId }: { studentId: string }) {
    const { t } = useTranslation();
    const queries = useQueryClient();
    const stills = useQuery(ask.stills(studentId));
    const [chosen, choose] = useState<string[]>([]);
    const again = () => queries.invalidateQueries(ask.stills(studentId));
    const remove = useMutation({
        mutationFn: async (still: Still) => {
            // Held for a while, so that it can be put back.
            const file = new File([await (await fetch(addressOf(still))).blob()], 'still.jpg', { type: 'image/jpeg' });
            await api.DELETE('/api/lessons/{lesson}/stills/{still}', at({ lesson: still.lesson_id, still: still.id }));
            return file;
        },
        onSuccess: (file, still) => {
            notify(t('The picture was deleted.'), () => putBack(still, file).then(again));
            return again();
        },
    });
    const all = stills.data ?? [];
    if (all.length === 0) return null;
    // The earlier one on the left.
    const two = all.filter(({ id }) => chosen.includes(id)).reverse();
    return (
        <section aria-label={t('Kept pictures')} className="mt-8 border-t-[1.5px] border-ink pt-4">
            <h2 className="text-xl">{t('Kept pictures')}</h2>
            <p className="mb-2">{t('Choose two, and they lie side by side at one scale.')}</p>
            <ul className="flex flex-wrap gap-3">
                {all.map((still) => (
                    <li key={still.id} className="w-44">
                        <button
                            type="button"
                            aria-pressed={chosen.includes(still.id)}
                            className="block w-full border-[1.5px] border-ink aria-pressed:outline-4 aria-pressed:outline-ochre"
                            onClick={() => {
                                choose(
                                    chosen.includes(still.id) ? chosen.filter((one) => one !== still.id) : [...chosen, still.id].slice(-2),
                                );
                            }}
                        >
                            <img
                                src={addressOf(still)}
                                alt={t('Picture of {{moment}}', { moment: moment(still.made_at) })}
                                className="block w-full"
                            />
                        </button>
                        <span className="flex items-center justify-between text-sm">
                            {moment(still.made_at)}
                            <button
                                type="button"
                                className="min-h-11 px-1 underline"
                                disabled={remove.isPending}
                                onClick={() => {
                                    remove.mutate(still);
                                }}
                            >
                                {t('Delete')}
                            </button>
                        </span>
                    </li>
                ))}
            </ul>
            {two.length === 2 && (
                <div className="mt-4 grid gap-3 sm:grid-cols-2">
                    {two.map((still) => (
                        <ToScale key={still.id} still={still} mmWide={mmWideOf(two)} />
                    ))}
                </div>
            )}
        </section>
    );
}

/** So much of the world both pictures show; null where one of them has no scale. */
function mmWideOf(two: Still[]): number | null {
    const wide = two.map((one) => (one.mm_per_px === null || one.ball === null ? null : one.width * one.mm_per_px));
    return wide.some((one) => one === null) ? null : Math.min(...wide.map((one) => one ?? Infinity));
}

const WIDE_PX = 560;
const HIGH_PX = 420;
/** Where the ball lies in both. */
const BALL_AT = [0.5, 0.82] as const;

function ToScale({ still, mmWide }: { still: Still; mmWide: number | null }) {
    const { t } = useTranslation();
    const scale = mmWide === null || still.mm_per_px === null ? WIDE_PX / still.width : (still.mm_per_px * WIDE_PX) / mmWide;
    const ball = still.ball;
    return (
        <figure>
            <svg
                viewBox={`0 0 ${String(WIDE_PX)} ${String(HIGH_PX)}`}
                className="block w-full border-[1.5px] border-ink bg-press"
                role="img"
                aria-label={t('Picture of {{moment}}', { moment: moment(still.made_at) })}
            >
                <image
                    href={addressOf(still)}
                    width={still.width * scale}
                    height={still.height * scale}
                    x={ball === null ? 0 : WIDE_PX * BALL_AT[0] - ball[0] * scale}
                    y={ball === null ? 0 : HIGH_PX * BALL_AT[1] - ball[1] * scale}
                />
                <path
                    d={`M${String(WIDE_PX * BALL_AT[0])} 0V${String(HIGH_PX)}`}
                    className="stroke-ink"
                    strokeWidth={1}
                    strokeDasharray="6 5"
                />
            </svg>
            <figcaption className="text-sm">
                {moment(still.made_at)}
                {mmWide === null && `, ${t('not to scale')}`}
            </figcaption>
        </figure>
    );
}
