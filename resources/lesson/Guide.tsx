import { said } from '../language';
import { useTranslation } from 'react-i18next';
import { useState } from 'react';
import { useSearchParams } from 'react-router-dom';
import type { Lesson } from '../api/types.gen';
import { Button } from '../ui/Button';

/** So the address says that a lesson is led through. */
export const GUIDED = 'guide';

interface Step {
    title: string;
    text: string;
    /** It was done; a step without this is read. */
    done?: (lesson: Lesson) => boolean;
}

const balls = (lesson: Lesson) => lesson.sets.reduce((sum, set) => sum + set.balls.length, 0);
const looks = (lesson: Lesson) => lesson.sets.reduce((sum, set) => sum + Object.keys({ ...set.setup, ...set.motion }).length, 0);

const STEPS: Step[] = [
    {
        title: said('Log a ball'),
        text: said('Tap the strip about 5 cm behind the ball, where the club met the ground. Then press heavy.'),
        done: (lesson) => balls(lesson) >= 1,
    },
    {
        title: said('Two more'),
        text: said('Another heavy one close by, then a clean one at the ball. From three balls on the reading dares to say something.'),
        done: (lesson) => balls(lesson) >= 3,
    },
    {
        title: said('Take a look'),
        text: said('Answer one of the looks: the one in the frame would tell most. Watch how the reading changes.'),
        done: (lesson) => looks(lesson) >= 1,
    },
    {
        title: said('Read why'),
        text: said('What to work on first stands on top, with its reason. “why” shows all that speaks for and against it.'),
    },
    {
        title: said('Hand it out'),
        text: said('Press Prescribe: one change, one feel, at most two drills. Then Hand it out.'),
        done: (lesson) => lesson.prescription !== null,
    },
    {
        title: said('Hit the next set'),
        text: said('Press Hit the next set and log some balls: Compare says whether it helped, and how sure that is. That is a lesson.'),
        done: (lesson) => lesson.sets.length >= 2 && (lesson.sets.at(-1)?.balls.length ?? 0) >= 1,
    },
];

/** Leads through a first lesson, a step at a time: each goes on by itself once it was done. */
export function Guide({ lesson }: { lesson: Lesson }) {
    const { t } = useTranslation();
    const [asked, setAsked] = useSearchParams();
    /** Up to here it was read or skipped. */
    const [from, setFrom] = useState(0);
    let at = from;
    while (STEPS[at]?.done?.(lesson) === true) at++;
    const step = STEPS[at];
    if (!asked.has(GUIDED)) return null;
    const end = () => {
        setAsked({}, { replace: true });
    };
    return (
        <aside
            aria-label={t('Sample lesson')}
            className="fixed bottom-3 left-3 z-20 w-[min(22rem,94vw)] border-[1.5px] border-ink bg-ochre-wash p-4 max-bench:bottom-20"
        >
            <p role="status">
                {step === undefined ? (
                    <>
                        <strong className="block text-xl">{t('That was a lesson')}</strong>
                        {t('The student is made up: delete him under Records. Your own come with Add a student.')}
                    </>
                ) : (
                    <>
                        <span className="text-sm">{t('{{at}} of {{n}}', { at: at + 1, n: STEPS.length })}</span>
                        <strong className="block text-xl">{t(step.title)}</strong>
                        {t(step.text)}
                    </>
                )}
            </p>
            <p className="mt-3 flex gap-2">
                {step !== undefined && (
                    <Button
                        main={step.done === undefined}
                        onClick={() => {
                            setFrom(at + 1);
                        }}
                    >
                        {step.done === undefined ? t('Go on') : t('Skip')}
                    </Button>
                )}
                <Button main={step === undefined} onClick={end}>
                    {step === undefined ? t('Done') : t('End the sample')}
                </Button>
            </p>
        </aside>
    );
}
