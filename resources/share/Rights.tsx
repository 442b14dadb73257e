import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { answer, api, at } from '../api/client';
import { StudentTrail } from '../audit/StudentTrail';
import { Button } from '../ui/Button';

const LINK = 'inline-flex min-h-12 items-center border-[1.5px] border-ink bg-press px-3 font-semibold';

/** Calendar, and what is the student's right: to take everything along and to have it erased. */
export function Rights({ token, hasPlan, onErased }: { token: string; hasPlan: boolean; onErased: () => void }) {
    const { t } = useTranslation();
    const [asked, setAsked] = useState(false);
    const [told, setTold] = useState('');
    const erase = () => {
        answer(api.DELETE('/api/shared/{token}', at({ token }))).then(
            (answer) => {
                setTold(answer.message);
                onErased();
            },
            (error: unknown) => {
                setTold(error instanceof Error ? error.message : String(error));
            },
        );
    };
    return (
        <details className="mt-6 border-t border-line">
            <summary className="min-h-12 cursor-pointer py-2.5 underline">{t('Calendar, and your data')}</summary>
            <div className="flex flex-wrap gap-2">
                {hasPlan && (
                    <a className={LINK} href={`/api/shared/${token}/practice.ics`} download>
                        {t('To my calendar (.ics)')}
                    </a>
                )}
                <a className={LINK} href={`/api/shared/${token}/export`} download>
                    {t('Take my data along')}
                </a>
                <Button
                    onClick={() => {
                        setAsked(true);
                    }}
                >
                    {t('Erase what I logged')}
                </Button>
            </div>
            {asked && told === '' && (
                <div className="mt-3 border-l-[6px] border-rust pl-3">
                    <p>{t('This erases all that you logged and closes this page. It cannot be undone.')}</p>
                    <span className="mt-2 flex gap-2">
                        <Button onClick={erase}>{t('Erase it now')}</Button>
                        <Button
                            onClick={() => {
                                setAsked(false);
                            }}
                        >
                            {t('Keep it')}
                        </Button>
                    </span>
                </div>
            )}
            {told !== '' && (
                <p role="status" className="mt-3">
                    {told}
                </p>
            )}
            <StudentTrail of={{ token }} />
        </details>
    );
}
