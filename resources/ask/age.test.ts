// @vitest-environment happy-dom
import 'fake-indexeddb/auto';
import { renderHook, waitFor } from '@testing-library/react';
import { expect, it, vi } from 'vitest';
import { useAge } from './age';
import { orKept } from './kept';

it('tells since when what is shown is old, and no longer once the server answers', async () => {
    let down = false;
    vi.stubGlobal('fetch', () => (down ? Promise.reject(new Error('nobody answers')) : Promise.resolve(Response.json({ name: 'Maren' }))));
    const { result } = renderHook(() => useAge());
    const ask = () => orKept.GET('/api/me');

    await ask();
    expect(result.current).toBeNull();
    down = true;
    await ask();
    await waitFor(() => {
        expect(Date.now() - Date.parse(result.current ?? '')).toBeLessThan(3_600_000);
    });
    down = false;
    await ask();
    await waitFor(() => {
        expect(result.current).toBeNull();
    });
});
