/** Our mark: an arc, its ground and the ball just short of the low point. */
export function Mark({ className }: { className?: string }) {
    return (
        <svg viewBox="0 0 48 36" className={className} aria-hidden="true">
            <path d="M3 4C12 31 36 31 45 4" className="fill-none stroke-slate" strokeWidth="3" />
            <path d="M2 30H46" className="stroke-ink" strokeWidth="2.5" />
            <circle cx="17" cy="23.5" r="6" className="fill-press stroke-ink" strokeWidth="2.5" />
        </svg>
    );
}
