import { infiniteQueryOptions, keepPreviousData, queryOptions, useInfiniteQuery, useQuery } from '@tanstack/react-query';
import { callOrHere } from '../core/here';
import { owner } from '../outbox/owner';
import { readAt } from '../ui/reader';
import { call } from './client';
import { callOrKept } from './kept';
import type {
    Academy,
    AccountLink,
    ArchiveImport,
    Audit,
    BinEntry,
    Brush,
    Brushed,
    Calibration,
    Catalogue,
    Change,
    Coach,
    Comparison,
    Consent,
    Distances,
    Door,
    DrillFeed,
    Drills,
    FeedDevice,
    FirstStart,
    Health,
    LessonFeed,
    LessonPage,
    Library,
    MeasurePicture,
    MadeUpSwing,
    MeasuredPicture,
    MeasuredTrace,
    MeasureTrace,
    Outlook,
    OwnWay,
    PlanShot,
    Practice,
    Progress,
    ReportBatch,
    Revision,
    SandPlan,
    SandQuestion,
    Session,
    ShareLink,
    SheetImport,
    ShotPlan,
    Still,
    Student,
    StudentPage,
    StudentShare,
    Today,
} from './types.gen';

/** What is asked again after a change: all of these and what hangs on them. */
export const changed = {
    students: { queryKey: ['students'] },
    today: { queryKey: ['students', 'today'] },
    student: (id: string) => ({ queryKey: ['students', id] }),
    bin: { queryKey: ['bin'] },
    sessions: { queryKey: ['sessions'] },
    firstStart: { queryKey: ['first-start'] },
    own: { queryKey: ['own'] },
    drills: (setId: string) => ({ queryKey: ['drills', setId] }),
    devices: { queryKey: ['feed-devices'] },
    feed: (lessonId: string) => ({ queryKey: ['feed', lessonId] }),
    drillFeed: (studentId: string) => ({ queryKey: ['drill feed', studentId] }),
    practice: (path: string) => ({ queryKey: ['practice', path] }),
    links: (path: string) => ({ queryKey: ['links', path] }),
    consents: (studentId: string) => ({ queryKey: ['consents', studentId] }),
    academy: { queryKey: ['academy'] },
    accountLinks: { queryKey: ['academy', 'links'] },
    calibration: { queryKey: ['academy', 'calibration'] },
    shares: (studentId: string) => ({ queryKey: ['shares', studentId] }),
};

/** Another device may be at work on the same lesson: while nothing waits here, it is looked at again from time to time. */
const OTHER_DEVICES_MS = 8000;

/** Work beside the web server is looked at so often while it goes on. */
const LOOK_AGAIN_MS = 500;

/** What was chosen, as the query of an address. */
const chosen = (all: Record<string, string>) => new URLSearchParams(Object.entries(all).filter(([, value]) => value !== '')).toString();

export const lessonPath = (id: string) => `lessons/${id}`;

