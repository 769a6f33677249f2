<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests;

use PHPat\Selector\Selector;
use PHPat\Test\Attributes\TestRule;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

/** Imports in the core point down the list of rooms, and never out of the house. Checked by PHPStan. */
final class House
{
    /** Lowest first; rooms on one line do not know each other, but for what their job needs below them. */
    public const ROOMS = [
        'Measure',
        'Seawater',
        'Vessel',
        'Hydraulics',
        'Heat',
        'Light',
        'Power',
        'Chemistry',
        'Water',
        'Cabinet',
        'Build',
        'Control',
        'Risk',
        'Rounds',
        'Moves',
        'Livestock',
        'Emergency',
        'Ask',
    ];

    /** @return iterable<Rule> */
    #[TestRule]
    public function rooms_import_only_downwards(): iterable
    {
        foreach (self::ROOMS as $i => $room) {
            $above = array_slice(self::ROOMS, $i + 1);
            if ($above !== []) {
                yield PHPat::rule()
                    ->classes(Selector::inNamespace("Velbrin\\Core\\{$room}"))
                    ->shouldNotDependOn()
                    ->classes(...array_map(fn (string $r) => Selector::inNamespace("Velbrin\\Core\\{$r}"), $above))
                    ->because("{$room} stands below them");
            }
        }
    }

    #[TestRule]
    public function core_knows_only_itself_and_php(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('Velbrin\Core'))
            ->canOnlyDependOn()
            ->classes(Selector::inNamespace('Velbrin\Core'), Selector::isStandardClass())
            ->because('the core has no framework and no library');
    }
}
