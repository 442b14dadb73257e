import { word } from '../language/trade';
import { useTranslation } from 'react-i18next';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { Popover } from 'radix-ui';
import { useRef, useState, type ReactNode } from 'react';
import { Link, useNavigate } from 'react-router-dom';
import { api, at } from '../api/client';
import { changed } from '../ask/queries';
import type { Catalogue, ProgressLesson, Student, Units } from '../api/types.gen';
import { goodStrikeOf, titleOf } from '../api/catalogue';
import { StackedStrip } from '../figures/StackedStrip';
import { StripRuler } from '../figures/StripRuler';
import { taskLine } from '../lesson/words';
import { notify } from '../ui/notices';
import { day } from '../ui/reader';
import { place } from '../ui/units';
import { LessonHistory } from './LessonHistory';
import { stacked, take } from './take';
import { csv } from './timeline';

interface Props {
    lessons: ProgressLesson[];
    student: Student;
    catalogue: Catalogue;
    units: Units;
}

/** The lessons down the page, latest first: each set a strip with its own window, and between the strips what was handed out. */
export function LessonByLesson({ lessons, student, catalogue, units }: Props) {
    const strikes = lessons.flatMap((lesson) => lesson.sets.flatMap((set) => set.marks.map((ball) => ball.strike)));
    return (
        <>
            {strikes.length > 0 && <StripRuler handed={student.handed} units={units} strikes={strikes} />}
            {lessons.map((lesson) => (
                <LessonInShort key={lesson.id} lesson={lesson} student={student} catalogue={catalogue} units={units} />
            ))}
        </>
    );
}

function LessonInShort({
    lesson,
    student,
    catalogue,
    units,
}: {
    lesson: ProgressLesson;
    student: Student;
    catalogue: Catalogue;
    units: Units;
}) {
    const { t } = useTranslation();
    const navigate = useNavigate();
    const section = useRef<HTMLElement>(null);
    const [listed, setListed] = useState(false);
    const { given } = lesson;
    const name = t('Lesson of {{day}}', { day: day(lesson.began_at) });
    const balls = lesson.sets.flatMap((set) =>
        set.marks.map((ball, i) => ({ set: titleOf(catalogue, set.purpose), number: i + 1, ...ball })),
    );
    return (
        <section ref={section} className="border-t-[1.5px] border-ink pt-1 pb-3" aria-label={name}>
            <div className="flex flex-wrap items-center gap-x-4">
                <h2 className="text-xl">{day(lesson.began_at)}</h2>
                <span>{taskLine(lesson.task, catalogue, units)}</span>
                <span className="ml-auto flex gap-x-3">
                    <More lesson={lesson}>
                        {(row) => (
                            <>
                                <button
                                    type="button"
                                    className={row}
                                    onClick={() => {
                                        setListed(!listed);
                                    }}
                                >
                                    {listed ? t('Balls as marks only') : t('Balls as a table')}
                                </button>
                                <button
                                    type="button"
                                    className={row}
                                    onClick={() => {
                                        take(
                                            `${name}.csv`,
                                            'text/csv',
                                            csv([
                                                ['set', 'ball', 'strike', t('first touch, mm, + is ahead')],
                                                ...balls.map((one) => [one.set, one.number, one.strike, one.touch]),
                                            ]),
                                        );
                                    }}
                                >
                                    {t('Balls as CSV')}
                                </button>
                                <button
                                    type="button"
                                    className={row}
                                    onClick={() => {
                                        take(
                                            `${name}.svg`,
                                            'image/svg+xml',
                                            stacked([...(section.current?.querySelectorAll('svg') ?? [])]),
                                        );
                                    }}
                                >
                                    {t('Strips as SVG')}
                                </button>
                            </>
                        )}
                    </More>
                    <Link to={`/lessons/${lesson.id}`} className="flex min-h-12 items-center px-1 font-semibold underline">
                        {lesson.open ? t('Go on with this lesson') : t('Open this lesson')}
                    </Link>
                </span>
            </div>
            {lesson.sets.map((set) => (
                <StackedStrip
                    key={set.id}
                    strip={{
                        marks: set.marks,
                        good: set.good,
                        word: goodStrikeOf(catalogue, lesson.task.shot),
                        window: set.window,
                        mean: set.touch?.mean ?? null,
                        text: set.text,
                    }}
                    title={titleOf(catalogue, set.purpose)}
                    handed={student.handed}
                    units={units}
                    onBall={(ball) => {
                        void navigate(`/lessons/${lesson.id}?set=${set.id}&ball=${String(ball)}`);
                    }}
                />
            ))}
            {listed && (
                <table className="w-full text-left text-sm sm:ml-[7.75rem] sm:w-auto">
                    <thead>
                        <tr>
                            <th className="pr-6">{t('Set')}</th>
                            <th className="pr-6">{t('Ball')}</th>
                            <th className="pr-6">{t('Strike')}</th>
                            <th>{t('First touch')}</th>
                        </tr>
                    </thead>
                    <tbody>
                        {balls.map((one) => (
                            <tr key={`${one.set}${String(one.number)}`} className="border-t border-line">
                                <td className="pr-6">{one.set}</td>
                                <td className="pr-6">{one.number}</td>
                                <td className="pr-6">{one.strike === '' ? t('not seen') : word(one.strike)}</td>
                                <td>{one.touch === null ? t('not seen, or no contact') : place(one.touch, units)}</td>
                            </tr>
                        ))}
                    </tbody>
                </table>
            )}
            {given && (
                <p className="mt-1 text-marram sm:pl-[7.75rem]">
                    <strong>{given.cause}.</strong> {t('{{setup}} Feel: {{feel}}', { setup: given.setup.join(' '), feel: given.feel })}{' '}
                    {given.drills.length > 0 && <>{t('Drills: {{drills}}.', { drills: given.drills.join(', ') })}</>}
                </p>
            )}
        </section>
    );
}

