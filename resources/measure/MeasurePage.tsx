import { useTranslation } from 'react-i18next';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate, useParams, useSearchParams } from 'react-router-dom';
import { observableOf } from '../api/catalogue';
import { ask, useCatalogue, useCoach } from '../api/queries';
import type { BallSet, Catalogue, Lesson, MeasuredPicture, Units } from '../api/types.gen';
import { useBench, type Bench, type Seen } from '../lesson/useBench';
import { Button } from '../ui/Button';
import { Choice } from '../ui/Choice';
import { Page, Skeleton } from '../ui/Page';
import { off, withUnit } from '../ui/units';
import { nextOf, questionOf, STEPS, type Mark, type Marks } from './marks';
import { MarkedPicture } from './MarkedPicture';
import { usePicture, type Picture } from './usePicture';

/** Figures of a picture in place of guesses by eye. The picture stays on this device. */
export function MeasurePage() {
    const { t } = useTranslation();
    const { id = '' } = useParams();
    const [asked] = useSearchParams();
    const bench = useBench(id);
    const { data: catalogue } = useCatalogue();
    const { data: coach } = useCoach();
    const { picture, problem, take } = usePicture();
    const { lesson, student } = bench;
    const set = lesson?.sets.find((one) => one.id === asked.get('set')) ?? lesson?.sets.at(-1);
    if (lesson === undefined || student === undefined || catalogue === undefined || coach === undefined || set === undefined)
        return (
            <Page title={t('Measure')}>
                <Skeleton />
            </Page>
        );
    return (
        <Page title={t('Measure {{name}}', { name: student.name })} back={`/lessons/${id}`}>
            {picture === undefined ? (
                <Advice problem={problem} onFile={take} />
            ) : (
                <Marking
                    key={picture.url}
                    {...{ picture, bench, lesson, set, catalogue }}
                    units={coach.units}
                    left={student.handed === 'left'}
                    onFile={take}
                />
            )}
        </Page>
    );
}

/** How to film, and the file. */
function Advice({ problem, onFile }: { problem: string; onFile: (file: File) => void }) {
    const { t } = useTranslation();
    return (
        <section aria-label={t('A picture')} className="max-w-2xl">
            <p className="text-xl">
                {t('Face-on at address: the camera square to the target line, at the height of the ball, two to three metres away.')}
            </p>
            <ul className="mt-3 list-disc space-y-1 pl-5">
                <li>{t('The ball in the middle of the picture, and large: near is better than zoomed.')}</li>
                <li>{t('The sun behind the camera; the ground level, or something upright, in the picture.')}</li>
                <li>{t('Nobody stands in front of the club while it is filmed. A child only with a guardian’s consent on record.')}</li>
            </ul>
            <p className="mt-3">{t('The picture stays on this device. Only the places you mark are sent, to be worked out.')}</p>
            <ChooseFile onFile={onFile} words={t('Choose or take a picture')} />
            {problem !== '' && (
                <p role="alert" className="mt-3 font-semibold text-rust">
                    {problem}
                </p>
            )}
        </section>
    );
}

function ChooseFile({ words, onFile }: { words: string; onFile: (file: File) => void }) {
    return (
        <label className="mt-4 inline-flex min-h-12 cursor-pointer items-center border-[1.5px] border-ink bg-press px-5 font-semibold focus-within:outline-3">
            {words}
            <input
                type="file"
                accept="image/*"
                className="sr-only"
                onChange={(event) => {
                    const file = event.target.files?.[0];
                    if (file !== undefined) onFile(file);
                }}
            />
        </label>
    );
}

interface MarkingProps {
    picture: Picture;
    bench: Bench;
    lesson: Lesson;
    set: BallSet;
    catalogue: Catalogue;
    units: Units;
    left: boolean;
    onFile: (file: File) => void;
}

