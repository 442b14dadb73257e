<?php

declare(strict_types=1);

namespace App\Account;

use App\Http\ApiResource;
use Illuminate\Http\Request;

/**
 * A device on which the coach is signed in.
 *
 * @phpstan-type SessionShape array{
 *     // By which it is ended; says nothing of the secret that its device holds.
 *     key: string,
 *     // The one that asks.
 *     here: bool,
 *     kind: 'phone'|'tablet'|'computer',
 *     address: string,
 *     seen_at: string,
 * }
 *
 * @property object{id: string, ip_address: string|null, user_agent: string|null, last_activity: int} $resource
 */
final class SessionResource extends ApiResource
{
    public static function key(string $id): string
    {
        return hash('sha256', $id);
    }

    /** @return SessionShape */
    public function toArray(Request $request): array
    {
        $agent = (string) $this->resource->user_agent;

        return [
            'key' => self::key($this->resource->id),
            'here' => $request->session()->getId() === $this->resource->id,
            'kind' => match (true) {
                preg_match('/iPad|Tablet|Android(?!.*Mobile)/i', $agent) === 1 => 'tablet',
                preg_match('/Mobi|iPhone/i', $agent) === 1 => 'phone',
                default => 'computer',
            },
            'address' => (string) $this->resource->ip_address,
            'seen_at' => now()->setTimestamp($this->resource->last_activity)->toIso8601String(),
        ];
    }
}
