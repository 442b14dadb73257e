<?php

declare(strict_types=1);

namespace App\Library;

use App\Contract\Endpoint;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use LowPoint\Core\Wording\Words;

/** Causes, drills and schools, to read up on, in the coach's units. */
final class LibraryController
{
    #[Endpoint(LibraryResource::class)]
    public function __invoke(#[CurrentUser] User $coach): LibraryResource
    {
        return new LibraryResource(new Words($coach->units));
    }
}
