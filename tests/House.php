<?php

declare(strict_types=1);

namespace Tests;

use PHPat\Selector\Selector;
use PHPat\Test\Attributes\TestRule;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

/** Imports between the app's rooms point down this list. Checked by PHPStan. */
final class House
{
    /** Lowest first. Front puts the rooms together and may know them all. */
    public const ROOMS = [
        'House',
        'Team',
        'Clients',
        'Systems',
        'Build',
        'Control',
        'Alerts',
        'Risk',
        'Water',
        'Rounds',
        'Stores',
        'Moves',
        'Emergency',
        'Reports',
        'Api',
        'Demo',
        'Front',
    ];

    /** @return iterable<Rule> */
    #[TestRule]
    public function rooms_import_only_downwards(): iterable
    {
        foreach (self::ROOMS as $i => $room) {
            $above = array_slice(self::ROOMS, $i + 1);
            if ($above !== []) {
                yield PHPat::rule()
                    ->classes(Selector::inNamespace("App\\{$room}"))
                    ->shouldNotDependOn()
                    ->classes(...array_map(fn (string $r) => Selector::inNamespace("App\\{$r}"), $above))
                    ->because("{$room} stands below them");
            }
        }
    }
}
