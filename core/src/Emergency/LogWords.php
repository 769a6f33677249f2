<?php

declare(strict_types=1);

namespace Velbrin\Core\Emergency;

use Velbrin\Core\Measure\Sentence;

/** What a line of an incident says to people: a state, an action and a look are codes where they are kept. */
final class LogWords
{
    /** @return Sentence|null what was meant; null where the line has words or a number of its own, or means nothing known here */
    public static function of(Said $said, ?string $of, Own $own): ?Sentence
    {
        return match ($said) {
            Said::State => self::state(IncidentState::tryFrom((string) $of)),
            Said::Did => self::did(FirstThree::told((string) $of, $own)),
            Said::Look => self::look((string) $of),
            Said::Reading, Said::Called, Said::Danger, Said::Note => null,
        };
    }

    private static function state(?IncidentState $state): ?Sentence
    {
        return $state === null ? null : Sentence::of(Phrase::LogState, ['state' => $state->label()]);
    }

    private static function did(?Sentence $what): ?Sentence
    {
        return $what === null ? null : Sentence::of(Phrase::LogDid, ['what' => $what]);
    }

    private static function look(string $of): ?Sentence
    {
        $spilling = Spilling::tryFrom($of);

        return match (true) {
            $of === 'wet' => Sentence::of(Phrase::LogWet),
            $of === 'dry' => Sentence::of(Phrase::LogDry),
            $spilling !== null => Sentence::of(Phrase::LogSpills, ['where' => $spilling->label()]),
            default => null,
        };
    }
}
