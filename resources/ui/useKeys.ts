import { useEffect } from 'react';
import { singleKeysOn } from './singleKeys';

/** Single keys of a screen; silent while somebody types or a sheet is open. */
export function useKeys(keys: Record<string, () => void>): void {
    useEffect(() => {
        const onKey = (event: KeyboardEvent) => {
            const busy = event.target instanceof HTMLElement && event.target.closest('input, textarea, select, [role=dialog]') !== null;
            const act = keys[event.key];
            if (!singleKeysOn() || busy || act === undefined || event.defaultPrevented || event.ctrlKey || event.metaKey || event.altKey)
                return;
            event.preventDefault();
            act();
        };
        window.addEventListener('keydown', onKey);
        return () => {
            window.removeEventListener('keydown', onKey);
        };
    });
}
