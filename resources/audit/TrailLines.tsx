import { useTranslation } from 'react-i18next';
import type { AuditLine } from '../api/types.gen';
import { said, t } from '../language';
import { moment } from '../ui/reader';

const DEEDS: Record<AuditLine['deed'], string> = {
    signed_in: said('signed in'),
    not_signed_in: said('was refused at the door: a wrong password'),
    email_changed: said('changed the address'),
    saw: said('opened'),
    saw_picture: said('looked at a picture'),
    changed: said('entered or changed something'),
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

/** Lines of the audit trail: who did what, and when. */
export function TrailLines({ lines, ofOne = false }: { lines: AuditLine[]; ofOne?: boolean }) {
    useTranslation();
    return (
        <ul className="mt-2">
            {lines.map((line) => (
                <li key={line.id} className="grid gap-x-4 border-b border-line py-1.5 sm:grid-cols-[9rem_1fr]">
                    <span className="text-soft">{moment(line.at)}</span>
                    <span>
                        <strong>{line.coach === '' ? t('Whoever holds the link') : line.coach}</strong> {t(DEEDS[line.deed])}
                        {!ofOne && line.student !== null && `: ${line.student === '' ? t('a student erased since') : line.student}`}
                        {about(line)}
                    </span>
                </li>
            ))}
        </ul>
    );
}

const about = (line: AuditLine) => {
    const words = Object.entries(line.about).map(([key, value]) =>
        key === 'link_of' ? t('link made by {{name}}', { name: value }) : value,
    );
    return words.length === 0 ? '' : ` (${words.join(', ')})`;
};
