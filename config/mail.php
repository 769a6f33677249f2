<?php

declare(strict_types=1);

return [
    // The demo keeps mail in its own catcher; anywhere else MAIL_MAILER=smtp with the usual MAIL_ settings.
    'default' => env('MAIL_MAILER', env('VELBRIN_DEMO', false) ? 'catcher' : 'smtp'),
    'mailers' => [
        'catcher' => ['transport' => 'catcher'],
        'smtp' => [
            'transport' => 'smtp',
            'scheme' => env('MAIL_SCHEME'),
            'host' => env('MAIL_HOST', '127.0.0.1'),
            'port' => env('MAIL_PORT', 25),
            'username' => env('MAIL_USERNAME'),
            'password' => env('MAIL_PASSWORD'),
        ],
        'array' => ['transport' => 'array'],
    ],
    'from' => [
        'address' => env('MAIL_FROM_ADDRESS', 'office@velbrin.example'),
        'name' => env('MAIL_FROM_NAME', 'Velbrin'),
    ],
];
