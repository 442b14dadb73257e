import { inSentence } from '../language/trade';
import { useTranslation } from 'react-i18next';
import type { Catalogue, SheetCheck, Units } from '../api/types.gen';
import { touchText } from '../lesson/words';
import { day } from '../ui/reader';
import { observed } from '../ui/units';

interface Props {
    /** Words of the sheet that nobody has said the meaning of. */
    unsaid: string[];
    check: SheetCheck | undefined;
    /** What is wrong with the plan itself. */
    told: string[];
    pending: boolean;
    name: string;
    catalogue: Catalogue;
    units: Units;
}

/** What the sheet would come to: how many balls, the first of them, and each row that is refused with its reason. */
export function Checked({ unsaid, check, told, pending, name, catalogue, units }: Props) {
    const { t } = useTranslation();
    if (told.length > 0)
        return (
            <div role="alert" className="border-l-[6px] border-ochre bg-ochre-wash p-3">
                {told.map((one) => (
                    <p key={one} className="break-words">
                        {one}
                    </p>
                ))}
            </div>
        );
    if (check === undefined) return <p role="status">{t('Reading {{name}}…', { name })}</p>;
    // A row with such a word is not wrong: it waits to be understood.
    const asks = (message: string) => unsaid.some((word) => message.includes(`"${word}"`));
    const faults = check.faults.filter(({ message }) => !asks(message));
    const waiting = check.faults.filter(({ message }) => asks(message)).reduce((sum, { count }) => sum + count, 0);
    const refused = Math.max(0, check.refused - waiting);
    return (
        <div aria-busy={pending} className={pending ? 'opacity-60' : ''}>
            {unsaid.length > 0 && (
                <p className="mb-3 border-l-[6px] border-ochre bg-ochre-wash p-3">
                    <strong>
                        {t('Say what')} {t('{{count}} words mean', { count: unsaid.length })}:
                    </strong>{' '}
                    {unsaid.map((word) => `“${word}”`).join(', ')}.
                    {waiting > 0 && ` ${t('{{count}} rows wait for that.', { count: waiting })}`}
                </p>
            )}
            <p role="status" className="leading-snug">
                <span className="display text-4xl">{t('{{count}} balls', { count: check.balls })}</span>
                {check.first !== null && check.last !== null && (
                    <>
                        {' '}
                        {t('in {{count}} lessons', { count: check.days })},{' '}
                        {check.first === check.last
                            ? day(check.first)
                            : t('{{from}} to {{to}}', { from: day(check.first), to: day(check.last) })}
                    </>
                )}
                .{check.left_out > 0 && <> {t('{{count}} rows of other balls left out.', { count: check.left_out })}</>}
                {refused > 0 && <strong className="text-rust"> {t('{{count}} rows are refused.', { count: refused })}</strong>}
            </p>
            {check.shown.length > 0 && (
                <table className="mt-2 w-full text-left text-sm">
                    <caption className="sr-only">{t('The first balls as they would be stored')}</caption>
                    <thead>
                        <tr>
                            <th className="pr-2">{t('Row')}</th>
                            <th className="pr-2">{t('Strike')}</th>
                            <th className="pr-2">{t('First touch')}</th>
                            <th>{t('Also')}</th>
                        </tr>
                    </thead>
                    <tbody>
                        {check.shown.map(({ row, seen }) => (
                            <tr key={row} className="border-t border-line align-top">
                                <td className="py-0.5 pr-2">{row}</td>
                                <td className="py-0.5 pr-2">{seen.strike ?? t('not seen')}</td>
                                <td className="py-0.5 pr-2">{touchText(seen, units)}</td>
                                <td className="py-0.5 break-words">
                                    {Object.entries(seen)
                                        .filter(([key]) => !['strike', 'touch_mm', 'mark_length_mm'].includes(key))
                                        .map(([key, value]) => {
                                            const field = catalogue.ball[key];
                                            return field === undefined || value === null
                                                ? ''
                                                : `${inSentence(field.label)} ${observed(field, value, units)}`;
                                        })
                                        .join(', ')}
                                </td>
                            </tr>
                        ))}
                    </tbody>
                </table>
            )}
            {faults.length > 0 && (
                <div
                    className="mt-3 max-h-52 overflow-y-auto border-l-[6px] border-rust pl-3"
                    tabIndex={0}
                    role="region"
                    aria-label={t('Refused rows')}
                >
                    {faults.map(({ message, rows, count }) => (
                        <p key={message} className="text-sm break-words">
                            <strong>
                                {t('Rows {{rows}}', { rows: rows.join(', '), count })}
                                {count > rows.length ? ` ${t('and {{n}} more', { n: count - rows.length })}` : ''}.
                            </strong>{' '}
                            {message}
                        </p>
                    ))}
                </div>
            )}
        </div>
    );
}
