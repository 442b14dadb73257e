import { useTranslation } from 'react-i18next';

/** Whether sessions end on a game; the plan that comes says why it is there. */
export function GameToo({ on, onChoose }: { on: boolean; onChoose: (on: boolean) => void }) {
    const { t } = useTranslation();
    return (
        <label className="flex min-h-11 items-center gap-3">
            <input
                type="checkbox"
                className="h-6 w-6 accent-ink"
                checked={on}
                onChange={(event) => {
                    onChoose(event.target.checked);
                }}
            />
            {t('Sessions that are long enough end on a game, so that it holds on the course')}
        </label>
    );
}
