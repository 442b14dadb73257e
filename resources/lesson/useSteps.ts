import { useState } from 'react';
import type { Action } from '../outbox/actions';
import type { Outbox } from '../outbox/outbox';

interface Step {
    undo: Action;
    redo: Action;
}

/** What was done on the bench since it opened, so that each step can be taken back and done again. */
export function useSteps(outbox: Outbox) {
    const [steps, setSteps] = useState<{ done: Step[]; undone: Step[] }>({ done: [], undone: [] });
    return {
        act: (redo: Action, undo: Action) => {
            setSteps(({ done }) => ({ done: [...done, { undo, redo }], undone: [] }));
            void outbox.add(redo);
        },
        canUndo: steps.done.length > 0,
        canRedo: steps.undone.length > 0,
        undo: () => {
            const step = steps.done.at(-1);
            if (step === undefined) return;
            setSteps({ done: steps.done.slice(0, -1), undone: [...steps.undone, step] });
            void outbox.add(step.undo);
        },
        redo: () => {
            const step = steps.undone.at(-1);
            if (step === undefined) return;
            setSteps({ done: [...steps.done, step], undone: steps.undone.slice(0, -1) });
            void outbox.add(step.redo);
        },
    };
}
