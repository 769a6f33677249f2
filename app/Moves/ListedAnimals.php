<?php

declare(strict_types=1);

namespace App\Moves;

use App\Systems\Stock\Animal;
use App\Systems\Stock\TransferAnimals;
use App\Systems\System;
use App\Team\User;
use Velbrin\Core\Livestock\AnimalKind;
use Velbrin\Core\Moves\Brief\Animal as Rider;
use Velbrin\Core\Moves\Brief\MoveBrief;

/** The stock list of a system and the animals of a move are the same ones: known by their number in both. */
final class ListedAnimals
{
    private const PREFIX = 'stock-';

    /** More than a move’s document takes, nobody moves in a day. */
    private const MOST = 80;

    /** @return list<array<string, mixed>> rows of a move’s document */
    public static function rows(System $system): array
    {
        return array_values(Animal::query()
            ->living()
            ->where('system_id', $system->id)
            ->orderBy('id')
            ->limit(self::MOST)
            ->get()
            ->map(fn (Animal $a): array => [
                'id' => self::PREFIX.$a->id,
                'label' => mb_substr($a->name, 0, 80),
                'coral' => $a->kind === AnimalKind::Coral,
                'count' => min(500, $a->count),
                'lengthCm' => $a->length_cm,
                'deep' => $a->deep,
            ])
            ->all());
    }

    /** Of a move’s animal the one on the list of that system; null: it is on none, or lives there no more. */
    public static function living(string $rider, System $system): ?Animal
    {
        return str_starts_with($rider, self::PREFIX)
            ? Animal::query()->living()->where('system_id', $system->id)->find((int) substr($rider, strlen(self::PREFIX)))
            : null;
    }

    /** Those of the list that ride go into the holding. */
    public static function into(MoveBrief $brief, System $from, System $holding, string $why, User $user): void
    {
        $ids = array_map(fn (Rider $a): string => $a->id, $brief->animals);
        $listed = array_map(
            fn (string $id): int => (int) substr($id, strlen(self::PREFIX)),
            array_filter($ids, fn (string $id): bool => str_starts_with($id, self::PREFIX)),
        );
        $riders = Animal::query()->living()->where('system_id', $from->id)->whereKey(array_values($listed))->get();
        self::all($riders->all(), $holding, $why, $user);
    }

    /** All that are in the holding go home. */
    public static function home(System $holding, System $to, string $why, User $user): void
    {
        self::all(Animal::query()->living()->where('system_id', $holding->id)->get()->all(), $to, $why, $user);
    }

    /** @param  array<array-key, Animal>  $animals */
    private static function all(array $animals, System $to, string $why, User $user): void
    {
        foreach ($animals as $animal) {
            TransferAnimals::planned($animal, $to, $why, $user);
        }
    }
}
