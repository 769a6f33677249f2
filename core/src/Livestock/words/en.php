<?php

declare(strict_types=1);

/** English, by code: ICU messages whose parts keep their names in every language. */
return [
    'another-place-or-another-coral' => 'Another place, or another coral.',
    'ask-for-what-is-missing' => 'Write down what is missing.',
    'fish-to-the-litre-there' => '{grams} g of fish to the litre in {water}',
    'from-is-isolated' => '{water} is isolated',
    'it-needs' => 'It needs {needs}.',
    'lift-it-first' => 'End its isolation first, with who decided.',
    'more-than-usual' => 'More than the house value of {most} g; what clears ammonia has to grow first.',
    'more-water-or-fewer-fish' => 'More water, fewer fish, or one after the other, with a reading between.',
    'nobody-can-say-the-load' => 'Nobody can say yet how much {water} would bear',
    'outside-its-light' => '{name} stands at {par} and wants {low} to {high}',
    'too-much-bleaches-too-little-starves' => 'Too much bleaches within days, too little starves over weeks.',
    'what-leaves-takes-it-along' => 'Animals, and the water they come in, take along what it was isolated for.',
];
