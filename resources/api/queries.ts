import { useQuery } from '@tanstack/react-query';
import { call } from './client';
import type { Catalogue, Coach, LessonPage, Library, Observable, Shot, Student } from './types';

export const useCoach = () => useQuery({ queryKey: ['me'], queryFn: () => call<Coach>('GET', 'me'), retry: false });

export const useCatalogue = () => useQuery({ queryKey: ['catalogue'], queryFn: () => call<Catalogue>('GET', 'catalogue'), staleTime: Infinity });

export const useLibrary = () => useQuery({ queryKey: ['library'], queryFn: () => call<Library>('GET', 'library'), staleTime: Infinity });

export const useStudents = () => useQuery({ queryKey: ['students'], queryFn: () => call<Student[]>('GET', 'students') });

export const useStudent = (id: string) => useQuery({ queryKey: ['students', id], queryFn: () => call<Student>('GET', `students/${id}`) });

export const lessonKey = (id: string) => ['lessons', id];

export const useLesson = (id: string) =>
    useQuery({
        queryKey: lessonKey(id),
        queryFn: () => call<LessonPage>('GET', `lessons/${id}`),
        refetchOnWindowFocus: false,
        staleTime: Infinity,
    });

export const shotOf = (catalogue: Catalogue, id: string): Shot | undefined => catalogue.shots.find((shot) => shot.id === id);

export const observableOf = (catalogue: Catalogue, id: string): Observable | undefined => catalogue.observables.find((one) => one.id === id);
