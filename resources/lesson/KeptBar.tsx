import { useTranslation } from 'react-i18next';
import { Link } from 'react-router-dom';
import type { Bench } from './useBench';

/** Says what is not yet with the server, and why. Silent while all is well. */
export function KeptBar({ bench }: { bench: Bench }) {
    const { t } = useTranslation();
    const lines: string[] = [];
    if (bench.trouble !== null && bench.waiting > 0)
        lines.push(t('Saved on this device, {{waiting}} waiting. {{message}}', { waiting: bench.waiting, message: bench.trouble.message }));
    if (bench.deviceFull)
        lines.push(t('This device cannot keep entries (its storage is full or switched off). Do not reload before all is sent.'));
    if (lines.length === 0 && bench.refused.length === 0 && bench.notices.length === 0) return null;
    return (
        <div role="status" className="border-b border-ink bg-ochre-wash px-4 py-2">
            {lines.map((line) => (
                <p key={line}>
                    {line}
                    {bench.trouble?.status === 401 && (
                        <>
                            {' '}
                            <Link to="/" reloadDocument className="font-semibold underline">
                                {t('Sign in')}
                            </Link>
                        </>
                    )}
                </p>
            ))}
            {bench.notices.map((notice) => (
                <p key={notice}>{notice}</p>
            ))}
            {bench.notices.length > 0 && (
                <button type="button" className="min-h-11 underline" onClick={bench.understood}>
                    {t('Understood')}
                </button>
            )}
            {bench.refused.map((entry) => (
                <p key={entry.id} role="alert">
                    <strong>{t('Not stored:')}</strong> {entry.message}{' '}
                    <button
                        type="button"
                        className="min-h-11 px-2 underline"
                        onClick={() => {
                            bench.again(entry.id);
                        }}
                    >
                        {t('Try again')}
                    </button>{' '}
                    <button
                        type="button"
                        className="min-h-11 px-2 underline"
                        onClick={() => {
                            bench.drop(entry.id);
                        }}
                    >
                        {t('Take it out')}
                    </button>
                </p>
            ))}
        </div>
    );
}
