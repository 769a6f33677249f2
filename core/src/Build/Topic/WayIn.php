<?php

declare(strict_types=1);

namespace Velbrin\Core\Build\Topic;

use Velbrin\Core\Build\Access;
use Velbrin\Core\Build\Asks;
use Velbrin\Core\Build\Check;
use Velbrin\Core\Build\DisplayTank;
use Velbrin\Core\Build\Facts;
use Velbrin\Core\Build\Figure;
use Velbrin\Core\Build\Missing;
use Velbrin\Core\Build\Passage;
use Velbrin\Core\Build\Phrase;
use Velbrin\Core\Build\PlanField as F;
use Velbrin\Core\Build\Topic;
use Velbrin\Core\Build\TopicAnswer;
use Velbrin\Core\Build\WaysThrough;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Measure\Severity;

/** Each large piece through each passage, in, and out again once everything is finished (B-2, B-82). */
final class WayIn implements Asks, Topic
{
    public function keys(): array
    {
        return ['access'];
    }

    public static function checks(): array
    {
        return [Check::safety('B-2.way-in', 'access', Phrase::DoesEachLargePieceComeIn, self::in(...))];
    }

    public function answer(Facts $facts): TopicAnswer
    {
        $ways = self::ways($facts);
        $findings = [];
        $tightest = INF;
        $isOpen = false;
        foreach ($ways as $way) {
            $tightest = min($tightest, $way['in']->slackMm());
            $isOpen = $isOpen || $way['passage']->lacksCorridor() !== null;
            if ($way['out'] !== null && $way['out']->slackMm() < 0) {
                $findings[] = self::outward($way['piece'], $way['name'], $way['subject'], $way['out']->slackMm(), $facts);
            }
        }
        $word = match (true) {
            $tightest < 0 => Phrase::FigureDoesNotPass,
            $isOpen => Phrase::FigureOneCorridorOfTwo,
            default => Phrase::FigurePasses,
        };
        $slack = ['slack' => Quantity::of(abs($tightest), Kind::Length)];
        $note = match (true) {
            $tightest < 0 => Sentence::of(Phrase::LacksAtTheTightest, $slack),
            $isOpen => Sentence::of(Phrase::RoundACornerBothCorridorsCount),
            default => Sentence::of(Phrase::AtTheTightest, $slack),
        };

        return new TopicAnswer(
            [Figure::words('access', $word, $note, $facts->basis())],
            $findings,
            new WaysThrough($ways),
        );
    }

    /**
     * @return list<Finding>
     *
     * @throws Missing
     * @throws OutOfRange
     */
    private static function in(Facts $facts): array
    {
        $findings = [];
        foreach (self::ways($facts) as $way) {
            $slack = $way['in']->slackMm();
            $lacks = $way['passage']->lacksCorridor();
            if ($lacks !== null && $slack >= 0) {
                $facts->leaveOpen("passages.{$way['row']}.{$lacks}");

                continue;
            }
            $isCar = $way['in']->carMm !== null && $way['in']->carMm <= $slack;
            $findings[] = self::inward(
                $way['piece'],
                $isCar ? "{$way['name']}, the lift car" : $way['name'],
                $way['subject'],
                $slack,
                $facts,
            );
        }

        return $findings;
    }

    /**
     * Every large piece at every passage.
     *
     * @return non-empty-list<array{piece: string, row: int, name: string, subject: string, passage: Passage, in: Access, out: Access|null}>
     *
     * @throws Missing
     * @throws OutOfRange
     */
    private static function ways(Facts $facts): array
    {
        if ($facts->brief->passages === []) {
            throw Missing::fields(['passages']);
        }
        $ways = [];
        $ids = self::ids($facts);
        foreach (self::pieces($facts) as $piece => [$length, $width, $height]) {
            foreach ($facts->brief->passages as $row => $passage) {
                $name = $passage->name === '' ? 'Passage '.($row + 1) : $passage->name;
                $ways[] = [
                    'piece' => $piece,
                    'row' => $row,
                    'name' => $name,
                    'subject' => ($ids[$piece] ?? $piece).', '.($passage->id === '' ? $name : $passage->id),
                    'passage' => $passage,
                    'in' => Access::of($length, $width, $height, $passage),
                    'out' => $passage->narrows() ? Access::of($length, $width, $height, $passage->outward()) : null,
                ];
            }
        }

        return $ways;
    }

