import { word } from '../language/trade';
import { useTranslation } from 'react-i18next';
import { useQuery } from '@tanstack/react-query';
import { useId, useState } from 'react';
import { ask } from '../ask/queries';
import type { Ball, BallSeen, Field, Shot, Units } from '../api/types.gen';
import { Button } from '../ui/Button';
import { Panel } from '../ui/Panel';
import { moment } from '../ui/reader';
import { numberOr, shownFactor, shownUnit } from '../ui/units';
import { touchText } from './words';

interface Props {
    ball: Ball;
    number: number;
    /** Of the set that it belongs to. */
    of: { lesson: string; set: string };
    strikes: Shot['strikes'];
    fields: Record<string, Field>;
    sand: boolean;
    units: Units;
    onChange: (seen: BallSeen) => void;
    onRemove: () => void;
    onClose: () => void;
}

type Key = keyof BallSeen;

/** What a ball can be told of, in the order of the record; the words of a strike are those of the shot. */
const keysOf = (fields: Record<string, Field>, kind: Field['kind'], sand: boolean): Key[] =>
    Object.entries(fields)
        .filter(([key, field]) => field.kind === kind && key !== 'strike' && (sand || !field.sand_only))
        .map(([key]) => key as Key);

/** One ball to look up and correct; what was there before is kept and shown. */
export function BallDialog({ ball, number, of, strikes, fields, sand, units, onChange, onRemove, onClose }: Props) {
    const { t } = useTranslation();
    const { seen } = ball;
    return (
        <Panel
            title={t('Ball {{number}}', { number })}
            open
            onOpenChange={(open) => {
                if (!open) onClose();
            }}
            wide
        >
            <p className="mb-4">{t('First touch: {{touch}}.', { touch: touchText(seen, units) })}</p>
            <Choices label={t('Strike')}>
                {strikes.map(({ id }) => (
                    <Button
                        key={id}
                        chosen={seen.strike === id}
                        onClick={() => {
                            onChange({ ...seen, strike: id });
                        }}
                    >
                        {word(id)}
                    </Button>
                ))}
            </Choices>
            <div className="flex flex-wrap gap-x-8">
                {keysOf(fields, 'choice', sand).map((key) => (
                    <Choices key={key} label={fields[key]?.label ?? key}>
                        {fields[key]?.answers.map((answer) => (
                            <Button
                                key={answer.label}
                                chosen={seen[key] === answer.value}
                                onClick={() => {
                                    onChange({ ...seen, [key]: seen[key] === answer.value ? undefined : String(answer.value) });
                                }}
                            >
                                {answer.label}
                            </Button>
                        ))}
                    </Choices>
                ))}
            </div>
            <div className="mb-4 flex flex-wrap gap-4">
                {keysOf(fields, 'number', sand).map((key) => {
                    const [field, value] = [fields[key], seen[key]];
                    return (
                        field && (
                            <Figure
                                key={`${key}${String(value)}`}
                                field={field}
                                value={typeof value === 'number' ? value : undefined}
                                units={units}
                                onSet={(next) => {
                                    onChange({ ...seen, [key]: next });
                                }}
                            />
                        )
                    );
                })}
                <Button
                    className="self-end"
                    chosen={seen.touch_mm === null}
                    onClick={() => {
                        onChange({ ...seen, touch_mm: seen.touch_mm === null ? undefined : null });
                    }}
                >
                    {t('no ground contact')}
                </Button>
            </div>
            <Note
                value={seen.note ?? ''}
                longest={fields.note?.max ?? 500}
                onSet={(note) => {
                    onChange({ ...seen, note: note === '' ? undefined : note });
                }}
            />
            <Earlier of={{ ...of, ball: ball.id }} stamp={JSON.stringify(seen)} units={units} />
            <Button onClick={onRemove}>{t('Take this ball out')}</Button>
        </Panel>
    );
}

function Choices({ label, children }: { label: string; children: React.ReactNode }) {
    return (
        <div role="group" aria-label={label} className="mb-4">
            <p className="mb-1 font-semibold">{label}</p>
            <div className="flex flex-wrap gap-2">{children}</div>
        </div>
    );
}

interface FigureProps {
    field: Field;
    /** Name beside the box, for rows where height is dear. */
    inline?: boolean;
    value: number | undefined;
    units: Units;
    onSet: (value: number | undefined) => void;
}

export function Figure({ field, value, units, inline, onSet }: FigureProps) {
    const factor = shownFactor(field.unit, units);
    return (
        <label className={`text-sm font-semibold ${inline === true ? 'flex items-center gap-1.5 whitespace-nowrap' : 'block'}`}>
            {field.label}, {shownUnit(field.unit, units)}
            <input
                className={`min-h-12 border-[1.5px] border-ink bg-press px-2 text-base font-normal ${inline === true ? 'w-16' : 'mt-1 block w-24'}`}
                inputMode="decimal"
                defaultValue={value === undefined ? '' : Math.round((value / factor) * 10) / 10}
                onBlur={(event) => {
                    const typed = event.target.value.trim();
                    const number = numberOr(typed);
                    const next = typed === '' ? undefined : typeof number === 'number' ? number * factor : number;
                    if (next !== value) onSet(next);
                }}
            />
        </label>
    );
}

function Note({ value, longest, onSet }: { value: string; longest: number; onSet: (note: string) => void }) {
    const { t } = useTranslation();
    const id = useId();
    const [typed, setTyped] = useState(value);
    return (
        <div className="mb-4">
            <label htmlFor={id} className="mb-1 block font-semibold">
                {t('Note')}
            </label>
            <input
                id={id}
                className="min-h-12 w-full border-[1.5px] border-ink bg-press px-3"
                maxLength={longest}
                value={typed}
                onChange={(event) => {
                    setTyped(event.target.value);
                }}
                onBlur={() => {
                    if (typed !== value) onSet(typed);
                }}
            />
        </div>
    );
}

/** What stood here before somebody changed it. */
function Earlier({ of, stamp, units }: { of: { lesson: string; set: string; ball: string }; stamp: string; units: Units }) {
    const { t } = useTranslation();
    const history = useQuery(ask.ballHistory(of, stamp));
    const changes = history.data?.filter((one) => one.before.seen !== undefined) ?? [];
    if (changes.length === 0) return null;
    return (
        <div className="mb-4">
            <p className="font-semibold">{t('Before it was changed')}</p>
            <ul>
                {changes.map((one) => (
                    <li key={one.at}>
                        {one.before.seen?.strike === undefined ? t('no strike') : word(one.before.seen.strike)}
                        {t(', {{touch}}; changed {{moment}}', {
                            touch: touchText(one.before.seen ?? {}, units),
                            moment: moment(one.at),
                        })}
                        {one.by === null ? '' : ` ${t('by {{name}}', { name: one.by })}`}
                    </li>
                ))}
            </ul>
        </div>
    );
}
