<?php

declare(strict_types=1);

namespace App\Archive;

use App\Models\AccountLink;
use App\Models\Lesson;
use App\Models\ShareLink;
use App\Models\SheetImport;
use App\Models\Student;
use App\Models\User;
use App\Reports\ReportFolder;
use App\Stills\StillFolder;
use Carbon\CarbonInterface;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;

/**
 * What was deleted comes back within 30 days, then really goes; at once on a student's request (handbook 07).
 *
 * @phpstan-import-type ErasureShape from ErasureResource
 */
final class Bin
{
    public const DAYS = 30;

    public function __construct(
        private readonly ReportFolder $reports,
        private readonly StillFolder $stills,
        private readonly ArchiveImport $archives,
    ) {}

    /** @return list<array{kind: string, id: string, name: string, deleted_at: string, until: string}> latest first */
    public function of(User $coach): array
    {
        $shown = static fn(string $kind, string $id, string $name, CarbonInterface $at): array => [
            'kind' => $kind,
            'id' => $id,
            'name' => $name,
            'deleted_at' => $at->toIso8601String(),
            'until' => $at->copy()->addDays(self::DAYS)->toIso8601String(),
        ];
        $all = [];
        foreach (Student::onlyTrashed()->where('coach_id', $coach->id)->get() as $one) {
            $all[] = $shown('student', $one->id, $one->name, $one->deleted_at ?? now());
        }
        /** @var Lesson $one */
        foreach (
            Lesson::onlyTrashed()
                ->with('student')
                ->whereIn('student_id', $coach->reached()->select('id'))
                ->get()
                ->filter(static fn(Lesson $one): bool => $coach->can('restore', $one)) as $one
        ) {
            $all[] = $shown('lesson', $one->id, "{$one->student->name}, {$one->began_at->format('j M Y')}", $one->deleted_at ?? now());
        }
        usort($all, static fn(array $a, array $b): int => $b['deleted_at'] <=> $a['deleted_at']);

        return $all;
    }

    /** Erases what lies here longer than 30 days. @return int records erased */
    public function empty(): int
    {
        $this->reports->expire();
        $this->archives->expire();
        $before = now()->subDays(self::DAYS);
        $students = Student::onlyTrashed()->where('deleted_at', '<', $before)->get()->each(fn(Student $one) => $this->erase($one));
        $lessons = Lesson::onlyTrashed()->where('deleted_at', '<', $before)->get()->each(function (Lesson $one): void {
            $one->forceDelete();
            $this->stills->forget([$one->id]);
        });

        // Sheets that were looked at and never confirmed.
        $drafts = SheetImport::query()
            ->where('state', SheetImport::DRAFT)
            ->where('created_at', '<', now()->subDay())
            ->get()
            ->each(static function (SheetImport $one): void {
                Storage::delete($one->file());
                $one->delete();
            });

        // Links that opened nothing any more for as long.
        $links = AccountLink::query()->where('expires_at', '<', $before)->delete()
            + ShareLink::query()->where('expires_at', '<', $before)->delete();

        return $students->count() + $lessons->count() + $drafts->count() + $links;
    }

    /**
     * Erases a student with all that hangs on it, now and for good.
     *
     * @return ErasureShape
     */
    public function erase(Student $student): array
    {
        return DB::transaction(function () use ($student): array {
            $lessons = DB::table('lessons')->where('student_id', $student->id)->pluck('id');
            $sets = DB::table('ball_sets')->whereIn('lesson_id', $lessons)->pluck('id');
            $balls = DB::table('balls')->whereIn('ball_set_id', $sets)->pluck('id');
            $receipt = [
                'receipt' => strtoupper((string) Str::ulid()),
                'erased_at' => now()->toIso8601String(),
                'lessons' => $lessons->count(),
                'balls' => $balls->count(),
                'results' => DB::table('drill_results')->where('student_id', $student->id)->count(),
                'plans' => DB::table('plans')->where('student_id', $student->id)->count(),
                'links' => DB::table('share_links')->where('student_id', $student->id)->count(),
                'sheets' => DB::table('sheet_imports')->where('student_id', $student->id)->count(),
                'history' => 0,
            ];
            $results = DB::table('drill_results')
                ->where('student_id', $student->id)
                ->pluck('id')
                ->concat(DB::table('practice_notes')->where('student_id', $student->id)->pluck('id'))
                ->concat(DB::table('consents')->where('student_id', $student->id)->pluck('id'));
            foreach (
                collect([$student->id])
                    ->concat($results)
                    ->concat($lessons)
                    ->concat($sets)
                    ->concat($balls)
                    ->chunk(500) as $ids
            ) {
                $receipt['history'] += DB::table('revisions')->whereIn('subject_id', $ids)->delete();
            }
            SheetImport::query()
                ->where('student_id', $student->id)
                ->get()
                ->each(static fn(SheetImport $one): bool => Storage::delete($one->file()));
            // What the worker had still to do for them.
            foreach (collect([$student->id])->concat($lessons) as $id) {
                foreach (['jobs', 'failed_jobs'] as $table) {
                    DB::table($table)->where('payload', 'like', "%{$id}%")->delete();
                }
            }
            $student->forceDelete();
            /** @var Collection<int, string> $lessons */
            $receipt['reports'] = $this->reports->forget($lessons);
            $this->stills->forget($lessons);

            return $receipt;
        });
    }
}
