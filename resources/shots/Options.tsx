import { useTranslation } from 'react-i18next';
import type { PlannedOption, Units } from '../api/types.gen';
import { withUnit } from '../ui/units';

interface Props {
    options: PlannedOption[];
    units: Units;
    place: number;
    recommended: number | null;
    onPick: (name: string) => void;
}

/** Each way of playing it with what it leaves, best first; a touch draws it. */
export function Options({ options, units, place, recommended, onPick }: Props) {
    const { t } = useTranslation();
    return (
        <div className="overflow-x-auto">
            <table className="w-full min-w-[36rem] border-collapse text-left leading-tight">
                <thead>
                    <tr className="text-[15px] text-soft">
                        <th className="px-2 py-1 align-bottom font-normal">{t('carry : roll')}</th>
                        <th className="px-2 py-1 align-bottom font-normal">{t('left to the hole')}</th>
                        <th className="px-2 py-1 align-bottom font-normal">
                            {t('inside {{far}}', { far: withUnit(1, 'm', units).replace(' ', '\u{00A0}') })}
                        </th>
                        <th className="px-2 py-1 align-bottom font-normal">
                            {t('inside {{far}}', { far: withUnit(2, 'm', units).replace(' ', '\u{00A0}') })}
                        </th>
                        <th className="px-2 py-1 align-bottom font-normal">{t('short of the green')}</th>
                        <th className="px-2 py-1 align-bottom font-normal">{t('off the back')}</th>
                    </tr>
                </thead>
                <tbody>
                    {options.map((one, i) => (
                        <tr
                            key={one.name}
                            className={`border-t border-line ${i === place ? 'border-l-[6px] border-l-marram bg-press' : 'border-l-[6px] border-l-transparent'}`}
                        >
                            <td className="px-3 py-1">
                                <button
                                    type="button"
                                    aria-pressed={i === place}
                                    className="block min-h-11 w-full text-left"
                                    onClick={() => {
                                        onPick(one.name);
                                    }}
                                >
                                    <strong className="whitespace-nowrap">
                                        {one.name}
                                        {i === recommended && <span className="font-normal text-marram"> · {t('best')}</span>}
                                    </strong>
                                    <span className="block text-[15px] text-soft">
                                        {one.figures.clears === false
                                            ? t('does not clear')
                                            : `${withUnit(one.figures.carry_m, 'm', units)} : ${withUnit(one.figures.roll_m, 'm', units)}`}
                                    </span>
                                </button>
                            </td>
                            <td className="display px-2 text-xl whitespace-nowrap">{withUnit(one.figures.mean_leave_m, 'm', units)}</td>
                            <td className="px-2">{one.within_1m}</td>
                            <td className="px-2">{one.within_2m}</td>
                            <td className="px-2">{one.short_of_green}</td>
                            <td className="px-2">{one.off_back}</td>
                        </tr>
                    ))}
                </tbody>
            </table>
        </div>
    );
}
