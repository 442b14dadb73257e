import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { owner } from '../outbox/owner';
import { callOrKept } from './kept';
import type {
    Catalogue,
    Coach,
    DrillHandout,
    LessonPage,
    Library,
    Observable,
    OwnWay,
    Practice,
    Progress,
    Purpose,
    Shot,
    Student,
    Today,
} from './types.gen';

export const useCoach = () =>
    useQuery({
        queryKey: ['me'],
        queryFn: async () => {
            const coach = await callOrKept<Coach>('me');
            owner.is(coach.email);
            return coach;
        },
        retry: false,
    });

export const useCatalogue = () =>
    useQuery({ queryKey: ['catalogue'], queryFn: () => callOrKept<Catalogue>('catalogue'), staleTime: Infinity });

export const useLibrary = () => useQuery({ queryKey: ['library'], queryFn: () => callOrKept<Library>('library'), staleTime: Infinity });

export const useToday = (sought: string) =>
    useQuery({
        queryKey: ['students', 'today', sought],
        queryFn: () => callOrKept<Today>(`today?q=${encodeURIComponent(sought)}`),
        placeholderData: keepPreviousData,
    });

export const useStudent = (id: string, enabled = true) =>
    useQuery({ queryKey: ['students', id], queryFn: () => callOrKept<Student>(`students/${id}`), enabled });

/** @param only the shot and lie to look at, and how many lessons to draw; all of them where nothing is chosen */
export const useProgress = (id: string, only: Record<string, string> = {}, enabled = true) =>
    useQuery({
        queryKey: ['students', id, 'progress', only],
        queryFn: () =>
            callOrKept<Progress>(
                `students/${id}/progress?${new URLSearchParams(Object.entries(only).filter(([, value]) => value !== '')).toString()}`,
            ),
        placeholderData: keepPreviousData,
        enabled,
    });

/** @param path the student's on the coach's side, or that of a private link */
export const usePractice = (path: string) =>
    useQuery({ queryKey: ['practice', path], queryFn: () => callOrKept<Practice>(path.startsWith('shared/') ? path : `${path}/practice`) });

/** What the coach keeps of his own: cards and drills. */
export const useOwnWay = () => useQuery({ queryKey: ['own'], queryFn: () => callOrKept<OwnWay>('own') });

/** Every drill for this shot and student. */
export const useDrills = (lessonId: string, setId: string) =>
    useQuery({
        queryKey: ['drills', setId],
        queryFn: () => callOrKept<{ drills: DrillHandout[] }>(`lessons/${lessonId}/sets/${setId}/drills`),
    });

export const lessonPath = (id: string) => `lessons/${id}`;

export const lessonKey = (id: string) => ['lessons', id];

/** Another device may be at work on the same lesson: while nothing waits here, it is looked at again from time to time. */
const OTHER_DEVICES_MS = 8000;

export const useLesson = (id: string, quiet = false) =>
    useQuery({
        queryKey: lessonKey(id),
        queryFn: () => callOrKept<LessonPage>(lessonPath(id)),
        refetchOnWindowFocus: false,
        staleTime: Infinity,
        refetchInterval: quiet ? OTHER_DEVICES_MS : false,
    });

export const titleOf = (catalogue: Catalogue | undefined, purpose: Purpose): string =>
    catalogue?.purposes.find((one) => one.id === purpose)?.title ?? purpose;

export const shotOf = (catalogue: Catalogue, id: string): Shot | undefined => catalogue.shots.find((shot) => shot.id === id);

/** What a good strike of this shot is called. */
export const goodStrikeOf = (catalogue: Catalogue, shot: string): string =>
    shotOf(catalogue, shot)?.strikes.find((one) => one.good)?.id ?? 'good';

export const observableOf = (catalogue: Catalogue, id: string): Observable | undefined =>
    catalogue.observables.find((one) => one.id === id);
