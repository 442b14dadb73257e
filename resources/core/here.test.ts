import { afterEach, describe, expect, it, vi } from 'vitest';
import { ApiError, sendOut } from '../api/client';
import { orHere } from './here';

const { workOut } = vi.hoisted(() => ({ workOut: vi.fn() }));
vi.mock('./engine', () => ({ workOut }));
vi.stubGlobal('document', { cookie: '' });

const server = (answer: () => Promise<Response>) => {
    vi.stubGlobal('fetch', answer);
};
const ask = () => orHere<unknown>(sendOut({ method: 'POST', path: 'measure/picture' }), 'picture', { target: 'right' });
const gone = () => Promise.reject(new TypeError('Failed to fetch'));

afterEach(() => {
    workOut.mockReset();
});

describe('a question that the server answers', () => {
    it('is asked of the server alone while there is one', async () => {
        server(() => Promise.resolve(Response.json({ roll_deg: 1 })));
        expect(await ask()).toEqual({ roll_deg: 1 });
        expect(workOut).not.toHaveBeenCalled();
    });

    it('is worked out on the device without one', async () => {
        server(gone);
        workOut.mockResolvedValue({ roll_deg: 2 });
        expect(await ask()).toEqual({ roll_deg: 2 });
        expect(workOut.mock.calls).toEqual([[{ kind: 'picture', target: 'right' }]]);
    });

    it('is refused by whoever answered, and is not asked again elsewhere', async () => {
        server(() => Promise.resolve(Response.json({ message: 'no target', faults: [] }, { status: 422 })));
        await expect(ask()).rejects.toMatchObject({ status: 422 });
        expect(workOut).not.toHaveBeenCalled();
        server(gone);
        workOut.mockRejectedValue(new ApiError(422, 'target: "x"'));
        await expect(ask()).rejects.toMatchObject({ status: 422, message: 'target: "x"' });
    });

    it('waits for the connection where the device cannot work it out', async () => {
        server(gone);
        workOut.mockRejectedValue(new Error('no room for it'));
        await expect(ask()).rejects.toMatchObject({ status: 0 });
    });
});
