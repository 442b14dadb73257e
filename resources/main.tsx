import './css/app.css';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { BrowserRouter } from 'react-router-dom';
import { App } from './App';
import { ApiError } from './api/client';
import { lessonKey } from './api/queries';
import type { LessonPage } from './api/types';
import { stored } from './outbox/actions';
import { OutboxContext } from './outbox/context';
import { Outbox } from './outbox/outbox';

const queries = new QueryClient({
    defaultOptions: {
        queries: {
            retry: (failures, error) => failures < 3 && (!(error instanceof ApiError) || error.passing) && !(error instanceof ApiError && error.status === 401),
        },
    },
});

const outbox = new Outbox((action, told) => {
    queries.setQueryData<LessonPage>(lessonKey(action.lessonId), (page) => page && stored(page, action, told));
    if (action.kind === 'lesson' || action.kind === 'prescribe') void queries.invalidateQueries({ queryKey: ['students'] });
});
void outbox.open();

const root = document.getElementById('app');
if (root !== null) {
    createRoot(root).render(
        <StrictMode>
            <QueryClientProvider client={queries}>
                <OutboxContext value={outbox}>
                    <BrowserRouter>
                        <App />
                    </BrowserRouter>
                </OutboxContext>
            </QueryClientProvider>
        </StrictMode>,
    );
}
