<?php

declare(strict_types=1);

namespace App\Control\Views;

/** A place with its controllers, and the words nobody has confirmed there. */
final readonly class ControlPlaceView
{
    /**
     * @param  list<ControllerLineView>  $controllers
     * @param  list<PlugWordView>  $words
     * @param  list<array{id: int, name: string}>  $strips
     */
    public function __construct(
        public int $siteId,
        public string $name,
        public string $client,
        public array $controllers,
        public array $words,
        public array $strips,
        public bool $mayWrite,
    ) {
    }
}
