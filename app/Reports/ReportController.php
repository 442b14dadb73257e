<?php

declare(strict_types=1);

namespace App\Reports;

use App\Contract\Endpoint;
use App\Language\Phrases;
use App\Models\Lesson;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use LowPoint\Core\Wording\Language;

/** A lesson on one page: as PDF, or with ?as=print as the page the PDF is made of. */
final class ReportController
{
    #[Endpoint(type: 'application/pdf', query: [
        'paper' => 'a4 or letter.',
        'as' => 'pdf, or print for the page itself.',
        'language' => 'en or de, where the coach has not said what the student reads.',
    ])]
    public function __invoke(Request $request, Lesson $lesson, LessonReport $report): Response
    {
        Gate::authorize('view', $lesson);
        $request->validate([
            'paper' => [Rule::in(LessonReport::PAPERS)],
            'as' => [Rule::in(['pdf', 'print'])],
            'language' => [Rule::enum(Language::class)],
        ]);
        $asked = $request->enum('language', Language::class) ?? Phrases::wanted($request);
        $paper = $request->string('paper', 'a4')->value();
        if ($request->input('as') === 'print') {
            return new Response($report->html($lesson, $paper, $asked, alone: true));
        }

        return new Response($report->pdf($lesson, $paper, $asked), 200, [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => 'inline; filename="lesson-'.$lesson->began_at->format('Y-m-d').'.pdf"',
        ]);
    }
}
