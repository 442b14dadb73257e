<?php

declare(strict_types=1);

namespace App\Archive;

use App\Models\Lesson;
use App\Models\SheetImport;
use App\Models\Student;
use App\Models\User;
use App\Reports\ReportFolder;
use Carbon\CarbonInterface;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Str;

/** What was deleted comes back within 30 days, then really goes; at once on a student's request (handbook 07). */
final class Bin
{
    public const DAYS = 30;

    public function __construct(private readonly ReportFolder $reports) {}

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
                ->whereIn('student_id', Student::query()->where('coach_id', $coach->id)->select('id'))
                ->get() as $one
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
        $before = now()->subDays(self::DAYS);
        $students = Student::onlyTrashed()->where('deleted_at', '<', $before)->get()->each(fn(Student $one) => $this->erase($one));
        $lessons = Lesson::onlyTrashed()->where('deleted_at', '<', $before)->get()->each(static fn(Lesson $one) => $one->forceDelete());

        // Sheets that were looked at and never confirmed.
        $drafts = SheetImport::query()
            ->where('state', SheetImport::DRAFT)
            ->where('created_at', '<', now()->subDay())
            ->get()
            ->each(static function (SheetImport $one): void {
                File::delete($one->path());
                $one->delete();
            });

        return $students->count() + $lessons->count() + $drafts->count();
    }

    /**
     * Erases a student with all that hangs on it, now and for good.
     *
     * @return array{receipt: string, erased_at: string, lessons: int, balls: int, results: int, reports: int}
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
            ];
            $results = DB::table('drill_results')->where('student_id', $student->id)->pluck('id');
            foreach (
                collect([$student->id])
                    ->concat($results)
                    ->concat($lessons)
                    ->concat($sets)
                    ->concat($balls)
                    ->chunk(500) as $ids
            ) {
                DB::table('revisions')->whereIn('subject_id', $ids)->delete();
            }
            SheetImport::query()
                ->where('student_id', $student->id)
                ->get()
                ->each(static fn(SheetImport $one): bool => File::delete($one->path()));
            $student->forceDelete();
            /** @var Collection<int, string> $lessons */
            $receipt['reports'] = $this->reports->forget($lessons);

            return $receipt;
        });
    }
}
