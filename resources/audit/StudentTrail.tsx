import { useTranslation } from 'react-i18next';
import { useState } from 'react';
import { useQuery } from '@tanstack/react-query';
import { ask } from '../ask/queries';
import { Skeleton, Trouble } from '../frame/Page';
import { TrailLines } from './TrailLines';

/** Who saw and changed what of a student, a line a day for each: for the coach, and for who holds the link. */
export function StudentTrail({ of }: { of: { student: string } | { token: string } }) {
    const { t } = useTranslation();
    const [open, setOpen] = useState(false);
    return (
        <details
            className="mt-3 border-t border-line"
            onToggle={(event) => {
                setOpen(event.currentTarget.open);
            }}
        >
            <summary className="min-h-12 cursor-pointer py-2.5 underline">{t('Who saw and changed what')}</summary>
            {open && <Lines of={of} />}
        </details>
    );
}

function Lines({ of }: { of: { student: string } | { token: string } }) {
    const { t } = useTranslation();
    const trail = useQuery('student' in of ? ask.trail(of.student) : ask.sharedTrail(of.token));
    if (trail.isError) return <Trouble error={trail.error} onRetry={() => void trail.refetch()} />;
    if (trail.data === undefined) return <Skeleton />;
    if (trail.data.lines.length === 0) return <p>{t('Nobody yet.')}</p>;
    return <TrailLines lines={trail.data.lines} ofOne />;
}
