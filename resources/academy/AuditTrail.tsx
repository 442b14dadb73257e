import { useTranslation } from 'react-i18next';
import { useInfiniteQuery } from '@tanstack/react-query';
import { ask } from '../ask/queries';
import type { AuditLine } from '../api/types.gen';
import { said } from '../language';
import { Button } from '../ui/Button';
import { Skeleton, Trouble } from '../frame/Page';
import { moment } from '../ui/reader';

const DEEDS: Record<AuditLine['deed'], string> = {
    signed_in: said('signed in'),
    not_signed_in: said('was refused at the door: a wrong password'),
    email_changed: said('changed the address'),
    exported: said('took data out'),
    erased: said('erased a student for good'),
    shared: said('shared a student'),
    unshared: said('shares a student no longer'),
    handed_over: said('handed a student over'),
    invited: said('made an invitation'),
    joined: said('joined'),
    reset_made: said('made a link for a new password'),
    came_in_by_link: said('came in with a link for a new password'),
    password_changed: said('changed the password'),
    second_factor_on: said('switched a second factor on'),
    second_factor_off: said('switched the second factor off'),
    role_changed: said('changed a role'),
    left: said('let a coach go'),
    came_back: said('took a coach back'),
    schools_set: said('set the schools'),
    recalibrated: said('recalibrated the strike model'),
    learning_switched: said('switched what was learned'),
};

/** Who did what; only added to. */
export function AuditTrail() {
    const { t } = useTranslation();
    const audit = useInfiniteQuery(ask.audit());
    if (audit.isError) return <Trouble error={audit.error} onRetry={() => void audit.refetch()} />;
    if (audit.data === undefined) return <Skeleton />;
    return (
        <div className="max-w-4xl">
            <p className="flex flex-wrap items-center gap-4">
                {t('Nobody changes or takes out a line. Who was erased is named no more.')}
                <a
                    className="inline-flex min-h-12 items-center border-[1.5px] border-ink bg-press px-3 font-semibold"
                    href="/api/academy/audit.csv"
                >
                    {t('As a sheet (.csv)')}
                </a>
            </p>
            <ul className="mt-2">
                {audit.data.pages
                    .flatMap((page) => page.lines)
                    .map((line) => (
                        <li key={line.id} className="grid gap-x-4 border-b border-line py-1.5 sm:grid-cols-[9rem_1fr]">
                            <span className="text-soft">{moment(line.at)}</span>
                            <span>
                                <strong>{line.coach}</strong> {t(DEEDS[line.deed])}
                                {line.student !== null && `: ${line.student === '' ? t('a student erased since') : line.student}`}
                                {about(line)}
                            </span>
                        </li>
                    ))}
            </ul>
            {audit.hasNextPage && (
                <Button className="mt-3" disabled={audit.isFetchingNextPage} onClick={() => void audit.fetchNextPage()}>
                    {t('Earlier ones')}
                </Button>
            )}
        </div>
    );
}

const about = (line: AuditLine) => {
    const words = Object.values(line.about);
    return words.length === 0 ? '' : ` (${words.join(', ')})`;
};
