<?php

declare(strict_types=1);

namespace App\Sheets;

use App\Contract\Body;
use App\Contract\Endpoint;
use App\Models\Lesson;
use App\Models\SheetImport;
use App\Models\SheetPreset;
use App\Models\Student;
use App\Models\User;
use App\Progress\KeepStanding;
use App\Store\FileFailure;
use App\Store\WholeFile;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\AnonymousResourceCollection;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Facades\Storage;
use LowPoint\Core\Evidence\SeenBall;
use LowPoint\Core\InvalidInput;
use LowPoint\Core\Records\Field;
use LowPoint\Core\Records\Layout;
use LowPoint\Core\Records\Write;
use LowPoint\Core\SheetImport\SheetColumn;
use LowPoint\Core\SheetImport\SheetGuess;
use LowPoint\Core\SheetImport\SheetUnit;

/** A sheet of balls: looked at, checked as often as the coach likes, confirmed, read by the queue, taken back. */
final class SheetController
{
    private const MOST_KB = 20 * 1024;

    private const SHOWN = 20;

    private const CONFIRMED = 'This sheet was confirmed before.';

    /** Sheets read for a student so far. */
    #[Endpoint(SheetImportResource::class, list: true)]
    public function index(Student $student): AnonymousResourceCollection
    {
        Gate::authorize('view', $student);

        return SheetImportResource::collection(
            SheetImport::query()
                ->where('student_id', $student->id)
                ->where('state', '!=', SheetImport::DRAFT)
                ->latest('id')
                ->limit(self::SHOWN)
                ->get(),
        );
    }

