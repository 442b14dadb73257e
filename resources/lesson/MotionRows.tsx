import type { BallSet, Observable, Units } from '../api/types.gen';
import { Button } from '../ui/Button';
import { ObservationField } from '../ui/ObservationField';

interface Props {
    looks: Observable[];
    set: BallSet;
    units: Units;
    faultOf: (key: string) => string | undefined;
    onSee: (what: Observable, value: number | string | null) => void;
}

/** What a coach calls most often stands open as one press; the rest is a press further. */
const OPEN = ['head_drift_mm', 'release', 'attack', 'speed_change'];

export function MotionRows({ looks, set, units, faultOf, onSee }: Props) {
    return (
        <div className="mt-1.5">
            <h2 className="sr-only">Motion</h2>
            <div className="grid grid-cols-1 gap-x-4 gap-y-1.5 xl:grid-cols-2">
                {OPEN.flatMap((id) => looks.filter((one) => one.id === id)).map((one) => (
                    <div key={one.id} role="group" aria-label={one.label} className="flex items-center">
                        <span className="w-[4.5rem] shrink-0 text-sm leading-tight">{one.label}</span>
                        {one.answers.map((answer) => {
                            const chosen = set.motion[one.id] === answer.value;
                            return (
                                <Button
                                    key={answer.label}
                                    chosen={chosen}
                                    className="-ml-[1.5px] flex-1 px-1 text-sm leading-tight"
                                    onClick={() => {
                                        onSee(one, chosen ? null : answer.value);
                                    }}
                                >
                                    {answer.label}
                                </Button>
                            );
                        })}
                    </div>
                ))}
            </div>
            <div className="mt-1.5 grid grid-cols-2 gap-1.5 sm:grid-cols-4 xl:grid-cols-5">
                {looks
                    .filter((one) => !OPEN.includes(one.id))
                    .map((one) => (
                        <ObservationField
                            key={one.id}
                            what={one}
                            value={set.motion[one.id]}
                            units={units}
                            fault={faultOf(`motion.${one.id}`)}
                            onSee={(value) => {
                                onSee(one, value);
                            }}
                        />
                    ))}
            </div>
        </div>
    );
}
