import { readersLanguage, speak, t } from './language';
import { chosenLanguage } from './language/chosen';
import { COACH } from './language/useCoachsLanguage';
import './css/app.css';
import { onlineManager, QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { BrowserRouter } from 'react-router-dom';
import { App } from './App';
import { Notices } from './ui/Notices';
import { ApiError } from './api/client';
import { keep, kept } from './ask/kept';
import { ask, changed, lessonPath } from './ask/queries';
import type { LessonPage } from './api/types.gen';
import { stored } from './outbox/actions';
import { OutboxContext } from './outbox/context';
import { Outbox } from './outbox/outbox';
import { Boundary } from './ui/Boundary';

const queries = new QueryClient({
    defaultOptions: {
        mutations: { networkMode: 'always' },
        queries: {
            // Without a network the device answers.
            networkMode: 'always',
            retry: (failures, error) =>
                failures < 3 && (!(error instanceof ApiError) || error.passing) && !(error instanceof ApiError && error.status === 401),
        },
    },
});

// A page that was opened without a connection has to notice when one comes.
onlineManager.setOnline(navigator.onLine);

const shown = (value: unknown) =>
    value === null || value === undefined
        ? t('nothing')
        : typeof value === 'string' || typeof value === 'number'
          ? String(value)
          : JSON.stringify(value);

const outbox: Outbox = new Outbox(async (action, told) => {
    if (action.lessonId === null) {
        await queries.invalidateQueries(changed.practice(action.path));
        return;
    }
    for (const { key, theirs, yours } of told.conflicts ?? []) {
        outbox.tell(
            t(
                'Another device changed {{what}} to {{theirs}} meanwhile. Yours, {{yours}}, holds now; the other one is in the history of the lesson.',
                { what: key.replaceAll('_', ' '), theirs: shown(theirs), yours: shown(yours) },
            ),
        );
    }
    const { queryKey } = ask.lesson(action.lessonId);
    // An answer that was asked for before this entry was stored would take it off the screen again.
    await queries.cancelQueries({ queryKey });
    const page = queries.getQueryData(queryKey) ?? (await kept<LessonPage>(lessonPath(action.lessonId)));
    if (page === undefined) {
        // Its first answer was just called off: a page that waits for it asks again.
        void queries.invalidateQueries({ queryKey });
    } else {
        const next = stored(page, action, told);
        queries.setQueryData(queryKey, next);
        await keep(lessonPath(action.lessonId), next);
    }
    if (action.kind === 'lesson' || action.kind === 'prescribe') void queries.invalidateQueries(changed.students);
});
void outbox.open();

// A new build took the old pieces away: once, the page is loaded anew; what waits is on the device.
const RELOADED = 'low-point-reloaded';
window.addEventListener('vite:preloadError', (event) => {
    if (sessionStorage.getItem(RELOADED) !== null) return;
    event.preventDefault();
    sessionStorage.setItem(RELOADED, 'yes');
    window.location.reload();
});
window.addEventListener('load', () => {
    window.setTimeout(() => {
        sessionStorage.removeItem(RELOADED);
    }, 10_000);
});

if (import.meta.env.PROD && 'serviceWorker' in navigator) void navigator.serviceWorker.register('/sw.js').catch(() => undefined);

const root = document.getElementById('app');
// A language that does not come is no reason to show nothing: then it is English.
const spoken = speak(chosenLanguage(COACH) ?? readersLanguage()).catch(() => undefined);
if (root !== null)
    void spoken.then(() => {
        createRoot(root).render(
            <StrictMode>
                <QueryClientProvider client={queries}>
                    <OutboxContext value={outbox}>
                        <BrowserRouter>
                            <Boundary>
                                <App />
                                <Notices />
                            </Boundary>
                        </BrowserRouter>
                    </OutboxContext>
                </QueryClientProvider>
            </StrictMode>,
        );
    });
