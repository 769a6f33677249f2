<?php

// The tables of a large plan, as a window sends them: four further vessels, forty devices, twelve lamps, eight holes. Timed by bench.php and guarded by the tests.

declare(strict_types=1);

return [
    'vessels' => array_map(fn (int $n): array => ['name' => "Vessel {$n}", 'shape' => '', 'lengthMm' => 800, 'widthMm' => 400, 'heightMm' => 400, 'wallMm' => null, 'waterMm' => 320, 'bottomMm' => 700, 'downMm' => 4, 'ownPump' => $n % 2 === 0], range(1, 4)),
    'board' => array_map(fn (int $n): array => ['name' => "Device {$n}", 'kind' => ['strip', 'controller', 'driver', 'doser', 'other'][$n % 5], 'widthMm' => 60 + $n * 31 % 120, 'heightMm' => 50 + $n * 17 % 60], range(1, 20)),
    'lamps' => array_map(fn (int $n): array => ['name' => "Lamp {$n}", 'xMm' => 200 + ($n % 6) * 380, 'yMm' => $n < 6 ? 200 : 560, 'aboveRimMm' => null, 'ppf' => 160, 'halfAngleDeg' => 45], range(0, 11)),
    'gear' => array_map(fn (int $n): array => ['name' => "Thing {$n}", 'widthMm' => 90 + $n * 37 % 150, 'depthMm' => 80 + $n * 53 % 160, 'heightMm' => 120 + $n * 71 % 260, 'liftMm' => $n * 29 % 150, 'needsAir' => false], range(1, 20)),
    'holes' => array_map(fn (int $n): array => ['name' => "Hole {$n}", 'pane' => 'back', 'xMm' => 200 + $n * 250, 'yMm' => 520, 'diameterMm' => 60], range(0, 7)),
];
