import { useTranslation } from 'react-i18next';
import type { Ball, BallSeen, Field, Units } from '../api/types.gen';
import { Button } from '../ui/Button';
import { Figure } from './BallDialog';

interface Props {
    ball: Ball | undefined;
    fields: Record<string, Field>;
    sand: boolean;
    units: Units;
    /** The others of the set: what was seen of this one can be said of all. */
    others: Ball[];
    onChange: (ball: Ball, seen: BallSeen) => void;
}

type Word = 'flight' | 'roll' | 'sound' | 'sand_direction';
const WORDS: Word[] = ['flight', 'roll', 'sound', 'sand_direction'];
/** What is as expected needs no press. */
const EXPECTED = ['expected', 'normal'];

/** More about the ball just hit, for who has a hand free: it never stands in the way of the next one. */
export function LastBall({ ball, others, fields, sand, units, onChange }: Props) {
    const { t } = useTranslation();
    const seen = ball?.seen ?? {};
    const set = (change: BallSeen) => {
        if (ball !== undefined) onChange(ball, { ...ball.seen, ...change });
    };
    const alike = Object.fromEntries([...WORDS, 'mark' as const].filter((key) => seen[key] !== undefined).map((key) => [key, seen[key]]));
    const unlike = others.filter((one) => Object.keys(alike).some((key) => !(key in one.seen)));
    return (
        <div
            role="group"
            aria-label={t('The ball just hit')}
            className="mt-1.5 flex min-h-12 items-center gap-2 overflow-x-auto pl-[1.5px]"
        >
            {WORDS.filter((key) => fields[key]?.sand_only === sand).map((key) => (
                <span key={key} role="group" aria-label={fields[key]?.label} className="flex">
                    {fields[key]?.answers
                        .filter((answer) => !EXPECTED.includes(String(answer.value)))
                        .map((answer) => (
                            <Button
                                key={answer.label}
                                disabled={ball === undefined}
                                chosen={seen[key] === answer.value}
                                className="-ml-[1.5px] px-2 text-sm whitespace-nowrap"
                                onClick={() => {
                                    set({ [key]: seen[key] === answer.value ? undefined : String(answer.value) });
                                }}
                            >
                                {key === 'flight'
                                    ? t('flew {{how}}', { how: answer.label })
                                    : key === 'sand_direction'
                                      ? t('sand {{where}}', { where: answer.label })
                                      : answer.label}
                            </Button>
                        ))}
                </span>
            ))}
            {unlike.length > 0 && (
                <Button
                    className="px-2 text-sm whitespace-nowrap"
                    aria-label={t('all {{n}} alike', { n: others.length + 1 })}
                    title={t('What was not looked at in the other balls of this set becomes as in this one')}
                    onClick={() => {
                        for (const one of unlike) onChange(one, { ...alike, ...one.seen });
                    }}
                >
                    {t('all {{n}}', { n: others.length + 1 })}
                </Button>
            )}
            {(['carry_m', 'start_deg'] as const).map(
                (key) =>
                    fields[key] &&
                    ball && (
                        <Figure
                            key={`${ball.id}${key}${String(seen[key])}`}
                            field={fields[key]}
                            value={seen[key]}
                            units={units}
                            inline
                            onSet={(value) => {
                                set({ [key]: value });
                            }}
                        />
                    ),
            )}
        </div>
    );
}
