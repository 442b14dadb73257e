import { infiniteQueryOptions, keepPreviousData, queryOptions, skipToken, useInfiniteQuery, useQuery } from '@tanstack/react-query';
import { orHere } from '../core/here';
import { owner } from '../outbox/owner';
import { readAt } from '../ui/reader';
import { answer, api, at } from '../api/client';
import { orKept } from './kept';
import type { Brush, MeasurePicture, MeasureTrace, PlanShot, SandQuestion } from '../api/types.gen';

/** What is asked again after a change: all of these and what hangs on them. */
export const changed = {
    me: { queryKey: ['me'] },
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
    links: (student: string) => ({ queryKey: ['links', student] }),
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
const chosen = (all: Record<string, string>) => Object.fromEntries(Object.entries(all).filter(([, value]) => value !== ''));

/** A later page by its number. */
const page = (number: number) => (number === 1 ? undefined : String(number));

export const lessonPath = (id: string) => `lessons/${id}`;

/** Each thing that is read, by its key. */
export const ask = {
    coach: () =>
        queryOptions({
            queryKey: ['me'],
            queryFn: async () => {
                const coach = await answer(orKept.GET('/api/me'));
                owner.is(coach.owner_key);
                readAt(coach.timezone);
                return coach;
            },
            retry: false,
        }),
    catalogue: () => queryOptions({ queryKey: ['catalogue'], queryFn: () => answer(orKept.GET('/api/catalogue')), staleTime: Infinity }),
    library: () => queryOptions({ queryKey: ['library'], queryFn: () => answer(orKept.GET('/api/library')), staleTime: Infinity }),
    /** A page after the other; on a device that kept the first one, without a connection too. */
    today: (asked: Record<string, string>) =>
        infiniteQueryOptions({
            queryKey: [...changed.today.queryKey, asked],
            queryFn: ({ pageParam }) =>
                answer(orKept.GET('/api/today', { params: { query: { ...chosen(asked), page: page(pageParam) } } })),
            initialPageParam: 1,
            getNextPageParam: (last) => last.next_page,
            placeholderData: keepPreviousData,
        }),
    student: (id: string) =>
        queryOptions({ ...changed.student(id), queryFn: () => answer(orKept.GET('/api/students/{student}', at({ student: id }))) }),
    /** @param only the shot and lie to look at, and how many lessons to draw; all of them where nothing is chosen */
    progress: (id: string, only: Record<string, string>) =>
        queryOptions({
            queryKey: [...changed.student(id).queryKey, 'progress', only],
            queryFn: () =>
                answer(orKept.GET('/api/students/{student}/progress', { params: { path: { student: id }, query: chosen(only) } })),
            placeholderData: keepPreviousData,
        }),
    /**
     * @param path the student's on the coach's side, or that of a private link
     * @param language where the reader of a private link has chosen one
     */
    practice: (path: string, language = '') =>
        queryOptions({
            queryKey: [...changed.practice(path).queryKey, language],
            queryFn: () => {
                const [side, id = ''] = path.split('/');
                return answer(
                    side === 'shared'
                        ? orKept.GET('/api/shared/{token}', { params: { path: { token: id }, query: chosen({ language }) } })
                        : orKept.GET('/api/students/{student}/practice', at({ student: id })),
                );
            },
        }),
    firstStart: () => queryOptions({ ...changed.firstStart, queryFn: () => answer(api.GET('/api/first-start')), retry: false }),
    sessions: () => queryOptions({ ...changed.sessions, queryFn: () => answer(api.GET('/api/sessions')), retry: false }),
    academy: () => queryOptions({ ...changed.academy, queryFn: () => answer(orKept.GET('/api/academy')) }),
    /** What only a lead sees of an academy. */
    outlook: () =>
        queryOptions({ queryKey: [...changed.academy.queryKey, 'outlook'], queryFn: () => answer(api.GET('/api/academy/outlook')) }),
    accountLinks: () => queryOptions({ ...changed.accountLinks, queryFn: () => answer(api.GET('/api/academy/links')) }),
    calibration: () => queryOptions({ ...changed.calibration, queryFn: () => answer(api.GET('/api/academy/calibration')) }),
    /** While it learns it is looked at again. */
    ledger: () =>
        queryOptions({
            queryKey: [...changed.academy.queryKey, 'ledger'],
            queryFn: () => answer(api.GET('/api/academy/ledger')),
            refetchInterval: ({ state }) => (state.data?.at_work ? LOOK_AGAIN_MS : false),
        }),
    askedFirst: () => queryOptions({ queryKey: ['asked-first'], queryFn: () => answer(api.GET('/api/me/asked-first')) }),
    blindCases: () => queryOptions({ queryKey: ['blind-cases'], queryFn: () => answer(api.GET('/api/blind-cases')), staleTime: Infinity }),
    health: () => queryOptions({ queryKey: ['health'], queryFn: () => answer(api.GET('/api/health')) }),
    trail: (student: string) =>
        queryOptions({
            queryKey: [...changed.student(student).queryKey, 'trail'],
            queryFn: () => answer(api.GET('/api/students/{student}/trail', at({ student }))),
        }),
    sharedTrail: (token: string) =>
        queryOptions({ queryKey: ['shared', token, 'trail'], queryFn: () => answer(api.GET('/api/shared/{token}/trail', at({ token }))) }),
    audit: () =>
        infiniteQueryOptions({
            queryKey: [...changed.academy.queryKey, 'audit'],
            queryFn: ({ pageParam }) => answer(api.GET('/api/academy/audit', { params: { query: { page: page(pageParam) } } })),
            initialPageParam: 1,
            getNextPageParam: (last) => last.next_page,
        }),
    studentsOf: (coachId: string) =>
        infiniteQueryOptions({
            queryKey: [...changed.academy.queryKey, 'students', coachId],
            queryFn: ({ pageParam }) =>
                answer(
                    api.GET('/api/academy/coaches/{coach}/students', {
                        params: { path: { coach: coachId }, query: { page: page(pageParam) } },
                    }),
                ),
            initialPageParam: 1,
            getNextPageParam: (last) => last.next_page,
        }),
    shares: (studentId: string) =>
        queryOptions({
            ...changed.shares(studentId),
            queryFn: () => answer(api.GET('/api/students/{student}/shares', at({ student: studentId }))),
        }),
    door: (token: string) =>
        queryOptions({
            queryKey: ['door', token],
            queryFn: () => answer(api.GET('/api/doors/{token}', at({ token }))),
            retry: false,
            staleTime: Infinity,
        }),
    /** What the coach keeps of his own: cards and drills. */
    own: () => queryOptions({ ...changed.own, queryFn: () => answer(orKept.GET('/api/own')) }),
    /** Every drill for this shot and student. */
    drills: (lessonId: string, setId: string) =>
        queryOptions({
            ...changed.drills(setId),
            queryFn: () => answer(orKept.GET('/api/lessons/{lesson}/sets/{set}/drills', at({ lesson: lessonId, set: setId }))),
        }),
    lesson: (id: string) =>
        queryOptions({
            queryKey: ['lessons', id],
            queryFn: () => answer(orKept.GET('/api/lessons/{lesson}', at({ lesson: id }))),
            refetchOnWindowFocus: false,
            staleTime: Infinity,
        }),
    /** Worked out from marks; a picture is never sent. */
    measured: (question: MeasurePicture) =>
        queryOptions({
            queryKey: ['measured', question],
            queryFn: () => orHere(answer(api.POST('/api/measure/picture', { body: question })), 'picture', question),
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
            queryFn:
                question === null ? skipToken : () => orHere(answer(api.POST('/api/measure/trace', { body: question })), 'trace', question),
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
            queryFn: () => answer(api.POST('/api/shots/plan', { body: question })),
            placeholderData: keepPreviousData,
            retry: false,
            staleTime: Infinity,
        }),
    sand: (question: SandQuestion) =>
        queryOptions({
            queryKey: ['sand', question],
            queryFn: () => answer(api.POST('/api/shots/sand', { body: question })),
            placeholderData: keepPreviousData,
            retry: false,
            staleTime: Infinity,
        }),
    /** Where the ball belongs on a slope; null while too few brushes were tapped. */
    brush: (question: Brush | null) =>
        queryOptions({
            queryKey: ['brush', question],
            queryFn: question === null ? skipToken : () => answer(api.POST('/api/shots/brush', { body: question })),
            retry: false,
            staleTime: Infinity,
        }),
    /** @param target a carry in m, '' for none */
    distances: (id: string, target: string) =>
        queryOptions({
            queryKey: [...changed.student(id).queryKey, 'distances', target],
            queryFn: () =>
                answer(
                    orKept.GET('/api/students/{student}/distances', {
                        params: { path: { student: id }, query: chosen({ target_m: target }) },
                    }),
                ),
            placeholderData: keepPreviousData,
            retry: false,
        }),
    devices: () => queryOptions({ ...changed.devices, queryFn: () => answer(api.GET('/api/feed-devices')) }),
    /** What a device has told of a lesson; asked again and again while one is joined to it. */
    feed: (lessonId: string) =>
        queryOptions({
            ...changed.feed(lessonId),
            queryFn: () => answer(api.GET('/api/lessons/{lesson}/feed', at({ lesson: lessonId }))),
            retry: false,
            refetchInterval: (query) =>
                (query.state.data?.devices.length ?? 0) + (query.state.data?.waiting.length ?? 0) > 0 ? LOOK_AGAIN_MS : OTHER_DEVICES_MS,
        }),
    /** What devices have told of the drill that a student runs; asked again and again while one is joined to it. */
    drillFeed: (studentId: string) =>
        queryOptions({
            ...changed.drillFeed(studentId),
            queryFn: () => answer(api.GET('/api/students/{student}/feed', at({ student: studentId }))),
            retry: false,
            refetchInterval: (query) =>
                query.state.data?.devices.some((one) => one.student_id === studentId) === true ? LOOK_AGAIN_MS : OTHER_DEVICES_MS,
        }),
    consents: (studentId: string) =>
        queryOptions({
            ...changed.consents(studentId),
            queryFn: () => answer(api.GET('/api/students/{student}/consents', at({ student: studentId }))),
        }),
    stills: (studentId: string) =>
        queryOptions({
            queryKey: ['stills', studentId],
            queryFn: () => answer(api.GET('/api/students/{student}/stills', at({ student: studentId }))),
        }),
    madeUpSwings: () =>
        queryOptions({ queryKey: ['made-up swings'], queryFn: () => answer(api.GET('/api/measure/made-up')), staleTime: Infinity }),
    /** @param stamp changes with the balls */
    comparison: (lessonId: string, stamp: string) =>
        queryOptions({
            queryKey: ['lessons', lessonId, 'comparison', stamp],
            queryFn: () => answer(orKept.GET('/api/lessons/{lesson}/comparison', at({ lesson: lessonId }))),
        }),
    history: (lessonId: string) =>
        queryOptions({
            queryKey: ['history', lessonId],
            queryFn: () => answer(api.GET('/api/lessons/{lesson}/history', at({ lesson: lessonId }))),
        }),
    /** @param stamp changes with the ball */
    ballHistory: (of: { lesson: string; set: string; ball: string }, stamp: string) =>
        queryOptions({
            queryKey: ['history', of, stamp],
            queryFn: () => answer(api.GET('/api/lessons/{lesson}/sets/{set}/balls/{ball}/history', at(of))),
            retry: false,
        }),
    bin: () => queryOptions({ ...changed.bin, queryFn: () => answer(api.GET('/api/bin')) }),
    links: (student: string) =>
        queryOptions({ ...changed.links(student), queryFn: () => answer(api.GET('/api/students/{student}/links', at({ student }))) }),
    archive: (id: string | undefined) =>
        queryOptions({
            queryKey: ['archive', id],
            queryFn: () => answer(api.GET('/api/archive/readings/{id}', at({ id: id ?? '' }))),
            enabled: id !== undefined,
            refetchInterval: (query) => (query.state.data?.state === 'reading' ? LOOK_AGAIN_MS : false),
        }),
    reports: (id: string | undefined) =>
        queryOptions({
            queryKey: ['reports', id],
            queryFn: () => answer(api.GET('/api/reports/{batch}', at({ batch: id ?? '' }))),
            enabled: id !== undefined,
            refetchInterval: (query) => (query.state.data?.finished === true ? false : LOOK_AGAIN_MS),
        }),
    sheets: (id: string) =>
        queryOptions({
            queryKey: [...changed.student(id).queryKey, 'sheets'],
            queryFn: () => answer(api.GET('/api/students/{student}/sheets', at({ student: id }))),
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
