import { useEffect, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { KNOWN_FILMS, NoFilm, openFilm, type Film } from './film';
import type { Shown } from './MarkedPicture';

/**
 * What is to be measured: a picture, or a film that is stepped through. It is never sent anywhere.
 *
 * $file tells the same file again when it is chosen anew: what was marked in it is kept while this tab lives.
 */
export type Taken = { key: string; file: string } & ({ kind: 'picture'; shown: Shown } | { kind: 'film'; film: Film });

/** More px than this would fill the memory of a phone. */
const MOST_PX = 60_000_000;

const nameOf = (file: File) => `${file.name} ${String(file.size)}`;

const isFilm = (file: File) => file.type.startsWith('video/') || /\.(mp4|mov|m4v|webm|mkv|avi)$/i.test(file.name);

/** A picture or a film from a file or the camera: upright as its own note says. */
export function usePicture() {
    const { t } = useTranslation();
    const [taken, setTaken] = useState<Taken>();
    const [problem, setProblem] = useState('');
    const [busy, setBusy] = useState(false);
    useEffect(
        () => () => {
            if (taken?.kind === 'film') taken.film.close();
        },
        [taken],
    );
    const picture = async (file: File): Promise<Taken | string> => {
        const url = URL.createObjectURL(file);
        const image = new Image();
        image.src = url;
        try {
            await image.decode();
        } catch {
            return t('{{name}} is no picture that this browser can show: JPEG, PNG, WebP and AVIF work.', { name: file.name });
        } finally {
            URL.revokeObjectURL(url);
        }
        const { naturalWidth: width, naturalHeight: height } = image;
        return width * height > MOST_PX || width < 2 || height < 2
            ? t('{{name}} has {{width}} × {{height}} px; up to 60 million in all can be marked here.', { name: file.name, width, height })
            : { kind: 'picture', key: url, file: nameOf(file), shown: { image, width, height } };
    };
    const film = async (file: File): Promise<Taken | string> => {
        try {
            return { kind: 'film', key: `${file.name} ${String(Date.now())}`, file: nameOf(file), film: await openFilm(file) };
        } catch (error) {
            const codec = error instanceof NoFilm ? error.codec : 'file';
            return codec === 'file'
                ? t('{{name}} is no film that can be read here: {{formats}} work.', { name: file.name, formats: KNOWN_FILMS })
                : t('{{name}} is in the codec {{codec}}, which this browser does not know. H.264, VP8, VP9 and AV1 work.', {
                      name: file.name,
                      codec,
                  });
        }
    };
    const take = (file: File) => {
        setProblem('');
        setBusy(true);
        void (isFilm(file) ? film(file) : picture(file)).then((result) => {
            setBusy(false);
            if (typeof result === 'string') setProblem(result);
            else setTaken(result);
        });
    };
    return { taken, problem, busy, take, fail: setProblem };
}
