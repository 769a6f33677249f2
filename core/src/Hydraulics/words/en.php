<?php

declare(strict_types=1);

/** English, by code: ICU messages whose parts keep their names in every language. */
return [
    'a-larger-sump' => 'A larger sump, or a higher outlet: no level is low enough.',
    'a-pumps-head-falls' => 'A pump’s head falls as its flow rises',
    'below-the-sumps-rim' => "below the sump's rim, {sumpRimMm}",
    'come-down-the-sump-takes-wanted' => '{down} come down, the sump takes {spare}. Wanted: {wanted} spare.',
    'long-enough-that-the-head-stays' => 'long enough that the head stays under a third of it (at least {limit} for this flow)',
    'one-point-is-no-curve' => 'One point is no curve',
    'points-of-rising-flow-and-falling' => 'points of rising flow and falling head',
    'power-cut-leaves-spare' => 'Power cut leaves {margin} spare',
    'power-cut-puts-on-the-floor' => 'Power cut puts {over} on the floor',
    'run-the-sump-at-or-lower' => 'Run the sump at {level} or lower, or raise the outlet.',
    'two-points-or-more' => 'two points or more',
];
