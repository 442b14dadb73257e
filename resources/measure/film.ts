import type { CanvasSink, InputVideoTrack, WrappedCanvas } from 'mediabunny';

/** One frame of a film: what it shows, when, and which it is. */
export interface Frame {
    image: CanvasImageSource;
    /** Seconds from the beginning. */
    time: number;
    n: number;
}

/** A film that is stepped through frame by frame. It never leaves the device, and only a few of its frames are held. */
export interface Film {
    width: number;
    height: number;
    /** Frames a second, as the file says. */
    fps: number;
    seconds: number;
    at: (time: number) => Promise<Frame | null>;
    after: (frame: Frame) => Promise<Frame | null>;
    before: (frame: Frame) => Promise<Frame | null>;
    close: () => void;
}

/** Wider ones are shown smaller: a phone has not the memory for more. */
const WIDEST_PX = 1920;
/** So many frames are held, so that one can go back and forth. */
const HELD = 10;
/** The rate is taken from so many frames. */
const COUNTED = 120;
const A_LITTLE = 1e-4;
/** What films are in that no browser knows everywhere. */
export const KNOWN_FILMS = 'MP4, MOV, WebM';

/** Why a film is not shown: 'file' = it is none, or none that can be read; else the name of the codec that is not known here. */
export class NoFilm extends Error {
    constructor(readonly codec: string) {
        super(codec);
    }
}

/** @throws NoFilm */
export async function openFilm(file: File): Promise<Film> {
    const { ALL_FORMATS, BlobSource, CanvasSink, Input } = await import('mediabunny');
    const input = new Input({ formats: ALL_FORMATS, source: new BlobSource(file) });
    let track: InputVideoTrack | null;
    try {
        track = await input.getPrimaryVideoTrack();
    } catch {
        throw new NoFilm('file');
    }
    if (track === null) throw new NoFilm('file');
    if (typeof VideoDecoder === 'undefined' || !(await track.canDecode())) return openByElement(file, track.codec ?? '?');
    const scale = Math.min(1, WIDEST_PX / Math.max(track.displayWidth, track.displayHeight));
    const size = { width: Math.round(track.displayWidth * scale), height: Math.round(track.displayHeight * scale) };
    const { averagePacketRate } = await track.computePacketStats(COUNTED);
    const seconds = await track.computeDuration();
    const sink = new CanvasSink(track, { ...size, fit: 'fill' });
    const { stop, ...steps } = stepper(sink, averagePacketRate);
    return {
        ...size,
        fps: averagePacketRate,
        seconds,
        ...steps,
        close: () => {
            void stop().then(() => {
                input.dispose();
            });
        },
    };
}

/** Goes through the frames: forward as they are decoded, back through those that are held. */
function stepper(sink: CanvasSink, fps: number): Pick<Film, 'at' | 'after' | 'before'> & { stop: () => Promise<unknown> } {
    let ahead: AsyncGenerator<WrappedCanvas, void, unknown> | undefined;
    let last: WrappedCanvas | undefined;
    const held: WrappedCanvas[] = [];
    const hold = (canvas: WrappedCanvas): Frame => {
        if (!held.some((one) => one.timestamp === canvas.timestamp)) held.push(canvas);
        if (held.length > HELD) held.shift();
        return { image: canvas.canvas, time: canvas.timestamp, n: Math.round(canvas.timestamp * fps) };
    };
    const from = async (time: number): Promise<Frame | null> => {
        void ahead?.return();
        ahead = sink.canvases(Math.max(0, time));
        const { value } = await ahead.next();
        last = value ?? undefined;
        return value ? hold(value) : null;
    };
    const find = (time: number) => held.find((one) => Math.abs(one.timestamp - time) < A_LITTLE);
    const lengthOf = (frame: Frame) => find(frame.time)?.duration ?? 1 / fps;
    return {
        stop: () => Promise.resolve(ahead?.return()),
        at: from,
        after: async (frame) => {
            const known = find(frame.time + lengthOf(frame));
            if (known !== undefined) return hold(known);
            if (ahead === undefined || last?.timestamp !== frame.time) {
                const again = await from(frame.time + A_LITTLE);
                if (again === null || ahead === undefined) return null;
            }
            const { value } = (await ahead?.next()) ?? {};
            if (!value) return null;
            last = value;
            return hold(value);
        },
        before: async (frame) => {
            if (frame.time <= A_LITTLE) return null;
            const known = held.find((one) => Math.abs(one.timestamp + one.duration - frame.time) < A_LITTLE);
            return known === undefined ? from(frame.time - A_LITTLE) : hold(known);
        },
    };
}

/** Taken where a film does not say how many frames a second it has. */
const USUAL_FPS = 30;

/** Where the browser decodes no single frames but plays the film: as exact as its seeking is. */
async function openByElement(file: File, codec: string): Promise<Film> {
    const url = URL.createObjectURL(file);
    const video = document.createElement('video');
    video.muted = true;
    video.preload = 'auto';
    video.src = url;
    const happens = (what: string) =>
        new Promise<void>((done, fail) => {
            video.addEventListener(
                what,
                () => {
                    done();
                },
                { once: true },
            );
            video.addEventListener(
                'error',
                () => {
                    fail(new NoFilm(codec));
                },
                { once: true },
            );
        });
    try {
        await happens('loadeddata');
    } catch (error) {
        URL.revokeObjectURL(url);
        throw error;
    }
    const scale = Math.min(1, WIDEST_PX / Math.max(video.videoWidth, video.videoHeight));
    const size = { width: Math.round(video.videoWidth * scale), height: Math.round(video.videoHeight * scale) };
    const at = async (time: number): Promise<Frame | null> => {
        if (time < 0 || time > video.duration) return null;
        const there = happens('seeked');
        // The middle of a frame: its borders may belong to either side.
        video.currentTime = (Math.floor(time * USUAL_FPS + A_LITTLE) + 0.5) / USUAL_FPS;
        await there;
        const canvas = document.createElement('canvas');
        Object.assign(canvas, size);
        canvas.getContext('2d')?.drawImage(video, 0, 0, size.width, size.height);
        const n = Math.floor(time * USUAL_FPS + A_LITTLE);
        return { image: canvas, time: n / USUAL_FPS, n };
    };
    return {
        ...size,
        fps: USUAL_FPS,
        seconds: video.duration,
        at,
        after: (frame) => at(frame.time + 1 / USUAL_FPS),
        before: (frame) => at(frame.time - 1 / USUAL_FPS),
        close: () => {
            URL.revokeObjectURL(url);
        },
    };
}
