<?php

declare(strict_types=1);

use App\Http\Controllers\Api\ArchiveController;
use App\Http\Controllers\Api\BallController;
use App\Http\Controllers\Api\BallSetController;
use App\Http\Controllers\Api\BinController;
use App\Http\Controllers\Api\CaseFileController;
use App\Http\Controllers\Api\CatalogueController;
use App\Http\Controllers\Api\HistoryController;
use App\Http\Controllers\Api\LessonController;
use App\Http\Controllers\Api\LibraryController;
use App\Http\Controllers\Api\OwnWayController;
use App\Http\Controllers\Api\PingController;
use App\Http\Controllers\Api\PracticeController;
use App\Http\Controllers\Api\PrescriptionController;
use App\Http\Controllers\Api\ProgressController;
use App\Http\Controllers\Api\ReportBatchController;
use App\Http\Controllers\Api\ReportController;
use App\Http\Controllers\Api\SchemaController;
use App\Http\Controllers\Api\SessionController;
use App\Http\Controllers\Api\SharedController;
use App\Http\Controllers\Api\ShareLinkController;
use App\Http\Controllers\Api\SheetController;
use App\Http\Controllers\Api\StudentController;
use App\Http\Controllers\Api\TodayController;
use App\Http\Controllers\Api\TrialController;
use App\Http\Middleware\OwnEntries;
use App\Http\Middleware\PrivatePage;
use Illuminate\Support\Facades\Route;

Route::post('sign-in', [SessionController::class, 'store']);

Route::get('ping', PingController::class);

// Open to everybody: what the case format allows.
Route::get('schema/case', SchemaController::class);

// The student's page: whoever holds the link.
Route::middleware([PrivatePage::class, 'throttle:shared'])
    ->prefix('shared/{token}')
    ->group(static function (): void {
        Route::get('/', [SharedController::class, 'show']);
        Route::get('practice.ics', [SharedController::class, 'calendar']);
        Route::get('export', [SharedController::class, 'export']);
        Route::put('results/{resultId}', [SharedController::class, 'putResult'])->whereUlid('resultId');
        Route::delete('/', [SharedController::class, 'erase']);
    });

Route::middleware(['auth:sanctum', OwnEntries::class])->group(static function (): void {
    Route::get('me', [SessionController::class, 'show']);
    Route::post('sign-out', [SessionController::class, 'destroy']);
    Route::get('catalogue', CatalogueController::class);
    Route::get('library', LibraryController::class);

    Route::get('own', [OwnWayController::class, 'index']);
    Route::put('own/cards/{cardId}', [OwnWayController::class, 'putCard'])->whereUlid('cardId');
    Route::delete('own/cards/{card}', [OwnWayController::class, 'deleteCard']);
    Route::put('own/drills/{drillId}', [OwnWayController::class, 'putDrill'])->whereUlid('drillId');
    Route::delete('own/drills/{drill}', [OwnWayController::class, 'deleteDrill']);
    Route::get('today', TodayController::class);
    Route::get('archive', [ArchiveController::class, 'show']);
    Route::post('archive', [ArchiveController::class, 'store']);
    Route::get('archive/readings/{id}', [ArchiveController::class, 'reading'])->whereUlid('id');
    Route::get('bin', [BinController::class, 'index']);
    Route::post('bin/students/{studentId}', [BinController::class, 'restoreStudent'])->whereUlid('studentId');
    Route::post('bin/lessons/{lessonId}', [BinController::class, 'restoreLesson'])->whereUlid('lessonId');
    Route::delete('students/{student}', [BinController::class, 'deleteStudent']);
    Route::delete('students/{studentId}/for-good', [BinController::class, 'erase'])->whereUlid('studentId');
    Route::delete('lessons/{lesson}', [BinController::class, 'deleteLesson']);
    Route::get('students', [StudentController::class, 'index']);
    Route::get('students/{student}', [StudentController::class, 'show']);
    Route::put('students/{studentId}', [StudentController::class, 'put'])->whereUlid('studentId');
    Route::get('students/{student}/progress', ProgressController::class);
    Route::get('students/{student}/sheets', [SheetController::class, 'index']);
    Route::post('students/{student}/sheets', [SheetController::class, 'store']);
    Route::get('sheets/{import}', [SheetController::class, 'show']);
    Route::post('sheets/{import}/check', [SheetController::class, 'check']);
    Route::post('sheets/{import}/confirm', [SheetController::class, 'confirm']);
    Route::post('sheets/{import}/go-on', [SheetController::class, 'goOn']);
    Route::delete('sheets/{import}', [SheetController::class, 'destroy']);
    Route::delete('sheet-presets/{preset}', [SheetController::class, 'forgetPreset']);
    Route::get('students/{student}/practice', [PracticeController::class, 'show']);
    Route::put('students/{student}/plan', [PracticeController::class, 'putPlan']);
    Route::put('students/{student}/plan/sessions/{session}', [PracticeController::class, 'moveSession']);
    Route::get('students/{student}/practice.ics', [PracticeController::class, 'calendar']);
    Route::put('students/{student}/results/{resultId}', [PracticeController::class, 'putResult'])->whereUlid('resultId');
    Route::get('students/{student}/links', [ShareLinkController::class, 'index']);
    Route::post('students/{student}/links', [ShareLinkController::class, 'store']);
    Route::delete('students/{student}/links/{link}', [ShareLinkController::class, 'destroy']);

    // Ids are made by the device, so that sending anything twice stores it once.
    Route::put('lessons/{lessonId}', [LessonController::class, 'put'])->whereUlid('lessonId');
    Route::get('lessons/{lesson}', [LessonController::class, 'show']);
    Route::get('lessons/{lesson}/history', [HistoryController::class, 'ofLesson']);
    Route::get('lessons/{lesson}/report', ReportController::class);
    Route::post('reports', [ReportBatchController::class, 'store']);
    Route::get('reports/{batch}', [ReportBatchController::class, 'show'])->whereUuid('batch');
    Route::get('reports/{batch}/zip', [ReportBatchController::class, 'download'])->whereUuid('batch');
    Route::get('lessons/{lesson}/sets/{set}/case', CaseFileController::class)->scopeBindings();
    Route::put('lessons/{lesson}/sets/{setId}', [BallSetController::class, 'put'])->whereUlid('setId');
    Route::get('lessons/{lesson}/sets/{set}/causes/{cause}/prescription', [PrescriptionController::class, 'propose'])->scopeBindings();
    Route::get('lessons/{lesson}/sets/{set}/drills', [PrescriptionController::class, 'drills'])->scopeBindings();
    Route::post('lessons/{lesson}/sets/{set}/try', TrialController::class)->scopeBindings();
    Route::put('lessons/{lesson}/prescription', [PrescriptionController::class, 'put']);
    Route::put('lessons/{lesson}/sets/{set}/balls/{ballId}', [BallController::class, 'put'])
        ->whereUlid('ballId')
        ->scopeBindings();
    Route::get('lessons/{lesson}/sets/{set}/balls/{ballId}/history', [HistoryController::class, 'ofBall'])
        ->whereUlid('ballId')
        ->scopeBindings();
    Route::delete('lessons/{lesson}/sets/{set}/balls/{ballId}', [BallController::class, 'destroy'])
        ->whereUlid('ballId')
        ->scopeBindings();
});
