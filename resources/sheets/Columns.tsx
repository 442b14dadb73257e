import { said } from '../language';
import { useTranslation } from 'react-i18next';
import { SelectField } from '../ui/SelectField';
import type { Catalogue, DayOrder, SheetColumn, SheetDraft, SheetMapping } from '../api/types.gen';
import { Check } from '../ui/Check';

interface Props {
    draft: SheetDraft;
    catalogue: Catalogue;
    mapping: SheetMapping;
    /** The shot at which they were hit: nothing is offered that it cannot have. */
    shot: Shot | undefined;
    onMap: (mapping: SheetMapping) => void;
}

type Shot = Catalogue['shots'][number];

/** Which way a sheet may count, where our own sign is a convention. */
const OTHER_WAY: Record<string, string> = { touch_mm: said('+ is behind the ball'), start_deg: said('+ is left of the target') };

/** A cell of the first touch that says "seen, and no contact". */
const NO_CONTACT = 'none';

const DAY_ORDERS: readonly DayOrder[] = ['ymd', 'dmy', 'mdy'];

const ORDERS: Record<DayOrder, string> = { ymd: said('year first'), dmy: said('day first'), mdy: said('month first') };

/** Roles of a column beside the keys of a ball. */
const TIME = 'time';
const ONLY = 'only';

const row = 'grid grid-cols-[1fr_8rem] gap-3 sm:grid-cols-[14rem_1fr_8rem]';

const asItself = (word: string) => ({ value: word, label: word });

/** Each column of the sheet with what stands in it, and what of a ball it holds. */
export function Columns({ draft, catalogue, mapping, shot, onMap }: Props) {
    const { t } = useTranslation();
    return (
        <div>
            {mapping.decimal !== undefined && (
                <SelectField
                    label={t('Decimal sign')}
                    outer="mb-4 flex flex-wrap items-center gap-2"
                    className="mt-0! w-44"
                    options={[
                        ...(mapping.decimal === null ? [{ value: '', label: t('not said yet') }] : []),
                        { value: '.', label: t('a point: 9.5') },
                        { value: ',', label: t('a comma: 9,5') },
                    ]}
                    value={mapping.decimal ?? ''}
                    onValue={(sign) => {
                        onMap({ ...mapping, decimal: sign === ',' ? ',' : '.' });
                    }}
                />
            )}
            <p aria-hidden className={`${row} border-b-[1.5px] border-ink pb-1 font-semibold max-sm:hidden`}>
                <span>{t('Column of the sheet')}</span>
                <span>{t('What it holds')}</span>
                <span>{t('Unit')}</span>
            </p>
            <ul>
                {draft.columns.map((one) => (
                    <ColumnRow key={one.header} {...{ one, draft, catalogue, mapping, shot, onMap }} />
                ))}
            </ul>
        </div>
    );
}

