<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Programme\Check;

use Velbrin\Core\Control\Programme\Objection;
use Velbrin\Core\Control\Programme\Row;
use Velbrin\Core\Control\Programme\Setup;
use Velbrin\Core\Measure\Severity;

/** An alarm that sounds while control does what it should. */
final readonly class AlarmInBand implements Row
{
    public function code(): string
    {
        return 'K-20c';
    }

    public function look(Setup $setup): array
    {
        $found = [];
        foreach ($setup->holds() as [$outlet, $hold]) {
            foreach ($setup->alarmsOn($hold->probe) as $alarm) {
                $isLow = $alarm->low !== null && $alarm->low >= min($hold->startAt, $hold->stopAt);
                $isHigh = $alarm->high !== null && $alarm->high <= max($hold->startAt, $hold->stopAt);
                $probe = $setup->probes[$hold->probe] ?? null;
                if ($probe !== null && ($isLow || $isHigh)) {
                    $found[] = Objection::of(
                        Severity::Fix,
                        $this->code(),
                        $alarm->id,
                        'The alarm at {limit} sounds while {place} does what it should',
                        'Who is called for nothing does not come when it counts.',
                        'Put it outside what control holds.',
                        [
                            'limit' => Objection::value((float) ($isLow ? $alarm->low : $alarm->high), $probe),
                            'place' => $outlet->place,
                        ],
                    );
                }
            }
        }

        return $found;
    }
}
