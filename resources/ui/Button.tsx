import type { ButtonHTMLAttributes } from 'react';

interface Props extends ButtonHTMLAttributes<HTMLButtonElement> {
    chosen?: boolean;
    main?: boolean;
    hotkey?: string;
}

/** Ink line on off-white; filled ink when chosen or the main action. The key that does the same stands on it. */
export function Button({ chosen, main, hotkey, className = '', children, ...rest }: Props) {
    const filled = chosen === true || main === true;
    return (
        <button
            type="button"
            aria-pressed={chosen}
            aria-keyshortcuts={hotkey}
            className={`min-h-12 border-[1.5px] border-ink px-3 font-semibold disabled:border-line disabled:text-soft ${filled ? 'bg-ink text-paper disabled:bg-soil' : 'bg-press text-ink'} ${className}`}
            {...rest}
        >
            {hotkey !== undefined && children !== undefined && (
                <kbd className="mr-2 max-sm:hidden font-text text-sm font-normal opacity-80">{hotkey}</kbd>
            )}
            {children}
        </button>
    );
}