/** One column: its header and samples, what it holds, and the unit or the order of day and month. */
function ColumnRow({ one, draft, catalogue, mapping, shot, onMap }: Props & { one: SheetDraft['columns'][number] }) {
    const { t } = useTranslation();
    const { header, samples, words, foreign } = one;
    const column = mapping.columns.find((other) => other.header === header);
    const role = mapping.time?.header === header ? TIME : mapping.only?.header === header ? ONLY : (column?.key ?? '');
    const units = column === undefined ? [] : (draft.units[column.key] ?? []);
    const put = (column: SheetColumn) => {
        onMap({ ...mapping, columns: mapping.columns.map((one) => (one.header === column.header ? column : one)) });
    };
    const give = (role: string) => {
        // A key of a ball stands in one column only.
        const free: SheetMapping = {
            ...mapping,
            columns: mapping.columns.filter((other) => other.header !== header && other.key !== role),
            time: mapping.time?.header === header ? null : mapping.time,
            only: mapping.only?.header === header ? null : mapping.only,
        };
        if (role === TIME) onMap({ ...free, time: { header, order: mapping.time?.order ?? 'ymd' } });
        else if (role === ONLY) onMap({ ...free, only: { header, is: words?.[0] ?? '' } });
        else
            onMap(
                role === ''
                    ? free
                    : {
                          ...free,
                          columns: [
                              ...free.columns,
                              { header, key: role, unit: draft.units[role]?.[0] ?? null, flipped: false, words: {} },
                          ],
                      },
            );
    };
    return (
        <li className={`${row} border-b border-line py-2`}>
            <div className="min-w-0 max-sm:col-span-2">
                <strong className="block break-words">{header}</strong>
                <span className="text-soft block text-sm wrap-anywhere">{samples.length === 0 ? t('empty') : samples.join(' · ')}</span>
            </div>
            <div className="min-w-0">
                <SelectField
                    unseen
                    label={t('What “{{header}}” holds', { header })}
                    className={`w-full ${role === '' ? 'text-soft' : 'font-bold!'}`}
                    options={[
                        { value: '', label: t('not needed') },
                        { value: TIME, label: t('Day and time') },
                        ...Object.entries(catalogue.ball)
                            .filter(([key, field]) => !field.sand_only || shot?.sand === true || key === role)
                            .map(([key, field]) => ({ value: key, label: field.label })),
                        ...(words !== null && words.length > 1 ? [{ value: ONLY, label: t('Which rows to read') }] : []),
                    ]}
                    value={role}
                    onValue={give}
                />
                {role === ONLY && mapping.only !== null && (
                    <SelectField
                        label={t('only those with')}
                        outer="mt-1 flex items-center gap-2"
                        className="mt-0! w-full max-w-40"
                        options={(words ?? []).map(asItself)}
                        value={mapping.only.is}
                        onValue={(is) => {
                            onMap({ ...mapping, only: { header, is } });
                        }}
                    />
                )}
                {column !== undefined && OTHER_WAY[column.key] !== undefined && (
                    <Check
                        className="mt-1"
                        checked={column.flipped}
                        onCheck={(flipped) => {
                            put({ ...column, flipped });
                        }}
                    >
                        {t(OTHER_WAY[column.key] ?? '')}
                    </Check>
                )}
                {column !== undefined && (
                    <Words
                        column={column}
                        foreign={foreign[column.key] ?? []}
                        catalogue={catalogue}
                        shot={shot}
                        onWords={(next) => {
                            put({ ...column, words: next });
                        }}
                    />
                )}
            </div>
            <div>
                {role === TIME && mapping.time !== null && (
                    <DayOrders
                        time={mapping.time}
                        onOrder={(order) => {
                            onMap({ ...mapping, time: { header, order } });
                        }}
                    />
                )}
                {units.length > 1 && (
                    <SelectField
                        unseen
                        label={t('Unit of “{{header}}”', { header })}
                        className="w-full"
                        options={units.map(asItself)}
                        value={column?.unit ?? ''}
                        onValue={(unit) => {
                            if (column !== undefined) put({ ...column, unit });
                        }}
                    />
                )}
            </div>
        </li>
    );
}

/** How a sheet writes a day: 03/04 is in March here and in April there. */
function DayOrders({ time, onOrder }: { time: NonNullable<SheetMapping['time']>; onOrder: (order: DayOrder) => void }) {
    const { t } = useTranslation();
    return (
        <SelectField
            unseen
            label={t('How “{{header}}” writes a day', { header: time.header })}
            className="w-full"
            options={DAY_ORDERS.map((order) => ({ value: order, label: t(ORDERS[order]) }))}
            value={time.order}
            onValue={onOrder}
        />
    );
}

/** The sheet's own words beside ours, for columns that hold words. */
function Words({
    column,
    foreign,
    catalogue,
    shot,
    onWords,
}: {
    column: SheetColumn;
    foreign: string[];
    catalogue: Catalogue;
    shot: Shot | undefined;
    onWords: (words: Record<string, string>) => void;
}) {
    const { t } = useTranslation();
    const field = catalogue.ball[column.key];
    const ofShot = column.key === 'strike' ? shot?.strikes.map((one) => one.id as string) : undefined;
    const ours =
        field?.kind === 'choice'
            ? field.answers
                  .map((answer) => ({ value: String(answer.value), label: answer.label }))
                  .filter(({ value }) => ofShot === undefined || ofShot.includes(value))
            : [{ value: NO_CONTACT, label: t('no ground contact') }];
    if (foreign.length === 0) return null;
    return (
        <ul className="mt-1 space-y-1">
            {foreign.map((word) => (
                <li key={word}>
                    <div className="flex items-center gap-2">
                        <span aria-hidden className="min-w-0 flex-1 break-words">
                            {t('“{{word}}” is', { word })}
                        </span>
                        <SelectField
                            unseen
                            label={t('What “{{word}}” is', { word })}
                            className="w-48 max-sm:w-36"
                            options={[{ value: '', label: '?' }, ...ours]}
                            value={column.words[word.toLowerCase()] ?? ''}
                            onValue={(meant) => {
                                const others = Object.entries(column.words).filter(([one]) => one !== word.toLowerCase());
                                onWords(Object.fromEntries(meant === '' ? others : [...others, [word.toLowerCase(), meant]]));
                            }}
                        />
                    </div>
                </li>
            ))}
        </ul>
    );
}

/** The sheet's own words of which nobody has said yet what they mean. */
export const unsaid = (draft: SheetDraft, mapping: SheetMapping): string[] =>
    mapping.columns.flatMap(({ header, key, words }) =>
        (draft.columns.find((one) => one.header === header)?.foreign[key] ?? []).filter((word) => !(word.toLowerCase() in words)),
    );
