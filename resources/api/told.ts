import { ApiError } from '../api/client';

/** What is wrong, a line a field. */
export const told = (error: Error | null): string =>
    error instanceof ApiError && error.faults.length > 0 ? error.faults.map((fault) => fault.message).join('\n') : (error?.message ?? '');
