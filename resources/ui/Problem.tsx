/** What went wrong, in plain words; nothing where nothing did. */
export function Problem({ text, className = '' }: { text: string | undefined; className?: string }) {
    if (text === undefined || text === '') return null;
    return (
        <p role="alert" className={`font-semibold break-words whitespace-pre-line text-rust ${className}`}>
            {text}
        </p>
    );
}
