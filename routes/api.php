<?php

declare(strict_types=1);

use App\Academy\AcademyController;
use App\Academy\AccountLinkController;
use App\Academy\CalibrationController;
use App\Academy\StudentShareController;
use App\Account\AccountController;
use App\Account\CodeAgain;
use App\Account\SecondFactorController;
use App\Account\SessionController;
use App\Archive\ArchiveController;
use App\Archive\BinController;
use App\Audit\StudentTrailController;
use App\Audit\WhoSaw;
use App\Consents\ConsentController;
use App\Feed\DrillFeedController;
use App\Feed\FeedController;
use App\Feed\FeedDeviceController;
use App\Http\Middleware\InReadersLanguage;
use App\Http\Middleware\OwnEntries;
use App\Http\Middleware\PrivatePage;
use App\Http\Middleware\WhereTheDeviceIs;
use App\Http\Middleware\WholeJson;
use App\Http\Middleware\WrongLinks;
use App\Ledger\AskedFirstController;
use App\Ledger\BlindCasesController;
use App\Ledger\ConfirmController;
use App\Ledger\LedgerController;
use App\Lessons\BallController;
use App\Lessons\BallSetController;
use App\Lessons\CaseFileController;
use App\Lessons\ComparisonController;
use App\Lessons\HistoryController;
use App\Lessons\LessonController;
use App\Lessons\PrescriptionController;
use App\Lessons\TrialController;
use App\Library\CatalogueController;
use App\Library\LibraryController;
use App\Library\SchemaController;
use App\Measuring\MeasureController;
use App\Operations\HealthController;
use App\Operations\PingController;
use App\Practice\OwnWayController;
use App\Practice\PracticeController;
use App\Practice\PracticeNoteController;
use App\Progress\ProgressController;
use App\Progress\TodayController;
use App\Reports\ReportBatchController;
use App\Reports\ReportController;
use App\Sample\SampleController;
use App\Sharing\SharedController;
use App\Sharing\ShareLinkController;
use App\Sheets\SheetController;
use App\Shots\ShotController;
use App\Stills\StillController;
use App\Students\StudentController;
use Illuminate\Support\Facades\Route;

Route::post('sign-in', [SessionController::class, 'store'])
    ->middleware(InReadersLanguage::class)
    ->name('session.store');

Route::middleware(InReadersLanguage::class)->group(static function (): void {
    Route::get('first-start', [AccountController::class, 'firstStart'])->name('account.first-start');
    Route::post('first-start', [AccountController::class, 'makeFirst'])
        ->middleware('throttle:shared')
        ->name('account.make-first');
    // Whoever holds the link.
    Route::get('doors/{token}', [AccountLinkController::class, 'door'])
        ->middleware([PrivatePage::class, WrongLinks::class])
        ->name('account-link.door');
    Route::post('doors/{token}', [AccountLinkController::class, 'enter'])
        ->middleware([PrivatePage::class, WrongLinks::class])
        ->name('account-link.enter');
});

Route::get('ping', PingController::class)->name('ping');

// Open to everybody: what the case format allows.
Route::get('schema/case', SchemaController::class)->name('schema');

// Measuring devices: whoever holds a token. Lines of JSON are no whole JSON.
Route::post('feed', FeedController::class)
    ->withoutMiddleware(WholeJson::class)
    ->name('feed');

// The student's page: whoever holds the link.
Route::middleware([PrivatePage::class, WrongLinks::class, WhoSaw::class])
    ->prefix('shared/{token}')
    ->group(static function (): void {
        Route::get('/', [SharedController::class, 'show'])->name('shared.show');
        Route::get('practice.ics', [SharedController::class, 'calendar'])->name('shared.calendar');
        Route::get('trail', [StudentTrailController::class, 'ofLink'])->name('student-trail.of-link');
        Route::get('export', [SharedController::class, 'export'])->name('shared.export');
        Route::put('results/{resultId}', [SharedController::class, 'putResult'])
            ->name('shared.put-result')
            ->whereUlid('resultId');
        Route::put('notes/{noteId}', [PracticeNoteController::class, 'put'])
            ->name('practice-note.put')
            ->whereUlid('noteId');
        Route::delete('notes/{noteId}', [PracticeNoteController::class, 'destroy'])
            ->name('practice-note.destroy')
            ->whereUlid('noteId');
        Route::delete('/', [SharedController::class, 'erase'])->name('shared.erase');
    });