/** Each thing that is read, by its key. */
export const ask = {
    coach: () =>
        queryOptions({
            queryKey: ['me'],
            queryFn: async () => {
                const coach = await callOrKept<Coach>('me');
                owner.is(coach.owner_key);
                readAt(coach.timezone);
                return coach;
            },
            retry: false,
        }),
    catalogue: () => queryOptions({ queryKey: ['catalogue'], queryFn: () => callOrKept<Catalogue>('catalogue'), staleTime: Infinity }),
    library: () => queryOptions({ queryKey: ['library'], queryFn: () => callOrKept<Library>('library'), staleTime: Infinity }),
    /** A page after the other; on a device that kept the first one, without a connection too. */
    today: (asked: Record<string, string>) =>
        infiniteQueryOptions({
            queryKey: [...changed.today.queryKey, asked],
            queryFn: ({ pageParam }) => callOrKept<Today>(`today?${chosen({ ...asked, page: pageParam === 1 ? '' : String(pageParam) })}`),
            initialPageParam: 1,
            getNextPageParam: (last) => last.next_page,
            placeholderData: keepPreviousData,
        }),
    student: (id: string) => queryOptions({ ...changed.student(id), queryFn: () => callOrKept<Student>(`students/${id}`) }),
    /** @param only the shot and lie to look at, and how many lessons to draw; all of them where nothing is chosen */
    progress: (id: string, only: Record<string, string>) =>
        queryOptions({
            queryKey: [...changed.student(id).queryKey, 'progress', only],
            queryFn: () => callOrKept<Progress>(`students/${id}/progress?${chosen(only)}`),
            placeholderData: keepPreviousData,
        }),
    /**
     * @param path the student's on the coach's side, or that of a private link
     * @param language where the reader of a private link has chosen one
     */
    practice: (path: string, language = '') =>
        queryOptions({
            queryKey: [...changed.practice(path).queryKey, language],
            queryFn: () =>
                callOrKept<Practice>(
                    path.startsWith('shared/') ? `${path}${language === '' ? '' : `?language=${language}`}` : `${path}/practice`,
                ),
        }),
    firstStart: () => queryOptions({ ...changed.firstStart, queryFn: () => call<FirstStart>('GET', 'first-start'), retry: false }),
    sessions: () => queryOptions({ ...changed.sessions, queryFn: () => call<Session[]>('GET', 'sessions'), retry: false }),
    academy: () => queryOptions({ ...changed.academy, queryFn: () => callOrKept<Academy>('academy') }),
    /** What only a lead sees of an academy. */
    outlook: () =>
        queryOptions({ queryKey: [...changed.academy.queryKey, 'outlook'], queryFn: () => call<Outlook>('GET', 'academy/outlook') }),
    accountLinks: () => queryOptions({ ...changed.accountLinks, queryFn: () => call<AccountLink[]>('GET', 'academy/links') }),
    calibration: () => queryOptions({ ...changed.calibration, queryFn: () => call<Calibration>('GET', 'academy/calibration') }),
    health: () => queryOptions({ queryKey: ['health'], queryFn: () => call<Health>('GET', 'health') }),
    audit: () =>
        infiniteQueryOptions({
            queryKey: [...changed.academy.queryKey, 'audit'],
            queryFn: ({ pageParam }) => call<Audit>('GET', `academy/audit?page=${String(pageParam)}`),
            initialPageParam: 1,
            getNextPageParam: (last) => last.next_page,
        }),
    studentsOf: (coachId: string) =>
        infiniteQueryOptions({
            queryKey: [...changed.academy.queryKey, 'students', coachId],
            queryFn: ({ pageParam }) => call<StudentPage>('GET', `academy/coaches/${coachId}/students?page=${String(pageParam)}`),
            initialPageParam: 1,
            getNextPageParam: (last) => last.next_page,
        }),
    shares: (studentId: string) =>
        queryOptions({ ...changed.shares(studentId), queryFn: () => call<StudentShare[]>('GET', `students/${studentId}/shares`) }),
    door: (token: string) =>
        queryOptions({ queryKey: ['door', token], queryFn: () => call<Door>('GET', `doors/${token}`), retry: false, staleTime: Infinity }),
    /** What the coach keeps of his own: cards and drills. */
    own: () => queryOptions({ ...changed.own, queryFn: () => callOrKept<OwnWay>('own') }),
    /** Every drill for this shot and student. */
    drills: (lessonId: string, setId: string) =>
        queryOptions({ ...changed.drills(setId), queryFn: () => callOrKept<Drills>(`lessons/${lessonId}/sets/${setId}/drills`) }),
    lesson: (id: string) =>
        queryOptions({
            queryKey: ['lessons', id],
            queryFn: () => callOrKept<LessonPage>(lessonPath(id)),
            refetchOnWindowFocus: false,
            staleTime: Infinity,
        }),
    /** Worked out from marks; a picture is never sent. */
    measured: (question: MeasurePicture) =>
        queryOptions({
            queryKey: ['measured', question],
            queryFn: () => callOrHere<MeasuredPicture>('measure/picture', 'picture', question),
            placeholderData: keepPreviousData,
            retry: false,
            staleTime: Infinity,
            // Marks that were made without a connection are worked out when it comes.
            refetchOnReconnect: true,
        }),
    /** The clubhead over frames; null while too little is marked. */
    traced: (question: MeasureTrace | null) =>
        queryOptions({
            queryKey: ['traced', question],
            queryFn: () => callOrHere<MeasuredTrace>('measure/trace', 'trace', question ?? {}),
            placeholderData: keepPreviousData,
            retry: false,
            staleTime: Infinity,
            // Marks that were made without a connection are worked out when it comes.
            refetchOnReconnect: true,
        }),
    /** Ways of playing a shot. */
    plan: (question: PlanShot) =>
        queryOptions({
            queryKey: ['plan', question],
            queryFn: () => call<ShotPlan>('POST', 'shots/plan', question),
            placeholderData: keepPreviousData,
            retry: false,
            staleTime: Infinity,
        }),
    sand: (question: SandQuestion) =>
        queryOptions({
            queryKey: ['sand', question],
            queryFn: () => call<SandPlan>('POST', 'shots/sand', question),
            placeholderData: keepPreviousData,
            retry: false,
            staleTime: Infinity,
        }),
    /** Where the ball belongs on a slope; null while too few brushes were tapped. */
    brush: (question: Brush | null) =>
        queryOptions({
            queryKey: ['brush', question],
            queryFn: () => call<Brushed>('POST', 'shots/brush', question),
            enabled: question !== null,
            retry: false,
            staleTime: Infinity,
        }),
    /** @param target a carry in m, '' for none */
    distances: (id: string, target: string) =>
        queryOptions({
            queryKey: [...changed.student(id).queryKey, 'distances', target],
            queryFn: () => callOrKept<Distances>(`students/${id}/distances${target === '' ? '' : `?target_m=${target}`}`),
            placeholderData: keepPreviousData,
            retry: false,
        }),
    devices: () => queryOptions({ ...changed.devices, queryFn: () => call<FeedDevice[]>('GET', 'feed-devices') }),
    /** What a device has told of a lesson; asked again and again while one is joined to it. */
    feed: (lessonId: string) =>
        queryOptions({
            ...changed.feed(lessonId),
            queryFn: () => call<LessonFeed>('GET', `lessons/${lessonId}/feed`),
            retry: false,
            refetchInterval: (query) =>
                (query.state.data?.devices.length ?? 0) + (query.state.data?.waiting.length ?? 0) > 0 ? LOOK_AGAIN_MS : OTHER_DEVICES_MS,
        }),
    /** What devices have told of the drill that a student runs; asked again and again while one is joined to it. */
    drillFeed: (studentId: string) =>
        queryOptions({
            ...changed.drillFeed(studentId),
            queryFn: () => call<DrillFeed>('GET', `students/${studentId}/feed`),
            retry: false,
            refetchInterval: (query) =>
                query.state.data?.devices.some((one) => one.student_id === studentId) === true ? LOOK_AGAIN_MS : OTHER_DEVICES_MS,
        }),
    consents: (studentId: string) =>
        queryOptions({ ...changed.consents(studentId), queryFn: () => call<Consent[]>('GET', `students/${studentId}/consents`) }),
    stills: (studentId: string) =>
        queryOptions({ queryKey: ['stills', studentId], queryFn: () => call<Still[]>('GET', `students/${studentId}/stills`) }),
    madeUpSwings: () =>
        queryOptions({ queryKey: ['made-up swings'], queryFn: () => call<MadeUpSwing[]>('GET', 'measure/made-up'), staleTime: Infinity }),
    /** @param stamp changes with the balls */
    comparison: (lessonId: string, stamp: string) =>
        queryOptions({
            queryKey: ['lessons', lessonId, 'comparison', stamp],
            queryFn: () => callOrKept<Comparison>(`lessons/${lessonId}/comparison`),
        }),
    history: (lessonId: string) =>
        queryOptions({ queryKey: ['history', lessonId], queryFn: () => call<Change[]>('GET', `lessons/${lessonId}/history`) }),
    /** @param stamp changes with the ball */
    ballHistory: (path: string, stamp: string) =>
        queryOptions({ queryKey: ['history', path, stamp], queryFn: () => call<Revision[]>('GET', path), retry: false }),
    bin: () => queryOptions({ ...changed.bin, queryFn: () => call<BinEntry[]>('GET', 'bin') }),
    links: (path: string) => queryOptions({ ...changed.links(path), queryFn: () => call<ShareLink[]>('GET', `${path}/links`) }),
    archive: (id: string | undefined) =>
        queryOptions({
            queryKey: ['archive', id],
            queryFn: () => call<ArchiveImport>('GET', `archive/readings/${id ?? ''}`),
            enabled: id !== undefined,
            refetchInterval: (query) => (query.state.data?.state === 'reading' ? LOOK_AGAIN_MS : false),
        }),
    reports: (id: string | undefined) =>
        queryOptions({
            queryKey: ['reports', id],
            queryFn: () => call<ReportBatch>('GET', `reports/${id ?? ''}`),
            enabled: id !== undefined,
            refetchInterval: (query) => (query.state.data?.finished === true ? false : LOOK_AGAIN_MS),
        }),
    sheets: (id: string) =>
        queryOptions({
            queryKey: [...changed.student(id).queryKey, 'sheets'],
            queryFn: () => call<SheetImport[]>('GET', `students/${id}/sheets`),
            refetchInterval: (query) =>
                query.state.data?.some((one) => one.state === 'reading' || one.state === 'summing') === true ? LOOK_AGAIN_MS : false,
        }),
};

export const useCoach = () => useQuery(ask.coach());
export const useCatalogue = () => useQuery(ask.catalogue());
export const useLibrary = () => useQuery(ask.library());
export const useToday = (asked: Record<string, string>) => useInfiniteQuery(ask.today(asked));
export const useStudent = (id: string) => useQuery(ask.student(id));
export const useProgress = (id: string, only: Record<string, string> = {}) => useQuery(ask.progress(id, only));
export const usePractice = (path: string, language?: string) => useQuery(ask.practice(path, language));
export const useOwnWay = () => useQuery(ask.own());
export const useDrills = (lessonId: string, setId: string) => useQuery(ask.drills(lessonId, setId));

/** @param quiet nothing of this device waits to be sent */
export const useLesson = (id: string, quiet = false) => useQuery({ ...ask.lesson(id), refetchInterval: quiet ? OTHER_DEVICES_MS : false });
