<?php

declare(strict_types=1);

namespace Velbrin\Core\Risk\Standing;

use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Risk\Harm;
use Velbrin\Core\Risk\Layer\Credit;
use Velbrin\Core\Risk\Layer\LayerKind;
use Velbrin\Core\Risk\Layer\Part;
use Velbrin\Core\Risk\Layer\Refused;
use Velbrin\Core\Risk\Phrase;

/** Where a defence is weakest, in one sentence (R-26). */
final class Weakest
{
    /** @param  list<Credit>  $credits */
    public static function of(array $credits, ?Harm $harm): Sentence
    {
        if ($harm?->hours === null) {
            return Sentence::of(Phrase::ItDoesNoHarmHere);
        }
        $refused = array_values(array_filter($credits, fn (Credit $c): bool => ! $c->counts()));
        $counted = array_values(array_filter($credits, fn (Credit $c): bool => $c->counts()));
        if ($counted === []) {
            return $refused === []
                ? Sentence::of(Phrase::NothingStandsAgainst)
                : self::refused($refused);
        }
        $shared = array_values(array_filter($counted, fn (Credit $c): bool => $c->shares !== []));
        $open = array_values(array_filter($counted, fn (Credit $c): bool => $c->mayShare !== []));

        return match (true) {
            $shared !== [] => Sentence::of(Phrase::HangsOnTheSameAsAnother, [
                'who' => ucfirst($shared[0]->layer->name),
                'part' => self::part($shared[0]->shares[0]),
            ]),
            count($counted) === 1 && $counted[0]->layer->kind === LayerKind::Chain => Sentence::of(
                Phrase::OnlyPeopleStandAgainstIt,
                ['who' => $counted[0]->layer->name],
            ),
            $refused !== [] => self::refused($refused),
            $open !== [] => Sentence::of(Phrase::NobodyWroteDownOnWhichHangs, [
                'who' => $open[0]->layer->name,
                'part' => self::part($open[0]->mayShare[0].':'),
            ]),
            default => self::likeliest($counted),
        };
    }

    /** @param  non-empty-list<Credit>  $refused */
    private static function refused(array $refused): Sentence
    {
        $first = $refused[0];
        $reason = $first->refused ?? Refused::Never;

        return Sentence::of(Phrase::DoesNotCount, [
            'who' => ucfirst($first->layer->name),
            'why' => $reason->words(),
        ]);
    }

    /** @param  non-empty-list<Credit>  $counted */
    private static function likeliest(array $counted): Sentence
    {
        usort($counted, fn (Credit $a, Credit $b): int => $b->fails <=> $a->fails);
        $parts = [
            'who' => ucfirst($counted[0]->layer->name),
            'share' => Quantity::of(100 * $counted[0]->fails, Kind::Percent),
        ];

        return $counted[0]->layer->isTested || $counted[0]->layer->kind === LayerKind::Chain
            ? Sentence::of(Phrase::FailsInOfCases, $parts)
            : Sentence::of(Phrase::IsNotProved, $parts);
    }

    private static function part(string $part): string
    {
        return Part::tryFrom(strstr($part, ':', true) ?: '')?->label() ?? 'part';
    }
}
