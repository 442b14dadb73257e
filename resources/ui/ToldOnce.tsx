import { useTranslation } from 'react-i18next';
import qr from 'qrcode-generator';
import { useState } from 'react';
import { Button } from './Button';

const QR_CELL_PX = 4;

interface Props {
    address: string;
    /** What the picture is for, to who does not see it. */
    picture: string;
}

/** An address that is told once: to copy, to send, or to be photographed from this screen. */
export function ToldOnce({ address, picture }: Props) {
    const { t } = useTranslation();
    const [copied, setCopied] = useState(false);
    const code = qr(0, 'M');
    code.addData(address);
    code.make();
    return (
        <div className="mt-2 grid gap-4 border-l-[6px] border-marram pl-3 sm:grid-cols-[10rem_1fr]">
            <img
                className="w-40 bg-press p-2"
                alt={picture}
                src={code.createDataURL(QR_CELL_PX, 0)}
                style={{ imageRendering: 'pixelated' }}
            />
            <div>
                <p className="break-all">
                    {t('Copy this now, it is not shown again:')}{' '}
                    <a className="font-semibold underline" data-testid="private-link" href={address}>
                        {address}
                    </a>
                </p>
                <p className="mt-2 flex flex-wrap gap-2">
                    {/* Without https a browser copies nothing. */}
                    {'clipboard' in navigator && (
                        <Button
                            main
                            onClick={() => {
                                void navigator.clipboard.writeText(address).then(() => {
                                    setCopied(true);
                                });
                            }}
                        >
                            {copied ? t('Copied') : t('Copy')}
                        </Button>
                    )}
                    {'share' in navigator && (
                        <Button
                            onClick={() => {
                                void navigator.share({ url: address }).catch(() => undefined);
                            }}
                        >
                            {t('Send…')}
                        </Button>
                    )}
                </p>
            </div>
        </div>
    );
}
