import { useTranslation } from 'react-i18next';
import { Button } from '../ui/Button';
import { Choice } from '../ui/Choice';
import { useKeys } from '../ui/useKeys';
import { ArcStrip } from './ArcStrip';
import { Figures, figuresOf } from './Figures';
import type { Film, Frame } from './film';
import { KeepStill } from './KeepStill';
import { MarkedPicture } from './MarkedPicture';
import { Asked, TargetChoice, type MeasureProps } from './Marking';
import { FILM_STEPS } from './marks';
import { useTracing, type TracingState } from './useTracing';

/** The clubhead that is marked in this frame goes a px there. */
const NUDGES: Record<string, [number, number]> = { a: [-1, 0], d: [1, 0], w: [0, -1], s: [0, 1] };

/** So many frames are plenty. */
const ENOUGH = 9;

/** A film: scale and level once, then the clubhead frame by frame round the strike. */
export function Tracing({
    film,
    file,
    catalogue,
    set,
    units,
    target: first,
    closed,
    onTake,
    another,
    keptWith,
}: MeasureProps & { film: Film }) {
    const { t } = useTranslation();
    const tracing = useTracing(film, first, `trace ${set.id} ${file}`);
    const { frame, next, trace, lean, target } = tracing;
    useKeys({
        ArrowLeft: () => void tracing.by(-1),
        ArrowRight: () => void tracing.by(1),
        t: tracing.take,
        ...Object.fromEntries(
            Object.entries(NUDGES).map(([key, [x, y]]) => [
                key,
                () => {
                    tracing.nudge(x, y);
                },
            ]),
        ),
    });
    const figures = figuresOf(catalogue, [
        ['shaft_lean_deg', lean],
        ['low_point_mm', trace?.low_point_mm],
        ['attack_deg', trace?.attack_deg],
        ['impact_lean_deg', trace?.lean_at_ball_deg],
    ]);
    return (
        <div className="grid gap-6 lg:grid-cols-[1fr_22rem]">
            <div>
                {frame === undefined ? (
                    <p role="status">{t('Opening…')}</p>
                ) : (
                    <MarkedPicture
                        shown={{ image: frame.image, width: film.width, height: film.height }}
                        name={t('Frame {{n}}', { n: frame.n })}
                        steps={next === undefined ? [] : FILM_STEPS}
                        marks={next === undefined ? {} : tracing.marks}
                        placing
                        onPlace={tracing.place}
                        onMove={tracing.move}
                        over={(unit) => <Over {...{ tracing, frame, unit }} />}
                    />
                )}
                <Steps film={film} tracing={tracing} />
                <div className="mt-2 flex flex-wrap items-end justify-between gap-2">
                    <TargetChoice target={target} onChoose={tracing.setTarget} />
                    <FilmedAt fps={tracing.filmedAt} said={Math.round(film.fps)} onChoose={tracing.setFilmedAt} />
                </div>
            </div>
            <section aria-label={t('Figures')} className="space-y-4">
                <Wanted tracing={tracing} />
                {trace !== undefined && (
                    <>
                        <p className="display text-2xl">
                            {trace.still_falling === true
                                ? t('Still falling at the ball')
                                : trace.still_falling === false
                                  ? t('Already rising at the ball')
                                  : t('Level at the ball, as far as the marks tell')}
                        </p>
                        <ArcStrip trace={trace} target={target} units={units} />
                        {trace.left_out.length > 0 && (
                            <p className="text-sm">
                                {t('Left out, since they lie off the arc: frames {{frames}}', { frames: trace.left_out.join(', ') })}
                            </p>
                        )}
                    </>
                )}
                <Figures
                    {...{ set, units, figures, closed }}
                    onTake={(taken) => {
                        tracing.done();
                        onTake(taken);
                    }}
                    warnings={tracing.warnings}
                    fresh={tracing.fresh}
                    problem={tracing.problem}
                />
                {another}
                {frame !== undefined && (
                    <KeepStill
                        {...keptWith}
                        shown={{ image: frame.image, width: film.width, height: film.height }}
                        marks={tracing.marks}
                        arc={tracing.arc ?? []}
                    />
                )}
            </section>
        </div>
    );
}