    /** Looks at the file; nothing of it goes into a lesson yet. */
    #[Endpoint(SheetDraftResource::class, status: 201, file: 'sheet')]
    public function store(Request $request, Student $student, #[CurrentUser] User $coach, WholeFile $whole): JsonResponse
    {
        Gate::authorize('update', $student);
        $request->validate(['sheet' => ['required', 'file', 'max:'.self::MOST_KB]]);
        /** @var UploadedFile $upload */
        $upload = $request->file('sheet');
        $file = SheetFile::uploaded($upload);
        $survey = $file->survey();
        if ($survey['rows'] < 1 || $survey['rows'] > SheetFile::MOST_ROWS) {
            throw InvalidInput::one(
                'sheet',
                "{$survey['rows']} rows",
                '1 to '.SheetFile::MOST_ROWS.' rows below the names of the columns',
            );
        }
        $hash = (string) hash_file('sha256', $upload->getPathname());
        $before = SheetImport::query()
            ->where('student_id', $student->id)
            ->where('hash', $hash)
            ->where('state', SheetImport::DONE)
            ->latest('id')
            ->first();
        $import = DB::transaction(static function () use ($student, $upload, $hash, $survey, $whole): SheetImport {
            $import = SheetImport::query()->create([
                'student_id' => $student->id,
                'name' => mb_substr($upload->getClientOriginalName(), 0, 200),
                'hash' => $hash,
                'total' => $survey['last'],
            ]);
            $whole->keep($import->file(), fopen($upload->getPathname(), 'r') ?: throw FileFailure::notRead('the sheet'));

            return $import;
        });
        /** @var Collection<int, SheetPreset> $presets */
        $presets = SheetPreset::query()->where('coach_id', $coach->id)->orderBy('name')->get();
        $guess = SheetGuess::of($survey['cells'], $survey['signs'], $survey['doubt']);

        return (new SheetDraftResource([
            'import' => new SheetImportResource($import),
            'columns' => array_map(
                static fn(array $column): array => $column + [
                    'foreign' => array_map(
                        static fn(Field $field): array => SheetColumn::foreign($field, $column['words'] ?? []),
                        Layout::fields(SeenBall::class),
                    ),
                ],
                $survey['columns'],
            ),
            'units' => array_map(
                static fn(Field $field): array => array_column(SheetUnit::for($field), 'value'),
                Layout::fields(SeenBall::class),
            ),
            'guess' => $guess,
            'presets' => $presets->map(
                static fn(SheetPreset $one): array => [
                    'id' => $one->id,
                    'name' => $one->name,
                    'mapping' => $one->mappingFor($guess['decimal']),
                ],
            ),
            'read_before' => $before?->created_at->toIso8601String(),
        ]))
            ->response()
            ->setStatusCode(201);
    }

    /** How far a sheet was read. */
    #[Endpoint(SheetImportResource::class)]
    public function show(SheetImport $import): SheetImportResource
    {
        Gate::authorize('view', $import);

        return new SheetImportResource($import);
    }

    /** What the sheet would come to; nothing is stored. */
    #[Endpoint(SheetCheckResource::class, refuses: [409])]
    public function check(#[Body(ReadSheet::class)] ReadSheet $body, SheetImport $import, SheetCheck $check): SheetCheckResource
    {
        Gate::authorize('update', $import);
        abort_if($import->state !== SheetImport::DRAFT, 409, self::CONFIRMED);

        return new SheetCheckResource($check->of($body->plan($import)));
    }

    /** Reads the sheet into lessons, beside the web server. */
    #[Endpoint(SheetImportResource::class, status: 202, refuses: [409])]
    public function confirm(#[Body(ReadSheet::class)] ReadSheet $body, SheetImport $import, #[CurrentUser] User $coach): JsonResponse
    {
        Gate::authorize('update', $import);
        abort_if($import->state !== SheetImport::DRAFT, 409, self::CONFIRMED);
        $plan = $body->plan($import);
        DB::transaction(static function () use ($body, $import, $coach, $plan): void {
            // Pressed twice, it begins once.
            $begun = SheetImport::query()
                ->whereKey($import->id)
                ->where('state', SheetImport::DRAFT)
                ->update(['state' => SheetImport::READING]);
            abort_if($begun === 0, 409, self::CONFIRMED);
            $import->update([
                'mapping' => $plan->mapping->toArray(),
                'task' => Write::record($plan->task),
                'purpose' => $body->purpose->value,
                'day' => $body->day,
            ]);
            if ($body->remember !== null && $body->remember !== '') {
                SheetPreset::query()->updateOrCreate(
                    ['coach_id' => $coach->id, 'name' => $body->remember],
                    ['mapping' => $plan->mapping->toArray()],
                );
            }
        });
        ImportSheet::dispatch($import->id);

        return (new SheetImportResource($import->refresh()))->response()->setStatusCode(202);
    }

    /** Stops reading; what was read is stored and can be taken back. */
    #[Endpoint(SheetImportResource::class)]
    public function stop(SheetImport $import): SheetImportResource
    {
        Gate::authorize('update', $import);
        SheetImport::query()
            ->whereKey($import->id)
            ->whereIn('state', [SheetImport::READING, SheetImport::SUMMING])
            ->update(['state' => SheetImport::STOPPED]);

        return new SheetImportResource($import->refresh());
    }

    /** After a stop: from the row that comes next. */
    #[Endpoint(SheetImportResource::class, status: 202)]
    public function goOn(SheetImport $import): JsonResponse
    {
        Gate::authorize('update', $import);
        $state = $import->rows_done < $import->total ? SheetImport::READING : SheetImport::SUMMING;
        if (
            SheetImport::query()
                ->whereKey($import->id)
                ->where('state', SheetImport::STOPPED)
                ->update(['state' => $state]) === 1
        ) {
            ImportSheet::dispatch($import->id);
        }

        return (new SheetImportResource($import->refresh()))->response()->setStatusCode(202);
    }

    /** A draft goes; of a sheet that was read, the lessons go where deleted lessons go, and can come back from there. */
    #[Endpoint(status: 204, refuses: [409])]
    public function destroy(SheetImport $import): JsonResponse
    {
        Gate::authorize('delete', $import);
        abort_if(
            \in_array($import->state, [SheetImport::READING, SheetImport::SUMMING], true),
            409,
            'The sheet is being read. Stop it, or wait until it is done.',
        );
        DB::transaction(static function () use ($import): void {
            $import->lessons()->get()->each(static fn(Lesson $lesson): ?bool => $lesson->delete());
            $import->state === SheetImport::DRAFT ? $import->delete() : $import->update(['state' => SheetImport::TAKEN_BACK]);
        });
        Storage::delete($import->file());
        KeepStanding::dispatch($import->student_id);

        return new JsonResponse(null, 204);
    }

    /** Forgets what a sheet's columns hold. */
    #[Endpoint(status: 204)]
    public function forgetPreset(SheetPreset $preset, #[CurrentUser] User $coach): JsonResponse
    {
        abort_if($preset->coach_id !== $coach->id, 403);
        $preset->delete();

        return new JsonResponse(null, 204);
    }
}
