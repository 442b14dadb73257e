import { Link } from 'react-router-dom';
import { useOutboxOfApp } from '../outbox/context';
import { useOutbox } from '../outbox/outbox';
import { notify } from '../ui/notices';

const WHAT = {
    lesson: 'a lesson',
    look: 'a look',
    ball: 'a ball',
    'remove-ball': 'a ball taken out',
    prescribe: 'a prescription',
    'take-back': 'a prescription taken back',
    result: 'a drill',
    note: 'a word on practice',
} as const;

/** Entries of this coach that the server did not take: nothing of them is lost, and the coach decides. */
export function SetAside() {
    const outbox = useOutboxOfApp();
    const refused = useOutbox(outbox).entries.filter((entry) => entry.state === 'refused');
    if (refused.length === 0) return null;
    return (
        <section aria-label="Not stored" className="mb-4 border-l-[6px] border-ochre bg-ochre-wash px-4 py-2">
            <h2 className="text-lg">Kept on this device, not stored</h2>
            <ul>
                {refused.map((entry) => (
                    <li key={entry.id}>
                        {entry.action.lessonId === null ? (
                            WHAT[entry.action.kind]
                        ) : (
                            <Link className="underline" to={`/lessons/${entry.action.lessonId}`}>
                                {WHAT[entry.action.kind]}
                            </Link>
                        )}
                        : {entry.message}{' '}
                        <button type="button" className="min-h-11 px-2 underline" onClick={() => void outbox.again(entry.id)}>
                            Try again
                        </button>{' '}
                        <button
                            type="button"
                            className="min-h-11 px-2 underline"
                            onClick={() => {
                                void outbox.drop(entry.id);
                                notify('Taken out.', () => outbox.add(entry.action));
                            }}
                        >
                            Take it out
                        </button>
                    </li>
                ))}
            </ul>
        </section>
    );
}
