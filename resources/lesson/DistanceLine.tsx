import { useTranslation } from 'react-i18next';
import { Link } from 'react-router-dom';
import type { BallSet, Catalogue, Reading } from '../api/types.gen';
import { Button } from '../ui/Button';
import type { Bench } from './useBench';

interface Props {
    bench: Bench;
    set: BallSet;
    catalogue: Catalogue;
    reading: Reading | undefined;
    studentId: string;
    carryM: number | null | undefined;
}

/** The look that decides between a shorter and a longer backswing. */
const SPEED = 'speed_change';

/** A good strike that went too far or not far enough: the question that decides the cure, and what the chart says. */
export function DistanceLine({ bench, set, catalogue, reading, studentId, carryM }: Props) {
    const { t } = useTranslation();
    const speed = catalogue.observables.find((one) => one.id === SPEED);
    const distance = reading?.distance;
    if (!distance || speed === undefined) return null;
    return (
        <div className="mt-1.5 flex min-h-12 flex-wrap items-center gap-x-3 border-l-[6px] border-ochre pl-3" role="status">
            <span>{distance.text}</span>
            {distance.asks ? (
                <span className="flex pl-[1.5px]">
                    {speed.answers.map((answer) => (
                        <Button
                            key={answer.label}
                            className="-ml-[1.5px]"
                            onClick={() => {
                                bench.see(set, speed, answer.value);
                            }}
                        >
                            {answer.label}
                        </Button>
                    ))}
                </span>
            ) : (
                <Link
                    to={`/students/${studentId}/shots?tab=distances&for=${String(carryM ?? '')}`}
                    className="flex min-h-11 items-center underline underline-offset-4"
                >
                    {t('What the chart says')}
                </Link>
            )}
        </div>
    );
}
