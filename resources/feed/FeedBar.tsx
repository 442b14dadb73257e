import { useTranslation } from 'react-i18next';
import { useQueryClient } from '@tanstack/react-query';
import { api, at } from '../api/client';
import { changed } from '../ask/queries';
import type { Catalogue, Units } from '../api/types.gen';
import { Button } from '../ui/Button';
import { withUnit } from '../ui/units';
import type { Feed } from './useFeed';

interface Props {
    feed: Feed;
    lessonId: string;
    catalogue: Catalogue;
    units: Units;
}

const MINUTE_S = 60;

/** The ball that the device has told of: its figures stand here, its strike is one touch below. */
export function FeedBar({ feed, lessonId, catalogue, units }: Props) {
    const { t } = useTranslation();
    const queries = useQueryClient();
    const { devices, waiting, more, next } = feed;
    if (devices.length === 0 && next === undefined) return null;
    const silent = devices.find((one) => one.silent_seconds !== null);
    const figures = Object.entries(next?.figures ?? {}).flatMap(([key, value]) => {
        const field = catalogue.ball[key];
        return field === undefined ? [] : [`${field.label} ${withUnit(value, field.unit, units)}`];
    });
    return (
        <div
            className="mb-2 flex min-h-12 flex-wrap items-center gap-x-3 border-l-[6px] border-slate bg-press px-3 py-1"
            aria-live="polite"
        >
            {next === undefined ? (
                <span>
                    {silent === undefined
                        ? t('{{device}} is listening: the next ball comes by itself.', { device: devices[0]?.name ?? '' })
                        : t('Nothing from {{device}} for {{count}} minutes. Is it on, and does it see the ball?', {
                              device: silent.name,
                              count: Math.floor((silent.silent_seconds ?? 0) / MINUTE_S),
                          })}
                </span>
            ) : (
                <>
                    <strong>{t('How was it struck?')}</strong>
                    <span>{figures.join(', ')}</span>
                    {next.doubt && <span>{t('Hit as the device changed hands: is it this student’s?')}</span>}
                    {waiting.length + more > 1 && (
                        <span className="text-soft">{t('{{count}} more wait', { count: waiting.length + more - 1 })}</span>
                    )}
                    <Button
                        className="ml-auto"
                        onClick={() => {
                            void api
                                .DELETE('/api/lessons/{lesson}/feed/{feedBall}', at({ lesson: lessonId, feedBall: next.id }))
                                .finally(() => {
                                    void queries.invalidateQueries(changed.feed(lessonId));
                                });
                        }}
                    >
                        {t('Not ours')}
                    </Button>
                </>
            )}
        </div>
    );
}