/** What is wanted now and then of a lesson. */
function More({ lesson, children }: { lesson: ProgressLesson; children: (row: string) => ReactNode }) {
    const { t, i18n } = useTranslation();
    const queries = useQueryClient();
    const again = () => Promise.all([changed.students, changed.bin].map((one) => queries.invalidateQueries(one)));
    const remove = useMutation({
        mutationFn: () => api.DELETE('/api/lessons/{lesson}', at({ lesson: lesson.id })),
        onSuccess: () => {
            notify(t('The lesson of {{day}} was deleted.', { day: day(lesson.began_at) }), () =>
                api.POST('/api/bin/lessons/{lesson}', at({ lesson: lesson.id })).then(again),
            );
            return again();
        },
    });
    const [history, setHistory] = useState(false);
    const [open, setOpen] = useState(false);
    const row = 'flex min-h-12 w-full items-center px-4 text-left hover:bg-soil';
    return (
        <>
            <Popover.Root open={open} onOpenChange={setOpen}>
                <Popover.Trigger className="min-h-12 px-1 underline">{t('Report and more')}</Popover.Trigger>
                <Popover.Portal>
                    <Popover.Content
                        align="end"
                        collisionPadding={12}
                        className="z-10 w-60 border-[1.5px] border-ink bg-paper py-1"
                        aria-label={t('Lesson of {{day}}', { day: day(lesson.began_at) })}
                    >
                        {(
                            [
                                [t('Report, A4'), 'paper=a4'],
                                [t('Report, Letter'), 'paper=letter'],
                                [t('Report to print'), 'as=print'],
                            ] as const
                        ).map(([words, how]) => (
                            <a key={how} href={`/api/lessons/${lesson.id}/report?${how}&language=${i18n.language}`} className={row}>
                                {words}
                            </a>
                        ))}
                        <div
                            onClick={() => {
                                setOpen(false);
                            }}
                        >
                            {children(row)}
                        </div>
                        <button
                            type="button"
                            className={row}
                            onClick={() => {
                                setOpen(false);
                                setHistory(true);
                            }}
                        >
                            {t('What was changed')}
                        </button>
                        <button
                            type="button"
                            className={row}
                            disabled={remove.isPending}
                            title={t('It can be brought back for 30 days')}
                            onClick={() => {
                                remove.mutate();
                            }}
                        >
                            {t('Delete')}
                        </button>
                    </Popover.Content>
                </Popover.Portal>
            </Popover.Root>
            {history && (
                <LessonHistory
                    lesson={lesson}
                    onClose={() => {
                        setHistory(false);
                    }}
                />
            )}
        </>
    );
}
