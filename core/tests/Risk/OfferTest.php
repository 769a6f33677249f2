<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Risk;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Risk\Lending\Offer;

/** Where a device comes from first. */
final class OfferTest extends TestCase
{
    #[Test]
    public function what_fits_comes_first_then_shelves_then_who_does_without_then_the_nearest(): void
    {
        $offers = [
            new Offer('near but too small', true, ['capacity'], 1.0, null),
            new Offer('exposed, near', false, [], 2.0, 'harm after 3 h'),
            new Offer('does without, not on the map', false, [], null, null),
            new Offer('does without, far', false, [], 40.0, null),
            new Offer('does without, near', false, [], 5.0, null),
            new Offer('shelf, far', true, [], 60.0, null),
        ];
        $ranked = array_map(fn (Offer $o): string => $o->id, Offer::ranked($offers));
        self::assertSame([
            'shelf, far',
            'does without, near',
            'does without, far',
            'does without, not on the map',
            'exposed, near',
            'near but too small',
        ], $ranked);
        self::assertSame($ranked, array_map(fn (Offer $o): string => $o->id, Offer::ranked(array_reverse($offers))));
    }
}
