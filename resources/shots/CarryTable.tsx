import { useTranslation } from 'react-i18next';
import type { Cell, Units } from '../api/types.gen';
import { word } from '../language/trade';
import { withUnit } from '../ui/units';

/** The chart of a student's distances, to read and to take along. */
export function CarryTable({ chart, units }: { chart: Cell[]; units: Units }) {
    const { t } = useTranslation();
    const clubs = [...new Set(chart.map((one) => one.club))];
    const lengths = [...new Set(chart.map((one) => one.backswing))];
    return (
        <table className="mt-4 border-collapse text-left">
            <caption className="mb-1 text-left text-soft">
                {t('Mean carry, 90 % interval, balls. In brackets: fitted from its neighbours.')}
            </caption>
            <thead>
                <tr>
                    <th className="pr-6">{t('Club')}</th>
                    {lengths.map((one) => (
                        <th key={one} className="px-4">
                            {word(one)}
                        </th>
                    ))}
                </tr>
            </thead>
            <tbody>
                {clubs.map((club) => (
                    <tr key={club} className="border-t border-line">
                        <th className="py-2 pr-6">{club}</th>
                        {lengths.map((length) => {
                            const cell = chart.find((one) => one.club === club && one.backswing === length);
                            if (cell === undefined)
                                return (
                                    <td key={length} className="px-4 text-soft">
                                        {t('none')}
                                    </td>
                                );
                            const mean = withUnit(cell.mean_m, 'm', units);
                            return (
                                <td key={length} className="px-4 py-1">
                                    <strong className={cell.source === 'fitted' ? 'font-normal' : ''}>
                                        {cell.source === 'fitted' ? `(${mean})` : mean}
                                    </strong>
                                    <span className="block text-sm text-soft">
                                        {t('{{low}} to {{high}}', {
                                            low: withUnit(cell.low_m, 'm', units),
                                            high: withUnit(cell.high_m, 'm', units),
                                        })}
                                        {cell.n > 0 && ` · ${String(cell.n)}`}
                                    </span>
                                </td>
                            );
                        })}
                    </tr>
                ))}
            </tbody>
        </table>
    );
}
