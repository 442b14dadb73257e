import { Tabs } from 'radix-ui';
import type { ReactNode } from 'react';
import { useSearchParams } from 'react-router-dom';

interface PageTab {
    id: string;
    title: string;
    content: ReactNode;
}

const TAB =
    'min-h-12 border-[1.5px] border-ink bg-press px-4 font-semibold -ml-[1.5px] data-[state=active]:bg-ink data-[state=active]:text-paper';

interface Props {
    label: string;
    tabs: [PageTab, ...PageTab[]];
    /** Stands beside the row of tabs. */
    beside?: ReactNode;
}

/** The parts of a page, one at a time: the address says which, so that it can be kept and gone back to. */
export function PageTabs({ label, tabs, beside }: Props) {
    const [asked, setAsked] = useSearchParams();
    const open = tabs.find((one) => one.id === asked.get('tab')) ?? tabs[0];
    return (
        <Tabs.Root
            value={open.id}
            onValueChange={(tab) => {
                setAsked({ tab }, { replace: true });
            }}
        >
            <div className="mb-4 flex flex-wrap items-center gap-6 print:hidden">
                <Tabs.List aria-label={label} className="flex flex-wrap pl-[1.5px]">
                    {tabs.map(({ id, title }) => (
                        <Tabs.Trigger key={id} className={TAB} value={id}>
                            {title}
                        </Tabs.Trigger>
                    ))}
                </Tabs.List>
                {beside}
            </div>
            {tabs.map(({ id, content }) => (
                <Tabs.Content key={id} value={id}>
                    {content}
                </Tabs.Content>
            ))}
        </Tabs.Root>
    );
}
