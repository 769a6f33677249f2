<?php

declare(strict_types=1);

/** English, by code: ICU messages whose parts keep their names in every language. */
return [
    'as-the-rest-of-strip' => '{circuit}, as the rest of strip {strip}',
    'more-than0-and-at-most' => 'more than 0 and at most 1',
    'more-than0-when-nothing' => 'more than 0 when nothing is drawn at idle',
];
