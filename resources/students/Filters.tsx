import { word } from '../language/trade';
import { said } from '../language';
import { useTranslation } from 'react-i18next';
import type { Today } from '../api/types.gen';
import { Choice } from '../ui/Choice';

/** Which students, and in which order. */
export type Asked = Record<'q' | 'group' | 'shot' | 'order', string>;

const ORDERS = [
    { value: 'urgency', label: said('most urgent') },
    { value: 'name', label: said('by name') },
    { value: 'last', label: said('last lesson') },
];

export function Filters({ today, asked, onAsk }: { today: Today; asked: Asked; onAsk: (asked: Asked) => void }) {
    const { t } = useTranslation();
    const active = today.groups.filter((one) => one.group !== 'inactive').reduce((sum, one) => sum + one.students, 0);
    return (
        <div className="mb-3 flex flex-wrap gap-x-6 gap-y-2">
            <Choice
                label={t('Group')}
                value={asked.group}
                options={[
                    { value: '', label: t('All {{n}}', { n: active }) },
                    ...today.groups
                        .filter((one) => one.students > 0 || one.group === asked.group)
                        .map((one) => ({ value: one.group, label: `${one.label} ${String(one.students)}` })),
                ]}
                onChoose={(group) => {
                    onAsk({ ...asked, group });
                }}
            />
            {today.shots.length > 1 && (
                <Choice
                    label={t('Shot')}
                    value={asked.shot}
                    options={[
                        { value: '', label: t('all shots') },
                        ...today.shots.map((one) => ({ value: one.shot, label: `${word(one.shot)} ${String(one.students)}` })),
                    ]}
                    onChoose={(shot) => {
                        onAsk({ ...asked, shot });
                    }}
                />
            )}
        </div>
    );
}

export function Order({ asked, onAsk }: { asked: Asked; onAsk: (asked: Asked) => void }) {
    const { t } = useTranslation();
    return (
        <Choice
            label={t('Order')}
            value={asked.order}
            options={ORDERS.map((one) => ({ ...one, label: t(one.label) }))}
            onChoose={(order) => {
                onAsk({ ...asked, order });
            }}
        />
    );
}
