// @vitest-environment happy-dom
import { describe, expect, it } from 'vitest';
import german from './de.json';
import english from './en.json';
import { i18next, speak } from './index';
import trade from './trade.json';

const sources = import.meta.glob<string>(['../**/*.{ts,tsx}', '!../**/*.test.*'], { query: '?raw', import: 'default', eager: true });

/** Every sentence that a screen says through t(), at once or later, and the words of the trade. */
const said = () =>
    new Set([
        ...trade,
        ...Object.values(sources).flatMap((code) =>
            [...code.matchAll(/\b(?:t|said)\(\s*'((?:[^'\\]|\\.)*)'/g)].map((found) => found[1] ?? ''),
        ),
    ]);

const bare = (key: string) => key.replace(/_(one|other)$/, '');
const holes = (text: string) => [...text.matchAll(/\{\{\w+\}\}/g)].map(([hole]) => hole).sort();

describe('the second language', () => {
    it('has every sentence that is said, and none that is not', () => {
        expect([...new Set(Object.keys(german).map(bare))].sort()).toEqual([...said()].sort());
    });

    it('fills the same holes', () => {
        for (const [key, text] of Object.entries(german)) expect(holes(text), key).toEqual(holes(key));
    });

    it('counts as English counts', () => {
        expect(Object.keys(english).filter((key) => !(key in german))).toEqual([]);
    });

    it('is spoken once it is asked for, and the page says so', async () => {
        await speak('de');
        expect([i18next.t('Keep it'), i18next.t('{{count}} minutes', { count: 1 }), document.documentElement.lang]).toEqual([
            'Behalten',
            '1 Minute',
            'de',
        ]);
        await speak('en');
        expect([i18next.t('Keep it'), i18next.t('{{count}} minutes', { count: 1 })]).toEqual(['Keep it', '1 minute']);
    });
});
