<?php

declare(strict_types=1);

namespace Tests\Front;

use App\House\RuleBook;
use PHPUnit\Framework\Attributes\Test;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;
use Tests\TestCase;

/** A page of the rule book says what the code does: the core states the rule, or one class of the app carries it out. */
final class RuleBookTest extends TestCase
{
    /** Rules of records and practice, which no arithmetic states, by who keeps them. */
    private const KEPT_BY = [
        'B-72' => 'Build/StageTool.php',
        'S-31' => 'Rounds/Entries/EntryDesk.php',
        'S-22' => 'Rounds/SickNow.php',
        'S-23' => 'Rounds/Familiar.php',
        'S-53' => 'Rounds/Planning.php',
        'X-46' => 'Rounds/LoadList.php',
        'S-33' => 'Reports/DraftReport.php',
        'S-34' => 'Rounds/Entries/Closing.php',
        'X-41' => 'Rounds/FollowUp.php',
        'X-53' => 'Build/AcceptedRisk.php',
        'X-59' => 'Build/StageFirm.php',
        'R-44' => 'Stores/Stock.php',
        'E-10' => 'Emergency/AreaEvent.php',
        'X-14' => 'Risk/Around.php',
        'X-50' => 'Emergency/HouseholdSheet.php',
        'X-58' => 'Clients/RemoteAccess.php',
    ];

    #[Test]
    public function every_page_is_a_rule_the_core_states_or_a_class_of_the_app_keeps(): void
    {
        $core = self::core();
        foreach (RuleBook::all() as $number => $page) {
            $kept = self::KEPT_BY[$number] ?? null;
            if ($kept !== null) {
                self::assertFalse(
                    self::states($core, $number),
                    "{$number} is stated by the core now: take it off the list",
                );
                self::assertTrue(
                    self::states((string) file_get_contents(app_path($kept)), $number),
                    "{$number}: {$kept} does not say that it keeps it",
                );
            } else {
                self::assertTrue(
                    self::states($core, $number),
                    "{$number}, {$page->title}: nothing in the core states it",
                );
            }
        }
    }

    #[Test]
    public function what_the_code_does_not_do_is_promised_on_no_page(): void
    {
        $all = RuleBook::all();
        self::assertArrayNotHasKey('W-39', $all);
        foreach (
            [
                'R-21' => ['salinity', 'alkalinity', 'level'],
                'R-24' => ['third'],
                'W-55' => ['rebuilt'],
                'W-61' => ['stirred'],
                'C-4' => ['margin'],
            ] as $number => $words
        ) {
            foreach ($words as $word) {
                self::assertStringNotContainsString($word, $all[$number]->says, $number);
            }
        }
        self::assertStringContainsString('highest value on the way', $all['C-30']->says);
    }

    private static function states(string $code, string $number): bool
    {
        if (preg_match('/(?<![A-Z])'.preg_quote($number, '/').'(?!\d)/', $code) === 1) {
            return true;
        }
        [$letter, $n] = explode('-', $number);
        preg_match_all("/{$letter}-(\\d+) … {$letter}-(\\d+)/", $code, $ranges, PREG_SET_ORDER);

        return array_filter($ranges, fn (array $r): bool => $r[1] <= (int) $n && (int) $n <= $r[2]) !== [];
    }

    private static function core(): string
    {
        $code = '';
        /** @var SplFileInfo $file */
        foreach (
            new RecursiveIteratorIterator(
                new RecursiveDirectoryIterator(base_path('core/src'), RecursiveDirectoryIterator::SKIP_DOTS),
            ) as $file
        ) {
            $code .= file_get_contents($file->getPathname());
        }

        return $code;
    }
}
