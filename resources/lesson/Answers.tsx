import { InRow, Row } from '../ui/Row';

interface Props {
    /** What is looked at. */
    label: string;
    answers: { label: string; value: number | string; then?: string }[];
    onAnswer: (value: number | string) => void;
}

/** The usual answers to a look in one row. */
export function Answers({ label, answers, onAnswer }: Props) {
    return (
        <Row label={label} className="flex min-w-0 flex-1">
            {answers.map((answer) => (
                <InRow key={answer.label}>
                    <button
                        type="button"
                        title={answer.then}
                        className="-ml-[1.5px] min-h-12 min-w-0 flex-auto border-[1.5px] border-ink bg-press px-0.5 text-sm leading-tight font-semibold first:ml-0"
                        onClick={() => {
                            onAnswer(answer.value);
                        }}
                    >
                        {answer.label}
                    </button>
                </InRow>
            ))}
        </Row>
    );
}