/** One point after the other, each to be nudged, skipped or taken back; the figures beside them at once. */
function Marking({ picture, bench, lesson, set, catalogue, units, left, onFile }: MarkingProps) {
    const { t } = useTranslation();
    const navigate = useNavigate();
    const [marks, setMarks] = useState<Marks>({});
    const [skipped, setSkipped] = useState<Mark[]>([]);
    const [target, setTarget] = useState<'right' | 'left'>(left ? 'left' : 'right');
    const next = nextOf(marks, skipped);
    const question = questionOf(marks, target, [picture.width, picture.height]);
    const enough = Object.keys(question.points).length > 1;
    const measured = useQuery({ ...ask.measured(question), enabled: enough });
    const place = (id: Mark, at: [number, number]) => {
        setMarks({ ...marks, [id]: at });
    };
    return (
        <div className="grid gap-6 lg:grid-cols-[1fr_22rem]">
            <MarkedPicture picture={picture} marks={marks} next={next} onPlace={place} />
            <section aria-label={t('Figures')} className="space-y-4">
                <p role="status" className="min-h-14 text-xl leading-tight">
                    {next === undefined ? (
                        <strong>{t('All marked.')}</strong>
                    ) : (
                        <>
                            {t('Mark')} <strong>{t(STEPS.find((one) => one.id === next)?.words ?? '')}</strong>
                        </>
                    )}
                </p>
                <div className="flex flex-wrap gap-2">
                    <Button
                        disabled={next === undefined}
                        onClick={() => {
                            if (next !== undefined) setSkipped([...skipped, next]);
                        }}
                    >
                        {t('Cannot see it')}
                    </Button>
                    <Button
                        disabled={Object.keys(marks).length === 0}
                        onClick={() => {
                            const last = STEPS.filter(({ id }) => marks[id] !== undefined).at(-1)?.id;
                            setMarks(Object.fromEntries(Object.entries(marks).filter(([id]) => id !== last)));
                            setSkipped([]);
                        }}
                    >
                        {t('Undo')}
                    </Button>
                </div>
                <Choice
                    label={t('The target lies')}
                    value={target}
                    options={[
                        { value: 'left', label: `← ${t('target')}` },
                        { value: 'right', label: `${t('target')} →` },
                    ]}
                    onChoose={setTarget}
                />
                <Figures
                    {...{ catalogue, set, units }}
                    measured={enough ? measured.data : undefined}
                    fresh={!measured.isPlaceholderData}
                    problem={measured.error?.message ?? ''}
                    closed={lesson.closed_at !== null}
                    onTake={(figures) => {
                        bench.takeOver(set, figures);
                        void navigate(`/lessons/${lesson.id}?set=${set.id}`);
                    }}
                />
                <ChooseFile words={t('Another picture')} onFile={onFile} />
            </section>
        </div>
    );
}

interface FiguresProps {
    catalogue: Catalogue;
    set: BallSet;
    units: Units;
    measured: MeasuredPicture | undefined;
    /** They are of the marks on the screen, not of those before. */
    fresh: boolean;
    problem: string;
    closed: boolean;
    onTake: (figures: Seen) => void;
}

const tenth = (value: number) => Math.round(value * 10) / 10;

const FIGURES = ['shaft_lean_deg', 'ball_position_pct', 'stance_width_mm', 'sternum_ahead_mm'] as const;

/** What comes out, each with its interval, beside what was entered by eye. */
function Figures({ catalogue, set, units, measured, fresh, problem, closed, onTake }: FiguresProps) {
    const { t } = useTranslation();
    const had = FIGURES.flatMap((id) => {
        const [what, figure] = [observableOf(catalogue, id), measured?.[id]];
        return what === undefined || figure == null ? [] : [{ id, what, figure }];
    });
    return (
        <>
            {problem !== '' && (
                <p role="alert" className="border-l-[6px] border-ochre bg-ochre-wash p-3 break-words">
                    {problem}
                </p>
            )}
            <table className="w-full text-left">
                <thead>
                    <tr className="border-b-[1.5px] border-ink">
                        <th className="py-1 font-semibold">{t('Figure')}</th>
                        <th className="font-semibold">{t('Measured')}</th>
                        <th className="font-semibold">{t('By eye')}</th>
                    </tr>
                </thead>
                <tbody>
                    {had.map(({ id, what, figure }) => (
                        <tr key={id} className="border-b border-line">
                            <td className="py-2 pr-2">{what.label}</td>
                            <td>
                                <strong>{withUnit(figure.value, what.unit, units)}</strong>{' '}
                                <span className="whitespace-nowrap">{off(figure.high - figure.value, what.unit, units)}</span>
                            </td>
                            <td>{typeof set.setup[id] === 'number' ? withUnit(set.setup[id], what.unit, units) : t('not yet')}</td>
                        </tr>
                    ))}
                </tbody>
            </table>
            {had.length === 0 && <p>{t('Figures come as soon as two points belong together.')}</p>}
            {measured?.warnings.map((warning) => (
                <p key={warning.id} className="border-l-[6px] border-ochre bg-ochre-wash px-3 py-1.5 leading-snug">
                    {warning.text}
                </p>
            ))}
            <Button
                main
                disabled={had.length === 0 || !fresh || closed}
                onClick={() => {
                    onTake({
                        setup: Object.fromEntries(had.map(({ id, figure }) => [id, tenth(figure.value)])),
                        motion: {},
                        measured: Object.fromEntries(had.map(({ id, figure }) => [id, tenth(figure.high - figure.value)])),
                    });
                }}
            >
                {t('Take these over')}
            </Button>
        </>
    );
}
