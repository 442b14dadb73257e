<?php

declare(strict_types=1);

namespace App\Feed;

use App\Contract\Endpoint;
use App\Models\FeedDevice;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\RateLimiter;
use LowPoint\Core\Feed\FeedLines;

/** Where measuring devices post balls. */
final class FeedController
{
    /** Balls a minute that a device may send: twenty a second. Origin: handbook 12.5. */
    private const A_MINUTE = 1200;

    /** Takes balls in, a JSON array or a ball a line; the same id twice is stored once. */
    #[Endpoint(FedResource::class, takes: 'FeedShape', refuses: [401, 409, 429])]
    public function __invoke(Request $request, Intake $intake): FedResource|JsonResponse
    {
        $device = FeedDevice::ofToken($request->bearerToken());
        if ($device === null) {
            return self::no(401, 'This token opens nothing.');
        }
        $lines = FeedLines::read($request->getContent());
        $place = $intake->placeFor($device);
        if ($place === null) {
            return self::no(409, 'This device is joined to no open lesson and no drill. Nothing was stored: send again once it is.');
        }
        $key = "feed {$device->id}";
        if (RateLimiter::attempts($key) + \count($lines->balls) > self::A_MINUTE) {
            return self::no(429, 'More than '.self::A_MINUTE.' balls a minute. Nothing of this call was stored: send it again later.')
                ->header('Retry-After', (string) RateLimiter::availableIn($key));
        }
        RateLimiter::increment($key, amount: \count($lines->balls));
        [$stored, $known] = $intake->take($device, $place, $lines);

        return new FedResource(['stored' => $stored, 'known' => $known, 'refused' => $lines->refused, 'kept_out' => $lines->unknown]);
    }

    private static function no(int $status, string $message): JsonResponse
    {
        return new JsonResponse(['message' => $message], $status);
    }
}