Route::middleware([
    InReadersLanguage::class, WhereTheDeviceIs::class, 'auth:sanctum', OwnEntries::class, WhoSaw::class,
])->group(static function (): void {
    Route::get('me', [SessionController::class, 'show'])->name('session.show');
    Route::put('me', [AccountController::class, 'put'])->name('account.put');
    Route::get('blind-cases', [BlindCasesController::class, 'show'])->name('blind-cases.show');
    Route::post('blind-cases', [BlindCasesController::class, 'judge'])->name('blind-cases.judge');
    Route::get('me/asked-first', AskedFirstController::class)->name('asked-first.show');
    Route::put('me/sample', [SampleController::class, 'take'])->name('sample.take');
    Route::delete('me/sample', [SampleController::class, 'leave'])->name('sample.leave');
    Route::put('me/email', [AccountController::class, 'changeEmail'])->name('account.change-email');
    Route::put('me/password', [AccountController::class, 'changePassword'])->name('account.change-password');
    Route::post('me/second-factor', [SecondFactorController::class, 'begin'])->name('second-factor.begin');
    Route::put('me/second-factor', [SecondFactorController::class, 'turnOn'])->name('second-factor.turn-on');
    Route::post('me/second-factor/code', [SecondFactorController::class, 'say'])->name('second-factor.say');
    Route::delete('me/second-factor', [SecondFactorController::class, 'turnOff'])->name('second-factor.turn-off');
    Route::get('sessions', [SessionController::class, 'index'])->name('session.index');
    Route::delete('sessions/others', [SessionController::class, 'endOthers'])->name('session.end-others');
    Route::delete('sessions/{key}', [SessionController::class, 'end'])
        ->name('session.end')
        ->where('key', '[0-9a-f]{64}');
    Route::post('sign-out', [SessionController::class, 'destroy'])->name('session.destroy');
    Route::get('academy', [AcademyController::class, 'show'])->name('academy.show');
    Route::put('academy', [AcademyController::class, 'put'])->name('academy.put');
    Route::get('academy/outlook', [AcademyController::class, 'outlook'])->name('academy.outlook');
    Route::get('health', HealthController::class)->name('health');
    Route::get('academy/calibration', [CalibrationController::class, 'show'])->name('calibration.show');
    Route::put('academy/calibration', [CalibrationController::class, 'put'])
        ->middleware(CodeAgain::class)
        ->name('calibration.put');
    Route::get('academy/ledger', [LedgerController::class, 'show'])->name('ledger.show');
    Route::put('academy/ledger', [LedgerController::class, 'put'])->name('ledger.put');
    Route::post('academy/ledger/learn', [LedgerController::class, 'learn'])->name('ledger.learn');
    Route::get('academy/ledger.jsonl', [LedgerController::class, 'lines'])
        ->middleware(CodeAgain::class)
        ->name('ledger.lines');
    Route::get('academy/audit', [AcademyController::class, 'audit'])->name('academy.audit');
    Route::get('academy/audit.csv', [AcademyController::class, 'auditSheet'])
        ->middleware(CodeAgain::class)
        ->name('academy.audit-sheet');
    Route::put('academy/coaches/{coach}', [AcademyController::class, 'putCoach'])
        ->middleware(CodeAgain::class)
        ->name('academy.put-coach');
    Route::get('academy/coaches/{coach}/students', [AcademyController::class, 'students'])->name('academy.students');
    Route::get('academy/coaches/{coach}/archive', [ArchiveController::class, 'ofCoach'])
        ->middleware(CodeAgain::class)
        ->name('archive.of-coach');
    Route::get('academy/links', [AccountLinkController::class, 'index'])->name('account-link.index');
    Route::post('academy/links', [AccountLinkController::class, 'store'])
        ->middleware(CodeAgain::class)
        ->name('account-link.store');
    Route::delete('academy/links/{accountLink}', [AccountLinkController::class, 'destroy'])->name('account-link.destroy');
    Route::get('students/{student}/shares', [StudentShareController::class, 'index'])->name('student-share.index');
    Route::put('students/{student}/shares/{coach}', [StudentShareController::class, 'put'])->name('student-share.put');
    Route::delete('students/{student}/shares/{coach}', [StudentShareController::class, 'destroy'])->name('student-share.destroy');
    Route::post('students/{student}/hand-over', [StudentShareController::class, 'handOver'])
        ->middleware(CodeAgain::class)
        ->name('student-share.hand-over');
    Route::get('catalogue', CatalogueController::class)->name('catalogue');
    Route::get('library', LibraryController::class)->name('library');

    Route::get('own', [OwnWayController::class, 'index'])->name('own-way.index');
    Route::put('own/cards/{cardId}', [OwnWayController::class, 'putCard'])
        ->name('own-way.put-card')
        ->whereUlid('cardId');
    Route::delete('own/cards/{card}', [OwnWayController::class, 'deleteCard'])->name('own-way.delete-card');
    Route::put('own/drills/{drillId}', [OwnWayController::class, 'putDrill'])
        ->name('own-way.put-drill')
        ->whereUlid('drillId');
    Route::delete('own/drills/{drill}', [OwnWayController::class, 'deleteDrill'])->name('own-way.delete-drill');
    Route::get('measure/made-up', [MeasureController::class, 'madeUp'])->name('measure.made-up');
    Route::post('measure/picture', [MeasureController::class, 'picture'])->name('measure.picture');
    Route::post('measure/trace', [MeasureController::class, 'trace'])->name('measure.trace');
    Route::post('shots/plan', [ShotController::class, 'plan'])->name('shot.plan');
    Route::post('shots/sand', [ShotController::class, 'sand'])->name('shot.sand');
    Route::post('shots/brush', [ShotController::class, 'brush'])->name('shot.brush');
    Route::put('students/{student}/brushes/{brushId}', [ShotController::class, 'keepBrush'])
        ->name('shot.keep-brush')
        ->whereUlid('brushId');
    Route::get('students/{student}/distances', [ShotController::class, 'distances'])->name('shot.distances');
    Route::get('today', TodayController::class)->name('today');
    Route::get('feed-devices', [FeedDeviceController::class, 'index'])->name('feed-device.index');
    Route::post('feed-devices', [FeedDeviceController::class, 'store'])->name('feed-device.store');
    Route::put('feed-devices/{device}/lesson', [FeedDeviceController::class, 'join'])->name('feed-device.join');
    Route::put('feed-devices/{device}/student', [DrillFeedController::class, 'join'])->name('drill-feed.join');
    Route::delete('feed-devices/{device}', [FeedDeviceController::class, 'destroy'])->name('feed-device.destroy');
    Route::get('lessons/{lesson}/feed', [FeedDeviceController::class, 'ofLesson'])->name('feed-device.of-lesson');
    Route::get('lessons/{lesson}/feed/made-up', [FeedDeviceController::class, 'madeUp'])->name('feed-device.made-up');
    Route::delete('lessons/{lesson}/feed/{feedBall}', [FeedDeviceController::class, 'setAside'])->name('feed-device.set-aside');
    Route::get('students/{student}/feed', [DrillFeedController::class, 'show'])->name('drill-feed.show');
    Route::get('students/{student}/feed/made-up', [DrillFeedController::class, 'madeUp'])->name('drill-feed.made-up');
    Route::delete('students/{student}/feed/{feedBall}', [DrillFeedController::class, 'counted'])->name('drill-feed.counted');
    Route::get('archive', [ArchiveController::class, 'show'])
        ->middleware(CodeAgain::class)
        ->name('archive.show');
    Route::post('archive', [ArchiveController::class, 'store'])->name('archive.store');
    Route::get('archive/readings/{id}', [ArchiveController::class, 'reading'])
        ->name('archive.reading')
        ->whereUlid('id');
    Route::get('bin', [BinController::class, 'index'])->name('bin.index');
    Route::post('bin/students/{studentId}', [BinController::class, 'restoreStudent'])
        ->name('bin.restore-student')
        ->whereUlid('studentId');
    Route::post('bin/lessons/{lessonId}', [BinController::class, 'restoreLesson'])
        ->name('bin.restore-lesson')
        ->whereUlid('lessonId');
    Route::delete('students/{student}', [BinController::class, 'deleteStudent'])->name('bin.delete-student');
    Route::delete('students/{studentId}/for-good', [BinController::class, 'erase'])
        ->middleware(CodeAgain::class)->name('bin.erase')
        ->whereUlid('studentId');
    Route::delete('lessons/{lesson}', [BinController::class, 'deleteLesson'])->name('bin.delete-lesson');
    Route::get('students', [StudentController::class, 'index'])->name('student.index');
    Route::get('students/{student}', [StudentController::class, 'show'])->name('student.show');
    Route::put('students/{studentId}', [StudentController::class, 'put'])
        ->name('student.put')
        ->whereUlid('studentId');
    Route::get('students/{student}/progress', ProgressController::class)->name('progress');
    Route::get('students/{student}/sheets', [SheetController::class, 'index'])->name('sheet.index');
    Route::post('students/{student}/sheets', [SheetController::class, 'store'])->name('sheet.store');
    Route::get('sheets/{import}', [SheetController::class, 'show'])->name('sheet.show');
    Route::post('sheets/{import}/check', [SheetController::class, 'check'])->name('sheet.check');
    Route::post('sheets/{import}/confirm', [SheetController::class, 'confirm'])->name('sheet.confirm');
    Route::post('sheets/{import}/stop', [SheetController::class, 'stop'])->name('sheet.stop');
    Route::post('sheets/{import}/go-on', [SheetController::class, 'goOn'])->name('sheet.go-on');
    Route::delete('sheets/{import}', [SheetController::class, 'destroy'])->name('sheet.destroy');
    Route::delete('sheet-presets/{preset}', [SheetController::class, 'forgetPreset'])->name('sheet.forget-preset');
    Route::get('students/{student}/practice', [PracticeController::class, 'show'])->name('practice.show');
    Route::put('students/{student}/plan', [PracticeController::class, 'putPlan'])->name('practice.put-plan');
    Route::put('students/{student}/plan/sessions/{session}', [PracticeController::class, 'moveSession'])->name('practice.move-session');
    Route::get('students/{student}/practice.ics', [PracticeController::class, 'calendar'])->name('practice.calendar');
    Route::put('students/{student}/results/{resultId}', [PracticeController::class, 'putResult'])
        ->name('practice.put-result')
        ->whereUlid('resultId');
    Route::get('students/{student}/consents', [ConsentController::class, 'index'])->name('consent.index');
    Route::put('students/{student}/consents/{consentId}', [ConsentController::class, 'put'])
        ->name('consent.put')
        ->whereUlid('consentId');
    Route::delete('students/{student}/consents/{consent}', [ConsentController::class, 'withdraw'])
        ->name('consent.withdraw')
        ->scopeBindings();
    Route::get('students/{student}/trail', [StudentTrailController::class, 'ofStudent'])->name('student-trail.of-student');
    Route::get('students/{student}/links', [ShareLinkController::class, 'index'])->name('share-link.index');
    Route::post('students/{student}/links', [ShareLinkController::class, 'store'])
        ->middleware(CodeAgain::class.':child')
        ->name('share-link.store');
    Route::delete('students/{student}/links/{link}', [ShareLinkController::class, 'destroy'])->name('share-link.destroy');

    Route::post('students/{student}/links/{link}/restore', [ShareLinkController::class, 'restore'])->name('share-link.restore');

    // Ids are made by the device, so that sending anything twice stores it once.
    Route::put('lessons/{lessonId}', [LessonController::class, 'put'])
        ->name('lesson.put')
        ->whereUlid('lessonId');
    Route::get('lessons/{lesson}', [LessonController::class, 'show'])->name('lesson.show');
    Route::get('lessons/{lesson}/comparison', ComparisonController::class)->name('comparison');
    Route::get('lessons/{lesson}/history', [HistoryController::class, 'ofLesson'])->name('history.of-lesson');
    Route::get('students/{student}/stills', [StillController::class, 'index'])->name('still.index');
    Route::post('lessons/{lesson}/stills', [StillController::class, 'store'])->name('still.store');
    Route::get('lessons/{lesson}/stills/{still}', [StillController::class, 'show'])
        ->name('still.show')
        ->scopeBindings();
    Route::delete('lessons/{lesson}/stills/{still}', [StillController::class, 'destroy'])
        ->name('still.destroy')
        ->scopeBindings();
    Route::get('lessons/{lesson}/report', ReportController::class)->name('report');
    Route::post('reports', [ReportBatchController::class, 'store'])->name('report-batch.store');
    Route::get('reports/{batch}', [ReportBatchController::class, 'show'])
        ->name('report-batch.show')
        ->whereUuid('batch');
    Route::get('reports/{batch}/zip', [ReportBatchController::class, 'download'])
        ->name('report-batch.download')
        ->whereUuid('batch');
    Route::get('lessons/{lesson}/sets/{set}/case', CaseFileController::class)->name('case-file')->scopeBindings();
    Route::put('lessons/{lesson}/sets/{setId}', [BallSetController::class, 'put'])
        ->name('ball-set.put')
        ->whereUlid('setId');
    Route::get('lessons/{lesson}/sets/{set}/causes/{cause}/prescription', [PrescriptionController::class, 'propose'])
        ->name('prescription.propose')
        ->scopeBindings();
    Route::get('lessons/{lesson}/sets/{set}/drills', [PrescriptionController::class, 'drills'])
        ->name('prescription.drills')
        ->scopeBindings();
    Route::post('lessons/{lesson}/sets/{set}/try', TrialController::class)->name('trial')->scopeBindings();
    Route::put('lessons/{lesson}/prescription', [PrescriptionController::class, 'put'])->name('prescription.put');
    Route::put('lessons/{lesson}/confirmed', ConfirmController::class)->name('prescription.confirm');
    Route::delete('lessons/{lesson}/prescription', [PrescriptionController::class, 'takeBack'])->name('prescription.take-back');
    Route::put('lessons/{lesson}/sets/{set}/balls/{ballId}', [BallController::class, 'put'])
        ->name('ball.put')
        ->whereUlid('ballId')
        ->scopeBindings();
    Route::get('lessons/{lesson}/sets/{set}/balls/{ballId}/history', [HistoryController::class, 'ofBall'])
        ->name('history.of-ball')
        ->whereUlid('ballId')
        ->scopeBindings();
    Route::delete('lessons/{lesson}/sets/{set}/balls/{ballId}', [BallController::class, 'destroy'])
        ->name('ball.destroy')
        ->whereUlid('ballId')
        ->scopeBindings();
});
