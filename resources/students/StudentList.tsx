import { useTranslation } from 'react-i18next';
import { useWindowVirtualizer } from '@tanstack/react-virtual';
import { useDeferredValue, useEffect, useState } from 'react';
import { useToday } from '../ask/queries';
import type { Today, TodayStudent } from '../api/types.gen';
import { Button } from '../ui/Button';
import { Page, Skeleton, Trouble } from '../frame/Page';
import { weekday } from '../ui/reader';
import { Filters, Order, type Asked } from './Filters';
import { FirstSteps } from './FirstSteps';
import { Samples } from './Samples';
import { SetAside } from './SetAside';
import { StudentForm } from './StudentForm';
import { StudentRow } from './StudentRow';

/** Who needs attention today and why, a lesson one press away. */
export function StudentList() {
    const { t } = useTranslation();
    const [asked, setAsked] = useState<Asked>({ q: '', group: '', shot: '', order: 'urgency' });
    const today = useToday(useDeferredValue({ ...asked, q: asked.q.trim() }));
    const [adding, setAdding] = useState(false);
    /** On a phone groups and order stand behind a press: the first student is in sight. */
    const [choosing, setChoosing] = useState(false);
    const first = today.data?.pages[0];
    const students = today.data?.pages.flatMap((page) => page.students) ?? [];
    const add = () => {
        setAdding(true);
    };
    return (
        <Page
            title={t('Students')}
            action={
                <Button main onClick={add}>
                    {t('Add a student')}
                </Button>
            }
        >
            <SetAside />
            {first !== undefined && first.samples > 0 && <Samples count={first.samples} />}
            {today.isPending && <Skeleton />}
            {today.isError && today.data === undefined && <Trouble error={today.error} onRetry={() => void today.refetch()} />}
            {first?.all === 0 && <FirstSteps onAdd={add} />}
            {first !== undefined && first.all > 0 && (
                <>
                    <div className="mb-3 flex flex-wrap items-center gap-x-6 gap-y-2 max-sm:flex-nowrap max-sm:gap-x-2">
                        <label className="flex items-center gap-3 font-semibold max-sm:min-w-0 max-sm:flex-1">
                            <span className="max-sm:sr-only">{t('Find')}</span>
                            <input
                                type="search"
                                placeholder={t('a name or a cause')}
                                className="min-h-12 w-72 max-w-full border-[1.5px] max-sm:w-full border-ink bg-press px-3 font-normal placeholder:text-soft"
                                value={asked.q}
                                onChange={(event) => {
                                    setAsked({ ...asked, q: event.target.value });
                                }}
                            />
                        </label>
                        <Button
                            className="sm:hidden"
                            aria-expanded={choosing}
                            onClick={() => {
                                setChoosing(!choosing);
                            }}
                        >
                            {t('Choose')}
                        </Button>
                        <div className="max-sm:hidden">
                            <Order asked={asked} onAsk={setAsked} />
                        </div>
                    </div>
                    <div className={choosing ? '' : 'max-sm:hidden'}>
                        <div className="mb-2 sm:hidden">
                            <Order asked={asked} onAsk={setAsked} />
                        </div>
                        <Filters today={first} asked={asked} onAsk={setAsked} />
                    </div>
                    {first.total === 0 && <p>{t('Nobody fits that.')}</p>}
                    <Rows
                        lines={asked.order === 'urgency' ? underHeadings(students, first.groups) : students}
                        more={today.hasNextPage && !today.isFetchingNextPage}
                        onMore={() => void today.fetchNextPage()}
                    />
                    {first.rechecks.length > 0 && (
                        <section aria-label={t('Coming up')} className="mt-8">
                            <h2 className="mb-1 text-xl">{t('Coming up')}</h2>
                            <ul>
                                {first.rechecks.map((student) => (
                                    <li key={student.id}>
                                        {weekday(student.recheck ?? '')}: {student.name}, {student.cause?.split(':')[0]}
                                    </li>
                                ))}
                            </ul>
                        </section>
                    )}
                </>
            )}
            {adding && (
                <StudentForm
                    onClose={() => {
                        setAdding(false);
                    }}
                />
            )}
        </Page>
    );
}

type Line = TodayStudent | Today['groups'][number];

/** The students as they come, each group of them under its name. */
function underHeadings(students: TodayStudent[], groups: Today['groups']): Line[] {
    return students.flatMap((student, i) => {
        const group = student.group === students[i - 1]?.group ? undefined : groups.find((one) => one.group === student.group);
        return group === undefined ? [student] : [group, student];
    });
}

/** Only what is near the screen is drawn, so that two thousand are as quick as ten. */
function Rows({ lines, more, onMore }: { lines: Line[]; more: boolean; onMore: () => void }) {
    const [top, setTop] = useState(0);
    const rows = useWindowVirtualizer({
        count: lines.length,
        estimateSize: (i) => ('label' in (lines[i] ?? {}) ? 44 : 74),
        getItemKey: (i) => key(lines[i]),
        overscan: 8,
        scrollMargin: top,
    });
    const drawn = rows.getVirtualItems();
    const last = drawn.at(-1)?.index ?? 0;
    useEffect(() => {
        if (more && last >= lines.length - 1) onMore();
    }, [more, last, lines.length, onMore]);
    return (
        <ul
            ref={(list) => {
                if (list !== null) setTop(list.offsetTop);
            }}
            className="relative"
            style={{ height: rows.getTotalSize() }}
        >
            {drawn.map((row) => {
                const line = lines[row.index];
                return line === undefined ? null : (
                    <li
                        key={row.key}
                        ref={rows.measureElement}
                        data-index={row.index}
                        className="absolute top-0 left-0 w-full"
                        style={{ transform: `translateY(${String(row.start - rows.options.scrollMargin)}px)` }}
                    >
                        {'label' in line ? (
                            <h2 className="pt-3 text-xl">
                                {line.label} <span className="text-soft">{line.students}</span>
                            </h2>
                        ) : (
                            <StudentRow student={line} />
                        )}
                    </li>
                );
            })}
        </ul>
    );
}

const key = (line: Line | undefined) => (line === undefined ? '' : 'label' in line ? line.group : line.id);
