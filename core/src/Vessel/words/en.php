<?php

declare(strict_types=1);

/** English, by code: ICU messages whose parts keep their names in every language. */
return [
    'at-most-half-the-length' => 'at most half the length, {limit}',
    'at-most-the-water-depth' => 'at most the water depth, {height}',
    'at-most-what-the-box-round' => 'at most {limit}, what the box round it holds',
    'less-than-the-height' => 'less than the height, {heightMm}',
    'less-than-the-inside-height' => 'less than the inside height, {insideHeightMm}',
    'less-than-the-length' => 'less than the length, {lengthMm}',
    'little-enough-to-leave-water' => 'little enough to leave water in the vessel',
    'thin-enough-to-leave-room-inside' => 'thin enough to leave room inside',
];
