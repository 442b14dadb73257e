import { ApiError } from './client';

/** What is wrong, a line a field; nothing where nothing is. */
export function told(error: unknown): string {
    if (error instanceof ApiError && error.faults.length > 0) return error.faults.map((fault) => fault.message).join('\n');
    if (error instanceof Error) return error.message;
    return typeof error === 'string' ? error : '';
}
