<?php

declare(strict_types=1);

namespace App\Feed;

use App\Http\ApiResource;
use App\Models\FeedDevice;
use Illuminate\Http\Request;

/**
 * A measuring device; its token is told once, when it is made.
 *
 * @phpstan-type FeedDeviceShape array{
 *     id: string,
 *     name: string,
 *     lesson_id: string|null,
 *     // Whose running drill it is joined to.
 *     student_id: string|null,
 *     heard_at: string|null,
 *     // For how long nothing came though it is joined; null while that is no matter.
 *     silent_seconds: int|null,
 *     revoked: bool,
 *     token?: string,
 * }
 *
 * @property FeedDevice $resource
 */
final class FeedDeviceResource extends ApiResource
{
    private ?string $token = null;

    /** The only time that it is told. */
    public function withToken(string $token): self
    {
        $this->token = $token;

        return $this;
    }

    /** @return FeedDeviceShape */
    public function toArray(Request $request): array
    {
        $device = $this->resource;

        return [
            ...$this->token === null ? [] : ['token' => $this->token],
            'id' => $device->id,
            'name' => $device->name,
            'lesson_id' => $device->lesson_id,
            'student_id' => $device->student_id,
            'heard_at' => $device->heard_at?->toIso8601String(),
            'silent_seconds' => $device->lesson_id === null && $device->student_id === null ? null : $device->silentSeconds(),
            'revoked' => $device->revoked_at !== null,
        ];
    }
}
