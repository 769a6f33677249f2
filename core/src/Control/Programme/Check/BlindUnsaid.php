<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Programme\Check;

use Velbrin\Core\Control\Phrase;
use Velbrin\Core\Control\Programme\Objection;
use Velbrin\Core\Control\Programme\Row;
use Velbrin\Core\Control\Programme\Setup;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Severity;

/** A hold or guard for which nobody has said what it does when it cannot see. */
final readonly class BlindUnsaid implements Row
{
    public function code(): string
    {
        return 'K-53';
    }

    public function look(Setup $setup): array
    {
        $found = [];
        foreach ($setup->holds() as [$outlet, $hold]) {
            if ($hold->blind === null) {
                $found[] = self::unsaid($this->code(), $outlet->id, $outlet->place);
            }
        }
        foreach ($setup->programme->guards as $guard) {
            if ($guard->blind === null) {
                $found[] = self::unsaid($this->code(), $guard->id, 'the guard of '.$setup->place($guard->outlet));
            }
        }

        return $found;
    }

    private static function unsaid(string $code, string $subject, string $place): Finding
    {
        return Objection::of(
            Severity::Fix,
            $code,
            $subject,
            Phrase::NobodyHasSaidWhatDoes,
            Phrase::AnUnpluggedProbeThatReadsNothing,
            Phrase::SayOffOn,
            ['place' => $place],
        );
    }
}
