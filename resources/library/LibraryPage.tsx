import { word } from '../language/trade';
import { NowAndAsked } from '../figures/NowAndAsked';
import { useTranslation } from 'react-i18next';
import { createContext, useContext, useState, type ReactNode } from 'react';
import { useLibrary } from '../ask/queries';
import type { Library, LibraryCause, LibraryDrill, LibrarySchool } from '../api/types.gen';
import { Page, Skeleton, Trouble } from '../frame/Page';
import { PageTabs } from '../ui/PageTabs';
import { Explained } from './Explained';

/** What the words of the trade mean. */
const Glossary = createContext<Record<string, string>>({});

function Told({ text }: { text: string }) {
    return <Explained text={text} glossary={useContext(Glossary)} />;
}

/** What the engine knows, to read up on: causes, drills and schools. */
export function LibraryPage() {
    const { t } = useTranslation();
    const library = useLibrary();
    return (
        <Page title={t('Library')}>
            {library.isPending && <Skeleton />}
            {library.isError && <Trouble error={library.error} onRetry={() => void library.refetch()} />}
            {library.data && (
                <Glossary value={library.data.glossary}>
                    <Shelves library={library.data} />
                </Glossary>
            )}
        </Page>
    );
}

function Shelves({ library }: { library: Library }) {
    const { t } = useTranslation();
    const [sought, setSought] = useState('');
    const fits = (text: string) => text.toLowerCase().includes(sought.trim().toLowerCase());
    return (
        <PageTabs
            label={t('Shelves')}
            beside={
                <label className="flex min-w-0 items-center gap-2 font-semibold">
                    {t('Find')}
                    <input
                        type="search"
                        className="min-h-12 w-64 min-w-0 shrink border-[1.5px] border-ink bg-press px-3 font-normal"
                        value={sought}
                        onChange={(event) => {
                            setSought(event.target.value);
                        }}
                    />
                </label>
            }
            tabs={[
                {
                    id: 'causes',
                    title: t('Causes · {{n}}', { n: library.causes.length }),
                    content: library.causes
                        .filter((one) => fits(`${one.name} ${one.evidence.join(' ')} ${one.shots.join(' ')}`))
                        .map((one) => <Cause key={one.id} cause={one} drills={library.drills} />),
                },
                {
                    id: 'drills',
                    title: t('Drills · {{n}}', { n: library.drills.length }),
                    content: (
                        <>
                            <aside className="mb-4 border-l-[6px] border-ochre bg-ochre-wash p-3">
                                {library.cautions.map((caution) => (
                                    <p key={caution}>{caution}</p>
                                ))}
                            </aside>
                            {library.drills
                                .filter((one) => fits(`${one.name} ${one.purpose} ${one.serves.join(' ')} ${one.shots.join(' ')}`))
                                .map((one) => (
                                    <Drill key={one.id} drill={one} />
                                ))}
                        </>
                    ),
                },
                {
                    id: 'schools',
                    title: t('Schools · {{n}}', { n: library.schools.length }),
                    content: library.schools
                        .filter((one) => fits(`${one.name} ${one.idea}`))
                        .map((one) => <School key={one.id} school={one} />),
                },
            ]}
        />
    );
}

function Entry({ title, tag, lead, children }: { title: string; tag: string; lead: string; children: ReactNode }) {
    return (
        <details className="border-b border-line">
            <summary className="min-h-14 cursor-pointer py-3">
                <span className="display text-xl">{title}</span> <span className="ml-2">{tag}</span>
                <span className="block">{lead}</span>
            </summary>
            <div className="pb-5 pl-4">{children}</div>
        </details>
    );
}

function List({ title, items, ordered }: { title: string; items: string[]; ordered?: boolean }) {
    if (items.length === 0) return null;
    const lines = items.map((item) => (
        <li key={item}>
            <Told text={item} />
        </li>
    ));
    return (
        <div className="mt-3">
            <h3 className="font-text text-base font-bold">{title}</h3>
            {ordered === true ? <ol className="list-decimal pl-5">{lines}</ol> : <ul className="list-disc pl-5">{lines}</ul>}
        </div>
    );
}

function Cause({ cause, drills }: { cause: LibraryCause; drills: LibraryDrill[] }) {
    const { t } = useTranslation();
    const tag = [...cause.shots.map(word), ...(cause.lies ?? [])].join(', ');
    return (
        <Entry title={cause.name} tag={tag} lead={cause.setup}>
            {cause.pictures !== undefined && cause.pictures.length > 0 && (
                <div className="max-w-md">
                    <NowAndAsked views={cause.pictures} handed="right" slim />
                </div>
            )}
            <List title={t('What speaks for it, or against')} items={cause.evidence} />
            <p className="mt-3">
                <Told text={cause.if_wrong} />
            </p>
            <List title={t('Feels')} items={Object.values(cause.feels)} />
            <p className="mt-3">
                <Told text={`${cause.stop} ${t('What must move: {{measure}}.', { measure: cause.measure })}`} />
            </p>
            <List title={t('Drills')} items={cause.drills.map((id) => drills.find((drill) => drill.id === id)?.name ?? id)} />
        </Entry>
    );
}

function Drill({ drill }: { drill: LibraryDrill }) {
    const { t } = useTranslation();
    return (
        <Entry title={drill.name} tag={drill.shots.map(word).join(', ')} lead={drill.purpose}>
            <List title={t('Steps')} items={drill.steps} ordered />
            <p className="mt-3">
                {t('{{sets}} × {{balls}}, {{minutes}} minutes. Passed: {{pass}}', {
                    sets: drill.dose.sets,
                    balls: drill.dose.balls,
                    minutes: drill.dose.minutes,
                    pass: drill.pass.text,
                })}
            </p>
            <p>
                {t('Easier: {{easier}} Harder: {{harder}} Feel: {{feel}}', {
                    easier: drill.easier,
                    harder: drill.harder,
                    feel: drill.feel,
                })}
            </p>
            <List
                title={t('Needs')}
                items={[...drill.equipment, t('ground: {{grounds}}', { grounds: drill.grounds.map(word).join(', ') })]}
            />
            <List title={t('Cautions')} items={drill.cautions} />
            <List title={t('Left out')} items={Object.values(drill.not_with)} />
            <List title={t('Serves')} items={drill.serves} />
        </Entry>
    );
}

function School({ school }: { school: LibrarySchool }) {
    const { t } = useTranslation();
    return (
        <Entry title={school.name} tag={school.cards.map((card) => word(card.shot)).join(', ')} lead={school.idea}>
            {school.cards.map((card) => (
                <List
                    key={card.shot}
                    title={t('Card for a {{shot}}: {{lies}}', { shot: word(card.shot), lies: card.lies.join(', ') })}
                    items={card.figures}
                />
            ))}
        </Entry>
    );
}
