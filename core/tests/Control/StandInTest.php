<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Control;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Control\StandIn;
use Velbrin\Core\Measure\Severity;
use Velbrin\Core\Measure\Units;

/** What does a device's work while it is away (K-46). */
final class StandInTest extends TestCase
{
    #[Test]
    #[DataProvider('cases')]
    public function each_answer_has_its_own_word(
        ?StandIn $standIn,
        bool $guards,
        ?float $every,
        ?float $done,
        ?Severity $severity,
        string $says,
    ): void {
        $finding = StandIn::finding('Skimmer', $standIn, $guards, $every, $done, 100.0);
        self::assertSame($severity, $finding?->severity);
        self::assertStringContainsString($says, (string) $finding?->what->in(Units::metric()));
    }

    /** @return iterable<string, array{0: StandIn|null, 1: bool, 2: float|null, 3: float|null, 4: Severity|null, 5: string}> */
    public static function cases(): iterable
    {
        yield 'one on loan' => [StandIn::Loan, true, null, null, null, ''];
        yield 'nobody has said, and animals hang on it' => [null, true, null, null, Severity::Fix, 'Nothing is said'];
        yield 'nobody has said, and none do' => [null, false, null, null, Severity::Watch, 'Nothing is said'];
        yield 'nothing, by decision' => [StandIn::Nothing, true, null, null, Severity::Watch, 'by decision'];
        yield 'by hand, nobody says how often' => [StandIn::ByHand, true, null, 99.0, Severity::Fix, 'how often'];
        yield 'by hand, never done' => [StandIn::ByHand, true, 2.0, null, Severity::Fix, 'never was'];
        yield 'by hand, on its day' => [StandIn::ByHand, true, 2.0, 98.0, Severity::Watch, 'every'];
        yield 'by hand, a little late' => [StandIn::ByHand, true, 2.0, 97.9, Severity::Fix, 'was last done'];
    }
}
