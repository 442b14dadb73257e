import { useTranslation } from 'react-i18next';
import type { WeighedCause } from '../api/types.gen';
import { chance } from '../ui/units';

interface Props {
    causes: WeighedCause[];
    /** Less likely ones, of which something was seen all the same. */
    seen?: WeighedCause[];
    onOpen: (id: string) => void;
}

/** Other likely causes, each with its chance and whole reasons, and faults that were seen; a press opens the evidence. */
export function CauseList({ causes, seen = [], onOpen }: Props) {
    const { t } = useTranslation();
    if (causes.length + seen.length === 0) return null;
    const row = (one: WeighedCause, told: string) => (
        <li key={one.id}>
            <button
                type="button"
                className="min-h-11 w-full py-1 text-left leading-tight"
                onClick={() => {
                    onOpen(one.id);
                }}
                data-cause={one.id}
            >
                <strong>{one.name.split(':')[0]}</strong>
                {told}
            </button>
        </li>
    );
    return (
        <div className="border-t border-line pt-2">
            {causes.length > 0 && <h3 className="font-text text-sm font-normal text-soft">{t('Also possible')}</h3>}
            <ul>
                {causes.map((one) =>
                    row(
                        one,
                        `, ${chance(one.probability)}` +
                            (one.doubted === true ? `, ${t('put right, and not it alone')}` : '') +
                            (one.main_reasons[0] === undefined ? '.' : `: ${one.main_reasons[0]}`) +
                            (one.against[0] === undefined ? '' : ` ${t('But: {{what}}', { what: one.against[0].text })}`),
                    ),
                )}
            </ul>
            {seen.length > 0 && <h3 className="mt-1 font-text text-sm font-normal text-soft">{t('Seen; not the main one')}</h3>}
            <ul>{seen.map((one) => row(one, `: ${one.for.find((clue) => clue.is_look)?.text ?? ''}`))}</ul>
        </div>
    );
}
