<?php

declare(strict_types=1);

return [
    // The demo world: catches mail instead of sending it, and shows the demo accounts at the door.
    'demo' => (bool) env('VELBRIN_DEMO', false),
    // Measuring headers; bin/bench alone turns them on.
    'bench' => (bool) env('VELBRIN_BENCH', false),
    // The company's clock: working hours, the round, the calendar.
    'timezone' => (string) env('VELBRIN_TIMEZONE', 'Europe/London'),
    // How money is written; amounts are whole minor units.
    'currency' => (string) env('VELBRIN_CURRENCY', 'EUR'),
    // Added to quotes, hundredths of a percent.
    'tax_basis_points' => (int) env('VELBRIN_TAX_BASIS_POINTS', 2000),
    // Below so much free room on the disk nothing new is taken, MB.
    'disk_floor_mb' => (int) env('VELBRIN_DISK_FLOOR_MB', 300),
    // Where the trail's digests are added; its name is the database's with trail_ before it unless given.
    'trail_database' => env('TRAIL_DATABASE'),
    // Who asks from elsewhere how the server is brings this as a bearer token; unset: nobody from elsewhere.
    'health_token' => (string) env('VELBRIN_HEALTH_TOKEN', ''),
    // When the arithmetic was last written: answers kept from before it are worked out anew.
    'core_written' => max(array_map(filemtime(...), glob(base_path('core/src/{*,*/*}/*.php'), GLOB_BRACE) ?: [__FILE__])),
    'upload_bytes' => 15 * 1024 * 1024,
];
