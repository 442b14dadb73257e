import { useTranslation } from 'react-i18next';
import { observableOf } from '../api/catalogue';
import type { Catalogue, Reading, Units } from '../api/types.gen';
import { inTen, observed } from '../ui/units';

/** The chosen school and the one the evidence speaks for, card beside card. */
export function SchoolsSideBySide({ reading, catalogue, units }: { reading: Reading; catalogue: Catalogue; units: Units }) {
    const { t } = useTranslation();
    const { school } = reading;
    if (school.offer === null) return null;
    const sides = [
        { name: school.name, idea: school.idea, card: reading.card, rate: school.offer.rate_chosen },
        { name: school.offer.name, idea: school.offer.idea, card: school.offer.card, rate: school.offer.rate_offered },
    ];
    return (
        <div className="mb-4 border-l-[6px] border-ochre pl-3">
            <p className="mb-2">{t('{{why}} The choice is yours: change the school in the task.', { why: school.offer.why })}</p>
            <div className="grid gap-4 sm:grid-cols-2">
                {sides.map((side) => (
                    <section key={side.name} aria-label={side.name}>
                        <h3 className="text-lg">
                            {side.name}
                            {side.rate !== null && `, ${t('about {{rate}}', { rate: inTen(side.rate) })}`}
                        </h3>
                        <p className="text-sm">{side.idea}</p>
                        <ul className="text-sm">
                            {Object.entries(side.card).map(([id, [from, to]]) => {
                                const what = observableOf(catalogue, id);
                                return (
                                    what && (
                                        <li key={id}>
                                            {t('{{label}}: {{from}} to {{to}}', {
                                                label: what.label,
                                                from: observed(what, from, units),
                                                to: observed(what, to, units),
                                            })}
                                        </li>
                                    )
                                );
                            })}
                        </ul>
                    </section>
                ))}
            </div>
        </div>
    );
}
