import { useQuery } from '@tanstack/react-query';
import { useState, type ReactNode } from 'react';
import { useTranslation } from 'react-i18next';
import { ask } from '../ask/queries';
import type { BallSet, Catalogue, Units } from '../api/types.gen';
import type { Seen } from '../lesson/useBench';
import { Button } from '../ui/Button';
import { Choice } from '../ui/Choice';
import { useDraft } from '../ui/useDraft';
import { Figures, figuresOf } from './Figures';
import { KeepStill, type KeptWith } from './KeepStill';
import { MarkedPicture, type Shown } from './MarkedPicture';
import { nextOf, questionOf, STEPS, type Mark, type Marks, type Target } from './marks';

export interface MeasureProps {
    catalogue: Catalogue;
    set: BallSet;
    units: Units;
    target: Target;
    closed: boolean;
    onTake: (figures: Seen) => void;
    /** To choose another file. */
    another: ReactNode;
    keptWith: KeptWith;
    /** Tells the same file again. */
    file: string;
}

const FIGURES = ['shaft_lean_deg', 'ball_position_pct', 'stance_width_mm', 'sternum_ahead_mm'] as const;

/** A picture at address: one point after the other, each to be nudged, skipped or taken back; the figures beside them at once. */
export function Marking({
    shown,
    catalogue,
    set,
    units,
    target: first,
    closed,
    onTake,
    another,
    keptWith,
    file,
}: MeasureProps & { shown: Shown }) {
    const { t } = useTranslation();
    const [marks, setMarks, done] = useDraft<Marks>(`marks ${set.id} ${file}`, {});
    const [skipped, setSkipped] = useState<Mark[]>([]);
    const [target, setTarget] = useState(first);
    const next = nextOf(STEPS, marks, skipped);
    const question = questionOf(marks, target, [shown.width, shown.height]);
    const enough = Object.keys(question.points).length > 1;
    const measured = useQuery({ ...ask.measured(question), enabled: enough });
    const figures = figuresOf(
        catalogue,
        FIGURES.map((id) => [id, enough ? measured.data?.[id] : null]),
    );
    return (
        <div className="grid gap-6 lg:grid-cols-[1fr_22rem]">
            <MarkedPicture
                shown={shown}
                name={t('To be marked')}
                steps={STEPS}
                marks={marks}
                placing={next !== undefined}
                onPlace={(at) => {
                    if (next !== undefined) setMarks({ ...marks, [next]: at });
                }}
                onMove={(id, at) => {
                    setMarks({ ...marks, [id]: at });
                }}
            />
            <section aria-label={t('Figures')} className="space-y-4">
                <Asked words={STEPS.find((one) => one.id === next)?.words} done={t('All marked.')} />
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
                <TargetChoice target={target} onChoose={setTarget} />
                <Figures
                    {...{ set, units, figures, closed }}
                    onTake={(taken) => {
                        done();
                        onTake(taken);
                    }}
                    warnings={enough ? (measured.data?.warnings ?? []) : []}
                    fresh={!measured.isPlaceholderData}
                    problem={measured.error?.message ?? ''}
                />
                {another}
                <KeepStill {...keptWith} shown={shown} marks={marks} />
            </section>
        </div>
    );
}

/** What is to be marked next. */
export function Asked({ words, done }: { words: string | undefined; done: string }) {
    const { t } = useTranslation();
    return (
        <p role="status" className="min-h-14 text-xl leading-tight">
            {words === undefined ? (
                <strong>{done}</strong>
            ) : (
                <>
                    {t('Mark')} <strong>{t(words)}</strong>
                </>
            )}
        </p>
    );
}

export function TargetChoice({ target, onChoose }: { target: Target; onChoose: (target: Target) => void }) {
    const { t } = useTranslation();
    return (
        <Choice
            label={t('The target lies')}
            value={target}
            options={[
                { value: 'left', label: `← ${t('target')}` },
                { value: 'right', label: `${t('target')} →` },
            ]}
            onChoose={onChoose}
        />
    );
}
