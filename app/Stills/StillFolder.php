<?php

declare(strict_types=1);

namespace App\Stills;

use App\Models\Still;
use App\Store\WholeFile;
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

    private const ENDS = 0xd9;

    private const FILL = 0xff;

    private const HEADER = 0xe0;

    private const HEADER_BYTES = 16;

    public function __construct(private Filesystem $disk) {}

    public function put(Still $still, string $jpeg): void
    {
        (new WholeFile($this->disk))->keep($this->path($still), $jpeg);
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

        return ['jpeg' => self::withoutTales($file), 'width' => $width, 'height' => $height];
    }

    /**
     * All segments but those that tell something, up to the end of the picture: after it, and between its scans, too, a camera may write
     * where it was.
     *
     * @throws InvalidInput where it breaks off
     */
    private static function withoutTales(string $file): string
    {
        $jpeg = self::BEGINS;
        for ($at = 2; $at + 1 < \strlen($file) && $file[$at] === "\xFF";) {
            $marker = \ord($file[$at + 1]);
            if ($marker === self::FILL) {
                $at++;

                continue;
            }
            if ($marker === self::ENDS) {
                return $jpeg."\xFF\xD9";
            }
            $length = $at + 4 <= \strlen($file) ? unpack('n', $file, $at + 2) : false;
            if ($length === false || $length[1] < 2 || $at + 2 + $length[1] > \strlen($file)) {
                break;
            }
            // Of a header that every JPEG begins with only its first part: behind it may stand a small picture of what was cut away.
            $tells = ($marker >= self::ABOUT[0] && $marker <= self::ABOUT[1])
                || $marker === self::COMMENT
                || ($marker === self::HEADER && $length[1] > self::HEADER_BYTES);
            $jpeg .= $tells ? '' : substr($file, $at, 2 + $length[1]);
            $at += 2 + $length[1];
            if ($marker === self::SCAN) {
                $end = self::endOfScan($file, $at);
                $jpeg .= substr($file, $at, $end - $at);
                $at = $end;
            }
        }
        throw InvalidInput::one('still', 'a broken file', 'a JPEG');
    }

    /** Where a marker stands that is none of the scan's own. */
    private static function endOfScan(string $file, int $at): int
    {
        return preg_match('~\xFF[^\x00\xD0-\xD7\xFF]~', $file, $found, PREG_OFFSET_CAPTURE, $at) === 1 ? $found[0][1] : \strlen($file);
    }
}
