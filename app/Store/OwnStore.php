<?php

declare(strict_types=1);

namespace App\Store;

use Illuminate\Database\Connectors\MariaDbConnector;

/**
 * One world, one store (handbook 21.1): who runs this, the settings and the stamp in the store name one installation, or nothing is
 * answered. Settings that something else has put in their place would lead every entry into a store of somebody else.
 */
final class OwnStore extends MariaDbConnector
{
    /** MariaDB: "table does not exist". */
    private const NO_TABLE = 1146;

    /** @throws ForeignStore when this was started for another installation than the settings are of */
    public static function holdSettings(): void
    {
        $started = getenv('LOW_POINT_INSTALLATION');
        $settings = config('database.installation');
        if (\is_string($started) && $started !== '' && $started !== $settings) {
            throw ForeignStore::settingsOf(\is_string($settings) ? $settings : 'nobody', $started);
        }
    }

    /**
     * @param  array<string, mixed>  $config
     *
     * @throws ForeignStore when the store is stamped with another installation than the settings are of
     */
    public function connect(array $config): \PDO
    {
        $store = parent::connect($config);
        $settings = config('database.installation');
        try {
            $query = $store->query('SELECT id FROM installation');
            $stamp = $query === false ? null : $query->fetchColumn();
        } catch (\PDOException $e) {
            // Its tables have not been made yet.
            if (($e->errorInfo[1] ?? null) === self::NO_TABLE) {
                return $store;
            }
            throw $e;
        }
        if (\is_string($stamp) && $stamp !== $settings) {
            throw \is_string($settings) ? ForeignStore::stamped($stamp, $settings) : ForeignStore::nameless($stamp);
        }

        return $store;
    }
}
