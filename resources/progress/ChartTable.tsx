import { useTranslation } from 'react-i18next';
import { Link } from 'react-router-dom';
import { day } from '../ui/reader';
import type { Point } from './timeline';

interface Props {
    /** What a value is, with its unit. */
    value: string;
    points: Point[];
    shown: (value: number) => string;
}

/** The figures of a chart, each with its interval. */
export function ChartTable({ value, points, shown }: Props) {
    const { t } = useTranslation();
    return (
        <table className="w-full text-left text-sm">
            <thead>
                <tr>
                    <th>{t('Day')}</th>
                    <th>{t('Of')}</th>
                    <th>{value}</th>
                    <th>90 %</th>
                    <th>n</th>
                </tr>
            </thead>
            <tbody>
                {points.map((one, i) => (
                    <tr key={i} className="border-t border-line">
                        <td>
                            {one.to === undefined ? (
                                day(one.at)
                            ) : (
                                <Link to={one.to} className="underline">
                                    {day(one.at)}
                                </Link>
                            )}
                        </td>
                        <td>{one.label}</td>
                        <td>{shown(one.value)}</td>
                        <td>
                            {one.low === null || one.high === null
                                ? ''
                                : t('{{from}} to {{to}}', { from: shown(one.low), to: shown(one.high) })}
                        </td>
                        <td>{one.n}</td>
                    </tr>
                ))}
            </tbody>
        </table>
    );
}
