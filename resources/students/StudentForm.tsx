import { useTranslation } from 'react-i18next';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate } from 'react-router-dom';
import { ulid } from 'ulid';
import { api, at } from '../api/client';
import { changed, useCatalogue, useCoach } from '../ask/queries';
import type { Club, Field, Student, Units } from '../api/types.gen';
import { LANGUAGES, said, type Language } from '../language';
import { Button } from '../ui/Button';
import { Choice } from '../ui/Choice';
import { Panel } from '../ui/Panel';
import { TextField } from '../ui/TextField';
import { numberOr, shownFactor, shownUnit } from '../ui/units';
import { useDraft } from '../ui/useDraft';
import { ClubRows, clubsOf, rowsOf, type ClubRow } from '../you/ClubRows';
import { Problem } from '../ui/Problem';
import { told } from '../api/told';
import { Check } from '../ui/Check';

const LONGEST_ABOUT = 500;
const UNITS: { value: Units | ''; label: string }[] = [
    { value: '', label: said('units as mine') },
    { value: 'metric', label: said('metres, cm') },
    { value: 'imperial', label: said('yards, inches') },
];
const PAGE_LANGUAGES: { value: Language | ''; label: string }[] = [
    { value: '', label: said('language of the phone') },
    { value: 'en', label: LANGUAGES.en },
    { value: 'de', label: LANGUAGES.de },
];
const box = 'mt-1 block min-h-12 w-full border-[1.5px] border-ink bg-press px-3 font-normal';

/** A student to add or to change; what to take care of decides which drills are left out. */
export function StudentForm({ student, onClose }: { student?: Student; onClose: () => void }) {
    const { t } = useTranslation();
    const { data: catalogue } = useCatalogue();
    const { data: coach } = useCoach();
    const queries = useQueryClient();
    const navigate = useNavigate();
    const [id] = useState(() => student?.id ?? ulid());
    const [draft, setDraft, kept] = useDraft(`student ${student?.id ?? 'new'}`, {
        name: student?.name ?? '',
        handed: student?.handed ?? 'right',
        about: student?.about ?? '',
        limits: student?.limits ?? [],
        units: student?.units ?? null,
        language: student?.language ?? null,
        step_m: student?.step_m ?? null,
        /** Null = the coach’s clubs. */
        clubs: student?.bag == null ? null : rowsOf(student.bag),
    });
    const save = useMutation({
        mutationFn: () => {
            const { clubs, ...rest } = draft;
            return api.PUT('/api/students/{student}', {
                ...at({ student: id }),
                body: { ...rest, bag: clubs === null ? null : clubsOf(clubs) },
            });
        },
        onSuccess: async () => {
            kept();
            await queries.invalidateQueries(changed.students);
            onClose();
            if (student === undefined) await navigate(`/students/${id}`);
        },
    });
    return (
        <Panel title={student === undefined ? t('A new student') : t('Change the student')} open onOpenChange={onClose}>
            <form
                className="space-y-4"
                onSubmit={(event) => {
                    event.preventDefault();
                    if (!save.isPending) save.mutate();
                }}
            >
                <label className="block font-semibold">
                    {t('Name')}
                    <input
                        className={box}
                        required
                        value={draft.name}
                        onChange={(event) => {
                            setDraft({ ...draft, name: event.target.value });
                        }}
                    />
                </label>
                <div role="group" aria-label={t('Plays')} className="flex gap-2">
                    {(['right', 'left'] as const).map((handed) => (
                        <Button
                            key={handed}
                            chosen={draft.handed === handed}
                            onClick={() => {
                                setDraft({ ...draft, handed });
                            }}
                        >
                            {handed === 'left' ? t('left-handed') : t('right-handed')}
                        </Button>
                    ))}
                </div>
                <label className="block font-semibold">
                    {t('Your own note, for you alone')}
                    <input
                        className={box}
                        maxLength={LONGEST_ABOUT}
                        value={draft.about}
                        onChange={(event) => {
                            setDraft({ ...draft, about: event.target.value });
                        }}
                    />
                </label>
                <Limits
                    limits={draft.limits}
                    onLimits={(limits) => {
                        setDraft({ ...draft, limits });
                    }}
                />
                <Choice
                    label={t('Units on the student’s page')}
                    value={draft.units ?? ''}
                    options={UNITS.map((one) => ({ ...one, label: t(one.label) }))}
                    onChoose={(units) => {
                        setDraft({ ...draft, units: units === '' ? null : units });
                    }}
                />
                <Choice
                    label={t('Language of the student’s page')}
                    value={draft.language ?? ''}
                    options={PAGE_LANGUAGES.map((one) => ({ ...one, label: t(one.label) }))}
                    onChoose={(language) => {
                        setDraft({ ...draft, language: language === '' ? null : language });
                    }}
                />
                {catalogue?.plan['step_m'] !== undefined && coach !== undefined && (
                    <Step
                        field={catalogue.plan['step_m']}
                        units={coach.units}
                        value={draft.step_m}
                        onStep={(step) => {
                            setDraft({ ...draft, step_m: step });
                        }}
                    />
                )}
                <OwnClubs
                    rows={draft.clubs}
                    first={student?.clubs ?? catalogue?.clubs ?? []}
                    onRows={(clubs) => {
                        setDraft({ ...draft, clubs });
                    }}
                />
                <Problem text={told(save.error)} />
                <Button type="submit" main disabled={save.isPending}>
                    {student === undefined ? t('Add the student') : t('Save')}
                </Button>
            </form>
        </Panel>
    );
}

