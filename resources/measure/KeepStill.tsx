import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { ulid } from 'ulid';
import { api, asForm, at } from '../api/client';
import { ask } from '../ask/queries';
import { WithConsent } from '../students/Consents';
import { Button } from '../ui/Button';
import { notify } from '../ui/notices';
import { ballOf, mmPerPx, type Marks, type Px } from './marks';
import type { Shown } from './MarkedPicture';
import { drawStill, STILL_PX } from './still';
import { Problem } from '../ui/Problem';
import { Check } from '../ui/Check';

export interface KeptWith {
    lessonId: string;
    studentId: string;
    /** Of a child: only with the consent of a guardian. */
    child: boolean;
}

interface Props extends KeptWith {
    shown: Shown;
    marks: Marks;
    arc?: Px[];
}

/** Keeps the picture with what was marked in it; the file it comes from stays on the device. */
export function KeepStill({ lessonId, studentId, child, shown, marks, arc }: Props) {
    const { t } = useTranslation();
    const queries = useQueryClient();
    const [inReport, setInReport] = useState(false);
    const keep = useMutation({
        mutationFn: async () => {
            const scale = Math.min(1, STILL_PX / Math.max(shown.width, shown.height));
            const file = await drawStill(shown, marks, arc ?? [], scale);
            const [ball, mm] = [ballOf(marks), mmPerPx(marks)];
            const body = {
                still: file,
                id: ulid(),
                in_report: inReport ? '1' : '0',
                ...(ball === undefined ? {} : { ball_x: String(ball[0] * scale), ball_y: String(ball[1] * scale) }),
                ...(mm === undefined ? {} : { mm_per_px: String(mm / scale) }),
            };
            return api.POST('/api/lessons/{lesson}/stills', { ...at({ lesson: lessonId }), body, bodySerializer: asForm });
        },
        onSuccess: () => {
            notify(t('Kept with the lesson.'));
            return queries.invalidateQueries(ask.stills(studentId));
        },
    });
    return (
        <div className="border-t border-line pt-3">
            <WithConsent studentId={studentId} purpose="still" child={child}>
                <Check checked={inReport} onCheck={setInReport}>
                    {t('into the report')}
                </Check>
                <Button
                    disabled={keep.isPending}
                    onClick={() => {
                        keep.mutate();
                    }}
                >
                    {t('Keep this picture with the lesson')}
                </Button>
            </WithConsent>
            <Problem text={keep.error?.message} className="mt-2" />
        </div>
    );
}
