import { createContext, useContext } from 'react';
import type { Outbox } from './outbox';

export const OutboxContext = createContext<Outbox | null>(null);

export function useOutboxOfApp(): Outbox {
    const outbox = useContext(OutboxContext);
    if (outbox === null) throw new Error('The outbox is not there.');
    return outbox;
}
