// @vitest-environment happy-dom
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { Moving } from './Moving';

const wanted = (motion: boolean) => vi.spyOn(window, 'matchMedia').mockReturnValue({ matches: !motion } as MediaQueryList);
const show = (motion: string | null) => {
    render(<Moving figure="<svg>rest</svg>" motion={motion} alt="Arm drop" className="" />);
};
const shown = () => decodeURIComponent(screen.getByRole('img', { name: 'Arm drop' }).getAttribute('src') ?? '');

afterEach(() => {
    cleanup();
    vi.restoreAllMocks();
});

describe('what is done in a drill', () => {
    it('moves until it is pressed', () => {
        wanted(true);
        show('<svg>motion</svg>');
        expect(shown()).toContain('motion');
        // On paper it is at rest.
        expect(document.querySelector('.print\\:block img')?.getAttribute('src')).toContain('rest');
        fireEvent.click(screen.getByRole('button'));
        expect(shown()).toContain('rest');
        expect(screen.getByRole('button').getAttribute('aria-pressed')).toBe('false');
    });

    it('stands still where motion is not wanted, and where nothing in it moves there is nothing to press', () => {
        wanted(false);
        show('<svg>motion</svg>');
        expect(shown()).toContain('rest');
        cleanup();
        show(null);
        expect(screen.queryByRole('button')).toBeNull();
        expect(shown()).toContain('rest');
    });
});
