// @vitest-environment happy-dom
import { cleanup, renderHook, waitFor } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { Student } from '../api/types.gen';
import { speak } from '../language';
import { coach, lesson, reading, set } from '../test/make';
import { Around } from '../test/server';
import { useReadingsHere } from './useReadingsHere';

const { workOut } = vi.hoisted(() => ({ workOut: vi.fn() }));
vi.mock('./engine', () => ({ workOut }));

const student = { handed: 'left', limits: ['back'] } as unknown as Student;
const first = set({ setup: { shaft_lean_deg: 12 }, balls: [{ id: 'X', seen: { strike: 'thin' } }] });
const read = (unread: string[]) =>
    renderHook(
        () =>
            useReadingsHere({
                lesson: lesson({ sets: [first, set({ id: 'B' })] }),
                student,
                coach: coach({ units: 'imperial', equipment: ['putter'] }),
                unread,
            }),
        {
            wrapper: Around,
        },
    ).result;
const moment = () => new Promise((done) => setTimeout(done, 30));

beforeEach(() => {
    localStorage.setItem('low-point-core', '1');
    workOut.mockResolvedValue(reading());
});
afterEach(async () => {
    cleanup();
    localStorage.clear();
    workOut.mockReset();
    await speak('en');
});

describe('readings on this device', () => {
    it('are of the sets that wait, and of nothing else', async () => {
        const readings = read(['A']);
        await waitFor(() => {
            expect(readings.current).toEqual({ A: reading() });
        });
        expect(workOut.mock.calls).toEqual([
            [
                {
                    case: {
                        student: { handed: 'left', limits: ['back'] },
                        task: lesson().task,
                        setup: { shaft_lean_deg: 12 },
                        motion: {},
                        measured: {},
                        balls: [{ strike: 'thin' }],
                        earlier: [],
                    },
                    units: 'imperial',
                    equipment: ['putter'],
                    calibration: null,
                },
            ],
        ]);
    });

    it('are left to the server where the core is not kept here, or another language is spoken', async () => {
        localStorage.clear();
        expect(read(['A']).current).toEqual({});
        await speak('de');
        localStorage.setItem('low-point-core', '1');
        const readings = read(['A']);
        await moment();
        expect(readings.current).toEqual({});
        expect(workOut).not.toHaveBeenCalled();
    });

    it('are none where the core could not be loaded: the last one stands', async () => {
        workOut.mockRejectedValue(new Error('no answer'));
        const readings = read(['A', 'B']);
        await moment();
        expect(readings.current).toEqual({});
    });
});
