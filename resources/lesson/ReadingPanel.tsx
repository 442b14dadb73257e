import { useTranslation } from 'react-i18next';
import { useState } from 'react';
import { observableOf } from '../api/catalogue';
import type { BallSet, Catalogue, Club, Handed, Lesson, Reading, Units, WeighedCause } from '../api/types.gen';
import { Button } from '../ui/Button';
import { NowAndAsked } from '../figures/NowAndAsked';
import { Panel } from '../ui/Panel';
import { Skeleton } from '../frame/Page';
import { day } from '../ui/reader';
import { useKeys } from '../ui/useKeys';
import { useCoach } from '../ask/queries';
import { AskFirst } from './AskFirst';
import { CauseList } from './CauseList';
import { Evidence } from './Evidence';
import { HowFiguresCome } from './HowFiguresCome';
import { LookNext } from './LookNext';
import { Prescribe } from './Prescribe';
import { RestsOn } from './RestsOn';
import type { Bench } from './useBench';
import { WhatIf, type Tried } from './WhatIf';

interface Props {
    bench: Bench;
    lesson: Lesson;
    set: BallSet;
    catalogue: Catalogue;
    /** Those of the student. */
    clubs: Club[];
    handed: Handed;
    units: Units;
    /** Nothing is entered any more. */
    closed?: boolean;
    onRetest: () => void;
}

type Sheet = 'figures' | 'what-if' | 'prescribe' | null;

const FRAME = 'flex min-h-0 flex-col gap-2.5 border-line px-4 py-3 bench:overflow-y-auto bench:border-l';

/** What the balls and looks of a set say, and what to do about it. */
export function ReadingPanel({ reading, className = '', ...rest }: Props & { reading: Reading | undefined; className?: string }) {
    const { t } = useTranslation();
    if (reading !== undefined) return <Told reading={reading} className={className} {...rest} />;
    return (
        <section aria-label={t('Reading')} data-testid="reading" data-balls="0" className={`${FRAME} ${className}`}>
            {rest.bench.trouble === null ? (
                <Skeleton />
            ) : (
                <p>{t('The reading comes with the connection. {{count}} entries wait on this device.', { count: rest.bench.waiting })}</p>
            )}
        </section>
    );
}

/** Always in this order: what was observed, what to work on first, what to look at next, what else is possible, what to mind. */
function Told({ className, onRetest, ...rest }: Props & { reading: Reading; className: string }) {
    const { t } = useTranslation();
    const { bench, set, reading, closed } = rest;
    const coachAsksFirst = useCoach().data?.asks_first === true;
    const [opened, setOpened] = useState<string>();
    const [sheet, setSheet] = useState<Sheet>(null);
    const { pattern } = reading;
    const first = reading.causes.find((cause) => cause.id === reading.work_on_first);
    const [skipped, setSkipped] = useState<string>();
    const asksFirst =
        coachAsksFirst && closed !== true && set.thought == null && skipped !== set.id && set.balls.length > 0 && reading.causes.length > 0;
    useKeys({
        i: () => {
            if (reading.model !== null && !asksFirst) setSheet('what-if');
        },
        p: () => {
            if (reading.causes.length > 0 && closed !== true && !asksFirst) setSheet('prescribe');
        },
    });
    return (
        <section
            id="reading"
            tabIndex={-1}
            aria-label={t('Reading')}
            data-testid="reading"
            data-set={set.id}
            data-lesson={rest.lesson.id}
            data-balls={pattern.n}
            className={`${FRAME} outline-none ${className}`}
        >
            {set.balls.length !== pattern.n && bench.trouble !== null && (
                <p className="font-semibold">
                    {t('Balls read: {{read}} of {{logged}}. The reading catches up with the connection.', {
                        read: pattern.n,
                        logged: set.balls.length,
                    })}
                </p>
            )}
            <Seen
                reading={reading}
                onFigures={() => {
                    setSheet('figures');
                }}
            />
            {asksFirst ? (
                <AskFirst
                    causes={reading.causes}
                    onThink={(cause) => {
                        bench.think(set, cause);
                    }}
                    onSkip={() => {
                        setSkipped(set.id);
                    }}
                />
            ) : (
                <Answer {...rest} {...{ reading, first, onRetest, closed, setOpened, setSheet }} />
            )}
            <Sheets {...rest} {...{ opened, sheet, setOpened, setSheet }} />
        </section>
    );
}

interface AnswerProps extends Props {
    reading: Reading;
    first: WeighedCause | undefined;
    setOpened: (cause: string | undefined) => void;
    setSheet: (sheet: Sheet) => void;
}

