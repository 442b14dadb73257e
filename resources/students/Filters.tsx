import type { Today } from '../api/types.gen';
import { Choice } from '../ui/Choice';

/** Which students, and in which order. */
export type Asked = Record<'q' | 'group' | 'shot' | 'order', string>;

const ORDERS = [
    { value: 'urgency', label: 'most urgent' },
    { value: 'name', label: 'by name' },
    { value: 'last', label: 'last lesson' },
];

export function Filters({ today, asked, onAsk }: { today: Today; asked: Asked; onAsk: (asked: Asked) => void }) {
    const active = today.groups.filter((one) => one.group !== 'inactive').reduce((sum, one) => sum + one.students, 0);
    return (
        <div className="mb-3 flex flex-wrap gap-x-6 gap-y-2">
            <Choice
                label="Group"
                value={asked.group}
                options={[
                    { value: '', label: `All ${String(active)}` },
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
                    label="Shot"
                    value={asked.shot}
                    options={[
                        { value: '', label: 'all shots' },
                        ...today.shots.map((one) => ({ value: one.shot, label: `${one.shot} ${String(one.students)}` })),
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
    return (
        <Choice
            label="Order"
            value={asked.order}
            options={ORDERS}
            onChoose={(order) => {
                onAsk({ ...asked, order });
            }}
        />
    );
}
