import { t } from '../language';
import { Component, type ReactNode } from 'react';
import { Button } from './Button';

/** When a screen breaks: words instead of nothing, and a way on. */
export class Boundary extends Component<{ children: ReactNode }, { broken: boolean }> {
    override state = { broken: false };

    static getDerivedStateFromError() {
        return { broken: true };
    }

    override render() {
        if (!this.state.broken) return this.props.children;
        return (
            <main className="mx-auto max-w-xl p-6">
                <h1 className="mb-3 text-3xl">{t('This screen could not be shown')}</h1>
                <p className="mb-4">{t('Perhaps Low Point was renewed meanwhile. What you entered is kept on this device.')}</p>
                <Button
                    main
                    onClick={() => {
                        window.location.reload();
                    }}
                >
                    {t('Load it anew')}
                </Button>
            </main>
        );
    }
}
