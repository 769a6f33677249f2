<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Programme\Check;

use Velbrin\Core\Control\Job;
use Velbrin\Core\Control\Phrase;
use Velbrin\Core\Control\Programme\Objection;
use Velbrin\Core\Control\Programme\Row;
use Velbrin\Core\Control\Programme\Setup;
use Velbrin\Core\Measure\Severity;

/** A lamp that a guard sheds and gives back as the value wavers. */
final readonly class LampFlickers implements Row
{
    private const REST_S = 600.0;

    public function code(): string
    {
        return 'K-20p';
    }

    public function look(Setup $setup): array
    {
        $found = [];
        foreach ($setup->doing(Job::Light) as $lamp) {
            foreach ($setup->programme->guards as $guard) {
                if ($guard->outlet === $lamp->id && $guard->clears !== null && $lamp->minimumOffS < self::REST_S) {
                    $found[] = Objection::of(
                        Severity::Fix,
                        $this->code(),
                        $lamp->id,
                        Phrase::IsShedAndMayComeBack,
                        Phrase::AtTheLimitItFlickers,
                        Phrase::OffForSAtLeast,
                        ['place' => $lamp->place, 'off' => $lamp->minimumOffS, 'rest' => self::REST_S],
                    );
                }
            }
        }

        return $found;
    }
}
