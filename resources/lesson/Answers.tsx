interface Props {
    answers: { label: string; value: number | string; then?: string }[];
    onAnswer: (value: number | string) => void;
}

/** The usual answers to a look in one row. */
export function Answers({ answers, onAnswer }: Props) {
    return (
        <span className="flex min-w-0 flex-1">
            {answers.map((answer) => (
                <button
                    key={answer.label}
                    type="button"
                    title={answer.then}
                    className="-ml-[1.5px] min-h-12 min-w-0 flex-1 border-[1.5px] border-ink bg-press px-0.5 text-sm leading-tight font-semibold first:ml-0"
                    onClick={() => {
                        onAnswer(answer.value);
                    }}
                >
                    {answer.label}
                </button>
            ))}
        </span>
    );
}
