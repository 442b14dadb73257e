<?php

declare(strict_types=1);

// Whose word is taken on who asks and whether by TLS: addresses or ranges, as "10.0.0.4, 10.1.0.0/16". Never everybody's.
$trusted = array_filter(array_map(trim(...), explode(',', (string) env('TRUSTED_PROXIES', ''))));
foreach ($trusted as $one) {
    [$address, $bits] = explode('/', $one) + [1 => '32'];
    if (filter_var($address, FILTER_VALIDATE_IP) === false || ! ctype_digit($bits)) {
        throw new InvalidArgumentException(
            "TRUSTED_PROXIES: \"{$one}\" is no address; allowed: addresses or ranges, as 10.0.0.4, 10.1.0.0/16",
        );
    }
}

return ['proxies' => $trusted === [] ? null : array_values($trusted)];
