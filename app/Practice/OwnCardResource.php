<?php

declare(strict_types=1);

namespace App\Practice;

use App\Http\ApiResource;
use App\Models\OwnCard;
use Illuminate\Http\Request;
use LowPoint\Core\Evidence\Observable;
use LowPoint\Core\Evidence\Shot;

/**
 * A card of the coach's own.
 *
 * @phpstan-type OwnCardShape array{
 *     id: string,
 *     name: string,
 *     shot: value-of<Shot>,
 *     figures: list<array{observable: value-of<Observable>, to: float}>,
 *     feel: string,
 *     drills: list<string>,
 * }
 *
 * @property OwnCard $resource
 */
final class OwnCardResource extends ApiResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return ['id' => $this->resource->id] + $this->resource->content;
    }
}
