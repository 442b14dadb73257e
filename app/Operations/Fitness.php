<?php

declare(strict_types=1);

namespace App\Operations;

use App\Account\DemoSignIn;
use App\Models\User;
use App\Store\ForeignStore;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;

/** Whether what this installation is told fits where it stands (handbook 21.5). Little stops it; the rest ought to be seen to. */
final readonly class Fitness
{
    private const LEAST_FREE_BYTES = 500_000_000;

    private const CERTIFICATE_DAYS = 14;

    private const DAY_S = 86_400;

    /** A night may be missed. */
    private const BACKUP_DAYS = 2;

    /**
     * @param  string  $certificate  file of the TLS certificate; '' = TLS ends elsewhere, or nowhere
     * @param  string  $backups  folder of backups; '' = they are made by hand
     */
    public function __construct(
        private string $certificate = '',
        private string $backups = '',
    ) {}

    /** @return list<string> what nothing may be answered with */
    public function stops(): array
    {
        return array_values(array_filter([
            (string) config('app.key') === '' ? 'There is no key (APP_KEY): what is encrypted could not be read.' : null,
            \function_exists('posix_geteuid') && posix_geteuid() === 0 && config('app.env') === 'production' && $this->backups !== ''
                ? 'It runs as root: it has users of its own.'
                : null,
            self::store(),
        ]));
    }

    /** @return list<string> */
    public function warns(): array
    {
        $address = (string) config('app.url');
        $secure = str_starts_with($address, 'https://');
        $here = DemoSignIn::isHere();

        return array_values(array_filter([
            $here || $secure ? null : "{$address} is reached by everybody without TLS: passwords can be read on the way.",
            $secure && $this->certificate === '' && config('trustedproxy.proxies') === null
                ? 'TLS ends at a proxy that is not named: all people are one address to the app, and their links begin with http.'
                : null,
            $this->certificate === '' ? null : self::ageOf($this->certificate),
            $here || User::query()->where('email', 'like', '%'.DemoSignIn::DOMAIN)->doesntExist()
                ? null
                : 'Coaches of the demo world are here. They cannot sign in, but they do not belong into a place of work.',
            config('app.debug') === true ? 'It tells everybody the details of its errors (APP_DEBUG).' : null,
            (float) disk_free_space(storage_path()) < self::LEAST_FREE_BYTES ? 'Less than 500 MB are free on its disk.' : null,
            $this->backups === '' ? null : self::since('last-backup', 'No backup was made'),
            $this->backups === '' ? null : self::since('last-proof', 'No backup was proven'),
        ]));
    }

    /** The store is there, and this installation's own. */
    private static function store(): ?string
    {
        try {
            DB::select('select 1');
        } catch (\Throwable $e) {
            return $e instanceof ForeignStore || $e->getPrevious() instanceof ForeignStore
                ? 'The record store is that of another installation.'
                : null;
        }

        return null;
    }

    private static function ageOf(string $certificate): ?string
    {
        $read = File::isReadable($certificate) ? openssl_x509_parse(File::get($certificate)) : false;
        if ($read === false) {
            return "{$certificate} cannot be read as a certificate.";
        }
        $days = (int) floor(($read['validTo_time_t'] - time()) / self::DAY_S);

        return $days >= self::CERTIFICATE_DAYS ? null : "The certificate {$certificate} ends in {$days} days.";
    }

    private static function since(string $stamp, string $what): ?string
    {
        $file = storage_path("framework/{$stamp}");
        $days = File::exists($file) ? (time() - (int) File::get($file)) / self::DAY_S : null;

        return $days !== null && $days < self::BACKUP_DAYS
            ? null
            : $what.($days === null ? ' yet: low-point nightly.' : sprintf(' for %.0f days: low-point nightly.', $days));
    }
}
