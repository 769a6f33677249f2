<?php

declare(strict_types=1);

namespace App\Moves;

use App\House\Days;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Moves\Brief\MoveBrief;
use Velbrin\Core\Moves\Brief\MoveReader;

/** The reader between a kept document and the core: what is left empty is not said. */
final class MoveDocument
{
    /**
     * @param  array<string, string>  $elsewhere  what else somebody of the team has that day, by person
     *
     * @throws OutOfRange that names the field
     */
    public static function read(Move $move, array $elsewhere = []): MoveBrief
    {
        return MoveReader::read(self::whole($move), Paces::learned(), MovePhotos::of($move), $elsewhere, self::daysLeft($move));
    }

    /**
     * By house values, whatever we have learned since.
     *
     * @throws OutOfRange that names the field
     */
    public static function byHouseValues(Move $move): MoveBrief
    {
        return MoveReader::read(self::whole($move));
    }

    private static function daysLeft(Move $move): ?int
    {
        return $move->on === null ? null : (int) round(Days::today()->diffInDays($move->on));
    }

    /** @return array<array-key, mixed> */
    private static function whole(Move $move): array
    {
        return ['schema' => MoveReader::SCHEMA, 'kind' => $move->kind->value, ...self::said($move->brief)];
    }

    /**
     * @param  array<array-key, mixed>  $document
     * @return array<array-key, mixed>
     */
    private static function said(array $document): array
    {
        $said = [];
        foreach ($document as $key => $value) {
            $value = is_array($value) ? self::said($value) : $value;
            if ($value !== null && $value !== '') {
                $said[$key] = $value;
            }
        }

        return array_is_list($document) ? array_values($said) : $said;
    }
}
