import { useTranslation } from 'react-i18next';
import { t } from '../language';
import { Link } from 'react-router-dom';
import type { Progress, Student, Work } from '../api/types.gen';
import { day, todayIso } from '../ui/reader';
import { percent } from '../ui/units';

const LINK = 'inline-flex min-h-12 items-center border-[1.5px] border-ink px-5 font-semibold';

/** "Look again on 9 Dec.", of a date without a time */
function due(date: string): string {
    const today = todayIso();
    if (date > today) return t('Look again on {{day}}.', { day: day(date) });
    return date === today ? t('The retest is due today.') : t('The retest is due since {{day}}.', { day: day(date) });
}

interface Props {
    student: Student;
    work: Work | undefined;
    progress: Progress;
    /** Not all that was done in the last lesson has arrived yet. */
    busy: boolean;
}

/** Three lines: what came of it, with its two rates and their days; what next, with its button; the last day and the practice. */
export function UnderWork({ student, work, progress, busy }: Props) {
    const { t } = useTranslation();
    const last = student.lessons?.[0]?.began_at;
    const { planned, done, said } = progress.practice;
    return (
        <section aria-label={t('Verdict')} className="grid gap-x-8 gap-y-2 md:grid-cols-[1fr_auto]" data-verdict={work?.verdict}>
            <div className="min-w-0">
                <h2 className="text-[26px]">
                    {work === undefined
                        ? busy
                            ? t('Taking in the last lesson…')
                            : t('Nothing was handed out yet')
                        : `${work.name.split(':')[0] ?? ''}: ${work.verdict_text}`}
                    {work?.before && (
                        <span className="ml-3 inline-block font-text text-lg font-normal">
                            {t('{{count}} of {{of}} to {{day}}', { count: work.before.count, of: work.before.of, day: day(work.since) })}
                            {work.now &&
                                last !== undefined &&
                                `, ${t('{{count}} of {{of}} since, to {{day}}', { count: work.now.count, of: work.now.of, day: day(last) })}`}
                        </span>
                    )}
                </h2>
                {work !== undefined && (
                    <p className="mt-1 text-lg">
                        {work.next} {due(work.recheck)}
                    </p>
                )}
                <p className="mt-1">
                    {last === undefined ? t('No lesson yet.') : t('Last lesson {{day}}.', { day: day(last) })}{' '}
                    {planned === 0
                        ? t('No practice planned so far.')
                        : t('Practice: {{done}} of {{planned}} sessions done.', { done, planned })}
                    {said[0] && (
                        <strong>
                            {' '}
                            {student.name} {said[0].text} ({day(said[0].said_at)}).
                        </strong>
                    )}
                </p>
            </div>
            <p className="flex gap-2 md:flex-col">
                {student.may.update && (
                    <Link to={`/students/${student.id}/begin`} className={`${LINK} justify-center bg-ink text-paper`}>
                        {work?.retest === true ? t('Retest') : t('Begin a lesson')}
                    </Link>
                )}
                <Link to={`/students/${student.id}/practice`} className={`${LINK} justify-center bg-press`}>
                    {t('Practice')}
                </Link>
            </p>
        </section>
    );
}

/** Where the verdict comes from, for whoever asks. */
export function HowSure({ work }: { work: Work }) {
    const { t } = useTranslation();
    const rate = (one: Work['before']) =>
        one &&
        `${t('{{n}} of {{of}}', { n: one.count, of: one.of })} (${t('{{from}} to {{to}}', { from: percent(one.interval[0]), to: percent(one.interval[1]) })})`;
    return (
        <details>
            <summary className="min-h-11 cursor-pointer py-2 underline">{t('How sure?')}</summary>
            <p>{work.text}</p>
            {work.before && (
                <p className="mt-2">
                    {t('Before the change {{rate}}', { rate: rate(work.before) })}
                    {work.now && <>{t(', since then {{rate}}', { rate: rate(work.now) })}</>}{' '}
                    {t('{{counted}}. In brackets where nine of ten such rates lie.', { counted: work.counted })}
                </p>
            )}
            {work.touch !== null && <p className="mt-2">{work.touch}</p>}
            {work.not_comparable.map((why) => (
                <p key={why} className="mt-1 text-sm">
                    {why}
                </p>
            ))}
        </details>
    );
}
