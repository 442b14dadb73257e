import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { expect, it } from 'vitest';

// What a screen says of a student is a statement of the core or a label (handbook 16.5): no sentence with a figure is made here.

/** Rooms that show a reading, its outcome or a student's own page. */
const ROOMS = ['lesson', 'progress', 'share', 'students', 'practice', 'figures'];

/** Sentences of the app on itself: what waits, what was stored or planned, how a drill is counted. They say nothing of a student's game. */
const OF_ITSELF = [
    /on this device|entries wait|catches up|comes with the connection/,
    /^Ball \{\{n\}\} of|^Set \{\{n\}\} of|this block:|Rest: /,
    /sessions done|minutes\.|Passed: /,
    /Weighed with what|Model as|A table of|in the table/,
    /made up, to look round/,
    /are in no chart/,
    // How the model's figures come about, beside the table of them.
    /^Club as delivered|^The line is today|of those who come/,
    /Odds against no fault|^Receipt /,
    /^Lesson|^Last lesson|^Look again|^The retest is due|was deleted|agreed on|marked: that is plenty/,
];

const files = (folder: string): string[] =>
    readdirSync(folder, { withFileTypes: true }).flatMap((one) =>
        one.isDirectory() ? files(join(folder, one.name)) : /(?<!\.test)\.tsx?$/.test(one.name) ? [join(folder, one.name)] : [],
    );

/** Holes that words of the core, names and days stand in; in any other stands a figure. */
const WORDS =
    /^(text|why|name|cause|coach|day|moment|says|how|note|better|worse|assumed|measure|touch|drills|verdict|counted|message|device|by|reason|mark|pass|goal|purpose|what|label)$/;

/** A sentence with a figure in it: a label has no full stop. */
const sentences = (code: string) =>
    [...code.matchAll(/t\(\s*(['"`])((?:(?!\1)[\s\S])+)\1/g)]
        .map((found) => found[2] ?? '')
        .filter(
            (said) =>
                [...said.matchAll(/\{\{(\w+)\}\}/g)].some(([, hole]) => !WORDS.test(hole ?? '')) &&
                /[.!?](\s|$)/.test(said.replace(/\{\{\w+\}\}/g, 'x')),
        );

it('finds a sentence with a figure', () => {
    expect(sentences("t('{{n}} of {{of}} were clean.', { n })")).toEqual(['{{n}} of {{of}} were clean.']);
    expect(sentences("t('{{n}} of {{of}}', { n })")).toEqual([]);
});

it('is made in the core and nowhere else', () => {
    const made = ROOMS.flatMap((room) => files(join('resources', room)))
        .flatMap((file) => sentences(readFileSync(file, 'utf8')).map((said) => `${file}: ${said}`))
        .filter((one) => !OF_ITSELF.some((allowed) => allowed.test(one.slice(one.indexOf(': ') + 2))));
    expect(made).toEqual([]);
});
