import { useState } from 'react';
import { observableOf } from '../api/catalogue';
import type { BallSet, Catalogue, Handed, Lesson, Reading, Units } from '../api/types.gen';
import { Button } from '../ui/Button';
import { Panel } from '../ui/Panel';
import { Skeleton } from '../ui/Page';
import { useKeys } from '../ui/useKeys';
import { CauseList } from './CauseList';
import { Evidence } from './Evidence';
import { HowFiguresCome } from './HowFiguresCome';
import { LookNext } from './LookNext';
import { Prescribe } from './Prescribe';
import type { Bench } from './useBench';
import { WhatIf, type Tried } from './WhatIf';

interface Props {
    bench: Bench;
    lesson: Lesson;
    set: BallSet;
    catalogue: Catalogue;
    handed: Handed;
    units: Units;
    onRetest: () => void;
}

type Sheet = 'figures' | 'what-if' | 'prescribe' | null;

/** What the balls and looks of a set say, and what to do about it. */
export function ReadingPanel({ reading, className = '', ...rest }: Props & { reading: Reading | undefined; className?: string }) {
    if (reading !== undefined) return <Told reading={reading} className={className} {...rest} />;
    return (
        <section aria-label="Reading" data-testid="reading" data-balls="0" className={`border-line p-4 lg:border-l ${className}`}>
            {rest.bench.trouble === null ? (
                <Skeleton />
            ) : (
                <p>The reading comes with the connection. {rest.bench.waiting} entries wait on this device.</p>
            )}
        </section>
    );
}

function Told({
    bench,
    lesson,
    set,
    reading,
    catalogue,
    handed,
    units,
    className,
    onRetest,
}: Props & { reading: Reading; className: string }) {
    const [opened, setOpened] = useState<string>();
    const [sheet, setSheet] = useState<Sheet>(null);
    const [tried, setTried] = useState<Tried>();
    const { pattern } = reading;
    const first = reading.causes.find((cause) => cause.id === reading.work_on_first) ?? reading.causes[0];
    const cause = reading.causes.find((one) => one.id === opened);
    const nextLook = reading.check_next === null ? undefined : observableOf(catalogue, reading.check_next.observable);
    const close = () => {
        setSheet(null);
    };
    useKeys({
        i: () => {
            if (reading.model !== null) setSheet('what-if');
        },
        p: () => {
            if (first !== undefined) setSheet('prescribe');
        },
    });
    return (
        <section
            aria-label="Reading"
            data-testid="reading"
            data-balls={pattern.n}
            className={`flex min-h-0 flex-col border-line px-4 py-3 lg:border-l ${className}`}
        >
            <div className="min-h-0 lg:overflow-y-auto">
                {set.balls.length !== pattern.n && bench.trouble !== null && (
                    <p className="mb-1 font-semibold">
                        Reading of {pattern.n} balls; {set.balls.length} are logged. It catches up with the connection.
                    </p>
                )}
                <Seen
                    reading={reading}
                    onFigures={() => {
                        setSheet('figures');
                    }}
                />
                <CauseList causes={reading.causes.filter((_, place) => place < reading.likely)} onOpen={setOpened} />
            </div>
            {reading.check_next !== null && nextLook !== undefined && (
                <LookNext
                    next={reading.check_next}
                    onAnswer={(value) => {
                        bench.see(set, nextLook, value);
                    }}
                />
            )}
            <WhatNow
                reading={reading}
                given={lesson.prescription}
                onRetest={onRetest}
                onSheet={(next) => {
                    if (next === 'prescribe') setTried(undefined);
                    setSheet(next);
                }}
            />
            <Panel
                title={cause?.name ?? ''}
                open={cause !== undefined}
                onOpenChange={() => {
                    setOpened(undefined);
                }}
            >
                {cause && <Evidence cause={cause} />}
            </Panel>
            <Panel title="Where the figures come from" open={sheet === 'figures'} onOpenChange={close} wide>
                <HowFiguresCome reading={reading} set={set} units={units} />
            </Panel>
            {sheet === 'what-if' && (
                <WhatIf
                    {...{ lesson, set, catalogue, handed, units }}
                    prediction={reading.prediction}
                    onClose={close}
                    onTry={(next) => {
                        setTried(next);
                        setSheet('prescribe');
                    }}
                />
            )}
            {sheet === 'prescribe' && (
                <Prescribe
                    {...{ bench, lesson, set, reading, catalogue, units, tried }}
                    first={first?.id ?? ''}
                    onClose={() => {
                        close();
                        setTried(undefined);
                    }}
                />
            )}
        </section>
    );
}

/** What was seen, and what to be wary of. */
function Seen({ reading: { pattern, warnings, tell_apart: apart }, onFigures }: { reading: Reading; onFigures: () => void }) {
    return (
        <>
            <h2 className="text-lg" aria-live="polite">
                {pattern.text}
            </h2>
            {pattern.n > 0 && (
                <button type="button" className="min-h-12 text-left text-sm underline decoration-1 underline-offset-4" onClick={onFigures}>
                    {pattern.low_point_text} {pattern.measured} measured, {pattern.assumed} assumed, {pattern.censored} without ground
                    contact
                </button>
            )}
            {warnings.map((warning) => (
                <p
                    key={warning.id + warning.text}
                    data-warning={warning.id}
                    className="mt-2 border-l-[6px] border-ochre bg-ochre-wash px-3 py-1.5 text-[15px] leading-tight"
                >
                    {warning.text}
                </p>
            ))}
            {apart.map((text) => (
                <p key={text} className="mt-2 border-l-[6px] border-slate px-3 py-1 text-[15px] leading-tight">
                    {text}
                </p>
            ))}
        </>
    );
}

interface WhatNowProps {
    reading: Reading;
    given: Lesson['prescription'];
    onSheet: (sheet: Sheet) => void;
    onRetest: () => void;
}

/** The advice, what was handed out, and the way on. */
function WhatNow({ reading, given, onSheet, onRetest }: WhatNowProps) {
    return (
        <div className="mt-auto pt-2">
            <p className="leading-tight font-semibold">{reading.advice}</p>
            {reading.prediction && (
                <p className="mt-0.5 text-[15px] leading-tight" data-testid="predicted">
                    {reading.prediction.text}
                </p>
            )}
            {given !== null && (
                <p className="mt-1 text-sm leading-tight text-marram">
                    Handed out: {given.content.cause_name}. {given.content.drills.map((drill) => drill.name).join(', ')}.
                </p>
            )}
            <div className="mt-2 flex gap-2">
                {reading.model !== null && (
                    <Button
                        hotkey="i"
                        onClick={() => {
                            onSheet('what-if');
                        }}
                    >
                        What if
                    </Button>
                )}
                {reading.causes.length > 0 && reading.pattern.n > 0 && (
                    <Button
                        hotkey="p"
                        main={given === null}
                        className="flex-1 px-1 leading-tight"
                        onClick={() => {
                            onSheet('prescribe');
                        }}
                    >
                        {given === null ? 'Prescribe' : 'Change it'}
                    </Button>
                )}
                {given !== null && (
                    <Button main className="flex-1 px-1 leading-tight" onClick={onRetest}>
                        Hit the next set
                    </Button>
                )}
            </div>
        </div>
    );
}
