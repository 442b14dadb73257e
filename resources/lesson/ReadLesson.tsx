import { useTranslation } from 'react-i18next';
import { titleOf } from '../api/catalogue';
import type { BallSet, Catalogue, Coach, Lesson, Student } from '../api/types.gen';
import { StackedStrip } from '../figures/StackedStrip';
import { StripRuler } from '../figures/StripRuler';
import { Choice } from '../ui/Choice';
import { Page } from '../frame/Page';
import { day } from '../ui/reader';
import { observed } from '../ui/units';
import { ReadingPanel } from './ReadingPanel';
import { stripOf } from './SideBySide';
import type { Bench } from './useBench';
import type { useSets } from './useSets';
import { taskLine } from './words';

interface Props {
    bench: Bench;
    lesson: Lesson;
    student: Student;
    catalogue: Catalogue;
    coach: Coach;
    sets: ReturnType<typeof useSets>;
    set: BallSet;
}

/** A lesson of a student whom this coach may read and not teach: what was seen and what it says, with nothing to change. */
export function ReadLesson({ bench, lesson, student, catalogue, coach, sets, set }: Props) {
    const { t } = useTranslation();
    const { units } = coach;
    const looks = catalogue.observables.filter((one) => set[one.group][one.id] != null);
    const strip = stripOf(set, catalogue, lesson.task.shot, bench.readings[set.id]);
    return (
        <Page title={t('Lesson with {{name}}', { name: student.name })} back={`/students/${student.id}`}>
            <p>
                {day(lesson.began_at)}, {taskLine(lesson.task, catalogue, units)}.{' '}
                {lesson.given_by !== null && t('Given by {{coach}}.', { coach: lesson.given_by })}{' '}
                <strong>{t('Student of {{coach}}: yours to read.', { coach: student.coach })}</strong>
            </p>
            <div className="mt-3 grid gap-6 lg:grid-cols-[1fr_22rem]">
                <div className="min-w-0 space-y-4">
                    {lesson.sets.length > 1 && (
                        <Choice
                            label={t('Sets')}
                            value={set.id}
                            options={lesson.sets.map((one) => ({ value: one.id, label: titleOf(catalogue, one.purpose) }))}
                            onChoose={sets.show}
                        />
                    )}
                    <StripRuler handed={student.handed} units={units} strikes={set.balls.map((ball) => ball.seen.strike ?? '')} />
                    <StackedStrip strip={strip} title={titleOf(catalogue, set.purpose)} handed={student.handed} units={units} />
                    {looks.length > 0 && (
                        <section aria-label={t('Seen')}>
                            <h2 className="mb-1 text-lg">{t('Seen')}</h2>
                            <dl className="grid grid-cols-1 gap-x-8 sm:grid-cols-2">
                                {looks.map((one) => (
                                    <div key={one.id} className="flex justify-between gap-4 border-b border-line py-1">
                                        <dt>{one.label}</dt>
                                        <dd className="font-semibold">{observed(one, set[one.group][one.id] ?? '', units)}</dd>
                                    </div>
                                ))}
                            </dl>
                        </section>
                    )}
                </div>
                <ReadingPanel
                    {...{ bench, lesson, set, catalogue, units }}
                    reading={bench.readings[set.id]}
                    clubs={student.clubs}
                    handed={student.handed}
                    closed
                    onRetest={() => undefined}
                />
            </div>
        </Page>
    );
}
