<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use LowPoint\Core\CaseFile\Library;
use LowPoint\Core\Wording\Words;

/** Causes, drills and schools, to read up on, in the coach's units. */
final class LibraryController
{
    public function __invoke(#[CurrentUser] User $coach): JsonResponse
    {
        return new JsonResponse(Library::toArray(new Words($coach->units)));
    }
}
