import { useTranslation } from 'react-i18next';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { ask } from '../ask/queries';
import type { Catalogue, Club, SandQuestion, SandPlan } from '../api/types.gen';
import { Choice } from '../ui/Choice';
import { clubLabel, withInHand } from '../ui/club';
import { SelectField } from '../ui/SelectField';
import { useDraft } from '../ui/useDraft';
import { NumberField } from './NumberField';
import { SandAbove } from './SandAbove';
import { SandSide } from './SandSide';
import { fieldOf, useSettled, type OfShots } from './shots';
import { told } from '../api/told';
import { Problem } from '../ui/Problem';

export interface SandSituation {
    lie: string;
    ball: Catalogue['in_sand'][number]['id'];
    lip_height_m: number;
    lip_distance_m: number;
    carry_m: number;
    room_m: number;
    slope_deg: number;
    club: Club;
    school: string | null;
}

const first = (catalogue: Catalogue): SandSituation => ({
    lie: catalogue.shots.find((shot) => shot.sand)?.usual.lie ?? '',
    ball: 'normal',
    ...catalogue.first_sand,
    slope_deg: 0,
    school: null,
});

const FIGURES = ['lip_height_m', 'lip_distance_m', 'carry_m', 'room_m', 'slope_deg'] as const;

/** From which sand: the lip and the flight from the side, face, stance and path from above, and the card that follows. */
export function SandTab({ catalogue, units, student }: OfShots) {
    const { t } = useTranslation();
    const [kept, keep] = useDraft<SandSituation>(`sand ${student?.id ?? ''}`, first(catalogue));
    const [dragged, setDragged] = useState<Partial<SandSituation>>({});
    const now = { ...kept, ...dragged };
    const question: SandQuestion = { ...now, student_id: student?.id ?? null };
    const plan = useQuery(ask.sand(useSettled(question)));
    const change = (part: Partial<SandSituation>) => {
        setDragged({});
        keep({ ...now, ...part });
    };
    const lies = catalogue.shots.find((shot) => shot.sand)?.lies ?? [];
    const clubs = withInHand(student?.clubs ?? catalogue.clubs, now.club);
    const schools = plan.data?.schools ?? [];
    return (
        <div className="grid gap-x-8 gap-y-4 lg:grid-cols-[1fr_20rem]">
            <div className="min-w-0 space-y-3">
                <div className="flex flex-wrap items-center gap-x-3 gap-y-2">
                    <SelectField
                        label={t('Sand')}
                        unseen
                        options={lies.map(({ id, label }) => ({ value: id, label }))}
                        value={now.lie}
                        onValue={(lie) => {
                            change({ lie });
                        }}
                    />
                    <Choice
                        label={t('The ball lies')}
                        value={now.ball}
                        options={catalogue.in_sand.map(({ id, name }) => ({ value: id, label: name }))}
                        onChoose={(ball) => {
                            change({ ball });
                        }}
                    />
                    <SelectField
                        label={t('Club')}
                        unseen
                        options={clubs.map((one) => ({ value: clubLabel(one), label: clubLabel(one) }))}
                        value={clubLabel(now.club)}
                        onValue={(label) => {
                            const club = clubs.find((one) => clubLabel(one) === label);
                            if (club !== undefined) change({ club });
                        }}
                    />
                    <SelectField
                        label={t('School')}
                        unseen
                        options={[{ value: '', label: t('usual school') }, ...schools.map(({ id, name }) => ({ value: id, label: name }))]}
                        value={schools.some((one) => one.id === now.school) ? (now.school ?? '') : ''}
                        onValue={(school) => {
                            change({ school: school === '' ? null : school });
                        }}
                    />
                </div>
                <div className="flex flex-wrap items-end gap-x-4 gap-y-2">
                    {FIGURES.map((id) => (
                        <NumberField
                            key={id}
                            field={fieldOf(catalogue.sand, id)}
                            value={now[id]}
                            units={units}
                            onNumber={(value) => {
                                change({ [id]: value });
                            }}
                        />
                    ))}
                </div>
                <Problem text={told(plan.error)} />
                <SandSide
                    {...{ catalogue, units, now }}
                    plan={plan.data}
                    handed={student?.handed ?? 'right'}
                    onDraft={setDragged}
                    onSee={change}
                />
                {plan.data && <SandAbove plan={plan.data} handed={student?.handed ?? 'right'} />}
            </div>
            {plan.data ? <Card plan={plan.data} /> : <p>{plan.isError ? '' : t('Working it out…')}</p>}
        </div>
    );
}

function Card({ plan }: { plan: SandPlan }) {
    const { card } = plan;
    return (
        <aside className="space-y-3 border-line lg:border-l lg:pl-6" aria-live="polite">
            <p className="text-soft">{plan.strikes}</p>
            <h2 className="text-2xl">{plan.lip === null ? plan.school : `${plan.school}: ${plan.lip}`}</h2>
            {card.warnings.map((one) => (
                <p key={one.id} className="border-l-[6px] border-rust pl-3 font-semibold">
                    {one.text}
                </p>
            ))}
            <ul>
                {plan.setup.map((line) => (
                    <li key={line}>{line}</li>
                ))}
            </ul>
            <p>{card.club_advice}</p>
            <ul className="border-t border-line pt-3">
                {card.why.map((line) => (
                    <li key={line}>{line}</li>
                ))}
            </ul>
            <p className="border-t border-line pt-3">{plan.rates.join(', ')}</p>
            <p className="border-l-[6px] border-ochre bg-ochre-wash p-3">{plan.caution}</p>
        </aside>
    );
}
