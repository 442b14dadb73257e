import { describe, expect, it } from 'vitest';
import css from './palette.css?raw';

const palettes = css
    .split('@media')
    .map((part) =>
        Object.fromEntries([...part.matchAll(/--([\w-]+): (#[\da-f]{6})/g)].map(([, name, value]) => [name ?? '', value ?? ''])),
    );

/** Relative luminance of a colour (WCAG 2.2). */
function luminance(colour: string): number {
    const [r = 0, g = 0, b = 0] = [1, 3, 5].map((at) => {
        const part = parseInt(colour.slice(at, at + 2), 16) / 255;
        return part <= 0.04045 ? part / 12.92 : ((part + 0.055) / 1.055) ** 2.4;
    });
    return 0.2126 * r + 0.7152 * g + 0.0722 * b;
}

function contrast(one: string, other: string): number {
    const [dark = 0, light = 0] = [luminance(one), luminance(other)].sort((a, b) => a - b);
    return (light + 0.05) / (dark + 0.05);
}

const GROUNDS = ['paper', 'press', 'soil', 'ochre-wash'];

describe.each([
    ['by day', palettes[0]],
    ['in the evening', palettes[1]],
])('the palette %s', (_, palette = {}) => {
    it.each(['ink', 'soft', 'rust', 'marram', 'slate'])('reads in the sun: %s is at least 7 to 1 on every ground', (text) => {
        for (const ground of GROUNDS) expect(contrast(palette[text] ?? '', palette[ground] ?? ''), ground).toBeGreaterThanOrEqual(7);
    });

    it('has lines of at least 3 to 1 on every ground', () => {
        for (const ground of GROUNDS) expect(contrast(palette.line ?? '', palette[ground] ?? ''), ground).toBeGreaterThanOrEqual(3);
    });

    it('reads inverted too', () => {
        expect(contrast(palette.paper ?? '', palette.ink ?? '')).toBeGreaterThanOrEqual(7);
    });
});
