import type { Work } from '../api/types.gen';
import { day } from '../ui/reader';
import { percent } from '../ui/units';

/** "Look again on 9 Dec 2026.", of a date without a time */
function due(date: string): string {
    const today = new Date().toLocaleDateString('sv');
    return date > today
        ? `Look again on ${day(date)}.`
        : date === today
          ? 'The retest is due today.'
          : `The retest is due since ${day(date)}.`;
}

/** The verdict is the headline; its sentence says how sure it is and what would settle it. */
export function UnderWork({ work }: { work: Work }) {
    const rate = (one: Work['before']) =>
        one && `${String(one.count)} of ${String(one.of)} (${percent(one.interval[0])} to ${percent(one.interval[1])})`;
    return (
        <div data-verdict={work.verdict}>
            <h2 className="text-[26px]">
                {work.name.split(':')[0]}: {work.verdict_text}
            </h2>
            <p className="mt-1">{work.text}</p>
            {work.before && (
                <p className="mt-2">
                    Before the change {rate(work.before)}
                    {work.now && <>, now {rate(work.now)}</>} {work.counted}.
                </p>
            )}
            {work.touch !== null && <p className="mt-2">{work.touch}</p>}
            <p className="mt-2 font-semibold">
                {work.next} {due(work.recheck)}
            </p>
            {work.not_comparable.map((why) => (
                <p key={why} className="mt-1 text-sm">
                    {why}
                </p>
            ))}
        </div>
    );
}
