<?php

declare(strict_types=1);

namespace App\Risk\Views;

use App\House\PlainSentence;
use App\Risk\Exposure;
use App\Systems\System;
use App\Team\User;
use Illuminate\Support\Collection;
use Velbrin\Core\Measure\Units;
use Velbrin\Core\Risk\HandState;

/** A system as a line of time: its shortest hazard, when harm comes and when help. */
final readonly class ExposureLineView
{
    private function __construct(
        public int $id,
        public string $name,
        public string $where,
        public string $severity,
        public string $words,
        public string $why,
        public ?string $remedy,
        public ?float $harmH,
        public ?float $actsH,
        public ?float $hours,
        public ?string $needs,
        public bool $atMost,
        public ?RingView $ring,
    ) {
    }

    /** @param  Collection<int, Exposure>  $rows  of that system and night */
    public static function of(System $system, Collection $rows, User $user, ?RingView $ring = null): self
    {
        $units = $user->units();
        $where = "{$system->site?->client?->name}, {$system->site?->name}";
        $needs = $rows->first(fn (Exposure $e): bool => $e->needs !== null)?->needs;
        $worst = null;
        foreach ($rows as $row) {
            // Water on the floor sorts no fleet by animals; asked for by itself it does.
            $isAsked = $rows->count() === 1;
            if (
                $row->hours !== null &&
                ($isAsked || $row->hazard->ranks()) &&
                ($worst === null ||
                    [$row->hours, $row->acts_h === null ? 0 : 1] < [
                        (float) $worst->hours,
                        $worst->acts_h === null ? 0 : 1,
                    ])
            ) {
                $worst = $row;
            }
        }
        if ($worst === null) {
            return new self(
                id: $system->id,
                name: $system->name,
                where: $where,
                severity: $needs === null ? ($rows->isEmpty() ? 'none' : 'fine') : 'watch',
                words: $needs === null ? ($rows->isEmpty() ? 'not worked out yet' : 'No harm that night') : 'Not known',
                why: $needs === null ? '' : "Still to say: {$needs}.",
                remedy: null,
                harmH: null,
                actsH: null,
                hours: null,
                needs: $needs,
                atMost: false,
                ring: $ring,
            );
        }
        $finding = $worst->finding ?? [];

        return new self(
            id: $system->id,
            name: $system->name,
            where: $where,
            severity: is_string($finding['severity'] ?? null) ? $finding['severity'] : 'watch',
            words: self::sentence($finding['what'] ?? null, $units),
            why: self::sentence($finding['why'] ?? null, $units),
            remedy: ($finding['remedy'] ?? null) === null ? null : self::sentence($finding['remedy'], $units),
            harmH: $worst->harm_h,
            actsH: $worst->acts_h,
            hours: $worst->hours,
            needs: null,
            atMost: str_ends_with((string) $worst->cause, HandState::AtMost->value),
            ring: $ring,
        );
    }

    private static function sentence(mixed $plain, Units $units): string
    {
        return PlainSentence::read($plain)?->in($units) ?? '';
    }
}
