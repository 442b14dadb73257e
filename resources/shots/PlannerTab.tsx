import { useTranslation } from 'react-i18next';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { ask } from '../ask/queries';
import type { Catalogue, PlanShot } from '../api/types.gen';
import { useDraft } from '../ui/useDraft';
import { Chosen } from './Chosen';
import { GroundFields } from './GroundFields';
import { Options } from './Options';
import { ShotPicture } from './ShotPicture';
import { useSettled, type OfShots } from './shots';
import { told } from '../api/told';
import { Problem } from '../ui/Problem';

export interface Situation {
    lie: string;
    slope_deg: number;
    edge_m: number;
    hole_m: number;
    behind_m: number;
    stimp: number;
    slope_pct: number;
    obstacle: { height_m: number; distance_m: number } | null;
    /** A landing spot that was dragged; null = the one that suits each club. */
    land_m: number | null;
    /** Distances are paced in steps of so many metres; null = typed. */
    step_m: number | null;
}

const first = (catalogue: Catalogue): Situation => ({
    lie: catalogue.first_task.lie,
    slope_deg: 0,
    edge_m: catalogue.first_ground.edge_m,
    hole_m: catalogue.first_ground.hole_m,
    behind_m: catalogue.first_ground.behind_m,
    stimp: catalogue.first_ground.stimp,
    slope_pct: 0,
    obstacle: null,
    land_m: null,
    step_m: null,
});

const question = (now: Situation, studentId: string | undefined): PlanShot => ({
    lie: now.lie,
    slope_deg: now.slope_deg,
    edge_m: now.edge_m,
    hole_m: now.hole_m,
    behind_m: now.behind_m,
    green: { stimp: now.stimp, slope_pct: now.slope_pct },
    obstacle: now.obstacle,
    land_m: now.land_m,
    student_id: studentId ?? null,
});

/** Which shot? The ground to scale, each way of playing it, and why one is best. */
export function PlannerTab({ catalogue, units, student }: OfShots) {
    const { t } = useTranslation();
    const [kept, keep] = useDraft<Situation>(`planner ${student?.id ?? ''}`, first(catalogue));
    const [dragged, setDragged] = useState<Partial<Situation>>({});
    const now = { ...kept, ...dragged };
    const [picked, setPicked] = useState<string | null>(null);
    const plan = useQuery(ask.plan(useSettled(question(now, student?.id))));
    const change = (part: Partial<Situation>) => {
        setDragged({});
        keep({ ...now, step_m: kept.step_m, ...part });
    };
    const options = plan.data?.options ?? [];
    const at = Math.max(
        0,
        options.findIndex((one) => one.name === picked),
    );
    const chosen = options[at];
    return (
        <div className="grid gap-x-8 gap-y-4 lg:grid-cols-[1fr_20rem]">
            <div className="min-w-0">
                <GroundFields {...{ catalogue, units, now }} stepM={student?.step_m ?? catalogue.first_ground.step_m} onChange={change} />
                <Problem text={told(plan.error)} className="my-2" />
                <ShotPicture
                    {...{ catalogue, units, now, options }}
                    place={at}
                    handed={student?.handed ?? 'right'}
                    onDraft={setDragged}
                    onSee={change}
                />
                <Options
                    {...{ options, units }}
                    place={at}
                    recommended={plan.data?.recommended ?? null}
                    onPick={(name) => {
                        setPicked(name);
                    }}
                />
            </div>
            {plan.data !== undefined && chosen !== undefined ? (
                <Chosen
                    plan={plan.data}
                    chosen={chosen}
                    best={at === plan.data.recommended}
                    {...{ units, student }}
                    spot={now.land_m !== null}
                    onFree={() => {
                        change({ land_m: null });
                    }}
                />
            ) : (
                <p aria-live="polite">{plan.isError ? '' : t('Working it out…')}</p>
            )}
        </div>
    );
}
