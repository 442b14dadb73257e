<?php

declare(strict_types=1);

namespace App\Reports;

use App\Models\Lesson;
use Illuminate\Bus\Batchable;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use LowPoint\Core\Wording\Language;

/** One report of a batch, made beside the web server. */
final class MakeReport implements ShouldQueue
{
    use Batchable;
    use Queueable;

    public function __construct(
        private readonly string $lessonId,
        private readonly string $paper,
        private readonly Language $asked,
    ) {}

    public function handle(LessonReport $report, ReportFolder $folder): void
    {
        $lesson = Lesson::query()->find($this->lessonId);
        if ($lesson !== null && $this->batchId !== null) {
            $folder->put($this->batchId, $lesson, $report->pdf($lesson, $this->paper, $this->asked));
        }
    }
}
