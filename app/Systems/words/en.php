<?php

declare(strict_types=1);

/** English, by code: ICU messages whose parts keep their names in every language. */
return [
    'as-good-as-the-timed-bucket' => 'as good as the timed bucket',
    'as-one-batch' => 'as one batch; in steps it takes a little more',
    'below28-g-kg-animals' => 'below 28 g/kg animals are lost',
    'dissolved-outside-the-system' => 'dissolved outside the system, poured in slowly',
    'first-slowly-where-the-water-moves' => 'first, slowly, where the water moves; measure afterwards',
    'measure-after-each-step' => 'measure after each step',
    'nothing-evaporates' => 'nothing evaporates',
    'of-the-tanks-temperature' => 'of the tank’s temperature',
    'plus-minus-for-what-the-instrument-cannot' => '± {off} for what the instrument cannot tell',
    'plus-minus-for-what-two-thermometers-cannot' => '± {off} for what two thermometers cannot tell',
    'probe-older-than-a-month' => 'probe older than a month, fluid opened long ago: calibrate first',
    'that-water-can-never-bring' => 'that water can never bring it there; it must lie beyond the target',
    'the-change-goes' => 'the change goes with it: lower the water first',
];