/** What to work on first, what to look at next, what else is possible, what to mind. */
function Answer({ reading, first, onRetest, closed, setOpened, setSheet, ...rest }: AnswerProps) {
    const { t } = useTranslation();
    const { bench, lesson, set, catalogue } = rest;
    const { pattern } = reading;
    const nextLook = reading.check_next === null ? undefined : observableOf(catalogue, reading.check_next.observable);
    return (
        <>
            <First
                {...{ reading, first, onRetest, closed }}
                given={lesson.prescription}
                handed={rest.handed}
                hit={set.balls.length > 0}
                onSheet={setSheet}
                onWhy={() => {
                    setOpened(first?.id);
                }}
            />
            {reading.check_next !== null && nextLook !== undefined && closed !== true && (
                <LookNext
                    handed={rest.handed}
                    next={reading.check_next}
                    onAnswer={(value) => {
                        bench.see(set, nextLook, value);
                    }}
                />
            )}
            <CauseList
                causes={reading.causes.filter((one, place) => place < reading.likely && one !== first)}
                // What was seen stays, whatever explains the balls better.
                seen={
                    first === undefined ? [] : reading.causes.filter((one, place) => place >= reading.likely && one.seen && one !== first)
                }
                onOpen={setOpened}
            />
            <ToMind reading={reading} />
            {reading.calibrated !== null && (
                <p className="text-sm text-soft">
                    {t('Model as {{by}} has it since {{day}}: {{reason}}.', {
                        by: reading.calibrated.by,
                        day: day(reading.calibrated.on),
                        reason: reading.calibrated.reason,
                    })}
                </p>
            )}
            {reading.correction != null && (
                <p className="text-sm text-soft">
                    {t('Weighed with what {{count}} outcomes of this academy have taught.', { count: reading.correction.lines })}
                </p>
            )}
            {first !== undefined && closed !== true && <RestsOn />}
            <p className="sr-only" role="status">
                {[pattern.text, reading.advice, reading.prediction?.text].join(' ')}
            </p>
        </>
    );
}

/** The sheets that the reading opens over the bench. */
function Sheets({
    opened,
    sheet,
    setOpened,
    setSheet,
    ...rest
}: Omit<Props, 'onRetest'> & {
    reading: Reading;
    opened: string | undefined;
    sheet: Sheet;
    setOpened: (cause: string | undefined) => void;
    setSheet: (sheet: Sheet) => void;
}) {
    const { t } = useTranslation();
    const { reading, set, units, closed } = rest;
    const [tried, setTried] = useState<Tried>();
    const cause = reading.causes.find((one) => one.id === opened);
    const close = () => {
        setSheet(null);
        setTried(undefined);
    };
    return (
        <>
            <Panel
                title={cause?.name ?? ''}
                open={cause !== undefined}
                onOpenChange={() => {
                    setOpened(undefined);
                }}
            >
                {cause && <Evidence cause={cause} />}
            </Panel>
            <Panel title={t('Where the figures come from')} open={sheet === 'figures'} onOpenChange={close} wide>
                <HowFiguresCome reading={reading} set={set} units={units} />
            </Panel>
            {sheet === 'what-if' && (
                <WhatIf
                    {...rest}
                    prediction={reading.prediction}
                    advised={reading.work_on_first === null ? [] : reading.prescription.setup}
                    onClose={close}
                    onTry={
                        closed === true
                            ? undefined
                            : (next) => {
                                  setTried(next);
                                  setSheet('prescribe');
                              }
                    }
                />
            )}
            {sheet === 'prescribe' && (
                <Prescribe {...rest} tried={tried} first={reading.work_on_first ?? reading.causes[0]?.id ?? ''} onClose={close} />
            )}
        </>
    );
}

/** A figure in its words; a press tells in one line how it came, where there is more to tell. */
function HowItCame({ children, line, className, testId }: { children: string; line: string | null; className: string; testId?: string }) {
    if (line === null)
        return (
            <p className={`leading-snug ${className}`} data-testid={testId}>
                {children}
            </p>
        );
    return (
        <details className={`leading-snug ${className}`}>
            <summary className="cursor-pointer list-none py-0.5" data-testid={testId}>
                {children}
            </summary>
            <p className="mt-1 border-l-[3px] border-line pl-2 text-sm font-normal">{line}</p>
        </details>
    );
}

