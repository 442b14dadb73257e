import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { useNavigate, useParams, useSearchParams } from 'react-router-dom';
import { useCatalogue, useCoach } from '../ask/queries';
import { useHere } from '../core/here';
import { useBench, type Seen } from '../lesson/useBench';
import { Page, Skeleton } from '../frame/Page';
import { MadeUp } from './MadeUp';
import { Marking } from './Marking';
import type { Target } from './marks';
import { Stills } from './Stills';
import { Tracing } from './Tracing';
import { usePicture } from './usePicture';
import { Problem } from '../ui/Problem';
import { ChooseFile } from '../ui/ChooseFile';

const PICTURES = 'image/*,video/*';

/** Figures of a picture or a film in place of guesses by eye. The file stays on this device. */
export function MeasurePage() {
    const { t } = useTranslation();
    const navigate = useNavigate();
    const { id = '' } = useParams();
    const [asked] = useSearchParams();
    const bench = useBench(id);
    const { data: catalogue } = useCatalogue();
    const { data: coach } = useCoach();
    const { taken, problem, busy, take, fail } = usePicture();
    /** The side of the target in a film that ships with the app. */
    const [side, setSide] = useState<Target>();
    const here = useHere(true);
    const { lesson, student } = bench;
    const set = lesson?.sets.find((one) => one.id === asked.get('set')) ?? lesson?.sets.at(-1);
    if (lesson === undefined || student === undefined || catalogue === undefined || coach === undefined || set === undefined)
        return (
            <Page title={t('Measure')}>
                <Skeleton />
            </Page>
        );
    const common = {
        catalogue,
        set,
        units: coach.units,
        target: side ?? (student.handed === 'left' ? 'left' : 'right'),
        closed: lesson.closed_at !== null,
        keptWith: { lessonId: lesson.id, studentId: student.id, child: student.limits.includes('under_14') },
        onTake: (figures: Seen) => {
            bench.takeOver(set, figures);
            void navigate(`/lessons/${lesson.id}?set=${set.id}`);
        },
        another: (
            <ChooseFile
                accept={PICTURES}
                className="mt-4"
                onFile={(file) => {
                    setSide(undefined);
                    take(file);
                }}
            >
                {t('Another picture or film')}
            </ChooseFile>
        ),
    } as const;
    return (
        <Page title={t('Measure {{name}}', { name: student.name })} back={`/lessons/${id}`}>
            {taken?.kind === 'picture' && <Marking key={taken.key} file={taken.file} shown={taken.shown} {...common} />}
            {taken?.kind === 'film' && <Tracing key={taken.key} file={taken.file} film={taken.film} {...common} />}
            {taken === undefined && <Advice busy={busy} onFile={take} />}
            <Problem text={problem} className="mt-3" />
            {taken === undefined && (
                <MadeUp
                    onFilm={(film, target) => {
                        setSide(target);
                        take(film);
                    }}
                    onProblem={fail}
                />
            )}
            <Stills studentId={student.id} />
            {here && <p className="mt-4 text-soft">{t('Figures come without a connection too: the core is kept on this device.')}</p>}
        </Page>
    );
}

/** How to film, and the file. */
function Advice({ busy, onFile }: { busy: boolean; onFile: (file: File) => void }) {
    const { t } = useTranslation();
    return (
        <section aria-label={t('A picture or a film')} className="max-w-3xl">
            <p className="text-xl">
                {t('Face-on: the camera square to the target line, at the height of the ball, two to three metres away.')}
            </p>
            <ul className="mt-3 list-disc space-y-1 pl-5">
                <li>{t('The ball in the middle of the picture, and large: near is better than zoomed.')}</li>
                <li>{t('The sun behind the camera; the ground level, or something upright, in the picture.')}</li>
                <li>{t('A film in slow motion, 120 or 240 frames a second, with the player at address in it.')}</li>
                <li>{t('Nobody stands in front of the club while it is filmed. A child only with a guardian’s consent on record.')}</li>
            </ul>
            <p className="mt-3">{t('The file stays on this device. Only the places you mark are sent, to be worked out.')}</p>
            <ChooseFile accept={PICTURES} className="mt-4" onFile={onFile}>
                {busy ? t('Opening…') : t('Choose or take a picture or a film')}
            </ChooseFile>
        </section>
    );
}
