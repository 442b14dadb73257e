<?php

declare(strict_types=1);

// Nothing needs a mail server. Where MAIL_MAILER names one, what a lead hands on as a link is mailed as well.
return [
    'default' => env('MAIL_MAILER'),
    'mailers' => [
        'smtp' => [
            'transport' => 'smtp',
            'host' => env('MAIL_HOST', '127.0.0.1'),
            'port' => env('MAIL_PORT', 25),
            'username' => env('MAIL_USERNAME'),
            'password' => env('MAIL_PASSWORD'),
            'timeout' => 10,
        ],
        'array' => ['transport' => 'array'],
    ],
    'from' => ['address' => env('MAIL_FROM_ADDRESS', 'low-point@localhost'), 'name' => env('APP_NAME', 'Low Point')],
];
