// @vitest-environment happy-dom
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import type { BallSet, Lesson, Reading } from '../api/types.gen';
import { ask } from '../ask/queries';
import { bench, catalogue, cause, coach, lesson, reading, set } from '../test/make';
import { ReadingPanel } from './ReadingPanel';

const show = (
    told: Reading | undefined,
    over: Partial<Lesson> = {},
    closed = false,
    balls: BallSet['balls'] = [],
    { asksFirst = false, thought }: { asksFirst?: boolean; thought?: string } = {},
) => {
    const noted = bench();
    const onRetest = vi.fn();
    const queries = new QueryClient({ defaultOptions: { queries: { staleTime: Infinity } } });
    queries.setQueryData(ask.coach().queryKey, coach({ asks_first: asksFirst }));
    render(
        <QueryClientProvider client={queries}>
            <ReadingPanel
                bench={noted}
                lesson={lesson(over)}
                set={set({ balls, ...(thought === undefined ? {} : { thought }) })}
                reading={told}
                catalogue={catalogue()}
                clubs={catalogue().clubs}
                handed="right"
                units="metric"
                onRetest={onRetest}
                closed={closed}
            />
        </QueryClientProvider>,
    );
    return { ...noted, onRetest };
};
const shown = () => [...document.querySelectorAll('[data-cause]')].map((one) => one.getAttribute('data-cause'));

afterEach(cleanup);

