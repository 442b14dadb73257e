<?php

declare(strict_types=1);

namespace App\Archive;

use App\Audit\AuditTrail;
use App\Contract\Endpoint;
use App\Models\Deed;
use App\Models\User;
use App\Operations\Pulse;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Gate;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** Everything out in open formats, and back into an empty account. */
final class ArchiveController
{
    private const MOST_KB = 200 * 1024;

    /** Everything of the coach in open formats, as a zip. */
    #[Endpoint(type: 'application/zip')]
    public function show(#[CurrentUser] User $coach, AccountArchive $archive, AuditTrail $trail): BinaryFileResponse
    {
        $trail->note($coach, Deed::Exported, about: ['what' => 'account']);

        return self::file($coach, $archive);
    }

    /** The same of a coach of the academy, for its lead. */
    #[Endpoint(type: 'application/zip')]
    public function ofCoach(User $coach, #[CurrentUser] User $lead, AccountArchive $archive, AuditTrail $trail): BinaryFileResponse
    {
        Gate::authorize('lead', $coach);
        $trail->note($lead, Deed::Exported, about: ['what' => 'account', 'of' => $coach->name]);

        return self::file($coach, $archive);
    }

    private static function file(User $coach, AccountArchive $archive): BinaryFileResponse
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'archive');
        $archive->write($coach, $path);

        return response()
            ->download($path, 'low-point-'.now()->format('Y-m-d').'.zip', ['Content-Type' => 'application/zip'])
            ->deleteFileAfterSend();
    }

    /** Reads an archive back into an empty account, beside the web server. */
    #[Endpoint(ArchiveImportResource::class, status: 202, file: 'archive')]
    public function store(Request $request, #[CurrentUser] User $coach, ArchiveImport $reading): JsonResponse
    {
        $request->validate(['archive' => ['required', 'file', 'max:'.self::MOST_KB]]);
        /** @var UploadedFile $file */
        $file = $request->file('archive');
        $id = $reading->begin($coach, $file->getPathname());
        ImportArchive::dispatch($id);

        return self::shown($id)->response()->setStatusCode(202);
    }

    /** How far it has come. */
    #[Endpoint(ArchiveImportResource::class)]
    public function reading(string $id, #[CurrentUser] User $coach): ArchiveImportResource
    {
        abort_if((ArchiveImport::told($id)['coach'] ?? null) !== $coach->id, 404);

        return self::shown($id);
    }

    private static function shown(string $id): ArchiveImportResource
    {
        $told = array_diff_key(ArchiveImport::told($id), ['coach' => 0]);
        $silent = ($told['state'] ?? '') === 'reading' && Pulse::LongWorker->isSilent();

        return new ArchiveImportResource(['id' => $id, ...$told, 'helper_silent' => $silent]);
    }
}