    /**
     * @return non-empty-array<string, array{0: float, 1: float, 2: float}> length, width, height in mm, by name
     *
     * @throws Missing
     * @throws OutOfRange
     */
    private static function pieces(Facts $facts): array
    {
        $facts->need(F::HeightMm);
        $footprint = DisplayTank::footprint($facts);
        $pieces = ['Display' => [$footprint->boxLengthMm(), $footprint->boxWidthMm(), $facts->number(F::HeightMm)]];
        $sump = [F::SumpLengthMm, F::SumpWidthMm, F::SumpHeightMm];
        $known = array_filter($sump, $facts->brief->has(...));
        if (count($known) === count($sump)) {
            $pieces['Sump'] = array_map($facts->number(...), $sump);
        } elseif ($known !== []) {
            // The other pieces are judged all the same.
            array_map(fn (F $f) => $facts->leaveOpen($f->value), array_diff_key($sump, $known));
        }
        foreach ($facts->brief->vessels as $i => $other) {
            $name = $other->name === '' ? 'Vessel '.($i + 1) : ucfirst($other->name);
            $pieces[$name] = [$other->lengthMm, $other->widthMm, $other->vessel->heightMm];
        }

        return $pieces;
    }

    /** @return array<string, string> of further vessels, by what they are called */
    private static function ids(Facts $facts): array
    {
        $ids = [];
        foreach ($facts->brief->vessels as $i => $other) {
            if ($other->id !== '') {
                $ids[$other->name === '' ? 'Vessel '.($i + 1) : ucfirst($other->name)] = $other->id;
            }
        }

        return $ids;
    }

    private static function inward(string $piece, string $name, string $subject, float $slack, Facts $facts): Finding
    {
        $parts = [
            'piece' => $piece,
            'name' => $name,
            'slack' => Quantity::of(abs($slack), Kind::Length)->apartFrom(0.0, Access::BARELY_MM),
        ];

        return match (true) {
            $slack < 0 => Finding::of(
                Severity::Stop,
                'B-2',
                'access',
                Sentence::of(Phrase::DoesNotPass, $parts),
                Sentence::of(Phrase::TiltedAndTurnedTheBestWay, $parts),
                Sentence::of(Phrase::AnotherWayIn),
                $facts->basis(),
                subject: $subject,
            ),
            $slack < Access::BARELY_MM => Finding::of(
                Severity::Watch,
                'B-2',
                'access',
                Sentence::of(Phrase::PassesWithToSpare, $parts),
                Sentence::of(Phrase::HandsStrapsAndBlanketsNeedRoom, $parts),
                Sentence::of(Phrase::MeasureTheNarrowestPointAgain),
                $facts->basis(),
                subject: $subject,
            ),
            default => Finding::of(
                Severity::Fine,
                'B-2',
                'access',
                Sentence::of(Phrase::PiecePassesName, $parts),
                Sentence::of(Phrase::ToSpare, $parts),
                null,
                $facts->basis(),
                subject: $subject,
            ),
        };
    }

    private static function outward(string $piece, string $name, string $subject, float $slack, Facts $facts): Finding
    {
        $parts = ['piece' => $piece, 'name' => $name, 'slack' => Quantity::of(abs($slack), Kind::Length)];

        return Finding::of(
            Severity::Fix,
            'B-82',
            'access',
            Sentence::of(Phrase::DoesNotComeOutWhole, $parts),
            Sentence::of(
                Phrase::JoineryWallsAndCeilingWill,
                $parts,
            ),
            Sentence::of(Phrase::LeaveTheOpening),
            $facts->basis(),
            subject: $subject,
        );
    }
}
