import { useTranslation } from 'react-i18next';
import { Link } from 'react-router-dom';
import { Page } from '../frame/Page';
import { said } from '../language';
import { GroundPicture, LanePicture, PlanPicture, ShotPicture } from './pictures';

const CHAPTERS = [
    {
        id: 'first',
        title: said('Your first lesson'),
        Picture: LanePicture,
        text: [
            said(
                'Add a student: a name and the hand he plays with are enough. Press Begin, say which shot from which lie, and the bench opens.',
            ),
            said(
                'After each ball press the strip where the club first met the ground, then say how it was struck. That is a ball; it is kept at once, also without a connection.',
            ),
            said(
                'Beneath the strip stand the looks that are most useful now. Answer one with a press, or leave it; a look that you have no time for is simply not looked at.',
            ),
            said(
                'When a cause stands out, hand it out, hit the next set, and compare. Close the lesson when you are done; until then it stands first in your list.',
            ),
        ],
    },
    {
        id: 'reading',
        title: said('Reading the reading'),
        Picture: GroundPicture,
        text: [
            said(
                'It always stands in the same order: what was seen, what to work on first and why, the look that would settle most, what else is possible, what to mind.',
            ),
            said(
                'Chances are told in tenths: “6 in 10” is what such looks and balls came from in six of ten. A cause is named when something you looked at speaks for it, or when the balls alone are clear.',
            ),
            said(
                'The hatched band is where good first touches lie. Where it is pale, misses lie in it too: then where the club touches does not explain them.',
            ),
            said(
                'Press “why” for what speaks for and against; press the line under the count for where its figures come from. A look that was taken earlier stands with its day until you look again.',
            ),
        ],
    },
    {
        id: 'practice',
        title: said('Practice between lessons'),
        Picture: PlanPicture,
        text: [
            said(
                'Hand out one change, one feel and at most two drills. Under Practice choose days and minutes; the plan begins with one drill at a time and mixes them from the second week on.',
            ),
            said(
                'Make a link and give it to the student: his page shows what changes in a picture, what went well, the feel, and counts his drills. Once it was opened, it opens without a connection too.',
            ),
            said('What he counts says whether the drill becomes harder or easier next time; it stands with each drill.'),
            said('On the day to look again his name stands under “Retest due”. Ten balls or more then tell whether it held.'),
        ],
    },
    {
        id: 'shots',
        title: said('Which shot'),
        Picture: ShotPicture,
        text: [
            said(
                'Say how far the ball lies from the edge and the hole from the edge. Every way to play it is worked out over the scatter of the student, and the one that leaves least stands first.',
            ),
            said(
                'Distances: log how far balls carried with a club and a length of backswing; the empty fields are filled from their neighbours and say how sure they are.',
            ),
            said('Sand and slope have a page each: how the face, the feet and the ball stand, and whether it clears the lip.'),
        ],
    },
] as const;

/** A coach's guide in four parts (handbook 19.10): kept with the app, so that it opens without a connection. */
export function HelpPage() {
    const { t } = useTranslation();
    return (
        <Page title={t('Help')}>
            <nav aria-label={t('On this page')} className="mb-6 flex flex-wrap gap-x-6 print:hidden">
                {CHAPTERS.map(({ id, title }) => (
                    <a key={id} href={`#${id}`} className="inline-flex min-h-11 items-center underline underline-offset-4">
                        {t(title)}
                    </a>
                ))}
            </nav>
            <div className="max-w-3xl space-y-10">
                {CHAPTERS.map(({ id, title, text, Picture }) => (
                    <section key={id} id={id} aria-labelledby={`${id}-title`} className="break-inside-avoid">
                        <h2 id={`${id}-title`} className="mb-2 text-2xl">
                            {t(title)}
                        </h2>
                        <Picture />
                        {text.map((one) => (
                            <p key={one} className="mt-3">
                                {t(one)}
                            </p>
                        ))}
                    </section>
                ))}
                <section aria-label={t('What the figures rest on')} className="border-l-[6px] border-marram pl-4">
                    <p>
                        {t(
                            'The figures rest on made-up students and on practitioners’ cases; what your own lessons show replaces them as they come.',
                        )}
                    </p>
                    <p className="mt-2">
                        {t('Keys on the bench: press ? there. What a cause or a drill is:')}{' '}
                        <Link to="/library" className="underline underline-offset-4">
                            {t('Library')}
                        </Link>
                    </p>
                </section>
            </div>
        </Page>
    );
}
