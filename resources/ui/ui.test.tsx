// @vitest-environment happy-dom
import { cleanup, fireEvent, render, screen, waitFor } from '@testing-library/react';
import { useState } from 'react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { Panel } from './Panel';
import { switchSingleKeys } from './singleKeys';
import { useDraft } from './useDraft';
import { useKeys } from './useKeys';

afterEach(() => {
    cleanup();
    localStorage.clear();
    sessionStorage.clear();
});

function Sheet({ menu = false }: { menu?: boolean }) {
    const [open, setOpen] = useState(false);
    return (
        <>
            <h1 tabIndex={-1}>The page</h1>
            {!(menu && open) && (
                <button
                    type="button"
                    onClick={() => {
                        setOpen(true);
                    }}
                >
                    Open
                </button>
            )}
            <Panel title="A sheet" open={open} onOpenChange={setOpen}>
                in it
            </Panel>
        </>
    );
}

describe('a sheet', () => {
    it.each([
        [false, 'BUTTON'],
        [true, 'H1'],
    ])('gives the focus back to what opened it, or to the title where that is gone (%s)', async (menu, tag) => {
        render(<Sheet menu={menu} />);
        screen.getByText('Open').focus();
        fireEvent.click(screen.getByText('Open'));
        expect(screen.getByRole('dialog').contains(document.activeElement)).toBe(true);
        fireEvent.keyDown(screen.getByRole('dialog'), { key: 'Escape' });
        await waitFor(() => {
            expect(document.activeElement?.tagName).toBe(tag);
        });
    });
});

function Keys({ onKey }: { onKey: () => void }) {
    useKeys({ p: onKey });
    return <input aria-label="typed" />;
}

describe('single keys', () => {
    it('act, but not while somebody types, and not once they are switched off', () => {
        const onKey = vi.fn();
        render(<Keys onKey={onKey} />);
        fireEvent.keyDown(document.body, { key: 'p' });
        fireEvent.keyDown(screen.getByLabelText('typed'), { key: 'p' });
        expect(onKey).toHaveBeenCalledTimes(1);
        switchSingleKeys(false);
        fireEvent.keyDown(document.body, { key: 'p' });
        expect(onKey).toHaveBeenCalledTimes(1);
        switchSingleKeys(true);
        fireEvent.keyDown(document.body, { key: 'p' });
        expect(onKey).toHaveBeenCalledTimes(2);
    });
});

function Form({ name }: { name: string }) {
    const [text, setText, done] = useDraft(name, 'first');
    return (
        <>
            <input
                aria-label={name}
                value={text}
                onChange={(event) => {
                    setText(event.target.value);
                }}
            />
            <button type="button" onClick={done}>
                Send
            </button>
        </>
    );
}

describe('a draft', () => {
    it('is found again until it is sent, each under its name', () => {
        const opened = (name: string) => {
            cleanup();
            render(<Form name={name} />);
            return screen.getByLabelText<HTMLInputElement>(name);
        };
        fireEvent.change(opened('one'), { target: { value: 'half a sent' } });
        expect(opened('other').value).toBe('first');
        expect(opened('one').value).toBe('half a sent');
        fireEvent.click(screen.getByText('Send'));
        expect(opened('one').value).toBe('first');
    });
});
