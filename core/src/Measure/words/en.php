<?php

declare(strict_types=1);

/** English, by code: ICU messages whose parts keep their names in every language. */
return [
    'a-code-with-words' => 'a code with words',
    'a-finite-number' => 'a finite number',
    'at-least0' => 'at least 0',
    'it-has-no-words-in' => 'It has no words in {language}.',
    'least-to-most' => '{least} to {most}',
    'more-than0' => 'more than 0',
    'must-be-got' => '{field} must be {allowed}, got {got}',
    'must-be-got-no-number' => '{field} must be {allowed}, got not a finite number',
];
