import { Popover } from 'radix-ui';
import type { ReactNode } from 'react';

interface Props {
    text: string;
    /** Word of the trade => what it means. */
    glossary: Record<string, string>;
}

/** A text whose words of the trade are dotted: a press opens one sentence in place. Each is explained once in a text. */
export function Explained({ text, glossary }: Props): ReactNode {
    const terms = Object.keys(glossary).sort((a, b) => b.length - a.length);
    if (terms.length === 0) return text;
    const parts = text.split(new RegExp(`\\b(${terms.map((one) => one.replace(/[/]/g, '\\/')).join('|')})\\b`, 'i'));
    const told = new Set<string>();
    return parts.map((part, i) => {
        const term = terms.find((one) => one.toLowerCase() === part.toLowerCase());
        if (term === undefined || told.has(term)) return part;
        told.add(term);
        return (
            <Popover.Root key={i}>
                <Popover.Trigger className="cursor-help border-b-2 border-dotted border-ink">{part}</Popover.Trigger>
                <Popover.Portal>
                    <Popover.Content
                        sideOffset={6}
                        collisionPadding={12}
                        className="z-10 max-w-xs border-[1.5px] border-ink bg-paper p-3 leading-snug"
                    >
                        <strong>{term}:</strong> {glossary[term]}
                    </Popover.Content>
                </Popover.Portal>
            </Popover.Root>
        );
    });
}
