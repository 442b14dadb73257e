import { word } from '../language/trade';
import { useTranslation } from 'react-i18next';
import { SingleKeys } from '../ui/SingleKeys';
import { Panel } from '../ui/Panel';
import { MARK_KEYS } from './NextBall';

interface Props {
    open: boolean;
    onOpenChange: (open: boolean) => void;
    strikes: string[];
}

export function Shortcuts({ open, onOpenChange, strikes }: Props) {
    const { t } = useTranslation();
    const keys: [string, string][] = [
        ['a s d f g h j k l', t('first touch, 8 cm left of the ball in the picture to 8 cm right of it; g is at the ball')],
        ['← →', t('move the touch by half a centimetre')],
        ['n', t('no ground contact')],
        ...Object.entries(MARK_KEYS).map(([mark, key]): [string, string] => [key, t('the mark was {{mark}}', { mark: word(mark) })]),
        ...strikes.map((strike, i): [string, string] => [String(i + 1), t('{{strike}}, and the ball is logged', { strike: word(strike) })]),
        ['z / y', t('undo / redo')],
        ['c', t('set-up as in the set before, or as in the last lesson')],
        ['i', t('what if')],
        ['p', t('write down what to work on')],
        [t('Delete'), t('in the drawing: this was not looked at')],
        ['Esc', t('forget the touch, close a sheet')],
        ['?', t('this list')],
    ];
    return (
        <Panel title={t('Keys')} open={open} onOpenChange={onOpenChange}>
            <SingleKeys />
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
