<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Archive\AccountArchive;
use App\Archive\ArchiveImport;
use App\Jobs\ImportArchive;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** Everything out in open formats, and back into an empty account. */
final class ArchiveController
{
    private const MOST_KB = 200 * 1024;

    public function show(#[CurrentUser] User $coach, AccountArchive $archive): BinaryFileResponse
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'archive');
        $archive->write($coach, $path);

        return response()->download($path, 'low-point-'.now()->format('Y-m-d').'.zip', ['Content-Type' => 'application/zip'])->deleteFileAfterSend();
    }

    public function store(Request $request, #[CurrentUser] User $coach, ArchiveImport $reading): JsonResponse
    {
        $request->validate(['archive' => ['required', 'file', 'max:'.self::MOST_KB]]);
        /** @var UploadedFile $file */
        $file = $request->file('archive');
        $id = $reading->begin($coach, $file->getPathname());
        ImportArchive::dispatch($id);

        return new JsonResponse(['id' => $id, ...ArchiveImport::told($id)], 202);
    }

    public function reading(string $id, #[CurrentUser] User $coach): JsonResponse
    {
        $told = ArchiveImport::told($id);
        abort_if(($told['coach'] ?? null) !== $coach->id, 404);

        return new JsonResponse(['id' => $id, ...$told]);
    }
}
