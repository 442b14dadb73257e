import { switchSingleKeys, useSingleKeys } from '../ui/singleKeys';
import { Panel } from '../ui/Panel';
import { MARK_KEYS } from './NextBall';

interface Props {
    open: boolean;
    onOpenChange: (open: boolean) => void;
    strikes: string[];
}

export function Shortcuts({ open, onOpenChange, strikes }: Props) {
    const on = useSingleKeys();
    const keys: [string, string][] = [
        ['a s d f g h j k l', 'first touch, 8 cm left of the ball in the picture to 8 cm right of it; g is at the ball'],
        ['← →', 'move the touch by half a centimetre'],
        ['n', 'no ground contact'],
        ...Object.entries(MARK_KEYS).map(([mark, key]): [string, string] => [key, `the mark was ${mark}`]),
        ...strikes.map((strike, i): [string, string] => [String(i + 1), `${strike}, and the ball is logged`]),
        ['z / y', 'undo / redo'],
        ['c', 'set-up as in the set before, or as in the last lesson'],
        ['i', 'what if'],
        ['p', 'prescribe'],
        ['Delete', 'in the drawing: this was not looked at'],
        ['Esc', 'forget the touch, close a sheet'],
        ['?', 'this list'],
    ];
    return (
        <Panel title="Keys" open={open} onOpenChange={onOpenChange}>
            <label className="mb-4 flex min-h-12 items-center gap-3 font-semibold">
                <input
                    type="checkbox"
                    className="size-6"
                    checked={on}
                    onChange={(event) => {
                        switchSingleKeys(event.target.checked);
                    }}
                />
                Single keys on this device
            </label>
            <dl className="grid grid-cols-[10rem_1fr] gap-y-2">
                {keys.map(([key, what]) => (
                    <div key={key} className="contents">
                        <dt className="font-bold">{key}</dt>
                        <dd>{what}</dd>
                    </div>
                ))}
            </dl>
        </Panel>
    );
}
