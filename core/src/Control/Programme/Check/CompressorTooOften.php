<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Programme\Check;

use Velbrin\Core\Control\Job;
use Velbrin\Core\Control\Phrase;
use Velbrin\Core\Control\Programme\Objection;
use Velbrin\Core\Control\Programme\Row;
use Velbrin\Core\Control\Programme\Setup;
use Velbrin\Core\Measure\Severity;

/** A compressor without a time it stays off: it starts against pressure and burns. */
final readonly class CompressorTooOften implements Row
{
    /** The pressure is gone after so long, s; five minutes is what makers ask for. */
    private const REST_S = 300.0;

    public function code(): string
    {
        return 'K-20q';
    }

    public function look(Setup $setup): array
    {
        $found = [];
        foreach ($setup->doing(Job::Chiller) as $outlet) {
            if ($outlet->minimumOffS < self::REST_S) {
                $found[] = Objection::of(
                    Severity::Fix,
                    $this->code(),
                    $outlet->id,
                    Phrase::MayStartAgainAfterS,
                    Phrase::ACompressorThatStartsAgainstPressure,
                    Phrase::AtLeastSOff,
                    ['place' => $outlet->place, 'off' => $outlet->minimumOffS, 'rest' => self::REST_S],
                );
            }
        }

        return $found;
    }
}
