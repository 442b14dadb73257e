import type { NextObservation } from '../api/types.gen';
import { Button } from '../ui/Button';

/** The look that is expected to tell most, its usual answers a press away. */
export function LookNext({ next, onAnswer }: { next: NextObservation; onAnswer: (value: number | string) => void }) {
    return (
        <div className="mt-2 border-2 border-ink bg-press px-3 pb-2">
            <details className="leading-tight">
                <summary className="flex min-h-12 cursor-pointer list-none items-center justify-between">
                    <strong>Look next: {next.label}</strong> <span className="px-3 text-sm underline">why</span>
                </summary>
                <p className="mb-1 text-sm">{next.why}</p>
            </details>
            <div className="grid auto-cols-fr grid-flow-col gap-1">
                {next.answers.map((answer) => (
                    <Button
                        key={answer.label}
                        className="px-1 text-sm leading-tight"
                        title={answer.then}
                        onClick={() => {
                            onAnswer(answer.value);
                        }}
                    >
                        {answer.label}
                    </Button>
                ))}
            </div>
        </div>
    );
}
