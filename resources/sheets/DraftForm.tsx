import { useTranslation } from 'react-i18next';
import { keepPreviousData, useMutation, useQuery } from '@tanstack/react-query';
import { useDeferredValue, useState } from 'react';
import { ApiError, answer, api, at } from '../api/client';
import type { Catalogue, Purpose, SheetDraft, SheetMapping, SheetPlan, Student, Task, Units } from '../api/types.gen';
import { shotOf } from '../api/catalogue';
import { taskLine } from '../lesson/words';
import { TaskForm } from '../task/TaskForm';
import { Button } from '../ui/Button';
import { Panel } from '../ui/Panel';
import { TextField } from '../ui/TextField';
import { day as dayShown } from '../ui/reader';
import { Checked } from './Checked';
import { Columns, unsaid } from './Columns';
import { Problem } from '../ui/Problem';

interface Props {
    draft: SheetDraft;
    student: Student;
    catalogue: Catalogue;
    units: Units;
    onEnd: () => void;
}

/** The columns that a mapping speaks of. */
const headersOf = ({ columns, time, only }: SheetMapping): string[] =>
    [...columns, time, only].flatMap((one) => (one === null ? [] : [one.header]));

/** A sheet before it is stored: what its columns hold on the left, what comes out on the right, at once after each change. */
export function DraftForm({ draft, student, catalogue, units, onEnd }: Props) {
    const { t } = useTranslation();
    const headers = draft.columns.map((one) => one.header);
    const fits = (mapping: SheetMapping) => headersOf(mapping).every((one) => headers.includes(one));
    const preset = draft.presets.find((one) => fits(one.mapping));
    const [mapping, setMapping] = useState(preset?.mapping ?? draft.guess);
    const [name, setName] = useState(preset?.name ?? '');
    const [task, setTask] = useState<Task>(student.lessons?.[0]?.task ?? catalogue.first_task);
    const [purpose, setPurpose] = useState<Purpose>(student.lessons_count === 0 ? 'before' : 'retest');
    const [day, setDay] = useState(() => new Date().toISOString().slice(0, 10));
    const plan = useDeferredValue<SheetPlan>({ mapping, task, purpose, day: mapping.time === null && day !== '' ? day : null });
    const draftAt = at({ import: draft.import.id });
    const check = useQuery({
        queryKey: ['sheets', draft.import.id, plan],
        queryFn: () => answer(api.POST('/api/sheets/{import}/check', { ...draftAt, body: plan })),
        placeholderData: keepPreviousData,
        retry: false,
        staleTime: Infinity,
    });
    const confirm = useMutation({
        mutationFn: () =>
            api.POST('/api/sheets/{import}/confirm', { ...draftAt, body: { ...plan, remember: name.trim() === '' ? null : name.trim() } }),
        onSuccess: onEnd,
    });
    const drop = useMutation({ mutationFn: () => api.DELETE('/api/sheets/{import}', draftAt), onSettled: onEnd });
    const told =
        check.error instanceof ApiError
            ? check.error.faults.length > 0
                ? check.error.faults.map((fault) => fault.message)
                : [check.error.message]
            : [];
    return (
        <div className="grid gap-8 lg:grid-cols-[1fr_25rem]">
            <div className="min-w-0 space-y-5">
                {draft.read_before !== null && (
                    <p role="alert" className="border-l-[6px] border-ochre bg-ochre-wash p-3">
                        {t('This very file was read for {{name}} on {{day}}. Storing it again makes its balls count twice.', {
                            name: student.name,
                            day: dayShown(draft.read_before),
                        })}
                    </p>
                )}
                <Presets
                    presets={draft.presets}
                    name={name}
                    fits={fits}
                    onTake={(one) => {
                        setMapping(one.mapping);
                        setName(one.name);
                    }}
                />
                <Columns draft={draft} catalogue={catalogue} mapping={mapping} shot={shotOf(catalogue, task.shot)} onMap={setMapping} />
                {mapping.time === null && <TextField label={t('All hit on')} type="date" className="" value={day} onValue={setDay} />}
            </div>
            <section aria-label={t('What comes out')} className="space-y-4 lg:sticky lg:top-4 lg:self-start">
                <Checked
                    unsaid={unsaid(draft, mapping)}
                    check={check.data}
                    told={told}
                    pending={check.isFetching}
                    name={draft.import.name}
                    catalogue={catalogue}
                    units={units}
                />
                <HitAt catalogue={catalogue} units={units} task={task} onTask={setTask} />
                <div role="group" aria-label={t('When they were hit')} className="flex">
                    {catalogue.purposes.map(({ id, title }, i) => (
                        <Button
                            key={id}
                            className={i > 0 ? '-ml-[1.5px]' : ''}
                            chosen={purpose === id}
                            onClick={() => {
                                setPurpose(id);
                            }}
                        >
                            {title}
                        </Button>
                    ))}
                </div>
                <TextField
                    label={t('Remember these columns as')}
                    maxLength={80}
                    placeholder={t('a name of your own, or leave it empty')}
                    value={name}
                    onValue={setName}
                />
                <Problem text={confirm.error?.message} />
                <div className="flex gap-2">
                    <Button
                        main
                        className="flex-1"
                        disabled={confirm.isPending || check.isFetching || told.length > 0 || (check.data?.balls ?? 0) === 0}
                        onClick={() => {
                            confirm.mutate();
                        }}
                    >
                        {told.length > 0 ? t('Store them') : t('Store {{count}} balls', { count: check.data?.balls ?? 0 })}
                    </Button>
                    <Button
                        disabled={drop.isPending}
                        onClick={() => {
                            drop.mutate();
                        }}
                    >
                        {t('Leave it')}
                    </Button>
                </div>
            </section>
        </div>
    );
}