/** What was observed. */
function Seen({ reading: { pattern }, onFigures }: { reading: Reading; onFigures: () => void }) {
    const { t } = useTranslation();
    return (
        <div>
            <h2 className="text-3xl">{pattern.headline}</h2>
            {pattern.detail !== '' && (
                <HowItCame
                    line={t('Counted ball by ball as they were entered. Brackets hold where eight in ten of the touches lie.')}
                    className="mt-1"
                >
                    {pattern.detail}
                </HowItCame>
            )}
            {pattern.n > 0 && (
                <button
                    type="button"
                    className="min-h-11 text-left text-sm leading-tight underline decoration-1 underline-offset-4"
                    onClick={onFigures}
                >
                    {pattern.low_point_text === '' ? t('Where the figures come from') : pattern.low_point_text}
                </button>
            )}
        </div>
    );
}

interface FirstProps {
    reading: Reading;
    first: WeighedCause | undefined;
    given: Lesson['prescription'];
    handed: Handed;
    closed: boolean | undefined;
    /** The set on the screen has balls: another one can begin. */
    hit: boolean;
    onWhy: () => void;
    onSheet: (sheet: Sheet) => void;
    onRetest: () => void;
}

/** What to work on first with its reason and what it wins; what was handed out, and the way on. */
function First({ reading, first, given, handed, closed, hit, onWhy, onSheet, onRetest }: FirstProps) {
    const { t } = useTranslation();
    return (
        <div className="border-t border-line pt-2" data-work-on={first?.id}>
            {first === undefined ? (
                <p className="font-semibold">{reading.advice}</p>
            ) : (
                <>
                    <h3 className="font-text text-sm font-normal text-soft">{t('Work on first')}</h3>
                    <p className="display text-xl">{first.name.split(':')[0]}</p>
                    <p className="leading-snug">
                        {first.main_reasons.slice(0, 2).join(' ')}
                        {first.against[0] !== undefined && ` ${t('But: {{what}}', { what: first.against[0].text })}`}{' '}
                        {reading.first_notes.join(' ')}{' '}
                        <button
                            type="button"
                            data-cause={first.id}
                            className="-my-2 min-h-11 px-2 underline underline-offset-4"
                            onClick={onWhy}
                        >
                            {t('why')}
                        </button>
                    </p>
                </>
            )}
            {reading.prediction !== null && reading.prediction.text !== '' && (
                <HowItCame
                    line={
                        reading.prediction.after === null
                            ? null
                            : t('From the strike model, fitted to these balls and averaged over their scatter.')
                    }
                    className="font-semibold"
                    testId="predicted"
                >
                    {reading.prediction.text}
                </HowItCame>
            )}
            {first !== undefined && reading.asked !== undefined && <NowAndAsked views={reading.asked.slice(0, 1)} handed={handed} slim />}
            {given !== null && (
                <p className="mt-1 leading-snug text-marram">
                    {t('Handed out: {{cause}}.', { cause: given.content.cause_name })}{' '}
                    {given.content.drills.map((drill) => drill.name).join(', ')}.
                </p>
            )}
            <div className="mt-2 flex gap-2 empty:hidden">
                {reading.causes.length > 0 && reading.pattern.n > 0 && closed !== true && (
                    <Button
                        hotkey="p"
                        main={given === null}
                        className="flex-1 px-1 leading-tight"
                        onClick={() => {
                            onSheet('prescribe');
                        }}
                    >
                        {given === null ? t('Prescribe') : t('Change it')}
                    </Button>
                )}
                {reading.model !== null && (
                    <Button
                        hotkey="i"
                        className="flex-1 px-1 leading-tight"
                        onClick={() => {
                            onSheet('what-if');
                        }}
                    >
                        {t('What if')}
                    </Button>
                )}
                {given !== null && closed !== true && hit && (
                    <Button main className="flex-1 px-1 leading-tight" onClick={onRetest}>
                        {t('Hit the next set')}
                    </Button>
                )}
            </div>
        </div>
    );
}

/** What to be wary of, and what one more question decides. */
function ToMind({ reading: { warnings, tell_apart: apart } }: { reading: Reading }) {
    return (
        <>
            {warnings.map((warning) => (
                <p
                    key={warning.id + warning.text}
                    data-warning={warning.id}
                    className="border-l-[6px] border-ochre bg-ochre-wash px-3 py-1.5 leading-snug"
                >
                    {warning.text}
                </p>
            ))}
            {apart.map((text) => (
                <p key={text} className="border-l-[6px] border-slate px-3 py-1 leading-snug">
                    {text}
                </p>
            ))}
        </>
    );
}
