<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * One line of the audit trail: only added, the database refuses the rest. Of a student it holds what does not lead back to anybody who
 * was erased.
 *
 * @property string $id
 * @property string $academy_id
 * @property string|null $coach_id
 * @property string $coach_name
 * @property Deed $deed
 * @property string|null $student_hash
 * @property array<string, string> $about
 * @property Carbon $done_at
 */
final class AuditEntry extends Model
{
    use HasUlids;

    /** The same as hashOf, in the store, of its column id. */
    public const HASH_OF_ID = 'sha2(lower(id), 256)';

    public $timestamps = false;

    protected $fillable = ['academy_id', 'coach_id', 'coach_name', 'deed', 'student_hash', 'about', 'done_at'];

    protected $casts = ['deed' => Deed::class, 'about' => 'array', 'done_at' => 'datetime:Y-m-d H:i:s.v'];

    /** Half of an id is chance, 80 bits of it: nobody comes back from here to an id that is gone. */
    public static function hashOf(string $studentId): string
    {
        return hash('sha256', strtolower($studentId));
    }
}
