<?php

declare(strict_types=1);

namespace App\Audit;

use App\Models\AuditEntry;
use App\Models\Deed;
use App\Models\Student;
use App\Models\User;
use App\Store\FileFailure;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;

/**
 * Who signed in, exported, erased, shared, handed over, recalibrated.
 *
 * @phpstan-import-type AuditLineShape from AuditResource
 */
final readonly class AuditTrail
{
    private const AT_ONCE = 500;

    /** In one answer. */
    private const LINES = 100;

    /** @param array<string, string> $about what else there is to say, without the name of a student */
    public function note(User $coach, Deed $deed, ?string $studentId = null, array $about = []): void
    {
        AuditEntry::query()->create([
            'academy_id' => $coach->academy_id,
            'coach_id' => $coach->id,
            'coach_name' => $coach->name,
            'deed' => $deed,
            'student_hash' => $studentId === null ? null : AuditEntry::hashOf($studentId),
            'about' => $about,
            'done_at' => now(),
        ]);
    }

    /** What whoever holds a link to the student's page did. */
    public function noteLink(Student $student, Deed $deed, string $madeBy): void
    {
        AuditEntry::query()->create([
            'academy_id' => $student->coach->academy_id,
            'coach_id' => null,
            'coach_name' => '',
            'deed' => $deed,
            'student_hash' => AuditEntry::hashOf($student->id),
            'about' => array_filter(['link_of' => $madeBy]),
            'done_at' => now(),
        ]);
    }

    /** A page of what was done in an academy, the latest first; who saw and changed what of a student stands with him, and in the sheet. */
    public function ofAcademy(string $academyId, int $page): AuditResource
    {
        $of = AuditEntry::query()->where('academy_id', $academyId)->whereNotIn('deed', Deed::EACH_DAY);

        return $this->page($of, $academyId, $page);
    }

    /** The same of what concerns one student: for his coach, and for who holds a link to his page. */
    public function ofStudent(Student $student, int $page): AuditResource
    {
        $his = AuditEntry::query()->where('student_hash', AuditEntry::hashOf($student->id));

        return $this->page($his, $student->coach->academy_id, $page);
    }

    /** @param Builder<AuditEntry> $of */
    private function page(Builder $of, string $academyId, int $page): AuditResource
    {
        $lines = $of->orderByDesc('done_at')->orderByDesc('id')->forPage($page, self::LINES)->limit(self::LINES + 1)->get();

        return new AuditResource([
            'lines' => $this->told($academyId, $lines->take(self::LINES)),
            'next_page' => $lines->count() > self::LINES ? $page + 1 : null,
        ]);
    }

    /**
     * @param  Collection<int, AuditEntry>  $entries
     * @return list<AuditLineShape>
     */
    public function told(string $academyId, Collection $entries): array
    {
        $names = $this->names($academyId, $entries);
        $lines = [];
        foreach ($entries as $one) {
            $lines[] = [
                'id' => $one->id,
                'at' => $one->done_at->toIso8601String(),
                'coach' => $one->coach_name,
                'deed' => $one->deed->value,
                'student' => $one->student_hash === null ? null : $names[$one->student_hash] ?? '',
                'about' => $one->about,
            ];
        }

        return $lines;
    }

    /** Writes all of it out as CSV, the oldest first. */
    public function writeCsv(string $academyId): void
    {
        $out = fopen('php://output', 'wb');
        if ($out === false) {
            throw FileFailure::notWritten('the sheet');
        }
        fputcsv($out, ['at', 'coach', 'deed', 'student', 'about'], escape: '');
        foreach (AuditEntry::query()->where('academy_id', $academyId)->lazyById(self::AT_ONCE)->chunk(self::AT_ONCE) as $entries) {
            foreach ($this->told($academyId, $entries->collect()) as $one) {
                $about = [];
                foreach ($one['about'] as $key => $value) {
                    $about[] = "{$key}: {$value}";
                }
                $line = [$one['at'], $one['coach'], $one['deed'], $one['student'] ?? '', implode('; ', $about)];
                fputcsv($out, array_map(SafeCell::of(...), $line), escape: '');
            }
        }
        fclose($out);
    }

    /**
     * @param  Collection<int, AuditEntry>  $entries
     * @return array<string, string> names of the students that are still there, by hash
     */
    private function names(string $academyId, Collection $entries): array
    {
        $asked = $entries->pluck('student_hash')->filter()->unique();
        if ($asked->isEmpty()) {
            return [];
        }

        return Student::withTrashed()
            ->whereIn('coach_id', User::query()->where('academy_id', $academyId)->select('id'))
            ->whereIn(DB::raw(AuditEntry::HASH_OF_ID), $asked)
            ->pluck('name', 'id')
            ->mapWithKeys(static fn(string $name, string $id): array => [AuditEntry::hashOf($id) => $name])
            ->all();
    }
}
