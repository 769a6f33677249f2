<?php

declare(strict_types=1);

namespace App\Emergency;

use App\Clients\Attachment;
use App\Clients\Site;
use App\House\Days;
use App\House\Paper;
use App\Stores\Shelves;
use App\Stores\Stock;
use App\Systems\System;
use Illuminate\Support\Facades\Storage;
use Velbrin\Core\Emergency\EmergencyKind;
use Velbrin\Core\Emergency\Evacuation;
use Velbrin\Core\Emergency\FirstThree;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Units;
use Velbrin\Core\Risk\Tonight;

/** The one-page emergency sheet of a place: whom to ring, where to shut off, two lines a hazard with its hours (E-8). */
final class Sheet
{
    /** What a dark house can meet, in this order. */
    private const KINDS = [
        EmergencyKind::Tingle,
        EmergencyKind::PowerCut,
        EmergencyKind::Flood,
        EmergencyKind::Hot,
        EmergencyKind::Cold,
        EmergencyKind::Overdose,
        EmergencyKind::Leak,
    ];

    private const PHOTOS = 4;

    /** It stays one page. */
    private const BOXES = 6;

    private const PARTS = 8;

    /** High: 22 mm at about 280 dots an inch. */
    private const PHOTO_PX = 240;

    public function __construct(private readonly IncidentDesk $desk, private readonly Shelves $shelves)
    {
    }

    public function pdf(Site $site, Units $units): string
    {
        $site->load('client');
        $systems = ReadyDesk::systems($site);

        return Paper::pdf('emergency.sheet', [
            'site' => $site,
            'on' => Days::date(Days::number(Days::today()))->format('j M Y'),
            'chain' => array_slice($this->desk->chain($site), 0, 7),
            'shutOffs' => ShutOff::query()->where('site_id', $site->id)->orderBy('id')->get(),
            'missing' => $this->missing($site),
            'photos' => $this->photos($site),
            'parts' => $this->parts($site),
            'boxL' => $units->show(Quantity::of(Evacuation::BOX_L, Kind::Volume)),
            'systems' => $systems->map(fn (System $s): array => $this->system($s, $units))->all(),
        ]);
    }

    /** @return list<array{label: string, picture: string}> the newest of each shut-off, small: it stays one page */
    private function photos(Site $site): array
    {
        $photos = $site->attachments()
            ->current()
            ->ready()
            ->where('kind', Attachment::PHOTO)
            ->where('about', 'like', ShutOff::ABOUT.'%')
            ->orderByDesc('id')
            ->get()
            ->unique('about')
            ->take(self::PHOTOS);
        $small = [];
        foreach ($photos as $photo) {
            $kind = ShutOffKind::tryFrom(substr((string) $photo->about, strlen(ShutOff::ABOUT)));
            $picture = self::small($photo);
            if ($kind !== null && $picture !== null) {
                $small[] = ['label' => $kind->label(), 'picture' => $picture];
            }
        }

        return $small;
    }

    private static function small(Attachment $photo): ?string
    {
        $disk = Storage::disk('local');
        $image = $disk->exists($photo->path) ? @imagecreatefromstring((string) $disk->get($photo->path)) : false;
        if ($image === false) {
            return null;
        }
        $scaled = imagescale($image, max(1, (int) round(self::PHOTO_PX * imagesx($image) / imagesy($image))), self::PHOTO_PX);
        if ($scaled === false) {
            return null;
        }
        ob_start();
        imagejpeg($scaled, null, 80);

        return 'data:image/jpeg;base64,'.base64_encode((string) ob_get_clean());
    }

    /** @return list<string> what lies here and can stand in now */
    private function parts(Site $site): array
    {
        return array_values(
            $this->shelves->good()
                ->filter(fn (Stock $s): bool => $s->place?->site_id === $site->id && $s->part !== null)
                ->map(fn (Stock $s): string => sprintf('%g × %s', $s->count, $s->part?->name))
                ->take(self::PARTS)
                ->all(),
        );
    }

    /** @return list<string> */
    private function missing(Site $site): array
    {
        $known = ShutOff::query()->where('site_id', $site->id)->get()->map(fn (ShutOff $s): string => $s->kind->value)->all();

        return array_values(
            array_map(
                fn (ShutOffKind $k): string => $k->label(),
                array_filter(ShutOffKind::cases(), fn (ShutOffKind $k): bool => ! in_array($k->value, $known, true)),
            ),
        );
    }

    /** Boxes in the order they are filled, as short as a line takes. */
    private static function go(System $system, Tonight $tank, Units $units): ?string
    {
        try {
            $go = WhoGoes::of($system, $tank, $units);
        } catch (OutOfRange) {
            return null;
        }
        if ($go === null) {
            return null;
        }
        $box = fn (array $b, int $n): string => ($n + 1).'. '.implode(', ', $b['animals']).match (true) {
            $b['stillH'] !== null => sprintf(' (%.1f h without air)', $b['stillH']),
            $b['airedH'] !== null => sprintf(' (%.0f h)', $b['airedH']),
            default => '',
        };
        $first = array_slice($go['boxes'], 0, self::BOXES);
        $more = count($go['boxes']) - count($first);

        return implode('; ', array_map($box, $first, array_keys($first)))
            .($more > 0 ? "; and {$more} more" : '')
            .($go['unboxed'] === [] ? '' : '; a bin for '.implode(', ', array_slice($go['unboxed'], 0, 3)))
            .". Read every {$go['readEveryMin']} min. {$go['return']}";
    }

    /**
     * @return array{
     *     name: string, stays: string, go: string|null, lines: list<array{label: string, hours: string|null, actions: string}>
     * }
     */
    private function system(System $system, Units $units): array
    {
        $tank = $this->desk->tank($system);
        $own = $this->desk->own($system, null, is_string($tank) ? null : $tank);
        $lines = [];
        foreach (self::KINDS as $kind) {
            $hazard = $kind->hazard();
            try {
                $hours = $hazard === null || is_string($tank) ? null : IncidentDesk::hours($hazard, $tank, $units);
            } catch (OutOfRange) {
                $hours = null;
            }
            $actions = array_column(IncidentDesk::firstThree($kind, $own, $units), 'says');
            $lines[] = ['label' => $kind->label(), 'hours' => $hours, 'actions' => implode(' ', $actions)];
        }

        return [
            'name' => $system->name,
            'stays' => FirstThree::staysOn(EmergencyKind::PowerCut, $own)->in($units),
            'go' => is_string($tank) ? null : self::go($system, $tank, $units),
            'lines' => $lines,
        ];
    }
}
