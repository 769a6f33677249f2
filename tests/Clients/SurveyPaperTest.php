<?php

declare(strict_types=1);

namespace Tests\Clients;

use PHPUnit\Framework\Attributes\Test;
use Symfony\Component\Process\Process;
use Tests\TestCase;

/** A survey to take along: what is known stands printed, what is not has a line. */
final class SurveyPaperTest extends TestCase
{
    #[Test]
    public function known_facts_are_printed_in_the_reader_s_units_and_the_rest_is_left_to_the_pen(): void
    {
        $site = self::site();
        $site->rooms()->create(['name' => 'Hall', 'clear_height_mm' => 2540.0, 'bases' => []]);
        $site->passages()->create(['name' => 'Back door', 'width_mm' => 762.0, 'height_mm' => 2000.0, 'position' => 0]);
        $us = self::user('technician');
        $us->update(['unit_system' => 'us']);
        $text = (new Process(
            ['pdftotext', '-layout', '-', '-'],
            input: (string) $this->actingAs($us)
                ->get("/sites/{$site->id}/survey.pdf")
                ->assertOk()
                ->getContent(),
        ))
            ->mustRun()
            ->getOutput();
        self::assertMatchesRegularExpression('/Clear height of the room.*100\.00\s?in/u', $text);
        self::assertMatchesRegularExpression('/Back door\s+30\.00\s?in/u', $text);
        self::assertMatchesRegularExpression('/Tap water, coldest.*°F/u', $text);
        self::assertStringContainsString('☐ slab on the ground', $text);
    }
}
