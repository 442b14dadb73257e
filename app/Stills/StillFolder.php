<?php

declare(strict_types=1);

namespace App\Stills;

use App\Models\Still;
use Illuminate\Contracts\Filesystem\Filesystem;
use LowPoint\Core\InvalidInput;

/** Where the files of stills lie: on the disk of the app, a folder for each lesson, and gone with it. */
final readonly class StillFolder
{
    public const MOST_PX = 1600;

    public const MOST_BYTES = 2 * 1024 * 1024;

    private const FOLDER = 'private/stills';

    private const BEGINS = "\xFF\xD8";

    /** Segments of a JPEG that tell about the camera and the place, or hold whatever somebody put there: APP1 to APP15, comments. */
    private const ABOUT = [0xe1, 0xef];

    private const COMMENT = 0xfe;

    private const SCAN = 0xda;

    public function __construct(private Filesystem $disk) {}

    public function put(Still $still, string $jpeg): void
    {
        $this->disk->put($this->path($still), $jpeg);
    }

    public function get(Still $still): ?string
    {
        return $this->disk->exists($this->path($still)) ? $this->disk->get($this->path($still)) : null;
    }

    public function delete(Still $still): void
    {
        $this->disk->delete($this->path($still));
    }

    /** @param iterable<string> $lessons */
    public function forget(iterable $lessons): void
    {
        foreach ($lessons as $lesson) {
            $this->disk->deleteDirectory(self::FOLDER."/{$lesson}");
        }
    }

    private function path(Still $still): string
    {
        return self::FOLDER."/{$still->lesson_id}/{$still->id}.jpg";
    }

    /**
     * The picture alone: what a camera writes about itself, the place and the time is left behind.
     *
     * @return array{jpeg: string, width: int, height: int}
     *
     * @throws InvalidInput for what is no JPEG of that size
     */
    public static function clean(string $file): array
    {
        $size = @getimagesizefromstring($file);
        if (! str_starts_with($file, self::BEGINS) || $size === false || $size['mime'] !== 'image/jpeg') {
            throw InvalidInput::one('still', mb_strimwidth(mb_scrub($file), 0, 12, '…'), 'a JPEG');
        }
        [$width, $height] = $size;
        if (\strlen($file) > self::MOST_BYTES || $width < 1 || $height < 1 || max($width, $height) > self::MOST_PX) {
            throw InvalidInput::one(
                'still',
                "{$width} x {$height} px",
                'up to '.self::MOST_PX.' px a side and '.self::MOST_BYTES / 1024 / 1024 .' MB',
            );
        }
        $jpeg = self::BEGINS;
        for ($at = 2; $at + 4 <= \strlen($file) && $file[$at] === "\xFF";) {
            $marker = \ord($file[$at + 1]);
            if ($marker === self::SCAN) {
                return ['jpeg' => $jpeg.substr($file, $at), 'width' => $width, 'height' => $height];
            }
            /** @var array{1: int} $length */
            $length = unpack('n', $file, $at + 2);
            if (($marker < self::ABOUT[0] || $marker > self::ABOUT[1]) && $marker !== self::COMMENT) {
                $jpeg .= substr($file, $at, 2 + $length[1]);
            }
            $at += 2 + $length[1];
        }
        throw InvalidInput::one('still', 'a broken file', 'a JPEG');
    }
}
