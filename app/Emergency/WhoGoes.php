<?php

declare(strict_types=1);

namespace App\Emergency;

use App\Systems\LastRead;
use App\Systems\Stock\Animal;
use App\Systems\System;
use Velbrin\Core\Chemistry\Parameter;
use Velbrin\Core\Emergency\Evacuation;
use Velbrin\Core\Emergency\EvacuationBox;
use Velbrin\Core\Livestock\AnimalKind;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Units;
use Velbrin\Core\Moves\Brief\Animal as Rider;
use Velbrin\Core\Moves\CarryTeam;
use Velbrin\Core\Risk\Tonight;

/** Between the stock list and the boxes of an emergency. */
final class WhoGoes
{
    /** More nobody boxes in an emergency; and each is tried with each. */
    private const MOST_KINDS = 60;

    /**
     * Who would go in which order into which box (E-9); null: nobody has listed what lives there.
     *
     * @return array{
     *     boxes: list<array{animals: list<string>, stillH: float|null, airedH: float|null}>, boxL: float, unboxed: list<string>,
     *     liftKg: float, catchH: float, holdH: float|null, readEveryMin: int, return: string
     * }|null
     *
     * @throws OutOfRange
     */
    public static function of(System $system, Tonight $tank, Units $units): ?array
    {
        $animals = Animal::query()->living()->where('system_id', $system->id)->orderBy('id')->limit(self::MOST_KINDS)->get();
        if ($animals->isEmpty()) {
            return null;
        }
        $riders = $animals->map(fn (Animal $a): Rider => new Rider(
            id: (string) $a->id,
            label: $a->name,
            isCoral: $a->kind === AnimalKind::Coral,
            count: $a->count,
            lengthCm: $a->length_cm,
            isDeep: $a->deep,
            isAlone: false,
            isGlued: false,
            isToxic: false,
            box: null,
        ))->all();
        $go = Evacuation::of(array_values($riders), $tank, LastRead::of($system, Parameter::Ph));

        return [
            'boxes' => array_map(fn (EvacuationBox $b): array => [
                'animals' => array_map(fn (Rider $a): string => $a->count > 1 ? "{$a->count} {$a->label}" : $a->label, $b->animals),
                'stillH' => $b->stillH,
                'airedH' => $b->airedH,
            ], $go->boxes),
            'boxL' => Evacuation::BOX_L,
            'liftKg' => CarryTeam::LIMIT_KG,
            'unboxed' => $go->unboxed,
            'catchH' => $go->catchH,
            'holdH' => $go->holdH,
            'readEveryMin' => $go->readEveryMin,
            'return' => $go->return->in($units),
        ];
    }
}
