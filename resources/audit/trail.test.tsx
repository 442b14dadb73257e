// @vitest-environment happy-dom
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, describe, expect, it } from 'vitest';
import { Around, serve } from '../test/server';
import { StudentTrail } from './StudentTrail';

afterEach(cleanup);

describe('who saw and changed what of a student', () => {
    it('is asked for when it is opened, and told in words', async () => {
        const line = { id: '1', at: '2026-12-01T10:00:00Z', coach: 'Ines', deed: 'changed', student: 'Bea', about: {} };
        const asked = serve({
            'GET shared/T/trail': {
                lines: [line, { ...line, id: '2', coach: '', deed: 'saw', about: { link_of: 'Ines' } }],
                next_page: null,
            },
        });
        const { container } = render(<StudentTrail of={{ token: 'T' }} />, { wrapper: Around });
        expect(asked).toEqual([]);
        const details = container.querySelector('details') as HTMLDetailsElement;
        details.open = true;
        fireEvent(details, new Event('toggle'));
        expect(await screen.findByText('Ines')).toBeTruthy();
        expect(screen.getByText(/entered or changed something/)).toBeTruthy();
        expect(screen.getByText('Whoever holds the link')).toBeTruthy();
    });
});
