<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Programme\Check;

use Velbrin\Core\Control\Phrase;
use Velbrin\Core\Control\Programme\Objection;
use Velbrin\Core\Control\Programme\Row;
use Velbrin\Core\Control\Programme\Setup;
use Velbrin\Core\Measure\Severity;

/** Two guards of one rank that want different things of one outlet. */
final readonly class GuardsContradict implements Row
{
    public function code(): string
    {
        return 'K-20x';
    }

    public function look(Setup $setup): array
    {
        $found = [];
        foreach ($setup->programme->guards as $n => $first) {
            foreach (array_slice($setup->programme->guards, $n + 1) as $second) {
                if ($first->outlet === $second->outlet && $first->rank === $second->rank && $first->level !== $second->level) {
                    $found[] = Objection::of(
                        Severity::Fix,
                        $this->code(),
                        $first->id,
                        Phrase::TwoGuardsOfWantDifferentThings,
                        Phrase::WhenBothSpeak,
                        Phrase::SayWhichProtectsMore,
                        ['place' => $setup->place($first->outlet)],
                    );
                }
            }
        }

        return $found;
    }
}
