import { word } from '../language/trade';
import { useTranslation } from 'react-i18next';
import type { BallSet, Reading, Units } from '../api/types.gen';
import { oneDecimal, percent, place, withUnit } from '../ui/units';
import { Reasons } from './Reasons';
import { touchText } from './words';

/** Where touch, low point and the model's figures come from, ball by ball. */
export function HowFiguresCome({ reading, set, units }: { reading: Reading; set: BallSet; units: Units }) {
    const { t } = useTranslation();
    const { model, pattern } = reading;
    return (
        <>
            {reading.looks !== undefined && reading.looks.length > 0 && (
                <>
                    <h3 className="text-lg">{t('What each look says')}</h3>
                    <ul className="mb-4">
                        {reading.looks.map((look) => (
                            <li key={look.observable} className="border-b border-line py-1">
                                {look.text}
                            </li>
                        ))}
                    </ul>
                </>
            )}
            <h3 className="text-lg">{t('Touch and low point')}</h3>
            <p className="mb-1 font-semibold">
                {t('{{measured}} measured, {{assumed}} assumed, {{censored}} without ground contact', {
                    measured: pattern.measured,
                    assumed: pattern.assumed,
                    censored: pattern.censored,
                })}
            </p>
            <p className="mb-2">
                {t('First touch is what was seen. The low point follows from the arc, whose radius near the ground is')}{' '}
                {withUnit(reading.radius_mm, 'mm', units)}
                {t(
                    ': with the length of the mark it lies half the cut past the touch (measured); without, the depth is taken from the kind of mark or strike (assumed); a ball that left no mark passed above the ground and tells only about depth.',
                )}
            </p>
            <table className="mb-4 w-full text-left text-sm">
                <thead>
                    <tr>
                        <th>{t('Ball')}</th>
                        <th>{t('Touch')}</th>
                        <th>{t('Low point')}</th>
                        <th>{t('Depth')}</th>
                        <th>{t('How')}</th>
                    </tr>
                </thead>
                <tbody>
                    {reading.balls.map((ball, i) => (
                        <tr key={set.balls[i]?.id ?? i} className="border-t border-line">
                            <td>{i + 1}</td>
                            <td>{touchText(set.balls[i]?.seen ?? {}, units)}</td>
                            <td>{ball.low_point_mm === null ? t('not known') : place(ball.low_point_mm, units)}</td>
                            <td>{ball.depth_mm === null ? t('above the ground or not known') : `${String(ball.depth_mm)} mm`}</td>
                            <td>{word(ball.source.replace('_', ' '))}</td>
                        </tr>
                    ))}
                </tbody>
            </table>
            {model && (
                <>
                    <h3 className="text-lg">{t('The model')}</h3>
                    <p>
                        {t(
                            'Club as delivered: loft {{loft}}°, bounce {{bounce}}°. Fitted to these balls and averaged over the scatter of low point and depth, the strike model alone would expect:',
                            { loft: oneDecimal(model.delivered.loft_deg), bounce: oneDecimal(model.delivered.bounce_deg) },
                        )}
                    </p>
                    <p className="mb-2">
                        {Object.entries(model.rates)
                            .filter(([, share]) => share >= 0.01)
                            .map(([strike, share]) => `${word(strike)} ${percent(share)}`)
                            .join(', ')}
                        .
                    </p>
                    {reading.prediction && (
                        <p className="mb-2">
                            {t('{{text}} The share now is what was seen, with the model counting as four balls.', {
                                text: reading.prediction.text,
                            })}
                        </p>
                    )}
                    <Reasons model={model} />
                    {model.assumed.length > 0 && (
                        <p className="mt-2">
                            {t('Taken from the card, since not looked at: {{assumed}}.', { assumed: model.assumed.join(', ') })}
                        </p>
                    )}
                    <p className="mt-2">{model.note}</p>
                </>
            )}
        </>
    );
}
