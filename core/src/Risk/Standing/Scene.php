<?php

declare(strict_types=1);

namespace Velbrin\Core\Risk\Standing;

use Velbrin\Core\Risk\Harm;
use Velbrin\Core\Risk\Layer\Initiator;
use Velbrin\Core\Risk\Layer\Layer;
use Velbrin\Core\Risk\Rate\Span;

/** One way a hazard begins at one moment: how often, what then harms how soon, what stands against it. */
final readonly class Scene
{
    /** @param  list<Layer>  $layers */
    public function __construct(
        public Initiator $fault,
        /** Times a year. */
        public Span $rate,
        /** The soonest; null: none comes. */
        public ?Harm $harm,
        public array $layers,
    ) {
    }
}
