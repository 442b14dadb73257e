import { useTranslation } from 'react-i18next';
import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { ulid } from 'ulid';
import { answer, api, at } from '../api/client';
import { observableOf } from '../api/catalogue';
import { changed, useDrills, useOwnWay } from '../ask/queries';
import type { BallSet, Catalogue, DrillHandout, Lesson, OwnCard, OwnWay as Own, Units } from '../api/types.gen';
import { Button } from '../ui/Button';
import { notify } from '../ui/notices';
import { Skeleton, Trouble } from '../frame/Page';
import { TextField } from '../ui/TextField';
import { useDraft } from '../ui/useDraft';
import { numberOr, observed, shownFactor } from '../ui/units';
import { OwnCards } from './OwnCards';
import { OwnDrills } from './OwnDrills';
import { OwnFigures, type TypedFigure } from './OwnFigures';
import { told } from '../api/told';

interface OwnBundle {
    figures: { observable: string; to: number; text: string }[];
    feel: string;
    drills: DrillHandout[];
}

interface Props {
    lesson: Lesson;
    set: BallSet;
    catalogue: Catalogue;
    units: Units;
    onGive: (bundle: OwnBundle) => void;
}

/** A coach who works differently puts his own bundle together: figures, a feel, drills; kept as a card, it is offered again. */
export function OwnWay({ lesson, set, catalogue, units, onGive }: Props) {
    const own = useOwnWay();
    const sheets = useDrills(lesson.id, set.id);
    if (own.isError) return <Trouble error={own.error} onRetry={() => void own.refetch()} />;
    if (sheets.isError) return <Trouble error={sheets.error} onRetry={() => void sheets.refetch()} />;
    if (own.data === undefined || sheets.data === undefined) return <Skeleton />;
    return <Bundle own={own.data} sheets={sheets.data.drills} {...{ lesson, set, catalogue, units, onGive }} />;
}

function Bundle({ own, sheets, lesson, set, catalogue, units, onGive }: Props & { own: Own; sheets: DrillHandout[] }) {
    const { t } = useTranslation();
    const queries = useQueryClient();
    const [figures, setFigures] = useDraft<TypedFigure[]>(`own figures ${set.id}`, []);
    const [feel, setFeel] = useDraft(`own feel ${set.id}`, '');
    const [chosen, setChosen] = useDraft<string[]>(`own drills ${set.id}`, []);
    const [name, setName] = useState('');
    const [wrong, setWrong] = useState('');
    const { shot } = lesson.task;
    const stored = figures.flatMap(({ observable, typed }) => {
        const what = observableOf(catalogue, observable);
        const value = numberOr(typed);
        return what === undefined || typed.trim() === ''
            ? []
            : [{ observable: what.id, to: typeof value === 'number' ? value * shownFactor(what.unit, units) : value, what }];
    });
    const again = () => queries.invalidateQueries(changed.own);
    const trouble = (error: unknown) => {
        setWrong(told(error));
    };
    const take = (card: OwnCard) => {
        setFigures(
            card.figures.flatMap((one) => {
                const what = observableOf(catalogue, one.observable);
                const shown = what === undefined ? 0 : Math.round((one.to / shownFactor(what.unit, units)) * 10) / 10;
                return what === undefined ? [] : [{ observable: one.observable, typed: String(shown) }];
            }),
        );
        setFeel(card.feel);
        setChosen(card.drills.filter((id) => sheets.some((sheet) => sheet.id === id)));
        setName(card.name);
    };
    const keep = () => {
        const same = own.cards.find((card) => card.name === name.trim() && card.shot === shot);
        const kept = { name, shot, figures: stored.map(({ observable, to }) => ({ observable, to })), feel, drills: chosen };
        answer(api.PUT('/api/own/cards/{card}', { ...at({ card: same?.id ?? ulid() }), body: kept }))
            .then((card) => {
                setWrong(t('Kept as “{{name}}”. It is offered the next time.', { name: card.name }));
                return again();
            })
            .catch(trouble);
    };
    return (
        <>
            <OwnCards
                cards={own.cards.filter((card) => card.shot === shot)}
                onTake={take}
                onForget={(card) => {
                    api.DELETE('/api/own/cards/{card}', at({ card: card.id }))
                        .then(() => {
                            notify(t('The card “{{name}}” was taken out.', { name: card.name }), () =>
                                api.PUT('/api/own/cards/{card}', { ...at({ card: card.id }), body: card }).then(again),
                            );
                            return again();
                        })
                        .catch(trouble);
                }}
            />
            <OwnFigures {...{ figures, catalogue, units }} most={own.most.figures} setup={set.setup} onChange={setFigures} />
            <TextField
                label={t('Feel, in your words')}
                outer="mb-4 block text-lg font-semibold"
                className="w-full text-base"
                maxLength={catalogue.most.text}
                value={feel}
                onValue={setFeel}
            />
            <OwnDrills
                {...{ own, chosen }}
                drills={sheets}
                onChoose={setChosen}
                onKept={() => Promise.all([again(), queries.invalidateQueries(changed.drills(set.id))])}
            />
            <div className="mt-4 flex flex-wrap items-end gap-2 border-t border-line pt-3">
                <TextField label={t('Keep it as a card named')} outer="font-semibold" maxLength={60} value={name} onValue={setName} />
                <Button disabled={name.trim() === '' || feel.trim() === ''} onClick={keep}>
                    {t('Keep the card')}
                </Button>
                <p role="status" className="basis-full">
                    {wrong}
                </p>
            </div>
            <Button
                main
                className="mt-2"
                disabled={feel.trim() === ''}
                onClick={() => {
                    onGive({
                        figures: stored.map(({ observable, to, what }) => ({
                            observable,
                            to,
                            text: `${what.label} ${observed(what, to, units)}`,
                        })),
                        feel: feel.trim(),
                        drills: sheets.filter((drill) => chosen.includes(drill.id)),
                    });
                }}
            >
                {t('Hand it out')}
            </Button>
        </>
    );
}
