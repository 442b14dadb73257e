// @vitest-environment happy-dom
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, expect, it } from 'vitest';
import { Explained } from './Explained';

afterEach(cleanup);

it('explains each word of the trade once, the longest that fits, and opens one sentence in place', () => {
    const { container } = render(
        <p>
            <Explained
                text="The shaft lean makes a thin, and a thin again; lean alone is no word."
                glossary={{ 'shaft lean': 'a tilt.', thin: 'low on the ball.' }}
            />
        </p>,
    );
    expect(container.textContent).toBe('The shaft lean makes a thin, and a thin again; lean alone is no word.');
    expect(screen.getAllByRole('button').map((one) => one.textContent)).toEqual(['shaft lean', 'thin']);
    fireEvent.click(screen.getByText('shaft lean'));
    expect(screen.getByRole('dialog').textContent).toBe('shaft lean: a tilt.');
});
