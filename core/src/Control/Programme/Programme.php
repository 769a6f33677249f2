<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Programme;

use Velbrin\Core\Control\Phrase;
use Velbrin\Core\Measure\OutOfRange;

/** A whole set-up: outlets in the order they can be decided in, and guards. Immutable. */
final readonly class Programme
{
    /** @var list<Outlet> whoever is followed stands before who follows */
    public array $outlets;

    /**
     * @param  list<Outlet>  $outlets
     * @param  list<Guard>  $guards
     * @param  bool  $isSummer  which of its states without a link an outlet takes
     *
     * @throws OutOfRange for a name given twice, an outlet that is not there, and outlets that follow each other in a circle
     */
    public function __construct(array $outlets, public array $guards = [], public bool $isSummer = false)
    {
        $byId = [];
        foreach ($outlets as $outlet) {
            if (isset($byId[$outlet->id])) {
                throw OutOfRange::field(
                    'outlets',
                    Phrase::IsThereTwice,
                    Phrase::EachNameOnce,
                    ['id' => $outlet->id],
                );
            }
            $byId[$outlet->id] = $outlet;
        }
        foreach ($guards as $guard) {
            if (! isset($byId[$guard->outlet])) {
                throw self::missing('guards', "{$guard->id} guards {$guard->outlet}");
            }
        }
        $ordered = [];
        foreach ($byId as $outlet) {
            self::place($outlet, $byId, $ordered, []);
        }
        $this->outlets = array_values($ordered);
    }

    private static function missing(string $field, string $says): OutOfRange
    {
        return OutOfRange::field(
            $field,
            Phrase::WhichIsNotThere,
            Phrase::AnOutletOfThisProgramme,
            ['says' => (string) $says],
        );
    }

    /**
     * @param  array<string, Outlet>  $byId
     * @param  array<string, Outlet>  $ordered
     * @param  array<string, true>  $open  those that wait for this one
     */
    private static function place(Outlet $outlet, array $byId, array &$ordered, array $open): void
    {
        if (isset($ordered[$outlet->id])) {
            return;
        }
        if (isset($open[$outlet->id])) {
            throw OutOfRange::field(
                'outlets',
                Phrase::FollowsItselfInACircle,
                Phrase::OutletsThatFollowOneAnother,
                ['id' => $outlet->id],
            );
        }
        if ($outlet->rule instanceof Follow) {
            $leader = $byId[$outlet->rule->outlet] ?? null;
            if ($leader === null) {
                throw self::missing('outlets', "{$outlet->id} follows {$outlet->rule->outlet}");
            }
            self::place($leader, $byId, $ordered, $open + [$outlet->id => true]);
        }
        $ordered[$outlet->id] = $outlet;
    }
}
