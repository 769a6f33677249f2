<?php

declare(strict_types=1);

namespace App\Emergency;

use App\Clients\Room;
use App\Clients\Site;
use App\House\Days;
use App\House\Paper;
use App\Systems\System;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Units;
use Velbrin\Core\Risk\Tonight;

/** For those who live with a tank, and whoever cleans or sits there: what to leave alone, what to look at, whom to ring (X-50, X-48). */
final class HouseholdSheet
{
    private const LOOKS = [
        'The water moves, and its level stands at the mark.',
        'No water on the floor, no smell, no noise that was not there yesterday.',
        'Animals come for food, and none lies where it can be lost: then ring us.',
    ];

    public function __construct(private readonly IncidentDesk $desk)
    {
    }

    public function pdf(Site $site, Units $units): string
    {
        $site->load('client');
        $systems = ReadyDesk::systems($site);

        return Paper::pdf('emergency.household', [
            'site' => $site,
            'on' => Days::date(Days::number(Days::today()))->format('j M Y'),
            'rules' => self::rules($site),
            'rooms' => Room::query()
                ->where('site_id', $site->id)
                ->whereNull('archived_at')
                ->whereIn('id', $systems->map(fn (System $s): ?int => $s->room_id)->filter())
                ->orderBy('name')
                ->get()
                ->map(fn (Room $r): array => ['name' => (string) $r->name, 'heating' => self::words($r->getAttribute('heating'))])
                ->all(),
            'looks' => self::LOOKS,
            'systems' => $systems->map(fn (System $s): array => $this->look($s, $units))->all(),
            'chain' => array_slice($this->desk->chain($site), 0, 4),
        ]);
    }

    /** @return list<string> what holds in this household */
    public static function rules(Site $site): array
    {
        $isNone = fn (string $words): bool => in_array(strtolower(trim($words)), ['', 'none', 'no'], true);
        $has = fn (?string $words): bool => $words !== null && ! $isNone($words);

        return array_values(array_filter([
            'No spray, polish, air freshener, fly spray or candle in the room: what hangs in the air ends in the water.',
            'Hands stay out. Whoever must reach in rinses off cream, soap and perfume first, and washes afterwards.',
            'Nothing is unplugged to charge or to clean with. No plug, no cable is touched with wet hands.',
            'No water, no salt, no food is added that nobody asked for. What is spilled or hot to the touch: ring us.',
            $has($site->pets) ? "Pets ({$site->pets}): never alone with open sand, cables or a low lid; covers stay closed." : null,
            $has($site->children) ? "Children ({$site->children}): the cabinet stays shut, nothing is thrown in, nobody climbs." : null,
            $has($site->residents) ? "Who lives here: {$site->residents}. Each of them knows this sheet." : null,
            'Cleaners wipe glass from outside with water only, on the cloth, never sprayed at the tank.',
        ]));
    }

    /** @return array{name: string, reads: string|null} */
    private function look(System $system, Units $units): array
    {
        $tank = $this->desk->tank($system);

        return [
            'name' => $system->name,
            'reads' => $tank instanceof Tonight
                ? $units->show(Quantity::of($tank->setpointC - 1, Kind::Temperature)).' to '
                    .$units->show(Quantity::of($tank->setpointC + 1, Kind::Temperature))
                : null,
        ];
    }

    private static function words(mixed $words): ?string
    {
        return is_string($words) && trim($words) !== '' ? $words : null;
    }
}
