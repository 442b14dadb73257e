import { useSyncExternalStore } from 'react';

// Single keys can be switched off on a device: who speaks to it, or rests a hand on the keyboard, would press them unawares.

const PLACE = 'low-point-single-keys';
const OFF = 'off';
const listeners = new Set<() => void>();

export const singleKeysOn = () => localStorage.getItem(PLACE) !== OFF;

export function switchSingleKeys(on: boolean): void {
    if (on) localStorage.removeItem(PLACE);
    else localStorage.setItem(PLACE, OFF);
    listeners.forEach((listener) => {
        listener();
    });
}

export const useSingleKeys = () =>
    useSyncExternalStore((listener) => {
        listeners.add(listener);
        return () => listeners.delete(listener);
    }, singleKeysOn);
