<?php

declare(strict_types=1);

namespace App\Sharing;

use App\Http\ApiResource;
use App\Models\ShareLink;
use Illuminate\Http\Request;

/**
 * A private link; its path is told once, when it is made.
 *
 * @phpstan-type ShareLinkShape array{
 *     id: int,
 *     open: bool,
 *     made_at: string,
 *     expires_at: string,
 *     revoked_at: string|null,
 *     opened_at: string|null,
 *     path?: string,
 * }
 *
 * @property ShareLink $resource
 */
final class ShareLinkResource extends ApiResource
{
    private ?string $path = null;

    /** The only time that it is told. */
    public function withPath(string $path): self
    {
        $this->path = $path;

        return $this;
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $link = $this->resource;

        return [
            ...$this->path === null ? [] : ['path' => $this->path],
            'id' => $link->id,
            'open' => $link->isOpen(),
            'made_at' => $link->created_at->toIso8601String(),
            'expires_at' => $link->expires_at->toIso8601String(),
            'revoked_at' => $link->revoked_at?->toIso8601String(),
            'opened_at' => $link->opened_at?->toIso8601String(),
        ];
    }
}
