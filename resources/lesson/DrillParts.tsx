import { said } from '../language';
import { useTranslation } from 'react-i18next';
import { Button } from '../ui/Button';
import type { PutOwnDrill } from '../api/types.gen';
import { TextField } from '../ui/TextField';

/** One part of the picture, cm from the ball as typed. */
export interface LaidPart {
    kind: NonNullable<PutOwnDrill['parts']>[number]['kind'];
    ahead: string;
    across: string;
}

interface Props {
    /** Kind of part => what it is called. */
    parts: Record<string, string>;
    most: number;
    laid: LaidPart[];
    onLay: (laid: LaidPart[]) => void;
}

const SIDES = [
    ['ahead', said('ahead, − behind')],
    ['across', said('toward the player')],
] as const;

/** What lies on the ground for a drill. */
export function DrillParts({ parts, most, laid, onLay }: Props) {
    const { t } = useTranslation();
    return (
        <div>
            <p className="font-semibold">{t('Picture: what lies there, cm from the ball')}</p>
            {laid.map((part, place) => (
                <div key={place} className="mt-1 flex flex-wrap items-end gap-2 text-sm">
                    <span className="min-w-28 pb-3">{parts[part.kind]}</span>
                    {SIDES.map(([side, label]) => (
                        <TextField
                            key={side}
                            label={t(label)}
                            outer=""
                            className="w-20"
                            inputMode="decimal"
                            value={part[side]}
                            onValue={(value) => {
                                onLay(laid.map((one) => (one === part ? { ...one, [side]: value } : one)));
                            }}
                        />
                    ))}
                    <Button
                        aria-label={t('Take away: {{part}}', { part: parts[part.kind] ?? '' })}
                        onClick={() => {
                            onLay(laid.filter((one) => one !== part));
                        }}
                    >
                        ×
                    </Button>
                </div>
            ))}
            <div className="mt-1 flex flex-wrap gap-1.5">
                {Object.entries(parts).map(([kind, label]) => (
                    <Button
                        key={kind}
                        disabled={laid.length >= most}
                        onClick={() => {
                            onLay([...laid, { kind: kind as LaidPart['kind'], ahead: '', across: '' }]);
                        }}
                    >
                        + {label}
                    </Button>
                ))}
            </div>
        </div>
    );
}
