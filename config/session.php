<?php

declare(strict_types=1);

return [
    'driver' => env('SESSION_DRIVER', 'database'),
    'lifetime' => (int) env('SESSION_LIFETIME', 720),
    'expire_on_close' => false,
    'encrypt' => false,
    'connection' => null,
    'table' => 'sessions',
    'lottery' => [2, 1000],
    // The prefix holds a browser to it: over https only, for this host only, for all of it.
    'cookie' => (str_starts_with((string) env('APP_URL', ''), 'https:') ? '__Host-' : '').'velbrin_session',
    // However busy: after so long somebody signs in anew, days.
    'longest_days' => 14,
    'path' => '/',
    'domain' => null,
    // Under a public address with https the cookie is never sent without.
    'secure' => (bool) env('SESSION_SECURE_COOKIE', str_starts_with((string) env('APP_URL', ''), 'https:')),
    'http_only' => true,
    'same_site' => 'lax',
    'partitioned' => false,
    'serialization' => 'json',
];
