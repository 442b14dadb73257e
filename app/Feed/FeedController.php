<?php

declare(strict_types=1);

namespace App\Feed;

use App\Contract\Endpoint;
use App\Models\FeedDevice;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\RateLimiter;
use LowPoint\Core\Feed\FeedLines;

/** Where measuring devices post balls. */
final class FeedController
{
    /** Balls a minute that a device may send: twenty a second. Origin: handbook 12.5. */
    private const A_MINUTE = 1200;

    /**
     * Takes balls in, a JSON array or a ball a line; the same id twice is stored once. A ball with a time belongs to what the device was
     * joined to then; where the header Date tells the device's clock, what that is off is taken from the times.
     */
    #[Endpoint(FedResource::class, takes: 'FeedShape', refuses: [401, 409, 429], bearer: true)]
    public function __invoke(Request $request, Intake $intake): FedResource|JsonResponse
    {
        $device = FeedDevice::ofToken($request->bearerToken());
        if ($device === null) {
            return self::no(401, 'This token opens nothing.');
        }
        $lines = FeedLines::read($request->getContent());
        $key = "feed {$device->id}";
        if (RateLimiter::attempts($key) + \count($lines->balls) > self::A_MINUTE) {
            return self::no(429, 'More than '.self::A_MINUTE.' balls a minute. Nothing of this call was stored: send it again later.')
                ->header('Retry-After', (string) RateLimiter::availableIn($key));
        }
        $taken = $intake->take($device, $lines, self::clockOf($request));
        if ($taken === null) {
            return self::no(409, self::nowhere($device));
        }
        RateLimiter::increment($key, amount: \count($lines->balls));
        [$stored, $known] = $taken;

        return new FedResource(['stored' => $stored, 'known' => $known, 'refused' => $lines->refused, 'kept_out' => $lines->unknown]);
    }

    /** As the device tells it in the header Date (RFC 9110). */
    private static function clockOf(Request $request): ?Carbon
    {
        $told = \DateTimeImmutable::createFromFormat(\DATE_RFC7231.'|', (string) $request->header('Date'));

        return $told === false ? null : Carbon::instance($told);
    }

    /** Why a ball of now has no place. */
    private static function nowhere(FeedDevice $device): string
    {
        return $device->lesson !== null && $device->lesson->closed_at === null
            ? 'The lesson that this device is joined to has no set yet. Nothing was stored: send again once there is one.'
            : 'This device is joined to no open lesson and no drill. Nothing was stored: send again once it is.';
    }

    private static function no(int $status, string $message): JsonResponse
    {
        return new JsonResponse(['message' => $message], $status);
    }
}
