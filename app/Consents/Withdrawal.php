<?php

declare(strict_types=1);

namespace App\Consents;

use App\Models\Consent;
use App\Models\ConsentPurpose;
use App\Models\Still;
use App\Reports\ReportFolder;
use App\Stills\StillFolder;
use Illuminate\Support\Facades\DB;

/** A guardian takes his consent back: what rested on it ends at once. That he had agreed stays on record. */
final readonly class Withdrawal
{
    public function __construct(
        private StillFolder $folder,
        private ReportFolder $reports,
    ) {}

    public function of(Consent $consent): void
    {
        DB::transaction(function () use ($consent): void {
            $consent->update(['withdrawn_at' => $consent->withdrawn_at ?? now()]);
            // Also of one who is no child any more: what rested on it was agreed to for a child.
            if ($consent->student->hasConsent($consent->purpose)) {
                return;
            }
            match ($consent->purpose) {
                ConsentPurpose::Still => $this->takeOutPictures($consent),
                ConsentPurpose::Link => $consent->student->links()->whereNull('revoked_at')->update(['revoked_at' => now()]),
            };
        });
    }

    private function takeOutPictures(Consent $consent): void
    {
        // Also out of reports that wait to be fetched.
        $this->reports->forget($consent->student->lessons()->withTrashed()->pluck('id')->all());
        $lessons = $consent->student->lessons()->withTrashed()->select('id');
        foreach (Still::query()->whereIn('lesson_id', $lessons)->get() as $still) {
            $still->delete();
            $this->folder->delete($still);
        }
    }
}
