import type { WeighedCause, WeighedClue } from '../api/types.gen';
import { percent } from '../ui/units';

/** All that speaks for a cause and against it, with the odds behind a fold. */
export function Evidence({ cause }: { cause: WeighedCause }) {
    const rows = (clues: WeighedClue[]) =>
        clues.map((clue) => (
            <li key={clue.text + clue.how} className="border-t border-line py-2">
                <span className="font-semibold">{clue.text}</span> <span className="whitespace-nowrap">It {clue.says}.</span>
                <details className="text-sm">
                    <summary className="flex min-h-11 cursor-pointer items-center underline decoration-1 underline-offset-4">
                        why so
                    </summary>
                    {clue.how[0]?.toUpperCase()}
                    {clue.how.slice(1)}. Odds against no fault: × {clue.odds}.
                </details>
            </li>
        ));
    return (
        <>
            <p className="mb-4">
                <span className="display text-3xl">{percent(cause.probability)}</span> likely, from {percent(cause.prior)} before anything
                was seen.
            </p>
            <h3 className="text-lg">What speaks for it</h3>
            <ul className="mb-4">{cause.for.length === 0 ? <li>Nothing yet.</li> : rows(cause.for)}</ul>
            <h3 className="text-lg">What speaks against it</h3>
            <ul className="mb-4">{cause.against.length === 0 ? <li>Nothing yet.</li> : rows(cause.against)}</ul>
            {cause.gain_text !== null && <p className="mb-2">{cause.gain_text}</p>}
            <p>{cause.if_wrong}</p>
        </>
    );
}
