<?php

declare(strict_types=1);

namespace App\Models;

use Database\Factories\StudentFactory;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use LowPoint\Core\Club\Bag;
use LowPoint\Core\Club\Club;
use LowPoint\Core\Evidence\Limit;
use LowPoint\Core\InvalidInput;
use LowPoint\Core\Wording\Language;
use LowPoint\Core\Wording\Units;

/**
 * @property string $id
 * @property string $coach_id
 * @property string $name
 * @property string $handed
 * @property string $about
 * @property list<string> $limits
 * @property Units|null $units null = as the coach's
 * @property Language|null $language of the student's page; null = as his device says
 * @property float|null $step_m length of his step; null = as anybody's
 * @property list<array{loft_deg: float, bounce_deg: float, name?: string}>|null $bag null = the coach's clubs
 * @property Carbon|null $inactive_since not coming at present
 * @property Carbon|null $deleted_at
 * @property int|null $lessons_count where it was counted
 * @property User $coach
 * @property \Illuminate\Database\Eloquent\Collection<int, StudentShare> $shares
 * @property Plan|null $plan
 */
final class Student extends Model
{
    /** @use HasFactory<StudentFactory> */
    use HasFactory;
    use HasUlids;
    use KeepsHistory;
    use SoftDeletes;

    /** Told to whoever may see him. */
    public const IN_THE_BIN =
        'This student was deleted, perhaps on another device. He can be put back from the bin for 30 days; then what waits here can be '
        .'sent.';

    protected $fillable = ['name', 'handed', 'about', 'limits', 'units', 'inactive_since', 'language', 'step_m', 'bag'];

    protected $casts = [
        'limits' => 'array',
        'units' => Units::class,
        'inactive_since' => 'datetime',
        'language' => Language::class,
        'step_m' => 'float',
        'bag' => 'array',
    ];

    protected static function booted(): void
    {
        static::updated(static function (Student $student): void {
            if ($student->wasChanged(['handed', 'limits'])) {
                BallSet::countChange('lesson_id', DB::table('lessons')->where('student_id', $student->id)->select('id'));
            }
        });
    }

    /** @return BelongsTo<User, $this> */
    public function coach(): BelongsTo
    {
        return $this->belongsTo(User::class, 'coach_id');
    }

    /** @return HasMany<StudentShare, $this> */
    public function shares(): HasMany
    {
        return $this->hasMany(StudentShare::class)->orderBy('id');
    }

    /** What a coach may do with this student of somebody else's, null = nothing. */
    public function sharedWith(User $coach): ?ShareLevel
    {
        return $this->shares->firstWhere('coach_id', $coach->id)?->level;
    }

    /** @return HasMany<Lesson, $this> latest first */
    public function lessons(): HasMany
    {
        return $this->hasMany(Lesson::class)->latest('began_at')->latest('id');
    }

    /** @return HasOne<Plan, $this> */
    public function plan(): HasOne
    {
        return $this->hasOne(Plan::class);
    }

    /** @return HasMany<SlopeBrush, $this> */
    public function brushes(): HasMany
    {
        return $this->hasMany(SlopeBrush::class)->orderBy('id');
    }

    /** @return HasMany<Consent, $this> latest first */
    public function consents(): HasMany
    {
        return $this->hasMany(Consent::class)->orderByDesc('given_at')->orderByDesc('id');
    }

    /** @return HasMany<DrillResult, $this> latest first */
    public function results(): HasMany
    {
        return $this->hasMany(DrillResult::class)->orderByDesc('done_at')->orderByDesc('id');
    }

    /** @return HasMany<PracticeNote, $this> latest first */
    public function practiceNotes(): HasMany
    {
        return $this->hasMany(PracticeNote::class)->orderByDesc('said_at')->orderByDesc('id');
    }

    /** @return HasMany<ShareLink, $this> latest first */
    public function links(): HasMany
    {
        return $this->hasMany(ShareLink::class)->orderByDesc('id');
    }

    /** @return non-empty-list<Club> the clubs he plays, by loft */
    public function clubs(): array
    {
        $clubs = $this->bag === null ? [] : Bag::of($this->bag);

        return $clubs === [] ? $this->coach->clubs() : $clubs;
    }

    public function shownUnits(): Units
    {
        return $this->units ?? $this->coach->units;
    }

    /** @return list<Limit> */
    public function limitsToMind(): array
    {
        return array_map(static fn(string $limit): Limit => Limit::from($limit), $this->limits);
    }

    /** A child, for whom no guardian has agreed to this, or none does any more. */
    public function lacksConsent(ConsentPurpose $to): bool
    {
        return $this->needsGuardian() && ! $this->hasConsent($to);
    }

    public function hasConsent(ConsentPurpose $to): bool
    {
        return $this->consents()->where('purpose', $to)->whereNull('withdrawn_at')->exists();
    }

    /** @throws InvalidInput where it lacks */
    public function demandConsent(ConsentPurpose $to): void
    {
        if ($this->lacksConsent($to)) {
            throw InvalidInput::one('consent', null, "{$to->needs()} only with a guardian’s consent on record: who, when, for what");
        }
    }

    /** A responsible adult must be present. */
    public function needsGuardian(): bool
    {
        return \in_array(Limit::Under14, $this->limitsToMind(), true);
    }
}
