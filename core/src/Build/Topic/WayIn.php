<?php

declare(strict_types=1);

namespace Velbrin\Core\Build\Topic;

use Velbrin\Core\Build\Access;
use Velbrin\Core\Build\DisplayTank;
use Velbrin\Core\Build\Facts;
use Velbrin\Core\Build\Figure;
use Velbrin\Core\Build\Missing;
use Velbrin\Core\Build\PlanField as F;
use Velbrin\Core\Build\SumpWater;
use Velbrin\Core\Build\Topic;
use Velbrin\Core\Build\TopicAnswer;
use Velbrin\Core\Build\WaysThrough;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Measure\Severity;

/** Each large piece through each passage, in, and out again once everything is finished (B-2, B-82). */
final class WayIn implements Topic
{
    public function keys(): array
    {
        return ['access'];
    }

    public function answer(Facts $facts): TopicAnswer
    {
        $vessel = DisplayTank::vessel($facts);
        if ($facts->brief->passages === []) {
            throw Missing::fields(['passages']);
        }
        $pieces = ['Display' => [$vessel->footprint->boxLengthMm(), $vessel->footprint->boxWidthMm(), $vessel->heightMm]];
        if (SumpWater::isDescribed($facts)) {
            $pieces['Sump'] = [$facts->number(F::SumpLengthMm), $facts->number(F::SumpWidthMm), $facts->number(F::SumpHeightMm)];
        }
        foreach ($facts->brief->vessels as $i => $other) {
            $pieces[$other->name === '' ? 'Vessel '.($i + 1) : ucfirst($other->name)] = [$other->lengthMm, $other->widthMm, $other->vessel->heightMm];
        }
        $findings = $ways = [];
        $tightest = null;
        foreach ($pieces as $piece => $sizes) {
            foreach ($facts->brief->passages as $i => $passage) {
                $name = $passage->name === '' ? 'Passage '.($i + 1) : $passage->name;
                $in = Access::of($sizes[0], $sizes[1], $sizes[2], $passage);
                $out = $passage->narrows() ? Access::of($sizes[0], $sizes[1], $sizes[2], $passage->outward()) : null;
                $ways[] = ['piece' => $piece, 'name' => $name, 'passage' => $passage, 'in' => $in, 'out' => $out];
                $tightest = min($tightest ?? $in->slackMm(), $in->slackMm());
                $findings[] = self::inward($piece, $in->carMm !== null && $in->carMm <= $in->slackMm() ? "{$name}, the lift car" : $name, $in->slackMm(), $facts);
                if ($out !== null && $out->slackMm() < 0) {
                    $findings[] = self::outward($piece, $name, $out->slackMm(), $facts);
                }
            }
        }

        return new TopicAnswer([Figure::words('access', $tightest < 0 ? 'does not pass' : 'passes', Sentence::of($tightest < 0 ? 'lacks {slack} at the tightest' : '{slack} at the tightest', ['slack' => Quantity::of(abs((float) $tightest), Kind::Length)]), $facts->basis())], $findings, new WaysThrough($ways));
    }

    private static function inward(string $piece, string $name, float $slack, Facts $facts): Finding
    {
        $parts = ['piece' => $piece, 'name' => $name, 'slack' => Quantity::of(abs($slack), Kind::Length)];

        return match (true) {
            $slack < 0 => Finding::of(Severity::Stop, 'B-2', 'access', Sentence::of('{piece} does not pass: {name} lacks {slack}', $parts), Sentence::of('Tilted and turned the best way.', $parts), Sentence::of('Another way in, a smaller piece, or one built in place.'), $facts->basis()),
            $slack < Access::BARELY_MM => Finding::of(Severity::Watch, 'B-2', 'access', Sentence::of('{piece} passes {name} with {slack} to spare', $parts), Sentence::of('Hands, straps and blankets need room too.', $parts), Sentence::of('Measure the narrowest point again, frame and handle included.'), $facts->basis()),
            default => Finding::of(Severity::Fine, 'B-2', 'access', Sentence::of('{piece} passes {name}', $parts), Sentence::of('{slack} to spare.', $parts), null, $facts->basis()),
        };
    }

    private static function outward(string $piece, string $name, float $slack, Facts $facts): Finding
    {
        $parts = ['piece' => $piece, 'name' => $name, 'slack' => Quantity::of(abs($slack), Kind::Length)];

        return Finding::of(Severity::Fix, 'B-82', 'access', Sentence::of('{piece} does not come out whole: {name}, finished, lacks {slack}', $parts), Sentence::of('Joinery, walls and ceiling will have narrowed it: a leak years on means cutting the piece or the room.', $parts), Sentence::of('Leave the opening as it is, make the joinery removable, or have the client sign the risk.'), $facts->basis());
    }
}
