import { useTranslation } from 'react-i18next';
import { lazy, Suspense } from 'react';
import { Route, Routes } from 'react-router-dom';
import { ApiError } from './api/client';
import { useCoach } from './ask/queries';
import { useOutboxOfApp } from './outbox/context';
import { useOutbox } from './outbox/outbox';
import { SignIn } from './sign-in/SignIn';
import { Page, Skeleton, Trouble } from './frame/Page';

const StudentList = lazy(() => import('./students/StudentList').then((module) => ({ default: module.StudentList })));
const StudentPage = lazy(() => import('./students/StudentPage').then((module) => ({ default: module.StudentPage })));
const BeginLesson = lazy(() => import('./students/BeginLesson').then((module) => ({ default: module.BeginLesson })));
const BenchOfLesson = lazy(() => import('./lesson/LessonBench').then((module) => ({ default: module.LessonBench })));
const SharedPage = lazy(() => import('./share/SharedPage').then((module) => ({ default: module.SharedPage })));
const PracticePage = lazy(() => import('./practice/PracticePage').then((module) => ({ default: module.PracticePage })));
const SheetPage = lazy(() => import('./sheets/SheetPage').then((module) => ({ default: module.SheetPage })));
const MeasurePage = lazy(() => import('./measure/MeasurePage').then((module) => ({ default: module.MeasurePage })));
const ShotsPage = lazy(() => import('./shots/ShotsPage').then((module) => ({ default: module.ShotsPage })));
const AcademyPage = lazy(() => import('./academy/AcademyPage').then((module) => ({ default: module.AcademyPage })));
const DoorPage = lazy(() => import('./sign-in/DoorPage').then((module) => ({ default: module.DoorPage })));
const YouPage = lazy(() => import('./you/YouPage').then((module) => ({ default: module.YouPage })));
const BlindCases = lazy(() => import('./blind/BlindCases').then((module) => ({ default: module.BlindCases })));
const HelpPage = lazy(() => import('./help/HelpPage').then((module) => ({ default: module.HelpPage })));
const LibraryPage = lazy(() => import('./library/LibraryPage').then((module) => ({ default: module.LibraryPage })));

/** A student's private page and the door of a new coach ask for no account; everything else is the coach's. */
export function App() {
    return (
        <Suspense
            fallback={
                <main className="p-6">
                    <Skeleton />
                </main>
            }
        >
            <Routes>
                <Route path="/p/:token" element={<SharedPage />} />
                <Route path="/door/:token" element={<DoorPage />} />
                <Route path="*" element={<OfCoach />} />
            </Routes>
        </Suspense>
    );
}

function OfCoach() {
    const { t, i18n } = useTranslation();
    const coach = useCoach();
    const outbox = useOutbox(useOutboxOfApp());
    const waiting = outbox.entries.length;
    if (coach.isPending)
        return (
            <main className="p-6">
                <Skeleton />
            </main>
        );
    if (coach.error instanceof ApiError && coach.error.status === 401) {
        return (
            <SignIn
                notice={
                    waiting === 0
                        ? undefined
                        : t('You are signed out. {{count}} entries are kept on this device and will be sent when you sign in.', {
                              count: waiting,
                          })
                }
            />
        );
    }
    if (coach.isError && coach.data === undefined)
        return (
            <main className="p-6">
                <Trouble error={coach.error} onRetry={() => void coach.refetch()} />
            </main>
        );
    return (
        // Another language, another page: nothing of the old one is left standing.
        <Routes key={i18n.language}>
            <Route path="/" element={<StudentList />} />
            <Route path="/students/:id" element={<StudentPage />} />
            <Route path="/students/:id/begin" element={<BeginLesson />} />
            <Route path="/students/:id/practice" element={<PracticePage />} />
            <Route path="/students/:id/sheets" element={<SheetPage />} />
            <Route path="/students/:id/shots" element={<ShotsPage />} />
            <Route path="/shots" element={<ShotsPage />} />
            <Route path="/you" element={<YouPage />} />
            <Route path="/academy" element={<AcademyPage />} />
            <Route path="/lessons/:id" element={<BenchOfLesson />} />
            <Route path="/lessons/:id/measure" element={<MeasurePage />} />
            <Route path="/blind-cases" element={<BlindCases />} />
            <Route path="/help" element={<HelpPage />} />
            <Route path="/library" element={<LibraryPage />} />
            <Route
                path="*"
                element={
                    <Page title={t('Nothing here')}>
                        <p>{t('There is no such page. The mark at the top leads to your students.')}</p>
                    </Page>
                }
            />
        </Routes>
    );
}
