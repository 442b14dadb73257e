import { useTranslation } from 'react-i18next';
import { useState } from 'react';

const TOLD = 'low-point-rests-on';

/** A browser that keeps nothing is told once more. */
function wasTold(): boolean {
    try {
        return localStorage.getItem(TOLD) !== null;
    } catch {
        return false;
    }
}

/** Beside the first reading, once on a device: what its figures rest on (handbook 19.10). */
export function RestsOn() {
    const { t } = useTranslation();
    const [told, setTold] = useState(wasTold);
    if (told) return null;
    return (
        <p className="border-l-[6px] border-slate px-3 py-1 text-sm leading-snug">
            {t('The figures rest on made-up students and on practitioners’ cases; what your own lessons show replaces them as they come.')}{' '}
            <button
                type="button"
                className="min-h-11 px-1 underline"
                onClick={() => {
                    try {
                        localStorage.setItem(TOLD, 'yes');
                    } catch {
                        // It stands there again after the next reload.
                    }
                    setTold(true);
                }}
            >
                {t('Understood')}
            </button>
        </p>
    );
}
