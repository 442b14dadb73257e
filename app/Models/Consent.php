<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonInterface;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * That a guardian of a child has agreed: who, when, to what. What was withdrawn stays on record.
 *
 * @property string $id
 * @property string $student_id
 * @property ConsentPurpose $purpose
 * @property string $given_by
 * @property CarbonInterface $given_at
 * @property CarbonInterface|null $withdrawn_at
 * @property Student $student
 */
final class Consent extends Model
{
    use HasUlids;
    use KeepsHistory;

    protected $fillable = ['id', 'purpose', 'given_by', 'given_at', 'withdrawn_at'];

    protected $casts = ['purpose' => ConsentPurpose::class, 'given_at' => 'datetime', 'withdrawn_at' => 'datetime'];

    /** @return BelongsTo<Student, $this> */
    public function student(): BelongsTo
    {
        return $this->belongsTo(Student::class);
    }
}
