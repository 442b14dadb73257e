<?php

declare(strict_types=1);

namespace App\Audit;

use App\Http\ApiResource;
use App\Models\Deed;
use Illuminate\Http\Request;

/**
 * A page of the audit trail.
 *
 * @phpstan-type AuditLineShape array{
 *     id: string,
 *     at: string,
 *     // Empty = whoever holds a link to the student's page.
 *     coach: string,
 *     deed: value-of<Deed>,
 *     // Empty where the student was erased since; null where it is about none.
 *     student: string|null,
 *     about: array<string, string>,
 * }
 * @phpstan-type AuditShape array{
 *     // The latest first.
 *     lines: list<AuditLineShape>,
 *     next_page: int|null,
 * }
 *
 * @property AuditShape $resource
 */
final class AuditResource extends ApiResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        // An empty map stays a map.
        $lines = array_map(static fn(array $one): array => ['about' => (object) $one['about']] + $one, $this->resource['lines']);

        return ['lines' => $lines] + $this->resource;
    }
}
