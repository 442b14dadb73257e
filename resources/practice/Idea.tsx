import { useTranslation } from 'react-i18next';
import { NowAndAsked } from '../figures/NowAndAsked';
import type { Practice, PracticeDrill } from '../api/types.gen';
import { Moving } from './Moving';

/** What changes, what went well, the picture of it and one feel; why, and the whole card, where somebody asks. */
export function Idea({ practice }: { practice: Practice }) {
    const { t } = useTranslation();
    const { fault, success, asked = [] } = practice;
    if (fault === null) return null;
    const change = practice.change ?? fault.title;
    return (
        <section aria-label={t('What changes')}>
            <h2 className="text-2xl leading-tight">{change}</h2>
            {success != null && <p className="mt-1 text-lg font-semibold text-marram">{success}</p>}
            <div className="mt-3">
                <NowAndAsked views={asked.slice(0, 1)} handed={practice.student.handed} />
                {asked.length === 0 && <OfDrill drill={practice.drills[0]} />}
            </div>
            {practice.setup.map((text) => (
                <p key={text}>{text}</p>
            ))}
            <p className="mt-3 border-l-[6px] border-marram pl-3">
                <span className="text-sm">{t('Feel')}</span>
                <span className="display block text-lg">{practice.feel}</span>
                {practice.sentence !== '' && <span className="block break-words">{practice.sentence}</span>}
            </p>
            <details className="mt-1">
                <summary className="min-h-11 cursor-pointer py-2 underline">
                    {asked.length > 1 ? t('More pictures, why, and the whole set-up card') : t('Why, and the whole set-up card')}
                </summary>
                <NowAndAsked views={asked.slice(1)} handed={practice.student.handed} />
                {fault.belief !== null && <p className="mt-2 font-semibold">{fault.belief}</p>}
                {fault.seen !== null && <p className="mt-2">{fault.seen}</p>}
                {fault.stop !== null && <p>{fault.stop}</p>}
                <ul className="mt-1 grid grid-cols-1 gap-x-6 sm:grid-cols-2">
                    {practice.card.map((line) => (
                        <li key={line} className="border-b border-line py-1">
                            {line}
                        </li>
                    ))}
                </ul>
            </details>
        </section>
    );
}

/** Where no figure changes, what is done is shown. */
function OfDrill({ drill }: { drill: PracticeDrill | undefined }) {
    const { t } = useTranslation();
    if (drill?.figure == null) return null;
    return (
        <Moving
            figure={drill.figure}
            motion={drill.motion}
            alt={t('{{drill}}, how it is done', { drill: drill.name })}
            className="max-h-44"
        />
    );
}
