<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Programme\Check;

use Velbrin\Core\Control\Job;
use Velbrin\Core\Control\Phrase;
use Velbrin\Core\Control\Programme\Objection;
use Velbrin\Core\Control\Programme\Refill;
use Velbrin\Core\Control\Programme\Row;
use Velbrin\Core\Control\Programme\Setup;
use Velbrin\Core\Measure\Severity;

/** A pause of the return moves the level the top-off looks at: it fills up what comes back by itself. */
final readonly class RefillSeesPause implements Row
{
    public function code(): string
    {
        return 'K-57';
    }

    public function look(Setup $setup): array
    {
        $found = [];
        foreach ($setup->programme->outlets as $outlet) {
            if (! $outlet->rule instanceof Refill) {
                continue;
            }
            foreach ($setup->doing(Job::ReturnPump) as $pump) {
                foreach ($pump->pauses as $group => $pause) {
                    $own = $outlet->pauses[$group] ?? null;
                    if ($pause->level <= 0 && ($own === null || $own->level > 0 || $own->lengthS <= $pause->lengthS)) {
                        $found[] = Objection::of(
                            Severity::Fix,
                            $this->code(),
                            $outlet->id,
                            Phrase::InThePauseLooks,
                            Phrase::WhenThePumpStartsTheLast,
                            Phrase::OffInThatPause,
                            ['group' => (string) $group, 'place' => $outlet->place],
                        );
                    }
                }
            }
        }

        return $found;
    }
}
