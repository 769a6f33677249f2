<?php

declare(strict_types=1);

namespace App\Emergency;

use Illuminate\Support\Facades\DB;
use Velbrin\Core\Risk\Hazard;
use Velbrin\Core\Rounds\Spot;

/** One system as a storm asks after it: read straight from its kept hours, since a fleet has hundreds. */
final readonly class StormRow
{
    private function __construct(
        public int $systemId,
        public string $name,
        public string $where,
        public ?Spot $spot,
        /** What its animals are worth; null: nobody has said. */
        public ?float $worth,
        public ?float $harmH,
        public string $harmBy,
        /** What its course in a dark house is worked out from, as kept. */
        public ?string $course,
    ) {
    }

    /** @return array<int, non-empty-list<self>> by system */
    public static function bySystem(StormAsked $asked): array
    {
        $rows = DB::table('exposures')
            ->join('systems', 'systems.id', '=', 'exposures.system_id')
            ->join('sites', 'sites.id', '=', 'systems.site_id')
            ->join('clients', 'clients.id', '=', 'sites.client_id')
            ->where('exposures.night', $asked->night->value)
            ->whereIn('exposures.hazard', array_map(fn (Hazard $h): string => $h->value, $asked->hazards))
            ->whereNull('exposures.needs')
            ->whereNull('systems.archived_at')
            ->when($asked->towns !== [], fn ($q) => $q->whereIn('sites.town', $asked->towns))
            ->get([
                'exposures.system_id', 'exposures.harm_h', 'exposures.harm_by', 'exposures.course', 'systems.name',
                'systems.animals_worth_minor', 'sites.name as site', 'clients.name as client', 'sites.lat', 'sites.lon',
            ]);
        $by = [];
        foreach ($rows as $row) {
            $by[(int) $row->system_id][] = new self(
                systemId: (int) $row->system_id,
                name: (string) $row->name,
                where: "{$row->client}, {$row->site}",
                spot: $row->lat === null || $row->lon === null ? null : new Spot((float) $row->lat, (float) $row->lon),
                worth: $row->animals_worth_minor === null ? null : (float) $row->animals_worth_minor / 100,
                harmH: $row->harm_h === null ? null : (float) $row->harm_h,
                harmBy: (string) $row->harm_by,
                course: $row->course === null ? null : (string) $row->course,
            );
        }

        return $by;
    }
}
