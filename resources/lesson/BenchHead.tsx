import { useTranslation } from 'react-i18next';
import { DropdownMenu } from 'radix-ui';
import { Link, useNavigate } from 'react-router-dom';
import { titleOf } from '../api/catalogue';
import { nowIso } from '../api/clock';
import type { Catalogue, Lesson, Student, Units } from '../api/types.gen';
import { Button } from '../ui/Button';
import { Mark } from '../ui/Mark';
import { useArrival } from '../ui/useArrival';
import type { Bench } from './useBench';
import type { useSets } from './useSets';
import { taskLine } from './words';

interface Props {
    bench: Bench;
    lesson: Lesson;
    student: Student;
    catalogue: Catalogue;
    units: Units;
    shown: ReturnType<typeof useSets>;
    onTask: () => void;
    onKeys: () => void;
    onDevices: () => void;
}

/** The second of two hasty taps must not meet what lies at that place on the next page. */
const DOUBLE_TAP_MS = 400;

/** One line: whose lesson, what shot, which set; the rest in a menu. On a phone the sets have a line of their own. */
export function BenchHead(props: Props) {
    const { t } = useTranslation();
    const { lesson, student, catalogue, units, shown, onTask } = props;
    const heading = useArrival(t('Lesson with {{name}}', { name: student.name }));
    return (
        <header className="flex min-h-[60px] items-center gap-x-3 border-b-2 border-ink px-4 max-md:flex-wrap md:h-[60px]">
            <Link
                to={`/students/${student.id}`}
                aria-label={t('To {{name}}', { name: student.name })}
                className="flex min-h-12 shrink-0 items-center"
            >
                <Mark className="h-8 w-11" />
            </Link>
            <h1 ref={heading} tabIndex={-1} className="truncate text-2xl outline-none max-md:min-w-0 max-md:flex-1 md:max-w-56 md:shrink-0">
                {student.name}
            </h1>
            <button
                type="button"
                className="min-h-12 min-w-24 flex-1 truncate text-left underline decoration-1 underline-offset-4 max-md:order-3"
                onClick={onTask}
            >
                {student.handed === 'left' && `${t('left-handed')}, `}
                {taskLine(lesson.task, catalogue, units)}
            </button>
            <nav
                aria-label={t('Sets')}
                className="flex overflow-x-auto pl-[1.5px] whitespace-nowrap max-md:order-2 max-md:max-w-[65%] max-md:pb-1 md:max-w-[46%]"
            >
                <SetTabs {...props} />
            </nav>
            {shown.sets.length > 1 && (
                <button
                    type="button"
                    aria-pressed={shown.sideBySide}
                    className="min-h-12 shrink-0 px-1 underline decoration-1 underline-offset-4 max-md:hidden"
                    onClick={shown.showAll}
                >
                    {t('Compare')}
                </button>
            )}
            <Ends {...props} />
            <span className="order-1 basis-full md:hidden" />
        </header>
    );
}

function SetTabs({ bench, lesson, catalogue, shown }: Props) {
    const { t } = useTranslation();
    const short = (purpose: string) => catalogue.purposes.find((one) => one.id === purpose)?.short ?? purpose;
    return (
        <>
            {shown.sets.map((one) => {
                const wanted = bench.wanted[one.id] ?? 0;
                return (
                    <Button
                        key={one.id}
                        chosen={!shown.sideBySide && one.id === shown.set?.id}
                        title={
                            wanted > one.balls.length
                                ? t('{{set}}: balls hit, of those wanted', { set: titleOf(catalogue, one.purpose) })
                                : t('{{set}}: balls hit', { set: titleOf(catalogue, one.purpose) })
                        }
                        className="-ml-[1.5px]"
                        onClick={() => {
                            shown.show(one.id);
                        }}
                    >
                        {short(one.purpose)} {one.balls.length}
                        {wanted > one.balls.length && `/${String(wanted)}`}
                    </Button>
                );
            })}
            {lesson.closed_at === null && (
                <Button
                    className="-ml-[1.5px]"
                    aria-label={t('+ New set: {{purpose}}', { purpose: titleOf(catalogue, shown.next) })}
                    onClick={() => {
                        shown.begin();
                    }}
                >
                    +
                </Button>
            )}
        </>
    );
}

/** The end of the lesson, and what is wanted now and then. */
function Ends({ bench, lesson, student, shown, onTask, onKeys, onDevices }: Props) {
    const { t } = useTranslation();
    const navigate = useNavigate();
    const row = 'flex min-h-12 w-full items-center px-4 text-left outline-none data-[highlighted]:bg-soil';
    return (
        <span className="ml-auto flex shrink-0 gap-1.5">
            {lesson.closed_at === null && (
                <Button
                    onClick={() => {
                        bench.saveLesson(lesson.task, nowIso());
                        window.setTimeout(() => void navigate(`/students/${student.id}`), DOUBLE_TAP_MS);
                    }}
                >
                    {t('Close')}
                </Button>
            )}
            <DropdownMenu.Root modal={false}>
                <DropdownMenu.Trigger
                    aria-label={t('More')}
                    className="min-h-12 min-w-12 border-[1.5px] border-ink bg-press px-3 font-semibold"
                >
                    ⋯
                </DropdownMenu.Trigger>
                <DropdownMenu.Portal>
                    <DropdownMenu.Content
                        align="end"
                        sideOffset={6}
                        collisionPadding={12}
                        className="z-10 w-60 border-[1.5px] border-ink bg-paper py-1"
                    >
                        <DropdownMenu.Item className={row} onSelect={onTask}>
                            {t('Change the task')}
                        </DropdownMenu.Item>
                        {shown.sets.length > 1 && (
                            <DropdownMenu.Item className={`${row} md:hidden`} onSelect={shown.showAll}>
                                {t('Compare the sets')}
                            </DropdownMenu.Item>
                        )}
                        <DropdownMenu.Item className={row} onSelect={onDevices}>
                            {t('Measuring devices')}
                        </DropdownMenu.Item>
                        <DropdownMenu.Item className={row} onSelect={onKeys}>
                            {t('Keys')}
                        </DropdownMenu.Item>
                        <DropdownMenu.Item asChild className={row}>
                            <Link to="/library">{t('Library')}</Link>
                        </DropdownMenu.Item>
                    </DropdownMenu.Content>
                </DropdownMenu.Portal>
            </DropdownMenu.Root>
        </span>
    );
}
