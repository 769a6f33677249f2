<?php

declare(strict_types=1);

/** English, by code: ICU messages whose parts keep their names in every language. */
return [
    'a-grid-of-readings-is-needed' => 'A grid of readings is needed',
    'as-many-as-are-predicted' => 'as many as are predicted, at least 1',
    'at-least0' => 'at least 0',
    'at-least1' => 'at least 1',
    'at-least2-by2-points' => 'at least 2 by 2 points',
    'columns-readings' => '{columns} readings',
    'distance-step-rows-of-readings-parted' => 'distance / step: rows of readings, parted by semicolons',
    'each-fixing-must-hold' => 'Each fixing must hold {needed}, this one breaks at {breaking}',
    'every-row-of-the-grid-needs' => 'Every row of the grid needs as many readings as the first',
    'fixing-and-ceiling-to-be-confirmed' => 'Fixing and ceiling to be confirmed on site by a competent person.',
    'is-not-a-reading' => '“{cell}” is not a reading',
    'more-or-stronger-fixings' => 'More or stronger fixings into what carries, or less mass.',
    'n1-to100' => '1 to 100',
    'n2-by2-to-by-readings' => '2 by 2 to {most} by {most} readings',
    'numbers' => 'numbers',
    'the-entered-fixings-meet-the-factor' => 'The entered fixings meet the factor: {breaking} against {needed}',
    'the-measured-grid-cannot-be-read' => 'The measured grid cannot be read',
];