/** What to take care of: each leaves drills out. */
function Limits({ limits, onLimits }: { limits: Student['limits']; onLimits: (limits: Student['limits']) => void }) {
    const { t } = useTranslation();
    const { data: catalogue } = useCatalogue();
    return (
        <div role="group" aria-label={t('To take care of')}>
            <p className="mb-1 font-semibold">{t('To take care of')}</p>
            <div className="flex flex-wrap gap-1.5">
                {catalogue?.limits.map((limit) => (
                    <Button
                        key={limit.id}
                        chosen={limits.includes(limit.id)}
                        onClick={() => {
                            onLimits(limits.includes(limit.id) ? limits.filter((one) => one !== limit.id) : [...limits, limit.id]);
                        }}
                    >
                        {limit.name}
                    </Button>
                ))}
            </div>
        </div>
    );
}

/** Whether he plays the clubs that the coach has at hand, or his own. */
function OwnClubs({ rows, first, onRows }: { rows: ClubRow[] | null; first: Club[]; onRows: (rows: ClubRow[] | null) => void }) {
    const { t } = useTranslation();
    return (
        <div role="group" aria-label={t('Clubs')}>
            <Check
                className="font-semibold"
                checked={rows !== null}
                onCheck={(own) => {
                    onRows(own ? rowsOf(first) : null);
                }}
            >
                {t('Plays clubs of his own')}
            </Check>
            {rows !== null && <ClubRows rows={rows} onRows={onRows} />}
        </div>
    );
}

interface StepProps {
    field: Field;
    units: Units;
    /** m; null = as anybody’s. */
    value: number | null;
    onStep: (metres: number | null) => void;
}

/** How long his step is: distances are paced with him. What is no number goes out as typed: the server names what is wrong with it. */
function Step({ field, units, value, onStep }: StepProps) {
    const factor = shownFactor(field.unit, units);
    const [typed, setTyped] = useState(() => (value === null ? '' : String(Math.round((value / factor) * 100) / 100)));
    return (
        <TextField
            label={`${field.label}, ${shownUnit(field.unit, units)}`}
            className="w-24"
            inputMode="decimal"
            value={typed}
            onValue={(text) => {
                setTyped(text);
                const number = numberOr(text);
                onStep(text.trim() === '' ? null : typeof number === 'number' ? number * factor : number);
            }}
        />
    );
}
