<?php

declare(strict_types=1);

namespace App\Clients\Views;

use App\Clients\Room;
use Velbrin\Core\Build\SurveySheet;
use Velbrin\Core\Build\SurveySpec;

final readonly class RoomView
{
    /**
     * @param  array<string, float|string|null>  $facts
     * @param  array<string, BasisView>  $bases
     * @param  list<ToSurveyView>  $toSurvey
     */
    private function __construct(
        public int $id,
        public string $name,
        public array $facts,
        public array $bases,
        public array $toSurvey,
        public string $stamp,
    ) {
    }

    public static function of(Room $room): self
    {
        $facts = $bases = [];
        /** @var array<string, array{basis: string, by: string, at: string}> $stored */
        $stored = $room->bases ?? [];
        foreach (SurveySheet::fields() as $key => $spec) {
            $value = $room->getAttribute($key);
            $facts[$key] =
                is_numeric($value) && $spec->kind !== null ? (float) $value : (is_string($value) ? $value : null);
            if ($facts[$key] !== null && isset($stored[$key])) {
                $bases[$key] = new BasisView($stored[$key]['basis'], $stored[$key]['by'], $stored[$key]['at']);
            }
        }

        $missing = array_map(
            fn (SurveySpec $s): ToSurveyView => new ToSurveyView($s->key, $s->label, $s->dependsOn),
            SurveySheet::missing($facts),
        );

        return new self($room->id, $room->name, $facts, $bases, $missing, $room->stamp());
    }
}
