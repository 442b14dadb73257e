import { describe, expect, it, vi } from 'vitest';
import type { MeasuredPicture } from '../api/types.gen';
import { tell } from './php';

// The same PHP for node: its program lies beside it, and needs no address.
vi.mock('php-wasm/php8.2-web.mjs', () => import('php-wasm/php8.2-node.mjs'));
vi.mock('php-wasm/40d868d34dca3f36959a0eab83092ce0c66b70f7.wasm?url', () => ({ default: undefined }));

const picture = {
    kind: 'picture',
    target: 'right',
    size: [1920, 1080],
    points: { grip: [900, 300], head: [880, 800], ball: [900, 810], lead_heel: [1000, 820], trail_heel: [780, 820] },
    scale: { ball_px: 60 },
    upright: [
        [100, 100],
        [101, 900],
    ],
};

const figures = async (question: object) => (await tell(question)).answer as MeasuredPicture;
const refused = async (question: object) => (await tell(question)).faults?.map((fault) => fault.key);

describe('the core on the device', () => {
    it('answers as core/bin/measure does, again and again', async () => {
        const expected = {
            shaft_lean_deg: { value: 2.362, low: 1.734, high: 2.991 },
            ball_position_pct: { value: 54.551, low: 52.717, high: 56.385 },
            stance_width_mm: { value: 156.457, low: 147.262, high: 165.651 },
            sternum_ahead_mm: null,
            roll_deg: -0.07,
        };
        for (let again = 0; again < 2; again++) expect(await figures(picture)).toMatchObject(expected);
    });

    it('takes questions one after the other, however fast they come', async () => {
        const moved = (x: number) => ({ ...picture, points: { ...picture.points, grip: [x, 300] } });
        const leans = await Promise.all([900, 940, 980].map((x) => figures(moved(x)).then((told) => told.shaft_lean_deg?.value ?? NaN)));
        expect(leans).toEqual([...leans].sort((a, b) => a - b));
        expect(new Set(leans).size).toBe(3);
    });

    it('refuses what the server would refuse, in the same words, and answers on', async () => {
        expect(await refused({ ...picture, scale: undefined, points: { grip: [9000, 300], head: [880, 800] } })).toEqual(['points.grip']);
        expect(await refused({ kind: 'drawing' })).toEqual(['kind']);
        expect(await refused({ ...picture, target: 'ß'.repeat(90) })).toEqual(['target']);
        expect(await figures(picture)).toMatchObject({ roll_deg: -0.07 });
    });
});
