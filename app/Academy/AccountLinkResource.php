<?php

declare(strict_types=1);

namespace App\Academy;

use App\Http\ApiResource;
use App\Models\AccountLink;
use App\Models\Role;
use Illuminate\Http\Request;

/**
 * A way into an account that opens once; its path is told once, when it is made.
 *
 * @phpstan-type AccountLinkShape array{
 *     id: string,
 *     // Of a new coach; null = for the password of one who is there.
 *     role: value-of<Role>|null,
 *     // Whose password.
 *     coach: string|null,
 *     made_at: string,
 *     expires_at: string,
 *     path?: string,
 *     mailed?: bool,
 * }
 *
 * @property AccountLink $resource
 */
final class AccountLinkResource extends ApiResource
{
    /** @var array{path?: string, mailed?: bool} */
    private array $made = [];

    /** The only time that it is told. */
    public function made(string $path, bool $mailed): self
    {
        $this->made = ['path' => $path, 'mailed' => $mailed];

        return $this;
    }

    /** @return AccountLinkShape */
    public function toArray(Request $request): array
    {
        return [
            ...$this->made,
            'id' => $this->resource->id,
            'role' => $this->resource->role?->value,
            'coach' => $this->resource->coach?->name,
            'made_at' => $this->resource->created_at->toIso8601String(),
            'expires_at' => $this->resource->expires_at->toIso8601String(),
        ];
    }
}
