import { useEffect, useRef } from 'react';
import { useNavigationType } from 'react-router-dom';

/** A new page is announced: its title stands in the tab, and the focus goes to its heading, but on the way back to where one was. */
export function useArrival(title: string) {
    const heading = useRef<HTMLHeadingElement>(null);
    const how = useNavigationType();
    useEffect(() => {
        document.title = `${title}, Low Point`;
    }, [title]);
    useEffect(() => {
        if (how === 'POP') return;
        window.scrollTo(0, 0);
        heading.current?.focus();
    }, [how]);
    return heading;
}
