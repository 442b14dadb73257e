<?php

declare(strict_types=1);

namespace App\Students;

use App\Http\ApiResource;

/**
 * Students by name, a page of them.
 *
 * @phpstan-import-type StudentShape from StudentResource
 * @phpstan-type StudentPageShape array{students: list<StudentShape>, next_page: int|null}
 */
final class StudentPageResource extends ApiResource {}
