<?php

declare(strict_types=1);

namespace App\Archive;

use App\Models\User;
use App\Operations\Pulse;
use App\Store\FileFailure;
use App\Store\WholeFile;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;
use LowPoint\Core\InvalidInput;

/**
 * An archive on its way back into an account, read by the queue. How far it has come is told outside of the store: the
 * rows themselves are all written together, or none of them.
 */
final readonly class ArchiveImport
{
    private const FOLDER = 'archives';

    private const TOLD_FOR_HOURS = 24;

    public function __construct(
        private AccountArchive $archive,
        private WholeFile $whole,
    ) {}

    /** @throws InvalidInput when the account is not empty, or the file is no archive */
    public function begin(User $coach, string $path): string
    {
        $total = $this->archive->check($coach, $path);
        $id = (string) Str::ulid();
        $this->whole->keep(self::file($id), fopen($path, 'r') ?: throw FileFailure::notRead('the archive'));
        self::tell($id, ['coach' => $coach->id, 'state' => 'reading', 'done' => 0, 'total' => $total, 'message' => '']);

        return $id;
    }

    public function read(string $id): void
    {
        $told = self::told($id) + ['coach' => '', 'total' => 0];
        $coach = User::query()->findOrFail($told['coach']);
        try {
            $copy = self::copy($id);
            $path = (string) (stream_get_meta_data($copy)['uri'] ?? '');
            $rows = $this->archive->read($coach, $path, static function (int $done) use ($id, $told): void {
                Pulse::LongWorker->beat();
                self::tell($id, [...$told, 'done' => $done]);
            });
            $counts = array_map(
                static fn(string $table, int $n): string => "{$n} ".str_replace('_', ' ', $table),
                array_keys($rows),
                $rows,
            );
            self::tell($id, [
                ...$told,
                'done' => $told['total'],
                'state' => 'done',
                'message' => 'Read back: '.implode(', ', $counts).'.',
            ]);
        } catch (InvalidInput $e) {
            self::tell($id, [...$told, 'state' => 'refused', 'message' => "{$e->faults[0]->message()}. Nothing was stored."]);
        }
        Storage::delete(self::file($id));
    }

    public function stop(string $id): void
    {
        self::tell($id, [...self::told($id), 'state' => 'refused', 'message' => 'Reading it broke off. Nothing was stored; try again.']);
        Storage::delete(self::file($id));
    }

    /** Takes out what nobody has read: how far it has come is not known any longer either. */
    public function expire(): void
    {
        $before = now()->subHours(self::TOLD_FOR_HOURS)->getTimestamp();
        foreach (Storage::files(self::FOLDER) as $file) {
            if (Storage::lastModified($file) < $before) {
                Storage::delete($file);
            }
        }
    }

    /** @return array{coach: string, state: string, done: int, total: int, message: string}|array{} */
    public static function told(string $id): array
    {
        return Cache::get("archive {$id}", []);
    }

    /** @param array<string, mixed> $what */
    private static function tell(string $id, array $what): void
    {
        Cache::put("archive {$id}", $what, now()->addHours(self::TOLD_FOR_HOURS));
    }

    /**
     * @return resource a copy on this machine, for a zip is opened by its path; gone with it
     *
     * @throws FileFailure when it is not there any more, or the disk is full
     */
    private static function copy(string $id): mixed
    {
        $copy = tmpfile();
        $kept = Storage::readStream(self::file($id));
        if ($copy === false || $kept === null || stream_copy_to_stream($kept, $copy) === false) {
            throw FileFailure::notRead("the archive {$id}");
        }

        return $copy;
    }

    /** On the disk of the app. */
    private static function file(string $id): string
    {
        return self::FOLDER."/{$id}.zip";
    }
}