describe('the reading', () => {
    it('says what to work on first with its heaviest reasons, then as many causes as it says are likely', () => {
        show(reading({ first_notes: ['Weight is likelier.'] }));
        expect(shown()).toEqual(['handle', 'weight']);
        const first = document.querySelector('[data-work-on=handle]')?.textContent;
        expect(first).toContain('handle was seen. Marks are deep.');
        expect(first).toContain('Weight is likelier.');
        expect(document.querySelector('[data-cause=weight]')?.textContent).toContain(', 3 in 10: weight was seen.');
        expect(document.querySelector('[data-cause=weight]')?.textContent).not.toContain('Marks are deep.');
    });

    it('waits for the coach’s own answer where he wishes it, and tells nothing of itself before', () => {
        const balls = [{ id: 'a', seen: {} }];
        const { think } = show(reading(), {}, false, balls, { asksFirst: true });
        expect(screen.getByRole('heading', { name: 'What do you think it is?' })).toBeTruthy();
        expect(document.querySelector('[data-work-on]')).toBeNull();
        expect(screen.queryByText('Work on first')).toBeNull();
        expect(screen.queryByRole('status')?.textContent ?? '').toBe('');
        const offered = screen.getAllByRole('button').map((one) => one.textContent);
        expect(offered.indexOf('Cause handle')).toBeLessThan(offered.indexOf('Cause weight'));
        fireEvent.click(screen.getByRole('button', { name: 'Cause weight' }));
        expect(think).toHaveBeenCalledWith(expect.anything(), 'weight');
        fireEvent.click(screen.getByRole('button', { name: 'Show the reading without an answer' }));
        expect(screen.getByText('Work on first')).toBeTruthy();
        cleanup();
        show(reading(), {}, false, balls, { asksFirst: true, thought: 'weight' });
        expect(screen.getByText('Work on first')).toBeTruthy();
    });

    it('tells in one line how a figure came, once it is pressed', () => {
        show(reading({ prediction: { ...reading().prediction, after: 0.6, text: '6 in 10 good instead of 2.' } as Reading['prediction'] }));
        const predicted = screen.getByTestId('predicted');
        expect(predicted.tagName).toBe('SUMMARY');
        expect(predicted.textContent).toBe('6 in 10 good instead of 2.');
        expect(predicted.parentElement?.textContent).toContain('From the strike model');
        cleanup();
        show(reading({ prediction: { ...reading().prediction, after: null, text: 'Too few balls.' } as Reading['prediction'] }));
        expect(screen.getByTestId('predicted').tagName).toBe('P');
    });

    it('stands in one order whatever the case', () => {
        show(
            reading({
                check_next: { observable: 'shaft_lean_deg', label: 'Lean', why: '', cost: 1, bits_per_look: 0.4, answers: [] },
                warnings: [{ id: 'scatter_not_aim', text: 'Do not move the ball.' }],
            }),
        );
        const text = screen.getByTestId('reading').textContent;
        const places = ['2 of 7 clean', 'Work on first', 'Look next', 'Also possible', 'Do not move the ball.'].map((one) =>
            text.indexOf(one),
        );
        expect(places).not.toContain(-1);
        expect(places).toEqual(places.toSorted((a, b) => a - b));
    });

    it('says of a cause that was put right in vain that it was', () => {
        show(reading({ causes: [cause('handle', { probability: 0.7 }), cause('weight', { probability: 0.3, doubted: true })] }));
        expect(document.querySelector('[data-cause=weight]')?.textContent).toContain('3 in 10, put right, and not it alone');
    });

    it('keeps a fault that was seen on the list, whatever explains the balls better', () => {
        const causes = [cause('handle'), cause('bowed', { probability: 0.02, seen: true }), cause('scoop', { probability: 0.02 })];
        show(reading({ causes, work_on_first: 'handle', likely: 1 }));
        const list = screen.getByRole('heading', { name: 'Seen; not the main one' }).parentElement?.textContent;
        expect(list).toContain('bowed was seen.');
        expect(list).not.toContain('scoop');
    });

    it('takes nothing more in a lesson that is closed', () => {
        show(reading(), {}, true);
        expect(screen.queryByRole('button', { name: /Prescribe/ })).toBeNull();
    });

    it('opens the evidence for and against a cause, with its odds behind a fold', () => {
        show(
            reading({
                causes: [
                    cause('handle', {
                        against: [{ text: 'Flight is high.', odds: 0.4, says: 'speaks against it', how: 'rarely so', is_look: false }],
                    }),
                ],
                likely: 1,
            }),
        );
        fireEvent.click(screen.getByRole('button', { name: 'why' }));
        const dialog = screen.getByRole('dialog');
        expect(dialog.textContent).toContain('6 in 10 after what was seen; 1 in 10 of those who come have it');
        expect(dialog.textContent).toContain('Flight is high. It speaks against it.');
        expect(dialog.textContent).toContain('× 0.4');
    });

    it('takes the answer to what to look at next', () => {
        const answers = [
            { label: 'on it', value: 5, then: '' },
            { label: 'upright', value: 0, then: '' },
        ];
        const { see } = show(
            reading({
                check_next: {
                    observable: 'shaft_lean_deg',
                    label: 'Shaft lean',
                    why: 'It tells the two apart.',
                    cost: 1,
                    bits_per_look: 0.4,
                    answers,
                },
            }),
        );
        fireEvent.click(screen.getByRole('button', { name: 'upright' }));
        expect(see.mock.calls[0]?.slice(1)).toEqual([expect.objectContaining({ id: 'shaft_lean_deg' }), 0]);
    });

    it('says each warning, and what tells two causes apart', () => {
        show(reading({ warnings: [{ id: 'scatter_not_aim', text: 'Do not move the ball.' }], tell_apart: ['Film the strike.'] }));
        expect(document.querySelector('[data-warning=scatter_not_aim]')?.textContent).toBe('Do not move the ball.');
        expect(screen.getByText('Film the strike.')).toBeTruthy();
    });

    it('offers the next set once something was handed out', () => {
        const prescription = {
            cause: 'handle',
            school: 'neutral_shaft',
            content: { cause_name: 'Handle', setup: [], feel: '', drills: [], stop: null, measure: null },
        };
        show(reading(), { prescription }, false, []);
        expect(screen.queryByRole('button', { name: 'Hit the next set' }), 'this one is still to be hit').toBeNull();
        cleanup();
        const { onRetest } = show(reading(), { prescription }, false, [{ id: '01', seen: { strike: 'heavy' } }]);
        fireEvent.click(screen.getByRole('button', { name: 'Hit the next set' }));
        expect(onRetest).toHaveBeenCalledTimes(1);
        expect(screen.getByText(/Handed out: Handle\./)).toBeTruthy();
    });

    it('waits without an answer', () => {
        show(undefined);
        expect(screen.getByTestId('reading').getAttribute('data-balls')).toBe('0');
    });
});
