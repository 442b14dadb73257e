<?php

declare(strict_types=1);

namespace Tests\Browser;

use App\Figures\FilmSvg;
use LowPoint\Core\Simulation\FilmedSwing;

/** Turns the frames of a made-up swing into a video file, in a browser, by the package with which the app reads videos. */
trait MakesFilms
{
    private const ENCODE = <<<'JS'
        const [bundle, frames, width, height, fps, done] = arguments;
        (async () => {
            const { BufferTarget, CanvasSource, Output, WebMOutputFormat } = await import(bundle);
            const canvas = new OffscreenCanvas(width, height);
            const pen = canvas.getContext('2d');
            const output = new Output({ format: new WebMOutputFormat(), target: new BufferTarget() });
            const source = new CanvasSource(canvas, { codec: 'vp8', bitrate: 8e6, keyFrameInterval: 0.1 });
            output.addVideoTrack(source, { frameRate: fps });
            await output.start();
            for (const [n, frame] of frames.entries()) {
                const image = new Image();
                image.src = 'data:image/svg+xml;base64,' + frame;
                await image.decode();
                pen.drawImage(image, 0, 0);
                await source.add(n / fps, 1 / fps);
            }
            await output.finalize();
            const bytes = new Uint8Array(output.target.buffer);
            let text = '';
            for (let at = 0; at < bytes.length; at += 32768) text += String.fromCharCode(...bytes.subarray(at, at + 32768));
            return btoa(text);
        })().then(done, (error) => done('! ' + error));
        JS;

    /** @return string the bytes of a WebM file */
    private function film(FilmedSwing $swing): string
    {
        // A page of its own, of this machine: browsers encode for those alone, and the app's pages let no other script in.
        $bundles = \dirname(__DIR__, 2).'/node_modules/mediabunny/dist/bundles';
        $port = self::freePort();
        $server = proc_open(
            [PHP_BINARY, '-S', "127.0.0.1:{$port}", '-t', $bundles],
            [['file', '/dev/null', 'r'], ['file', '/dev/null', 'w'], ['file', '/dev/null', 'w']],
            $pipes,
        );
        self::assertIsResource($server);
        try {
            $this->until(static fn(): bool => @fsockopen('127.0.0.1', $port) !== false, 'There is no page to make films on.');
            $this->browser->get("http://127.0.0.1:{$port}/mediabunny.mjs");
            $this->browser->manage()->timeouts()->setScriptTimeout(120);
            $made = $this->browser->executeAsyncScript(self::ENCODE, [
                "http://127.0.0.1:{$port}/mediabunny.mjs",
                array_map(static fn(?int $frame): string => base64_encode(FilmSvg::of($swing, $frame)), FilmedSwing::film()),
                ...$swing->camera->size,
                FilmedSwing::FPS,
            ]);
        } finally {
            proc_terminate($server);
            proc_close($server);
        }
        self::assertIsString($made);
        self::assertStringStartsNotWith('!', $made);

        return base64_decode($made, true) ?: '';
    }

    private static function freePort(): int
    {
        $probe = stream_socket_server('tcp://127.0.0.1:0');
        self::assertIsResource($probe);
        $name = (string) stream_socket_get_name($probe, false);
        fclose($probe);

        return (int) substr($name, (int) strrpos($name, ':') + 1);
    }
}
