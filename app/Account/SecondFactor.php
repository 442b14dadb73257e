<?php

declare(strict_types=1);

namespace App\Account;

use App\Audit\AuditTrail;
use App\Models\Deed;
use App\Models\SecretToken;
use App\Models\User;
use Base32\Base32;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Validation\ValidationException;
use Otp\Otp;

/**
 * One-time codes beside the password (RFC 6238: SHA-1, six digits, 30 s), by the library that Debian keeps; and codes for the day on which
 * the device with them is lost. Each opens once.
 */
final readonly class SecondFactor
{
    /** Debian's package php-christianriesen-otp. */
    private const LIBRARY = '/usr/share/php/ChristianRiesen/Otp/autoload.php';

    private const PERIOD_S = 30;

    /** So many codes before and after the one of now: clocks differ. */
    private const DRIFT = 1;

    private const SECRET_BYTES = 20;

    private const RECOVERY_CODES = 10;

    private const TRIES_AN_HOUR = 10;

    private const HOUR_S = 3600;

    private const SAID_AT = 'code said at';

    /** What is asked once more, minutes after the last code. Origin: chosen by us. */
    private const FRESH_MINUTES = 15;

    public function __construct(private AuditTrail $trail) {}

    /** @return array{secret: string, uri: string} for the app that shows the codes; in force once a code of it was said */
    public function begin(User $coach): array
    {
        $secret = self::readable(random_bytes(self::SECRET_BYTES));
        $coach->forceFill(['second_factor' => $secret, 'second_factor_at' => null, 'recovery_codes' => null])->save();
        $label = rawurlencode("Low Point:{$coach->email}");

        return ['secret' => $secret, 'uri' => "otpauth://totp/{$label}?secret={$secret}&issuer=Low%20Point"];
    }

    /**
     * @return list<string> recovery codes, told once
     *
     * @throws ValidationException where the code is not right
     */
    public function turnOn(User $coach, string $code, Request $request): array
    {
        abort_if($coach->second_factor === null || $coach->hasSecondFactor(), 409, 'Begin with a new secret first.');
        $this->demand($coach, $code, $request);
        $codes = array_map(
            static fn(): string => implode('-', str_split(strtolower(substr(self::readable(random_bytes(10)), 0, 12)), 4)),
            range(1, self::RECOVERY_CODES),
        );
        $coach->forceFill(['second_factor_at' => now(), 'recovery_codes' => array_map(SecretToken::hash(...), $codes)])->save();
        $this->trail->note($coach, Deed::SecondFactorOn);

        return $codes;
    }

    public function turnOff(User $coach): void
    {
        $coach->forceFill(['second_factor' => null, 'second_factor_at' => null, 'recovery_codes' => null])->save();
        $this->trail->note($coach, Deed::SecondFactorOff);
    }

    /**
     * From now on, for some minutes, this session has said it.
     *
     * @throws ValidationException where the code is not right
     */
    public function demand(User $coach, string $code, Request $request): void
    {
        if ($code === '') {
            throw ValidationException::withMessages(['code' => 'The code of your second factor is asked for.']);
        }
        $key = "second factor {$coach->id}";
        abort_if(RateLimiter::tooManyAttempts($key, self::TRIES_AN_HOUR), 429);
        if (! $this->takes($coach, $code)) {
            RateLimiter::hit($key, self::HOUR_S);
            $this->trail->note($coach, Deed::NotSignedIn, about: ['from' => (string) $request->ip(), 'lacking' => 'second factor']);
            throw ValidationException::withMessages(['code' => 'This is not the code there is now, or it was used already.']);
        }
        RateLimiter::clear($key);
        if ($request->hasSession()) {
            $request->session()->put(self::SAID_AT, now()->getTimestamp());
        }
    }

    /** A code was said in this session a few minutes ago. */
    public static function isFresh(Request $request): bool
    {
        return $request->hasSession()
            && now()->getTimestamp() - (int) $request->session()->get(self::SAID_AT, 0) < 60 * self::FRESH_MINUTES;
    }

    /** Whether it is right; it is used up by that. */
    private function takes(User $coach, string $code): bool
    {
        return DB::transaction(static function () use ($coach, $code): bool {
            $of = User::query()->lockForUpdate()->findOrFail($coach->id);
            $counter = self::counterOf((string) $of->second_factor, (string) preg_replace('/\s/', '', $code));
            if ($counter !== null && $counter > $of->second_factor_last) {
                $of->forceFill(['second_factor_last' => $counter])->save();

                return true;
            }
            $hash = SecretToken::hash(strtolower(trim($code)));
            $left = array_values(array_diff($of->recovery_codes ?? [], [$hash]));
            if (\count($left) === \count($of->recovery_codes ?? [])) {
                return false;
            }
            $of->forceFill(['recovery_codes' => $left])->save();

            return true;
        }, attempts: 3);
    }

    /** Of which half minute this is the code; null = of none near now. */
    private static function counterOf(string $secret, string $code): ?int
    {
        if ($secret === '' || preg_match('/^\d{6}$/D', $code) !== 1) {
            return null;
        }
        self::load();
        $now = intdiv(now()->getTimestamp(), self::PERIOD_S);
        $right = array_filter(
            range($now - self::DRIFT, $now + self::DRIFT),
            static fn(int $counter): bool => hash_equals((string) (new Otp)->totp(Base32::decode($secret), $counter), $code),
        );

        return $right === [] ? null : max($right);
    }

    /** As signs that can be typed (RFC 4648). */
    private static function readable(string $bytes): string
    {
        self::load();

        return rtrim(Base32::encode($bytes), '=');
    }

    private static function load(): void
    {
        require_once self::LIBRARY;
    }
}
