import { said } from '../language';
import { useTranslation } from 'react-i18next';
import { Link } from 'react-router-dom';
import { useOutboxOfApp } from '../outbox/context';
import { useOutbox } from '../outbox/outbox';
import { notify } from '../ui/notices';

const WHAT = {
    lesson: said('a lesson'),
    look: said('a look'),
    ball: said('a ball'),
    'remove-ball': said('a ball taken out'),
    prescribe: said('a prescription'),
    'take-back': said('a prescription taken back'),
    result: said('a drill'),
    note: said('a word on practice'),
} as const;

/** Entries of this coach that the server did not take: nothing of them is lost, and the coach decides. */
export function SetAside() {
    const { t } = useTranslation();
    const outbox = useOutboxOfApp();
    const refused = useOutbox(outbox).entries.filter((entry) => entry.state === 'refused');
    if (refused.length === 0) return null;
    return (
        <section aria-label={t('Not stored')} className="mb-4 border-l-[6px] border-ochre bg-ochre-wash px-4 py-2">
            <h2 className="text-lg">{t('Kept on this device, not stored')}</h2>
            <ul>
                {refused.map((entry) => (
                    <li key={entry.id}>
                        {entry.action.lessonId === null ? (
                            t(WHAT[entry.action.kind])
                        ) : (
                            <Link className="underline" to={`/lessons/${entry.action.lessonId}`}>
                                {t(WHAT[entry.action.kind])}
                            </Link>
                        )}
                        : {entry.message}{' '}
                        <button type="button" className="min-h-11 px-2 underline" onClick={() => void outbox.again(entry.id)}>
                            {t('Try again')}
                        </button>{' '}
                        <button
                            type="button"
                            className="min-h-11 px-2 underline"
                            onClick={() => {
                                void outbox.drop(entry.id);
                                notify(t('Taken out.'), () => outbox.add(entry.action));
                            }}
                        >
                            {t('Take it out')}
                        </button>
                    </li>
                ))}
            </ul>
        </section>
    );
}
