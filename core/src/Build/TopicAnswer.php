<?php

declare(strict_types=1);

namespace Velbrin\Core\Build;

use Velbrin\Core\Measure\Finding;

/** What one topic of a plan found. */
final readonly class TopicAnswer
{
    /**
     * @param  list<Figure>  $figures
     * @param  list<Finding>  $findings
     */
    public function __construct(
        public array $figures,
        public array $findings = [],
        /** What it worked out that a drawing shows. */ public ?object $drawn = null,
    ) {
    }
}
