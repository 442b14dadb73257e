<?php

declare(strict_types=1);

return [
    // One name wherever it runs: the contract tells it.
    'cookie' => 'low_point_session',
];
