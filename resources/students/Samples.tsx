import { useTranslation } from 'react-i18next';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { api } from '../api/client';
import { changed } from '../ask/queries';
import { Button } from '../ui/Button';
import { Problem } from '../ui/Problem';

/** Made-up students to look round in: one press takes them out again. */
export function Samples({ count }: { count: number }) {
    const { t } = useTranslation();
    const queries = useQueryClient();
    const leave = useMutation({
        mutationFn: () => api.DELETE('/api/me/sample'),
        onSuccess: () => queries.invalidateQueries(changed.students),
    });
    return (
        <div className="mb-4 flex flex-wrap items-center gap-3 border-l-[6px] border-slate pl-3">
            {t('{{count}} students are made up, to look round in.', { count })}
            <Button
                disabled={leave.isPending}
                onClick={() => {
                    leave.mutate();
                }}
            >
                {t('Take the sample out')}
            </Button>
            <Problem text={leave.error?.message} />
        </div>
    );
}
