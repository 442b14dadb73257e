import { useTranslation } from 'react-i18next';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { QRCodeSVG } from 'qrcode.react';
import { useState, type FormEvent } from 'react';
import { answer, api } from '../api/client';
import { told } from '../api/told';
import type { Coach } from '../api/types.gen';
import { changed } from '../ask/queries';
import { Button } from '../ui/Button';
import { Problem } from '../ui/Problem';
import { TextField } from '../ui/TextField';

const QR_PX = 176;

/** One-time codes beside the password: set up, said once more for what takes much away, taken away. */
export function SecondFactor({ coach }: { coach: Coach }) {
    const { t } = useTranslation();
    return (
        <section id="second-factor" aria-label={t('Second factor')} className="mt-8 scroll-mt-4 space-y-4">
            <h2 className="text-xl">{t('Second factor')}</h2>
            {coach.second_factor_missing && (
                <p className="border-l-[6px] border-ochre bg-ochre-wash p-3">
                    {t('Your academy asks for one: until it is set up, exports, erasing and the like are closed to you.')}
                </p>
            )}
            {coach.second_factor ? <There /> : <SetUp />}
        </section>
    );
}

/** A field for a code, and what is done with it. */
function Code({ does, label, busy, error }: { does: (code: string) => void; label: string; busy: boolean; error: unknown }) {
    const { t } = useTranslation();
    const [code, setCode] = useState('');
    return (
        <form
            className="space-y-4"
            onSubmit={(event: FormEvent) => {
                event.preventDefault();
                does(code);
                setCode('');
            }}
        >
            <TextField label={t('Code, six digits')} autoComplete="one-time-code" value={code} onValue={setCode} />
            <Button type="submit" disabled={busy || code.trim() === ''}>
                {label}
            </Button>
            <Problem text={told(error)} />
        </form>
    );
}

function SetUp() {
    const { t } = useTranslation();
    const queries = useQueryClient();
    const [now, setNow] = useState('');
    const begin = useMutation({
        mutationFn: () => answer(api.POST('/api/me/second-factor', { body: { now } })),
        onSuccess: () => {
            setNow('');
        },
    });
    const turnOn = useMutation({ mutationFn: (code: string) => answer(api.PUT('/api/me/second-factor', { body: { code } })) });
    if (turnOn.data !== undefined)
        return (
            <>
                <p>
                    {t(
                        'It is on. Write these down, away from this device: each lets you in once, on the day the device with the codes is lost.',
                    )}
                </p>
                <ul className="grid max-w-sm grid-cols-2 gap-x-6 font-mono">
                    {turnOn.data.codes.map((one) => (
                        <li key={one}>{one}</li>
                    ))}
                </ul>
                <Button main onClick={() => void queries.invalidateQueries(changed.me)}>
                    {t('I have written them down')}
                </Button>
            </>
        );
    if (begin.data !== undefined)
        return (
            <>
                <p>{t('Let your app for codes read this, or type the signs below into it. Then enter the code that it shows.')}</p>
                <QRCodeSVG value={begin.data.uri} size={QR_PX} marginSize={2} title={t('For your app for codes')} />
                <p className="max-w-sm font-mono break-all select-all">{begin.data.secret}</p>
                <Code
                    label={t('Switch it on')}
                    busy={turnOn.isPending}
                    error={turnOn.error}
                    does={(code) => {
                        turnOn.mutate(code);
                    }}
                />
            </>
        );
    return (
        <form
            className="space-y-4"
            onSubmit={(event) => {
                event.preventDefault();
                begin.mutate();
            }}
        >
            <p>{t('A code from a device of yours, beside the password: who learns the password alone does not get in.')}</p>
            <TextField label={t('Your password')} type="password" autoComplete="current-password" value={now} onValue={setNow} />
            <Button type="submit" disabled={begin.isPending || now === ''}>
                {t('Set it up')}
            </Button>
            <Problem text={told(begin.error)} />
        </form>
    );
}

function There() {
    const { t } = useTranslation();
    const queries = useQueryClient();
    const [now, setNow] = useState('');
    const say = useMutation({ mutationFn: (code: string) => answer(api.POST('/api/me/second-factor/code', { body: { code } })) });
    const turnOff = useMutation({
        mutationFn: () => answer(api.DELETE('/api/me/second-factor', { body: { now } })),
        onSuccess: () => queries.invalidateQueries(changed.me),
    });
    return (
        <>
            <p>
                {t(
                    'It is on: a code is asked when you sign in, and once more before an export, erasing, handing over, links of children and recalibrating.',
                )}
            </p>
            {say.isSuccess ? (
                <p role="status">{t('Said: that holds for a quarter of an hour.')}</p>
            ) : (
                <Code
                    label={t('Say a code now')}
                    busy={say.isPending}
                    error={say.error}
                    does={(code) => {
                        say.mutate(code);
                    }}
                />
            )}
            <details>
                <summary className="min-h-12 cursor-pointer py-3 font-semibold">{t('Take it away')}</summary>
                <form
                    className="space-y-4"
                    onSubmit={(event) => {
                        event.preventDefault();
                        turnOff.mutate();
                    }}
                >
                    <TextField label={t('Your password')} type="password" autoComplete="current-password" value={now} onValue={setNow} />
                    <Button type="submit" disabled={turnOff.isPending || now === ''}>
                        {t('Take it away')}
                    </Button>
                    <Problem text={told(turnOff.error)} />
                </form>
            </details>
        </>
    );
}
