import type { WeighedCause } from '../api/types.gen';
import { percent } from '../ui/units';

/** The likely causes with their share and heaviest reasons; a press opens the evidence. */
export function CauseList({ causes, onOpen }: { causes: WeighedCause[]; onOpen: (id: string) => void }) {
    return (
        <ul className="mt-2">
            {causes.map((one, i) => (
                <li key={one.id} className="border-t border-line first:border-t-0">
                    <button
                        type="button"
                        className="w-full py-1.5 text-left"
                        onClick={() => {
                            onOpen(one.id);
                        }}
                        data-cause={one.id}
                    >
                        <span className="flex justify-between gap-2 leading-tight font-bold">
                            <span>{one.name.split(':')[0]}</span>
                            <span className="whitespace-nowrap">{percent(one.probability)}</span>
                        </span>
                        <span className="my-1 block h-1.5 bg-soil">
                            <span className="fill block h-full bg-ink" style={{ width: percent(one.probability).replace(' ', '') }} />
                        </span>
                        <span className={`block text-sm leading-snug ${i === 0 ? '' : 'truncate'}`}>
                            {one.main_reasons.slice(0, i === 0 ? 2 : 1).join(' ')}
                            {one.against[0] && (
                                <span>
                                    {' '}
                                    <strong>Against:</strong> {one.against[0].text}
                                </span>
                            )}
                        </span>
                    </button>
                </li>
            ))}
        </ul>
    );
}
