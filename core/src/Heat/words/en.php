<?php

declare(strict_types=1);

/** English, by code: ICU messages whose parts keep their names in every language. */
return [
    'at-least' => 'at least {leastHours}',
    'at-least2' => 'at least {leastCoolingHours}',
    'at-most-a-smaller-difference-says' => 'at most {limit}: a smaller difference says nothing',
    'at-most-a-smaller-fall-says' => 'at most {limit}: a smaller fall says nothing',
    'less-it-would-carry-off-more' => 'less: it would carry off more than the water lost',
    'less-than-it-would-carry-off' => 'less than {limit}: it would carry off more than was put in',
    'one-failed-off-leaves-too-little' => 'one failed off leaves {lack} too little for the animals',
    'one-stuck-on-reaches-harm' => 'one stuck on reaches harm in {hours}, six are asked',
    'too-little-all-on-give' => 'too little: all on give {share} of the need, 120 % is asked',
];
