<?php

declare(strict_types=1);

return [
    'default' => env('CACHE_STORE', 'file'),
    'stores' => [
        'file' => [
            'driver' => 'file',
            'path' => storage_path('framework/cache/data'),
            'lock_path' => storage_path('framework/cache/data'),
        ],
        // Who asked how often: forgotten at a restart, so in memory where the machine has a place for it.
        'limits' => [
            'driver' => 'file',
            'path' => env('LIMITS_PATH') ?: storage_path('framework/cache/limits'),
        ],
        'array' => ['driver' => 'array', 'serialize' => false],
    ],
    'limiter' => env('LIMITS_STORE', 'limits'),
    'prefix' => 'velbrin_',
];
