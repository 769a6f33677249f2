<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Build;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Build\Plan;
use Velbrin\Core\Build\PlanBrief;
use Velbrin\Core\Measure\Finding;

final class ConvertedTest extends TestCase
{
    #[Test]
    public function a_used_tank_is_asked_for_copper_animals_and_its_overflow(): void
    {
        self::assertSame([], self::said([]), 'a new tank is not asked');
        self::assertSame(['fix', 'watch'], self::said(['origin' => 'freshwater']), 'unknown copper, and no overflow');
        self::assertSame(
            ['fix', 'fix', 'watch'],
            self::said(['origin' => 'freshwater', 'copper' => 'yes', 'inhabitants' => 'there']),
        );
        self::assertSame(['fine'], self::said(['origin' => 'marine', 'copper' => 'no', 'inhabitants' => 'rehomed']));
    }

    /**
     * @param  array<string, string>  $more
     * @return list<string>
     */
    private static function said(array $more): array
    {
        $answers = Plan::answer(
            PlanBrief::read(['values' => ['lengthMm' => 1200, 'widthMm' => 500, 'heightMm' => 500, ...$more]]),
        );

        return array_values(
            array_map(
                fn (Finding $f): string => $f->severity->value,
                array_filter($answers->findings, fn (Finding $f): bool => $f->rule === 'M-13'),
            ),
        );
    }
}
