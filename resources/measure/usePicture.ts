import { useTranslation } from 'react-i18next';
import { useEffect, useState } from 'react';

export interface Picture {
    /** Of this device only. */
    url: string;
    width: number;
    height: number;
}

/** More px than this would fill the memory of a phone. */
const MOST_PX = 60_000_000;

/** A picture from a file or the camera: upright as its own note says, and never sent anywhere. */
export function usePicture() {
    const { t } = useTranslation();
    const [picture, setPicture] = useState<Picture>();
    const [problem, setProblem] = useState('');
    useEffect(
        () => () => {
            if (picture !== undefined) URL.revokeObjectURL(picture.url);
        },
        [picture],
    );
    const take = (file: File) => {
        setProblem('');
        const url = URL.createObjectURL(file);
        const image = new Image();
        image.onload = () => {
            const { naturalWidth: width, naturalHeight: height } = image;
            if (width * height > MOST_PX || width < 2 || height < 2) {
                URL.revokeObjectURL(url);
                setProblem(
                    t('{{name}} has {{width}} × {{height}} px; up to 60 million in all can be marked here.', {
                        name: file.name,
                        width,
                        height,
                    }),
                );
            } else setPicture({ url, width, height });
        };
        image.onerror = () => {
            URL.revokeObjectURL(url);
            setProblem(t('{{name}} is no picture that this browser can show: JPEG, PNG, WebP and AVIF work.', { name: file.name }));
        };
        image.src = url;
    };
    return { picture, problem, take };
}
