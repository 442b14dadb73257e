import { useTranslation } from 'react-i18next';
import type { WeighedCause } from '../api/types.gen';
import { inTen } from '../ui/units';

/** Other likely causes, each with its chance and whole reasons; a press opens the evidence. */
export function CauseList({ causes, onOpen }: { causes: WeighedCause[]; onOpen: (id: string) => void }) {
    const { t } = useTranslation();
    if (causes.length === 0) return null;
    return (
        <div className="border-t border-line pt-2">
            <h3 className="font-text text-sm font-normal text-soft">{t('Also possible')}</h3>
            <ul>
                {causes.map((one) => (
                    <li key={one.id}>
                        <button
                            type="button"
                            className="min-h-11 w-full py-1 text-left leading-tight"
                            onClick={() => {
                                onOpen(one.id);
                            }}
                            data-cause={one.id}
                        >
                            <strong>{one.name.split(':')[0]}</strong>, {inTen(one.probability)}
                            {one.main_reasons[0] !== undefined && `: ${one.main_reasons[0]}`}
                            {one.against[0] !== undefined && ` ${t('But: {{what}}', { what: one.against[0].text })}`}
                        </button>
                    </li>
                ))}
            </ul>
        </div>
    );
}