/** What is to be marked next, and the ways on. */
function Wanted({ tracing }: { tracing: TracingState }) {
    const { t } = useTranslation();
    const { next, traced, wantsShaft, shaftToo } = tracing;
    return (
        <>
            {next !== undefined ? (
                <Asked words={FILM_STEPS.find((one) => one.id === next)?.words} done="" />
            ) : (
                <p role="status" className="min-h-14 text-xl leading-tight">
                    <strong>
                        {wantsShaft
                            ? t('Mark the shaft, as high up as it is seen.')
                            : t('Go to the strike and mark the clubhead in each frame.')}
                    </strong>{' '}
                    {traced.length < ENOUGH
                        ? t('{{n}} of {{enough}} marked', { n: traced.length, enough: ENOUGH })
                        : t('{{n}} marked: that is plenty', { n: traced.length })}
                    {tracing.marked && <span className="block text-base text-soft">{t('a, d, w and s nudge the one in this frame.')}</span>}
                </p>
            )}
            <div className="flex flex-wrap gap-2">
                {next !== undefined ? (
                    <Button onClick={tracing.skip}>{t('Cannot see it')}</Button>
                ) : (
                    <Button hotkey="t" disabled={tracing.offered === null} onClick={tracing.take}>
                        {t('Take the ring')}
                    </Button>
                )}
                <Button disabled={tracing.nothing} onClick={tracing.undo}>
                    {t('Undo')}
                </Button>
                <Button
                    chosen={shaftToo}
                    onClick={() => {
                        tracing.setShaftToo(!shaftToo);
                    }}
                >
                    {t('The shaft too')}
                </Button>
            </div>
        </>
    );
}

/** Over the frame: what was marked so far, the arc through it, and where the next one would be. */
function Over({ tracing, frame, unit }: { tracing: TracingState; frame: Frame; unit: number }) {
    const { arc, traced, offered } = tracing;
    return (
        <>
            {arc && <path d={`M${arc.map((one) => one.join(' ')).join('L')}`} className="stroke-marram" strokeWidth={2.5 * unit} />}
            {traced.map(({ n, head: [x, y], grip }) => (
                <g key={n}>
                    {grip && n === frame.n && (
                        <path d={`M${String(x)} ${String(y)}L${grip.join(' ')}`} className="stroke-ochre" strokeWidth={3 * unit} />
                    )}
                    <circle cx={x} cy={y} r={(n === frame.n ? 6 : 3.5) * unit} className="fill-rust stroke-paper" strokeWidth={unit} />
                </g>
            ))}
            {offered && (
                <circle
                    data-testid="offered"
                    cx={offered[0]}
                    cy={offered[1]}
                    r={11 * unit}
                    className="stroke-rust"
                    strokeWidth={2 * unit}
                    strokeDasharray={`${String(4 * unit)} ${String(3 * unit)}`}
                />
            )}
        </>
    );
}

/** From frame to frame. */
function Steps({ film, tracing }: { film: Film; tracing: TracingState }) {
    const { t } = useTranslation();
    const { frame, by, to } = tracing;
    const button = (steps: number, sign: string) => (
        <Button
            aria-label={steps < 0 ? t('{{count}} frames back', { count: -steps }) : t('{{count}} frames on', { count: steps })}
            onClick={() => void by(steps)}
        >
            {sign}
        </Button>
    );
    return (
        <div className="mt-2 flex flex-wrap items-center gap-2">
            {button(-10, '«')}
            {button(-1, '‹')}
            <input
                type="range"
                aria-label={t('Place in the film')}
                className="h-12 min-w-40 flex-1 accent-ink"
                min={0}
                max={film.seconds}
                step={1 / film.fps}
                value={frame?.time ?? 0}
                onChange={(event) => void to(Number(event.target.value))}
            />
            {button(1, '›')}
            {button(10, '»')}
            <span className="w-24 text-right" data-testid="frame">
                {t('frame {{n}}', { n: frame?.n ?? 0 })}
            </span>
        </div>
    );
}

const RATES = [30, 60, 120, 240];

/** A film in slow motion often says 30 frames a second, whatever it was filmed at: only the speed hangs on it. */
function FilmedAt({ fps, said, onChoose }: { fps: number; said: number; onChoose: (fps: number) => void }) {
    const { t } = useTranslation();
    return (
        <div>
            <p className="text-sm">{t('Filmed at, frames a second')}</p>
            <Choice
                label={t('Filmed at, frames a second')}
                value={String(fps)}
                options={[...new Set([...RATES, said])].sort((a, b) => a - b).map((one) => ({ value: String(one), label: String(one) }))}
                onChoose={(one) => {
                    onChoose(Number(one));
                }}
            />
        </div>
    );
}