interface HitAtProps {
    catalogue: Catalogue;
    units: Units;
    task: Task;
    onTask: (task: Task) => void;
}

/** The task at which the balls of the sheet were hit, in one line that can be changed. */
function HitAt({ catalogue, units, task, onTask }: HitAtProps) {
    const { t } = useTranslation();
    const [changing, setChanging] = useState(false);
    return (
        <>
            <p>
                {t('Hit at:')} <strong>{taskLine(task, catalogue, units)}</strong>{' '}
                <button
                    type="button"
                    className="min-h-11 underline"
                    onClick={() => {
                        setChanging(true);
                    }}
                >
                    {t('Change')}
                </button>
            </p>
            <Panel wide title={t('The task at which they were hit')} open={changing} onOpenChange={setChanging}>
                <TaskForm
                    catalogue={catalogue}
                    clubs={catalogue.clubs}
                    units={units}
                    task={task}
                    submit={t('Use this task')}
                    problem=""
                    onSubmit={(next) => {
                        onTask(next);
                        setChanging(false);
                    }}
                />
            </Panel>
        </>
    );
}

interface PresetsProps {
    presets: SheetDraft['presets'];
    /** Of the one that was taken. */
    name: string;
    fits: (mapping: SheetMapping) => boolean;
    onTake: (preset: SheetDraft['presets'][number]) => void;
}

/** What was remembered of sheets before, to read this one alike. */
function Presets({ presets, name, fits, onTake }: PresetsProps) {
    const { t } = useTranslation();
    const forget = useMutation({ mutationFn: (id: string) => api.DELETE('/api/sheet-presets/{preset}', at({ preset: id })) });
    if (presets.length === 0) return null;
    return (
        <div role="group" aria-label={t('Remembered')} className="flex flex-wrap items-center gap-2">
            <span className="font-semibold">{t('Read it like')}</span>
            {presets.map((one) => (
                <span key={one.id} className={forget.variables === one.id ? 'hidden' : 'flex'}>
                    <Button
                        chosen={name === one.name}
                        disabled={!fits(one.mapping)}
                        title={fits(one.mapping) ? undefined : t('This sheet has other columns')}
                        onClick={() => {
                            onTake(one);
                        }}
                    >
                        {one.name}
                    </Button>
                    <Button
                        className="-ml-[1.5px]"
                        aria-label={t('Forget {{name}}', { name: one.name })}
                        title={t('Forget it')}
                        onClick={() => {
                            forget.mutate(one.id);
                        }}
                    >
                        ×
                    </Button>
                </span>
            ))}
        </div>
    );
}
