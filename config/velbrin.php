<?php

declare(strict_types=1);

return [
    // The demo world: catches mail instead of sending it, and shows the demo accounts at the door.
    'demo' => (bool) env('VELBRIN_DEMO', false),
    // Measuring headers; bin/bench alone turns them on.
    'bench' => (bool) env('VELBRIN_BENCH', false),
    'upload_bytes' => 15 * 1024 * 1024,
];
